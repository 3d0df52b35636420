<script lang="ts">
	import { sign } from '$lib/core/number/rational';
	import type { Tableau } from '$lib/core/tableau/tableau';
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Column } from '$lib/core/form/types';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import PivotEntry from './PivotEntry.svelte';
	import { shownRatios, shownTableau, type ShownTableau } from './model';

	let { desk, tableau }: { desk: Desk; tableau: Tableau } = $props();
	/** the column under the pointer or the keyboard's focus */
	let near = $state<number | null>(null);
	/** the entry that the tab key reaches */
	let home = $state({ row: 0, column: 0 });
	let table = $state<HTMLTableElement>();

	const memory: { last: ShownTableau | null } = { last: null };
	const shown = $derived((memory.last = shownTableau(tableau, memory.last)));
	const advised = $derived(desk.advice?.kind === 'pivot' ? desk.advice.choice : null);
	const considered = $derived.by(() => {
		const free = (index: number | null | undefined) =>
			index !== null && index !== undefined && tableau.nonbasic.includes(index) ? index : null;
		return free(near) ?? free(desk.considered) ?? free(advised?.entering);
	});
	const ratios = $derived(
		considered === null ? null : shownRatios(tableau, tableau.nonbasic.indexOf(considered))
	);
	/** a long name may break after its underscores */
	const breakable = (name: string) => name.replaceAll('_', '_\u200b');
	const identity = (column: Column) =>
		column.owner.kind === 'constraint' ? desk.identities.get(column.owner.name) : undefined;
	const tabRow = $derived(Math.min(home.row, shown.rows.length - 1));
	const tabColumn = $derived(Math.min(home.column, tableau.nonbasic.length - 1));
	const positions = $derived(shown.columns.filter((c) => c.position >= 0).map((c) => c.index));

	const MOVES: Record<string, [number, number]> = {
		ArrowUp: [-1, 0],
		ArrowDown: [1, 0],
		ArrowLeft: [0, -1],
		ArrowRight: [0, 1]
	};

	/** Arrow keys walk over the entries that could be a pivot. */
	function walk(event: KeyboardEvent) {
		const move = MOVES[event.key];
		if (!move) return;
		event.preventDefault();
		const row = Math.max(0, Math.min(shown.rows.length - 1, tabRow + move[0]));
		const column = Math.max(0, Math.min(positions.length - 1, tabColumn + move[1]));
		home = { row, column };
		table?.querySelector<HTMLElement>(`[data-entry="${row}:${positions[column]}"]`)?.focus();
	}
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" tabindex="0" role="group" aria-label="Simplex tableau, scrolls where it is large">
	<table
		bind:this={table}
		class:roomy={shown.columns.length <= 8 && shown.rows.length <= 4}
		class:dense={shown.columns.length > 11}
	>
		<caption class="only-heard">Simplex tableau. Choose an entry to pivot on it.</caption>
		<thead>
			<tr>
				<th scope="col" class="basis">basis</th>
				{#each shown.columns as { column, index, position, pointed } (column.id)}
					<th
						scope="col"
						class:lit={desk.isPointed(pointed)}
						class:entering={index === considered}
						data-column={column.name}
						onpointerenter={() => desk.point(pointed)}
						onpointerleave={() => desk.point(null)}
					>
						{#if position >= 0}
							<button
								class="head"
								aria-pressed={desk.considered === index}
								title="Show the ratios of this column"
								onclick={() => (desk.considered = desk.considered === index ? null : index)}
							>
								{#if identity(column)}<MarkGlyph identity={identity(column)!} />{/if}{breakable(column.name)}
							</button>
						{:else}
							{#if identity(column)}<MarkGlyph identity={identity(column)!} />{/if}{breakable(column.name)}
						{/if}
					</th>
				{/each}
				<th scope="col" class="rhs">rhs</th>
				<th scope="col" class="ratio">
					{#if considered !== null}ratio<span class="by">&nbsp;÷ {tableau.form.columns[considered].name}</span
						>{:else}ratio{/if}
				</th>
			</tr>
		</thead>
		<tbody>
			{#each shown.rows as row, i (row.basic.id)}
				<tr class:lit={desk.isPointed(row.pointed)}>
					<th
						scope="row"
						class="basis"
						onpointerenter={() => desk.point(row.pointed)}
						onpointerleave={() => desk.point(null)}
					>
						{#if identity(row.basic)}<MarkGlyph identity={identity(row.basic)!} />{/if}{row.basic.name}
					</th>
					{#each row.entries as value, j (shown.columns[j].column.id)}
						{@const column = shown.columns[j]}
						<td class:entering={column.index === considered} class:unit={column.position < 0}>
							{#if column.position >= 0}
								{@const pivotHere = advised?.row === i && advised.entering === column.index}
								<PivotEntry
									{value}
									style={desk.numbers}
									name={`${column.column.name} in, ${row.basic.name} out`}
									place={`${i}:${column.index}`}
									advised={pivotHere}
									reached={tabRow === i && positions[tabColumn] === column.index}
									onpivot={() => desk.pivotAt(i, column.position)}
									onkeydown={walk}
									onnear={(yes) => (near = yes ? column.index : null)}
									onfocus={() => (home = { row: i, column: positions.indexOf(column.index) })}
								/>
							{:else}
								<NumberView {value} style={desk.numbers} />
							{/if}
						</td>
					{/each}
					<td class="rhs" class:negative={sign(row.rhs) < 0}
						><NumberView value={row.rhs} style={desk.numbers} /></td
					>
					<td class="ratio" class:least={ratios?.[i]?.least}>
						{#if ratios?.[i]?.value}
							<NumberView value={ratios[i].value!} style={desk.numbers} />{#if ratios[i].least}<span
									class="tag">least</span
								>{/if}
						{:else if considered !== null}<span class="none">–</span>{/if}
					</td>
				</tr>
			{/each}
		</tbody>
		<tfoot>
			<tr>
				<th scope="row" class="basis">{shown.goalName}</th>
				{#each shown.columns as column (column.column.id)}
					<td class:entering={column.index === considered} class:improving={sign(column.cost) < 0}>
						<NumberView value={column.cost} style={desk.numbers} />
					</td>
				{/each}
				<td class="rhs"><NumberView value={shown.goalValue} style={desk.numbers} /></td>
				<td class="ratio"></td>
			</tr>
		</tfoot>
	</table>
</div>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3);
	}
	table {
		border-collapse: separate;
		border-spacing: 0;
		font-size: var(--size-figure);
		border-top: 2px solid var(--ink);
		border-bottom: 2px solid var(--ink);
		min-width: min(100%, 36rem);
	}
	.dense {
		font-size: 0.88rem;
	}
	.dense th,
	.dense td {
		padding-inline: 0.1rem;
		min-width: 1.9rem;
		height: 1.85rem;
	}
	.dense thead th {
		white-space: normal;
		font-size: 0.82rem;
		line-height: 1.1;
	}
	.dense :global(.entry) {
		padding-inline: 0.1rem;
		min-width: 1.7rem;
		min-height: 1.6rem;
	}
	.dense .basis {
		padding-right: 0.4rem;
	}
	.dense .rhs {
		padding-left: 0.3rem;
	}
	.dense .ratio {
		min-width: 4.6rem;
		padding-left: 0.4rem;
	}
	.dense .tag {
		margin-left: 0.15rem;
	}
	.roomy {
		font-size: 1.3rem;
	}
	.roomy th,
	.roomy td {
		height: 2.6rem;
		padding-inline: 0.6rem;
	}
	th,
	td {
		text-align: center;
		padding: 0.1rem 0.3rem;
		height: 2.05rem;
		white-space: nowrap;
		min-width: 2.6rem;
	}
	thead th {
		position: sticky;
		top: 0;
		background: var(--sheet);
		border-bottom: 1px solid var(--ink);
		font-weight: 600;
		z-index: 1;
	}
	tfoot th,
	tfoot td {
		border-top: 1px solid var(--ink);
		position: sticky;
		bottom: 0;
		background: var(--sheet);
		z-index: 1;
	}
	.basis {
		text-align: left;
		font-weight: 600;
		padding-right: 0.9rem;
		position: sticky;
		left: 0;
		background: var(--sheet);
		border-right: 1px solid var(--rule);
		z-index: 2;
	}
	thead .basis {
		font-weight: 400;
		font-style: italic;
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.rhs {
		border-left: 1px solid var(--rule-strong);
		font-weight: 600;
		padding-left: 0.8rem;
	}
	thead .rhs,
	thead .ratio {
		font-weight: 400;
		font-style: italic;
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.ratio {
		min-width: 7.2rem;
		color: var(--ink-soft);
		text-align: left;
		padding-left: 1rem;
	}
	.by {
		color: var(--now);
	}
	.least {
		color: var(--now);
		font-weight: 600;
	}
	.tag {
		font-size: var(--size-note);
		font-style: italic;
		margin-left: 0.4rem;
	}
	.none {
		opacity: 0.7;
	}
	td.unit {
		color: var(--ink-soft);
	}
	td.entering,
	th.entering {
		background: var(--now-wash);
	}
	td.improving {
		color: var(--now);
		font-weight: 600;
	}
	td.negative {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	tr.lit .basis,
	th.lit {
		background: var(--now-wash);
	}
	.head {
		font-weight: 600;
		cursor: pointer;
	}
	.head[aria-pressed='true'] {
		text-decoration: underline 2px var(--now);
		text-underline-offset: 3px;
	}
	th :global(.glyph) {
		margin-right: 0.3rem;
	}
</style>
