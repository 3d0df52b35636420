<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionPane from '../region/RegionPane.svelte';
	import TriedPlan from './TriedPlan.svelte';

	/** The region with the plan being tried in it; which corner is best stays hidden until it is asked for. */
	const { document: lesson, plans } = useDesk();
</script>

<RegionPane showsBest={plans.showsBest}>
	{#snippet inside(region, frame)}
		{#if lesson.problem}<TriedPlan problem={lesson.problem} {region} {frame} />{/if}
	{/snippet}
</RegionPane>
