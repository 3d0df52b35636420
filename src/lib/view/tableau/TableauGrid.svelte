<script lang="ts">
	import { comparison } from '$lib/core/method/comparison';
	import type { Decision, Work } from '$lib/core/method/types';
	import { board, type BoardCell } from '$lib/core/notation/board';
	import { isZero, sign, type Rational } from '$lib/core/number/rational';
	import type { Goal } from '$lib/core/tableau/goal';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import { gradual } from '../shared/gradual.svelte';
	import { STEPS } from '../shared/arrow-steps';
	import NumberView from '../shared/NumberView.svelte';
	import CellView from './CellView.svelte';
	import ColumnName from './ColumnName.svelte';
	import TableauHead from './TableauHead.svelte';
	import './tableau.css';

	interface Props {
		work: Work;
		/** what the method would do here; null for a tableau that is only looked at */
		decision: Decision | null;
		/** whether the class shall not see yet what comes next */
		hides?: boolean;
	}
	let { work, decision, hides = false }: Props = $props();
	const { document, reveal, selection, session } = useDesk();
	const t = $derived(work.tableau);
	const numbers = $derived(document.notation.numbers);
	const shown = $derived(board(t, document.notation));
	const live = $derived(decision !== null);
	const notation = $derived(document.notation);
	const [isNamed, rhsFirst] = $derived([notation.basis === 'named', notation.rhs === 'first']);
	const above = $derived(notation.goalPlace === 'above');
	const showsRatios = $derived(notation.ratios === 'shown');
	/** the objective's own column, and the row that it belongs to */
	const goalColumn = $derived(notation.goalColumn === 'shown' && notation.layout !== 'dictionary');
	const leading = $derived(shown.goals.find(({ goal }) => goal.kind === 'objective') ?? null);
	/** what the entries below an extended tableau are */
	const entriesText = $derived(notation.entries === 'z-plus' ? 'z − c' : 'c − z');
	const rows = gradual(() => shown.rows);

	/** the column under the pointer or the keyboard's focus */
	let near = $state<number | null>(null);
	/** the entry that the tab key reaches: places among rows and open columns */
	let home = $state({ row: 0, place: 0 });
	let grid = $state<HTMLTableElement>();
	/** columns that are set aside, such as artificial ones after phase one, and whether they are shown */
	const asides = $derived(shown.columns.filter(({ aside }) => aside).length);
	let unfolded = $state(false);

	const choice = $derived(!hides && decision?.kind === 'pivot' ? decision.choice : null);
	const considered = $derived.by(() => {
		const asked = t.form.columns.findIndex(({ id }) => id === selection.considered);
		return [near, asked].find((index) => index !== null && t.nonbasic.includes(index)) ?? null;
	});
	const compared = $derived(
		decision && !(hides && considered === null) ? comparison(work, decision, considered) : null
	);
	const down = $derived(compared?.along === 'column' ? compared : null);
	const along = $derived(compared?.along === 'row' ? compared : null);
	const lit = $derived(down?.column ?? null);
	const open = $derived(
		shown.columns.filter(({ basic, aside, index }) => !basic && !aside && !t.barred.has(index))
	);
	const reached = $derived({
		row: Math.min(home.row, shown.rows.length - 1),
		column: open[Math.min(home.place, open.length - 1)]?.index
	});
	/** the columns of the first basis: under them stands the inverse of the present one */
	const inverse = $derived(reveal.showsInverse ? t.form.rows.map(({ start }) => start) : []);
	const isRead = (goal: Goal) => goal.kind === 'objective' && selection.reading?.value === true;
	/** whether a column is covered up while the basic solution is read */
	const covers = (index: number) => selection.reading !== null && !t.basis.includes(index);

	/** Row and column of the entry that an event happened on. */
	function entryOf({ target }: Event): { row: number; column: number } | null {
		const place = (target as Element).closest<HTMLElement>('[data-entry]')?.dataset.entry;
		if (!place) return null;
		const [row, column] = place.split(':').map(Number);
		return { row, column };
	}

	function pivotThere(event: Event) {
		const place = entryOf(event);
		const move = place && session.pivotByHand(place.column, t.basis[place.row]);
		if (move) session.take(move);
	}

	/** What a pivot at an entry would do is looked at while it is pointed at. */
	function comeNear(event: Event) {
		const place = entryOf(event);
		const head = (event.target as Element).closest<HTMLElement>('[data-head]')?.dataset.head;
		near = place?.column ?? (head === undefined ? null : Number(head));
		selection.pointColumn(near === null ? null : t.form.columns[near].id);
		const cell = (event.target as Element).closest<HTMLElement>('[data-cell]')?.dataset.cell?.split(':');
		selection.pointEntry(cell ? { row: cell[0], column: Number(cell[1]) } : null);
		session.propose(place && session.pivotByHand(place.column, t.basis[place.row]));
		if (place && event.type === 'focusin')
			home = { row: place.row, place: open.findIndex(({ index }) => index === place.column) };
	}

	function leave() {
		near = null;
		selection.pointColumn(null);
		selection.pointEntry(null);
		session.propose(null);
	}

	/** Arrow keys walk over the entries that could be a pivot. */
	function walk(event: KeyboardEvent) {
		const step = STEPS[event.key];
		const from = entryOf(event);
		if (!step || !from) return;
		event.preventDefault();
		const within = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));
		const row = within(from.row + step[0], shown.rows.length);
		const place = open.findIndex(({ index }) => index === from.column);
		const column = open[within(place + step[1], open.length)].index;
		grid?.querySelector<HTMLElement>(`[data-entry="${row}:${column}"]`)?.focus();
	}
