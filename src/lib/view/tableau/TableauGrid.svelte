<script lang="ts">
	import { en } from '$lib/core/language';
	import { comparison, type Decision, type Work } from '$lib/core/method';
	import {
		addressOf,
		addressText,
		board,
		boardLines,
		type BoardRow,
		type LineCell
	} from '$lib/core/notation';
	import { sign } from '$lib/core/number';
	import type { Goal } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import { fitTable } from '../shared/fit-table';
	import { gradual } from '../shared/gradual.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import CellView from './CellView.svelte';
	import ContentView from './ContentView.svelte';
	import ColumnName from './ColumnName.svelte';
	import CostsRow from './CostsRow.svelte';
	import RowRatios from './RowRatios.svelte';
	import TableauHead from './TableauHead.svelte';
	import { walkCells } from './walk-cells';
	import './tableau.css';

	interface Props {
		work: Work;
		/** what the method would do here; null for a tableau that is only looked at */
		decision: Decision | null;
		/** whether the class shall not see yet what comes next */
		hides?: boolean;
	}
	let { work, decision, hides = false }: Props = $props();
	const { document, preferences, reveal, selection, session } = useDesk();
	const t = $derived(work.tableau);
	const numbers = $derived(document.notation.numbers);
	const live = $derived(decision !== null);
	/** only the tableau where we stand has covered numbers */
	const shown = $derived(board(t, document.notation, live ? session.covering.covered : undefined));
	const notation = $derived(document.notation);
	const isNamed = $derived(notation.basis === 'named');
	const hasRatios = $derived(live && notation.ratios === 'shown');
	/** whether the objective has a column of its own */
	const goalColumn = $derived(shown.across.some(({ kind }) => kind === 'own'));
	/** what the entries below an extended tableau are */
	const entriesText = $derived(notation.entries === 'z-plus' ? 'z − c' : 'c − z');
	const lines = $derived(boardLines(shown, notation));
	const headLines = $derived(lines.filter(({ kind }) => kind === 'costs' || kind === 'head'));
	const rowLines = $derived(lines.filter(({ kind }) => kind === 'row'));
	const goalLines = $derived(lines.filter(({ kind }) => kind === 'goal' || kind === 'z'));
	const rows = gradual(() => rowLines);
	const isLast = (i: number) => i === shown.across.length - 1;

	/** whether a number is seen and is that one */
	const says = ({ covered, content }: LineCell, value: number) =>
		!covered && content.kind === 'number' && content.cell.plain.equals(value);

	/** the column under the pointer or the keyboard's focus */
	let near = $state<number | null>(null);
	/** the entry that the tab key reaches: places among rows and open columns */
	let home = $state({ row: 0, place: 0 });
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
	const open = $derived(shown.columns.filter((column) => column.open));
	const reached = $derived({
		row: Math.min(home.row, shown.rows.length - 1),
		column: open[Math.min(home.place, open.length - 1)]?.index
	});
	/** the columns of the first basis: under them stands the inverse of the present one */
	const inverse = $derived(reveal.showsInverse ? t.form.rows.map(({ start }) => start) : []);
	const isRead = (goal: Goal) => goal.kind === 'objective' && selection.reading?.value === true;
	/** whether a column is covered up while the basic solution is read */
	const covers = (index: number) => selection.reading !== null && !t.basis.includes(index);

	const addressAt = ({ target }: Event): string | undefined =>
		(target as Element).closest<HTMLElement>('[data-cell]')?.dataset.cell;

	/** Kernel row and column of the entry that an event happened on. */
	function entryOf(event: Event): { row: number; column: number } | null {
		const text = (event.target as Element).closest('.entry') ? addressAt(event) : undefined;
		if (text === undefined) return null;
		const address = addressOf(text);
		return {
			row: shown.rows.findIndex(({ key }) => key === address.row),
			column: t.form.columns.findIndex(({ id }) => id === address.column)
		};
	}

	/** A covered number is shown; an entry that is seen is the pivot. */
	function act(event: Event) {
		const address = addressAt(event);
		if (address !== undefined && shown.covered.has(address)) {
			session.covering.show(address);
			return;
		}
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
		const cell = addressAt(event);
		selection.pointCell(cell ? addressOf(cell) : null);
		const isCovered = cell !== undefined && shown.covered.has(cell);
		session.propose(place && !isCovered ? session.pivotByHand(place.column, t.basis[place.row]) : null);
		if (place && event.type === 'focusin')
			home = { row: place.row, place: open.findIndex(({ index }) => index === place.column) };
	}

	function leave() {
		near = null;
		selection.pointColumn(null);
		selection.pointCell(null);
		session.propose(null);
	}
