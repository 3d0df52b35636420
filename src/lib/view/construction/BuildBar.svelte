<script lang="ts">
	import { en } from '$lib/core/language';
	import { Slider } from '@skeletonlabs/skeleton-svelte';
	import { conclusionFound, foundWords, lineWords, regionInWords } from '$lib/core/commentary';
	import { NOTHING_SAID, type Sentence } from '$lib/core/sentence';
	import { edgesAt, pointKey, valuesOf } from '$lib/core/geometry';
	import { isZero, rational, toText } from '$lib/core/number';
	import { readCell } from '$lib/core/problem';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Words from '../shared/Words.svelte';

	/** Below the picture: the step of the construction and its sentences; of the finished picture what it is, and the objective's value. */
	let { showsBest }: { showsBest: boolean } = $props();
	const { document: lesson, figure, selection } = useDesk();
	const construction = useConstruction();
	const { problem, body, step, steps, index, optimal, conflict, changed } = $derived(construction);
	const PARTS = 100;
	/** said between sentences, so that copied and spoken text has it too */
	const BETWEEN = ' ';

	const remark = $derived(step && construction.remark(step));
	const values = $derived(problem && body && valuesOf(problem, problem.objective, body));
	const corner = $derived(construction.corners.get(selection.corner ?? '') ?? null);

	/** over which slopes of the objective's line the best corner stays best */
	const slopes = $derived.by((): Sentence => {
		if (!problem || !body || problem.variables.length !== 2 || !showsBest) return NOTHING_SAID;
		const [at, ...others] = construction.best?.points ?? [];
		const vertex = body.vertices.findIndex((own) => at && pointKey(own.at) === pointKey(at));
		const edges = vertex < 0 || others.length ? null : edgesAt(body, vertex);
		if (!edges) return NOTHING_SAID;
		const [first, second] = edges.map(([dx, dy]) => (isZero(dx) ? null : dy.div(dx)));
		return lineWords(problem, { code: 'stays-best-between', at, slopes: [first, second] });
	});
	const valueSentence = $derived(
		values && problem ? lineWords(problem, { code: 'values-in-region', ...values }) : NOTHING_SAID
	);
	const conflictSentence = $derived.by((): Sentence => {
		if (!conflict || !problem) return NOTHING_SAID;
		const { names, gap } = conflict;
		const at = gap && { at: [...gap.plan.values()], by: gap.by };
		return lineWords(problem, { code: 'sides-exclude', names, gap: at });
	});

	let typed = $state<string | null>(null);
	let wrong = $state(false);
	const level = $derived(construction.level);

	function enter(text: string) {
		typed = text;
		const value = text.trim() ? readCell(text) : null;
		wrong = text.trim() !== '' && value === null;
		if (value || !text.trim()) construction.put(value);
	}
</script>

