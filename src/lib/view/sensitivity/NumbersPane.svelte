<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		numberWords,
		rangeReading,
		storyFound,
		storyWords,
		unitOfNumber,
		reachesFound,
		worthFound
	} from '$lib/core/commentary';
	import { tiedColumns } from '$lib/core/answer';
	import { plainText } from '$lib/core/sentence';
	import { compare, type Rational, toText, ZERO } from '$lib/core/number';
	import { RELATION_SIGNS, type Varied } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { sameNumber, useSensitivity } from '$lib/desk/sensitivity.svelte';
	import { fitTable } from '../shared/fit-table';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** The numbers of the problem, each to be taken in the hand; on request all intervals, or the answer in words. */
	const { document: lesson, session } = useDesk();
	const sensitivity = useSensitivity();
	const { problem, tableau, answer } = $derived(sensitivity);
	/** whether the intervals stand in the order of what one more is worth */
	let isByWorth = $state(false);
	let shows = $state<'numbers' | 'all' | 'words'>('numbers');
	let isCopied = $state(false);
	/** the coefficient inside a row that is asked about */
	let inside = $state<{ row: string; variable: string } | null>(null);
	const isThere = $derived(
		!!inside && !!problem?.constraints.find(({ name }) => name === inside!.row)?.terms.has(inside.variable)
	);
	const style = $derived(lesson.notation.numbers);
	const isTwo = $derived(sensitivity.look === 'two');
	const all = $derived.by((): Varied[] =>
		problem
			? [
					...problem.variables.map(({ name }) => ({ objective: name })),
					...problem.constraints.map(({ name }) => ({ rhs: name }))
				]
			: []
	);
	const listed = $derived.by(() => {
		const own = tableau ? all.map((varied) => ({ varied, reading: rangeReading(tableau, varied) })) : [];
		if (!isByWorth) return own;
		// which constraint to relax: right-hand sides first, the most worth on top
		const isAmount = ({ varied }: (typeof own)[number]) => Number('rhs' in varied);
		return own.sort(
			(a, b) => isAmount(b) - isAmount(a) || compare(b.reading.rate.abs(), a.reading.rate.abs())
		);
	});
	const nameOf = (varied: Varied) => ('rhs' in varied ? varied.rhs : varied.objective);
	const paragraph = $derived(
		shows === 'words' && tableau && problem && answer?.solution
			? [
					...storyFound(problem, answer.solution, tiedColumns(tableau).length === 0).map((found) =>
						storyWords(found, (kind, name) => lesson.telling.meaning(kind, name))
					),
					...worthFound(tableau).map((found) => numberWords(problem, found))
				]
			: []
	);

	/** With two at once, another number of the same sort is the second; the second one pressed again, or one of the other sort, is the first. */
	function take(varied: Varied) {
		const { varied: first, other: second } = sensitivity;
		const isSameSort = !!first && 'rhs' in first === 'rhs' in varied;
		const isNew = !sameNumber(varied, first) && !sameNumber(varied, second);
		sensitivity.take(varied, isTwo && isSameSort && isNew);
	}

	async function copy() {
		await navigator.clipboard.writeText(
			paragraph.map((sentence) => plainText(sentence, lesson.notation)).join(' ')
		);
		isCopied = true;
	}
</script>

