<script lang="ts">
	import { en } from '$lib/core/language';
	import { newcomerWords, newRowWords } from '$lib/core/commentary';
	import { ZERO } from '$lib/core/number';
	import { messageText, readCell, readStatement, rowText, testedRows } from '$lib/core/problem';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** A new activity or constraint before it is added: would it enter, does the best plan satisfy it? */
	const sensitivity = useSensitivity();
	const { problem, answer } = $derived(sensitivity);
	let gain = $state('');
	let uses = $state<Record<string, string>>({});
	let row = $state('');
	const numbers = $derived(
		new Map(problem?.constraints.map(({ name }) => [name, readCell(uses[name] || '0') ?? ZERO]) ?? [])
	);
	const own = $derived(gain.trim() ? readCell(gain) : null);
	const priced = $derived(own ? sensitivity.newcomer({ gain: own, uses: numbers }) : null);
	const shares = $derived(
		(problem?.constraints ?? []).map(({ name }) => ({
			use: numbers.get(name)!,
			dual: answer?.duals?.get(name) ?? ZERO
		}))
	);
	/** the row, or both halves of one with two sides; the objective's name stands for the objective */
	const read = $derived(row.trim() && problem ? readStatement(rowText(problem, row)) : null);
	const fault = $derived(read?.diagnostics.find(({ severity }) => severity === 'error'));
	const stranger = $derived(
		read?.problem?.variables.find(({ name }) => !problem?.variables.some((known) => known.name === name))
			?.name
	);
	const tests = $derived(
		read?.problem && problem && !stranger && answer?.solution ? testedRows(read.problem, answer.solution) : []
	);
</script>

<Pane pane="newcomer" name={en`New activity or constraint`}>
	{#if problem && answer?.duals}
		<Scroll label={en`New activity or constraint`}>
			<h3 class="text-text mb-1">{en`New activity: would it enter?`}</h3>
			<div class="fields">
				<label>{en`${problem.objective.name} of a unit`} <input class="field" bind:value={gain} /></label>
				{#each problem.constraints as { name } (name)}
					<label>{name} <input class="field" placeholder="0" bind:value={uses[name]} /></label>
				{/each}
			</div>
			{#if priced && own}
				<p aria-live="polite">
					<Words sentence={newcomerWords(problem, priced, own, shares)} linked={false} />
				</p>
			{/if}
			<h3 class="text-text mb-1">{en`New constraint: does the best plan satisfy it?`}</h3>
			<label class="wide"
				><input
					class="field"
					aria-label={en`A new constraint`}
					placeholder={`${problem.variables[0]?.name ?? 'x'} ≤ 4`}
					bind:value={row}
				/></label
			>
			{#if stranger}<p class="wrong">{en`“${stranger}” is not among the variables.`}</p>
			{:else if row.trim() && tests.length === 0}<p class="wrong">
					{fault ? messageText(fault.message) : en`Write a row, such as x + y ≤ 4.`}
				</p>
			{:else if tests.length}
				<p aria-live="polite">
					<Words sentence={newRowWords(tests)} linked={false} />
				</p>
			{/if}
		</Scroll>
	{:else}
		<p class="nothing">{en`Dual values need a best plan, and this problem has none.`}</p>
	{/if}
</Pane>

<style>
	p + h3 {
		margin-top: var(--gap-2);
	}
	.fields {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-3);
		margin-bottom: var(--gap-1);
	}
	.fields input {
		width: 4.2rem;
	}
	.wide input {
		width: min(100%, 18rem);
	}
	p {
		margin: var(--gap-1) 0;
	}
	.wrong {
		color: var(--error);
		font-size: var(--size-note);
	}
</style>
