<script lang="ts">
	import type { Identity } from '$lib/desk/identity';
	import { markPath } from './marks';

	/** The small mark that goes with an identity's colour; decorative, the name always stands beside it. */
	let { identity }: { identity: Identity } = $props();
	const shape = $derived(markPath(identity.mark, 6, 6));
</script>

<svg class="glyph" viewBox="0 0 12 12" aria-hidden="true" style:color={identity.colour}>
	<path d={shape.d} fill={shape.filled ? 'currentColor' : 'none'} stroke="currentColor" stroke-width="2" />
</svg>

<style>
	.glyph {
		display: inline-block;
		vertical-align: -0.1em;
		flex: none;
		width: max(12px, 0.6em);
		height: max(12px, 0.6em);
		/* drawn at its own size and without a clip: there are many of them, and each would be a layer to the painter */
		overflow: visible;
	}
</style>
