<script lang="ts">
	import { en } from '$lib/core/language';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { wayWords } from '$lib/core/integer';
	import NumberView from '../shared/NumberView.svelte';
	import Words from '../shared/Words.svelte';
	import './list.css';

	/** The ways to the best integer plan side by side: what each looked at and did. */
	const integers = useIntegers();
	const WAYS: Record<string, string> = {
		enumeration: en`All whole points, one by one`,
		branching: en`Branch and bound`,
		cuts: en`Cutting planes alone`,
		'cuts-then-branching': en`Three rounds of cuts, then branching`
	};
	const PROOFS: Record<string, string> = {
		enumeration: en`the list is complete`,
		branching: en`every leaf is closed`,
		cuts: en`the last tableau with its cuts`,
		'cuts-then-branching': en`the cuts, and every leaf closed`
	};
	const isRunning = $derived(integers.running.what === 'comparison');
	const shown = (value: number | null) => (value === null ? '–' : String(value));
</script>

<p class="flex gap-2 items-center mb-2">
	<button
		class="btn tool now"
		disabled={integers.running.what !== null}
		onclick={() => void integers.compare()}>{en`Compare the ways`}</button
	>
	{#if isRunning}<span role="status">{en`Working …`}</span><button
			class="btn tool"
			onclick={() => integers.running.cancel()}>{en`Cancel`}</button
		>{/if}
</p>
{#if integers.ways.length > 0}
	<table class="ways-list">
		<thead>
			<tr>
				<th scope="col">{en`way`}</th><th scope="col" class="number">{integers.problem?.objective.name}</th
				><th scope="col" class="number">{en`points looked at`}</th><th scope="col" class="number"
					>{en`pivots`}</th
				><th scope="col" class="number">{en`rounds`}</th><th scope="col" class="number">{en`nodes`}</th><th
					scope="col">{en`its proof`}</th
				>
			</tr>
		</thead>
		<tbody>
			{#each integers.ways as own (own.way)}
				<tr>
					<th scope="row">{WAYS[own.way]}</th>
					<td class="number"
						>{#if own.objective}<NumberView value={own.objective} />{:else}{own.status}{/if}</td
					>
					<td class="number">{shown(own.points)}</td>
					<td class="number">{shown(own.pivots)}</td>
					<td class="number">{shown(own.rounds)}</td>
					<td class="number">{shown(own.nodes)}</td>
					<td
						>{#if own.reason}<Words sentence={wayWords(own.reason)} />{:else}{own.status === 'optimal' ||
							own.status === 'infeasible'
								? PROOFS[own.way]
								: '–'}{/if}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
{:else if !isRunning}
	<p>{en`Each way is taken to its end, or until its time is up.`}</p>
{/if}
