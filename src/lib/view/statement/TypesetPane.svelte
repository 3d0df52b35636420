<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Pointed } from '$lib/desk/identity';
	import { printTerms } from '$lib/core/problem/statement/print';
	import { showNumber } from '$lib/core/number/show';
	import Formula from '../shared/Formula.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import { texLimit, texName, texSigns, texTerms } from './tex';

	let { desk }: { desk: Desk } = $props();
	const problem = $derived(desk.problem);
	/** more terms than a page holds, and than can be typeset between two frames */
	const tooLong = $derived(
		!!problem && problem.constraints.reduce((n, r) => n + r.terms.size, problem.objective.terms.size) > 300
	);
	const row = (name: string): Pointed => ({ kind: 'constraint', name });
</script>

<Pane name="Problem" aside={desk.stale ? 'last right statement' : null}>
	<!-- a scrolling region has to be reachable by keyboard -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="typeset" class:stale={desk.stale} tabindex="0" role="group" aria-label="The problem, typeset">
		{#if problem && tooLong}
			<p class="nothing">
				{problem.variables.length} variables and {problem.constraints.length} constraints: too much to be typeset
				here.
			</p>
		{:else if problem}
			{#if problem.story}<p class="story">{problem.story}</p>{/if}
			<div class="rows">
				<div class="row goal">
					<span class="label">{problem.objective.sense}</span>
					<span class="body">
						<Formula
							tex={`${texName(problem.objective.name)} = ${texTerms(problem.objective.terms, problem.objective.constant)}`}
							says={`${problem.objective.name} = ${printTerms(problem.objective.terms, problem.objective.constant)}`}
						/>
					</span>
					<span class="limit"></span>
					<span class="unit">{problem.objective.unit ?? ''}</span>
				</div>
				{#each problem.constraints as constraint (constraint.name)}
					{@const identity = desk.identities.get(constraint.name)}
					<!-- svelte-ignore a11y_no_static_element_interactions -->
					<div
						class="row"
						class:lit={desk.isPointed(row(constraint.name))}
						data-constraint={constraint.name}
						onpointerenter={() => desk.point(row(constraint.name))}
						onpointerleave={() => desk.point(null)}
					>
						<span class="label"
							>{#if identity}<MarkGlyph {identity} />{/if}
							{constraint.name}</span
						>
						<span class="body"
							><Formula tex={texTerms(constraint.terms)} says={printTerms(constraint.terms)} /></span
						>
						<span class="limit"
							><Formula
								tex={texLimit(constraint.relation, constraint.rhs)}
								says={`${constraint.relation} ${showNumber(constraint.rhs)}`}
							/></span
						>
						<span class="unit">{constraint.unit ?? ''}</span>
					</div>
				{/each}
			</div>
			<p class="signs">
				{#each texSigns(problem) as { tex, says } (tex)}<span><Formula {tex} {says} /></span>{/each}
			</p>
		{:else}
			<p class="nothing">The problem appears here, typeset, as soon as the statement can be read.</p>
		{/if}
	</div>
</Pane>

<style>
	.typeset {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	.stale {
		opacity: 0.72;
	}
	.story {
		margin: 0 0 var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.rows {
		display: grid;
		grid-template-columns: auto 1fr auto auto;
		column-gap: 0.5rem;
		align-items: baseline;
		width: fit-content;
		max-width: 100%;
	}
	.row {
		display: grid;
		grid-template-columns: subgrid;
		grid-column: 1 / -1;
		align-items: baseline;
		padding: 0.1rem 0.25rem;
		margin-inline: -0.25rem;
		border-radius: 2px;
	}
	.goal {
		margin-bottom: 0.2rem;
	}
	.goal .body {
		grid-column: 2 / 4;
		text-align: left;
	}
	.goal .limit {
		display: none;
	}
	.row.lit {
		background: var(--now-wash);
	}
	.label {
		color: var(--ink-soft);
		font-size: var(--size-note);
		font-style: italic;
		white-space: nowrap;
	}
	.goal .label {
		color: var(--now);
		font-weight: 600;
	}
	.body {
		text-align: right;
		min-width: 0;
	}
	.body :global(.katex) {
		white-space: normal;
	}
	.limit {
		white-space: nowrap;
	}
	.unit {
		font-size: var(--size-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.typeset :global(.katex) {
		font-size: 1.04em;
	}
	.signs {
		margin: var(--gap-2) 0 0;
		display: flex;
		flex-wrap: wrap;
		gap: 0.15rem 1rem;
	}
	.nothing {
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
