<script lang="ts">
	import { approximate } from '$lib/core/number';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import type { Frame } from '../region/frame';

	/** The point that slides along an edge or half-line of best plans. */
	let { frame }: { frame: Frame } = $props();
	const construction = useConstruction();
	const at = $derived(construction.optimalPoint);
</script>

{#if at}
	<g transform={`translate(${frame.x(approximate(at[0]))} ${frame.y(approximate(at[1]))})`} data-optimal>
		<circle r="8" />
		<circle r="3" class="dot" />
	</g>
{/if}

<style>
	g {
		pointer-events: none;
	}
	circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 3;
	}
	.dot {
		fill: var(--now);
	}
</style>
