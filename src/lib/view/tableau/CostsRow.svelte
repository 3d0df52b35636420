<script lang="ts">
	import type { BoardLine } from '$lib/core/notation';
	import CellView from './CellView.svelte';

	/** A line around an extended tableau: coefficients above the names, or the row z below. */
	let { line, hasRatios }: { line: BoardLine; hasRatios: boolean } = $props();
</script>

<tr class="costs">
	<th scope="row" class="basis">{line.kind === 'z' ? 'z' : 'c'}</th>
	{#each line.cells as { place, column, covered, content, unit }, i (column?.index ?? place)}
		<td class:rhs={place === 'rhs' && i === line.cells.length - 1} class:unit
			>{#if covered}?{:else if content.kind === 'number'}<CellView cell={content.cell} />{/if}</td
		>
	{/each}
	{#if hasRatios}<td class="ratio"></td>{/if}
</tr>
