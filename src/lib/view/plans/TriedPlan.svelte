<script lang="ts">
	import { approximate } from '$lib/core/number/rational';
	import type { Problem } from '$lib/core/problem/types';
	import { isAllowed } from '$lib/core/problem/use';
	import type { Region } from '$lib/core/geometry/types';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Frame } from '../region/frame';

	/** The plan being tried, as a lozenge in the picture: filled where it is allowed, hollow where it is not. */
	let { problem, region, frame }: { problem: Problem; region: Region; frame: Frame } = $props();
	const { plans } = useDesk();
	const at = $derived.by(() => {
		const [x, y] = region.axes.map((name) => plans.plan.get(name));
		return plans.isTrying && x && y ? { x: frame.x(approximate(x)), y: frame.y(approximate(y)) } : null;
	});
	const allowed = $derived(at && isAllowed(problem, plans.plan));
</script>

{#if at}
	<path class:outside={!allowed} d={`M${at.x} ${at.y - 8}l8 8l-8 8l-8 -8z`} />
{/if}

<style>
	path {
		fill: var(--focus);
		stroke: var(--sheet);
		stroke-width: 1.5;
		pointer-events: none;
	}
	.outside {
		fill: var(--sheet);
		stroke: var(--error);
		stroke-width: 3;
	}
</style>
