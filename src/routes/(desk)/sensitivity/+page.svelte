<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity, type SensitivityLook } from '$lib/desk/sensitivity.svelte';
	import type { Panes, Place } from '$lib/view/frame/arrangement';
	import Arrangement from '$lib/view/frame/Arrangement.svelte';
	import CurvePane from '$lib/view/sensitivity/CurvePane.svelte';
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
		numbers: { title: 'Numbers', component: NumbersPane },
		'what-if': { title: 'What if', component: WhatIfPane },
		region: { title: 'Region', component: GhostRegion },
		last: { title: 'Last tableau', component: LastTableau },
		map: { title: 'Map of two numbers', component: MapPane },
		curve: { title: 'Best value', component: CurvePane },
		dual: { title: 'Primal and dual', component: DualPane },
		'dual-tableau': { title: 'Last tableau of the dual', component: DualTableau },
		pairs: { title: 'Plan and dual values', component: PairsPane },
		newcomer: { title: 'New activity or constraint', component: NewcomerPane }
	};
	const hasPicture = $derived(figure.isWhole && figure.axes.length === 2);
	const tableau: Place = { size: 50, pane: 'last' };
	// the picture where there is one, above or below the tableau that is read
	const beside = $derived.by((): Place => {
		if (!hasPicture) return { size: 34, pane: 'last' };
		return {
			size: 34,
			down: [
				{ size: 56, pane: 'region' },
				{ ...tableau, size: 44 }
			]
		};
	});
	const numbersAnd = (pane: string, size: number): Place => ({
		size: 100,
		across: [{ size: 66 - size, pane: 'numbers' }, { size, pane }, beside]
	});
	const places: Record<SensitivityLook, () => Place> = {
		ranges: () => ({
			size: 100,
			across: [
				{
					size: 30,
					down: [
						{ size: 50, pane: 'numbers' },
						{ size: 50, pane: 'newcomer' }
					]
				},
				{ size: 36, pane: 'what-if' },
				beside
			]
		}),
		two: () => numbersAnd('map', 40),
		curve: () => numbersAnd('curve', 40),
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
		pairs: () => ({
			size: 100,
			across: [
				{ size: 68, pane: 'pairs' },
				{ ...beside, size: 32 }
			]
		})
	};
	const place = $derived(places[sensitivity.look]());
</script>

<svelte:head><title>Mathesis: Sensitivity</title></svelte:head>

<SensitivityBar />
{#key sensitivity.look}<Arrangement page={`sensitivity-${sensitivity.look}`} {place} {panes} />{/key}