</script>

{#snippet amount(value: Rational, id: string | undefined, i: number)}
	<td
		data-cell={`${i}:-1`}
		class="rhs"
		class:first={rhsFirst}
		class:negative={sign(value) < 0}
		class:read={id !== undefined && selection.reading?.columns.includes(id)}
		><NumberView {value} style={numbers} /></td
	>
{/snippet}

{#snippet surroundings(what: string, cells: readonly BoardCell[])}
	<tr class="costs">
		<th scope="row" class="basis">{what}</th>
		{#if goalColumn}<td></td>{/if}
		{#if rhsFirst}<td></td>{/if}
		{#each shown.columns as { column }, k (column.id)}<td><CellView cell={cells[k]} /></td>{/each}
		{#if !rhsFirst}<td class="rhs"></td>{/if}
		{#if live && showsRatios}<td class="ratio"></td>{/if}
	</tr>
{/snippet}

{#snippet goals()}
	{#if shown.costs}{@render surroundings('z', shown.costs.z)}{/if}
	{#each shown.goals as { goal, name, cells, value, improving, own } (goal.kind)}
		<tr data-goal={goal.kind}>
			<th scope="row" class="basis"
				>{#if shown.costs?.goal === goal}<ColumnName {name} pointed={null} />: {entriesText}{:else if isNamed || !goalColumn}<ColumnName
						{name}
						pointed={null}
					/>{:else}<span class="only-heard">{name}</span>{/if}</th
			>
			{#if goalColumn}<td class="own"><NumberView value={own} style={numbers} /></td>{/if}
			{#if rhsFirst}<td class="rhs first" data-cell={`${goal.kind}:-1`} class:read={isRead(goal)}
					><CellView cell={value} /></td
				>{/if}
			{#each shown.columns as { column, index, aside }, k (column.id)}
				<td
					data-cell={`${goal.kind}:${index}`}
					class:aside
					class:considered={index === lit}
					class:improving={!aside && improving[k]}
					class:multiplier={inverse.includes(index)}
					class:covered={covers(index)}><CellView cell={cells[k]} /></td
				>
			{/each}
			{#if !rhsFirst}<td class="rhs" data-cell={`${goal.kind}:-1`} class:read={isRead(goal)}
					><CellView cell={value} /></td
				>{/if}
			{#if live && showsRatios}<td class="ratio"></td>{/if}
		</tr>
	{/each}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="simplex" tabindex="0" role="group" aria-label="Simplex tableau, scrolls where it is large">
	<!-- the buttons in the cells are what one acts on; the table hears it for all of them -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<table
		bind:this={grid}
		class:boxed={notation.mark === 'boxed'}
		class:bold={notation.mark === 'bold'}
		class:roomy={shown.columns.length <= 8 && shown.rows.length <= 4}
		class:dense={shown.columns.length - (unfolded ? 0 : asides) > 11}
		class:folded={!unfolded}
		class:with-ratios={live && showsRatios}
		onclick={pivotThere}
		onkeydown={walk}
		onpointerover={live ? comeNear : undefined}
		onpointerleave={leave}
		onfocusin={live ? comeNear : undefined}
		onfocusout={({ relatedTarget }) => relatedTarget && leave()}
	>
		<caption class="only-heard">Simplex tableau. Choose an entry to pivot on it.</caption>
		<thead>
			{#if shown.costs}{@render surroundings('c', shown.costs.above)}{/if}
			<TableauHead
				{t}
				{shown}
				{live}
				{goalColumn}
				leading={leading?.name ?? ''}
				down={down?.column ?? null}
				{inverse}
			/>
		</thead>
		<tbody>
			{#if above}{@render goals()}{/if}
			{#each rows.shown as row, i (t.form.columns[t.basis[i]].id)}
				{@const owner = row.basic?.owner ?? t.form.rows[i].owner}
				{@const pointed = pointedOf(owner)}
				{@const ratio = down?.ratios[i]}
				<tr
					class:lit={selection.isPointed(pointed)}
					class:redundant={row.redundant}
					class:leaving={along?.row === i}
				>
					<th
						scope="row"
						class="basis"
						class:artificial={row.basic?.kind === 'artificial'}
						onpointerenter={() => selection.point(pointed)}
						onpointerleave={() => selection.point(null)}
					>
						{#if shown.costs}<span class="cost"><CellView cell={shown.costs.beside[i]} /></span>{/if}
						{#if row.basic && !isNamed}<span class="only-heard">{row.name}</span
							>{:else if row.basic}<ColumnName name={row.name} {pointed} />{:else}<span
								class="vacant"
								title={`Row ${owner.name} has no basic variable yet`}
								><ColumnName name={`(${owner.name})`} {pointed} /></span
							>{/if}
					</th>
					{#if goalColumn}<td class="own">0</td>{/if}
					{#if rhsFirst}{@render amount(row.rhs, row.basic?.id, i)}{/if}
					{#each shown.columns as { column, index, basic, aside, name }, k (column.id)}
						{@const value = row.entries[k]}
						{#if !live || basic || aside || t.barred.has(index)}
							<td
								data-cell={`${i}:${index}`}
								class:unit={basic}
								class:one={!isNamed && basic && !isZero(value)}
								class:aside
								class:inverse={inverse.includes(index)}
								class:covered={covers(index)}
								class:considered={index === lit}><NumberView {value} style={numbers} /></td
							>
						{:else}
							<td
								data-cell={`${i}:${index}`}
								class:considered={index === lit}
								class:inverse={inverse.includes(index)}
								class:covered={covers(index)}
							>
								<button
									class="entry"
									class:advised={choice?.row === i && choice.entering === index}
									class:zero={isZero(value)}
									data-entry={`${i}:${index}`}
									title={row.basic
										? `Pivot: ${name} in, ${row.name} out`
										: `Pivot: ${name} becomes basic in ${owner.name}`}
									tabindex={reached.row === i && reached.column === index ? 0 : -1}
									aria-disabled={isZero(value)}
								>
									<NumberView {value} style={numbers} />
								</button>
							</td>
						{/if}
					{/each}
					{#if !rhsFirst}{@render amount(row.rhs, row.basic?.id, i)}{/if}
					{#if live && showsRatios}
						<td class="ratio" class:least={ratio?.least && !hides}>
							{#if ratio?.value}
								<NumberView value={ratio.value} style={numbers} />{#if ratio.least && !hides}<span class="tag"
										>least</span
									>{/if}
							{:else if ratio}<span class="none">–</span>{:else if row.redundant}<span class="tag"
									>says nothing new</span
								>{/if}
						</td>
					{/if}
				</tr>
			{/each}
		</tbody>
		<tfoot>
			{#if along}
				<tr class="row-ratios">
					<th scope="row" class="basis">ratio</th>
					{#if goalColumn}<td class="own"></td>{/if}
					{#if rhsFirst}<td class="rhs first"></td>{/if}
					{#each shown.columns as { column, index } (column.id)}
						{@const place = t.nonbasic.indexOf(index)}
						{@const ratio = place < 0 ? null : along.ratios[place]}
						<td class:least={ratio?.least}>
							{#if ratio?.value}<NumberView value={ratio.value} style={numbers} />{:else}<span class="none"
									>–</span
								>{/if}
						</td>
					{/each}
					{#if !rhsFirst}<td class="rhs"></td>{/if}
					<td class="ratio"><span class="tag">along row {shown.rows[along.row].name}</span></td>
				</tr>
			{/if}
			{#if !above}{@render goals()}{/if}
		</tfoot>
	</table>
	{#if asides}<p class="common">
			<button class="btn tool" aria-pressed={unfolded} onclick={() => (unfolded = !unfolded)}
				>{unfolded ? 'Fold' : 'Show'} {asides === 1 ? 'the column' : `${asides} columns`} set aside</button
			>
		</p>{/if}
	{#if shown.common}<p class="common">
			Rows and objective rows are to be divided by <NumberView value={shown.common} style={numbers} />.
		</p>{/if}
	{#if reveal.showsInverse && live}<p class="common">
			Framed: the columns of the first basis hold B⁻¹; below them in the objective row stand the dual values.
		</p>{/if}
</div>
