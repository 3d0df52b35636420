<script lang="ts">
	import type { Sense } from '$lib/core/problem/types';
	import { toText, type Rational } from '$lib/core/number/rational';
	import * as edit from '$lib/core/problem/statement/edit';
	import * as lines from '$lib/core/problem/statement/edit-lines';
	import { useDesk } from '$lib/desk/desk.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import Cell from './Cell.svelte';
	import { changeBlock, changeCell, NEXT, readBlock, SENSES, WORDS } from './cells';
	import { RELATION_SIGNS } from '$lib/core/problem/relation';

	/** The same problem as a technology table: activities across, resources down. Every change is a small edit of the statement. */
	const { document: lesson, selection, session } = useDesk();
	const problem = $derived(lesson.problem);
	const MOST_CELLS = 900;
	const tooLarge = $derived(!!problem && problem.variables.length * problem.constraints.length > MOST_CELLS);
	let grid = $state<HTMLTableElement>();
	/** what was typed into a cell that is not a number or a name, by the cell */
	let wrong = $state<{ cell: string; why: string } | null>(null);

	const other = (sense: Sense) => (sense === 'max' ? 'min' : 'max');

	const inputs = () => [...(grid?.querySelectorAll<HTMLInputElement>('input[data-at]') ?? [])];

	/** Goes to the cell some rows down and columns to the right; false where there is none. */
	function move(from: HTMLInputElement, down: number, right: number): boolean {
		const [y, x] = from.dataset.at!.split(',').map(Number);
		const next = inputs().find(({ dataset }) => dataset.at === `${y + down},${x + right}`);
		next?.focus();
		return !!next;
	}

	function onkeydown(event: KeyboardEvent) {
		const input = event.target;
		if (!(input instanceof HTMLInputElement)) return;
		const whole = input.selectionStart === 0 && input.selectionEnd === input.value.length;
		const atStart = input.selectionEnd === 0 || whole;
		const atEnd = input.selectionStart === input.value.length || whole;
		if (event.key === 'ArrowUp') move(input, -1, 0);
		else if (event.key === 'ArrowDown') move(input, 1, 0);
		else if (event.key === 'Enter') {
			if (!move(input, 1, 0)) take(input);
		} else if (event.key === 'ArrowLeft' && atStart) move(input, 0, -1);
		else if (event.key === 'ArrowRight' && atEnd) move(input, 0, 1);
		else if (event.key === 'Escape') {
			input.value = input.dataset.shown ?? '';
			wrong = null;
			input.select();
		} else return;
		event.preventDefault();
	}

	/** A block of cells from a spreadsheet fills the table from here, as far as there are cells. */
	function onpaste(event: ClipboardEvent) {
		const input = event.target;
		const pasted = event.clipboardData?.getData('text/plain') ?? '';
		if (!(input instanceof HTMLInputElement) || !/[\t\n]/.test(pasted.trimEnd())) return;
		event.preventDefault();
		const [y, x] = input.dataset.at!.split(',').map(Number);
		const cells = Object.fromEntries(inputs().map(({ dataset }) => [dataset.at, dataset.cell!]));
		const block = readBlock(pasted).flatMap((line, i) =>
			line.flatMap((typed, j) => {
				const cell = cells[`${y + i},${x + j}`];
				return cell ? [{ cell, typed }] : [];
			})
		);
		wrong = changeBlock(lesson, block);
	}

	/** Takes what was typed into a cell; what cannot be read stays there, marked. */
	function take({ value, dataset }: HTMLInputElement) {
		const cell = dataset.cell!;
		const why = value.trim() === dataset.shown ? null : changeCell(lesson, cell, value);
		wrong = why === null ? null : { cell, why };
	}

	function onfocusout({ target }: FocusEvent) {
		if (target instanceof HTMLInputElement && target.isConnected) take(target);
	}

	const shown = (value: Rational | undefined) => (value ? toText(value) : '');
</script>

