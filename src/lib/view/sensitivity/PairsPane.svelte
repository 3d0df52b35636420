<script lang="ts">
	import { en } from '$lib/core/language';
	import { dualValues, fromPlan, pairsOf, weakBound } from '$lib/core/answer';
	import {
		combinationFound,
		dualWords,
		fromPlanFound,
		gapFound,
		bestPlansFound,
		bestPlansWords,
		pairFound
	} from '$lib/core/commentary';
	import { readPlan } from '$lib/core/tableau';
	import { isZero, type Rational, toText, ZERO } from '$lib/core/number';
	import { isAllowed, objectiveAt, readCell, withAmount } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { bestDuals } from '$lib/desk/worked-out';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** Any plan and any dual values, tried: the bound that they give, the gap, and complementary slackness pair by pair. */
	const { document: lesson, reveal, selection, session } = useDesk();
	const sensitivity = useSensitivity();
	const { problem, tried, answer } = $derived(sensitivity);
	const style = $derived(lesson.notation.numbers);
	const bound = $derived(problem && tried && weakBound(problem, tried.duals));
	const isPlan = $derived(!!problem && !!tried && isAllowed(problem, tried.plan));
	const value = $derived(problem && tried ? objectiveAt(problem, tried.plan) : null);
	const pairs = $derived(problem && tried ? pairsOf(problem, tried.plan, tried.duals) : []);
	/** what is shown on request: all dual values that are as good, and those that the plan asks for */
	const shows = $derived(reveal.opened('duals', lesson.text));
	const asksMethod = $derived(shows.includes('from plan'));
	const asksAll = $derived(shows.includes('all'));
	const turn = (part: 'from plan' | 'all') =>
		shows.includes(part) ? reveal.close('duals', lesson.text, part) : reveal.show('duals', lesson.text, part);
	const found = $derived(problem && tried && asksMethod ? fromPlan(problem, tried.plan) : null);

	function type(kind: 'plan' | 'duals', name: string, text: string) {
		const own = readCell(text);
		if (!tried || !own) return;
		if (kind === 'plan') sensitivity.tryPlan(withAmount(tried.plan, name, own));
		else sensitivity.tryDuals(withAmount(tried.duals, name, own));
	}

	const all = $derived.by(() => {
		if (!asksAll || !problem || answer?.status !== 'optimal') return null;
		const own = bestDuals(problem);
		return own ? bestPlansWords(bestPlansFound(own.dual, own.set)) : null;
	});

	/** The plan and the dual values of the tableau that stands, whether they are allowed or not. */
	function takeTableau() {
		const { tableau } = session;
		if (!tableau || !problem) return;
		sensitivity.tryPlan(readPlan(tableau));
		const own = dualValues(tableau);
		sensitivity.tryDuals(new Map(problem.constraints.map(({ name }) => [name, own.get(name) ?? ZERO])));
	}

	function takeBest() {
		if (answer?.solution) sensitivity.tryPlan(answer.solution);
		if (answer?.duals) sensitivity.tryDuals(answer.duals);
	}
</script>

