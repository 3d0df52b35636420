<script lang="ts">
	import { innerHeight, innerWidth } from 'svelte/reactivity/window';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { textScale } from '../shared/measure';
	import { panesIn, type Panes, type PanePlace } from './arrangement';
	import SplitPlace from './SplitPlace.svelte';

	interface Props {
		page: string;
		place: PanePlace;
		panes: Panes;
	}
	/** A page's panes: side by side where there is room, one at a time in a narrow window. */
	let { page, place, panes }: Props = $props();
	const { preferences } = useDesk();
	const NARROW = 960;
	const LOW = 560;
	const TALL = 960;

	const names = $derived(panesIn(place));
	/** at one and a half times the usual letters panes beside each other still have room */
	const wanted = $derived((innerWidth.current, NARROW * Math.max(1, textScale() / 1.4)));
	const narrow = $derived((innerWidth.current ?? 1280) < wanted || (innerHeight.current ?? 800) < LOW);
	const enlarged = $derived(names.find((name) => name === preferences.enlarged));
	let shown = $state<string | null>(null);
	/** a tall narrow window shows two panes above each other */
	const isTall = $derived(
		(innerHeight.current ?? 0) >= TALL && (innerHeight.current ?? 0) > (innerWidth.current ?? 0)
	);
	const shows = $derived.by(() => {
		const per = isTall ? 2 : 1;
		return names.flatMap((_, i) => (i % per === 0 ? [names.slice(i, i + per)] : []));
	});
	const keys = $derived(shows.map(([first]) => first));
	const current = $derived(shows.find((own) => own.some((name) => name === shown))?.[0] ?? names[0]);
	let strip = $state<HTMLElement>();

	/** Swiped to another pane: the one that fills the strip now. */
	function onscroll() {
		if (!strip) return;
		shown = keys[Math.round(strip.scrollLeft / strip.clientWidth)] ?? null;
	}

	function go(name: string) {
		shown = name;
		strip?.scrollTo({ left: keys.indexOf(name) * strip.clientWidth });
	}
</script>

{#if enlarged}
	{@const View = panes[enlarged].component}
	<main id="main" tabindex="-1" class="whole"><View /></main>
{:else if narrow}
	<main id="main" tabindex="-1" class="narrow">
		<div class="strip" bind:this={strip} {onscroll}>
			{#each shows as together (together[0])}
				<div class="one" inert={together[0] !== current}>
					{#each together as name (name)}
						{@const View = panes[name].component}
						<div class="flex-1 min-h-0"><View /></div>
					{/each}
				</div>
			{/each}
		</div>
		{#await import('./PaneTabs.svelte') then { default: PaneTabs }}
			<PaneTabs
				names={shows.map((together) => ({
					name: together[0],
					title: together.map((name) => panes[name].title).join(', ')
				}))}
				{current}
				ongo={go}
			/>
		{/await}
	</main>
{:else}
	<main id="main" tabindex="-1" class="whole">
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
		display: flex;
		flex-direction: column;
		gap: 1px;
		background: var(--rule);
		flex: 0 0 100%;
		min-width: 0;
		height: 100%;
		scroll-snap-align: start;
		scroll-snap-stop: always;
	}
	/* in a very low window the page scrolls as a whole */
	@media (max-height: 24rem) {
		.narrow {
			flex: none;
			height: 22rem;
		}
	}
</style>
