<script lang="ts">
	import { en } from '$lib/core/language';
	import { fromPlan } from '$lib/core/answer';
	import { dualWords, fromPlanFound } from '$lib/core/commentary';
	import { costsFor, rowsAt } from '$lib/core/design';
	import { isZero, ZERO } from '$lib/core/number';
	import {
		isFeasible,
		type Plan,
		printTerms,
		type Problem,
		readCell,
		setCost,
		type Terms
	} from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useDesigner } from '$lib/desk/designer.svelte';
	import { isBestPlan } from '$lib/desk/worked-out';
	import Words from '../shared/Words.svelte';

	/** Whether the objective makes the plan a best one, and ways to one that does: a mix of what binds, or the nearest whole coefficients. */
	let { problem, plan }: { problem: Problem; plan: Plan } = $props();
	const { document: lesson } = useDesk();
	const designer = useDesigner();
	const found = $derived(fromPlan(problem, plan));
	const isBest = $derived(isBestPlan(problem, plan));
	/** constraints that say something, and are met with equality */
	const binding = $derived(
		rowsAt(problem, plan).filter(({ row, slack }) => isZero(slack) && row.terms.size > 0)
	);
	/** an objective or a table with nothing in it says nothing yet */
	const isSet = $derived(
		problem.objective.terms.size > 0 && problem.constraints.some(({ terms }) => terms.size > 0)
	);
	/** the weights of the mix, as typed */
	let weights = $state<Record<string, string>>({});
	const mix = $derived.by(() => {
		const known = binding.flatMap(({ row }) => {
			const weight = readCell(weights[row.name] ?? '1');
			return weight ? [[row.name, weight] as const] : [];
		});
		return costsFor(problem, new Map(known));
	});

	let nearest = $state.raw<{ problem: Problem; plan: Plan; terms: Terms | null } | null>(null);
	const near = $derived(nearest?.problem === problem && nearest.plan === plan ? nearest : null);
	$effect(() => {
		if (isBest || !isFeasible(problem, plan) || binding.length === 0) return;
		const of = { problem, plan };
		const stop = new AbortController();
		void designer
			.nearestWhole(problem, plan, stop.signal)
			.then((terms) => (nearest = { ...of, terms }))
			// another plan or objective is looked at meanwhile
			.catch((error: unknown) => {
				if (!stop.signal.aborted) throw error;
			});
		return () => stop.abort();
	});

	function take(terms: Terms) {
		lesson.asOne(() => {
			for (const { name } of problem.variables)
				lesson.edit(setCost(lesson.text, lesson.reading, name, terms.get(name) ?? ZERO));
		});
	}
</script>

<section>
	<h3 class="text-text">{en`Make the plan optimal`}</h3>
	<p class:yes={isBest && isSet} aria-live="polite">
		{#if isSet}{isBest
				? en`With this objective the plan is optimal.`
				: en`With this objective the plan is not optimal.`}{/if}
	</p>
	{#if isSet && found && !(isBest && found.is === 'several')}{#each fromPlanFound(plan, found) as step, i (i)}<p
				class="text-note text-soft"
			>
				<Words sentence={dualWords(problem, step)} />
			</p>{/each}{/if}
	{#if binding.length}
		<p>
			{en`Any positive combination of the binding constraints makes the plan optimal:`}
			{#each binding as { row }, i (row.name)}{i > 0 ? ' + ' : ''}<label
					><input
						aria-label={en`Weight of ${row.name}`}
						value={weights[row.name] ?? '1'}
						oninput={(event) => (weights[row.name] = event.currentTarget.value)}
					/>
					· {row.name}</label
				>{/each}
			<button class="btn tool" disabled={mix.size === 0} onclick={() => take(mix)}
				>{en`Use this combination`}</button
			>
		</p>
		{#if !isBest && near?.terms}
			<p>
				{en`The nearest whole coefficients that make it optimal: ${printTerms(near.terms)}`}
				<button class="btn tool" onclick={() => take(near.terms!)}>{en`Use these coefficients`}</button>
			</p>
		{/if}
	{:else}
		<p class="text-note text-soft">
			{en`No constraint binds at the plan. Enter coefficients and set what is left of a constraint to 0: then a combination of the binding constraints makes the plan optimal.`}
		</p>
	{/if}
</section>

<style>
	section {
		margin-top: var(--gap-3);
		max-width: 44rem;
	}
	p {
		margin: 0 0 0.2rem;
	}
	.yes {
		font-weight: 650;
	}
	input {
		width: 3rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		border-bottom: 1px dotted var(--rule-strong);
	}
</style>
