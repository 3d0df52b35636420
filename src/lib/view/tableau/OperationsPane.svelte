<script lang="ts">
	import { en } from '$lib/core/language';
	import { expressing, writtenOperation } from '$lib/core/commentary';
	import { choiceOf } from '$lib/core/move';
	import { columnName, rowKey } from '$lib/core/notation';
	import { isZero } from '$lib/core/number';
	import { rowOperations } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { fitTable } from '../shared/fit-table';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** What the last pivot did to each row: one operation at a time, entry by entry, changed entries marked. */
	const { document: lesson, selection, session } = useDesk();
	const style = $derived(lesson.notation.numbers);
	let at = $state({ node: -1, step: 0 });

	const pivoted = $derived.by(() => {
		const [before, now] = session.stops.slice(-2);
		const move = now?.node.move;
		const [old, fresh] = [before?.position.work?.tableau, now?.position.work?.tableau];
		if (move?.kind !== 'pivot' || !old || !fresh) return null;
		const choice = choiceOf(old, move);
		return choice && { old, fresh, choice, operations: rowOperations(old, fresh, choice.row, choice.slot) };
	});
	const count = $derived(pivoted?.operations.length ?? 0);
	const show = (step: number) => (at = { node: session.standing, step });

	const written = $derived(
		pivoted?.operations.map((own) =>
			writtenOperation(own, pivoted.operations, lesson.notation, session.problem!.objective)
		) ?? []
	);
	/** a dictionary has no row operations: a variable is expressed and put in */
	const equations = $derived(
		pivoted && lesson.notation.layout === 'dictionary'
			? expressing(pivoted.old, pivoted.fresh, pivoted.choice, lesson.notation)
			: null
	);
	const shownColumns = $derived(
		pivoted ? pivoted.old.form.columns.flatMap(({ kind }, j) => (kind === 'vacant' ? [] : [j])) : []
	);
	const last = $derived(pivoted ? pivoted.old.form.columns.length : 0);
	/** places among the form's columns that are shown, the right-hand side last */
	const places = $derived([...shownColumns, last]);
	/** the entry of the tableau that is pointed at: which operation made it, and at which place */
	const asked = $derived.by(() => {
		const { cell } = selection;
		if (!cell || !pivoted) return null;
		const rowOf = ({ place }: (typeof pivoted.operations)[number]) =>
			'row' in place ? rowKey(pivoted.old, place.row) : place.goal.kind;
		const step = pivoted.operations.findIndex((own) => rowOf(own) === cell.row);
		const column = pivoted.old.form.columns.findIndex(({ id }) => id === cell.column);
		return { step, place: places.indexOf(column < 0 ? last : column) };
	});
	const chosen = $derived(at.node === session.standing ? Math.min(at.step, count - 1) : 0);
	const index = $derived(asked && asked.step >= 0 ? asked.step : chosen);
	const now = $derived(written[index] ?? null);
	const isChanged = (line: number, k: number) =>
		now !== null &&
		line === now.lines.length - 1 &&
		!now.lines[line].cells[places[k]].equals(now.lines[0].cells[places[k]]);
	const headings = $derived(
		pivoted
			? [...shownColumns.map((j) => columnName(lesson.notation, pivoted.old.form.columns[j])), en`rhs`]
			: []
	);
	/** how an entry of the result came about */
	const says = (k: number) => now?.says(places[k]) ?? '';
	let pointed = $state<number | null>(null);
	const explained = $derived(asked && asked.step >= 0 && asked.place >= 0 ? asked.place : pointed);
</script>

<Pane pane="operations" name={equations ? en`Expressed and put in` : en`Row operations`}>
	{#snippet tools()}
		{#if now && !equations && !session.covering.isOn}
			<button
				class="btn tool"
				aria-label={en`Row operation before`}
				disabled={index === 0}
				onclick={() => show(index - 1)}>‹</button
			>
			<span class="count">{en`${index + 1} of ${count}`}</span>
			<button
				class="btn tool"
				aria-label={en`Row operation after`}
				disabled={index === count - 1}
				onclick={() => show(index + 1)}>›</button
			>
		{/if}
	{/snippet}
	{#if pivoted && session.covering.isOn}
		<p class="nothing">{en`The row operations appear once no number of the tableau is covered.`}</p>
	{:else if equations}
		<Scroll label={en`How the equations become the next ones`}>
			<ol class="equations">
				{#each equations as { row, says: sentence } (row)}
					<li class:pointed={selection.cell?.row === row}><Words {sentence} /></li>
				{/each}
			</ol>
		</Scroll>
	{:else if pivoted && now}
		<Scroll label={en`Row operations of the pivot`}>
			<p class="list">
				{#each written as own, i (i)}
					<button class="btn step" aria-current={i === index ? 'step' : undefined} onclick={() => show(i)}
						><Words sentence={own.formula} linked={false} />{own.part ? `: ${own.part}` : ''}</button
					>
				{/each}
			</p>
			<div class="fit" {@attach fitTable({ most: 1.15, byHeight: null })}>
				<table>
					<thead>
						<tr>
							<td></td>
							{#each headings as heading, k (k)}<th scope="col">{heading}</th>{/each}
						</tr>
					</thead>
					<tbody>
						{#each now.lines as line, i (i)}
							<tr class:result={i === now.lines.length - 1}>
								<th scope="row">{line.name}</th>
								{#each places as place, k (k)}
									{@const value = line.cells[place]}
									<td
										class:changed={isChanged(i, k)}
										class:zero={isZero(value)}
										class:pointed={explained === k}
										title={says(k)}
										onpointerenter={() => (pointed = k)}
										onpointerleave={() => (pointed = null)}><NumberView {value} {style} /></td
									>
								{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			<p class="how" aria-live="polite">
				{#if asked && asked.step < 0}{en`This row stays as it is: its entry in the pivot’s column was 0.`}{:else if explained !== null}{headings[
						explained
					]}: {says(
						explained
					)}{:else}{en`Point at a column, or at an entry of the tableau, to see how it came about.`}{/if}
			</p>
		</Scroll>
	{:else}
		<p class="nothing">
			{en`After a pivot ${
				lesson.notation.layout === 'dictionary'
					? en`this shows how each equation became the next one`
					: en`its row operations appear here, one at a time`
			}.`}
		</p>
	{/if}
</Pane>

<style>
	.equations {
		display: grid;
		gap: 0.4rem;
		margin: 0;
		padding: 0 0 0 1.4rem;
	}
	.list {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		margin: 0 0 var(--gap-2);
	}
	.step {
		padding: 0.1rem 0.5rem;
		border: 1px solid var(--rule);
		/* a long one takes several lines, and is not cut off */
		height: auto;
		white-space: normal;
		text-align: left;
	}
	.step[aria-current] {
		border-color: var(--now);
		background: var(--now-wash);
		font-weight: 600;
	}
	table {
		font-size: var(--size, 1rem);
	}
	th,
	td {
		padding: 0.15em 0.45em;
		text-align: right;
		white-space: nowrap;
	}
	thead th {
		font-weight: 600;
		border-bottom: 1px solid var(--ink);
	}
	tbody th {
		text-align: left;
		font-weight: 400;
		font-style: italic;
		color: var(--ink-soft);
	}
	.result > * {
		border-top: 1px solid var(--ink);
	}
	.changed {
		font-weight: 700;
		color: var(--now);
	}
	.zero {
		color: var(--ink-soft);
	}
	.pointed {
		background: var(--now-wash);
	}
	.count,
	.how {
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
</style>
