<script lang="ts">
	import { innerHeight, innerWidth } from 'svelte/reactivity/window';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { textScale } from '../shared/measure';
	import { panesIn, type Panes, type Place } from './arrangement';
	import SplitPlace from './SplitPlace.svelte';

	interface Props {
		page: string;
		place: Place;
		panes: Panes;
	}
	/** A page's panes: side by side where there is room, one at a time in a narrow window. */
	let { page, place, panes }: Props = $props();
	const { preferences } = useDesk();
	const NARROW = 960;
	const LOW = 560;

	const names = $derived(panesIn(place));
	/** at one and a half times the usual letters panes beside each other still have room */
	const wanted = $derived((innerWidth.current, NARROW * Math.max(1, textScale() / 1.4)));
	const narrow = $derived((innerWidth.current ?? 1280) < wanted || (innerHeight.current ?? 800) < LOW);
	const enlarged = $derived(names.find((name) => name === preferences.enlarged));
	let shown = $state<string | null>(null);
	const current = $derived(names.find((name) => name === shown) ?? names[0]);
	let strip = $state<HTMLElement>();

	/** Swiped to another pane: the one that fills the strip now. */
	function onscroll() {
		if (!strip) return;
		shown = names[Math.round(strip.scrollLeft / strip.clientWidth)] ?? null;
	}

	function go(name: string) {
		shown = name;
		strip?.scrollTo({ left: names.indexOf(name) * strip.clientWidth });
	}
</script>

{#if enlarged}
	{@const View = panes[enlarged].component}
	<main class="whole"><View /></main>
{:else if narrow}
	<main class="narrow">
		<div class="strip" bind:this={strip} {onscroll}>
			{#each names as name (name)}
				{@const View = panes[name].component}
				<div class="one" inert={name !== current}><View /></div>
			{/each}
		</div>
		{#await import('./PaneTabs.svelte') then { default: PaneTabs }}
			<PaneTabs names={names.map((name) => ({ name, title: panes[name].title }))} {current} ongo={go} />
		{/await}
	</main>
{:else}
	<main class="whole">
		<SplitPlace {place} {panes} {page} />
	</main>
{/if}

<style>
	main {
		flex: 1;
		min-height: 0;
		border-top: 1px solid var(--rule);
	}
	.whole {
		background: var(--rule);
	}
	.narrow {
		display: flex;
		flex-direction: column;
	}
	.strip {
		flex: 1;
		min-height: 0;
		display: flex;
		overflow-x: auto;
		overflow-y: hidden;
		scroll-snap-type: x mandatory;
		scrollbar-width: none;
	}
	.one {
		flex: 0 0 100%;
		min-width: 0;
		height: 100%;
		scroll-snap-align: start;
		scroll-snap-stop: always;
	}
</style>
