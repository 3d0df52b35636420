<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import CommentaryPane from '$lib/view/commentary/CommentaryPane.svelte';
	import FormPane from '$lib/view/form/FormPane.svelte';
	import { tableauLines, tableauShare, type Panes, type PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import AnswerPane from '$lib/view/tableau/AnswerPane.svelte';
	import BeforePane from '$lib/view/tableau/BeforePane.svelte';
	import OperationsPane from '$lib/view/tableau/OperationsPane.svelte';
	import SlidRegion from '$lib/view/tableau/SlidRegion.svelte';
	import TableauPane from '$lib/view/tableau/TableauPane.svelte';
	import TrailPane from '$lib/view/trail/TrailPane.svelte';

	const { document, figure, pinned, session } = useDesk();
	const panes: Panes = {
		tableau: { title: en`Tableau`, component: TableauPane },
		form: { title: en`Standard form`, component: FormPane },
		trail: { title: en`Trail`, component: TrailPane },
		commentary: { title: en`Commentary`, component: CommentaryPane },
		region: { title: en`Region`, component: SlidRegion },
		before: { title: en`Tableau beside`, component: BeforePane },
		operations: { title: en`Row operations`, component: OperationsPane },
		answer: { title: en`The answer`, component: AnswerPane }
	};
	// how the form arose before the first pivot, then what each pivot does, then the answer
	const isDone = $derived(session.decision?.kind === 'end' && session.decision.end.status === 'optimal');
	const hasPivoted = $derived(session.stops.at(-1)?.node.move?.kind === 'pivot');
	const share = $derived(tableauShare(tableauLines(session.tableau, document.notation), 50, 66));
	// at the end what the last pivot did stands beside the answer
	const told = $derived([...(hasPivoted ? ['operations'] : []), ...(isDone ? ['answer'] : [])]);
	const below: PanePlace = $derived({
		size: 100 - share,
		across: [
			{ size: told.length > 1 ? 22 : 34, pane: 'trail' },
			...(told.length ? told : ['form']).map((pane) => ({ size: told.length > 1 ? 39 : 66, pane }))
		]
	});
	// the picture where there is one and no other tableau is wanted, else the tableau of the step before or the one pinned
	const beside: PanePlace = $derived({
		size: 32,
		down: [
			{ size: 52, pane: 'commentary' },
			{ size: 48, pane: figure.isWhole && !pinned.isWanted ? 'region' : 'before' }
		]
	});
	const place: PanePlace = $derived({
		size: 100,
		across: [{ size: 68, down: [{ size: share, pane: 'tableau' }, below] }, beside]
	});
</script>

<svelte:head><title>{en`Mathesis: Simplex`}</title></svelte:head>

<Arrangement page="simplex" {place} {panes} />
