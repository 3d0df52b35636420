<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		brokenSentence,
		integerWords,
		pointSentence,
		roundingReasons,
		relaxedFound,
		roundingFound
	} from '$lib/core/commentary';
	import { joined, say } from '$lib/core/sentence';
	import { pointOf } from '$lib/core/geometry';
	import { shortOf } from '$lib/core/integer';
	import { isWhole } from '$lib/core/problem';
	import { parseRational } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import Reasons from '../commentary/Reasons.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Words from '../shared/Words.svelte';
	import './list.css';

	/** The relaxation's best plan, all its roundings and the whole points pointed at, each judged. */
	const { document: lesson } = useDesk();
	const integers = useIntegers();
	const style = $derived(lesson.notation.numbers);
	const problem = $derived(integers.problem);
	const best = $derived(integers.best);
	const known = $derived(
		best?.status === 'optimal' ? best.objective : best?.status === 'infeasible' ? null : undefined
	);
	const list = $derived(integers.roundings);
	let written = $state('');
	let wrong = $state(false);
	/** Judges the plan that was written, as pointing at a whole point does. */
	function judge() {
		const parts = written.split(/[,;]/).map((part) => part.trim());
		const values = parts.flatMap((part) => {
			try {
				return [parseRational(part)];
			} catch {
				return [];
			}
		});
		const plan = new Map(problem?.variables.map(({ name }, i) => [name, values[i]]));
		wrong =
			!problem ||
			values.length !== parts.length ||
			parts.length !== problem.variables.length ||
			!isWhole(problem, plan);
		if (wrong) return;
		integers.point(plan);
		written = '';
	}
</script>

{#if problem && integers.corner}
	<p><Words sentence={integerWords(problem, relaxedFound(problem, integers.corner))} linked={false} /></p>
	{#if list.length > 0}
		<table class="ways-list">
			<thead>
				<tr>
					<th scope="col">({problem.variables.map(({ name }) => name).join(', ')})</th>
					<th scope="col">{en`rounded`}</th>
					<th scope="col">{en`in the region?`}</th>
					<th scope="col" class="number">{problem.objective.name}</th>
					<th scope="col" class="number">{en`worse than the best by`}</th>
				</tr>
			</thead>
			<tbody>
				{#each list as { plan, broken, objective, isNearest, isDown, isPointed }, i (i)}
					{@const short = known && broken.length === 0 ? shortOf(problem, objective, known) : null}
					<tr class:best={short?.equals(0)}>
						<th scope="row"><Words sentence={pointSentence(pointOf(problem, plan))} linked={false} /></th>
						<td
							>{[isNearest && en`nearest`, isDown && en`down`, isPointed && en`pointed at`]
								.filter(Boolean)
								.join(', ')}</td
						>
						<td class:broken={broken.length > 0}
							>{#if broken.length > 0}<Words
									sentence={say`✗ violates ${joined(broken.map(brokenSentence))}`}
								/>{:else}{en`✓ yes`}{/if}</td
						>
						<td class="number"><NumberView value={objective} {style} decimal /></td>
						<td class="number"
							>{#if short}{#if short.equals(0)}{en`best`}{:else}<NumberView
										value={short}
										{style}
									/>{/if}{:else}–{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<form
		class="tools"
		onsubmit={(event) => {
			event.preventDefault();
			judge();
		}}
	>
		<input
			class="field"
			aria-label={en`An integer plan to judge: ${problem.variables.map(({ name }) => name).join(', ')}`}
			placeholder={problem.variables.map(() => '1').join(', ')}
			aria-invalid={wrong}
			bind:value={written}
		/>
		<button class="btn tool" disabled={!written.trim()}>{en`Check this plan`}</button>
	</form>
	{#if wrong}<p role="alert" class="broken">
			{en`Write one number for each variable, separated by commas; a variable that must be integer needs a whole number.`}
		</p>{/if}
	<p class="tools">
		<button
			class="btn tool"
			disabled={integers.running.what !== null || best !== null}
			onclick={() => void integers.findBest()}>{en`Find an optimal integer plan`}</button
		>
		{#if integers.running.what === 'best'}<button class="btn tool" onclick={() => integers.running.cancel()}
				>{en`Cancel`}</button
			>{/if}
	</p>
	{#if best?.plan}
		<p>
			<Words
				sentence={say`An optimal integer plan is ${pointSentence(pointOf(problem, best.plan))} with ${problem.objective.name} = ${best.objective!}.`}
				linked={false}
			/>
		</p>
	{:else if best && best.status !== 'infeasible'}
		<p>{en`The search ended without an answer: ${best.status}.`}</p>
	{/if}
	{#each roundingFound(problem, list, known) as found, i (i)}<p>
			<Words sentence={integerWords(problem, found)} />
		</p>{/each}
	<Reasons reasons={roundingReasons(problem, integers.corner, list)} />
{:else if integers.relaxation}
	<p>
		{en`The relaxation has no best plan (${integers.relaxation.status}).`}
		{#if integers.relaxation.status === 'unbounded'}{en`If there are integer plans, none of them is best: the statement lacks a limit.`}{:else}{en`So there is no integer plan, either.`}{/if}
	</p>
{/if}

<style>
	p {
		margin: 0 0 var(--gap-2);
	}
	table {
		margin-bottom: var(--gap-2);
	}
	.broken {
		color: var(--error);
	}
	.best {
		background: var(--now-wash);
		font-weight: 600;
	}
	.field {
		width: 9rem;
	}
	.tools {
		margin: 0 0 var(--gap-2);
		display: flex;
		gap: var(--gap-2);
	}
</style>
