<script lang="ts">
	import { en } from '$lib/core/language';
	import { forStudents, lessonText, problemText, titleOf } from '$lib/core/lesson';
	import { addressOf } from '$lib/desk/address';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { fragmentOf } from '$lib/desk/link';
	import { useGo } from '$lib/desk/go';
	import { HANDOUT_PATH, PAGES } from '$lib/desk/pages';
	import { download, fileName } from '../shared/download';
	import LinkCode from '../shared/LinkCode.svelte';
	import LinkLine from '../shared/LinkLine.svelte';
	import Sheet from '../shared/Sheet.svelte';

	/** The lesson as a file, as a link, and its problem in the formats of the trade. */
	let { onclose, onexercise }: { onclose: () => void; onexercise: () => void } = $props();
	const { document: open } = useDesk();
	const go = useGo();
	const own = $state.snapshot(open.lesson);
	/** whether the class gets it, and which page it opens with there */
	let isForStudents = $state(false);
	let page = $state(own.page);
	const lesson = $derived(isForStudents ? forStudents(own, page) : own);
	const link = $derived(`${location.origin}${addressOf('/')}${fragmentOf(lesson)}`);
	const FORMATS = [
		{ format: 'statement', says: en`Statement`, end: '.txt' },
		{ format: 'mps', says: 'MPS', end: '.mps' },
		{ format: 'mps-fixed', says: en`MPS, fixed columns`, end: '-fixed.mps' },
		{ format: 'csv', says: en`Table (CSV)`, end: '.csv' },
		{ format: 'latex', says: 'LaTeX', end: '.tex' },
		{ format: 'json', says: en`Problem (JSON)`, end: '.json' }
	] as const;
	let told = $state<readonly string[]>([]);

	function give({ format, says, end }: (typeof FORMATS)[number]) {
		try {
			// the statement goes as it was written, comments and all
			const { text, notes } =
				format === 'statement' ? { text: lesson.statement, notes: [] } : problemText(lesson, format);
			download(fileName(titleOf(lesson), end), text);
			told = notes.length ? notes.map((note) => `${says}: ${note}`) : [];
		} catch (error) {
			told = [
				en`The statement cannot be read, so there is no problem to write: ${(error as Error).message}.`
			];
		}
	}
</script>

<Sheet title={en`Share this lesson`} {onclose}>
	<div class="two">
		<div>
			<p class="grid gap-1">
				<label
					><input type="checkbox" bind:checked={isForStudents} />
					{en`For students: without notes, recipe and later steps`}</label
				>
				{#if isForStudents}
					<label
						>{en`opens on`}
						<select class="field" bind:value={page}>
							{#each PAGES as { path, name } (path)}<option value={path}>{name}</option>{/each}
						</select></label
					>
				{/if}
			</p>
			<h3 class="quiet-title mb-[0.3rem]">{en`As a file`}</h3>
			<p>
				<button
					class="btn tool now"
					onclick={() =>
						download(fileName(titleOf(lesson), '.mathesis.json'), lessonText(lesson), 'application/json')}
					>{en`The whole lesson`}</button
				>
			</p>
			<p class="flex flex-wrap gap-1">
				{#each FORMATS as one (one.format)}
					<button class="btn tool" onclick={() => give(one)}>{one.says}</button>
				{/each}
			</p>
			{#if told.length}<ul role="status">
					{#each told as line (line)}<li>{line}</li>{/each}
				</ul>{/if}
			<h3 class="quiet-title mb-[0.3rem]">{en`As an exercise`}</h3>
			<p>
				<button class="btn tool" disabled={!open.problem} onclick={onexercise}
					>{en`Make an exercise …`}</button
				>
			</p>
			<h3 class="quiet-title mb-[0.3rem]">{en`On paper`}</h3>
			<p>
				<button
					class="btn tool"
					disabled={!open.problem}
					onclick={() => {
						onclose();
						go(HANDOUT_PATH);
					}}>{en`Handout: sheets, exams, quizzes …`}</button
				>
			</p>
			<h3 class="quiet-title mb-[0.3rem]">{en`As a link`}</h3>
			<LinkLine {link} label={en`Link with the lesson in it`} />
		</div>
		<LinkCode {link} />
	</div>
	<button class="btn tool" onclick={onclose}>{en`Close`}</button>
</Sheet>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(18rem, 26rem) 16rem;
		gap: var(--gap-3) 2rem;
		margin-bottom: var(--gap-2);
	}
	p {
		margin: 0 0 var(--gap-3);
	}
	ul {
		margin: 0 0 var(--gap-3);
		padding-left: 1.1rem;
		font-size: var(--size-note);
	}
	@media (max-width: 52rem) {
		.two {
			grid-template-columns: 1fr;
		}
	}
</style>
