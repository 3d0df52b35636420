<script lang="ts">
	import { en } from '$lib/core/language';
	import { tick } from 'svelte';
	import { KINDS, negativeIn, WORDS } from '$lib/core/question';
	import type { Practice } from '$lib/desk/practice.svelte';
	import AnswerField from './AnswerField.svelte';
	import ProblemText from './ProblemText.svelte';
	import QuestionTableau from './QuestionTableau.svelte';

	/** An exercise being done: the problem and what stands at this step, the question, the answer and what is told of it. */
	let { practice, preview = false }: { practice: Practice; preview?: boolean } = $props();
	const question = $derived(practice.question);
	const told = $derived(practice.told);
	const ONLY_LINES = ['side', 'intercept', 'region-shape'];
	/** what is answered on a picture of its own */
	const ON_PICTURE = ['sides'];
	const kind = $derived(question && KINDS[question.kind]);
	const showsPicture = $derived(kind?.about === 'picture' && !ON_PICTURE.includes(question!.kind));
	/** a name is chosen on the tableau itself, so that it stands where it is answered */
	const showsTableau = $derived(kind !== null && !kind.about && kind.answers !== 'name');
	const story = $derived(practice.exercise?.story ?? '');
	/** the statement would answer it; without a story or a sentence there is nothing else to read */
	const hidesStatement = $derived(kind?.about === 'story' && !!(story.trim() || question!.given.sentence));
	let showsLead = $state(false);
	let heading = $state<HTMLElement>();

	/** The next question is read from its beginning. */
	async function next() {
		showsLead = false;
		practice.next();
		await tick();
		heading?.focus();
	}
</script>

{#if practice.isDone}
	{#await import('./PracticeEnd.svelte') then { default: PracticeEnd }}<PracticeEnd {practice} />{/await}
{:else if question && practice.problem}
	<div class="practice" class:preview>
		<section aria-label={en`The problem`}>
			<ProblemText problem={practice.problem} {story} onlyStory={hidesStatement} />
			{#if showsPicture}
				{#await import('./QuestionPicture.svelte') then { default: QuestionPicture }}
					<QuestionPicture problem={practice.problem} onlyLines={ONLY_LINES.includes(question.kind)} />
				{/await}
			{:else if showsTableau}
				<p class="caption">
					{question.step === 0 ? en`The first tableau` : en`The tableau after step ${question.step}`}
				</p>
				<QuestionTableau tableau={question.tableau} label={en`Tableau after step ${question.step}`} />
			{/if}
		</section>
		<section class="asked" aria-label={en`The question`}>
			<p class="count">{en`Question ${practice.at + 1} of ${practice.questions.length}`}</p>
			<h2 tabindex="-1" bind:this={heading}>{WORDS[question.kind].asks(question)}</h2>
			{#key practice.at}
				<AnswerField
					{question}
					problem={practice.problem}
					wrong={told?.wrong ?? []}
					disabled={practice.now.done}
					onanswer={(answer) => {
						showsLead = false;
						practice.answer(answer);
					}}
				/>
			{/key}
			<div class="told" class:right={told?.right} role="status">
				{#if told}
					<p>
						<strong>{told.right ? en`✓ Right.` : practice.now.done ? en`The answer:` : en`✗ Not yet.`}</strong
						>
						{told.says}
					</p>
				{/if}
			</div>
			{#if told?.leads}
				{#if !practice.now.done}<button
						class="btn tool"
						aria-expanded={showsLead}
						onclick={() => (showsLead = !showsLead)}>{en`Show where this leads`}</button
					>{/if}
				{#if showsLead || practice.now.done}
					<QuestionTableau
						tableau={told.leads}
						label={en`The tableau after this pivot`}
						negative={negativeIn(told.leads).map(([basic]) => basic)}
					/>
				{/if}
			{/if}
			{#if practice.hints.length}
				<ol class="hints" aria-label={en`Hints`} aria-live="polite">
					{#each practice.hints as hint, i (i)}<li>{hint}</li>{/each}
				</ol>
			{/if}
			<p class="flex flex-wrap gap-1">
				{#if !practice.now.done && practice.hintsLeft > 0}
					<button class="btn tool" onclick={() => practice.hint()}
						>{en`Hint (${practice.hintsLeft} left)`}</button
					>
				{/if}
				{#if !practice.now.done && practice.now.answers.length > 0}
					<button class="btn tool" onclick={() => practice.show()}>{en`Show the answer`}</button>
				{/if}
				<button
					class="btn tool"
					class:now={practice.now.done}
					disabled={!practice.mayGoOn}
					onclick={() => void next()}
					>{practice.now.done
						? practice.at + 1 < practice.questions.length
							? en`Next question`
							: en`To the end`
						: en`Skip`}</button
				>
			</p>
		</section>
	</div>
{:else}
	<p class="text-soft">
		{en`Nothing can be asked here: this problem has no step of that kind. Choose other questions.`}
	</p>
{/if}

<style>
	.practice {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
		gap: var(--gap-3) 2.5rem;
		align-items: start;
	}
	@media (max-width: 56rem) {
		.practice {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.preview {
		grid-template-columns: minmax(0, 1fr);
	}
	.asked {
		display: grid;
		gap: var(--gap-2);
		justify-items: start;
	}
	.count {
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	h2 {
		font-size: 1.25rem;
		font-weight: 600;
		line-height: 1.35;
		outline: none;
	}
	.caption {
		margin: 0 0 var(--gap-1);
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 500;
		color: var(--ink-soft);
	}
	.told p {
		margin: 0;
		padding: var(--gap-1) var(--gap-2);
		border-left: 3px solid var(--error);
		background: var(--error-wash);
	}
	.told.right p {
		border-color: var(--now);
		background: var(--sheet-raised);
	}
	.hints {
		margin: 0;
		padding-left: 1.3rem;
	}
</style>
