<script lang="ts">
	import { en } from '$lib/core/language';
	import { KIND_LABELS, KIND_NAMES } from '$lib/core/question';
	import { type ScriptStep, shownTitle, STEP_KINDS, type StepKind, titleOf } from '$lib/core/lesson';
	import { download, fileName } from '../shared/download';
	import { PAGE, sheetStyle } from '$lib/core/sheet';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { addressOf } from '$lib/desk/address';
	import { SPEAKER_PATH } from '$lib/desk/pages';
	import { useLecture } from '$lib/desk/lecture.svelte';
	import { adoptStyle } from '../shared/adopted-style';
	import { printDocument } from '../shared/print-document';
	import LectureView from './LectureView.svelte';
	import Slide from './Slide.svelte';

	/** A lecture is prepared here: its steps at the left, the slide at the right; and from here it is held. */
	const { document: lesson, session } = useDesk();
	const lecture = useLecture();
	let chosen = $state(0);
	const at = $derived(Math.max(0, Math.min(chosen, lecture.slides.length - 1)));
	const slide = $derived(lecture.slides[at] ?? null);
	const step = $derived(lecture.script[at] ?? null);
	const missing = $derived(lecture.slides.filter(({ isMissing }) => isMissing).length);
	const minutes = $derived(lecture.slides.reduce((sum, own) => sum + own.minutes, 0));

	const LABELS: Readonly<Record<StepKind, string>> = {
		own: en`Remark only`,
		story: en`Story`,
		problem: en`The problem`,
		lines: en`Constraints drawn`,
		region: en`The feasible region`,
		best: en`The best corner`,
		form: en`Standard form`,
		position: en`Tableau`,
		choice: en`Tableau: the choice`,
		ratios: en`Tableau: the ratios`,
		pivot: en`Tableau: the pivot`,
		operations: en`Row operations and result`,
		answer: en`The answer`,
		dual: en`The dual problem`,
		ranges: en`Ranges`,
		cut: en`Cut: its row`,
		derivation: en`Cut: how it comes about`,
		tree: en`Branch and bound`,
		question: en`Question`
	};
	/** steps that are about the n-th of something */
	const COUNTED: readonly StepKind[] = [
		'lines',
		'position',
		'choice',
		'ratios',
		'pivot',
		'operations',
		'cut',
		'derivation',
		'tree',
		'question'
	];
	/** steps whose number is shown as it is, and the least: of some 0 is something of its own, nothing drawn yet or all at once; the others count from 0 */
	const LEAST: Partial<Record<StepKind, number>> = { lines: 0, cut: 0, derivation: 1, tree: 0 };
	const countsFrom = (shows: StepKind): number => (shows in LEAST ? 0 : 1);
	const COUNT_LABELS: Partial<Record<StepKind, string>> = {
		lines: en`Constraints`,
		cut: en`Which cut (0: all)`,
		derivation: en`Which cut`,
		tree: en`Up to which node (0: all)`,
		question: en`Which of them`
	};
	/** a remark alone is called by its last line: the question, or what is expected */
	const labelOf = ({ shows, at: place, asks, says }: ScriptStep): string => {
		if (shows === 'own' && says) return says.trim().split('\n').at(-1)!;
		const known = KIND_NAMES.find((kind) => kind === asks);
		if (shows === 'question') return known ? en`Question: ${KIND_LABELS[known]}` : en`Question`;
		if (shows === 'lines') return place === 0 ? en`The axes` : en`Constraint ${place} drawn`;
		if (shows === 'cut') return place === 0 ? en`Cutting planes` : en`Cut ${place}: its row`;
		if (shows === 'derivation') return en`Cut ${place}: how it comes about`;
		if (shows === 'tree') return place === 0 ? LABELS.tree : en`Branch and bound, node by node (${place})`;
		return COUNTED.includes(shows) ? `${LABELS[shows]} (${place + 1})` : LABELS[shows];
	};

	$effect(() => {
		void [
			lesson.problem,
			lesson.notation,
			lesson.rule,
			lesson.script,
			lesson.telling.story,
			lesson.telling.notes,
			session.stops
		];
		const timer = setTimeout(() => void lecture.make(), 150);
		return () => clearTimeout(timer);
	});
	$effect(() => adoptStyle(sheetStyle(PAGE)));

	const change = (parts: Partial<ScriptStep>) =>
		lecture.write(lecture.script.map((own, i) => (i === at ? { ...own, ...parts } : own)));
	function remove() {
		lecture.write(lecture.script.filter((_, i) => i !== at));
	}
	function move(by: number) {
		const list = [...lecture.script];
		const to = at + by;
		if (to < 0 || to >= list.length) return;
		[list[at], list[to]] = [list[to], list[at]];
		lecture.write(list);
		chosen = to;
	}
	function add(shows: StepKind) {
		const asks = shows === 'question' ? { asks: 'entering' } : {};
		const own: ScriptStep = {
			shows,
			at: LEAST[shows] ?? (COUNTED.includes(shows) ? (step?.at ?? 0) : 0),
			...asks
		};
		lecture.write([...lecture.script.slice(0, at + 1), own, ...lecture.script.slice(at + 1)]);
		chosen = at + 1;
	}
	/** whether pictures of the slides are being made */
	let isPicturing = $state(false);
	/** The lecture as one file; what writes it is loaded when it is wanted. */
	async function save() {
		const { lectureWebPage } = await import('$lib/core/lecture');
		const title = titleOf(lesson.lesson);
		download(
			fileName(title, '-lecture.html'),
			lectureWebPage(shownTitle(title), lecture.slides, lesson.notation),
			'text/html'
		);
	}
	/** The slides, one a page, or what the speaker has in hand. */
	async function print(what: 'slides' | 'remarks') {
		const { lectureRemarks, lectureWebPage } = await import('$lib/core/lecture');
		const title = shownTitle(titleOf(lesson.lesson));
		printDocument(
			what === 'slides'
				? lectureWebPage(title, lecture.slides, lesson.notation, false)
				: lectureRemarks(title, lecture.slides)
		);
	}
	function walk(event: KeyboardEvent) {
		const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		if (!by) return;
		event.preventDefault();
		chosen = Math.max(0, Math.min(lecture.slides.length - 1, at + by));
		const list = event.currentTarget as HTMLElement;
		list.querySelectorAll<HTMLElement>('button')[chosen]?.focus();
	}
