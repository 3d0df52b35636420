<script lang="ts">
	import { type Board, type BoardCell, isCovered } from '$lib/core/notation';
	import CellView from './CellView.svelte';

	/** A line around an extended tableau: coefficients above the names, or the row z below. */
	interface Props {
		name: string;
		shown: Board;
		cells: readonly BoardCell[];
		/** the objective row whose numbers it tells in another way: what is covered there is covered here */
		row?: string;
		hasRatios: boolean;
	}
	let { name, shown, cells, row = '', hasRatios }: Props = $props();
</script>

<tr class="costs">
	<th scope="row" class="basis">{name}</th>
	{#each shown.across as place, i (place.column)}
		{#if place.kind === 'entry'}
			<td class:unit={shown.columns[place.at].basic}
				>{#if isCovered(shown, row, place.column)}?{:else}<CellView cell={cells[place.at]} />{/if}</td
			>
		{:else}<td class:rhs={place.kind === 'rhs' && i === shown.across.length - 1}></td>{/if}
	{/each}
	{#if hasRatios}<td class="ratio"></td>{/if}
</tr>
