<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import { type Spot } from '$lib/core/geometry';
	import MarkedName from './MarkedName.svelte';
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

{#each lines as { key, identity, pointed, label } (key)}
	{#if identity && label}<MarkedName {label} {identity} lit={selection.isPointed(pointed)} />{/if}
{/each}
{#each corners as { key, label } (key)}
	{#if label}<MarkedName {label} />{/if}
{/each}
{#if objective}
	<text x={objective.at.x} y={objective.at.y + 4.5} text-anchor="middle">{objective.text}</text>
{/if}

<style>
	text {
		font-weight: 600;
		fill: var(--now);
	}
</style>
