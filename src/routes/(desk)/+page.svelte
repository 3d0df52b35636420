<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import CommentaryPane from '$lib/view/commentary/CommentaryPane.svelte';
	import { tableauLines, tableauShare, type Panes, type PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import RegionPane from '$lib/view/region/RegionPane.svelte';
	import StatementPane from '$lib/view/statement/StatementPane.svelte';
	import TypesetPane from '$lib/view/statement/TypesetPane.svelte';
	import TableauPane from '$lib/view/tableau/TableauPane.svelte';
	import TrailPane from '$lib/view/trail/TrailPane.svelte';

	const { document, figure, session } = useDesk();
	const panes: Panes = {
		statement: { title: en`Statement`, component: StatementPane },
		typeset: { title: en`Problem`, component: TypesetPane },
		trail: { title: en`Trail`, component: TrailPane },
		region: { title: en`Region`, component: RegionPane },
		commentary: { title: en`Commentary`, component: CommentaryPane },
		tableau: { title: en`Tableau`, component: TableauPane }
	};
	const left: PanePlace = {
		size: 28,
		down: [
			{ size: 38, pane: 'statement' },
			{ size: 32, pane: 'typeset' },
			{ size: 30, pane: 'trail' }
		]
	};
	const tableau = $derived(tableauShare(tableauLines(session.tableau, document.notation), 40, 56));
	// without a picture its place goes to the others
	const above: PanePlace = $derived(
		figure.isWhole || !session.problem
			? {
					size: 100 - tableau,
					across: [
						{ size: 55, pane: 'region' },
						{ size: 45, pane: 'commentary' }
					]
				}
			: { size: 96 - tableau, pane: 'commentary' }
	);
	const place: PanePlace = $derived({
		size: 100,
		across: [left, { size: 72, down: [above, { size: 100 - above.size, pane: 'tableau' }] }]
	});
</script>

<svelte:head><title>Mathesis</title></svelte:head>

<Arrangement page="overview" {place} {panes} />
