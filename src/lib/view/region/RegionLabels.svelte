<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import { markPath } from '../shared/marks';
	import type { Spot } from './box';
	import type { PictureCorner, PictureLine } from './picture';

	interface Props {
		lines: readonly PictureLine[];
		corners: readonly Pick<PictureCorner, 'key' | 'label'>[];
		/** the objective's value at the current point, and where it stands */
		objective: { text: string; at: Spot } | null;
	}
	/** Names at the lines, with their marks, coordinates at the corners, and the objective's value. */
	let { lines, corners, objective }: Props = $props();
	const { selection } = useDesk();
</script>

{#snippet written(text: string, x: number, y: number)}
	<text {x} y={y + 4.5} text-anchor="middle">{text}</text>
{/snippet}

{#each lines as { key, identity, pointed, label } (key)}
	{#if identity && label}
		{@const { text, x, y, width } = label}
		{@const shape = markPath(identity.mark, x - width / 2 + 8, y)}
		<g class="name" class:lit={selection.isPointed(pointed)} style:color={identity.colour}>
			<path
				d={shape.d}
				fill={shape.filled ? 'currentColor' : 'none'}
				stroke="currentColor"
				stroke-width="2"
			/>
			{@render written(text, x + 8, y)}
		</g>
	{/if}
{/each}
{#each corners as { key, label } (key)}
	{#if label}{@render written(label.text, label.x, label.y)}{/if}
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
