<script lang="ts">
	import { approximate, ZERO } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionPane from '../region/RegionPane.svelte';

	/** The region with the plan that the answer's slider stands at. */
	const { selection } = useDesk();
</script>

<RegionPane>
	{#snippet inside(region, frame)}
		{#if selection.slid}
			{@const [x, y] = region.axes.map((name) => approximate(selection.slid!.get(name) ?? ZERO))}
			<path d="M0 -9l9 9l-9 9l-9 -9z" transform={`translate(${frame.x(x)} ${frame.y(y)})`} />
		{/if}
	{/snippet}
</RegionPane>

<style>
	path {
		fill: var(--focus);
		stroke: var(--sheet);
		stroke-width: 2;
		pointer-events: none;
	}
</style>
