<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import type { Region } from '$lib/core/geometry/types';
	import { approximate } from '$lib/core/number/rational';
	import { showNumber } from '$lib/core/number/show';
	import type { Stop } from '$lib/core/move/replay';
	import type { Position } from '$lib/core/move/position';
	import type { Problem } from '$lib/core/problem/types';
	import { objectiveValue } from '$lib/core/tableau/tableau';
	import { wayBetween } from '$lib/core/move/trail';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionAxes from './RegionAxes.svelte';
	import RegionLabels from './RegionLabels.svelte';
	import { MARGIN, type Frame } from './frame';
	import { objectiveSlope, objectiveSpot } from './objective';
	import { COMB, points, type Picture } from './picture';
	import { travel } from './travel';

	interface Props {
		problem: Problem;
		region: Region;
		frame: Frame;
		picture: Picture;
		violated?: ReadonlySet<string>;
		inside?: Snippet<[Region, Frame]>;
		corner: number | null;
		pointCorner: (index: number | null) => void;
	}
	let { problem, region, frame, picture, violated, inside, corner, pointCorner }: Props = $props();
	const { document, selection, session } = useDesk();
	const broken = $derived(violated ?? session.violated);
	const { x, y, size } = $derived(frame);
	const { lines, corners, fill, flat } = $derived(picture);
	const labels = $derived([...lines, ...corners].flatMap(({ label }) => label ?? []));

	let marker = $state<SVGGElement>();
	let ruler = $state<SVGGElement>();
	const uid = $props.id();

	const bottom = $derived(size.height - MARGIN.bottom);
	const zeroX = $derived(Math.max(MARGIN.left, Math.min(size.width - MARGIN.right, x(0))));
	const zeroY = $derived(Math.max(MARGIN.top, Math.min(bottom, y(0))));
	const pixelOf = (position: Position | undefined | null) => {
		const point = position && session.pointOf(position);
		return point ? { x: x(approximate(point.x)), y: y(approximate(point.y)) } : null;
	};
	const here = $derived(pixelOf(session.position));
	const walked = $derived(session.stops.flatMap(({ position }) => pixelOf(position) ?? []));
	/** where the pivot that is being looked at would lead */
	const proposed = $derived.by(() => {
		const result = session.proposal?.result;
		return result?.ok ? pixelOf(result.position) : null;
	});
	const slope = $derived(objectiveSlope(problem, region, frame));
	const reach = $derived(size.width + size.height);
	const objectiveText = $derived(
		session.tableau
			? `${problem.objective.name} = ${showNumber(objectiveValue(session.tableau), document.notation.numbers)}`
			: ''
	);
	const objectiveAt = $derived(
		here && slope && objectiveSpot(objectiveText, here, slope, frame, corners, labels)
	);

	// the point and the objective line walk from the step left to the step reached
	let last: number | undefined;
	let before: readonly Stop[] = [];
	$effect(() => {
		const id = session.standing;
		untrack(() => {
			const from = last;
			last = id;
			if (from === undefined || from === id || !marker) {
				before = session.stops;
				return;
			}
			const known = new Map([...before, ...session.stops].map(({ node, position }) => [node.id, position]));
			const points = wayBetween(document.trail, from, id).flatMap((node) => pixelOf(known.get(node)) ?? []);
			before = session.stops;
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
		{@const way = points(line.ends ?? [])}
		<g
			class={line.identity ? 'line' : 'bound'}
			class:lit={line.identity && selection.isPointed(line.pointed)}
			class:redundant={line.redundant}
			class:violated={broken.has(line.name)}
			data-line={line.identity && line.name}
			role="presentation"
			style:color={line.identity?.colour}
			onpointerenter={() => line.identity && selection.point(line.pointed)}
			onpointerleave={() => line.identity && selection.point(null)}
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
	{#if here && proposed}
		<g class="proposed">
			<line x1={here.x} y1={here.y} x2={proposed.x} y2={proposed.y} />
			<circle cx={proposed.x} cy={proposed.y} r="6" />
		</g>
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
			class:lit={corner === c.index}
			role="img"
			aria-label={`Corner ${c.text}${c.best ? ', best' : ''}`}
			tabindex="0"
			onpointerenter={() => pointCorner(c.index)}
			onpointerleave={() => pointCorner(null)}
			onfocus={() => pointCorner(c.index)}
			onblur={() => pointCorner(null)}
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
			class:outside={!session.inRegion}
			style:transform={`translate(${here.x}px, ${here.y}px)`}
		>
			<circle r="6" />
			{#if !session.inRegion}<path d="M-9 -9L9 9M-9 9L9 -9" />{/if}
		</g>
	{/if}
	{@render inside?.(region, frame)}
</g>

<RegionLabels {lines} {corners} objective={objectiveAt && { text: objectiveText, at: objectiveAt }} />

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
	.violated .stroke {
		stroke-width: 3.5;
		stroke: var(--error);
	}
	.proposed {
		pointer-events: none;
	}
	.proposed line {
		stroke: var(--now);
		stroke-width: 2;
		stroke-dasharray: 2 4;
	}
	.proposed circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 2;
		stroke-opacity: 0.7;
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
	.corner.lit .grip {
		stroke: var(--now);
		stroke-width: 2;
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
