<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import { markPath } from '../shared/marks';
	import { pointedLine, type Picture } from './picture';

	/** Names at the lines, with their marks, and coordinates at the corners. */
	let { desk, picture }: { desk: Desk; picture: Picture } = $props();
</script>

{#each picture.labels as label (label.key)}
	{@const line = label.key.startsWith('line ')
		? picture.lines.find((l) => label.key === `line ${l.index}`)
		: null}
	{#if line?.identity}
		{@const shape = markPath(line.identity.mark)}
		<g class="name" class:lit={desk.isPointed(pointedLine(line))} style:color={line.identity.colour}>
			<path
				transform={`translate(${label.x - label.width / 2 + 8} ${label.y})`}
				d={shape.d}
				fill={shape.filled ? 'currentColor' : 'none'}
				stroke="currentColor"
				stroke-width="2"
			/>
			<text transform={`translate(${label.x + 8} ${label.y + 4.5})`} text-anchor="middle">{label.text}</text>
		</g>
	{:else}
		<text class="coordinates" transform={`translate(${label.x} ${label.y + 4.5})`} text-anchor="middle"
			>{label.text}</text
		>
	{/if}
{/each}

<style>
	text {
		font-size: 13px;
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 3.5px;
		stroke-linejoin: round;
	}
	.name text {
		font-weight: 600;
		fill: currentColor;
	}
	.name.lit text {
		text-decoration: underline 2px;
	}
	g,
	text {
		pointer-events: none;
	}
</style>
