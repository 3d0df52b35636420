<script lang="ts">
	import { plainText, say, type Sentence } from '$lib/core/commentary/sentence';
	import { choiceOf } from '$lib/core/move/pivot';
	import { columnName, goalFactor, goalName, valueFactor } from '$lib/core/notation/notation';
	import { isZero, sign, type Rational } from '$lib/core/number/rational';
	import { rowOperations, type RowOperation } from '$lib/core/tableau/operations';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';

	/** What the last pivot did to each row: one operation at a time, entry by entry, changed entries marked. */
	const { document: lesson, session } = useDesk();
	const style = $derived(lesson.notation.numbers);
	let at = $state({ node: -1, step: 0 });

	const pivoted = $derived.by(() => {
		const [before, now] = session.stops.slice(-2);
		const move = now?.node.move;
		const [old, fresh] = [before?.position.work?.tableau, now?.position.work?.tableau];
		if (move?.kind !== 'pivot' || !old || !fresh) return null;
		const choice = choiceOf(old, move);
		return (
			choice && { old, fresh, choice, operations: rowOperations(old, fresh, choice.row, choice.position) }
		);
	});
	const count = $derived(pivoted?.operations.length ?? 0);
	const index = $derived(at.node === session.standing ? Math.min(at.step, count - 1) : 0);
	const operation = $derived(pivoted?.operations[index] ?? null);
	const show = (step: number) => (at = { node: session.standing, step });

	/** What a row is called: R1, R2, or the objective row's name. */
	function rowName({ place }: RowOperation): string {
		if ('row' in place) return `R${place.row + 1}`;
		return goalName(lesson.notation, place.goal, session.problem!.objective);
	}
	const pivotName = $derived(pivoted ? `R${pivoted.choice.row + 1}` : '');
	/** numbers of an objective row as the notation writes them */
	function factors({ place }: RowOperation): { entries: 1 | -1; value: 1 | -1 } {
		if ('row' in place) return { entries: 1, value: 1 };
		const { sense } = session.problem!.objective;
		return {
			entries: goalFactor(lesson.notation, place.goal, sense),
			value: valueFactor(lesson.notation, place.goal, sense)
		};
	}
	function formula(own: RowOperation): Sentence {
		const name = rowName(own);
		if (own.kind === 'divide') return say`${name} ← ${own.factor} ${name}`;
		const factor = own.factor.mul(factors(own).entries);
		const size = factor.abs();
		return say`${name} ← ${name} ${sign(factor) < 0 ? '+' : '−'} ${size.equals(1) ? '' : say`${size} `}${pivotName}`;
	}
	const shownColumns = $derived(
		pivoted ? pivoted.old.form.columns.flatMap(({ kind }, j) => (kind === 'vacant' ? [] : [j])) : []
	);
	const last = $derived(pivoted ? pivoted.old.form.columns.length : 0);
	interface Line {
		readonly name: string;
		readonly cells: readonly Rational[];
		readonly changed: readonly boolean[];
	}
	const lines = $derived.by((): Line[] => {
		if (!operation) return [];
		const { entries, value } = factors(operation);
		const places = [...shownColumns, last];
		const pick = (row: readonly Rational[], own: 1 | -1, end: 1 | -1) =>
			places.map((j) => row[j].mul(j === last ? end : own));
		const before = pick(operation.before, entries, value);
		const after = pick(operation.after, entries, value);
		const changed = before.map((v, k) => !v.equals(after[k]));
		const none = before.map(() => false);
		const old = { name: `${rowName(operation)}, before`, cells: before, changed: none };
		const result = { name: `${rowName(operation)}, after`, cells: after, changed };
		if (operation.kind === 'divide') return [old, result];
		// in a row whose value is written with another sign than its entries, the multiple is, too
		const multiple = (own: 1 | -1) => operation.factor.mul(own).neg();
		const taken = places.map((j) => operation.pivotRow[j].mul(multiple(j === last ? value : entries)));
		const text = `${plainText(say`${multiple(entries)}`, lesson.notation)} · ${pivotName}`;
		return [old, { name: text, cells: taken, changed: none }, result];
	});
	const headings = $derived(
		pivoted
			? [...shownColumns.map((j) => columnName(lesson.notation, pivoted.old.form.columns[j])), 'rhs']
			: []
	);
	/** how an entry of the result came about */
	function says(k: number): string {
		if (!operation || lines.length < 2) return '';
		const shown = (value: Rational) => plainText(say`${value}`, lesson.notation);
		const result = lines.at(-1)!.cells[k];
		if (operation.kind === 'divide')
			return `${shown(lines[0].cells[k])} · ${shown(operation.factor)} = ${shown(result)}`;
		const added = lines[1].cells[k];
		const sum = sign(added) < 0 ? `− ${shown(added.abs())}` : `+ ${shown(added)}`;
		return `${shown(lines[0].cells[k])} ${sum} = ${shown(result)}`;
	}
	let pointed = $state<number | null>(null);
</script>

<Pane pane="operations" name="Row operations">
	{#snippet tools()}
		{#if operation}
			<button
				class="btn tool"
				aria-label="Row operation before"
				disabled={index === 0}
				onclick={() => show(index - 1)}>‹</button
			>
			<span class="count">{index + 1} of {count}</span>
			<button
				class="btn tool"
				aria-label="Row operation after"
				disabled={index === count - 1}
				onclick={() => show(index + 1)}>›</button
			>
		{/if}
	{/snippet}
	{#if pivoted && operation}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label="Row operations of the pivot">
			<p class="list">
				{#each pivoted.operations as own, i (i)}
					<button class="btn step" aria-current={i === index ? 'step' : undefined} onclick={() => show(i)}
						><Words sentence={formula(own)} linked={false} /></button
					>
				{/each}
			</p>
			<table>
				<thead>
					<tr>
						<th></th>
						{#each headings as heading, k (k)}<th scope="col">{heading}</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each lines as line, i (i)}
						<tr class:result={i === lines.length - 1}>
							<th scope="row">{line.name}</th>
							{#each line.cells as value, k (k)}
								<td
									class:changed={line.changed[k]}
									class:zero={isZero(value)}
									class:pointed={pointed === k}
									title={says(k)}
									onpointerenter={() => (pointed = k)}
									onpointerleave={() => (pointed = null)}><NumberView {value} {style} /></td
								>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="how" aria-live="polite">
				{#if pointed !== null}{headings[pointed]}: {says(pointed)}{:else}Point at a column to see how its
					entry came about.{/if}
			</p>
		</div>
	{:else}
		<p class="nothing">After a pivot its row operations stand here, one at a time.</p>
	{/if}
</Pane>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-2);
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
	}
	.step[aria-current] {
		border-color: var(--now);
		background: var(--now-wash);
		font-weight: 600;
	}
	table {
		border-spacing: 0;
	}
	th,
	td {
		padding: 0.15rem 0.55rem;
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
