<script lang="ts">
	import type { Identity } from '$lib/desk/identity';
	import type { PlacedLabel } from '../region/labels';
	import { markPath } from '../shared/marks';

	interface Props {
		labels: readonly PlacedLabel[];
		faces: readonly { readonly key: string; readonly identity: Identity | undefined }[];
	}
	/** Coordinates at the corners of a body, and on its faces the names of their constraints with their marks. */
	let { labels, faces }: Props = $props();
</script>

{#each labels as { key, text, x, y, width } (key)}
	{@const face = faces.find((own) => own.key === key)}
	<g class="label" class:name={face} style:color={face?.identity?.colour}>
		{#if face?.identity}
			{@const shape = markPath(face.identity.mark, x - width / 2 + 8, y)}
			<path
				d={shape.d}
				fill={shape.filled ? 'currentColor' : 'none'}
				stroke="currentColor"
				stroke-width="2"
			/>
		{/if}
		<text x={face?.identity ? x + 8 : x} y={y + 4.5} text-anchor="middle">{text}</text>
	</g>
{/each}

<style>
	text {
		font-size: 13px;
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 3.5px;
		stroke-linejoin: round;
		pointer-events: none;
	}
	.name text {
		font-weight: 600;
		fill: currentColor;
	}
	.label {
		pointer-events: none;
	}
</style>
