<script lang="ts">
	import { constraintInWords, objectiveInWords, variableInWords } from '$lib/core/commentary';
	import type { Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';

	/** The problem row by row as sentences of the story, with units and meanings. */
	let { problem }: { problem: Problem } = $props();
	const { document: lesson, selection, session } = useDesk();
	const style = $derived(lesson.notation.numbers);
</script>

<ul>
	{#each problem.variables as variable (variable.name)}
		<li
			class:lit={selection.isPointed({ kind: 'variable', name: variable.name })}
			onpointerenter={() => selection.point({ kind: 'variable', name: variable.name })}
			onpointerleave={() => selection.point(null)}
		>
			{variableInWords(variable, lesson.telling.meaning('variables', variable.name), style)}
		</li>
	{/each}
	<li class="goal">{objectiveInWords(problem, style)}</li>
	{#each problem.constraints as row (row.name)}
		{@const identity = session.identities.get(row.name)}
		<li
			class:lit={selection.isPointed({ kind: 'constraint', name: row.name })}
			onpointerenter={() => selection.point({ kind: 'constraint', name: row.name })}
			onpointerleave={() => selection.point(null)}
		>
			{#if identity}<MarkGlyph {identity} />{/if}
			{constraintInWords(problem, row, lesson.telling.meaning('constraints', row.name), style)}
		</li>
	{/each}
</ul>

<style>
	ul {
		margin: 0;
		padding: 0;
		line-height: 1.45;
	}
	li {
		padding: 0.15rem 0.25rem;
	}
	.goal {
		margin-block: 0.3rem;
		font-weight: 600;
	}
	.lit {
		background: var(--now-wash);
	}
</style>
