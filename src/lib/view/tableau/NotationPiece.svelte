<script lang="ts">
	import { board, boardLines, type Notation } from '$lib/core/notation';
	import type { Tableau } from '$lib/core/tableau';
	import NumberView from '../shared/NumberView.svelte';
	import ContentView from './ContentView.svelte';

	/** A small piece of a tableau as a notation writes it: two rows, the objective rows, and a few columns. */
	let { t, notation }: { t: Tableau; notation: Notation } = $props();
	/** columns beside the right-hand side, and rows, that tell the choices apart */
	const COLUMNS = 3;
	const ROWS = 2;
	const shown = $derived(board(t, notation));
	const lines = $derived.by(() => {
		let rows = 0;
		return boardLines(shown, notation).filter(({ kind }) => kind !== 'row' || (rows += 1) <= ROWS);
	});
	/** the places that are kept: the right-hand side, the objective's own column, and slacks before others, since their names are chosen */
	const places = $derived.by(() => {
		const slacks = shown.across.filter(
			(place) => place.kind === 'entry' && shown.columns[place.at].column.kind !== 'structural'
		);
		const others = shown.across.filter((place) => place.kind === 'entry' && !slacks.includes(place));
		const kept = new Set([...others.slice(0, COLUMNS - 1), ...slacks.slice(0, 1)]);
		return [...shown.across.keys()].filter(
			(i) => shown.across[i].kind !== 'entry' || kept.has(shown.across[i])
		);
	});
</script>

{#if notation.layout === 'dictionary'}
	<span class="equation"
		>{shown.rows[0]?.name} = <NumberView value={shown.rows[0].rhs} style={notation.numbers} /> + …</span
	>
{:else}
	<table role="presentation">
		<tbody>
			{#each lines as line, i (i)}
				<tr class:goal={line.kind === 'goal'} class:head={line.kind === 'head'}>
					<td class="name"><ContentView content={line.name} /></td>
					{#each places as at (at)}<td><ContentView content={line.cells[at].content} /></td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{/if}

<style>
	table,
	.equation {
		font-size: 0.72rem;
		line-height: 1.2;
		font-variant-numeric: tabular-nums;
	}
	td {
		padding: 0 0.25rem;
		text-align: right;
		white-space: nowrap;
	}
	.name {
		text-align: left;
	}
	.head td {
		border-bottom: 1px solid var(--rule-strong);
		font-style: italic;
	}
	.goal td {
		font-weight: 600;
	}
</style>
