<script lang="ts">
	import { en } from '$lib/core/language';
	import { addCut, shortOf } from '$lib/core/integer';
	import { cutOffFound, cutReasons, derivationOf, foundWords } from '$lib/core/commentary';
	import { linear, NOTHING_SAID, say, type Sentence } from '$lib/core/sentence';
	import { kernelRowOf, noCutWords, touchOf, wholeAt, whyNoCut } from '$lib/core/move';
	import { RELATION_SIGNS } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { CUT_RULES, type CutRule } from '$lib/desk/cutting.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import Reasons from '../commentary/Reasons.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Words from '../shared/Words.svelte';
	import BoundChart from './BoundChart.svelte';
	import Composer from './Composer.svelte';
	import './list.css';

	/** Cutting planes: the rows they can come from, how one is derived, and the rounds so far. */
	const { document: lesson, session } = useDesk();
	const integers = useIntegers();
	const style = $derived(lesson.notation.numbers);
	const RULES: Record<CutRule, string> = {
		first: en`first row`,
		largest: en`largest part`,
		lexicographic: en`objective row first`
	};
	const TOUCH = { no: en`no`, touches: en`touches it`, face: en`along a side` } as const;
	let asked = $state<string | null>(null);
	let composing = $state(false);
	const looked = $derived(
		integers.cutting.candidates.find(({ row }) => row === asked) ?? integers.cutting.chosenRow
	);
	const reasons = $derived.by(() => {
		const { position, tableau: t } = session;
		if (!t || !position || !looked) return [];
		return cutReasons(
			t,
			kernelRowOf(t, looked.row),
			wholeAt(position),
			integers.cutting.kind === 'mixed-integer'
		);
	});
	const derivation = $derived.by(() => {
		const { position, tableau: t } = session;
		if (!t || !position || !looked) return [];
		const row = kernelRowOf(t, looked.row);
		const mixed = integers.cutting.kind === 'mixed-integer';
		const whole = wholeAt(position);
		const { cut } = addCut(t, row, whole, 1, mixed);
		return [...derivationOf(t, row, whole, mixed), ...cutOffFound(t, cut)].map(foundWords);
	});
	/** why no cut is offered at the end of a relaxation */
	const ended = $derived.by((): Sentence => {
		const { decision, position } = session;
		return decision?.kind === 'end' && position
			? noCutWords(whyNoCut(position, decision.end.status))
			: NOTHING_SAID;
	});
	const canDrop = $derived(session.offers.some(({ move }) => move.kind === 'drop'));
	const rounds = $derived(integers.cutting.rounds);
	const best = $derived(integers.best?.objective ?? null);
	const series = $derived([
		{
			name: 'bound',
			values: rounds.length
				? [
						{ at: 0, value: rounds[0].before },
						...rounds.map(({ number, after }) => ({ at: number, value: after }))
					]
				: []
		},
		...(best
			? [
					{
						name: en`best integer`,
						dashed: true,
						values: [0, Math.max(1, rounds.length)].map((at) => ({ at, value: best }))
					}
				]
			: [])
	]);
</script>