{#snippet held(value: Rational, varied: Varied, says: string)}
	<button
		class="number"
		aria-pressed={sameNumber(varied, sensitivity.varied)}
		class:second={isTwo && sameNumber(varied, sensitivity.other)}
		aria-label={`${says}: ${toText(value)}${isTwo && sameNumber(varied, sensitivity.other) ? en`, the second number` : ''}`}
		onclick={() => take(varied)}><NumberView {value} {style} /></button
	>
{/snippet}

{#snippet end(at: Rational | null, none: string)}{#if at}<NumberView
			value={at}
			{style}
		/>{:else}{none}{/if}{/snippet}

<Pane pane="numbers" name={en`Numbers`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<button
			class="btn tool"
			aria-pressed={shows === 'all'}
			onclick={() => (shows = shows === 'all' ? 'numbers' : 'all')}>{en`All intervals`}</button
		>
		<button
			class="btn tool"
			aria-pressed={shows === 'words'}
			onclick={() => (shows = shows === 'words' ? 'numbers' : 'words')}>{en`In words`}</button
		>
	{/snippet}
	{#if problem && shows === 'words'}
		<Scroll label={en`The answer in words`}>
			{#if tableau}
				<p class="words">
					{#each paragraph as sentence, i (i)}<span class="sentence"><Words {sentence} linked={false} /></span
						>{/each}
				</p>
				<button class="btn tool" onclick={() => void copy()}>{isCopied ? en`Copied` : en`Copy`}</button>
			{:else}<p class="nothing">{en`There is no best plan to tell of.`}</p>{/if}
		</Scroll>
	{:else if problem && shows === 'all' && tableau}
		<Scroll label={en`All intervals`}>
			<table class="all">
				<thead>
					<tr
						><th scope="col">{en`number`}</th><th>{en`now`}</th><th>{en`from`}</th><th>{en`to`}</th><th
							><button
								class="sort"
								aria-pressed={isByWorth}
								title={en`What one more is worth, the most first`}
								onclick={() => (isByWorth = !isByWorth)}>{en`each unit${isByWorth ? ' ↓' : ''}`}</button
							></th
						></tr
					>
				</thead>
				<tbody>
					{#each listed as { varied, reading } (JSON.stringify(varied))}
						<tr class:held={sameNumber(varied, sensitivity.varied)}>
							<th scope="row"
								><button onclick={() => take(varied)}
									>{nameOf(varied)}{'rhs' in varied ? '' : en` in ${problem.objective.name}`}</button
								></th
							>
							<td><NumberView value={reading.now} {style} decimal /> {unitOfNumber(problem, varied) ?? ''}</td
							>
							<td>{@render end(reading.low.at, '−∞')}</td>
							<td>{@render end(reading.high.at, '∞')}</td>
							<td><NumberView value={reading.rate} {style} decimal /></td>
						</tr>
					{/each}
				</tbody>
			</table>
		</Scroll>
	{:else if problem}
		<Scroll label={en`The numbers of the problem`}>
			<p class="hint">
				{isTwo
					? en`Press another number of the same sort to make it the second one; press the second one to swap them.`
					: en`Press a coefficient of the objective or an amount.`}
			</p>
			<div class="fit" {@attach fitTable({ most: 1.15, byHeight: 'scroll' })}>
				<table>
					<thead>
						<tr
							><td></td>{#each problem.variables as { name } (name)}<th scope="col" class="variable"
									>{name}</th
								>{/each}<td></td><td></td></tr
						>
					</thead>
					<tbody>
						<tr class="goal">
							<th scope="row">{problem.objective.sense} {problem.objective.name}</th>
							{#each problem.variables as { name } (name)}
								<td
									>{@render held(
										problem.objective.terms.get(name) ?? ZERO,
										{ objective: name },
										en`${problem.objective.name} per ${name}`
									)}</td
								>
							{/each}
							<td></td><td></td>
						</tr>
						{#each problem.constraints as { name, terms, relation, rhs, unit } (name)}
							{@const identity = session.identities.get(name)}
							<tr>
								<th scope="row"
									>{#if identity}<MarkGlyph {identity} />
									{/if}{name}</th
								>
								{#each problem.variables as variable (variable.name)}
									{@const value = terms.get(variable.name)}
									<td class="text-soft"
										>{#if value}<button
												class="inside"
												aria-label={en`${name} per ${variable.name}: ${toText(value)}`}
												aria-pressed={inside?.row === name && inside.variable === variable.name}
												onclick={() => (inside = { row: name, variable: variable.name })}
												><NumberView {value} {style} /></button
											>{/if}</td
									>
								{/each}
								<td>{RELATION_SIGNS[relation]}</td>
								<td
									>{@render held(rhs, { rhs: name }, en`Amount of ${name}`)}
									<span class="unit">{unit ?? ''}</span></td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			{#if inside && isThere && tableau}
				{@const found = sensitivity.coefficient(inside.row, inside.variable)}
				<p class="about" aria-live="polite">
					<Words sentence={numberWords(problem!, reachesFound(found))} />
				</p>
			{/if}
			{#if answer && answer.status !== 'optimal'}
				<p class="hint">
					{answer.status === 'infeasible'
						? en`The problem is infeasible, so there are no dual values. “As a function” shows for which numbers it is feasible.`
						: answer.status === 'unbounded'
							? en`The objective is unbounded, so there are no dual values. “As a function” shows for which numbers it is bounded.`
							: en`The answer was not found.`}
				</p>
			{/if}
		</Scroll>
	{:else}
		<p class="nothing">
			{session.large
				? en`Too large for this page.`
				: en`The numbers appear here as soon as the statement can be read.`}
		</p>
	{/if}
</Pane>

<style>
	table {
		border-block: 2px solid var(--ink);
	}
	.fit table {
		font-size: var(--size, 1rem);
	}
	:global(.fit[data-narrow]) .variable {
		writing-mode: vertical-rl;
		transform: rotate(180deg);
		text-align: left;
		padding-block: 0.3em;
	}
	th,
	td {
		padding: 0.12em 0.4em;
		text-align: center;
		white-space: nowrap;
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
	}
	thead :is(th, td),
	.goal :is(th, td) {
		border-bottom: 1px solid var(--rule);
	}
	thead th {
		font-weight: 600;
	}
	.number {
		min-width: max(1.5rem, 2.1em);
		min-height: max(1.5rem, 1.7em);
		padding: 0.1em 0.3em;
		font-weight: 600;
		cursor: pointer;
		border-bottom: 2px dotted var(--rule-strong);
	}
	.number[aria-pressed='true'] {
		background: var(--now-wash);
		border-bottom: 3px solid var(--now);
	}
	.number.second {
		border-bottom: 3px double var(--focus);
	}
	.inside {
		min-width: max(1.5rem, 1.6em);
		min-height: max(1.5rem, 1.6em);
		cursor: pointer;
		color: inherit;
	}
	.inside[aria-pressed='true'] {
		background: var(--now-wash);
	}
	.about {
		margin: var(--gap-2) 0 0;
	}
	.unit {
		font-size: 0.8em;
		color: var(--ink-soft);
	}
	.all button {
		cursor: pointer;
		min-height: 1.5rem;
		text-decoration: underline dotted var(--rule-strong);
	}
	.held {
		background: var(--now-wash);
	}
	.hint {
		margin: 0 0 var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.sentence {
		margin-right: 0.3em;
	}
	.words {
		margin: 0 0 var(--gap-2);
		max-width: 36rem;
		line-height: 1.5;
	}
	th :global(.glyph) {
		margin-right: 0.35rem;
	}
	.sort {
		color: inherit;
		font: inherit;
		cursor: pointer;
		text-decoration: underline dotted;
	}
</style>
