<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { Collection } from '$lib/desk/collection.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import { WEEKS } from '$lib/desk/samples/weeks';
	import type { LessonSummary } from '$lib/desk/collection.svelte';
	import { shownTitle, titleOf } from '$lib/core/lesson';
	import { download } from '../shared/download';
	import { gradual } from '../shared/gradual.svelte';
	import DescribeSheet from './DescribeSheet.svelte';
	import LessonRow from './LessonRow.svelte';
	import SamplePicture from './SamplePicture.svelte';
	import VersionsSheet from './VersionsSheet.svelte';

	/** The collection: the lessons kept in this browser, and the samples that come along. */
	let { go }: { go: (path: string) => void } = $props();
	const keeping = useKeeping();
	const collection = new Collection(keeping, useDesk().document);
	/** the samples that the search finds, too, by the weeks of a course */
	const weeks = $derived.by(() => {
		const wanted = collection.query.toLowerCase().split(/\s+/).filter(Boolean);
		const { tag } = collection;
		return WEEKS.map(({ name, samples }, i) => ({
			name: `${i + 1}. ${name}`,
			samples: samples.filter(({ shows, lesson }) => {
				const words = [name, shows, titleOf(lesson), lesson.story, ...lesson.tags].join(' ').toLowerCase();
				return (tag === null || lesson.tags.includes(tag)) && wanted.every((word) => words.includes(word));
			})
		})).filter(({ samples }) => samples.length > 0);
	});
	// a picture of each is drawn a few at a time
	const pictured = gradual(() => weeks.flatMap(({ samples }) => samples), 3);
	const rows = gradual(() => collection.shown);
	let describing = $state.raw<{ lesson: LessonSummary; what: 'title' | 'tags' } | null>(null);
	/** result files that were chosen */
	let handed = $state.raw<readonly File[]>([]);
	let versionsOf = $state.raw<LessonSummary | null>(null);

	$effect(() => {
		void keeping.changes;
		untrack(() => void collection.refresh());
	});

	const goTo = (path: string | null) => path !== null && go(path);

	async function open(id: string) {
		goTo(await collection.open(id));
	}

	async function act(what: string, lesson: LessonSummary) {
		if (what === 'duplicate') await collection.duplicate(lesson.id);
		else if (what === 'remove') await collection.remove(lesson);
		else if (what === 'versions') {
			if ((await collection.open(lesson.id)) !== null) versionsOf = lesson;
		} else describing = { lesson, what: what === 'tags' ? 'tags' : 'title' };
	}

	async function exportAll() {
		const text = await collection.file();
		if (text !== null) download('collection.mathesis.json', text, 'application/json');
	}
</script>

<svelte:document
	onvisibilitychange={() => document.visibilityState === 'visible' && void collection.refresh()}
/>

