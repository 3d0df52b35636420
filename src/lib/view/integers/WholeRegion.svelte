<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';

	import { mustBeWhole } from '$lib/core/problem';
	import { approximate, ZERO } from '$lib/core/number';
	import { type Region, type Spot } from '$lib/core/geometry';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { MARGIN } from '../region/frame';
	import { outlineOf } from '../region/picture';
	import RegionPane from '../region/RegionPane.svelte';
	import Hatch from './Hatch.svelte';
	import { wholeLinesIn } from './whole-points';
	import WholeMarks from './WholeMarks.svelte';
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
				group: en`Whole numbers`,
				says: integers.showsHull
					? en`Hide the hull of the whole points`
					: en`Show the hull of the whole points`,
				key: 'u',
				possible: integers.hull !== null && figure.problem !== null,
				run: () => integers.toggleHull()
			},
			{
				id: 'neighbourhood',
				group: en`Whole numbers`,
				says: lesson.view ? en`Fit the region` : en`Magnify the neighbourhood of the relaxation’s best plan`,
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
	let thinned = $state(false);
	/** what is drawn besides the region */
	const legend = $derived.by(() => {
		const { region } = figure;
		if (!integers.problem || !figure.problem) return '';
		if (!region) {
			if (integers.problem.variables.length !== 3 || !integers.problem.variables.every(mustBeWhole))
				return '';
			return en`Dots: whole points of the region, the nearer the larger${thinned ? en`; some left out, since they are many` : ''}.`;
		}
		const whole = ([0, 1] as const).filter((axis) => isWholeAxis(region, axis));
		if (whole.length === 1) return en`Dotted: where ${region.axes[whole[0]]} is whole.`;
		return en`Filled: whole points of the region${thinned ? en`; some left out, magnify (z) to see all` : ''}.`;
	});
</script>

<RegionPane showsBest>
	{#snippet under(_region, frame)}
		{#if integers.mode === 'branching' && integers.tree.nodeRegion}
			{@const left = path(outlineOf(integers.tree.nodeRegion.left, frame))}
			<Hatch id={`${uid}-cut-off`} />
			<!-- what the branches removed is shaded; what is left keeps its outline -->
			<path
				class="removed"
				fill={`url(#${uid}-cut-off)`}
				fill-rule="evenodd"
				d={path(outlineOf(integers.tree.nodeRegion.all, frame)) + left}
			/>
			<path class="node" d={left} />
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
		{#if integers.problem}
			<WholeMarks
				problem={integers.problem}
				spot={([x, y]) => ({ x: frame.x(approximate(x)), y: frame.y(approximate(y)) })}
			/>
		{/if}
	{/snippet}
	{#snippet insideBody(view)}
		{#if integers.problem && !figure.isSlice}
			<WholeMarks
				problem={integers.problem}
				spot={(at) => {
					const [x, y, z] = at.map(approximate);
					return { ...view.spot([x, y, z]), depth: view.depth([x, y, z]) };
				}}
			/>
		{/if}
	{/snippet}
	{#snippet underBody(view, room)}
		{#if integers.problem && !figure.isSlice}
			{#await import('./WholeBody.svelte') then { default: WholeBody }}
				<WholeBody problem={integers.problem} {view} {room} bind:thinned />
			{/await}
		{/if}
	{/snippet}
	{#snippet below()}
		<div class="below">
			<span>{legend}</span>
			<button
				class="btn tool"
				title={en`Hull of the whole points (u)`}
				aria-pressed={integers.showsHull}
				disabled={!integers.hull || !figure.problem}
				onclick={() => integers.toggleHull()}>{en`Hull`}</button
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
	.below {
		display: flex;
		justify-content: space-between;
		align-items: center;
		padding: 0 var(--gap-3) var(--gap-1);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
