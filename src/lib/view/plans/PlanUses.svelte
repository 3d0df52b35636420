<script lang="ts">
	import { en } from '$lib/core/language';
	import { approximate, isZero, type Rational, showNumber, ZERO } from '$lib/core/number';
	import {
		objectiveAt,
		planFromTexts,
		type Problem,
		RELATION_SIGNS,
		type Use,
		usesOf
	} from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { gradual } from '../shared/gradual.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** Use, slack or violation of every constraint under the plan being tried, beside the plans that were kept. */
	let { problem, explained }: { problem: Problem; explained: boolean } = $props();
	const { document: lesson, plans, selection, session } = useDesk();
	const style = $derived(lesson.notation.numbers);
	const compared = $derived.by(() => {
		const kept = lesson.plans.map(({ name, amounts }) => ({
			name,
			removable: true,
			plan: planFromTexts(amounts)
		}));
		const all = plans.best ? [...kept, { name: 'best', plan: plans.best, removable: false }] : kept;
		return all.map((one) => ({ ...one, uses: usesOf(problem, one.plan) }));
	});

	const lines = gradual(() => usesOf(problem, plans.plan));

	/** The share of what is available that is used, for the bar. */
	const share = ({ used, row }: Use): number =>
		isZero(row.rhs) ? (isZero(used) ? 0 : 1) : Math.max(0, Math.min(1.25, approximate(used.div(row.rhs))));

	const verdict = (use: Use): string => {
		if (use.kept && isZero(use.slack)) return use.row.relation === '<=' ? en`used up` : en`met exactly`;
		if (use.kept) return use.row.relation === '<=' ? en`left` : en`beyond`;
		return use.row.relation === '<=' ? en`too much` : use.row.relation === '>=' ? en`too little` : en`off`;
	};
</script>

{#snippet amount(value: Rational)}<NumberView {value} {style} />{/snippet}

<table>
	<thead>
		<tr>
			<td></td><th scope="col">{en`use`}</th><td></td><th scope="col">{en`of`}</th><td></td>
			{#each compared as { name, removable }, i (i)}
				<th scope="col" class="other">
					{name}{#if removable}<button
							class="w-[1.4rem] cursor-pointer text-soft"
							aria-label={en`Remove ${name}`}
							onclick={() => lesson.removePlan(name)}>×</button
						>{/if}
				</th>
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each lines.shown as use, at (use.row.name)}
			{@const { row, used, slack, kept, parts } = use}
			{@const identity = session.identities.get(row.name)}
			<tr
				class:lit={selection.isPointed({ kind: 'constraint', name: row.name })}
				class:broken={!kept}
				onpointerenter={() => selection.point({ kind: 'constraint', name: row.name })}
				onpointerleave={() => selection.point(null)}
			>
				<th scope="row"
					>{#if identity}<MarkGlyph {identity} />{/if}
					{row.name}</th
				>
				<td>
					{#if explained}<span class="text-soft text-note"
							>{parts
								.map(({ perUnit, amount: a }) => `${showNumber(perUnit, style)} · ${showNumber(a, style)}`)
								.join(' + ') || '0'} =</span
						>{/if}
					{@render amount(used)}
				</td>
				<td class="bar" aria-hidden="true"
					><span class="used" style:width={`${80 * share(use)}%`}></span><span class="limit"></span></td
				>
				<td
					>{RELATION_SIGNS[row.relation]}
					{@render amount(row.rhs)}
					{row.unit ?? ''}</td
				>
				<td class="verdict"
					>{#if !isZero(slack)}{@render amount(slack.abs())}{/if}
					{verdict(use)}</td
				>
				{#each compared as { uses }, i (i)}
					<td class="other" class:broken={!uses[at].kept}>{@render amount(uses[at].used)}</td>
				{/each}
			</tr>
		{/each}
	</tbody>
	{#if compared.length}
		<tfoot>
			{#each problem.variables as { name: variable } (variable)}
				<tr>
					<th scope="row">{variable}</th>
					<td>{@render amount(plans.plan.get(variable) ?? ZERO)}</td><td></td><td></td><td></td>
					{#each compared as { plan }, i (i)}<td class="other"
							>{@render amount(plan.get(variable) ?? ZERO)}</td
						>{/each}
				</tr>
			{/each}
			<tr class="goal">
				<th scope="row">{problem.objective.name}</th>
				<td>{@render amount(objectiveAt(problem, plans.plan))}</td><td></td><td></td><td></td>
				{#each compared as { name, plan }, i (i)}
					<td class="other"
						>{@render amount(objectiveAt(problem, plan))}
						<button
							class="w-[1.4rem] cursor-pointer text-soft"
							aria-label={en`Try ${name}`}
							title={en`Try it`}
							onclick={() => plans.take(plan)}>↩</button
						></td
					>
				{/each}
			</tr>
		</tfoot>
	{/if}
</table>

<style>
	th,
	td {
		padding: 0.12rem 0.5rem;
		text-align: right;
		white-space: nowrap;
	}
	th:first-child {
		padding-left: 0;
		text-align: left;
	}
	td.broken {
		color: var(--error);
		font-weight: 600;
	}
	tfoot th {
		text-align: left;
		font-weight: 600;
	}
	thead th {
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.bar {
		min-width: 5rem;
		position: relative;
	}
	.used {
		display: block;
		height: 0.7rem;
		background: var(--rule-strong);
	}
	.broken .used {
		background: repeating-linear-gradient(135deg, var(--error) 0 4px, transparent 4px 7px);
	}
	.limit {
		position: absolute;
		left: calc(0.5rem + (100% - 1rem) * 0.8);
		top: 0.1rem;
		bottom: 0.1rem;
		border-left: 2px solid var(--ink);
	}
	.verdict {
		text-align: left;
		font-style: italic;
	}
	.other {
		border-left: 1px solid var(--rule);
	}
	tfoot tr:first-child :is(th, td) {
		border-top: 1px solid var(--ink);
	}
	.goal :is(th, td) {
		border-top: 1px solid var(--rule);
		font-weight: 600;
	}
	.lit {
		background: var(--now-wash);
	}
</style>
