<script lang="ts">
	import { en } from '$lib/core/language';
	import { comparison, type Decision, type Work } from '$lib/core/method';
	import { addressOf, addressText, board, type BoardCell } from '$lib/core/notation';
	import { isZero, sign } from '$lib/core/number';
	import type { Goal } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import { fitTable } from '../shared/fit-table';
	import { gradual } from '../shared/gradual.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import CellView from './CellView.svelte';
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
	const isLast = (i: number) => i === shown.across.length - 1;
	const showsRatios = $derived(notation.ratios === 'shown');
	/** the objective's own column, and the row that it belongs to */
	const goalColumn = $derived(shown.across.some(({ kind }) => kind === 'own'));
	const leading = $derived(shown.goals.find(({ goal }) => goal.kind === 'objective') ?? null);
	/** what the entries below an extended tableau are */
	const entriesText = $derived(notation.entries === 'z-plus' ? 'z − c' : 'c − z');
	const rows = gradual(() => shown.rows);

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

{#snippet number(address: string, cell: BoardCell)}{#if shown.covered.has(address)}<button
			class="cover"
			tabindex="-1"
			aria-label={en`covered number, shows it`}>?</button
		>{:else}<CellView {cell} />{/if}{/snippet}

{#snippet goals()}
	{#if shown.costs}<CostsRow
			name="z"
			{shown}
			cells={shown.costs.z}
			row={shown.costs.goal.kind}
			hasRatios={live && showsRatios}
		/>{/if}
	{#each shown.goals as { goal, name, cells, value, improving, own } (goal.kind)}
		<tr data-goal={goal.kind}>
			<th scope="row" class="basis"
				>{#if shown.costs?.goal === goal}<ColumnName {name} pointed={null} />: {entriesText}{:else if isNamed || !goalColumn}<ColumnName
						{name}
						pointed={null}
					/>{:else}<span class="only-heard">{name}</span>{/if}</th
			>
			{#each shown.across as place, i (place.column)}
				{@const address = addressText({ row: goal.kind, column: place.column })}
				{#if place.kind === 'own'}<td class="own" data-cell={address}
						><NumberView value={own} style={numbers} /></td
					>
				{:else if place.kind === 'rhs'}<td
						class="rhs"
						class:first={!isLast(i)}
						data-cell={address}
						class:read={isRead(goal)}>{@render number(address, value)}</td
					>
				{:else}
					{@const { index, aside, basic } = shown.columns[place.at]}
					<td
						data-cell={address}
						class:unit={basic}
						class:aside
						class:considered={index === lit}
						class:improving={!aside && improving[place.at] && !shown.covered.has(address)}
						class:multiplier={inverse.includes(index)}
						class:covered={covers(index)}>{@render number(address, cells[place.at])}</td
					>
				{/if}
			{/each}
			{#if live && showsRatios}<td class="ratio"></td>{/if}
		</tr>
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
		class:with-ratios={live && showsRatios}
		onclick={act}
		onkeydown={walkCells}
		onpointerover={live ? comeNear : undefined}
		onpointerleave={leave}
		onfocusin={live ? comeNear : undefined}
		onfocusout={({ relatedTarget }) => relatedTarget && leave()}
	>
		<caption class="only-heard">{en`Simplex tableau. Choose an entry to pivot on it.`}</caption>
		<thead>
			{#if shown.costs}<CostsRow
					name="c"
					{shown}
					cells={shown.costs.above}
					hasRatios={live && showsRatios}
				/>{/if}
			<TableauHead {t} {shown} {live} leading={leading?.name ?? ''} down={down?.column ?? null} {inverse} />
		</thead>
		<tbody>
			{#if shown.down[0] === 'goals'}{@render goals()}{/if}
			{#each rows.shown as row, i (t.form.columns[t.basis[i]].id)}
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
					{#each shown.across as place, p (place.column)}
						{@const address = addressText({ row: row.key, column: place.column })}
						{#if place.kind === 'own'}<td class="own" data-cell={address}>0</td>
						{:else if place.kind === 'rhs'}<td
								data-cell={address}
								class="rhs"
								class:first={!isLast(p)}
								class:negative={sign(row.rhs) < 0 && !shown.covered.has(address)}
								class:read={row.basic && selection.reading?.columns.includes(row.basic.id)}
								>{@render number(address, { plain: row.rhs, m: null })}</td
							>
						{:else}
							{@const { index, basic, aside, name } = shown.columns[place.at]}
							{@const value = row.entries[place.at]}
							{#if !live || basic || aside || t.barred.has(index)}
								<td
									data-cell={address}
									class:unit={basic}
									class:one-here={basic && !isZero(value) && !shown.covered.has(address)}
									class:one={!isNamed && basic && !isZero(value) && !shown.covered.has(address)}
									class:aside
									class:inverse={inverse.includes(index)}
									class:covered={covers(index)}
									class:considered={index === lit}>{@render number(address, { plain: value, m: null })}</td
								>
							{:else}
								{@const isCovered = shown.covered.has(address)}
								{@const isAlternative = live && session.alternatives.has(address) && !isCovered}
								<td
									data-cell={address}
									class:considered={index === lit}
									class:inverse={inverse.includes(index)}
									class:covered={covers(index)}
								>
									<button
										class="entry"
										class:advised={choice?.row === i && choice.entering === index}
										class:alternative={isAlternative}
										class:zero={isZero(value) && !isCovered}
										class:cover={isCovered}
										aria-label={isCovered ? en`covered entry of ${name}, shows it` : undefined}
										title={isCovered
											? en`Show this number`
											: (row.basic
													? en`Pivot: ${name} in, ${row.name} out`
													: en`Pivot: ${name} becomes basic in ${owner.name}`) +
												(choice?.row === i && choice.entering === index
													? en`, by the rule`
													: isAlternative
														? en`, allowed as well`
														: '')}
										tabindex={reached.row === i && reached.column === index ? 0 : -1}
										aria-disabled={isZero(value) && !isCovered}
									>
										{#if isCovered}?{:else}<NumberView
												{value}
												style={numbers}
											/>{/if}{#if choice?.row === i && choice.entering === index}<span class="only-heard"
												>{en`, the pivot of the rule`}</span
											>{:else if isAlternative}<span class="only-heard">{en`, allowed as well`}</span>{/if}
									</button>
								</td>
							{/if}
						{/if}
					{/each}
					{#if live && showsRatios}
						<td class="ratio" class:least={ratio?.least && !hides && shown.covered.size === 0}>
							{#if shown.covered.size > 0}<span class="none">?</span>{:else if ratio?.value}
								<NumberView value={ratio.value} style={numbers} />{#if ratio.least && !hides}<span class="tag"
										>{en`least`}</span
									>{/if}
							{:else if ratio}<span class="none">–</span>{:else if row.redundant}<span class="tag"
									>{en`says nothing new`}</span
								>{/if}
						</td>
					{/if}
				</tr>
			{/each}
		</tbody>
		<tfoot>
			{#if along && shown.covered.size === 0}
				<RowRatios {t} {shown} {along} />
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
