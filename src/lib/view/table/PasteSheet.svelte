<script lang="ts">
	import { en } from '$lib/core/language';
	import { type BlockLayout, COLUMN_ROLES, type ColumnRole, readBlock } from '$lib/core/spreadsheet';
	import { printStatement, rowLine, type Relation } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import { pastedTable } from './pasted-table';
	import SheetForm from '../shared/SheetForm.svelte';

	/** Cells from a spreadsheet: what was understood of them, corrected where it is wrong, then the problem. */
	let { text, onclose }: { text: string; onclose: () => void } = $props();
	const { document: lesson } = useDesk();
	// as it was pasted; it may be changed here
	// svelte-ignore state_referenced_locally
	let written = $state(text);
	let given = $state.raw<Partial<BlockLayout>>({});
	/** where the course writes decimals with a comma, a block that is not parted by commas has them, too */
	const usual = $derived<Partial<BlockLayout>>(
		lesson.notation.numbers === 'comma' && /[\t;|]/.test(written) ? { decimalComma: true } : {}
	);
	const reading = $derived(readBlock(written, { ...usual, ...given }));
	const { cells, layout, roles, problem, fault } = $derived(reading);
	/** the first rows, and the one at fault */
	const lines = $derived(
		cells.map((row, i) => ({ row, i })).filter(({ i }) => i < MOST_ROWS || i === fault?.row)
	);
	const set = (change: Partial<BlockLayout>) => (given = { ...given, ...change });
	/** One column has the names, one the relations, one the amounts: another that had it before gives it up. */
	function setColumn(j: number, role: ColumnRole) {
		const isOne = role !== 'activity' && role !== 'nothing';
		const others = roles.flatMap((own, k) => (k !== j && isOne && own === role ? [[k, 'activity']] : []));
		set({ columns: { ...given.columns, ...Object.fromEntries(others), [j]: role } });
	}

	function setRow(i: number, what: string) {
		const leftOut = { ...given.leftOut, [i]: what === 'nothing' };
		const wasGoal = layout.objective === i;
		set({ leftOut, ...(what === 'objective' ? { objective: i } : wasGoal ? { objective: null } : {}) });
	}

	const ROLE_WORDS: Record<ColumnRole, string> = {
		name: en`name`,
		activity: en`coefficient`,
		relation: 'relation',
		amount: en`amount`,
		'second amount': en`other amount`,
		unit: en`unit`,
		nothing: en`left out`
	};
	/** the objective and one row, as they will read */
	const inWords = $derived.by(() => {
		if (!problem) return '';
		const lines = printStatement(problem)
			.split('\n')
			.filter((line) => !line.startsWith('title'));
		const goal = lines.find((line) => /^(?:max|min)/.test(line)) ?? '';
		const [row] = problem.constraints;
		return en`It reads: ${shortened(goal)}${row ? `; ${shortened(rowLine(row))}` : ''}.`;
	});
	const shortened = (line: string): string => (line.length > 90 ? `${line.slice(0, 88)} …` : line);
	const MOST_SHOWN = 12;
	const MOST_ROWS = 14;
	/** the objective is among the first or the last rows */
	const MOST_CHOICES = 30;
	const SEPARATORS = [
		{ sign: '\t', says: en`tabs` },
		{ sign: ';', says: en`semicolons` },
		{ sign: ',', says: en`commas` },
		{ sign: '  ', says: en`two or more spaces` }
	];

	function take() {
		if (!problem) return;
		const { title } = lesson.problem ?? {};
		lesson.write(printStatement(title ? { ...problem, title } : problem));
		onclose();
	}
</script>

