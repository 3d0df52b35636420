<script lang="ts">
	import { en } from '$lib/core/language';
	import BuiltRegion from '$lib/view/construction/BuiltRegion.svelte';
	import CornerTablePane from '$lib/view/construction/CornerTablePane.svelte';
	import SidesPane from '$lib/view/construction/SidesPane.svelte';
	import StepsPane from '$lib/view/construction/StepsPane.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';

	const panes: Panes = {
		region: { title: en`Region`, component: BuiltRegion },
		steps: { title: en`Construction`, component: StepsPane },
		sides: { title: en`Constraints`, component: SidesPane },
		corners: { title: en`Corner table`, component: CornerTablePane }
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

<svelte:head><title>{en`Mathesis: Region`}</title></svelte:head>

<Arrangement page="region" {place} {panes} />
