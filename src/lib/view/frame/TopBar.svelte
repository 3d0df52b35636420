<script lang="ts">
	import { en } from '$lib/core/language';
	import { page } from '$app/state';
	import { addressOf, pageOf } from '$lib/desk/address';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { shownTitle, titleOf } from '$lib/core/lesson';
	import { useGo } from '$lib/desk/go';
	import type { Keeping } from '$lib/desk/keeping.svelte';
	import type { Offline } from '$lib/desk/offline.svelte';
	import { HANDOUT_PATH, HELP_PATH, LECTURE_PATH, LESSONS_PATH, PAGES } from '$lib/desk/pages';
	import ToolMenu from '../shared/ToolMenu.svelte';

	interface Props {
		keeping: Keeping;
		/** null until the page is up */
		offline: Offline | null;
		onfind: () => void;
		onkeys: () => void;
		onshare: () => void;
		onnew: () => void;
	}
	let { keeping, offline, onfind, onkeys, onshare, onnew }: Props = $props();
	const { document, preferences, reveal } = useDesk();
	const go = useGo();
	const ALL_PAGES = [
		...PAGES,
		{ path: LESSONS_PATH, name: en`Lessons` },
		{ path: LECTURE_PATH, name: en`Lecture` },
		{ path: HANDOUT_PATH, name: en`Handout` },
		{ path: HELP_PATH, name: en`Help` }
	].map((value) => ({
		key: value.path,
		value
	}));
	const shown = $derived<string>(pageOf(page.url.pathname));
	const shownPage = $derived(ALL_PAGES.find(({ key }) => key === shown)?.value.name ?? en`Pages`);
	const STATES: Record<Keeping['state'], string> = {
		starting: en`opening …`,
		saved: en`saved`,
		saving: en`saving …`,
		slow: en`still saving …`,
		failed: en`not kept`
	};
</script>

