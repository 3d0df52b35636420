<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Keeping } from '$lib/desk/keeping.svelte';
	import { actionFor, actionsOf } from './actions';
	import TopBar from './TopBar.svelte';

	interface Props {
		keeping: Keeping;
		go: (path: string) => void;
		children: Snippet;
	}
	/** What stands around every page: the bar, the keys, the field that finds actions, what can be taken back. */
	let { keeping, go, children }: Props = $props();
	const desk = useDesk();
	let open = $state<'finder' | 'keys' | null>(null);
	let under = $state<string | null>(null);

	const paneOf = (node: EventTarget | Element | null): string | null =>
		(node instanceof Element ? node.closest<HTMLElement>('[data-pane]')?.dataset.pane : null) ?? null;
	const actions = $derived(
		actionsOf(desk, {
			go,
			pane: () => paneOf(document.activeElement) ?? under,
			openFinder: () => (open = 'finder'),
			openKeys: () => (open = 'keys')
		})
	);

	function onkeydown(event: KeyboardEvent) {
		if (open) return;
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
			event.preventDefault();
			open = 'finder';
			return;
		}
		if (event.key === 'Escape' && desk.preferences.enlarged) return desk.preferences.enlarge(null);
		const action = actionFor(event, actions);
		if (!action) return;
		event.preventDefault();
		action.run();
	}
</script>

<svelte:window {onkeydown} onpointerover={(event) => (under = paneOf(event.target))} />

<div class="page">
	<TopBar {keeping} onfind={() => (open = 'finder')} onkeys={() => (open = 'keys')} />
	{@render children()}
</div>
<!-- what is opened now and then is loaded then -->
{#if open === 'finder'}
	{#await import('./Finder.svelte') then { default: Finder }}
		<Finder {actions} onclose={() => (open = null)} />
	{/await}
{:else if open === 'keys'}
	{#await import('./KeyList.svelte') then { default: KeyList }}
		<KeyList {actions} onclose={() => (open = null)} />
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
</style>
