<script lang="ts">
	import { around, en } from '$lib/core/language';
	import {
		calledNumber,
		type EndReading,
		endFound,
		movedPlanSentence,
		numberWords,
		askedOfOneMore,
		priceFound,
		quantity,
		rangeFound,
		sidesFound,
		unitOfNumber,
		whatIfFound
	} from '$lib/core/commentary';
	import { compare, type Rational, toText } from '$lib/core/number';
	import { valueOn } from '$lib/core/parametric';
	import { readCell } from '$lib/core/problem';
	import { say } from '$lib/core/sentence';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Around from '../shared/Around.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';
	import IntervalLine from './IntervalLine.svelte';

	/** The number taken in the hand: how far it may move, why no farther, what it is worth, and what happens when it is moved. */
	const { document: lesson, selection, session } = useDesk();
	const sensitivity = useSensitivity();
	const { problem, varied, reading, runs, pieces, value, tableau } = $derived(sensitivity);
	const called = $derived(problem && varied && calledNumber(problem, varied));
	const unit = $derived(problem && varied ? unitOfNumber(problem, varied) : undefined);
	const optimal = $derived(pieces.filter(({ status }) => status === 'optimal'));
	const breaks = $derived(
		sensitivity.stretches
			.flatMap(({ from, to }) => (to ? [from, to] : [from]))
			.filter(
				(own, i, all) =>
					all.findIndex((other) => other.equals(own)) === i && reading && !own.equals(reading.now)
			)
	);
	const here = $derived(
		value &&
			// where two pieces meet, one with a best plan tells the value
			optimal.find(({ from, to }) => (!from || compare(value, from) >= 0) && (!to || compare(value, to) <= 0))
	);
	const told = $derived.by(() => {
		if (!problem || !reading || !runs || !value) return [];
		return whatIfFound(reading, value.gte(reading.now) ? runs.up : runs.down, value).map((found) =>
			numberWords(problem, found)
		);
	});
	const result = $derived(here && value ? valueOn(here, value) : null);
	const sides = $derived(reading ? sidesFound(pieces, reading) : null);
	let typed = $state('');
	let wrong = $state(false);
	let price = $state('');
	// what was typed was about the number taken in the hand before
	$effect(() => {
		void varied;
		typed = '';
		wrong = false;
		price = '';
	});
	const offered = $derived(price.trim() ? readCell(price) : null);

	function enter(text: string) {
		typed = text;
		const own = text.trim() ? readCell(text) : null;
		wrong = text.trim() !== '' && own === null;
		if (own) sensitivity.move(own);
	}

	function move(to: Rational) {
		typed = '';
		wrong = false;
		sensitivity.move(to);
	}

	/** The cells that set an end are framed in the tableau while it is pointed at. */
	function frame(end: EndReading | null) {
		selection.read(end?.column ? { columns: [end.column], value: false } : null);
	}

	/** Takes the change into the trail, where the tableau stands at this best plan. */
	function keep() {
		if (!varied || !value || !session.position) return;
		const { keys } = session.position;
		const key =
			'rhs' in varied
				? { rhs: keys.constraints.get(varied.rhs) ?? varied.rhs }
				: { cost: keys.variables.get(varied.objective) ?? varied.objective };
		session.take({ kind: 'change', change: { ...key, value: toText(value) } });
	}
</script>

{#snippet newNumber()}<input
		class="field"
		aria-label={en`The new number`}
		aria-invalid={wrong}
		value={typed || toText(value!)}
		oninput={(event) => enter(event.currentTarget.value)}
	/>{/snippet}

<Pane pane="what-if" name={en`What if`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<button
			class="btn tool"
			disabled={!value || !reading || value.equals(reading.now)}
			onclick={() => move(reading!.now)}>{en`Reset`}</button
		>
		<button
			class="btn tool"
			title={en`Change the number in the current tableau, as a step of the trail`}
			disabled={!session.tableau || !value || !reading || value.equals(reading.now)}
			onclick={keep}>{en`Add as a step`}</button
		>
	{/snippet}
	{#if problem && varied && called && reading && value && tableau}
		<Scroll label={en`What if this number were different`}>
			<h3 class="text-text font-[650]">
				<Words sentence={say`${called}: ${quantity(reading.now, unit)}`} linked={false} />
			</h3>
			<IntervalLine
				now={reading.now}
				low={reading.low.at}
				high={reading.high.at}
				{breaks}
				from={optimal[0]?.from ?? null}
				to={optimal.at(-1)?.to ?? null}
				{value}
				label={'rhs' in varied
					? en`Amount of ${varied.rhs}`
					: en`${problem.objective.name} per ${varied.objective}`}
				onmove={move}
			/>
			<div class="moved" aria-live="polite">
				<label><Around pieces={around`What if it were ${newNumber}?`} /></label>
				{#if wrong}<span class="wrong">{en`Write 12, 5/2 or 0.25.`}</span>{/if}
				{#each told as sentence, i (i)}<p><Words {sentence} linked={false} decimals /></p>{/each}
				{#if result && !value.equals(reading.now)}
					<p class="result">
						<Words
							sentence={say`${problem.objective.name} = ${quantity(result, problem.objective.unit)}`}
							linked={false}
							decimals
						/>
					</p>
					{#if sensitivity.changedPlan}<p>
							<Words sentence={movedPlanSentence(problem, sensitivity.changedPlan)} linked={false} decimals />
						</p>{/if}
				{/if}
			</div>
			<ul>
				{#each ['low', 'high'] as const as side (side)}
					<li onpointerenter={() => frame(reading[side])} onpointerleave={() => frame(null)}>
						<Words sentence={numberWords(problem, endFound(reading, side))} />
					</li>
				{/each}
			</ul>
			{#each rangeFound(reading) as found, i (i)}<p>
					<Words sentence={numberWords(problem, found)} />
				</p>{/each}
			{#if sides}<p class="note"><Words sentence={numberWords(problem, sides)} /></p>{/if}
			{#if 'rhs' in varied}
				<div class="moved">
					<label
						>{askedOfOneMore(tableau, varied.rhs) === 'buy'
							? en`Would you buy one more for`
							: en`Would you take on one more if paid`}
						<input class="field" aria-label={en`Price of one more`} bind:value={price} />
						{problem.objective.unit ?? ''}?</label
					>
					{#if offered}
						<p aria-live="polite">
							<Words
								sentence={numberWords(problem, priceFound(tableau, varied.rhs, offered))}
								linked={false}
							/>
						</p>
					{/if}
				</div>
			{/if}
		</Scroll>
	{:else if problem}
		<p class="nothing">
			{en`The problem has no best plan now. “As a function” shows for which numbers it has one.`}
		</p>
	{:else}
		<p class="nothing">{en`What a number is worth appears here once the statement can be read.`}</p>
	{/if}
</Pane>

<style>
	ul {
		margin: 0 0 var(--gap-2);
	}
	li:hover {
		background: var(--now-wash);
	}
	p {
		margin: 0 0 0.15rem;
	}
	.note {
		padding-left: 0.5rem;
		border-left: 3px solid var(--now);
	}
	.moved {
		margin-top: var(--gap-2);
		padding-top: var(--gap-1);
		border-top: 1px solid var(--rule);
	}
	.moved input {
		width: 5.5rem;
	}
	.wrong {
		color: var(--error);
		font-size: var(--size-note);
	}
	.result {
		font-weight: 650;
	}
</style>
