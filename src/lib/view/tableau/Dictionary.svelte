<script lang="ts">
	import { en } from '$lib/core/language';
	import { fitTable } from '../shared/fit-table';
	import { comparison, type Decision, type Work } from '$lib/core/method';
	import {
		addressText,
		board,
		boardEquations,
		columnName,
		type Equation,
		type EquationTerm
	} from '$lib/core/notation';
	import { sign } from '$lib/core/number';
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
	const equations = $derived(boardEquations(shown));
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
</script>

{#snippet cover(address: string, name: string)}<button
		class="cover"
		aria-label={name ? en`covered coefficient of ${name}, shows it` : en`covered number, shows it`}
		onclick={() => session.covering.show(address)}>?{name ? ` ${name}` : ''}</button
	>{/snippet}

{#snippet term({ size, column }: EquationTerm)}{#if size}{#if size.m}(<CellView
				cell={size}
			/>){:else}<CellView cell={size} />{/if}&nbsp;{/if}{column.name}{/snippet}

{#snippet equation({ constant, terms, row }: Equation, i: number)}
	{@const amount = addressText(constant.address)}
	<td>=</td>
	<td class="rhs" class:negative={row && sign(row.rhs) < 0 && !constant.covered} data-cell={amount}
		>{#if constant.covered}{@render cover(amount, '')}{:else}<CellView cell={constant.number} />{/if}</td
	>
	{#each terms as own (own.column.column.id)}
		{@const { column, covered } = own}
		{@const address = addressText(own.address)}
		{@const isAlternative = session.alternatives.has(address)}
		<td class="sign">{own.sign === 0 || covered ? '' : own.sign < 0 ? '−' : '+'}</td>
		<td class="term" class:improving={own.improving && !covered} data-cell={address}>
			{#if covered}{@render cover(
					address,
					column.name
				)}{:else if own.sign === 0}{:else if decision && own.pivots}
				<button
					class="entry"
					class:advised={choice?.row === i && choice.entering === column.index}
					class:alternative={isAlternative}
					title={isAlternative
						? en`Pivot: ${column.name} in, ${row?.name} out, allowed as well`
						: en`Pivot: ${column.name} in, ${row?.name} out`}
					onclick={() => take(i, column.index)}
					onpointerenter={() => look(i, column.index)}
					onpointerleave={() => look(null, column.index)}
					onfocus={() => look(i, column.index)}
					onblur={() => look(null, column.index)}>{@render term(own)}</button
				>
			{:else}{@render term(own)}{/if}
		</td>
	{/each}
{/snippet}

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
			{#each equations.filter(({ kind }) => kind === 'row') as own, i (t.form.columns[t.basis[i]].id)}
				{@const basic = own.row?.basic}
				<tr class:lit={basic && selection.isPointed(pointedOf(basic.owner))}>
					<th scope="row">{own.name || '?'}</th>
					{@render equation(own, i)}
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
			{#each equations.filter(({ kind }) => kind === 'goal') as own (own.key)}
				<tr class="goal" data-goal={own.key}>
					<th scope="row">{own.name}</th>
					{@render equation(own, -1)}
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
