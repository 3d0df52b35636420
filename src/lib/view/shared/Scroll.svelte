<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** what it is called for screen readers: it can be scrolled by keys */
		label: string;
		/** whether it shows an older problem than the statement's */
		stale?: boolean;
		children: Snippet;
	}
	/** What fills a pane and scrolls where it is larger. */
	let { label, stale = false, children }: Props = $props();
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" class:stale tabindex="0" role="group" aria-label={label}>
	{@render children()}
</div>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-2);
	}
</style>
