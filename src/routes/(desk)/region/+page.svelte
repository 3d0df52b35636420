<script lang="ts">
	import CommentaryPane from '$lib/view/commentary/CommentaryPane.svelte';
	import CornerTablePane from '$lib/view/corners/CornerTablePane.svelte';
	import type { Panes, Place } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import CornerRegion from '$lib/view/corners/CornerRegion.svelte';
	import TypesetPane from '$lib/view/statement/TypesetPane.svelte';

	const panes: Panes = {
		region: { title: 'Region', component: CornerRegion },
		corners: { title: 'Corner table', component: CornerTablePane },
		typeset: { title: 'Problem', component: TypesetPane },
		commentary: { title: 'Commentary', component: CommentaryPane }
	};
	const place: Place = {
		size: 100,
		across: [
			{ size: 60, pane: 'region' },
			{
				size: 40,
				down: [
					{ size: 32, pane: 'typeset' },
					{ size: 40, pane: 'corners' },
					{ size: 28, pane: 'commentary' }
				]
			}
		]
	};
</script>

<svelte:head><title>Mathesis: Region</title></svelte:head>

<Arrangement page="region" {place} {panes} />
