<script lang="ts">
	import { untrack } from 'svelte';
	import type { Region } from '$lib/core/geometry/types';
	import { approximate } from '$lib/core/number/rational';
	import { showNumber } from '$lib/core/number/show';
	import type { Problem } from '$lib/core/problem/types';
	import { objectiveValue } from '$lib/core/tableau/tableau';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { textWidth } from './labels';
	import RegionAxes from './RegionAxes.svelte';
	import RegionLabels from './RegionLabels.svelte';
	import { MARGIN, type Frame } from './frame';
	import { COMB, objectiveSlope, points, type Picture } from './picture';
	import { travel, wayBetween } from './travel';

	interface Props {
		desk: Desk;
		problem: Problem;
		region: Region;
		frame: Frame;
		picture: Picture;
		corner: number | null;
	}
	let { desk, problem, region, frame, picture, corner = $bindable() }: Props = $props();
	const { x, y, size } = $derived(frame);
	const { lines, corners, fill, flat } = $derived(picture);
	const labels = $derived([...lines, ...corners].flatMap(({ label }) => label ?? []));

	let marker = $state<SVGGElement>();
	let ruler = $state<SVGGElement>();
	const uid = $props.id();

	const bottom = $derived(size.height - MARGIN.bottom);
	const zeroX = $derived(Math.max(MARGIN.left, Math.min(size.width - MARGIN.right, x(0))));
	const zeroY = $derived(Math.max(MARGIN.top, Math.min(bottom, y(0))));
	const pixelOf = (id: number) => {
		const point = desk.pointOf(id);
		return point && { x: x(approximate(point.x)), y: y(approximate(point.y)) };
	};
	const here = $derived(pixelOf(desk.standing));
	const walked = $derived(desk.path.flatMap((node) => pixelOf(node.id) ?? []));
	const slope = $derived(objectiveSlope(problem, region, frame));
	const reach = $derived(size.width + size.height);
	const objectiveText = $derived(
		desk.tableau
			? `${problem.objective.name} = ${showNumber(objectiveValue(desk.tableau), desk.numbers)}`
			: ''
	);
	/** where the objective line's name stands: beside the line, far from the region's middle, inside the frame */
	const objectiveAt = $derived.by(() => {
		if (!here || !slope) return null;
		const half = textWidth(objectiveText) / 2 + 6;
		const spots = [-0.42, 0.42, -0.3, 0.3, -0.18, 0.18, 0].flatMap((t) =>
			[1, -1].map((side) => ({
				x:
					here.x +
					slope.along.x * t * size.width +
					side * slope.better.x * (half * Math.abs(slope.better.x) + 12),
				y: here.y + slope.along.y * t * size.width + side * slope.better.y * 14
			}))
		);
		const inside = (s: { x: number; y: number }) =>
			s.x > MARGIN.left + half && s.x < size.width - half && s.y > MARGIN.top && s.y < bottom - 8;
		// beside another corner it would be taken for that corner's value
		const apart = (s: { x: number; y: number }) =>
			corners.every(
				(c) =>
					Math.hypot(c.x - here.x, c.y - here.y) < 2 ||
					Math.abs(c.x - s.x) > half + 26 ||
					Math.abs(c.y - s.y) > 30
			);
		const clear = (s: { x: number; y: number }) =>
			labels.every((l) => Math.abs(l.x - s.x) > l.width / 2 + half || Math.abs(l.y - s.y) > 18);
		const free = spots.find((s) => inside(s) && apart(s) && clear(s));
		return free ?? null;
	});

	// the point and the objective line walk from the step left to the step reached
	let last: number | undefined;
	$effect(() => {
		const id = desk.standing;
		untrack(() => {
			const from = last;
			last = id;
			if (from === undefined || from === id || !marker) return;
			const points = wayBetween(desk.trail, from, id).flatMap((node) => pixelOf(node) ?? []);
			travel(marker, points);
			if (ruler) travel(ruler, points);
		});
	});

	const bestEdge = $derived(corners.filter((c) => c.best));
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
</defs>

<RegionAxes {problem} {frame} />