{#snippet cell(key: string, at: string, value: string, label: string)}
	<Cell {key} {at} {value} {label} wrong={wrong?.cell === key} />
{/snippet}

{#snippet senseChoice(negated: boolean)}
	{negated ? 'with the signs of all coefficients turned' : 'with the same coefficients'}
{/snippet}

<Pane pane="table" name="Table" aside={lesson.stale ? 'last right statement' : null}>
	{#snippet tools()}
		{#if problem && !tooLarge}
			<button
				class="btn tool"
				disabled={lesson.stale}
				onclick={() => lesson.edit(lines.addVariable(lesson.text, lesson.reading).edits)}>Add activity</button
			>
			<button
				class="btn tool"
				disabled={lesson.stale}
				onclick={() => lesson.edit(lines.addRow(lesson.text, lesson.reading).edits)}>Add resource</button
			>
		{/if}
	{/snippet}
	{#if problem && !tooLarge}
		{@const { objective, variables, constraints } = problem}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" class:stale={lesson.stale} tabindex="0" role="group" aria-label="Technology table">
			<!-- the fields in the cells are what one acts on; the table hears it for all of them -->
			<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
			<table bind:this={grid} {onkeydown} {onpaste} {onfocusout} inert={lesson.stale}>
				<thead>
					<tr>
						<td></td>
						{#each variables as { name, unit }, j (name)}
							<th scope="col" class:lit={selection.isPointed({ kind: 'variable', name })}
								>{@render cell(`variable|${name}`, `0,${j + 1}`, name, `Name of the activity ${name}`)}<span
									class="unit">{unit ?? ''}</span
								></th
							>
						{/each}
						<td></td>
						<th scope="col" class="head">amount</th>
						<th scope="col" class="head">unit</th>
						<td></td>
					</tr>
				</thead>
				<tbody>
					<tr class="goal">
						<th scope="row">
							<ToolMenu
								text={objective.sense}
								label={`${objective.sense}: turn into ${other(objective.sense)}`}
								items={SENSES}
								item={senseChoice}
								onchoose={(negated) => lesson.edit(edit.turnSense(lesson.reading, negated))}
							/>
							<span class="name">{objective.name}</span>
						</th>
						{#each variables as { name }, j (name)}
							<td
								>{@render cell(
									`cost||${name}`,
									`1,${j + 1}`,
									shown(objective.terms.get(name)),
									`${objective.name} per ${name}`
								)}</td
							>
						{/each}
						<td></td>
						<td></td>
						<td class="unit">{objective.unit ?? ''}</td>
						<td></td>
					</tr>
					{#each constraints as { name, terms, relation, rhs, unit }, i (name)}
						{@const identity = session.identities.get(name)}
						<tr
							class:lit={selection.isPointed({ kind: 'constraint', name })}
							onpointerenter={() => selection.point({ kind: 'constraint', name })}
							onpointerleave={() => selection.point(null)}
						>
							<th scope="row"
								>{#if identity}<MarkGlyph {identity} />{/if}{@render cell(
									`row|${name}`,
									`${i + 2},0`,
									name,
									`Name of the resource ${name}`
								)}</th
							>
							{#each variables as { name: variable }, j (variable)}
								<td
									>{@render cell(
										`use|${name}|${variable}`,
										`${i + 2},${j + 1}`,
										shown(terms.get(variable)),
										`${name} per ${variable}`
									)}</td
								>
							{/each}
							<td
								><button
									class="relation"
									aria-label={`${name}: ${WORDS[relation]}; change`}
									onclick={() =>
										lesson.edit(edit.setRelation(lesson.text, lesson.reading, name, NEXT[relation]))}
									>{RELATION_SIGNS[relation]}</button
								></td
							>
							<td class="amount"
								>{@render cell(
									`rhs|${name}`,
									`${i + 2},${variables.length + 1}`,
									toText(rhs),
									`Amount of ${name}`
								)}</td
							>
							<td class="unit">{unit ?? ''}</td>
							<td
								><button
									class="remove"
									aria-label={`Remove the resource ${name}`}
									title="Remove"
									onclick={() => lesson.edit(lines.removeRow(lesson.text, lesson.reading, name))}>×</button
								></td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if wrong}<p class="wrong" role="alert">{wrong.why}</p>{/if}
		</div>
	{:else}
		<p class="nothing">
			{tooLarge
				? 'Too large for a table on the screen; the statement has it whole.'
				: 'The table appears here as soon as the statement can be read.'}
		</p>
	{/if}
</Pane>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	.stale {
		opacity: 0.72;
	}
	table {
		border-collapse: separate;
		border-spacing: 0;
		border-top: 2px solid var(--ink);
		border-bottom: 2px solid var(--ink);
	}
	th,
	td {
		padding: 0.1rem 0.25rem;
		text-align: center;
		white-space: nowrap;
	}
	thead :is(th, td) {
		border-bottom: 1px solid var(--ink);
		position: sticky;
		top: 0;
		background: var(--sheet);
		z-index: 1;
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
		position: sticky;
		left: 0;
		background: var(--sheet);
	}
	.goal :is(th, td) {
		border-bottom: 1px solid var(--rule);
		padding-block: 0.25rem;
	}
	.goal .name {
		margin-left: 0.4rem;
		font-style: italic;
		font-weight: 600;
	}
	.head {
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.unit {
		display: block;
		font-size: var(--size-note);
		font-weight: 400;
		color: var(--ink-soft);
	}
	td.unit {
		display: table-cell;
	}
	th :global(input) {
		font-weight: 600;
		font-size: var(--size-text);
	}
	tbody th :global(input) {
		text-align: left;
	}
	.amount :global(input) {
		font-weight: 600;
	}
	.relation,
	.remove {
		width: 1.8rem;
		cursor: pointer;
		font-size: var(--size-figure);
	}
	.remove {
		color: var(--ink-soft);
	}
	.lit {
		background: var(--now-wash);
	}
	.wrong {
		margin: var(--gap-2) 0 0;
		color: var(--error);
		font-size: var(--size-note);
	}
	.nothing {
		padding: 0 var(--gap-3);
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