<Sheet title={en`A table from elsewhere`} {onclose}>
	<SheetForm action={en`Use as the problem`} onsubmit={take} {onclose} isReady={!!problem}>
		<textarea
			class="field"
			aria-label={en`The cells as text`}
			placeholder={en`Paste the cells here`}
			wrap="off"
			rows={cells.length ? 3 : 8}
			onpaste={(event) => {
				const cells = pastedTable(event.clipboardData);
				if (cells === event.clipboardData?.getData('text/plain')) return;
				event.preventDefault();
				written = cells;
			}}
			bind:value={written}></textarea>
		{#if cells.length}
			<div class="choices">
				<label
					><span>{en`between cells`}</span>
					<select
						class="field"
						value={layout.separator}
						onchange={(e) => (given = { separator: e.currentTarget.value as BlockLayout['separator'] })}
					>
						{#each SEPARATORS as { sign, says } (sign)}<option value={sign}>{says}</option>{/each}
					</select></label
				>
				<label
					><span>{en`objective`}</span>
					<select
						class="field"
						value={layout.objective === null ? '' : String(layout.objective)}
						onchange={(e) =>
							set({ objective: e.currentTarget.value === '' ? null : Number(e.currentTarget.value) })}
					>
						<option value="">{en`no row`}</option>
						{#each cells.slice(0, MOST_CHOICES) as row, i (i)}<option value={String(i)}
								>{en`row ${i + 1}: ${row[0]}`}</option
							>{/each}
					</select></label
				>
				<label
					><span>{en`it is`}</span>
					<select
						class="field"
						value={layout.sense}
						onchange={(e) => set({ sense: e.currentTarget.value as 'max' | 'min' })}
					>
						<option value="max">{en`maximised`}</option><option value="min">{en`minimised`}</option>
					</select></label
				>
				<label
					><span>{en`no sign is`}</span>
					<select
						class="field"
						value={layout.relation}
						onchange={(e) => set({ relation: e.currentTarget.value as Relation })}
					>
						<option value="<=">≤</option><option value=">=">≥</option><option value="=">=</option>
					</select></label
				>
				<label class="check"
					><input
						type="checkbox"
						checked={layout.isTurned}
						onchange={(e) => (given = { separator: given.separator, isTurned: e.currentTarget.checked })}
					/>
					{en`activities are rows`}</label
				>
				<label class="check"
					><input
						type="checkbox"
						checked={layout.hasHeads}
						onchange={(e) => set({ hasHeads: e.currentTarget.checked, objective: undefined })}
					/>
					{en`names above`}</label
				>
				<label class="check"
					><input
						type="checkbox"
						checked={layout.hasNames}
						onchange={(e) => set({ hasNames: e.currentTarget.checked })}
					/>
					{en`names at the left`}</label
				>
				<label class="check"
					><input
						type="checkbox"
						checked={layout.decimalComma}
						onchange={(e) => set({ decimalComma: e.currentTarget.checked })}
					/>
					{en`decimal comma`}</label
				>
			</div>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="preview" tabindex="0" role="group" aria-label={en`What was understood`}>
				<table>
					<thead>
						<tr>
							<th scope="col">{en`row is`}</th>
							{#each roles.slice(0, MOST_SHOWN) as role, j (j)}<th scope="col">
									<select
										class="role"
										aria-label={en`Column ${j + 1} is`}
										value={role}
										onchange={(e) => setColumn(j, e.currentTarget.value as ColumnRole)}
									>
										{#each COLUMN_ROLES as own (own)}<option value={own}>{ROLE_WORDS[own]}</option>{/each}
									</select>
								</th>{/each}
							{#if roles.length > MOST_SHOWN}<th>{en`… ${roles.length - MOST_SHOWN} more`}</th>{/if}
						</tr>
					</thead>
					<tbody>
						{#each lines as { row, i } (i)}
							<tr
								class:goal={i === layout.objective}
								class:out={layout.leftOut[i] && i !== layout.objective}
								class:names={layout.hasHeads && i === 0}
							>
								<td>
									{#if layout.hasHeads && i === 0}{en`names`}{:else}
										<select
											class="role"
											aria-label={en`Row ${i + 1} is`}
											value={i === layout.objective
												? en`objective`
												: layout.leftOut[i]
													? en`nothing`
													: en`resource`}
											onchange={(e) => setRow(i, e.currentTarget.value)}
										>
											<option value="objective">{en`objective`}</option>
											<option value="resource">{en`resource`}</option>
											<option value="nothing">{en`left out`}</option>
										</select>
									{/if}
								</td>
								{#each row.slice(0, MOST_SHOWN) as own, j (j)}
									<td class:fault={fault?.row === i && fault.column === j}>{own}</td>
								{/each}
							</tr>
						{/each}
						{#if cells.length > lines.length}<tr><td>{en`… ${cells.length - lines.length} more`}</td></tr
							>{/if}
					</tbody>
				</table>
			</div>
		{/if}
		<p class={fault && cells.length ? 'wrong' : 'note'} role="status">
			{#if fault}
				{fault.row === null
					? ''
					: en`Row ${fault.row + 1}, column ${(fault.column ?? 0) + 1}: `}{fault.message}
			{:else if problem}
				{en`${problem.variables.length} activities, ${problem.constraints.length} resources. ${inWords} ${reading.notes.join(' ')} It replaces the current statement; undo brings that back.`}
			{/if}
		</p>
	</SheetForm>
</Sheet>

<style>
	textarea {
		font-family: var(--font-text);
		width: 100%;
		min-width: 0;
	}
	.choices {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-3);
	}
	.choices label {
		display: flex;
		gap: 0.4rem;
		grid-template-columns: none;
	}
	.choices span {
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.preview {
		max-height: 40vh;
		overflow: auto;
		border: 1px solid var(--rule);
	}
	th {
		position: sticky;
		top: 0;
		background: var(--sheet-raised);
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	th,
	td {
		padding: 0.1rem 0.6rem;
		text-align: right;
		white-space: nowrap;
	}
	th:first-child,
	td:first-child {
		text-align: left;
	}
	.goal td {
		font-weight: 600;
		border-block: 1px solid var(--rule);
	}
	.out td {
		color: var(--ink-soft);
		text-decoration: line-through;
	}
	.role {
		font: inherit;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
		background: transparent;
		border: 0;
		border-bottom: 1px dotted var(--rule-strong);
	}
	.names td {
		font-style: italic;
		border-bottom: 1px solid var(--ink);
	}
	.fault {
		background: var(--error-wash);
		text-decoration: underline wavy var(--error);
	}
	.wrong {
		color: var(--error);
		font-size: var(--size-note);
	}
	.note {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