<g clip-path={`url(#${uid}-frame)`}>
	<polygon class="feasible" points={fill} />
	<line class="axis" x1={MARGIN.left} x2={size.width} y1={zeroY} y2={zeroY} />
	<line class="axis" x1={zeroX} x2={zeroX} y1={0} y2={bottom} />
	{#each lines as line (line.key)}
		<!-- a line that leaves the view keeps its elements: it comes back while one types on -->
		{@const way = points(line.ends ?? [])}
		<g
			class={line.identity ? 'line' : 'bound'}
			class:lit={line.identity && desk.isPointed(line.pointed)}
			class:redundant={line.redundant}
			data-line={line.identity && line.name}
			role="presentation"
			style:color={line.identity?.colour}
			onpointerenter={() => line.identity && desk.point(line.pointed)}
			onpointerleave={() => line.identity && desk.point(null)}
		>
			<polyline class="comb" points={points(line.comb ?? [])} stroke-width={COMB} />
			<polyline class="stroke" points={way} stroke-dasharray={line.identity?.dash} />
			{#if line.identity}<polyline class="grip" points={way} />{/if}
		</g>
	{/each}
	<polyline class="flat" points={flat} />
	{#if bestEdge.length === 2}
		<line class="best-edge" x1={bestEdge[0].x} y1={bestEdge[0].y} x2={bestEdge[1].x} y2={bestEdge[1].y} />
	{/if}
	{#if walked.length > 1}
		<polyline class="walked" points={points(walked)} />
	{/if}
	{#if here && slope}
		<g bind:this={ruler} style:transform={`translate(${here.x}px, ${here.y}px)`} class="objective">
			<line
				x1={-slope.along.x * reach}
				y1={-slope.along.y * reach}
				x2={slope.along.x * reach}
				y2={slope.along.y * reach}
			/>
			<path
				d={`M${slope.along.x * 26} ${slope.along.y * 26}l${slope.better.x * 18} ${slope.better.y * 18}m${-slope.better.x * 6 - slope.along.x * 4} ${-slope.better.y * 6 - slope.along.y * 4}l${slope.better.x * 6 + slope.along.x * 4} ${slope.better.y * 6 + slope.along.y * 4}l${-slope.better.x * 6 + slope.along.x * 4} ${-slope.better.y * 6 + slope.along.y * 4}`}
			/>
		</g>
	{/if}
	{#each corners as c (c.key)}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<g
			class="corner"
			role="img"
			aria-label={`Corner ${c.text}${c.best ? ', best' : ''}`}
			tabindex="0"
			onpointerenter={() => (corner = c.index)}
			onpointerleave={() => (corner = null)}
			onfocus={() => (corner = c.index)}
			onblur={() => (corner = null)}
		>
			<circle class="grip" cx={c.x} cy={c.y} r="11" />
			{#if c.best}<circle class="best" cx={c.x} cy={c.y} r="9.5" />{/if}
			<circle class="dot" cx={c.x} cy={c.y} r="3.6" />
		</g>
	{/each}
	{#if here}
		<g
			bind:this={marker}
			class="here"
			class:outside={!desk.inRegion}
			style:transform={`translate(${here.x}px, ${here.y}px)`}
		>
			<circle r="6" />
			{#if !desk.inRegion}<path d="M-9 -9L9 9M-9 9L9 -9" />{/if}
		</g>
	{/if}
</g>

<RegionLabels {desk} {lines} {corners} objective={objectiveAt && { text: objectiveText, at: objectiveAt }} />

<style>
	.axis {
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	.feasible {
		fill: var(--feasible);
	}
	.line {
		color: inherit;
	}
	.stroke {
		stroke: currentColor;
		stroke-width: 2;
	}
	.lit .stroke {
		stroke-width: 4;
	}
	.redundant .stroke {
		stroke-opacity: 0.75;
	}
	.comb {
		stroke: currentColor;
		stroke-dasharray: 1.2 24.8;
		stroke-dashoffset: -12.4;
		stroke-opacity: 0.75;
	}
	.grip {
		stroke: transparent;
		fill: transparent;
		stroke-width: 12;
	}
	.bound {
		color: var(--ink-soft);
	}
	.bound .stroke {
		stroke: var(--ink);
		stroke-width: 1.4;
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
	.walked {
		fill: none;
		stroke: var(--now);
		stroke-width: 3.5;
		stroke-linejoin: round;
		stroke-opacity: 0.85;
	}
	.objective line {
		stroke: var(--now);
		stroke-width: 1.8;
		stroke-dasharray: 7 5;
	}
	.objective path {
		stroke: var(--now);
		stroke-width: 1.8;
		fill: none;
	}
	.dot {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner {
		outline: none;
	}
	.corner:focus-visible .grip {
		stroke: var(--focus);
		stroke-width: 2;
	}
	.here circle {
		fill: var(--now);
		stroke: var(--sheet);
		stroke-width: 1.5;
	}
	.here.outside circle {
		fill: var(--sheet);
		stroke: var(--error);
		stroke-width: 2.5;
	}
	.here path {
		stroke: var(--error);
		stroke-width: 2;
	}
	.here,
	.objective,
	.walked,
	.best-edge,
	.flat,
	.feasible,
	.comb {
		pointer-events: none;
	}
</style>
