<script lang="ts">
	import { en } from '$lib/core/language';
	import { onDestroy } from 'svelte';
	import { DUAL_NAMES } from '$lib/core/answer';
	import { calledRow, type Constraint, printTerms, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useGo } from '$lib/desk/go';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Choose from '../shared/Choose.svelte';
	import Formula from '../shared/Formula.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import DualReasons from './DualReasons.svelte';
	import TurnedTables from './TurnedTables.svelte';
	import { limitOf, texName, texSigns, texTerms } from '../statement/tex';

	/** Primal and dual side by side, the dual written one step after the other, each with its reason. */
	const { document: lesson, offered, selection, session } = useDesk();
	const style = $derived(lesson.notation.numbers);
	const keeping = useKeeping();
	const go = useGo();
	const sensitivity = useSensitivity();
	const writing = sensitivity.dual;
	const { written, steps } = $derived(writing);
	const all = $derived(written?.steps.length ?? 0);
	let asTables = $state(false);
	const current = $derived(written && steps > 0 ? written.steps[steps - 1] : null);
	/** the rows and columns of the primal that have been dealt with, and the parts of the dual that stand */
	const done = $derived(written?.steps.slice(0, steps) ?? []);
	const variables = $derived(new Set(done.flatMap((step) => (step.kind === 'row' ? [step.variable] : []))));
	const rows = $derived(new Set(done.flatMap((step) => (step.kind === 'column' ? [step.variable] : []))));
	const hasGoal = $derived(done.some(({ kind }) => kind === 'objective'));
	const rowOf = $derived(
		new Map(
			[...(written?.dual.variableOf ?? []), ...(written?.dual.boundOf ?? [])].map(([row, own]) => [own, row])
		)
	);
	/** the dual as far as it is written: terms of variables that stand */
	const partly = $derived.by((): Problem | null => {
		if (!written) return null;
		const { problem } = written.dual;
		const known = (terms: ReadonlyMap<string, Constraint['rhs']>) =>
			new Map([...terms].filter(([name]) => variables.has(name)));
		return {
			...problem,
			objective: { ...problem.objective, terms: known(problem.objective.terms) },
			constraints: problem.constraints.filter(({ name }) => rows.has(name)),
			variables: problem.variables.filter(({ name }) => variables.has(name))
		};
	});

	onDestroy(
		offered.add(() => [
			{
				id: 'dual next',
				group: en`Dual`,
				says: en`Next step of the dual`,
				key: 'PageDown',
				possible: steps < all,
				run: () => writing.step(steps + 1)
			},
			{
				id: 'dual previous',
				group: en`Dual`,
				says: en`Previous step of the dual`,
				key: 'PageUp',
				possible: steps > 0,
				run: () => writing.step(steps - 1)
			}
		])
	);

	/** The dual as a lesson of its own; the present one stays in the list, and is one press away. */
	async function open() {
		if (!written) return;
		await keeping.openNew({ ...writing.lesson(written), page: '/simplex' }, true);
		go('/simplex');
	}

	const point = (name: string | null, kind: 'constraint' | 'variable') =>
		selection.point(name === null ? null : { kind, name });
	const isAbout = (kind: 'row' | 'column', name: string) =>
		current?.kind === kind &&
		(kind === 'row'
			? current.kind === 'row' && current.row === name
			: current.kind === 'column' && current.variable === name);
</script>

