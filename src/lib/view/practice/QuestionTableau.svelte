<script lang="ts">
	import { en } from '$lib/core/language';
	import { parseRational } from '$lib/core/number';
	import { cellName, namedRows } from '$lib/core/question';
	import type { TableauJson } from '$lib/core/tableau';
	import { fitTable } from '../shared/fit-table';
	import NumberView from '../shared/NumberView.svelte';
	import '../tableau/tableau.css';

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
	const rows = $derived(namedRows(tableau));
	/** where nothing is chosen or written, basic columns may fold */
	const folds = $derived(!choose && !written);
</script>

{#snippet cell(row: string, column: string, value: string)}
	{@const key = cellName(row, column)}
	{#if written}
		<input
			class="field"
			autocomplete="off"
			aria-label={column === 'rhs' ? en`Right-hand side of row ${row}` : en`Row ${row}, column ${column}`}
			aria-invalid={wrong.includes(key)}
			bind:value={written[key]}
		/>
	{:else if choose === 'cell'}
		<button type="button" aria-pressed={chosen === key} onclick={() => onchoose?.(key)}
			><NumberView value={parseRational(value)} /></button
		>
	{:else}<NumberView value={parseRational(value)} />{/if}
{/snippet}

{#snippet line({ name, entries, rhs, isGoal }: (typeof rows)[number])}
	<tr>
		<th scope="row" class="basis"
			>{#if choose === 'row' && !isGoal}<button
					type="button"
					aria-pressed={chosen === name}
					aria-label={en`Row ${name}`}
					onclick={() => onchoose?.(name)}>{name}</button
				>{:else}{name}{/if}</th
		>
		{#each tableau.columns as column, j (column)}
			<td
				class:unit={folds && basic.has(column)}
				class:one-here={column === name}
				class:considered={chosen === column || chosen === name}
				class:negative={wrong.includes(cellName(name, column))}
				><span>{@render cell(name, column, entries[j])}</span></td
			>
		{/each}
		<td
			class="rhs"
			class:considered={chosen === name}
			class:negative={wrong.includes(cellName(name, 'rhs')) || negative.includes(name)}
			>{@render cell(name, 'rhs', rhs)}</td
		>
	</tr>
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="simplex"
	tabindex="0"
	role="group"
	aria-label={label}
	{@attach fitTable({ most: 1.3, byHeight: null })}
>
	<table>
		<thead>
			<tr>
				<td class="basis"></td>
				{#each tableau.columns as name (name)}
					<th scope="col" class:unit={folds && basic.has(name)}
						>{#if choose === 'column'}<button
								type="button"
								aria-pressed={chosen === name}
								aria-label={en`Column ${name}`}
								onclick={() => onchoose?.(name)}>{name}</button
							>{:else}<span>{name}</span>{/if}</th
					>
				{/each}
				<th scope="col" class="rhs">{en`rhs`}</th>
			</tr>
		</thead>
		<tbody>
			{#each rows.filter(({ isGoal }) => !isGoal) as row (row.name)}{@render line(row)}{/each}
		</tbody>
		<tfoot>
			{#each rows.filter(({ isGoal }) => isGoal) as row (row.name)}{@render line(row)}{/each}
		</tfoot>
	</table>
</div>

<style>
	/* as high as it is, at the edge of its column */
	.simplex {
		height: auto;
	}
	.simplex table {
		margin-inline: 0;
		min-width: 0;
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
	input {
		width: 3.4em;
		text-align: center;
		padding: 0.05em 0.1em;
		font-size: inherit;
	}
</style>