{#snippet field(kind: 'plan' | 'duals', name: string, own: Rational | undefined)}
	<input
		class="field"
		aria-label={kind === 'plan' ? en`Amount of ${name}` : en`Dual value of ${name}`}
		value={own ? toText(own) : '0'}
		onchange={(event) => type(kind, name, event.currentTarget.value)}
	/>
{/snippet}

<Pane pane="pairs" name={en`Plan and dual values`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<button class="btn tool" disabled={answer?.status !== 'optimal'} onclick={takeBest}
			>{en`The best of both`}</button
		>
		<button
			class="btn tool"
			disabled={!session.tableau}
			title={en`The basic solution and the dual values of the current tableau`}
			onclick={takeTableau}>{en`Of the tableau`}</button
		>
		<button
			class="btn tool"
			disabled={answer?.status !== 'optimal'}
			aria-pressed={asksAll}
			onclick={() => turn('all')}>{en`All dual values`}</button
		>
		<button
			class="btn tool"
			title={en`Complementary slackness as a method: the dual values that the plan asks for`}
			aria-pressed={asksMethod}
			onclick={() => turn('from plan')}>{en`Dual values from the plan`}</button
		>
		<button
			class="btn tool"
			disabled={found?.is !== 'one'}
			onclick={() => found?.is === 'one' && sensitivity.tryDuals(found.duals)}>{en`Use them`}</button
		>
	{/snippet}
	{#if problem && tried && bound}
		<Scroll label={en`Plan and dual values tried`}>
			<div class="flex flex-wrap items-start gap-y-2 gap-x-4">
				<section>
					<h3 class="text-text mb-1">{en`Pairs`}</h3>
					<table>
						<thead>
							<tr
								><td></td><th>{en`left, or amount`}</th><th>{en`dual value, or reduced cost`}</th><th
									>{en`product`}</th
								></tr
							>
						</thead>
						<tbody>
							{#each pairs as pair (`${pair.kind} ${pair.name}`)}
								{@const identity = pair.kind === 'constraint' ? session.identities.get(pair.name) : undefined}
								<tr
									class:lit={selection.isPointed({ kind: pair.kind, name: pair.name })}
									class:wrong={!pair.isAllowed || !isZero(pair.product)}
									onpointerenter={() => selection.point({ kind: pair.kind, name: pair.name })}
									onpointerleave={() => selection.point(null)}
									title=""
								>
									<th scope="row"
										>{#if identity}<MarkGlyph {identity} />
										{/if}{pair.name}</th
									>
									<td>
										{#if pair.kind === 'variable'}{@render field(
												'plan',
												pair.name,
												tried.plan.get(pair.name)
											)}{:else}<NumberView value={pair.rest} {style} /> {en`left`}{/if}
									</td>
									<td>
										{#if pair.kind === 'constraint'}{@render field(
												'duals',
												pair.name,
												tried.duals.get(pair.name)
											)}{:else}<NumberView value={pair.worth} {style} />{/if}
									</td>
									<td class="product">
										{#if pair.isAllowed}<NumberView value={pair.product} {style} />{isZero(pair.product)
												? ' ✓'
												: ''}{:else}{en`infeasible`}{/if}
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</section>
				<section aria-live="polite">
					<h3 class="text-text mb-1">{en`The rows, combined with these dual values`}</h3>
					{#each combinationFound(problem, tried.duals, bound) as line, i (i)}<p>
							<Words sentence={dualWords(problem, line)} />
						</p>{/each}
					{#if !isPlan}<p class="italic text-soft">{en`The plan violates a constraint or a bound.`}</p>{/if}
					{#if bound.bound && value && isPlan}
						<p class="gap">
							<Words sentence={dualWords(problem, gapFound(value, bound.bound))} linked={false} />
						</p>
					{/if}
					{#if all}
						<h3 class="text-text mb-1">{en`All best dual values`}</h3>
						<p><Words sentence={all} linked={false} /></p>
					{/if}
					{#if found}
						<h3 class="text-text mb-1">{en`Dual values that this plan asks for`}</h3>
						{#each fromPlanFound(tried.plan, found) as line, i (i)}<p>
								<Words sentence={dualWords(problem, line)} />
							</p>{/each}
					{:else}
						<h3 class="text-text mb-1">{en`In words`}</h3>
						{#each pairs as pair (`${pair.kind} ${pair.name}`)}<p>
								<Words sentence={dualWords(problem, pairFound(pair))} />
							</p>{/each}
					{/if}
				</section>
			</div>
		</Scroll>
	{:else}
		<p class="nothing">
			{en`A plan and dual values can be tried here as soon as the statement can be read.`}
		</p>
	{/if}
</Pane>

<style>
	/* the table is never squeezed; the words stand beside it or below */
	section {
		flex: none;
		max-width: 100%;
	}
	section + section {
		flex: 1 1 20rem;
	}
	section + section h3:not(:first-child) {
		margin-top: var(--gap-2);
	}
	p {
		margin: 0;
	}
	table {
		border-block: 2px solid var(--ink);
	}
	th,
	td {
		padding: 0.15rem 0.5rem;
		text-align: center;
		white-space: nowrap;
	}
	thead th {
		white-space: normal;
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
		border-bottom: 1px solid var(--ink);
	}
	tbody th {
		text-align: left;
	}
	.lit {
		background: var(--now-wash);
	}
	.wrong .product {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	input {
		width: 4.6rem;
		text-align: center;
	}
	.gap {
		margin-top: var(--gap-1);
		font-weight: 650;
	}
	th :global(.glyph) {
		margin-right: 0.35rem;
	}
</style>
