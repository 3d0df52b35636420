<script lang="ts">
	import type { Identity } from '$lib/desk/identity';
	import { markPath } from './marks';

	/** The small mark that goes with an identity's colour; decorative, the name always stands beside it. */
	let { identity, size = 11 }: { identity: Identity; size?: number } = $props();
	const shape = $derived(markPath(identity.mark));
</script>

<svg
	class="glyph"
	width={size}
	height={size}
	viewBox="-6 -6 12 12"
	aria-hidden="true"
	style:color={identity.colour}
>
	<path d={shape.d} fill={shape.filled ? 'currentColor' : 'none'} stroke="currentColor" stroke-width="2" />
</svg>

<style>
	.glyph {
		display: inline-block;
		vertical-align: -0.08em;
		flex: none;
		/* no clip of its own: there are many of them */
		overflow: visible;
	}
</style>
