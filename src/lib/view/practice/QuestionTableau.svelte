<script lang="ts">
	import { parseRational } from '$lib/core/number';
	import type { TableauJson } from '$lib/core/tableau';
	import { fitTable } from '../shared/fit-table';
	import NumberView from '../shared/NumberView.svelte';

	/** The tableau of a question: looked at, or one of its columns, rows or entries chosen as the answer, or its entries written. */
	interface Props {
		tableau: TableauJson;
		label: string;
		choose?: 'column' | 'row' | 'cell' | null;
		chosen?: string;
		onchoose?: (answer: string) => void;
		/** texts of entries that are written, by cell; null where the numbers are shown */
		written?: Record<string, string> | null;
		/** cells that are not right, and rows that are negative */
		wrong?: readonly string[];
		negative?: readonly string[];
	}
	let {
		tableau,
		label,
		choose = null,
		chosen = '',
		onchoose,
		written = $bindable(null),
		wrong = [],
		negative = []
	}: Props = $props();
	const basic = $derived(new Set(tableau.rows.map((row) => row.basic)));
	const rows = $derived([
		...tableau.rows.map((row) => ({ ...row, name: row.basic, isGoal: false })),
		...tableau.objective.map((row) => ({ ...row, isGoal: true }))
	]);
</script>

{#snippet cell(row: string, column: string, value: string)}
	{@const key = `${row}|${column}`}
	{#if written}
		<input
			class="field"
			autocomplete="off"
			aria-label={column === 'rhs' ? `Right-hand side of row ${row}` : `Row ${row}, column ${column}`}
			aria-invalid={wrong.includes(key)}
			bind:value={written[key]}
		/>
	{:else if choose === 'cell'}
		<button type="button" aria-pressed={chosen === key} onclick={() => onchoose?.(key)}
			><NumberView value={parseRational(value)} /></button
		>
	{:else}<NumberView value={parseRational(value)} />{/if}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="box"
	tabindex="0"
	role="group"
	aria-label={label}
	{@attach fitTable({ most: 1.3, byHeight: false })}
>
	<table>
		<thead>
			<tr>
				<td></td>
				{#each tableau.columns as name (name)}
					<th scope="col" class:unit={basic.has(name) && !choose && !written}
						>{#if choose === 'column'}<button
								type="button"
								aria-pressed={chosen === name}
								aria-label={`Column ${name}`}
								onclick={() => onchoose?.(name)}>{name}</button
							>{:else}<span>{name}</span>{/if}</th
					>
				{/each}
				<th scope="col" class="rhs">rhs</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as { name, entries, rhs, isGoal } (name)}
				<tr class:goal={isGoal}>
					<th scope="row"
						>{#if choose === 'row' && !isGoal}<button
								type="button"
								aria-pressed={chosen === name}
								aria-label={`Row ${name}`}
								onclick={() => onchoose?.(name)}>{name}</button
							>{:else}{name}{/if}</th
					>
					{#each tableau.columns as column, j (column)}
						<td
							class:unit={basic.has(column) && !choose && !written}
							class:one-here={column === name}
							class:picked={chosen === column || chosen === name}
							class:wrong={wrong.includes(`${name}|${column}`)}
							><span>{@render cell(name, column, entries[j])}</span></td
						>
					{/each}
					<td
						class="rhs"
						class:picked={chosen === name}
						class:wrong={wrong.includes(`${name}|rhs`) || negative.includes(name)}
						>{@render cell(name, 'rhs', rhs)}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	.box {
		overflow-x: auto;
	}
	table {
		font-size: var(--size, 1rem);
		border-spacing: 0;
		border-block: 2px solid var(--ink);
	}
	th,
	td {
		padding: 0.1em 0.45em;
		height: 1.9em;
		text-align: center;
		white-space: nowrap;
	}
	thead :is(th, td) {
		border-bottom: 1px solid var(--ink);
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
	}
	.rhs {
		border-left: 1px solid var(--rule-strong);
		font-weight: 600;
	}
	.goal > * {
		border-top: 1px solid var(--ink);
	}
	button {
		min-width: max(1.5rem, 2em);
		min-height: max(1.5rem, 1.7em);
		padding: 0 0.4em;
		border: 1px dashed var(--rule-strong);
		border-radius: 0.3rem;
		cursor: pointer;
		font-weight: inherit;
	}
	button[aria-pressed='true'] {
		border: 2px solid var(--now);
		background: var(--now-wash);
	}
	.picked {
		background: var(--now-wash);
	}
	.wrong {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	input {
		width: 3.4em;
		text-align: center;
		padding: 0.05em 0.1em;
		font-size: inherit;
	}
	:global(.box[data-narrow]) .unit {
		width: 0.8em;
		padding: 0;
		background: var(--sheet-raised);
		border-inline: 1px dotted var(--rule-strong);
	}
	:global(.box[data-narrow]) .unit span {
		display: none;
	}
	:global(.box[data-narrow]) td.unit.one-here::after {
		content: '·';
		font-weight: 800;
	}
</style>
