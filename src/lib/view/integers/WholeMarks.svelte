<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Vector } from '$lib/core/number';
	import { type Spot, hullEdges, pointOf } from '$lib/core/geometry';
	import type { Problem } from '$lib/core/problem';
	import { useIntegers } from '$lib/desk/integers.svelte';

	interface Props {
		problem: Problem;
		/** where a point stands in the picture; in one with depth, from −1 in front to 1 at the back */
		spot: (at: Vector) => Spot & { depth?: number };
	}
	/** What is marked in a picture of the region: the hull of the whole points, the roundings, the best integer plan, the node that is looked at. */
	let { problem, spot }: Props = $props();
	const integers = useIntegers();
	const hull = $derived(integers.showsHull ? (integers.hull ?? []) : []);
	const edges = $derived(hullEdges(hull));
	const roundings = $derived(integers.mode === 'rounding' ? integers.roundings : []);
	const best = $derived(integers.mode === 'rounding' ? integers.best?.plan : null);
	const here = $derived.by(() => {
		const { node } = integers.tree;
		return integers.mode === 'branching' && node && !integers.tree.hides(node.id) ? node.solution : null;
	});
</script>

<g class="pointer-events-none">
	{#each edges as [p, q] (`${p} ${q}`)}
		{@const [from, to] = [spot(hull[p]), spot(hull[q])]}
		<line
			class="hull"
			stroke-opacity={0.65 - 0.35 * (((from.depth ?? -1) + (to.depth ?? -1)) / 2)}
			x1={from.x}
			y1={from.y}
			x2={to.x}
			y2={to.y}
		/>
	{/each}
	{#each roundings as { plan, broken, isNearest, isDown }, i (i)}
		{@const { x, y } = spot(pointOf(problem, plan))}
		<g class="rounding" class:broken={broken.length > 0} transform={`translate(${x} ${y})`}>
			<rect x="-7" y="-7" width="14" height="14" />
			{#if broken.length > 0}<path d="M-4 -4l8 8M4 -4l-8 8" />{/if}
			{#if isNearest || isDown}<text x="10" y={isNearest ? -5 : 16}>{isNearest ? en`nearest` : en`down`}</text
				>{/if}
		</g>
	{/each}
	{#if best}
		{@const { x, y } = spot(pointOf(problem, best))}
		<g class="best" transform={`translate(${x} ${y})`}>
			<circle r="10" /><text x="13" y="5">{en`optimal integer plan`}</text>
		</g>
	{/if}
	{#if here}
		{@const { x, y } = spot(pointOf(problem, here))}
		<circle class="here" r="7" cx={x} cy={y} />
	{/if}
</g>

<style>
	.hull {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 7 3 1 3;
	}
	.rounding rect {
		fill: none;
		stroke: var(--focus);
		stroke-width: 2;
	}
	.rounding.broken rect,
	.rounding.broken path {
		stroke: var(--error);
		stroke-width: 2;
	}
	text {
		font-weight: 600;
	}
	.best circle,
	.here {
		fill: none;
		stroke: var(--now);
		stroke-width: 3;
	}
</style>