</script>

{#snippet number({ covered, content }: LineCell)}{#if covered}<button
			class="cover"
			tabindex="-1"
			aria-label={en`covered number, shows it`}>?</button
		>{:else}<ContentView {content} />{/if}{/snippet}

{#snippet entry(cell: LineCell, row: BoardRow, i: number)}
	{@const { index, name } = cell.column!}
	{@const isAdvised = choice?.row === i && choice.entering === index}
	{@const isAlternative = !cell.covered && session.alternatives.has(addressText(cell.address!))}
	{@const isZero = says(cell, 0)}
	<button
		class="entry"
		class:advised={isAdvised}
		class:alternative={isAlternative}
		class:zero={isZero}
		class:cover={cell.covered}
		aria-label={cell.covered ? en`covered entry of ${name}, shows it` : undefined}
		title={cell.covered
			? en`Show this number`
			: (row.basic
					? en`Pivot: ${name} in, ${row.name} out`
					: en`Pivot: ${name} becomes basic in ${t.form.rows[i].owner.name}`) +
				(isAdvised ? en`, by the rule` : isAlternative ? en`, allowed as well` : '')}
		tabindex={reached.row === i && reached.column === index ? 0 : -1}
		aria-disabled={isZero}
	>
		{#if cell.covered}?{:else}<ContentView content={cell.content} />{/if}{#if isAdvised}<span
				class="only-heard">{en`, the pivot of the rule`}</span
			>{:else if isAlternative}<span class="only-heard">{en`, allowed as well`}</span>{/if}
	</button>
{/snippet}

{#snippet goals()}
	{#each goalLines as line (line.kind + line.key)}
		{#if line.kind === 'z'}<CostsRow {line} {hasRatios} />{:else if line.goal}
			{@const { goal, name } = line.goal}
			<tr data-goal={line.key}>
				<th scope="row" class="basis"
					>{#if shown.costs?.goal === goal}<ColumnName {name} pointed={null} />: {entriesText}{:else if isNamed || !goalColumn}<ColumnName
							{name}
							pointed={null}
						/>{:else}<span class="only-heard">{name}</span>{/if}</th
				>
				{#each line.cells as cell, i (cell.column?.index ?? cell.place)}
					{@const { place, column } = cell}
					<td
						class={column ? '' : place}
						class:first={place === 'rhs' && !isLast(i)}
						class:read={place === 'rhs' && isRead(goal)}
						class:unit={cell.unit}
						class:aside={column?.aside}
						class:considered={column && column.index === lit}
						class:improving={cell.improving && !column?.aside && !cell.covered}
						class:multiplier={column && inverse.includes(column.index)}
						class:covered={column && covers(column.index)}
						data-cell={addressText(cell.address!)}>{@render number(cell)}</td
					>
				{/each}
				{#if hasRatios}<td class="ratio"></td>{/if}
			</tr>
		{/if}
	{/each}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="simplex"
	tabindex="0"
	role="group"
	aria-label={en`Simplex tableau, scrolls where it is large`}
	{@attach fitTable({ isWhole: () => preferences.wholeColumns })}
>
	<!-- the buttons in the cells are what one acts on; the table hears it for all of them -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<table
		class:boxed={notation.mark === 'boxed'}
		class:bold={notation.mark === 'bold'}
		class:folded={!unfolded}
		class:with-ratios={hasRatios}
		onclick={act}
		onkeydown={walkCells}
		onpointerover={live ? comeNear : undefined}
		onpointerleave={leave}
		onfocusin={live ? comeNear : undefined}
		onfocusout={({ relatedTarget }) => relatedTarget && leave()}
	>
		<caption class="only-heard">{en`Simplex tableau. Choose an entry to pivot on it.`}</caption>
		<thead>
			{#each headLines as line (line.kind)}
				{#if line.kind === 'costs'}<CostsRow {line} {hasRatios} />
				{:else}<TableauHead {t} {line} {live} down={down?.column ?? null} {inverse} />{/if}
			{/each}
		</thead>
		<tbody>
			{#if shown.down[0] === 'goals'}{@render goals()}{/if}
			{#each rows.shown as line, i (t.form.columns[t.basis[i]].id)}
				{@const row = line.row!}
				{@const owner = row.basic?.owner ?? t.form.rows[i].owner}
				{@const pointed = pointedOf(owner)}
				{@const ratio = down?.ratios[i]}
				<tr
					class:lit={selection.isPointed(pointed)}
					class:redundant={row.redundant}
					class:leaving={along?.row === i && shown.covered.size === 0}
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
								title={en`Row ${owner.name} has no basic variable yet`}
								><ColumnName name={`(${owner.name})`} {pointed} /></span
							>{/if}
					</th>
					{#each line.cells as cell, p (cell.column?.index ?? cell.place)}
						{@const { place, column } = cell}
						{@const isOne = cell.unit && !cell.covered && !says(cell, 0)}
						<td
							class={column ? '' : place}
							class:first={place === 'rhs' && !isLast(p)}
							class:negative={place === 'rhs' && sign(row.rhs) < 0 && !cell.covered}
							class:read={place === 'rhs' && row.basic && selection.reading?.columns.includes(row.basic.id)}
							class:unit={cell.unit}
							class:one-here={isOne}
							class:one={isOne && !isNamed}
							class:aside={column?.aside}
							class:inverse={column && inverse.includes(column.index)}
							class:covered={column && covers(column.index)}
							class:considered={column && column.index === lit}
							data-cell={addressText(cell.address!)}
							>{#if live && column?.open}{@render entry(cell, row, i)}{:else}{@render number(cell)}{/if}</td
						>
					{/each}
					{#if hasRatios}
						<td class="ratio" class:least={ratio?.least && !hides && shown.covered.size === 0}>
							{#if shown.covered.size > 0}<span class="none">?</span>{:else if ratio?.value}
								<NumberView value={ratio.value} style={numbers} />{#if ratio.least && !hides}<span class="tag"
										>{en`least`}</span
									>{/if}
							{:else if ratio}<span class="none">–</span>{:else if row.redundant}<span class="tag"
									>{en`redundant`}</span
								>{/if}
						</td>
					{/if}
				</tr>
			{/each}
		</tbody>
		<tfoot>
			{#if along && shown.covered.size === 0}
				<RowRatios {t} line={rowLines[along.row]} {along} />
			{/if}
			{#if shown.down[0] === 'rows'}{@render goals()}{/if}
		</tfoot>
	</table>
	{#if asides}<p class="common">
			<button class="btn tool" aria-pressed={unfolded} onclick={() => (unfolded = !unfolded)}
				>{en`${unfolded ? en`Fold` : en`Show`} ${asides === 1 ? en`the column` : en`${asides} columns`} set aside`}</button
			>
		</p>{/if}
	{#if shown.common}<p class="common">
			{en`Rows and objective rows are to be divided by`}
			<NumberView value={shown.common} style={numbers} />.
		</p>{/if}
	{#if reveal.showsInverse && live}<p class="common">
			{en`Framed: the columns of the first basis hold B⁻¹; below them in the objective row stand the dual values.`}
		</p>{/if}
</div>
