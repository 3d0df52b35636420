<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount, tick } from 'svelte';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { firstIn, keepFocus } from '../shared/keep-focus';
	import type { Snippet } from 'svelte';
	import { blankLesson } from '$lib/core/lesson';
	import { pageOf } from '$lib/desk/address';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Files } from '$lib/desk/files.svelte';
	import type { Keeping } from '$lib/desk/keeping.svelte';
	import type { Offline } from '$lib/desk/offline.svelte';
	import { quiet } from '$lib/desk/quiet';
	import { actionFor, actionsOf, isWriting } from './actions';
	import Announcer from './Announcer.svelte';
	import TopBar from './TopBar.svelte';

	interface Props {
		keeping: Keeping;
		/** null until the page is up */
		offline: Offline | null;
		go: (path: string) => void;
		/** what opened the last file, if there was one */
		files: Files | null;
		opener: () => Promise<Files>;
		children: Snippet;
	}
	/** What stands around every page: the bar, the keys, the field that finds actions, what can be taken back. */
	let { keeping, offline, go, files, opener, children }: Props = $props();
	const desk = useDesk();
	/** the pane that is shown alone, as in a frame of another page: `?pane=region` */
	const alone = $derived(page.url.searchParams.get('pane'));
	$effect(() => {
		if (alone && desk.preferences.enlarged !== alone) desk.preferences.enlarge(alone);
	});
	let open = $state<'finder' | 'keys' | 'share' | 'exercise' | null>(null);
	let chooser = $state<HTMLInputElement>();
	/** whether a file is held above the page */
	let isHolding = $state(false);
	let under = $state<string | null>(null);

	const paneOf = (node: EventTarget | Element | null): string | null =>
		(node instanceof Element ? node.closest<HTMLElement>('section[data-pane]')?.dataset.pane : null) ?? null;
	const actions = $derived(
		actionsOf(desk, {
			go,
			page: () => pageOf(page.url.pathname),
			pane: () => paneOf(document.activeElement) ?? under,
			openFinder: () => (open = 'finder'),
			openKeys: () => (open = 'keys'),
			openFile: () => chooser?.click(),
			share: () => (open = 'share'),
			makeExercise: () => (open = 'exercise'),
			nextPane: () => nextPane(1),
			begin: () => void begin()
		})
	);

	$effect(() => keepFocus());

	// words are typed right after the key: the field is there by then
	const loadFinder = () => import('./Finder.svelte');
	// where it cannot be fetched now, that is told when it is asked for
	onMount(
		() =>
			void quiet()
				.then(loadFinder)
				.catch(() => {})
	);

	// a page that is turned to takes the focus, unless a field of it has it already
	afterNavigate(async ({ type, from, to }) => {
		if (type === 'enter' || from?.url.pathname === to?.url.pathname) return;
		await tick();
		const { activeElement } = document;
		if (!activeElement || activeElement === document.body || activeElement.closest('header'))
			document.getElementById('main')?.focus({ preventScroll: true });
	});

	/** Whether a key press takes something back or does it again. */
	function turnOf({ key, ctrlKey, metaKey, shiftKey }: KeyboardEvent): 'undo' | 'redo' | null {
		if (!ctrlKey && !metaKey) return null;
		if (key.toLowerCase() === 'y') return 'redo';
		return key.toLowerCase() !== 'z' ? null : shiftKey ? 'redo' : 'undo';
	}

	/** A text field takes back what was typed into it; a cell in which nothing was typed has nothing to take back. */
	const hasOwnUndo = (target: EventTarget | null): boolean =>
		isWriting(target) && !(target instanceof HTMLInputElement && target.value === target.dataset.shown);

	const carriesFiles = (event: DragEvent) => !!event.dataTransfer?.types.includes('Files');

	function ondragover(event: DragEvent) {
		if (!carriesFiles(event)) return;
		event.preventDefault();
		isHolding = true;
	}

	async function ondrop(event: DragEvent) {
		isHolding = false;
		const [file] = event.dataTransfer?.files ?? [];
		if (!file) return;
		event.preventDefault();
		await (await opener()).open(file);
	}

	async function begin() {
		const lesson = blankLesson();
		await keeping.openNew(lesson);
		go(lesson.page);
	}

	async function choose() {
		const [file] = chooser?.files ?? [];
		if (file) await (await opener()).open(file);
		if (chooser) chooser.value = '';
	}

	/** Gives the focus to the next pane, or to the one before. */
	function nextPane(by: 1 | -1) {
		const panes = [...document.querySelectorAll<HTMLElement>('main section[data-pane]')];
		if (panes.length === 0) return;
		const at = panes.findIndex((pane) => pane.contains(document.activeElement));
		const next = at < 0 ? (by > 0 ? 0 : panes.length - 1) : (at + by + panes.length) % panes.length;
		const body = panes[next].querySelector(':scope > .body');
		((body && firstIn(body)) ?? firstIn(panes[next]))?.focus();
	}

	function onkeydown(event: KeyboardEvent) {
		// what a sheet above the page does not take is no act of the page below
		if (open || document.querySelector('[role="dialog"][data-state="open"]')) return;
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
			event.preventDefault();
			open = 'finder';
			return;
		}
		const turn = turnOf(event);
		if (turn && !event.defaultPrevented && !hasOwnUndo(event.target)) {
			event.preventDefault();
			return turn === 'undo' ? desk.document.undo() : desk.document.redo();
		}
		if (event.key === 'Escape' && desk.preferences.enlarged) return desk.preferences.enlarge(null);
		// a field is left by Escape, so that keys act again
		if (event.key === 'Escape' && !event.defaultPrevented && isWriting(event.target)) {
			(event.target as HTMLElement).blur();
			return;
		}
		// also out of a field
		if (event.key === 'F6') {
			event.preventDefault();
			return nextPane(event.shiftKey ? -1 : 1);
		}
		const action = actionFor(event, actions);
		if (!action) return;
		event.preventDefault();
		action.run();
	}
