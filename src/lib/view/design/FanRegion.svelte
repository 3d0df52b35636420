<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import PlanRegion from '../plans/PlanRegion.svelte';
	import ObjectiveFan from './ObjectiveFan.svelte';

	/** The region with the plan that a problem is made around, and the objectives for which it is best. */
	const { document: lesson, plans } = useDesk();
</script>

<PlanRegion>
	{#snippet under(region, frame)}
		{#if lesson.problem}<ObjectiveFan problem={lesson.problem} plan={plans.plan} {region} {frame} />{/if}
	{/snippet}
</PlanRegion>
