<script lang="ts">
	import type { Snippet } from 'svelte';
	import { type BestFace, planAt, type Region, spot } from '$lib/core/geometry';
	import { approximate, dot, isZero, showNumber, sign, ZERO } from '$lib/core/number';
	import { objectiveAt as valueAt, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionAxes from './RegionAxes.svelte';
	import CornerButtons from './CornerButtons.svelte';
	import RegionLabels from './RegionLabels.svelte';
	import RegionLines from './RegionLines.svelte';
	import RegionWalk from './RegionWalk.svelte';
	import StageSpots from './StageSpots.svelte';
	import { MARGIN, type Frame, unit } from './frame';
	import { objectiveSlope, objectiveSpot } from './objective';
	import type { Picture } from './picture';

	interface Props {
		problem: Problem;
		region: Region;
		frame: Frame;
		picture: Picture;
		/** where the objective is best, as far as it is shown */
		best: BestFace | null;
		violated?: ReadonlySet<string>;
		/** whether the pivots are shown, and the objective's line at the present point */
		showsWalk?: boolean;
		showsLine?: boolean;
		under?: Snippet<[Region, Frame]>;
		inside?: Snippet<[Region, Frame]>;
		/** goes to a corner by pivots; left out, corners are only seen */
		visit?: (corner: string) => void;
	}
	let {
		problem,
		region,
		frame,
		picture,
		best,
		violated,
		showsWalk = true,
		showsLine = true,
		under,
		inside,
		visit
	}: Props = $props();
	const { document, figure, session } = useDesk();
	const broken = $derived(violated ?? session.violated);
	const { x, y, size } = $derived(frame);
	const { lines, corners, spots, fill, flat, removed } = $derived(picture);
	const labels = $derived([...lines, ...corners, ...spots].flatMap(({ label }) => label ?? []));
	const uid = $props.id();

	const bottom = $derived(size.height - MARGIN.bottom);
	const zeroX = $derived(Math.max(MARGIN.left, Math.min(size.width - MARGIN.right, x(0))));
	const zeroY = $derived(Math.max(MARGIN.top, Math.min(bottom, y(0))));
	const reach = $derived(size.width + size.height);
	const slope = $derived(showsWalk && showsLine ? objectiveSlope(problem, region, frame) : null);
	const here = $derived.by(() => {
		const at = session.position && figure.pointOf(session.position);
		return at && { at, x: x(approximate(at[0])), y: y(approximate(at[1])) };
	});
	const objectiveText = $derived.by(() => {
		if (!here) return '';
		const value = valueAt(problem, planAt(problem, here.at));
		const shown = session.covering.isOn ? '?' : showNumber(value, document.notation.numbers);
		return `${problem.objective.name} = ${shown}`;
	});
	const objectiveAt = $derived(
		here &&
			slope &&
			objectiveSpot(
				objectiveText,
				here,
				slope,
				frame,
				corners,
				labels,
				lines.flatMap(({ ends }) => (ends ? [ends] : []))
			)
	);

	const bestCorners = $derived(corners.filter((c) => c.best));
	/** the edges without end, to the picture's border, along which the objective stays best or improves for ever */
	const bestWays = $derived.by(() => {
		if (!best) return [];
		const cost = region.axes.map((name) => problem.objective.terms.get(name) ?? ZERO);
		const turn = problem.objective.sense === 'max' ? 1 : -1;
		return region.edges.flatMap((edge) => {
			if (!('ray' in edge)) return [];
			const { direction } = region.rays[edge.ray];
			const gain = dot(cost, direction).mul(turn);
			const improves = sign(gain) > 0;
			if (best.way ? !improves : !isZero(gain)) return [];
			const start = corners.find(
				({ index, best: isBest }) => index === edge.vertices[0] && (best.way || isBest)
			);
			if (!start) return [];
			const way = spot(direction);
			const along = unit(way.x * (x(1) - x(0)), way.y * (y(1) - y(0)));
			return [{ from: start, along, improves }];
		});
	});
</script>

<defs>
	<clipPath id={`${uid}-frame`}>
		<rect
			x={MARGIN.left}
			y={MARGIN.top - 8}
			width={Math.max(0, size.width - MARGIN.left - MARGIN.right + 8)}
			height={Math.max(0, bottom - MARGIN.top + 8)}
		/>
	</clipPath>
	<pattern
		id={`${uid}-removed`}
		width="7"
		height="7"
		patternUnits="userSpaceOnUse"
		patternTransform="rotate(45)"
	>
		<line class="stroke-error stroke-[2.4]" y2="7" />
	</pattern>
</defs>

<RegionAxes {problem} {frame} />

<g clip-path={`url(#${uid}-frame)`}>
	<polygon class="feasible" points={fill} />
	{#each removed as polygon, i (i)}
		<polygon class="removed" points={polygon} fill={`url(#${uid}-removed)`} />
	{/each}
	<line class="stroke-ink stroke-[1.2]" x1={MARGIN.left} x2={size.width} y1={zeroY} y2={zeroY} />
	<line class="stroke-ink stroke-[1.2]" x1={zeroX} x2={zeroX} y1={0} y2={bottom} />
	<RegionLines {problem} {lines} {broken} />
	<polyline class="flat" points={flat} />
	{#if bestCorners.length === 2}
		{@const [p, q] = bestCorners}
		<line class="best-edge" x1={p.x} y1={p.y} x2={q.x} y2={q.y} />
	{/if}
	{#each bestWays as { from, along, improves }, i (i)}
		<line
			class="best-edge"
			class:improves
			data-way={improves ? 'improves' : 'best'}
			x1={from.x}
			y1={from.y}
			x2={from.x + along.x * reach}
			y2={from.y + along.y * reach}
		/>
	{/each}
	{#if showsWalk}<RegionWalk {frame} {slope} />{/if}
	{@render under?.(region, frame)}
	<StageSpots {spots} />
	<CornerButtons {corners} {visit} />
	{@render inside?.(region, frame)}
</g>

<RegionLabels
	{lines}
	corners={[...corners, ...spots]}
	objective={objectiveAt && { text: objectiveText, at: objectiveAt }}
/>

<style>
	.feasible {
		fill: var(--feasible);
	}
	.removed {
		stroke: var(--error);
		stroke-dasharray: 3 3;
	}
	.flat {
		stroke: var(--rule-strong);
		stroke-width: 7;
		stroke-linecap: round;
		stroke-opacity: 0.6;
	}
	.best-edge {
		stroke: var(--now);
		stroke-width: 6;
		stroke-opacity: 0.35;
		stroke-linecap: round;
	}
	.best-edge.improves {
		stroke-dasharray: 14 10;
	}
	.feasible,
	.removed,
	.flat,
	.best-edge {
		pointer-events: none;
	}
</style>
