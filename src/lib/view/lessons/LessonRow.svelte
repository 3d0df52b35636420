<script lang="ts">
	import { en } from '$lib/core/language';
	import { shownTitle } from '$lib/core/lesson';
	import type { LessonSummary } from '$lib/desk/collection.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import { since } from './since';

	/** One lesson of the collection, and what can be done with it. */
	interface Props {
		lesson: LessonSummary;
		isOpen: boolean;
		onopen: () => void;
		onact: (what: string) => void;
	}
	let { lesson, isOpen, onopen, onact }: Props = $props();
	const title = $derived(shownTitle(lesson.title));
	const ACTIONS = [
		['rename', en`Rename`],
		['tags', en`Tags`],
		['duplicate', en`Duplicate`],
		['versions', en`Earlier states`],
		['remove', en`Delete`]
	].map(([key, value]) => ({ key, value }));
</script>

{#snippet action(says: string)}{says}{/snippet}

<li class:open={isOpen}>
	<button class="title" onclick={onopen}>{title}</button>
	<span class="note">{lesson.tags.join(', ')}</span>
	<span class="note size">{lesson.size}</span>
	<span class="note when">{isOpen ? en`open now` : since(lesson.edited, Date.now())}</span>
	<ToolMenu
		text={en`More`}
		label={en`More for ${title}`}
		items={ACTIONS}
		item={action}
		onchoose={(says) => onact(ACTIONS.find(({ value }) => value === says)!.key)}
	/>
</li>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 2.4fr) minmax(0, 1fr) 10.5rem 6.5rem auto;
		align-items: center;
		gap: var(--gap-2);
		padding: 0.2rem var(--gap-3);
		border-top: 1px solid var(--rule);
	}
	.open {
		background: var(--now-wash);
	}
	.title {
		text-align: left;
		font-weight: 600;
		cursor: pointer;
		/* a long title takes a second line, and is not cut off */
		white-space: normal;
		overflow-wrap: anywhere;
	}
	.title:hover {
		text-decoration: underline;
	}
	.note {
		font-size: var(--size-note);
		color: var(--ink-soft);
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.open .note {
		color: var(--ink);
	}
	@media (max-width: 64rem) {
		li {
			grid-template-columns: minmax(0, 1fr) 6.5rem auto;
		}
		li > .note:nth-of-type(1),
		.size {
			display: none;
		}
	}
</style>
