<script lang="ts">
	import { en } from '$lib/core/language';
	import { isAllowed, objectiveAt } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import PlanAmounts from './PlanAmounts.svelte';
	import PlanUses from './PlanUses.svelte';

	/** A plan is tried before any method runs: amounts, what they use, and what comes of them. */
	const { document: lesson, plans, figure } = useDesk();
	const problem = $derived(lesson.problem);
	const allowed = $derived(!!problem && isAllowed(problem, plans.plan));
	let explained = $state(false);
	// it may have been asked for elsewhere
	$effect(() => void plans.findBest());

	function keep() {
		let number = lesson.plans.length + 1;
		while (lesson.plans.some(({ name }) => name === `plan ${number}`)) number += 1;
		lesson.keepPlan(`plan ${number}`, plans.plan);
	}
</script>

<Pane pane="plans" name={en`Plans`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem}
			<button class="btn tool" onclick={() => plans.round()}>{en`Round`}</button>
			<button
				class="btn tool"
				title={en`To the nearest feasible integer plan`}
				aria-label={en`To whole`}
				onclick={() => plans.toWhole()}>{en`Whole`}</button
			>
			<button
				class="btn tool"
				title={en`To the nearest corner`}
				aria-label={en`To corner`}
				disabled={!figure.region?.vertices.length}
				onclick={() => plans.snap()}>{en`Corner`}</button
			>
			<button class="btn tool" onclick={keep}>{en`Keep`}</button>
			<button class="btn tool" aria-pressed={explained} onclick={() => (explained = !explained)}
				>{en`Sums`}</button
			>
			<button class="btn tool" aria-pressed={plans.showsBest} onclick={() => void plans.toggleBest()}
				>{plans.showsBest ? en`Hide best` : en`Show best`}</button
			>
		{/if}
	{/snippet}
	{#if problem}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label={en`The plan being tried`}>
			<div class="amounts">
				<PlanAmounts {problem} />
				<p class="value" class:broken={!allowed}>
					{problem.objective.name} = <NumberView
						value={objectiveAt(problem, plans.plan)}
						style={lesson.notation.numbers}
					/>
					{problem.objective.unit ?? ''}{#if !allowed}: <em>{en`infeasible`}</em>{/if}
				</p>
			</div>
			<div class="uses">
				<PlanUses {problem} {explained} />
				{#if plans.showsBest && !plans.best}<p class="nothing" role="status">
						{en`There is no best plan, or it is still being found.`}
					</p>{/if}
			</div>
		</div>
	{:else}
		<p class="nothing">{en`Plans can be tried as soon as the statement can be read.`}</p>
	{/if}
</Pane>

<style>
	.scroll {
		display: flex;
		flex-wrap: wrap;
		align-content: flex-start;
		gap: 0 var(--gap-3);
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	/* side by side where there is room, one below the other where there is not */
	.amounts {
		flex: 1 1 22rem;
	}
	.uses {
		flex: 3 1 26rem;
	}
	.value {
		margin: 0.4rem 0;
		font-size: 1.2rem;
		font-weight: 600;
	}
	.broken em {
		color: var(--error);
		font-weight: 600;
	}
</style>
