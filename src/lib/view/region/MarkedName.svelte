<script lang="ts">
	import type { Identity } from '$lib/desk/identity';
	import { markPath } from '../shared/marks';
	import type { PlacedLabel } from './labels';

	interface Props {
		label: Omit<PlacedLabel, 'key'>;
		/** how the constraint looks that the text names; left out, the text is that of a point */
		identity?: Identity | null;
		lit?: boolean;
	}
	/** A text in a picture: the name of a constraint with its mark, or a point's coordinates. */
	let { label, identity = null, lit = false }: Props = $props();
	const { text, x, y, width } = $derived(label);
</script>

<g class:name={identity} class:lit style:color={identity?.colour}>
	{#if identity}
		{@const shape = markPath(identity.mark, x - width / 2 + 8, y)}
		<path d={shape.d} fill={shape.filled ? 'currentColor' : 'none'} stroke="currentColor" stroke-width="2" />
	{/if}
	<text x={identity ? x + 8 : x} y={y + 4.5} text-anchor="middle">{text}</text>
</g>

<style>
	.name text {
		font-weight: 600;
		fill: currentColor;
	}
	.lit text {
		text-decoration: underline 2px;
	}
	g {
		pointer-events: none;
	}
</style>
