<script lang="ts">
	import type { PictureSpot } from './picture';

	/** The points of a step of the construction: where a line crosses, and the test point with what came of it. */
	let { spots }: { spots: readonly PictureSpot[] } = $props();
</script>

{#each spots as { key, x, y, kind } (key)}
	<g class={kind} transform={`translate(${x} ${y})`}>
		<circle r="5.5" />
		{#if kind === 'kept'}<path d="M-9 -12l4 5l9 -11" />{/if}
		{#if kind === 'broken'}<path d="M-6 -18l10 10M4 -18l-10 10" />{/if}
	</g>
{/each}

<style>
	g {
		pointer-events: none;
	}
	circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 2.5;
	}
	path {
		fill: none;
		stroke: var(--now);
		stroke-width: 2.5;
	}
	.broken :is(circle, path) {
		stroke: var(--error);
	}
</style>
