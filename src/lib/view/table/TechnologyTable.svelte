<script lang="ts">
	import { en } from '$lib/core/language';
	import { tick, untrack } from 'svelte';
	import { isWholeTable } from '$lib/core/spreadsheet';
	import { rowsAt } from '$lib/core/design';
	import { isZero } from '$lib/core/number';
	import { type Problem, readCell, type Sense, turnSense } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { STEPS } from '../shared/arrow-steps';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import { atOf, Block, type CellAt } from './block.svelte';
	import { blockText } from './block-text';
	import { pastedTable } from './pasted-table';
	import Cell from './Cell.svelte';
	import PlanRow from './PlanRow.svelte';
	import type { Plans } from '$lib/desk/plans.svelte';
	import type { TableText } from '$lib/desk/table-text';
	import { cellNumber, changeBlock, changeCell, isNumberCell, SENSES, tabbedCells } from './cells';
	import TableBounds from './TableBounds.svelte';
	import TableHead from './TableHead.svelte';
	import TableRow from './TableRow.svelte';
	import './technology-table.css';

	interface Props {
		problem: Problem;
		/** whose statement it is; left out, the lesson's */
		book?: TableText;
		/** it began with nothing: the focus goes to its first name, and units come later */
		isFresh?: boolean;
		/** told where a table from elsewhere is pasted over all of it */
		onwhole: (text: string) => void;
		/** the plan that the problem is made around: then each row says what it comes to, and a coefficient that is changed keeps what is left */
		around?: Plans;
	}
	/** A problem as a technology table: activities across, resources down. Every change is a small edit of the statement. */
	let { problem, book, isFresh = false, onwhole, around }: Props = $props();
	const { document: own, selection, unread } = useDesk();
	const lesson: TableText = $derived(book ?? own);
	let grid = $state<HTMLTableElement>();
	let amountWidth = $state(0);
	const block = new Block();
	/** what was typed into a cell that is not a number or a name, by the cell; it is there again after another page */
	let wrong = $state<{ cell: string; why: string } | null>(
		untrack(() => unread.now && { cell: unread.now.cell, why: unread.now.why })
	);
	/** the column where a line filled with Tab began: Enter goes to the next line there */
	let lineFrom: number | null = null;
	/** the number that is being typed is taken as soon as nothing more comes */
	let pending: ReturnType<typeof setTimeout> | undefined;
	const TYPED = 250;
	$effect(() => () => clearTimeout(pending));
	const other = (sense: Sense) => (sense === 'max' ? 'min' : 'max');
	const inputs = () => [...(grid?.querySelectorAll<HTMLInputElement>('input[data-at]') ?? [])];
	/** a field of a cell, and not of a row that is being added */
	const isCell = (target: EventTarget | null): target is HTMLInputElement =>
		target instanceof HTMLInputElement && target.dataset.at !== undefined;
	const inputAt = ({ y, x }: CellAt) => inputs().find(({ dataset }) => dataset.at === `${y},${x}`);

	/** The next cell down or to the right, over places that have none. */
	function next(from: CellAt, down: number, right: number): HTMLInputElement | undefined {
		for (let step = 1; step < 4; step++) {
			const found = inputAt({ y: from.y + step * down, x: from.x + step * right });
			if (found) return found;
		}
		return undefined;
	}

	function onkeydown(event: KeyboardEvent) {
		const input = event.target;
		if (!isCell(input)) return;
		const whole = input.selectionStart === 0 && input.selectionEnd === input.value.length;
		const arrow = STEPS[event.key];
		const sideways =
			event.key === 'ArrowLeft'
				? input.selectionEnd === 0 || whole
				: input.selectionStart === input.value.length || whole;
		if (arrow && event.shiftKey && (whole || block.isMany)) {
			if (!block.isMany) block.begin(atOf(input));
			const to = next(block.end ?? atOf(input), ...arrow);
			if (to) block.reach(atOf(to));
		} else if (arrow && !event.shiftKey && (arrow[0] !== 0 || sideways)) {
			lineFrom = null;
			next(atOf(input), ...arrow)?.focus();
		} else if (event.key === 'Enter') {
			const at = atOf(input);
			const to = next({ ...at, x: lineFrom ?? at.x }, event.shiftKey ? -1 : 1, 0);
			if (to) to.focus();
			else take(input);
		} else if (event.key === 'Tab') {
			const { y, x } = atOf(input);
			const isLastName = isFresh && !event.shiftKey && y === 0 && x === variables.length;
			if (!isLastName) {
				lineFrom ??= x;
				return;
			}
			// behind the last name of an empty table come the numbers
			inputAt({ y: top, x: 1 })?.focus();
		} else if (event.key === 'Escape') {
			const isAsBefore = input.value === (input.dataset.before ?? '');
			// nothing to put back: the cell is left
			if (isAsBefore) return;
			input.value = input.dataset.before ?? '';
			take(input);
			block.clear();
			input.select();
		} else if ((event.key === 'Delete' || event.key === 'Backspace') && block.isMany) {
			wrong = changeBlock(
				lesson,
				numbersIn().map((cell) => ({ cell, typed: '' })),
				around
			);
		} else return;
		event.preventDefault();
	}

	/** the cells of the block that hold numbers */
	const numbersIn = () =>
		inputs()
			.filter((input) => block.has(atOf(input).y, atOf(input).x))
			.map(({ dataset }) => dataset.cell!)
			.filter(isNumberCell);

	function onpointerdown(event: PointerEvent) {
		if (!isCell(event.target)) return;
		lineFrom = null;
		if (event.shiftKey) {
			event.preventDefault();
			block.reach(atOf(event.target));
		} else block.begin(atOf(event.target));
	}

	function onpointerover(event: PointerEvent) {
		if (event.buttons !== 1 || !isCell(event.target) || !block.start) return;
		block.reach(atOf(event.target));
		if (block.isMany) getSelection()?.removeAllRanges();
	}

	function oncopy(event: ClipboardEvent) {
		if (!block.isMany) return;
		event.clipboardData?.setData('text/plain', blockText(block, inputs()));
		event.preventDefault();
	}

	/** A block of cells from a spreadsheet fills the table from here, as far as there are cells; a table of its own is looked at first. */
	function onpaste(event: ClipboardEvent) {
		const input = event.target;
		const text = pastedTable(event.clipboardData);
		if (!isCell(input) || !/[\t\n]/.test(text.trimEnd())) return;
		event.preventDefault();
		// in an empty table everything but numbers is a problem of its own
		if (isWholeTable(text) || (isFresh && /\p{L}/u.test(text))) {
			onwhole(text);
			return;
		}
		const { y, x } = block.isMany ? block.start! : atOf(input);
		const cells = Object.fromEntries(inputs().map(({ dataset }) => [dataset.at, dataset.cell!]));
		const typed = tabbedCells(text).flatMap((line, i) =>
			line.flatMap((own, j) => {
				const cell = cells[`${y + i},${x + j}`];
				return cell ? [{ cell, typed: own }] : [];
			})
		);
		wrong = changeBlock(lesson, typed, around);
	}

	/** The statement follows what is typed once it is complete; what cannot be read leaves the number that was there. */
	function oninput({ target }: Event) {
		clearTimeout(pending);
		// what follows a plan is worked out when the cell is left
		if (!isCell(target) || around) return;
		const { cell = '', before = '' } = target.dataset;
		if (!isNumberCell(cell)) return;
		pending = setTimeout(() => {
			const value = readCell(target.value);
			if (value && !isZero(value) && !target.value.includes(','))
				changeCell(lesson, cell, target.value, cell);
			else if (target.value.trim() !== '' && !value && target.dataset.shown !== before)
				changeCell(lesson, cell, before, cell);
		}, TYPED);
	}

	/** Takes what was typed into a cell; what cannot be read stays there, marked, and the number that was there counts. */
	function take({ value, dataset }: HTMLInputElement) {
		clearTimeout(pending);
		const cell = dataset.cell!;
		const why = value.trim() === dataset.shown ? null : changeCell(lesson, cell, value, cell, around);
		if (why !== null && isNumberCell(cell) && !around && dataset.shown !== dataset.before)
			changeCell(lesson, cell, dataset.before ?? '', cell);
		wrong = why === null ? null : { cell, why };
		if (why !== null) unread.now = { cell, shown: dataset.before ?? '', typed: value, why };
		else if (unread.now?.cell === cell) unread.now = null;
	}

	function onfocusin({ target }: FocusEvent) {
		if (!isCell(target)) return;
		const at = atOf(target);
		if (!block.has(at.y, at.x)) block.begin(at);
	}

	function onfocusout({ target }: FocusEvent) {
		if (!isCell(target) || !target.isConnected) return;
		take(target);
		// what was taken is shown as the statement has it
		void tick().then(() => {
			if (wrong?.cell !== target.dataset.cell && target !== document.activeElement)
				target.value = target.dataset.shown ?? '';
		});
	}
	/** rows above the objective */
	const top = $derived(around ? 3 : 2);
	const atPlan = $derived(around ? rowsAt(problem, around.plan) : []);
	const pointCost = (name: string) => selection.point({ kind: 'variable', name }, { name: null, part: name });
	const { objective, variables, constraints } = $derived(problem);