<div class="bar">
	<label
		>{en`Row`}
		<select
			class="field"
			value={integers.cutting.rule}
			onchange={({ currentTarget }) => integers.cutting.cutBy(currentTarget.value as CutRule)}
		>
			{#each CUT_RULES as rule (rule)}<option value={rule}>{RULES[rule]}</option>{/each}
		</select></label
	>
	<label
		>{en`Kind`}
		<select
			class="field"
			value={integers.cutting.kind ?? ''}
			onchange={({ currentTarget }) =>
				integers.cutting.cutWith(
					(currentTarget.value || undefined) as 'fractional' | 'mixed-integer' | undefined
				)}
		>
			<option value="">{en`automatic`}</option>
			<option value="fractional">{en`Gomory fractional`}</option>
			<option value="mixed-integer">{en`Gomory mixed-integer`}</option>
		</select></label
	>
	<button class="btn tool now" disabled={!looked} onclick={() => integers.cutting.cut()}>{en`Cut`}</button>
	<button
		class="btn tool"
		disabled={integers.cutting.candidates.length < 2}
		onclick={() => integers.cutting.cutAll()}>{en`All rows`}</button
	>
	<button
		class="btn tool"
		disabled={integers.running.what !== null}
		title={en`A cut and its pivots`}
		onclick={() => void integers.cutting.round()}>{en`Cut and solve`}</button
	>
	{#if integers.running.what === 'rounds'}
		<button class="btn tool" onclick={() => integers.running.cancel()}>{en`Cancel`}</button>
	{:else}
		<button
			class="btn tool"
			disabled={integers.running.what !== null}
			onclick={() => void integers.cutting.allRounds()}>{en`Until whole`}</button
		>
	{/if}
	<button class="btn tool" disabled={!canDrop} onclick={() => session.take({ kind: 'drop' })}
		>{en`Drop slack cuts`}</button
	>
	<button class="btn tool" aria-pressed={composing} onclick={() => (composing = !composing)}
		>{en`Compose …`}</button
	>
</div>
{#if composing}<Composer />{/if}
{#if looked}
	<ul class="rows" aria-label={en`Rows that give a cut`}>
		{#each integers.cutting.candidates as own (own.row)}
			<li>
				<button
					class="btn row"
					aria-pressed={own.row === looked.row}
					onclick={() => (asked = own.row)}
					ondblclick={() => integers.cutting.cut(own.row)}
					><Words sentence={say`${own.name} = ${own.value}, part ${own.part}`} linked={false} /></button
				>
				{#if own.row === looked.row && own.row !== integers.cutting.chosenRow?.row}
					<button class="btn tool" onclick={() => integers.cutting.cut(own.row)}
						>{en`Cut from this row`}</button
					>
				{/if}
			</li>
		{/each}
	</ul>
	<ol class="derivation" aria-label={en`How the cut is derived`}>
		{#each derivation as sentence, i (i)}<li><Words {sentence} /></li>{/each}
	</ol>
	<Reasons {reasons} />
{:else if !session.tableau}
	<p>{en`Solve the relaxation first: press Next, or Cut and solve.`}</p>
{:else if session.decision?.kind === 'end'}
	<p><Words sentence={ended} linked={false} /></p>
{:else}
	<p>{en`Cuts need an optimal tableau. Press End, or Cut and solve.`}</p>
{/if}
{#if rounds.length > 0}
	<table class="ways-list">
		<thead>
			<tr
				><th scope="col">{en`cut`}</th><th scope="col">{en`from`}</th><th scope="col">{en`it says`}</th><th
					scope="col">{en`bound`}</th
				>{#if best}<th scope="col">{en`gap`}</th>{/if}{#if integers.hull}<th scope="col"
						>{en`meets the hull`}</th
					>{/if}</tr
			>
		</thead>
		<tbody>
			{#each rounds as { number, cut, after } (number)}
				<tr class:dropped={cut.dropped}>
					<th scope="row">{number}{cut.dropped ? en`, dropped` : ''}</th>
					<td>{cut.row}</td>
					<td
						>{#if cut.original}<Words
								sentence={say`${linear(cut.original.terms)} ${RELATION_SIGNS[cut.original.relation]} ${cut.original.rhs}`}
								linked={false}
							/>{:else}–{/if}</td
					>
					<td
						>{#if after}<NumberView value={after} {style} />{:else}–{/if}</td
					>
					{#if best && integers.problem}<td
							>{#if after}<NumberView
									value={shortOf(integers.problem, best, after)}
									{style}
								/>{:else}–{/if}</td
						>{/if}
					{#if integers.hull && integers.problem}<td
							>{TOUCH[touchOf(integers.problem, integers.hull, cut)]}</td
						>{/if}
				</tr>
			{/each}
		</tbody>
	</table>
	<BoundChart {series} across="round" />
	{#if !best}
		<button
			class="btn tool"
			disabled={integers.running.what !== null}
			onclick={() => void integers.findBest()}>{en`Find the integer optimum, for the gap`}</button
		>
	{/if}
{/if}

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
		margin-bottom: var(--gap-2);
		font-size: var(--size-note);
	}
	.bar select {
		width: auto;
		display: inline-block;
	}
	.rows {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
		margin: 0 0 var(--gap-2);
		padding: 0;
	}
	.row {
		padding: 0.1rem 0.5rem;
		border: 1px solid var(--rule);
	}
	.row[aria-pressed='true'] {
		border-color: var(--now);
		background: var(--now-wash);
	}
	.derivation {
		margin: 0 0 var(--gap-2);
		padding-left: 1.4rem;
		list-style: decimal;
	}
	p {
		margin: 0 0 var(--gap-2);
	}
	.dropped {
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