<main id="main" tabindex="-1">
	<section class="kept" aria-labelledby="kept-lessons">
		<header>
			<h2 id="kept-lessons">{en`Lessons in this browser`}</h2>
			<button class="btn tool now" onclick={async () => goTo(await collection.create())}
				>{en`New lesson`}</button
			>
			<a class="btn tool" href="#samples">{en`From a sample`}</a>
			<button class="btn tool" onclick={() => document.getElementById('file-chooser')?.click()}
				>{en`Open a file …`}</button
			>
			<button class="btn tool" disabled={collection.count === 0} onclick={() => void exportAll()}
				>{en`Export all`}</button
			>
			<label class="btn tool"
				>{en`Results …`}<input
					class="only-heard"
					type="file"
					multiple
					accept=".json,application/json"
					aria-label={en`Read the results of an exercise`}
					onchange={(event) => {
						handed = [...(event.currentTarget.files ?? [])];
						event.currentTarget.value = '';
					}}
				/></label
			>
		</header>
		<div class="finding">
			<input
				type="search"
				class="field"
				placeholder={en`Search titles, names, stories`}
				aria-label={en`Search`}
				bind:value={collection.query}
			/>
			{#if collection.tags.length}
				<span class="tags" role="group" aria-label={en`Tags`}>
					{#each collection.tags.slice(0, 12) as tag (tag)}
						<button
							class="tag"
							aria-pressed={collection.tag === tag}
							onclick={() => (collection.tag = collection.tag === tag ? null : tag)}>{tag}</button
						>
					{/each}
				</span>
			{/if}
		</div>
		{#if collection.removed}
			<p class="undo" role="status">
				{en`“${shownTitle(collection.removed.title)}” was deleted.`}
				<button class="btn tool" onclick={() => void collection.restore()}>{en`Undo`}</button>
			</p>
		{/if}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label={en`Kept lessons`}>
			<ul>
				{#each rows.shown as lesson (lesson.id)}
					<LessonRow
						{lesson}
						isOpen={lesson.id === keeping.id}
						onopen={() => void open(lesson.id)}
						onact={(what) => void act(what, lesson)}
					/>
				{/each}
			</ul>
			{#if collection.isRead && collection.shown.length === 0}
				<p class="nothing">
					{collection.count === 0
						? en`There are no lessons yet. What you change on the desk is saved here; or begin with a sample.`
						: en`No lesson has all of these words.`}
				</p>
			{/if}
		</div>
	</section>
	<section class="samples" aria-labelledby="samples">
		<header><h2 id="samples">{en`Samples from Fernhollow`}</h2></header>
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label={en`Samples`}>
			{#each weeks as { name, samples } (name)}
				<!-- samples are lessons, written in English -->
				<h3 lang="en">{name}</h3>
				<ol lang="en">
					{#each samples as sample (sample.shows)}
						{@const { shows, lesson } = sample}
						<li>
							<button class="sample" onclick={async () => goTo(await collection.create(lesson))}>
								<span class="picture"
									>{#if pictured.shown.includes(sample)}<SamplePicture {lesson} />{/if}</span
								>
								<span class="font-semibold">{shows}</span>
								<span class="title">{titleOf(lesson)}</span>
								<span class="topics">{lesson.tags.join(', ')}</span>
							</button>
						</li>
					{/each}
				</ol>
			{:else}
				<p class="none">{en`No sample is about that.`}</p>
			{/each}
		</div>
	</section>
</main>
{#if describing}
	<DescribeSheet
		{...describing}
		known={collection.tags}
		ontake={(change) => void collection.describe(describing!.lesson.id, change)}
		onclose={() => (describing = null)}
	/>
{/if}
{#if handed.length}
	{#await import('../practice/ResultsSheet.svelte') then { default: ResultsSheet }}
		<ResultsSheet files={handed} onclose={() => (handed = [])} />
	{/await}
{/if}
{#if versionsOf}
	<VersionsSheet {collection} lesson={versionsOf} {go} onclose={() => (versionsOf = null)} />
{/if}

<style>
	main {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(18rem, 1.15fr);
		gap: 1px;
		background: var(--rule);
		border-top: 1px solid var(--rule);
	}
	section {
		background: var(--sheet);
		min-height: 0;
		display: flex;
		flex-direction: column;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: var(--gap-2);
		padding: var(--gap-2) var(--gap-3);
	}
	h2 {
		margin: 0 auto 0 0;
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 500;
		color: var(--ink-soft);
	}
	.finding {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-3);
		align-items: center;
		padding: 0 var(--gap-3) var(--gap-2);
	}
	[type='search'] {
		flex: 1 1 14rem;
	}
	.tags {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
	}
	.tag {
		padding: 0 0.5rem;
		font-size: var(--size-note);
		border-bottom: 2px solid var(--rule);
		cursor: pointer;
		color: var(--ink-soft);
	}
	.tag[aria-pressed='true'] {
		color: var(--ink);
		border-bottom-color: var(--now);
		font-weight: 600;
	}
	.undo {
		margin: 0;
		padding: 0.3rem var(--gap-3);
		background: var(--now-wash);
		font-size: var(--size-note);
	}
	.scroll {
		flex: 1;
		min-height: 0;
		overflow: auto;
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
	}
	.sample {
		height: 100%;
		display: grid;
		grid-template-columns: 118px 1fr;
		grid-template-rows: auto auto 1fr;
		column-gap: var(--gap-2);
		width: 100%;
		padding: 0.12rem var(--gap-3);
		line-height: 1.35;
		text-align: left;
		cursor: pointer;
		border-top: 1px solid var(--rule);
	}
	.picture {
		grid-row: 1 / span 3;
		min-height: 76px;
	}
	h3 {
		position: sticky;
		top: 0;
		padding: 0.2rem var(--gap-3);
		background: var(--sheet);
		border-top: 1px solid var(--rule-strong);
		font-size: var(--size-text);
		font-weight: 600;
	}
	.sample:hover {
		background: var(--now-wash);
	}
	.title {
		grid-column: 2;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	@media (max-width: 48rem) {
		main {
			grid-template-columns: 1fr;
			grid-template-rows: 1fr 1fr;
		}
	}
	.topics {
		grid-column: 2;
	}
	.topics,
	.none {
		font-size: var(--size-note);
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
