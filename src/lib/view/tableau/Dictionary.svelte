<script lang="ts">
	import { en } from '$lib/core/language';
	import { fitTable } from '../shared/fit-table';
	import { comparison, type Decision, type Work } from '$lib/core/method';
	import { addressText, board, type BoardCell, columnName } from '$lib/core/notation';
	import { isZero, type Rational, sign } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import CellView from './CellView.svelte';
	import NumberView from '../shared/NumberView.svelte';

	interface Props {
		work: Work;
		decision: Decision | null;
		hides?: boolean;
	}
	/** A tableau as a dictionary: each basic variable and the objective as an equation in the others; a click on a term is the pivot there. */
	let { work, decision, hides = false }: Props = $props();
	const { document: lesson, selection, session } = useDesk();
	const t = $derived(work.tableau);
	/** only the dictionary where we stand has covered numbers */
	const shown = $derived(board(t, lesson.notation, decision ? session.covering.covered : undefined));
	const style = $derived(lesson.notation.numbers);
	const choice = $derived(!hides && decision?.kind === 'pivot' ? decision.choice : null);

	/** the column that is pointed at, where that can rise */
	const near = $derived(
		t.form.columns.findIndex(({ id }) => id === (selection.column ?? selection.considered))
	);
	const compared = $derived(
		decision && lesson.notation.ratios === 'shown' && !(hides && near < 0)
			? comparison(work, decision, t.nonbasic.includes(near) ? near : null)
			: null
	);
	const down = $derived(compared?.along === 'column' ? compared : null);
	const along = $derived(compared?.along === 'row' ? compared : null);

	function take(row: number, column: number) {
		const move = session.pivotByHand(column, t.basis[row]);
		if (move) session.take(move);
	}
	function look(row: number | null, column: number) {
		selection.pointColumn(row === null ? null : t.form.columns[column].id);
		session.propose(row === null ? null : session.pivotByHand(column, t.basis[row]));
	}
	const isUnit = (value: Rational) => value.abs().equals(1);
	const cellSign = ({ plain, m }: BoardCell) => (m && !isZero(m) ? sign(m) : sign(plain));
</script>

