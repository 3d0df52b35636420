<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Collection } from '$lib/desk/collection.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { shownTitle, titleOf } from '$lib/core/lesson';
	import type { LessonSummary } from '$lib/desk/collection.svelte';
	import type { Version } from '$lib/desk/collection.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import { momentOf, since } from './since';

	/** Earlier states of the open lesson, to look at and to go back to. */
	interface Props {
		collection: Collection;
		lesson: LessonSummary;
		go: (path: string) => void;
		onclose: () => void;
	}
	let { collection, lesson, go, onclose }: Props = $props();
	const { document: open } = useDesk();

	/** What a state had: its statement's lines and its steps. The lesson in it is unchecked. */
	function contents({ lesson: data }: Version): string {
		const { statement, trail } = (data ?? {}) as { statement?: unknown; trail?: { nodes?: unknown } };
		const lines =
			typeof statement === 'string' ? statement.split('\n').filter((line) => line.trim()).length : 0;
		const steps = Array.isArray(trail?.nodes) ? trail.nodes.length - 1 : 0;
		const title = typeof statement === 'string' ? titleOf({ statement }) : '';
		return en`${title || en`untitled`}: ${lines} lines, ${steps} steps`;
	}

	async function take(version: Version) {
		if (!(await collection.goBack(version))) return;
		onclose();
		go(open.page);
	}
</script>

<Sheet
	title={en`Earlier states of “${shownTitle(lesson.title)}”`}
	text={en`A state is kept every five minutes of work, later one for each hour and day. Going back keeps the current state, too.`}
	{onclose}
>
	{#await collection.versions(lesson.id)}
		<p>{en`Looking …`}</p>
	{:then versions}
		<ul>
			{#each versions as version (version.at)}
				<li>
					<span>{momentOf(version.at)}</span>
					<span class="text-note text-soft">{since(version.at, Date.now())}</span>
					<span class="text-note text-soft">{contents(version)}</span>
					<button class="btn tool" onclick={() => void take(version)}>{en`Go back`}</button>
				</li>
			{:else}
				<li>{en`There is none yet.`}</li>
			{/each}
		</ul>
	{:catch}
		<p role="alert">{en`The browser’s storage does not answer.`}</p>
	{/await}
	<button class="btn tool" onclick={onclose}>{en`Close`}</button>
</Sheet>

<style>
	ul {
		margin: 0 0 var(--gap-3);
		padding: 0;
		max-height: 50vh;
		overflow: auto;
	}
	li {
		display: grid;
		grid-template-columns: auto 7rem minmax(0, 1fr) auto;
		align-items: baseline;
		gap: var(--gap-3);
		padding: 0.2rem 0;
	}
</style>
