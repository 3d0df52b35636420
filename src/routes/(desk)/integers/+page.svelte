<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import CommentaryPane from '$lib/view/commentary/CommentaryPane.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import WaysBar from '$lib/view/integers/WaysBar.svelte';
	import WaysPane from '$lib/view/integers/WaysPane.svelte';
	import WholeRegion from '$lib/view/integers/WholeRegion.svelte';
	import TableauPane from '$lib/view/tableau/TableauPane.svelte';

	const { figure } = useDesk();
	const integers = useIntegers();
	const panes: Panes = {
		region: { title: en`Region`, component: WholeRegion },
		ways: { title: en`Way to an integer plan`, component: WaysPane },
		tableau: { title: en`Tableau`, component: TableauPane },
		commentary: { title: en`Commentary`, component: CommentaryPane }
	};
	const ways: PanePlace = { size: 100, pane: 'ways' };
	const tableau: PanePlace = { size: 46, pane: 'tableau' };
	const region: PanePlace = { size: 54, pane: 'region' };
	// rounding needs the picture, cuts the tableau beside it, a tree all the room there is
	const place = $derived.by((): PanePlace => {
		const { mode } = integers;
		if (!figure.isWhole)
			return mode === 'branching' || mode === 'comparison' || mode === 'proof'
				? {
						size: 100,
						across: [
							{ ...ways, size: 66 },
							{
								size: 34,
								down: [
									{ size: 50, pane: 'tableau' },
									{ size: 50, pane: 'commentary' }
								]
							}
						]
					}
				: {
						size: 100,
						across: [
							{
								size: 50,
								down: [
									{ size: 55, pane: 'tableau' },
									{ size: 45, pane: 'commentary' }
								]
							},
							{ ...ways, size: 50 }
						]
					};
		if (mode === 'rounding')
			return {
				size: 100,
				across: [
					{ size: 52, pane: 'region' },
					{ ...ways, size: 48 }
				]
			};
		if (mode === 'cuts')
			return {
				size: 100,
				across: [
					{ size: 50, down: [region, tableau] },
					{
						size: 50,
						down: [
							{ size: 66, pane: 'ways' },
							{ size: 34, pane: 'commentary' }
						]
					}
				]
			};
		return {
			size: 100,
			across: [
				{ size: 38, down: [region, tableau] },
				{ ...ways, size: 62 }
			]
		};
	});
</script>

<svelte:head><title>{en`Mathesis: Integers`}</title></svelte:head>

<WaysBar />
{#key integers.mode}<Arrangement page={`integers-${integers.mode}`} {place} {panes} />{/key}
