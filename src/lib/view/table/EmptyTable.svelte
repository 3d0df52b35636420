<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { printStatement } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { isWriting } from '../frame/actions';
	import { STEPS } from '../shared/arrow-steps';
	import DraftLine from './DraftLine.svelte';
	import { pastedTable } from './pasted-table';
	import './technology-table.css';
	import { draftOf, problemOfTable, type TableDraft, type DraftFault } from './draft';

	/** A problem from nothing: an empty table, filled in from its first name on. The statement is written beside it as it grows. */
	interface Props {
		/** what this table wrote; another text is somebody else's */
		onwrite: (text: string) => void;
		onpaste: (text: string) => void;
	}
	let { onwrite, onpaste }: Props = $props();
	const { document: lesson } = useDesk();
	const MOST = 20;
	let draft = $state<TableDraft>(draftOf(2, 2));
	let fault = $state<DraftFault | null>(null);
	// what is said before the objective, such as a title, stays
	const before = untrack(() => lesson.text.trim());

	// a new lesson begins here, whatever had the focus before
	$effect(() => {
		if (!isWriting(document.activeElement)) grid?.querySelector('input')?.focus();
	});

	function write() {
		const read = problemOfTable(draft);
		fault = 'fault' in read ? read.fault : null;
		if (!('problem' in read)) return;
		const text = (before ? `${before}\n` : '') + printStatement(read.problem);
		onwrite(text);
		lesson.write(text);
	}

	function resize(variables: number, rows: number) {
		const within = (n: number) => Math.min(MOST, Math.max(1, Math.trunc(n) || 1));
		draft = draftOf(within(variables), within(rows), $state.snapshot(draft));
		if (lesson.text.trim() !== before) write();
	}

	function pasted(event: ClipboardEvent) {
		const text = pastedTable(event.clipboardData);
		if (!/[\t\n]/.test(text.trimEnd())) return;
		event.preventDefault();
		onpaste(text);
	}

	let grid = $state<HTMLTableElement>();
	/** Enter and the arrows walk as in the table of a problem that is there; behind the last name come the numbers. */
	function walk(event: KeyboardEvent) {
		const field = event.target;
		if (!(field instanceof HTMLInputElement)) return;
		const cell = field.closest('td, th') as HTMLTableCellElement;
		const row = cell.parentElement as HTMLTableRowElement;
		const rows = [...(grid?.rows ?? [])];
		const fieldAt = (y: number, x: number) => rows[y]?.cells[x]?.querySelector('input') ?? null;
		const [y, x] = [rows.indexOf(row), cell.cellIndex];
		const isWhole = field.selectionStart === 0 && field.selectionEnd === field.value.length;
		const step = event.key === 'Enter' ? [event.shiftKey ? -1 : 1, 0] : STEPS[event.key];
		const edge = step?.[1] === -1 ? field.selectionEnd === 0 : field.selectionStart === field.value.length;
		const isLastName = y === 0 && x === draft.names.length;
		const to =
			event.key === 'Tab' && !event.shiftKey && isLastName
				? fieldAt(1, 1)
				: step && (step[0] !== 0 || isWhole || edge)
					? fieldAt(y + step[0], x + step[1])
					: null;
		if (!to) return;
		event.preventDefault();
		to.focus();
		to.select();
	}
</script>

<div class="scroll">
	<div class="size">
		<label
			>{en`activities`}
			<input
				class="field"
				type="number"
				min="1"
				max={MOST}
				value={draft.names.length}
				onchange={(e) => resize(Number(e.currentTarget.value), draft.rows.length)}
			/></label
		>
		<label
			>{en`resources`}
			<input
				class="field"
				type="number"
				min="1"
				max={MOST}
				value={draft.rows.length}
				onchange={(e) => resize(draft.names.length, Number(e.currentTarget.value))}
			/></label
		>
	</div>
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<table
		class="technology"
		aria-label={en`Empty technology table`}
		oninput={write}
		onpaste={pasted}
		onkeydown={walk}
		bind:this={grid}
	>
		<thead>
			<tr>
				<td></td>
				{#each draft.names as _, j (j)}
					<th scope="col">
						<!-- after a change of page the focus goes to the first, where a new lesson begins -->
						<!-- svelte-ignore a11y_autofocus -->
						<input
							class="draft"
							autofocus={j === 0}
							bind:value={draft.names[j]}
							placeholder={`x${j + 1}`}
							aria-label={en`Name of activity ${j + 1}`}
						/>
					</th>
				{/each}
				<td></td><th class="head" scope="col">{en`amount`}</th><th class="head" scope="col">{en`unit`}</th>
			</tr>
		</thead>
		<tbody>
			<tr class="goal">
				<th scope="row">
					<button
						class="relation"
						aria-label={en`${draft.sense}: turn`}
						onclick={() => {
							draft.sense = draft.sense === 'max' ? 'min' : 'max';
							write();
						}}>{draft.sense}</button
					>
					<input
						class="draft"
						bind:value={draft.goal}
						placeholder="z"
						aria-label={en`Name of the objective`}
					/>
				</th>
				{#each draft.costs as _, j (j)}
					<td
						><input
							class="draft"
							bind:value={draft.costs[j]}
							aria-label={en`Objective per activity ${j + 1}`}
						/></td
					>
				{/each}
				<td></td><td></td><td></td>
			</tr>
			{#each draft.rows as _, i (i)}
				<tr>
					<DraftLine
						bind:row={draft.rows[i]}
						called={{
							name: en`Name of resource ${i + 1}`,
							use: (j) => en`Resource ${i + 1} per activity ${j + 1}`,
							relation: (words) => en`Resource ${i + 1}: ${words}; change`,
							amount: en`Amount of resource ${i + 1}`,
							unit: en`Unit of resource ${i + 1}`
						}}
						hints={{ name: `r${i + 1}` }}
						onturn={write}
					/>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if fault}
		<p class="wrong" role="alert">{fault.field}: {fault.why}</p>
	{:else}
		<p class="note">
			{en`Names first, then numbers. A resource counts once it has an amount. The statement is written as you type; a text or a table can be pasted, too.`}
		</p>
	{/if}
</div>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	.size {
		display: flex;
		gap: var(--gap-3);
		padding-bottom: var(--gap-2);
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.size input {
		width: 4rem;
	}
	.note,
	.wrong {
		max-width: 34rem;
		margin: var(--gap-2) 0 0;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.wrong {
		color: var(--error);
	}
</style>
