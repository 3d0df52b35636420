<script lang="ts">
	import { en } from '$lib/core/language';
	import { cornerCsv, cornerLatex, workedOut } from '$lib/core/formats';
	import { basicColumns } from '$lib/core/form';
	import { type CornerRow, cornerTable, planAt } from '$lib/core/geometry';
	import { showNumber } from '$lib/core/number';
	import { titleOf } from '$lib/core/lesson';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { slackForm } from '$lib/desk/worked-out';
	import { gradual } from '../shared/gradual.svelte';
	import { download, fileName } from '../shared/download';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';

	/** Corners with the lines that meet there and the objective worked out; values come one by one or all, and the best is marked then. */
	const { document: lesson, figure, reveal, selection, session } = useDesk();
	const construction = useConstruction();
	let outside = $state(false);
	const problem = $derived(construction.problem);
	const table = $derived(problem ? cornerTable(problem, { outside }) : { rows: [], complete: true });
	const rows = $derived(table.rows);
	const form = $derived(problem && outside ? slackForm(problem) : null);
	/** between the names, so that copied and spoken text has it too */
	const BETWEEN = ' ';
	const drawn = gradual(() => rows, 20);
	const keys = $derived(rows.map(({ key }) => key));
	const hidden = $derived(reveal.hidden('values', lesson.text, keys));
	const all = $derived(rows.length > 0 && hidden.size === 0);
	/** the best corner is marked once all values are shown, unless it is kept from the class */
	const marksBest = $derived(all && !reveal.conceals('best'));
	const style = $derived(lesson.notation.numbers);

	/** The name of a line: a constraint's, or what the bound says. */
	function lineText({ owner, rhs }: CornerRow['sides'][number]): string {
		if (owner.kind === 'constraint') return owner.name;
		return `${owner.name} = ${showNumber(owner.kind === 'lower' ? rhs.neg() : rhs, style)}`;
	}
</script>

<Pane pane="corners" name={en`Corner table`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem && problem.variables.length <= 3}
			<button class="btn tool" aria-pressed={outside} onclick={() => (outside = !outside)}
				>{en`All intersections`}</button
			>
			<button
				class="btn tool"
				aria-pressed={all}
				onclick={() => reveal.open('values', lesson.text, all ? [] : keys)}
				>{all ? en`Hide values` : en`Show values`}</button
			>
			<button
				class="btn tool"
				onclick={() =>
					download(fileName(titleOf(lesson.lesson), '-corners.csv'), cornerCsv(problem, rows), 'text/csv')}
				>CSV</button
			>
			<button
				class="btn tool"
				onclick={() => download(fileName(titleOf(lesson.lesson), '-corners.tex'), cornerLatex(problem, rows))}
				>LaTeX</button
			>
		{/if}
	{/snippet}
	{#if problem}
		<Scroll label={en`Corner table`} stale={lesson.stale}>
			<table>
				<thead>
					<tr>
						<th scope="col">({figure.axes.join(', ')})</th>
						<th scope="col">{en`${problem.variables.length === 3 ? en`planes` : en`lines`} that meet`}</th>
						{#if form}<th scope="col">{en`basic variables`}</th>{/if}
						<th scope="col" colspan="2" class="value">{problem.objective.name}</th>
					</tr>
				</thead>
				<tbody>
					{#each drawn.shown as row (row.key)}
						{@const isShown = !hidden.has(row.key)}
						<tr
							class:lit={selection.corner === row.key}
							class:best={marksBest && row.isBest}
							class:outside={!row.feasible}
							onpointerenter={() => selection.pointCorner(row.key)}
							onpointerleave={() => selection.pointCorner(null)}
						>
							<th scope="row"
								>({#each row.at as value, i (i)}{i > 0 ? ', ' : ''}<NumberView {value} {style} />{/each})</th
							>
							<td>
								{#each row.sides as line, i (i)}
									{@const identity =
										line.owner.kind === 'constraint' ? session.identities.get(line.owner.name) : undefined}
									<span class="line"
										>{#if identity}<MarkGlyph {identity} />
										{/if}{lineText(line)}</span
									>{BETWEEN}
								{/each}
								{#if !row.feasible}<em>{en`not feasible`}</em>{/if}
							</td>
							{#if form}
								<td
									>{basicColumns(form, planAt(problem, row.at))
										.map(({ name }) => name)
										.join(', ')}</td
								>
							{/if}
							{#if isShown}
								<td class="value"
									>{workedOut(row, problem.objective.constant, (value) => showNumber(value, style), '·')} =</td
								>
								<td class="value"
									><strong><NumberView value={row.objective} {style} decimal /></strong>
									{#if marksBest && row.isBest}<em>{en`best`}</em>{/if}</td
								>
							{:else}
								<td colspan="2" class="value"
									><button
										class="show"
										aria-label={en`Show ${problem.objective.name} at (${row.at.map((value) => showNumber(value)).join(', ')})`}
										onclick={() => reveal.show('values', lesson.text, row.key)}>?</button
									></td
								>
							{/if}
						</tr>
					{:else}
						<tr><td colspan={form ? 5 : 4}>{en`No two lines meet in a corner of the region.`}</td></tr>
					{/each}
				</tbody>
			</table>
			{#if !table.complete}<p class="nothing">
					{en`So many lines meet here that not all intersections outside the region are listed; every corner is.`}
				</p>{/if}
		</Scroll>
	{:else}
		<p class="nothing">
			{lesson.problem
				? en`This problem is too large for a corner table.`
				: en`The corner table appears here as soon as the statement can be read.`}
		</p>
	{/if}
</Pane>

<style>
	table {
		width: 100%;
	}
	th,
	td {
		padding: 0.12rem 0.4rem;
		text-align: left;
		white-space: nowrap;
	}
	thead th {
		position: sticky;
		top: 0;
		background: var(--sheet);
		border-bottom: 1px solid var(--ink);
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	td:nth-child(2) {
		white-space: normal;
	}
	.value {
		text-align: right;
	}
	.line {
		white-space: nowrap;
		display: inline-block;
		margin-right: 0.7rem;
	}
	.line :global(.glyph) {
		margin-right: 0.3rem;
	}
	.outside {
		color: var(--ink-soft);
	}
	.lit {
		background: var(--now-wash);
	}
	.best :is(th, td) {
		border-block: 1px solid var(--now);
		font-weight: 600;
	}
	em {
		color: var(--now);
	}
	.show {
		min-width: 2rem;
		border: 1px solid var(--rule-strong);
		cursor: pointer;
		color: var(--ink-soft);
	}
</style>