</script>

{#if lecture.isOn && lecture.slides.length > 0}
	<LectureView {lecture} />
{/if}
<main id="main" class="lecture" tabindex="-1" inert={lecture.isOn}>
	<section class="script" aria-label={en`The steps of the lecture`}>
		<header>
			<h2>{en`Lecture`}</h2>
			<button
				class="btn tool now"
				disabled={lecture.refusal !== null || lecture.slides.length === 0}
				onclick={() => lecture.begin()}>{en`Start`}</button
			>
			<button class="btn tool" disabled={lecture.slides.length === 0} onclick={() => lecture.begin(at)}
				>{en`Start here`}</button
			>
			<button
				class="btn tool"
				onclick={() => window.open(addressOf(SPEAKER_PATH), 'mathesis-speaker', 'width=1100,height=760')}
				>{en`Speaker’s window`}</button
			>
			<button
				class="btn tool"
				disabled={lecture.slides.length === 0}
				title={en`One HTML file: its steps by two keys, without a network`}
				onclick={() => void save()}>{en`Web page`}</button
			>
			<button
				class="btn tool"
				disabled={lecture.slides.length === 0}
				title={en`One page a step, on paper or as PDF`}
				onclick={() => void print('slides')}>{en`Print slides`}</button
			>
			<button
				class="btn tool"
				disabled={lecture.slides.length === 0 || isPicturing}
				title={en`A picture of each step, 1920 × 1080, in one zip file`}
				onclick={() => (isPicturing = true)}>{en`Pictures`}</button
			>
			<button
				class="btn tool"
				disabled={lecture.slides.length === 0}
				title={en`Remarks, right answers and slips to expect, on paper or as PDF`}
				onclick={() => void print('remarks')}>{en`Print remarks`}</button
			>
			{#if lecture.isOwn}<button
					class="btn tool"
					title={en`Back to the steps that suit the problem`}
					onclick={() => lecture.reset()}>{en`Reset`}</button
				>{/if}
		</header>
		{#if isPicturing}
			{#await import('./SlidePictures.svelte') then { default: SlidePictures }}
				<SlidePictures
					title={titleOf(lesson.lesson)}
					slides={lecture.slides}
					onclose={() => (isPicturing = false)}
				/>
			{/await}
		{/if}
		{#if lecture.refusal}<p role="alert" class="my-1 text-note text-soft">{lecture.refusal}</p>{/if}
		<p class="my-1 text-note text-soft" role="status">
			{lecture.running.what && lecture.slides.length === 0
				? en`Making the slides …`
				: en`${lecture.slides.length} steps`}{minutes > 0 ? en`, ${minutes} minutes planned` : ''}{missing > 0
				? en`; ${missing} no longer ${missing === 1 ? en`fits` : en`fit`} the problem`
				: ''}
		</p>
		<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
		<ol onkeydown={walk} aria-label={en`Steps`}>
			{#each lecture.script as own, i (i)}
				<li>
					<button
						aria-current={i === at ? 'step' : undefined}
						class:missing={lecture.slides[i]?.isMissing}
						onclick={() => (chosen = i)}
						ondblclick={() => lecture.begin(i)}
						><span class="number">{i + 1}</span>
						{labelOf(own)}{own.says && own.shows !== 'own' ? ' · remark' : ''}{lecture.slides[i]?.isMissing
							? en` · no longer fits`
							: ''}</button
					>
				</li>
			{/each}
		</ol>
	</section>
	<section class="step" aria-label={en`The step that is chosen`}>
		<div class="slide-place">
			{#if slide}{#key `${at} ${JSON.stringify(slide)}`}<Slide {slide} isTold />{/key}{/if}
		</div>
		{#if step}
			<div class="edit">
				<p class="line">
					<button class="btn tool" disabled={at === 0} onclick={() => move(-1)}>{en`Earlier`}</button>
					<button class="btn tool" disabled={at === lecture.script.length - 1} onclick={() => move(1)}
						>{en`Later`}</button
					>
					<button class="btn tool" onclick={remove}>{en`Leave out`}</button>
					<label
						>{en`Add after it`}
						<select
							class="field"
							value=""
							onchange={(event) => {
								add(event.currentTarget.value as StepKind);
								event.currentTarget.value = '';
							}}
						>
							<option value="" disabled>{en`choose …`}</option>
							{#each STEP_KINDS as kind (kind)}<option value={kind}>{LABELS[kind]}</option>{/each}
						</select></label
					>
					<label
						>{en`Minutes`}
						<input
							class="field small"
							type="number"
							min="0"
							max="300"
							value={step.minutes ?? ''}
							onchange={(event) =>
								change({ minutes: Math.max(0, Math.trunc(Number(event.currentTarget.value)) || 0) })}
						/></label
					>
					{#if COUNTED.includes(step.shows)}<label
							>{COUNT_LABELS[step.shows] ?? en`Tableau`}
							<input
								class="field small"
								type="number"
								min={LEAST[step.shows] ?? 1}
								value={step.at + countsFrom(step.shows)}
								onchange={(event) =>
									change({
										at: Math.max(
											LEAST[step.shows] ?? 0,
											Math.trunc(Number(event.currentTarget.value)) - countsFrom(step.shows) || 0
										)
									})}
							/></label
						>{/if}
					{#if step.shows === 'question'}<label
							>{en`asks`}
							<select
								class="field"
								value={step.asks}
								onchange={(event) => change({ asks: event.currentTarget.value })}
							>
								{#each KIND_NAMES as kind (kind)}<option value={kind}>{KIND_LABELS[kind]}</option>{/each}
							</select></label
						>{/if}
				</p>
				<label class="grid"
					>{en`Remark for the class`}
					<textarea
						class="field"
						rows="2"
						value={step.says ?? ''}
						onchange={(event) => change({ says: event.currentTarget.value })}></textarea></label
				>
			</div>
		{/if}
	</section>
</main>

<style>
	.lecture {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(17rem, 24rem) 1fr;
		outline: none;
		border-top: 1px solid var(--rule);
	}
	.script {
		min-height: 0;
		display: flex;
		flex-direction: column;
		border-right: 1px solid var(--rule);
		padding: var(--gap-2) var(--gap-3);
	}
	header,
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
	}
	h2 {
		font-size: var(--size-title);
		font-weight: 500;
	}
	ol {
		flex: 1;
		min-height: 0;
		overflow: auto;
	}
	ol button {
		width: 100%;
		text-align: left;
		padding: 0.18rem 0.4rem;
		border-left: 3px solid transparent;
		cursor: pointer;
	}
	ol button[aria-current] {
		border-left-color: var(--now);
		background: var(--now-wash);
	}
	.number {
		display: inline-block;
		min-width: 1.7em;
		color: var(--ink-soft);
		font-variant-numeric: tabular-nums;
	}
	.missing {
		color: var(--error);
	}
	.step {
		min-height: 0;
		display: grid;
		grid-template-rows: 1fr auto;
		gap: var(--gap-2);
		padding: var(--gap-2) var(--gap-3);
	}
	.slide-place {
		min-height: 0;
		align-self: start;
		width: min(100%, calc((100vh - 15rem) * 16 / 10));
		aspect-ratio: 16 / 10;
		border: 1px solid var(--rule);
	}
	.small {
		width: 4.2rem;
	}
	@media (max-width: 52rem) {
		.lecture {
			display: block;
			overflow: auto;
		}
		.script {
			border-right: 0;
		}
		ol {
			max-height: 14rem;
		}
		.slide-place {
			width: 100%;
		}
	}
</style>
