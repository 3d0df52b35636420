<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		KIND_LABELS,
		minuteOf,
		readResult,
		type ExerciseResult,
		resultCells,
		type ResultRow,
		rowOfResult,
		slipsOf,
		slipText
	} from '$lib/core/question';
	import { csvText } from '$lib/core/spreadsheet';
	import { download } from '../shared/download';
	import Sheet from '../shared/Sheet.svelte';

	/** What a class handed in: who, what, and which slips came up most often. */
	let { files, onclose }: { files: readonly File[]; onclose: () => void } = $props();
	let results = $state.raw<readonly { result: ExerciseResult; row: ResultRow }[]>([]);
	let refused = $state.raw<readonly string[]>([]);
	/** characters of a result that are read at most */
	const MOST = 500_000;
	const BARS = 12;

	async function read(chosen: readonly File[]) {
		const good: { result: ExerciseResult; row: ResultRow }[] = [];
		const bad: string[] = [];
		for (const file of chosen) {
			try {
				if (file.size > MOST) throw new Error('is too large for a result');
				const { result, fits } = readResult(JSON.parse(await file.text()));
				good.push({ result, row: rowOfResult(result, fits) });
			} catch {
				bad.push(file.name);
			}
		}
		results = good.sort((a, b) => a.row.who.localeCompare(b.row.who));
		refused = bad;
	}
	$effect(() => void read(files));
	const rows = $derived(results.map(({ row }) => row));
	const slips = $derived(slipsOf(results.map(({ result }) => result)).slice(0, BARS));
	const most = $derived(slips[0]?.times ?? 1);
</script>

<Sheet title={en`Results of a class`} look="wide" {onclose}>
	{#if rows.length}
		<div class="scroll">
			<table class="ruled">
				<thead>
					<tr>
						<th scope="col">{en`name`}</th><th scope="col">{en`exercise`}</th><th scope="col">{en`ended`}</th>
						<th scope="col">{en`right`}</th><th scope="col">{en`at once`}</th><th scope="col">{en`tries`}</th>
						<th scope="col">{en`hints`}</th><th scope="col">{en`minutes`}</th>
					</tr>
				</thead>
				<tbody>
					{#each rows as row, i (i)}
						<tr class:forged={!row.fits}>
							<th scope="row">{row.who || en`(no name)`}{row.fits ? '' : en` (check word does not fit)`}</th>
							<td>{row.exercise}</td>
							<td>{minuteOf(row.ended)}</td>
							<td class="number">{en`${row.right} of ${row.asked}`}</td>
							<td class="number">{row.atOnce}</td>
							<td class="number">{row.tries}</td>
							<td class="number">{row.hints}</td>
							<td class="number">{row.minutes}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		{#if slips.length}
			<h3>{en`Which slips came up most often`}</h3>
			<ul>
				{#each slips as { kind, code, times } (`${kind} ${code}`)}
					<li>
						<span class="w-8 text-right">{times}</span>
						<span class="bar" style:width={`${(times / most) * 8}rem`}></span>
						<span>{KIND_LABELS[kind]}: {slipText(kind, code)}</span>
					</li>
				{/each}
			</ul>
		{/if}
	{:else if !refused.length}<p>{en`Reading …`}</p>{/if}
	{#if refused.length}<p role="alert">{en`Not a result: ${refused.join(', ')}.`}</p>{/if}
	<p class="text-soft text-note">{en`Results come from the students’ browsers and can be forged.`}</p>
	<p>
		<button
			class="btn tool"
			disabled={!rows.length}
			onclick={() => download('results.csv', csvText(resultCells(rows)), 'text/csv')}>CSV</button
		>
		<button class="btn tool" onclick={onclose}>{en`Close`}</button>
	</p>
</Sheet>

<style>
	.scroll {
		overflow: auto;
		max-height: 50vh;
	}
	.forged {
		color: var(--error);
	}
	h3 {
		margin: var(--gap-3) 0 var(--gap-1);
		font-size: var(--size-text);
	}
	ul {
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		align-items: center;
		gap: var(--gap-2);
	}
	.bar {
		flex: none;
		height: 0.8rem;
		background: var(--now);
	}
</style>
