<script lang="ts">
	import type { PictureCorner, PictureSpot } from './picture';

	interface Props {
		corners: readonly PictureCorner[];
		spots: readonly PictureSpot[];
		/** the corner that is pointed at, by its index in the region */
		corner: number | null;
		pointCorner: (index: number | null) => void;
		/** goes to a corner by pivots */
		visit: (index: number) => void;
	}
	/** The corners of the region, each a button that goes there; and the points of a step of the construction. */
	let { corners, spots, corner, pointCorner, visit }: Props = $props();

	function onkeydown(event: KeyboardEvent, index: number) {
		if (event.key !== 'Enter' && event.key !== ' ') return;
		event.preventDefault();
		visit(index);
	}
</script>

{#each spots as { key, x, y, kind } (key)}
	<g class="spot {kind}" transform={`translate(${x} ${y})`}>
		<circle r="5.5" />
		{#if kind === 'kept'}<path d="M-9 -12l4 5l9 -11" />{/if}
		{#if kind === 'broken'}<path d="M-6 -18l10 10M4 -18l-10 10" />{/if}
	</g>
{/each}
{#each corners as c (c.key)}
	<g
		class="corner"
		class:lit={corner === c.index}
		role="button"
		aria-label={`Corner ${c.text}${c.best ? ', best' : ''}`}
		tabindex="0"
		onpointerenter={() => pointCorner(c.index)}
		onpointerleave={() => pointCorner(null)}
		onfocus={() => pointCorner(c.index)}
		onblur={() => pointCorner(null)}
		onclick={() => visit(c.index)}
		onkeydown={(event) => onkeydown(event, c.index)}
	>
		<circle class="grip" cx={c.x} cy={c.y} r="11" />
		{#if c.best}<circle class="best" cx={c.x} cy={c.y} r="9.5" />{/if}
		<circle class="dot" cx={c.x} cy={c.y} r="3.6" />
	</g>
{/each}

<style>
	.grip {
		stroke: transparent;
		fill: transparent;
	}
	.dot {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner {
		outline: none;
		cursor: pointer;
	}
	.corner.lit .grip {
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner:focus-visible .grip {
		stroke: var(--focus);
		stroke-width: 2;
	}
	.spot {
		pointer-events: none;
	}
	.spot circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 2.5;
	}
	.spot path {
		fill: none;
		stroke: var(--now);
		stroke-width: 2.5;
	}
	.spot.broken :is(circle, path) {
		stroke: var(--error);
	}
</style>
