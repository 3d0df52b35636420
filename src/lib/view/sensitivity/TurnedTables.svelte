<script lang="ts">
	import { en } from '$lib/core/language';
	import type { DualProblem } from '$lib/core/answer';
	import { ZERO } from '$lib/core/number';
	import { type Problem, RELATION_SIGNS } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** Primal and dual as technology tables: the one is the other, turned about its diagonal. */
	let { primal, dual }: { primal: Problem; dual: DualProblem } = $props();
	const { document: lesson, selection } = useDesk();
	const style = $derived(lesson.notation.numbers);
	const point = (row: string | null, column: string | null) =>
		selection.point(
			row !== null
				? { kind: 'constraint', name: row }
				: column !== null
					? { kind: 'variable', name: column }
					: null
		);
	const rowOf = $derived(new Map([...dual.variableOf, ...dual.boundOf].map(([row, own]) => [own, row])));
</script>

{#snippet table(problem: Problem, isDual: boolean)}
	<table>
		<thead>
			<tr
				><td></td>{#each problem.variables as { name } (name)}<th scope="col">{name}</th>{/each}<td></td><th
					scope="col">{en`right-hand side`}</th
				></tr
			>
		</thead>
		<tbody>
			{#each problem.constraints as { name, terms, relation, rhs } (name)}
				<tr>
					<th scope="row">{name}</th>
					{#each problem.variables as variable (variable.name)}
						{@const [row, column] = isDual ? [rowOf.get(variable.name) ?? '', name] : [name, variable.name]}
						<td
							class:lit={selection.isPointed({ kind: 'constraint', name: row }) ||
								selection.isPointed({ kind: 'variable', name: column })}
							onpointerenter={() => point(row, null)}
							onpointerleave={() => point(null, null)}
							><NumberView value={terms.get(variable.name) ?? ZERO} {style} /></td
						>
					{/each}
					<td>{RELATION_SIGNS[relation]}</td>
					<td class="font-[650]"><NumberView value={rhs} {style} /></td>
				</tr>
			{/each}
			<tr class="goal">
				<th scope="row">{problem.objective.sense} {problem.objective.name}</th>
				{#each problem.variables as { name } (name)}
					<td class="font-[650]"><NumberView value={problem.objective.terms.get(name) ?? ZERO} {style} /></td>
				{/each}
				<td></td><td></td>
			</tr>
		</tbody>
	</table>
{/snippet}

<section aria-label={en`Primal as a table`}>
	<h3 class="text-text mb-1">{en`Primal`}</h3>
	{@render table(primal, false)}
</section>
<section aria-label={en`Dual as a table`}>
	<h3 class="text-text mb-1">{en`Dual: rows and columns traded`}</h3>
	{@render table(dual.problem, true)}
</section>

<style>
	section {
		min-width: 0;
		overflow-x: auto;
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
		border-bottom: 1px solid var(--ink);
		font-size: var(--size-note);
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
	}
	.goal :is(th, td) {
		border-top: 1px solid var(--ink);
	}
	.lit {
		background: var(--now-wash);
	}
</style>
