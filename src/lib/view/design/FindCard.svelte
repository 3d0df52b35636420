<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';
	import { printTerms, type Problem } from '$lib/core/problem';
	import { showNumber } from '$lib/core/number';
	import { objectiveValue } from '$lib/core/tableau';
	import type { Wish } from '$lib/core/design';
	import { NOWHERE, type Lit } from './lit';
	import Formula from '../shared/Formula.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { tableausOn } from '$lib/desk/worked-out';
	import { limitOf, texName, texTerms } from '../statement/tex';
	import MiniRegion from '../region/MiniRegion.svelte';

	/** A problem that was found: typeset, with its picture where it has one, and what else is said of it. */
	interface Props {
		problem: Problem;
		/** what was wished: the run that the wishes are about is shown */
		wishes?: readonly Wish[];
		name: string;
		/** whether the picture marks the best plan, and the bases on the way are told */
		showsAnswers?: boolean;
		/** where a promise comes true: these rows, and a part of picture or run */
		lit?: Lit;
		children: Snippet;
	}
	let { problem, wishes = [], name, lit = NOWHERE, showsAnswers = true, children }: Props = $props();
	const { document: lesson } = useDesk();
	const style = $derived(lesson.notation.numbers);
	/** the bases that the method goes through, and the value at each */
	const steps = $derived(
		tableausOn(problem, wishes).map((t) => ({
			basis: t.basis.map((column) => t.form.columns[column].name).join(' '),
			value: showNumber(objectiveValue(t), style)
		}))
	);
</script>

<article aria-label={name}>
	<h3 class="text-text mb-1">{name}</h3>
	<table role="presentation">
		<tbody>
			<tr>
				<td class="italic text-now font-semibold">{problem.objective.sense}</td>
				<td colspan="2"
					><Formula
						tex={`${texName(problem.objective.name)} = ${texTerms(problem.objective.terms, problem.objective.constant, style)}`}
						says={`${problem.objective.name} = ${printTerms(problem.objective.terms)}`}
					/></td
				>
			</tr>
			{#each problem.constraints as { name: row, terms, relation, rhs } (row)}
				<tr class:lit={lit.rows.includes(row)}>
					<td class="label">{row}</td>
					<td class="text-right"
						><Formula tex={texTerms(terms, undefined, style)} says={printTerms(terms)} /></td
					>
					<td><Formula {...limitOf(relation, rhs, style)} /></td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if problem.variables.length === 2}<MiniRegion {problem} {lit} showsBest={showsAnswers} />{/if}
	{#if showsAnswers}<ol class="steps" class:lit={lit.part === 'run'} aria-label={en`Bases along the way`}>
			{#each steps as { basis, value }, i (i)}<li><span>{basis}</span> {value}</li>{/each}
		</ol>{/if}
	{@render children()}
</article>

<style>
	article {
		min-width: 0;
		padding: var(--gap-2);
		border: 1px solid var(--rule);
		background: var(--sheet-raised);
		break-inside: avoid;
	}
	table {
		max-width: 100%;
		display: block;
		overflow-x: auto;
	}
	td {
		padding: 0.05rem 0.3rem;
		white-space: nowrap;
	}
	.label {
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.lit {
		background: var(--now-wash);
	}
	.steps {
		display: flex;
		flex-wrap: wrap;
		gap: 0.15rem var(--gap-1);
		margin: var(--gap-1) 0;
		font-size: var(--size-note);
		white-space: nowrap;
	}
	.steps li {
		padding: 0 0.35rem;
		border-left: 2px solid var(--rule-strong);
	}
	.steps span {
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
