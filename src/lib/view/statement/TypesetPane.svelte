<script lang="ts">
	import { onMount } from 'svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Pointed } from '$lib/desk/identity';
	import { formulaFonts } from '../shared/formula';
	import Formula from '../shared/Formula.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import { columnWidth, setConstraint, setGoal, setSigns } from './typeset';

	let { desk }: { desk: Desk } = $props();
	const problem = $derived(desk.problem);
	/** more terms than a page holds, and than can be typeset between two frames */
	const tooLong = $derived(
		!!problem && problem.constraints.reduce((n, r) => n + r.terms.size, problem.objective.terms.size) > 300
	);
	const rows = $derived(problem && !tooLong ? problem.constraints.map(setConstraint) : []);
	let measurable = $state(false);
	onMount(() => void formulaFonts().then(() => (measurable = true)));
	const width = (part: 'terms' | 'limit') => {
		const em = measurable ? columnWidth(rows.map((row) => row[part])) : null;
		return em === null ? undefined : `${em}em`;
	};
	const termsWidth = $derived(width('terms'));
	const limitWidth = $derived(width('limit'));
	const pointed = (name: string): Pointed => ({ kind: 'constraint', name });
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
			<table role="presentation" style:--terms={termsWidth} style:--limit={limitWidth}>
				<tbody>
					<tr class="goal">
						<!-- across the names' column, so that a long objective has all the room there is -->
						<td colspan="3">
							<div>
								<span class="sense">{problem.objective.sense}</span>
								<span><Formula formula={setGoal(problem.objective)} /></span>
							</div>
						</td>
						<td class="unit">{problem.objective.unit ?? ''}</td>
					</tr>
					{#each rows as row (row.name)}
						{@const identity = desk.identities.get(row.name)}
						<tr
							class:lit={desk.isPointed(pointed(row.name))}
							data-constraint={row.name}
							onpointerenter={() => desk.point(pointed(row.name))}
							onpointerleave={() => desk.point(null)}
						>
							<td class="label"
								>{#if identity}<MarkGlyph {identity} />
								{/if}{row.name}</td
							>
							<td class="terms" class:held={termsWidth}><Formula formula={row.terms} /></td>
							<td class="limit" class:held={limitWidth}><Formula formula={row.limit} /></td>
							<td class="unit">{row.unit}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="signs">
				{#each setSigns(problem.variables) as formula (formula.says)}<span><Formula {formula} /></span>{/each}
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
	table {
		border-spacing: 0;
		margin-left: -0.25rem;
	}
	/* a row of its own to the painter: the others are not painted again when one changes */
	tr {
		position: relative;
		z-index: 0;
	}
	td {
		padding: 0.1rem 0.25rem;
		vertical-align: middle;
	}
	.goal td {
		padding-bottom: 0.3rem;
	}
	.lit {
		background: var(--now-wash);
	}
	.label {
		color: var(--ink-soft);
		font-size: var(--size-note);
		font-style: italic;
		line-height: 1;
		padding-block: 0.3rem 0.2rem;
		white-space: nowrap;
		/* a long name gives way to the mathematics; its mark tells which it is, and the statement has it whole */
		max-width: 6.5rem;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.label :global(.glyph) {
		margin-right: 0.3rem;
	}
	.goal div {
		display: flex;
		align-items: baseline;
		gap: 1.2rem;
	}
	.sense {
		color: var(--now);
		font-size: var(--size-note);
		font-style: italic;
		font-weight: 600;
	}
	.terms {
		--width: var(--terms);
		text-align: right;
	}
	/* a formula in a box of its column's width: when it changes, nothing else has to be laid out or painted */
	.held :global(.katex) {
		display: block;
		contain: size layout style;
		width: var(--width);
		height: 1.4em;
		line-height: 1.4em;
	}
	.limit {
		--width: var(--limit);
		padding-right: 0;
		white-space: nowrap;
	}
	.unit {
		font-size: var(--size-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.typeset :global(.katex) {
		font-size: 1.04em;
		white-space: normal;
	}
	/* a narrow screen: so that an ordinary row still stands on one line */
	@media (max-width: 1100px) {
		.typeset :global(.katex) {
			font-size: 0.94em;
		}
		td {
			padding-inline: 0.1rem;
		}
		.label {
			padding-right: 0.4rem;
		}
	}
	.limit :global(.katex) {
		white-space: nowrap;
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
