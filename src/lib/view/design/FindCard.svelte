<script lang="ts">
	import type { Snippet } from 'svelte';
	import { printTerms } from '$lib/core/problem/statement/print';
	import { showNumber } from '$lib/core/number/show';
	import type { Problem } from '$lib/core/problem/types';
	import Formula from '../shared/Formula.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { texLimit, texName, texTerms } from '../statement/tex';
	import MiniRegion from './MiniRegion.svelte';

	/** A problem that was found: typeset, with its picture where it has one, and what else is said of it. */
	interface Props {
		problem: Problem;
		name: string;
		children: Snippet;
	}
	let { problem, name, children }: Props = $props();
	const { document: lesson } = useDesk();
	const style = $derived(lesson.notation.numbers);
</script>

<article aria-label={name}>
	<h3>{name}</h3>
	<table role="presentation">
		<tbody>
			<tr>
				<td class="sense">{problem.objective.sense}</td>
				<td colspan="2"
					><Formula
						tex={`${texName(problem.objective.name)} = ${texTerms(problem.objective.terms, problem.objective.constant, style)}`}
						says={`${problem.objective.name} = ${printTerms(problem.objective.terms)}`}
					/></td
				>
			</tr>
			{#each problem.constraints as { name: row, terms, relation, rhs } (row)}
				<tr>
					<td class="label">{row}</td>
					<td class="terms"><Formula tex={texTerms(terms, undefined, style)} says={printTerms(terms)} /></td>
					<td><Formula tex={texLimit(relation, rhs, style)} says={`${relation} ${showNumber(rhs)}`} /></td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if problem.variables.length === 2}<MiniRegion {problem} />{/if}
	{@render children()}
</article>

<style>
	article {
		min-width: 0;
		padding: var(--gap-2);
		border: 1px solid var(--rule);
		background: var(--sheet-raised);
	}
	h3 {
		margin: 0 0 var(--gap-1);
		font-size: var(--size-text);
	}
	table {
		border-spacing: 0;
		max-width: 100%;
		display: block;
		overflow-x: auto;
	}
	td {
		padding: 0.05rem 0.3rem;
		white-space: nowrap;
	}
	.sense {
		font-style: italic;
		color: var(--now);
		font-weight: 600;
	}
	.label {
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.terms {
		text-align: right;
	}
</style>
