<script lang="ts">
	import { onMount } from 'svelte';

	import { mustBeWhole } from '$lib/core/integer/whole';
	import type { Vector } from '$lib/core/number/linear-algebra';
	import { approximate, ZERO } from '$lib/core/number/rational';
	import type { Region } from '$lib/core/geometry/types';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { MARGIN, type Frame } from '../region/frame';
	import type { Spot } from '../region/box';
	import { outlineOf } from '../region/picture';
	import RegionPane from '../region/RegionPane.svelte';
	import { wholeLinesIn } from './whole-points';
	import WholePoints from './WholePoints.svelte';

	/** The region with its whole points, their hull, what a branch removed, and the roundings of the best corner. */
	const { document: lesson, figure, offered } = useDesk();
	/** how much closer one looks at the neighbourhood of the relaxation's best plan */
	const CLOSER = 3;
	const integers = useIntegers();
	const uid = $props.id();

	onMount(() =>
		offered.add(() => [
			{
				id: 'hull',
				group: 'Whole numbers',
				says: integers.showsHull ? 'Hide the hull of the whole points' : 'Show the hull of the whole points',
				key: 'u',
				possible: integers.hull !== null && figure.region !== null,
				run: () => integers.toggleHull()
			},
			{
				id: 'neighbourhood',
				group: 'Whole numbers',
				says: lesson.view ? 'Fit the region' : 'Magnify the neighbourhood of the relaxation’s best plan',
				key: 'z',
				possible: figure.region !== null && integers.corner !== null,
				run: () => {
					const [x, y] = figure.region!.axes.map((name) => approximate(integers.corner!.get(name) ?? ZERO));
					lesson.look(lesson.view ? null : { x, y, scale: CLOSER });
				}
			}
		])
	);

	const isWholeAxis = (region: Region, axis: 0 | 1) =>
		integers.problem?.variables.some((own) => own.name === region.axes[axis] && mustBeWhole(own)) ?? false;
	const path = (spots: readonly Spot[]) =>
		spots.length ? `M${spots.map(({ x, y }) => `${x} ${y}`).join('L')}Z` : '';
	/** the hull's corners in the order around it, in pixels */
	function hullIn(hull: readonly Vector[], { x, y }: Frame): Spot[] {
		const spots = hull.map((at) => ({ x: x(approximate(at[0])), y: y(approximate(at[1])) }));
		const mean = (of: 'x' | 'y') => spots.reduce((sum, own) => sum + own[of], 0) / spots.length;
		const [mx, my] = [mean('x'), mean('y')];
		return spots.sort((a, b) => Math.atan2(a.y - my, a.x - mx) - Math.atan2(b.y - my, b.x - mx));
	}
	let thinned = $state(false);
	/** what is drawn besides the region */
	const legend = $derived.by(() => {
		const { region } = figure;
		if (!region || !integers.problem) return '';
		const whole = ([0, 1] as const).filter((axis) => isWholeAxis(region, axis));
		if (whole.length === 1) return `Dotted: where ${region.axes[whole[0]]} is whole.`;
		return `Filled: whole points of the region${thinned ? '; some left out, magnify (z) to see all' : ''}.`;
	});
	const marks = $derived(integers.mode === 'rounding' ? integers.roundings : []);
</script>

