<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity, type SensitivityLook } from '$lib/desk/sensitivity.svelte';
	import type { Panes, PanePlace } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import CurvePane from '$lib/view/sensitivity/CurvePane.svelte';
	import DualSide from '$lib/view/beside/DualSide.svelte';
	import PrimalSide from '$lib/view/beside/PrimalSide.svelte';
	import DualPane from '$lib/view/sensitivity/DualPane.svelte';
	import DualTableau from '$lib/view/sensitivity/DualTableau.svelte';
	import GhostRegion from '$lib/view/sensitivity/GhostRegion.svelte';
	import LastTableau from '$lib/view/sensitivity/LastTableau.svelte';
	import MapPane from '$lib/view/sensitivity/MapPane.svelte';
	import NewcomerPane from '$lib/view/sensitivity/NewcomerPane.svelte';
	import NumbersPane from '$lib/view/sensitivity/NumbersPane.svelte';
	import PairsPane from '$lib/view/sensitivity/PairsPane.svelte';
	import SensitivityBar from '$lib/view/sensitivity/SensitivityBar.svelte';
	import WhatIfPane from '$lib/view/sensitivity/WhatIfPane.svelte';

	const { figure } = useDesk();
	const sensitivity = useSensitivity();
	const panes: Panes = {
		numbers: { title: en`Numbers`, component: NumbersPane },
		'what-if': { title: en`What if`, component: WhatIfPane },
		region: { title: en`Region`, component: GhostRegion },
		last: { title: en`Last tableau`, component: LastTableau },
		map: { title: en`Map of two numbers`, component: MapPane },
		curve: { title: en`Best value`, component: CurvePane },
		dual: { title: en`Primal and dual`, component: DualPane },
		'dual-tableau': { title: en`Last tableau of the dual`, component: DualTableau },
		'primal-side': { title: en`The primal`, component: PrimalSide },
		'dual-side': { title: en`The dual`, component: DualSide },
		pairs: { title: en`Plan and dual values`, component: PairsPane },
		newcomer: { title: en`New activity or constraint`, component: NewcomerPane }
	};
	const hasPicture = $derived(figure.isWhole && figure.axes.length === 2);
	/** more variables need more room for the numbers that one presses */
	const numbersWide = $derived(Math.min(54, 34 + 3 * (sensitivity.problem?.variables.length ?? 2)));
	const lastAndRegion = (size: number): PanePlace =>
		hasPicture
			? {
					size,
					down: [
						{ size: 56, pane: 'region' },
						{ size: 44, pane: 'last' }
					]
				}
			: { size, pane: 'last' };
	/** the numbers and what is asked of one of them; the tableau below, where it has the whole width, or below the picture */
	const numbersAnd = (pane: string, below: string | null = null): PanePlace => {
		if (!hasPicture)
			return {
				size: 100,
				down: [
					{
						size: 62,
						across: [
							{ size: numbersWide, pane: 'numbers' },
							{ size: 100 - numbersWide, pane }
						]
					},
					{ size: 38, across: [...(below ? [{ size: 36, pane: below }] : []), { size: 64, pane: 'last' }] }
				]
			};
		const column: PanePlace = below
			? {
					size: 32,
					down: [
						{ size: 50, pane: 'numbers' },
						{ size: 50, pane: below }
					]
				}
			: { size: 32, pane: 'numbers' };
		return { size: 100, across: [column, { size: 36, pane }, lastAndRegion(32)] };
	};
	const places: Record<SensitivityLook, () => PanePlace> = {
		ranges: () => numbersAnd('what-if', 'newcomer'),
		two: () => numbersAnd('map'),
		curve: () => numbersAnd('curve'),
		dual: () => ({
			size: 100,
			down: [
				{ size: 58, pane: 'dual' },
				{
					size: 42,
					across: [
						{ size: 50, pane: 'last' },
						{ size: 50, pane: 'dual-tableau' }
					]
				}
			]
		}),
		both: () => ({
			size: 100,
			across: [
				{ size: 50, pane: 'primal-side' },
				{ size: 50, pane: 'dual-side' }
			]
		}),
		pairs: () => ({
			size: 100,
			across: [{ size: 68, pane: 'pairs' }, lastAndRegion(32)]
		})
	};
	const place = $derived(places[sensitivity.look]());
</script>

<svelte:head><title>{en`Mathesis: Sensitivity`}</title></svelte:head>

<SensitivityBar />
{#key sensitivity.look}<Arrangement page={`sensitivity-${sensitivity.look}`} {place} {panes} />{/key}
