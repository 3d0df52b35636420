<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { printStatement, RELATION_SIGNS } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { isWriting } from '../frame/actions';
	import { NEXT, WORDS } from './cells';
	import { pastedTable } from './pasted-table';
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
	let first = $state<HTMLInputElement>();
	// what is said before the objective, such as a title, stays
	const before = untrack(() => lesson.text.trim());

	// a new lesson begins here, whatever had the focus before
	$effect(() => {
		if (!isWriting(document.activeElement)) first?.focus();
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
		const [atStart, atEnd] = [field.selectionEnd === 0, field.selectionStart === field.value.length];
		const isWhole = field.selectionStart === 0 && atEnd;
		const isLastName = y === 0 && x === draft.names.length;
		const to =
			event.key === 'Enter' || event.key === 'ArrowDown'
				? fieldAt(y + (event.shiftKey ? -1 : 1), x)
				: event.key === 'ArrowUp'
					? fieldAt(y - 1, x)
					: event.key === 'ArrowRight' && (atEnd || isWhole)
						? fieldAt(y, x + 1)
						: event.key === 'ArrowLeft' && (atStart || isWhole)
							? fieldAt(y, x - 1)
							: event.key === 'Tab' && !event.shiftKey && isLastName
								? fieldAt(1, 1)
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
						{#if j === 0}
							<!-- after a change of page the focus goes here, where a new lesson begins -->
							<!-- svelte-ignore a11y_autofocus -->
							<input
								autofocus
								bind:this={first}
								bind:value={draft.names[j]}
								placeholder="x1"
								aria-label={en`Name of activity 1`}
							/>
						{:else}
							<input
								bind:value={draft.names[j]}
								placeholder={`x${j + 1}`}
								aria-label={en`Name of activity ${j + 1}`}
							/>
						{/if}
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
					<input bind:value={draft.goal} placeholder="z" aria-label={en`Name of the objective`} />
				</th>
				{#each draft.costs as _, j (j)}
					<td><input bind:value={draft.costs[j]} aria-label={en`Objective per activity ${j + 1}`} /></td>
				{/each}
				<td></td><td></td><td></td>
			</tr>
			{#each draft.rows as row, i (i)}
				<tr>
					<th scope="row"
						><input
							bind:value={row.name}
							placeholder={`r${i + 1}`}
							aria-label={en`Name of resource ${i + 1}`}
						/></th
					>
					{#each row.uses as _, j (j)}
						<td
							><input bind:value={row.uses[j]} aria-label={en`Resource ${i + 1} per activity ${j + 1}`} /></td
						>
					{/each}
					<td
						><button
							class="relation"
							aria-label={en`Resource ${i + 1}: ${WORDS[row.relation]}; change`}
							onclick={() => {
								row.relation = NEXT[row.relation];
								write();
							}}>{RELATION_SIGNS[row.relation]}</button
						></td
					>
					<td><input bind:value={row.amount} aria-label={en`Amount of resource ${i + 1}`} /></td>
					<td><input bind:value={row.unit} aria-label={en`Unit of resource ${i + 1}`} /></td>
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
	table {
		border-spacing: 0;
		border-block: 2px solid var(--ink);
	}
	th,
	td {
		padding: 0.1rem 0.2rem;
		text-align: center;
		white-space: nowrap;
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
	}
	thead :is(th, td),
	.goal :is(th, td) {
		border-bottom: 1px solid var(--rule);
	}
	td input,
	th input {
		width: 4.6rem;
		padding: 0.2rem 0.3rem;
		text-align: center;
		font: inherit;
		color: var(--ink);
		background: transparent;
		border: 0;
		border-bottom: 1px dotted var(--rule-strong);
	}
	.goal th input {
		width: 3.2rem;
	}
	tbody tr:not(.goal) th input {
		width: 6.4rem;
		text-align: left;
	}
	.head {
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.relation {
		min-width: 1.8rem;
		min-height: 1.5rem;
		cursor: pointer;
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