</script>

{#snippet cell(key: string, y: number, x: number, value: string, label: string)}
	{@const isBlank = lesson.blank?.has(key) ?? false}
	<Cell
		{key}
		at={`${y},${x}`}
		value={isBlank ? '' : value}
		hint={isBlank && !isNumberCell(key) ? value : ''}
		begins={isFresh && isBlank && y === 0 && x === 1}
		{label}
		wrong={wrong?.cell === key}
		chosen={block.has(y, x)}
	/>
{/snippet}

{#snippet senseChoice(negated: boolean)}
	{negated ? en`with the signs of all coefficients turned` : en`with the same coefficients`}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="scroll"
	class:many={variables.length > 6}
	class:open={lesson.blank?.size}
	class:stale={lesson.stale}
	tabindex="0"
	role="group"
	aria-label={isFresh ? en`Empty technology table` : en`Technology table`}
>
	<!-- the fields in the cells are what one acts on; the table hears it for all of them -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<table
		class="technology"
		bind:this={grid}
		style:--amount={`${amountWidth}px`}
		{onkeydown}
		{onpaste}
		{oncopy}
		{oninput}
		{onfocusin}
		{onfocusout}
		{onpointerdown}
		{onpointerover}
		inert={lesson.stale}
	>
		<TableHead {problem} {lesson} {cell} {isFresh} isAround={!!around} bind:amountWidth />
		<tbody>
			{#if around}
				<PlanRow {variables} plan={around.plan} y={2} {cell} />
			{/if}
			<tr class="goal">
				<th scope="row">
					<ToolMenu
						text={objective.sense}
						label={en`${objective.sense}: turn into ${other(objective.sense)}`}
						items={SENSES}
						item={senseChoice}
						onchoose={(negated) => lesson.edit(turnSense(lesson.text, lesson.reading, negated))}
					/>
					{@render cell('goal|', top, 0, objective.name, en`Name of the objective`)}
				</th>
				{#each variables as { name }, j (name)}
					{@const value = objective.terms.get(name)}
					<td
						class:here={selection.isNumber(null, name)}
						onpointerenter={() => pointCost(name)}
						onfocusin={() => pointCost(name)}
						onpointerleave={() => selection.point(null)}
						>{@render cell(
							`cost||${name}`,
							top,
							j + 1,
							value ? cellNumber(lesson, null, name, value) : '',
							en`${objective.name} per ${name}`
						)}</td
					>
				{/each}
				<td class="edge sign"></td>
				<td class="edge"></td>
				<td class="unit"
					>{@render cell(
						'unit|',
						top,
						variables.length + 2,
						objective.unit ?? '',
						en`Unit of ${objective.name}`
					)}</td
				>
				<td colspan={around ? 3 : 1}></td>
			</tr>
			{#each constraints as row, index (row.name)}
				<TableRow
					{row}
					{lesson}
					{variables}
					y={top + 1 + index}
					{index}
					isLast={index === constraints.length - 1}
					at={atPlan[index]}
					{cell}
				/>
			{/each}
		</tbody>
		<TableBounds {problem} {lesson} first={top + 1 + constraints.length} rest={around ? 6 : 4} {cell} />
	</table>
	{#if wrong}<p class="wrong" role="alert">{wrong.why}</p>{/if}
</div>

<style>
	.scroll {
		max-height: 100%;
		overflow: auto;
		margin-left: var(--gap-3);
		padding-bottom: var(--gap-3);
	}
	.goal th :global(input) {
		text-align: left;
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 600;
	}
	.unit :global(input) {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.here {
		box-shadow: inset 0 -2px var(--now);
	}
	.wrong {
		margin: var(--gap-2) 0 0;
		color: var(--error);
		font-size: var(--size-note);
	}
</style>