{#snippet pageName({ name }: { name: string })}{name}{/snippet}

<div class="top">
	<header>
		<h1>Mathesis</h1>
		<span class="pages">
			<ToolMenu
				text={shownPage}
				label={en`Page ${shownPage}; others`}
				items={ALL_PAGES}
				item={pageName}
				onchoose={({ path }) => go(path)}
			/>
		</span>
		<nav aria-label={en`Pages`}>
			{#each PAGES as { path, name }, i (path)}
				<a
					href={addressOf(path)}
					aria-current={shown === path ? 'page' : undefined}
					title={en`Page ${name} (${i + 1})`}>{name}</a
				>
			{/each}
			<a
				class="ml-2"
				href={addressOf(LESSONS_PATH)}
				aria-current={shown === LESSONS_PATH ? 'page' : undefined}
				title={en`All lessons (l)`}>{en`Lessons`}</a
			>
			<a
				href={addressOf(HELP_PATH)}
				aria-current={shown === HELP_PATH ? 'page' : undefined}
				title={en`The guide, and the words (i)`}>{en`Help`}</a
			>
		</nav>
		<span class="lesson" title={en`The lesson that is open`}
			>{shownTitle(titleOf({ statement: document.text }))}</span
		>
		<button class="btn tool new" onclick={onnew} title={en`A new lesson (w)`}>{en`New`}</button>
		{#if keeping.from}
			{@const { id, title } = keeping.from}
			<button
				class="btn tool"
				title={en`Back to “${shownTitle(title)}”`}
				onclick={async () => {
					if (await keeping.open(id)) go(document.page);
				}}>{en`↩ Back`}</button
			>
		{/if}
		<span class="acts">
			<button
				class="btn-icon tool"
				aria-label={en`Undo the last change`}
				title={en`Undo the last change (Ctrl+Z)`}
				disabled={!document.canUndo}
				onclick={() => document.undo()}>↶</button
			>
			<button
				class="btn-icon tool"
				aria-label={en`Redo the last change`}
				title={en`Redo the last change (Ctrl+Y)`}
				disabled={!document.canRedo}
				onclick={() => document.redo()}>↷</button
			>
		</span>
		{#if reveal.asksClass}<button
				class="btn tool"
				aria-pressed="true"
				title={en`Everything the class can find is hidden. Press a to show the next thing, h to show everything.`}
				onclick={() => reveal.askClass()}>{en`Asking`}</button
			>{/if}
		<p class="kept" class:failed={keeping.state === 'failed'} role="status">
			<span title={en`In this browser`}>{STATES[keeping.state]}</span
			>{#if reveal.asksClass}<!-- the bar is full -->{:else if offline && !offline.isOnline}{en`, without a network`}{:else if offline?.isReady},
				<span title={en`It also opens and works without a network`}>{en`also offline`}</span>{/if}
		</p>
		<button class="btn tool share" onclick={onshare} title={en`File, link, other formats (s)`}
			>{en`Share`}</button
		>
		<button class="btn tool" onclick={onfind} title={en`Find an action (/)`}>{en`Find`}</button>
		<button class="btn tool all-keys" onclick={onkeys} aria-label={en`All keys`} title={en`All keys (?)`}
			>?</button
		>
		<button class="btn tool dark" aria-pressed={preferences.dark} onclick={() => preferences.toggleDark()}
			>{preferences.dark ? en`Light` : en`Dark`}</button
		>
	</header>
</div>
{#if keeping.message}
	<div class="message" role="alert">
		<span>{keeping.message}</span>
		<button class="btn tool" onclick={() => keeping.dismiss()}>{en`Close`}</button>
	</div>
{/if}

{#if offline?.hasNewer}
	<div class="message newer" role="status">
		<span
			>{en`A new version of Mathesis is ready. It starts with your next visit, or now; your lesson is kept.`}</span
		>
		<button
			class="btn tool"
			onclick={async () => {
				await keeping.flush();
				offline.takeNewer();
			}}>{en`Update now`}</button
		>
	</div>
{/if}

<style>
	.top {
		container-type: inline-size;
	}
	header {
		display: flex;
		align-items: baseline;
		gap: var(--gap-3);
		padding: 0.4rem var(--gap-3) 0.35rem;
	}
	h1 {
		font-size: var(--size-title);
		font-weight: 650;
		letter-spacing: 0.01em;
	}
	nav {
		display: flex;
		gap: var(--gap-3);
	}
	nav a {
		color: var(--ink-soft);
		padding: 0.1rem 0.1rem;
		border-bottom: 2px solid transparent;
	}
	nav a:hover {
		color: var(--ink);
	}
	nav a[aria-current='page'] {
		color: var(--ink);
		border-bottom-color: var(--now);
	}
	.lesson {
		color: var(--ink);
		font-style: italic;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	/* what is pressed keeps its room; the title gives way */
	header > :global(.btn) {
		flex: none;
	}
	.acts {
		display: flex;
		flex: none;
		align-self: center;
	}
	.acts .tool {
		font-size: 1.1rem;
		width: 1.7rem;
		height: 1.7rem;
		border-color: transparent;
	}
	.kept {
		margin: 0 0 0 auto;
		font-size: var(--size-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.failed {
		color: var(--error);
		font-weight: 600;
	}
	.message {
		display: flex;
		gap: var(--gap-3);
		align-items: center;
		justify-content: space-between;
		padding: 0.35rem var(--gap-3);
		background: var(--error-wash);
		border-block: 1px solid var(--error);
		font-size: var(--size-note);
	}
	.newer {
		background: var(--now-wash);
		border-color: var(--now);
	}
	.pages {
		display: none;
	}
	/* a small window, or large type: the pages come before what is said of saving */
	@container (max-width: 72rem) {
		.kept:not(.failed),
		.all-keys {
			display: none;
		}
		.acts {
			margin-left: auto;
		}
		header,
		nav {
			gap: 0.45rem;
		}
		header > :global(.btn) {
			padding-inline: 0.4rem;
		}
	}
	/* the title before what is among the actions, too */
	@container (min-width: 60rem) and (max-width: 66rem) {
		.dark {
			display: none;
		}
	}
	/* less room than the names of all pages take: one menu for them */
	@container (max-width: 60rem) {
		nav {
			display: none;
		}
		.pages {
			display: inline;
		}
	}
	/* a phone: the pages and what is done are what matters */
	@container (max-width: 40rem) {
		/* heard, not seen: the pages need the room */
		h1 {
			position: absolute;
			clip-path: inset(50%);
		}
		.lesson,
		.all-keys,
		.share,
		.kept:not(.failed) {
			display: none;
		}
	}
</style>
