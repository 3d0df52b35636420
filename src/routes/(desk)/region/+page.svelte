<script lang="ts">
	import BuiltRegion from '$lib/view/construction/BuiltRegion.svelte';
	import CornerTablePane from '$lib/view/construction/CornerTablePane.svelte';
	import SidesPane from '$lib/view/construction/SidesPane.svelte';
	import StepsPane from '$lib/view/construction/StepsPane.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';

	const panes: Panes = {
		region: { title: 'Region', component: BuiltRegion },
		steps: { title: 'Construction', component: StepsPane },
		sides: { title: 'Constraints', component: SidesPane },
		corners: { title: 'Corner table', component: CornerTablePane }
	};
	const place: PanePlace = {
		size: 100,
		across: [
			{ size: 62, pane: 'region' },
			{
				size: 38,
				down: [
					{ size: 34, pane: 'steps' },
					{ size: 30, pane: 'sides' },
					{ size: 36, pane: 'corners' }
				]
			}
		]
	};
</script>

<svelte:head><title>Mathesis: Region</title></svelte:head>

<Arrangement page="region" {place} {panes} />
