<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useDesigner, type WayToDesign } from '$lib/desk/designer.svelte';
	import DesignBar from '$lib/view/design/DesignBar.svelte';
	import FanRegion from '$lib/view/design/FanRegion.svelte';
	import FindsPane from '$lib/view/design/FindsPane.svelte';
	import HandPane from '$lib/view/design/HandPane.svelte';
	import VariantsPane from '$lib/view/design/VariantsPane.svelte';
	import WishesPane from '$lib/view/design/WishesPane.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import StatementPane from '$lib/view/statement/StatementPane.svelte';
	import TypesetPane from '$lib/view/statement/TypesetPane.svelte';

	const { document, figure } = useDesk();
	const designer = useDesigner();
	const panes: Panes = {
		wishes: { title: en`Wishes`, component: WishesPane },
		finds: { title: en`Problems found`, component: FindsPane },
		hand: { title: en`Around a plan`, component: HandPane },
		region: { title: en`Region`, component: FanRegion },
		statement: { title: en`Statement`, component: StatementPane },
		typeset: { title: en`Problem`, component: TypesetPane },
		variants: { title: en`Variants`, component: VariantsPane }
	};
	const beside = $derived<PanePlace>(
		figure.isWhole
			? {
					size: 36,
					down: [
						{ size: 58, pane: 'region' },
						{ size: 42, pane: 'statement' }
					]
				}
			: { size: 30, pane: 'statement' }
	);
	const isWide = $derived(!figure.isWhole && (document.problem?.variables.length ?? 0) > 4);
	const places: Record<WayToDesign, () => PanePlace> = {
		wishes: () => ({
			size: 100,
			across: [
				{ size: 36, pane: 'wishes' },
				{ size: 64, pane: 'finds' }
			]
		}),
		// a wide table has the whole width: what each row comes to stands at its right
		hand: () =>
			isWide
				? {
						size: 100,
						down: [
							{ size: 72, pane: 'hand' },
							{ size: 28, pane: 'statement' }
						]
					}
				: { size: 100, across: [{ size: 100 - beside.size, pane: 'hand' }, beside] },
		variants: () => ({
			size: 100,
			across: [
				{ size: 30, pane: 'typeset' },
				{ size: 70, pane: 'variants' }
			]
		})
	};
	const place = $derived(places[designer.way]());
</script>

<svelte:head><title>{en`Mathesis: Design`}</title></svelte:head>

<DesignBar />
{#key designer.way}<Arrangement page={`design-${designer.way}`} {place} {panes} />{/key}
