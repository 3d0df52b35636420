<script lang="ts">
	import { pricedOut, tested } from '$lib/core/answer';
	import { isZero, ZERO } from '$lib/core/number';
	import { messageText, readCell, readStatement, RELATION_SIGNS } from '$lib/core/problem';
	import { inBrackets, joined, say } from '$lib/core/sentence';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** An activity or a constraint that is thought of: would it be taken up, does the plan meet it? Nothing is added. */
	const sensitivity = useSensitivity();
	const { problem, answer } = $derived(sensitivity);
	let gain = $state('');
	let uses = $state<Record<string, string>>({});
	let row = $state('');
	const numbers = $derived(
		new Map(problem?.constraints.map(({ name }) => [name, readCell(uses[name] || '0') ?? ZERO]) ?? [])
	);
	const own = $derived(gain.trim() ? readCell(gain) : null);
	const priced = $derived(
		problem && answer?.duals && own ? pricedOut(problem, answer.duals, { gain: own, uses: numbers }) : null
	);
	const sum = $derived(
		problem && answer?.duals
			? problem.constraints.flatMap(({ name }) => {
					const [use, dual] = [numbers.get(name)!, answer.duals!.get(name)!];
					return isZero(use) || isZero(dual) ? [] : [say`${inBrackets(use)} · ${inBrackets(dual)}`];
				})
			: []
	);
	const read = $derived(row.trim() ? readStatement(`max z = 0\nnew: ${row}`) : null);
	const fault = $derived(read?.diagnostics.find(({ severity }) => severity === 'error'));
	const constraint = $derived(read?.problem?.constraints[0] ?? null);
	const stranger = $derived(
		constraint &&
			[...constraint.terms.keys()].find((name) => !problem?.variables.some((known) => known.name === name))
	);
	const test = $derived(
		constraint && !stranger && answer?.solution ? tested(answer.solution, constraint) : null
	);
</script>

<Pane pane="newcomer" name="Something new">
	{#if problem && answer?.duals}
		<Scroll label="Something new, before it is added">
			<h3>A new activity: would it enter?</h3>
			<div class="fields">
				<label>{problem.objective.name} of a unit <input class="field" bind:value={gain} /></label>
				{#each problem.constraints as { name } (name)}
					<label>{name} <input class="field" placeholder="0" bind:value={uses[name]} /></label>
				{/each}
			</div>
			{#if priced && own}
				<p aria-live="polite">
					<Words
						sentence={say`What it takes is worth ${sum.length ? say`${joined(sum, ' + ', ' + ')} = ` : say``}${priced.takes}; it brings ${own}, so ${priced.left} ${priced.left.equals(1) ? 'is' : 'are'} left. ${priced.enters ? say`It would enter: each unit betters ${problem.objective.name} by ${priced.left.abs()}, at first.` : isZero(priced.left) ? say`It earns just what it takes: other best plans with it are possible.` : say`It would not enter: a unit of it costs ${problem.objective.name} ${priced.left.abs()}.`}`}
						linked={false}
					/>
				</p>
			{/if}
			<h3>A new constraint: does the best plan meet it?</h3>
			<label class="wide"
				><input
					class="field"
					aria-label="A new constraint"
					placeholder={`${problem.variables[0]?.name ?? 'x'} ≤ 4`}
					bind:value={row}
				/></label
			>
			{#if stranger}<p class="wrong">“{stranger}” is not among the variables.</p>
			{:else if row.trim() && !constraint}<p class="wrong">
					{fault ? messageText(fault.message) : 'Write a row, such as x + y ≤ 4.'}
				</p>
			{:else if test && constraint}
				<p aria-live="polite">
					<Words
						sentence={say`The best plan has ${test.used} ${test.isMet ? '' : 'and not '}${RELATION_SIGNS[constraint.relation]} ${constraint.rhs}: ${test.isMet ? say`it meets the constraint, so it stays the best plan.` : say`it does not meet it, so the best would change; the dual simplex method goes on from here.`}`}
						linked={false}
					/>
				</p>
			{/if}
		</Scroll>
	{:else}
		<p class="nothing">With a best plan there are dual values to price something new with.</p>
	{/if}
</Pane>

<style>
	h3 {
		margin: 0 0 var(--gap-1);
		font-size: var(--size-text);
	}
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
