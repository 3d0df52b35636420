<script lang="ts">
	import { showFormula, type SetFormula } from './formula';

	let { formula }: { formula: SetFormula } = $props();
	// a row that changes hands on its other formulas as they were: those are left alone
	const current = $derived(formula);

	function show(node: Element) {
		let shown: SetFormula | null = null;
		$effect(() => {
			showFormula(node, current, shown);
			shown = current;
		});
	}
</script>

<span class="formula" class:katex={current.runs} role="img" aria-label={current.says} {@attach show}></span>

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