<div class="bar" aria-live="polite">
	<p class="flex flex-wrap items-center gap-y-1 gap-x-2">
		<button
			class="btn tool"
			aria-label={en`Previous step of the construction`}
			title={en`Previous step (Page Up)`}
			disabled={steps.length === 0}
			onclick={() => construction.previous()}>◂</button
		>
		<button
			class="btn tool now"
			aria-label={step ? en`Next step of the construction` : undefined}
			title={en`Next step (Page Down)`}
			disabled={steps.length === 0}
			onclick={() => construction.next()}>{step ? '▸' : en`Build up ▸`}</button
		>
		{#if step && remark}
			<span class="count">{en`${index + 1} of ${steps.length}`}</span>
			<strong><Words sentence={remark.heading} linked={false} /></strong>
			<button
				class="btn tool end"
				title={en`The finished picture (c)`}
				onclick={() => construction.show(null)}>{en`Finish`}</button
			>
		{:else if problem}
			<label class="level">
				{problem.objective.name} =
				<input
					class="field"
					aria-label={en`Value of ${problem.objective.name} at the line`}
					aria-invalid={wrong}
					value={typed !== null && wrong ? typed : level ? toText(level) : ''}
					placeholder={en`at the point`}
					disabled={!values}
					oninput={({ currentTarget }) => enter(currentTarget.value)}
					onblur={() => (typed = null)}
				/>
			</label>
			{#if wrong}<span class="wrong" role="alert">{en`Write a number such as 720 or 7/3.`}</span>{/if}
			<span class="soft"><Words sentence={valueSentence} linked={false} /></span>
			{#if level}<button class="btn tool" onclick={() => construction.put(null)}>{en`To the point`}</button
				>{/if}
			{#if construction.isTurned}
				<button class="btn tool" onclick={() => construction.turn(null)}>{en`Reset direction`}</button>
			{/if}
		{/if}
		{#if changed && changed.after === lesson.text}
			<button class="btn tool" onclick={() => construction.putBack(lesson)}
				>{en`Put ${changed.name} back to ${toText(changed.from)}`}</button
			>
		{/if}
	</p>
	{#if remark}
		<p class="said">
			{#each remark.sentences as sentence, i (i)}<Words {sentence} />{BETWEEN}{/each}
		</p>
	{:else if problem && body}
		<p class="said">
			{#if construction.isTurned}
				<Words
					sentence={lineWords(problem, { code: 'objective-turned', terms: problem.objective.terms })}
				/>{BETWEEN}<Words sentence={slopes} />{BETWEEN}
			{/if}
			{#if corner}
				<Words sentence={construction.cornerText(corner)} />
			{:else if conflict}
				<Words sentence={conflictSentence} />
			{:else}
				<Words sentence={regionInWords(problem, body)} />
				{#if showsBest}
					{#each conclusionFound(problem, body, figure.isSlice ? figure.held : []).map(foundWords) as sentence, i (i)}{BETWEEN}<Words
							{sentence}
						/>{/each}
					{#if !construction.isTurned}{BETWEEN}<Words sentence={slopes} />{/if}
				{/if}
			{/if}
			{#if figure.isSlice}
				{BETWEEN}<Words sentence={lineWords(problem, { code: 'others-held', held: figure.held })} />
			{/if}
		</p>
		{#if problem.variables.length === 3 && values?.low && values.high && !values.low.equals(values.high)}
			{@const low = values.low}
			{@const span = values.high.sub(low)}
			<div class="slide">
				<Slider
					min={0}
					max={PARTS}
					step={1}
					value={[level ? Math.round(Number(level.sub(low).div(span).valueOf()) * PARTS) : 0]}
					onValueChange={({ value }) => construction.put(low.add(span.mul(rational(value[0], PARTS))))}
				>
					<Slider.Label class="only-heard">{en`The plane of ${problem.objective.name}`}</Slider.Label>
					<Slider.Control class="slider-control">
						<Slider.Track class="slider-track"><Slider.Range class="slider-range" /></Slider.Track>
						<Slider.Thumb index={0} class="slider-thumb"><Slider.HiddenInput /></Slider.Thumb>
					</Slider.Control>
				</Slider>
				<span class="soft">{en`slides the plane of ${problem.objective.name}`}</span>
			</div>
		{/if}
		{#if optimal && showsBest}
			<div class="slide">
				<Slider
					min={0}
					max={PARTS}
					step={1}
					value={[
						Math.min(
							PARTS,
							Math.round(Number(construction.along.valueOf()) * (optimal.ends ? PARTS : PARTS / 10))
						)
					]}
					onValueChange={({ value }) =>
						construction.walk(rational(value[0], optimal.ends ? PARTS : PARTS / 10))}
				>
					<Slider.Label class="only-heard">{en`Along the best plans`}</Slider.Label>
					<Slider.Control class="slider-control">
						<Slider.Track class="slider-track"><Slider.Range class="slider-range" /></Slider.Track>
						<Slider.Thumb index={0} class="slider-thumb"><Slider.HiddenInput /></Slider.Thumb>
					</Slider.Control>
				</Slider>
				<Words
					sentence={lineWords(problem, {
						code: 'along-best',
						along: construction.along,
						at: construction.optimalPoint!,
						value: construction.best!.value!
					})}
					linked={false}
				/>
			</div>
		{/if}
	{/if}
</div>

<style>
	.bar {
		flex: none;
		max-height: 45%;
		overflow: auto;
		border-top: 1px solid var(--rule);
		padding: 0.3rem var(--gap-3) 0.4rem;
	}
	.said {
		margin-top: 0.25rem;
		font-size: var(--size-text);
		min-height: 2.9em;
	}
	.count,
	.soft {
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.end {
		margin-left: auto;
	}
	.level {
		display: inline-flex;
		align-items: center;
		gap: 0.3rem;
		white-space: nowrap;
	}
	.field {
		width: 7rem;
		padding: 0.1rem 0.4rem;
	}
	.wrong {
		color: var(--error);
		font-size: var(--size-note);
	}
	.slide {
		display: flex;
		align-items: center;
		gap: var(--gap-3);
	}
	.slide :global([data-part='root']) {
		flex: 0 1 16rem;
	}
</style>
