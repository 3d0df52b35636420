<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import { markPath } from '../shared/marks';
	import type { Spot } from './box';
	import type { PictureLabel } from './picture';

	interface Props {
		desk: Desk;
		labels: readonly PictureLabel[];
		/** the objective's value at the current point, and where it stands */
		objective: { text: string; at: Spot } | null;
	}
	/** Names at the lines, with their marks, coordinates at the corners, and the objective's value. */
	let { desk, labels, objective }: Props = $props();
</script>

{#snippet written(text: string, x: number, y: number)}
	<text {x} y={y + 4.5} text-anchor="middle">{text}</text>
{/snippet}

{#each labels as { key, text, x, y, width, line } (key)}
	{#if line?.identity}
		{@const shape = markPath(line.identity.mark, x - width / 2 + 8, y)}
		<g class="name" class:lit={desk.isPointed(line.pointed)} style:color={line.identity.colour}>
			<path
				d={shape.d}
				fill={shape.filled ? 'currentColor' : 'none'}
				stroke="currentColor"
				stroke-width="2"
			/>
			{@render written(text, x + 8, y)}
		</g>
	{:else}
		{@render written(text, x, y)}
	{/if}
{/each}
{#if objective}
	<g class="name now">{@render written(objective.text, objective.at.x, objective.at.y)}</g>
{/if}

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
	.now {
		color: var(--now);
	}
	.name.lit text {
		text-decoration: underline 2px;
	}
	g,
	text {
		pointer-events: none;
	}
</style>
