<script lang="ts">
	import { typeset } from './typeset.svelte';

	interface Props {
		/** KaTeX source: ours, made from parsed names and numbers; KaTeX trusts nothing in it */
		tex: string;
		/** the same in plain text, for screen readers */
		says: string;
	}
	let { tex, says }: Props = $props();

	const show = (node: HTMLElement) => {
		$effect(() => {
			typeset(node, tex, says);
		});
	};
</script>

<span role="img" aria-label={says} {@attach show}></span>