<RegionPane>
	{#snippet under(_region, frame)}
		{#if integers.mode === 'branching' && integers.tree.nodeRegion}
			{@const left = path(outlineOf(integers.tree.nodeRegion.left, frame))}
			<defs>
				<pattern
					id={`${uid}-cut-off`}
					width="6"
					height="6"
					patternUnits="userSpaceOnUse"
					patternTransform="rotate(-45)"
				>
					<line class="hatch" y2="6" />
				</pattern>
			</defs>
			<!-- what the branches removed is shaded; what is left keeps its outline -->
			<path
				class="removed"
				fill={`url(#${uid}-cut-off)`}
				fill-rule="evenodd"
				d={path(outlineOf(integers.tree.nodeRegion.all, frame)) + left}
			/>
			<path class="node" d={left} />
		{/if}
		{#if integers.showsHull && integers.hull && integers.hull.length > 0}
			<path class="hull" d={path(hullIn(integers.hull, frame))} />
		{/if}
	{/snippet}
	{#snippet inside(region, frame)}
		{#if integers.problem && isWholeAxis(region, 0) && isWholeAxis(region, 1)}
			<WholePoints problem={integers.problem} axes={region.axes} {frame} bind:thinned />
		{:else if integers.problem}
			{#each [0, 1] as const as axis (axis)}
				{#if isWholeAxis(region, axis)}
					{#each axis === 0 ? wholeLinesIn(frame.x, frame.box.x0, frame.box.x1) : wholeLinesIn(frame.y, frame.box.y0, frame.box.y1) as value (value)}
						<line
							class="whole-line"
							x1={axis === 0 ? frame.x(value) : MARGIN.left}
							x2={axis === 0 ? frame.x(value) : frame.size.width}
							y1={axis === 0 ? 0 : frame.y(value)}
							y2={axis === 0 ? frame.size.height - MARGIN.bottom : frame.y(value)}
						/>
					{/each}
				{/if}
			{/each}
		{/if}
		{#each marks as { plan, broken, isNearest, isDown }, i (i)}
			{@const [x, y] = region.axes.map((name) => approximate(plan.get(name) ?? ZERO))}
			<g
				class="rounding"
				class:broken={broken.length > 0}
				transform={`translate(${frame.x(x)} ${frame.y(y)})`}
			>
				<rect x="-7" y="-7" width="14" height="14" />
				{#if broken.length > 0}<path d="M-4 -4l8 8M4 -4l-8 8" />{/if}
				{#if isNearest || isDown}<text x="10" y={isNearest ? -5 : 16}>{isNearest ? 'nearest' : 'down'}</text
					>{/if}
			</g>
		{/each}
		{#if integers.mode === 'rounding' && integers.best?.plan}
			{@const [x, y] = region.axes.map((name) => approximate(integers.best!.plan!.get(name) ?? ZERO))}
			<g class="best" transform={`translate(${frame.x(x)} ${frame.y(y)})`}>
				<circle r="10" /><text x="13" y="5">best whole plan</text>
			</g>
		{/if}
		{#if integers.mode === 'branching' && integers.tree.node?.solution}
			{@const [x, y] = region.axes.map((name) =>
				approximate(integers.tree.node!.solution!.get(name) ?? ZERO)
			)}
			<circle class="here" r="7" cx={frame.x(x)} cy={frame.y(y)} />
		{/if}
	{/snippet}
	{#snippet below()}
		<div class="below">
			<span>{legend}</span>
			<button
				class="btn tool"
				title="Hull of the whole points (u)"
				aria-pressed={integers.showsHull}
				disabled={!integers.hull || !figure.region}
				onclick={() => integers.toggleHull()}>Hull</button
			>
		</div>
	{/snippet}
</RegionPane>

<style>
	.whole-line {
		stroke: var(--rule-strong);
		stroke-dasharray: 1 3;
		pointer-events: none;
	}
	.hatch {
		stroke: var(--ink-soft);
		stroke-width: 1.6;
	}
	.removed {
		pointer-events: none;
		fill-opacity: 0.7;
	}
	.node {
		fill: var(--now-wash);
		fill-opacity: 0.75;
		stroke: var(--now);
		stroke-width: 2;
		pointer-events: none;
	}
	.hull {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 7 3 1 3;
		pointer-events: none;
	}
	.rounding {
		pointer-events: none;
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
		font-size: var(--size-note);
		font-weight: 600;
		fill: var(--ink);
	}
	.best {
		pointer-events: none;
	}
	.best circle {
		fill: none;
		stroke: var(--now);
		stroke-width: 3;
	}
	.here {
		fill: none;
		stroke: var(--now);
		stroke-width: 3;
		pointer-events: none;
	}
	.below {
		display: flex;
		justify-content: space-between;
		align-items: center;
		padding: 0 var(--gap-3) var(--gap-1);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
