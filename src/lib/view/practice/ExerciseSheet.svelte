<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { titleOf } from '$lib/core/lesson';
	import {
		type Exercise,
		exerciseOf,
		isTooLarge,
		KIND_LABELS,
		KIND_NAMES,
		type KindName,
		MOST_ASKED,
		MOST_SIZE,
		PRESETS
	} from '$lib/core/question';
	import { addressOf } from '$lib/desk/address';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { fragmentOf } from '$lib/desk/link';
	import { PRACTICE_PATH } from '$lib/desk/pages';
	import { Practice } from '$lib/desk/practice.svelte';
	import { download, fileName } from '../shared/download';
	import LinkCode from '../shared/LinkCode.svelte';
	import LinkLine from '../shared/LinkLine.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import PracticeView from './PracticeView.svelte';

	/** An exercise made from the lesson: what is asked and how, with a preview; it leaves as a link, a QR code or a file. */
	let { onclose }: { onclose: () => void } = $props();
	const { document: lesson } = useDesk();
	const OWN = en`Questions of your own choice`;
	let preset = $state<string>(PRESETS[0].name);
	let kinds = $state<KindName[]>([...PRESETS[0].kinds]);
	let wanted = $state(10);
	let hints = $state<Exercise['hints']>(3);
	let atOnce = $state(true);
	let waits = $state(true);
	let hasStory = $state(true);

	const exercise = $derived.by((): Exercise => {
		const chosen = PRESETS.find(({ name }) => name === preset);
		const about = {
			title: titleOf(lesson.lesson),
			statement: lesson.text,
			story: hasStory ? lesson.telling.story : '',
			rule: lesson.rule
		};
		return {
			...exerciseOf(about, { name: preset, kinds, method: chosen?.method ?? 'auto' }),
			count: Math.min(MOST_ASKED, Math.max(1, Math.trunc(wanted) || 1)),
			hints,
			atOnce,
			waits
		};
	});
	/** what the student sees; it keeps nothing */
	const preview = new Practice(false);
	const failure = $derived.by(() => {
		if (!lesson.problem) return en`The statement has an error, so nothing can be asked about it.`;
		if (isTooLarge(lesson.problem))
			return en`An exercise is worked by hand: this problem has more than ${MOST_SIZE} variables and constraints.`;
		if (kinds.length === 0) return en`Choose at least one kind of question.`;
		return null;
	});
	let cannot = $state<string | null>(null);
	$effect(() => {
		const own = exercise;
		if (failure) return;
		untrack(() => {
			try {
				preview.begin(own);
				cannot = null;
			} catch (error) {
				cannot = (error as Error).message;
			}
		});
	});
	const says = $derived(failure ?? cannot);
	const link = $derived(`${location.origin}${addressOf(PRACTICE_PATH)}${fragmentOf(exercise, 'exercise')}`);

	function choose(name: string) {
		preset = name;
		const chosen = PRESETS.find((own) => own.name === name);
		if (chosen) kinds = [...chosen.kinds];
	}
</script>

<Sheet title={en`Make an exercise`} look="wide" {onclose}>
	<div class="two">
		<div class="choices">
			<label
				>{en`About`}
				<select class="field" value={preset} onchange={(event) => choose(event.currentTarget.value)}>
					{#each PRESETS as { name } (name)}<option>{name}</option>{/each}
					<option>{OWN}</option>
				</select></label
			>
			<details open={preset === OWN}>
				<summary>{en`Questions: ${kinds.length}`}</summary>
				<fieldset>
					<legend class="only-heard">{en`Kinds of questions`}</legend>
					{#each KIND_NAMES as kind (kind)}
						<label
							><input type="checkbox" value={kind} bind:group={kinds} onchange={() => (preset = OWN)} />
							{KIND_LABELS[kind]}</label
						>
					{/each}
				</fieldset>
			</details>
			<p class="line">
				<label
					>{en`At most`}
					<input class="field small" type="number" min="1" max={MOST_ASKED} bind:value={wanted} />
					{en`questions`}</label
				>
				<label
					>{en`Hints`}
					<select class="field" bind:value={hints}>
						{#each [0, 1, 2, 3] as const as own (own)}<option value={own}>{own}</option>{/each}
					</select></label
				>
			</p>
			<label><input type="checkbox" bind:checked={atOnce} /> {en`Judge each answer at once`}</label>
			<label><input type="checkbox" bind:checked={waits} /> {en`Wait for a right answer`}</label>
			{#if lesson.telling.story}<label
					><input type="checkbox" bind:checked={hasStory} /> {en`With the story`}</label
				>{/if}
			<h3 class="quiet-title">{en`Hand out`}</h3>
			<LinkLine {link} label={en`Link with the exercise in it`} disabled={says !== null} />
			<p>
				<button
					class="btn tool"
					disabled={says !== null}
					onclick={() =>
						download(
							fileName(exercise.title, '.exercise.json'),
							JSON.stringify(exercise, null, 1),
							'application/json'
						)}>{en`File`}</button
				>
			</p>
			<p class="text-note text-soft">
				{en`Notes and trail are not in it. The right answers can be worked out from the exercise, and a result can be forged: use it for practice, not for grades.`}
			</p>
			<LinkCode {link} />
		</div>
		<section class="preview" aria-label={en`What the student sees`}>
			<h3 class="quiet-title">{en`What the student sees`}</h3>
			{#if says}<p role="alert">{says}</p>{:else}<PracticeView practice={preview} preview />{/if}
		</section>
	</div>
	<button class="btn tool" onclick={onclose}>{en`Close`}</button>
</Sheet>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(18rem, 24rem) minmax(0, 1fr);
		gap: var(--gap-3) 2rem;
		margin-bottom: var(--gap-2);
	}
	@media (max-width: 56rem) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.choices {
		display: grid;
		gap: var(--gap-2);
		align-content: start;
	}
	fieldset {
		display: grid;
		border: none;
		margin: var(--gap-1) 0 0;
		max-height: 12rem;
		overflow: auto;
	}
	summary {
		cursor: pointer;
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: var(--gap-1) var(--gap-2);
	}
	.small {
		width: 4rem;
	}
	.preview {
		border: 1px solid var(--rule);
		padding: var(--gap-2) var(--gap-3);
		max-height: 62vh;
		overflow: auto;
	}
</style>