</script>

<svelte:window
	{onkeydown}
	{ondragover}
	ondropcapture={ondrop}
	onbeforeprint={() => desk.preferences.printing(true)}
	onafterprint={() => desk.preferences.printing(false)}
	ondragleave={(event) => event.relatedTarget === null && (isHolding = false)}
	onpointerover={(event) => (under = paneOf(event.target))}
/>

<a
	class="skip"
	href="#main"
	onclick={(event) => {
		event.preventDefault();
		const main = document.querySelector('main');
		(main && firstIn(main))?.focus();
	}}>{en`To the main part of the page`}</a
>
<div class="page">
	<Announcer />
	{#if !alone}<TopBar
			{keeping}
			{offline}
			onfind={() => (open = 'finder')}
			onkeys={() => (open = 'keys')}
			onshare={() => (open = 'share')}
			onnew={() => void begin()}
		/>{/if}
	{#if files}
		{#await import('./FileReport.svelte') then { default: FileReport }}<FileReport {files} />{/await}
	{/if}
	{@render children()}
</div>
<!-- the page of the collection has a button for it, too -->
<input bind:this={chooser} id="file-chooser" type="file" hidden onchange={() => void choose()} />
{#if isHolding}<p class="holding">{en`Drop the file to open it`}</p>{/if}
<!-- what is opened now and then is loaded then -->
{#if open === 'finder'}
	{#await loadFinder() then { default: Finder }}
		<Finder {actions} onclose={() => (open = null)} />
	{/await}
{:else if open === 'keys'}
	{#await import('./KeyList.svelte') then { default: KeyList }}
		<KeyList {actions} onclose={() => (open = null)} />
	{/await}
{:else if open === 'share'}
	{#await import('./ShareSheet.svelte') then { default: ShareSheet }}
		<ShareSheet onclose={() => (open = null)} onexercise={() => (open = 'exercise')} />
	{/await}
{:else if open === 'exercise'}
	{#await import('../practice/ExerciseSheet.svelte') then { default: ExerciseSheet }}
		<ExerciseSheet onclose={() => (open = null)} />
	{/await}
{/if}
{#if desk.session.removed}
	{#await import('./TakeBack.svelte') then { default: TakeBack }}
		<TakeBack removed={desk.session.removed} />
	{/await}
{/if}

<style>
	.page {
		height: 100vh;
		height: 100dvh;
		display: flex;
		flex-direction: column;
		overflow: hidden;
	}
	.skip {
		position: fixed;
		left: 0.5rem;
		top: -4rem;
		z-index: 70;
		padding: 0.3rem 0.8rem;
		background: var(--sheet);
		border: 2px solid var(--focus);
	}
	.skip:focus {
		top: 0.3rem;
	}
	@media (max-height: 24rem) {
		.page {
			overflow: auto;
		}
	}
	.holding {
		position: fixed;
		inset: 0;
		z-index: 50;
		display: grid;
		place-items: center;
		font-size: var(--size-title);
		background: color-mix(in oklab, var(--sheet) 85%, transparent);
		outline: 3px dashed var(--now);
		outline-offset: -1rem;
		pointer-events: none;
	}
</style>
