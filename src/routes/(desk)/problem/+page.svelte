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
	const left: PanePlace = $derived({
		size: 30,
		down: [
			{ size: told ? 28 : 12, pane: 'story' },
			{ size: told ? 38 : 46, pane: 'statement' },
			{ size: told ? 34 : 42, pane: 'typeset' }
		]
	});
	// a problem in two variables has a narrow table and a picture; any other has a wide table and none
	const place: PanePlace = $derived({
		size: 100,
		across: [
			left,
			{
				size: figure.isWhole ? 38 : 70,
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