{#snippet side(problem: Problem, isDual: boolean)}
	<table role="presentation">
		<tbody>
			<tr class="goal" class:about={current?.kind === 'objective'}>
				<td colspan="3">
					{#if !isDual || hasGoal}
						<span class="sense">{problem.objective.sense}</span>
						<Formula
							tex={`${texName(problem.objective.name)} = ${texTerms(problem.objective.terms, problem.objective.constant, style)}`}
							says={`${problem.objective.name} = ${printTerms(problem.objective.terms, problem.objective.constant)}`}
						/>
					{/if}
				</td>
			</tr>
			{#each problem.constraints as { name, terms, relation, rhs } (name)}
				{@const identity = isDual ? undefined : session.identities.get(name)}
				{@const kind = isDual ? 'variable' : 'constraint'}
				<tr
					class:lit={selection.isPointed({ kind, name })}
					class:about={isAbout(isDual ? 'column' : 'row', name)}
					onpointerenter={() => point(name, kind)}
					onpointerleave={() => point(null, kind)}
				>
					<td class="label"
						>{#if identity}<MarkGlyph {identity} />
						{/if}{name}</td
					>
					<td class="text-right"
						><Formula tex={texTerms(terms, undefined, style)} says={printTerms(terms)} /></td
					>
					<td><Formula {...limitOf(relation, rhs, style)} /></td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="signs">
		{#if isDual}
			{#each problem.variables as variable (variable.name)}
				{@const row = rowOf.get(variable.name) ?? ''}
				{@const identity = session.identities.get(row)}
				{@const [sign] = texSigns([variable], style)}
				<span
					class:lit={selection.isPointed({ kind: 'constraint', name: row })}
					class:about={isAbout('row', row)}
					role="presentation"
					onpointerenter={() => point(row, 'constraint')}
					onpointerleave={() => point(null, 'constraint')}
					>{#if identity}<MarkGlyph {identity} />
					{/if}<Formula tex={sign.tex} says={sign.says} />
					<em>{en`for ${calledRow(row)}`}</em></span
				>
			{/each}
		{:else}
			{#each texSigns(problem.variables, style) as { tex, says } (says)}<span><Formula {tex} {says} /></span
				>{/each}
		{/if}
	</p>
{/snippet}

<Pane pane="dual" name={en`Primal and dual`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if written}
			<Choose
				label={en`What the dual is taken of`}
				value={writing.form}
				options={[
					{ value: 'stated', text: en`As stated` },
					{ value: 'turned', text: en`Rows turned one way`, says: en`all rows turned the same way first` },
					{ value: 'standard', text: en`Of the standard form` }
				]}
				onchange={(form) => writing.write(form)}
			/>
			<label class="count"
				>{en`called`}
				<select
					class="field"
					aria-label={en`What dual variables are called`}
					value={writing.names}
					onchange={(event) => writing.call(event.currentTarget.value as (typeof DUAL_NAMES)[number])}
				>
					{#each DUAL_NAMES as own (own)}<option value={own}
							>{own === 'rows' ? en`after the rows` : `${own}1, ${own}2`}</option
						>{/each}
				</select></label
			>
			{#if writing.hasBounds && writing.form !== 'standard'}
				<button
					class="btn tool"
					aria-pressed={writing.bounds === 'kept'}
					title={en`Variables are counted from their bounds, so that these need no rows`}
					onclick={() => writing.keep(writing.bounds === 'kept' ? 'rows' : 'kept')}>{en`Bounds kept`}</button
				>
			{/if}
			<button class="btn tool" aria-pressed={asTables} onclick={() => (asTables = !asTables)}
				>{en`As tables`}</button
			>
			<button
				class="btn tool"
				aria-label={en`Previous step of the dual`}
				title={en`Previous step (Page Up)`}
				disabled={steps === 0}
				onclick={() => writing.step(steps - 1)}>◂</button
			>
			<span class="count">{en`${steps} of ${all}`}</span>
			<button
				class="btn tool now"
				aria-label={en`Next step of the dual`}
				title={en`Next step (Page Down)`}
				disabled={steps === all}
				onclick={() => writing.step(steps + 1)}>▸</button
			>
			<button class="btn tool" onclick={() => writing.step(steps === all ? 0 : null)}
				>{steps === all ? en`From the beginning` : en`Whole`}</button
			>
			<button
				class="btn tool"
				title={en`Both tableaux beside each other, each with its own steps`}
				onclick={() => sensitivity.show('both')}>{en`Solve both`}</button
			>
			<button
				class="btn tool"
				title={en`As a lesson of its own; this one stays in Lessons`}
				onclick={() => void open()}>{en`Open the dual`}</button
			>
		{/if}
	{/snippet}
	{#if written && partly}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="sides" tabindex="0" role="group" aria-label={en`Primal and dual`}>
			{#if asTables}
				<TurnedTables primal={written.primal} dual={written.dual} />
			{:else}
				<section aria-label={en`Primal`}>
					<h3 class="text-text mb-1">{en`Primal`}</h3>
					{@render side(written.primal, false)}
				</section>
				<section aria-label={en`Dual`}>
					<h3 class="text-text mb-1">{en`Dual`}</h3>
					{@render side(partly, true)}
				</section>
			{/if}
			<DualReasons {written} {steps} />
		</div>
	{:else}
		<p class="nothing">{en`The dual appears here as soon as the statement can be read.`}</p>
	{/if}
</Pane>

<style>
	.sides {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
		display: grid;
		grid-template-columns: 1fr 1fr;
		grid-template-rows: max-content auto;
		align-content: start;
		gap: var(--gap-2) var(--gap-4);
		font-size: var(--size-figure);
	}
	@container (max-width: 40rem) {
		/* one below the other, each as high as it is */
		.sides {
			display: block;
		}
		section {
			margin-bottom: var(--gap-3);
		}
	}
	section {
		min-width: 0;
		min-height: max-content;
		overflow-x: auto;
	}
	table {
		width: 100%;
	}
	td {
		padding: 0.2rem 0.4rem;
		white-space: nowrap;
	}
	.label {
		color: var(--ink-soft);
		font-style: italic;
		font-size: var(--size-note);
	}
	.goal td {
		height: 2rem;
		border-bottom: 1px solid var(--rule);
	}
	.sense {
		font-style: italic;
		color: var(--now);
		font-weight: 600;
		margin-right: 0.6rem;
	}
	.lit {
		background: var(--now-wash);
	}
	.about {
		outline: 2px solid var(--now);
		outline-offset: -2px;
	}
	.signs {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-3);
		margin: var(--gap-2) 0 0;
		padding: 0 0.4rem;
	}
	.signs em {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.count {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.label :global(.glyph),
	.signs :global(.glyph) {
		margin-right: 0.35rem;
	}
</style>
