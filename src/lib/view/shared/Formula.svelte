<script lang="ts">
	import katex from 'katex';

	/** KaTeX source, typeset. The source is ours, made from parsed names and numbers, and KaTeX trusts nothing in it. */
	let { tex }: { tex: string } = $props();

	function typeset(source: string) {
		return (node: HTMLElement) => {
			katex.render(source, node, {
				throwOnError: false,
				trust: false,
				strict: 'ignore',
				output: 'htmlAndMathml'
			});
		};
	}
</script>

<span {@attach typeset(tex)}></span>
