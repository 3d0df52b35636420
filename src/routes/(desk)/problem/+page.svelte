<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import PlansPane from '$lib/view/plans/PlansPane.svelte';
	import PlanRegion from '$lib/view/plans/PlanRegion.svelte';
	import StoryPane from '$lib/view/story/StoryPane.svelte';
	import StatementPane from '$lib/view/statement/StatementPane.svelte';
	import TypesetPane from '$lib/view/statement/TypesetPane.svelte';
	import TablePane from '$lib/view/table/TablePane.svelte';

	const { document: lesson, figure } = useDesk();
	const panes: Panes = {
		story: { title: en`Story`, component: StoryPane },
		statement: { title: en`Statement`, component: StatementPane },
		typeset: { title: en`Problem`, component: TypesetPane },
		table: { title: en`Table`, component: TablePane },
		plans: { title: en`Plans`, component: PlansPane },
		region: { title: en`Region`, component: PlanRegion }
	};
	// a lesson without a story needs little room for it
	const told = $derived(!!(lesson.telling.story || lesson.telling.notes || lesson.problem?.story));
	/** a text that says no problem yet needs room for what is found in it; the panes of the problem are empty */
	const isUnread = $derived(
		!lesson.problem &&
			lesson.reading.diagnostics.some(({ severity, code }) => severity === 'error' && code !== 'empty')
	);
	const heights = $derived(isUnread ? [12, 74, 14] : told ? [28, 38, 34] : [12, 46, 42]);
	const left: PanePlace = $derived({
		size: isUnread ? 50 : 30,
		down: [
			{ size: heights[0], pane: 'story' },
			{ size: heights[1], pane: 'statement' },
			{ size: heights[2], pane: 'typeset' }
		]
	});
	// a problem in two variables has a narrow table and a picture; any other has a wide table and none
	const place: PanePlace = $derived({
		size: 100,
		across: [
			left,
			{
				size: figure.isWhole ? 38 : 100 - left.size,
				down: [
					{ size: figure.isWhole ? 42 : 54, pane: 'table' },
					{ size: figure.isWhole ? 58 : 46, pane: 'plans' }
				]
			},
			...(figure.isWhole ? [{ size: 32, pane: 'region' }] : [])
		]
	});
</script>

<svelte:head><title>{en`Mathesis: Problem`}</title></svelte:head>

<Arrangement page="problem" {place} {panes} />
