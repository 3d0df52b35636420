<script lang="ts">
	import type { BoardLine } from '$lib/core/notation';
	import ContentView from './ContentView.svelte';

	/** A line around an extended tableau: coefficients above the names, or the row z below. */
	let { line, hasRatios }: { line: BoardLine; hasRatios: boolean } = $props();
</script>

<tr class="costs">
	<th scope="row" class="basis"><ContentView content={line.name} /></th>
	{#each line.cells as { place, column, covered, content, unit }, i (column?.index ?? place)}
		<td class:rhs={place === 'rhs' && i === line.cells.length - 1} class:unit
			>{#if covered}?{:else}<ContentView {content} />{/if}</td
		>
	{/each}
	{#if hasRatios}<td class="ratio"></td>{/if}
</tr>
