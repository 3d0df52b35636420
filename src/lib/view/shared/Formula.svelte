<script lang="ts">
	import type { SetFormula } from './formula';

	let { formula }: { formula: SetFormula } = $props();
</script>

<span
	class="formula"
	class:katex={formula.runs}
	role="img"
	aria-label={formula.says}
	{@attach (node) => node.replaceChildren(...formula.nodes)}
></span>

<style>
	/* KaTeX places things against this box; on one line there is nothing to place */
	.formula:global(.katex) {
		position: static;
	}
	/* an index as KaTeX sets it */
	.formula :global(sub) {
		font-size: 70%;
		line-height: 0;
		position: static;
		vertical-align: -0.214em;
	}
</style>