{#snippet cover(address: string, name: string)}<button
		class="cover"
		aria-label={en`covered ${name ? en`coefficient of ${name}` : en`number`}, shows it`}
		onclick={() => session.covering.show(address)}>?{name ? ` ${name}` : ''}</button
	>{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="scroll"
	tabindex="0"
	role="group"
	aria-label={en`Dictionary, scrolls where it is large`}
	{@attach fitTable()}
>
	<table>
		<caption class="only-heard">{en`The basic variables as equations. Choose a term to pivot on it.`}</caption
		>
		<tbody>
			{#each shown.rows as row, i (t.form.columns[t.basis[i]].id)}
				{@const amount = addressText({ row: row.key, column: 'rhs' })}
				{@const isHidden = shown.covered.has(amount)}
				<tr class:lit={row.basic && selection.isPointed(pointedOf(row.basic.owner))}>
					<th scope="row">{row.name || '?'}</th>
					<td>=</td>
					<td class="rhs" class:negative={sign(row.rhs) < 0 && !isHidden} data-cell={amount}
						>{#if isHidden}{@render cover(amount, '')}{:else}<NumberView value={row.rhs} {style} />{/if}</td
					>
					{#each shown.columns as { column, index, name, aside }, k (column.id)}
						{@const value = row.entries[k]}
						{@const address = addressText({ row: row.key, column: column.id })}
						{@const isCovered = shown.covered.has(address)}
						{@const isAlternative = session.alternatives.has(address)}
						<td class="sign">{isZero(value) || isCovered ? '' : value.s < 0n ? '−' : '+'}</td>
						<td class="term" data-cell={address}>
							{#if isCovered}{@render cover(
									address,
									name
								)}{:else if isZero(value)}{:else if decision && !aside && !t.barred.has(index)}
								<button
									class="entry"
									class:advised={choice?.row === i && choice.entering === index}
									class:alternative={isAlternative}
									title={en`Pivot: ${name} in, ${row.name} out${isAlternative ? en`, allowed as well` : ''}`}
									onclick={() => take(i, index)}
									onpointerenter={() => look(i, index)}
									onpointerleave={() => look(null, index)}
									onfocus={() => look(i, index)}
									onblur={() => look(null, index)}
									>{#if !isUnit(value)}<NumberView value={value.abs()} {style} />&nbsp;{/if}{name}</button
								>
							{:else}{#if !isUnit(value)}<NumberView value={value.abs()} {style} />&nbsp;{/if}{name}{/if}
						</td>
					{/each}
					<td class="ratio" class:least={down?.ratios[i]?.least && !hides && shown.covered.size === 0}>
						{#if down?.ratios[i]?.value && shown.covered.size === 0}
							{columnName(lesson.notation, t.form.columns[down.column])} ≤ <NumberView
								value={down.ratios[i].value}
								{style}
							/>{down.ratios[i].least && !hides ? en` least` : ''}
						{/if}
					</td>
				</tr>
			{/each}
			{#if along && shown.covered.size === 0}
				<tr class="ratios">
					<th scope="row">{en`ratio`}</th>
					<td colspan="2"></td>
					{#each shown.columns as { column, index } (column.id)}
						{@const ratio = along.ratios[t.nonbasic.indexOf(index)]}
						<td></td>
						<td class:least={ratio?.least}
							>{#if ratio?.value}<NumberView value={ratio.value} {style} />{ratio.least
									? en` least`
									: ''}{/if}</td
						>
					{/each}
				</tr>
			{/if}
			{#each shown.goals as { goal, name, cells, value, improving } (goal.kind)}
				{@const sum = addressText({ row: goal.kind, column: 'rhs' })}
				<tr class="goal" data-goal={goal.kind}>
					<th scope="row">{name}</th>
					<td>=</td>
					<td class="rhs" data-cell={sum}
						>{#if shown.covered.has(sum)}{@render cover(sum, '')}{:else}<CellView cell={value} />{/if}</td
					>
					{#each shown.columns as { column, name: own }, k (column.id)}
						{@const cell = cells[k]}
						{@const address = addressText({ row: goal.kind, column: column.id })}
						{@const isCovered = shown.covered.has(address)}
						<td class="sign"
							>{cellSign(cell) === 0 || isCovered
								? ''
								: cell.m && !isZero(cell.m)
									? '+'
									: cell.plain.s < 0n
										? '−'
										: '+'}</td
						>
						<td class="term" class:improving={improving[k] && !isCovered} data-cell={address}>
							{#if isCovered}{@render cover(address, own)}{:else if cellSign(cell) !== 0}
								{#if cell.m && !isZero(cell.m)}(<CellView
										{cell}
									/>)&nbsp;{:else if !isUnit(cell.plain)}<NumberView
										value={cell.plain.abs()}
										{style}
									/>&nbsp;{/if}{own}
							{/if}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: var(--gap-2) var(--gap-3);
	}
	table {
		border-spacing: 0;
		/* as wide as its equations, so that it can be fitted */
		width: max-content;
		font-size: var(--size, 1rem);
	}
	th,
	td {
		padding: 0.2em 0.25em;
		text-align: right;
		white-space: nowrap;
		font-weight: inherit;
	}
	th {
		font-weight: 600;
	}
	.term {
		text-align: left;
	}
	.ratio,
	.ratios > * {
		color: var(--ink-soft);
		font-size: 0.8em;
		padding-left: 1.2em;
	}
	.least {
		color: var(--now);
		font-weight: 600;
	}
	.lit {
		background: var(--now-wash);
	}
	.goal > * {
		border-top: 1px solid var(--ink);
	}
	.improving {
		color: var(--now);
		font-weight: 600;
	}
	.negative {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	.entry {
		cursor: pointer;
		padding: 0 0.3em;
		border: 2px solid transparent;
		border-radius: 1rem;
	}
	.entry:hover,
	.entry.advised {
		border-color: var(--now);
	}
	.entry.alternative:not(:hover) {
		border: 2px dotted var(--rule-strong);
	}
</style>
