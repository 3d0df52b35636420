<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Region } from '$lib/core/geometry';
	import type { Frame } from '../region/frame';
	import { brokenConstraints } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionPane from '../region/RegionPane.svelte';
	import TriedPlan from './TriedPlan.svelte';

	/** The region with the plan being tried in it; which corner is best stays hidden until it is asked for. */
	let { under }: { under?: Snippet<[Region, Frame]> } = $props();
	const { document: lesson, plans } = useDesk();
</script>

<RegionPane {under} showsBest={plans.showsBest} violated={brokenConstraints(lesson.problem, plans.plan)}>
	{#snippet inside(region, frame)}
		{#if lesson.problem}<TriedPlan problem={lesson.problem} {region} {frame} />{/if}
	{/snippet}
</RegionPane>
