<script lang="ts">
	import { en } from '$lib/core/language';
	import { scaleLinear } from 'd3';
	import { bestFace, openWays, pointKey, polyhedron, type Side, sidesOf } from '$lib/core/geometry';
	import { approximate, isZero, showNumber, sign } from '$lib/core/number';
	import { type Problem, sameOwner } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { markPath } from '../shared/marks';
	import { type Size } from './frame';
	import Axis from '../picture/Axis.svelte';
	import type { BuiltPart } from './stage';

	interface Props {
		problem: Problem;
		size: Size;
		showsBest: boolean;
		showsWalk: boolean;
		part: BuiltPart | null;
	}
	/** The region of one variable: a number line with a bar for each constraint above it. */
	let { problem, size, showsBest, showsWalk, part }: Props = $props();
	const { document: lesson, figure, selection, session } = useDesk();
	const ROOM = 56;

	const shown = $derived(part?.soFar ?? problem);
	const region = $derived(polyhedron(shown));
	const whole = $derived(sidesOf(problem).filter(({ row }) => !isZero(row[0])));
	const sides = $derived([
		...sidesOf(shown).filter(({ row }) => !isZero(row[0])),
		...(part?.current && !isZero(part.current.row[0]) ? [part.current] : [])
	]);
	const pointOf = ({ row, rhs }: Side) => rhs.div(row[0]);
	const scale = $derived.by(() => {
		const values = [0, ...whole.map((side) => approximate(pointOf(side)))];
		const [low, high] = [Math.min(...values), Math.max(...values)];
		const span = high - low || 1;
		return scaleLinear([low - span * 0.2, high + span * 0.35], [ROOM, size.width - 24]).nice();
	});
	const axisY = $derived(size.height * 0.62);
	const gap = $derived(Math.min(34, (axisY - 40) / Math.max(1, sides.length)));
	const style = $derived(lesson.notation.numbers);
	const edge = $derived(scale.range());
	/** the ends of the region in pixels */
	const span = $derived.by(() => {
		if (region.dimension < 0) return null;
		const ends = region.points.map(([x]) => scale(approximate(x)));
		const ways = openWays(region).map(([x]) => sign(x));
		return {
			from: ways.includes(-1) || ends.length === 0 ? edge[0] : Math.min(...ends),
			to: ways.includes(1) || ends.length === 0 ? edge[1] : Math.max(...ends)
		};
	});
	const best = $derived(new Set(showsBest ? bestFace(problem, region).points.map(pointKey) : []));
	const corners = $derived(
		region.vertices.filter(({ at }) => !part?.corners || part.corners.has(pointKey(at)))
	);
	const here = $derived(showsWalk && session.position ? figure.at(session.position) : null);
	const { name, unit } = $derived(problem.variables[0]);
</script>

<svg
	class="picture"
	width={size.width}
	height={size.height}
	role="group"
	aria-label={en`Number line of ${name}`}
>
	{#each sides as side, i (i)}
		{@const { owner } = side}
		{@const x = scale(approximate(pointOf(side)))}
		{@const y = axisY - 26 - i * gap}
		{@const identity = owner.kind === 'constraint' ? session.identities.get(owner.name) : undefined}
		{@const right = sign(side.row[0]) < 0}
		<g
			class="side"
			class:about={sameOwner(part?.about ?? null, owner)}
			class:lit={selection.isPointed({
				kind: owner.kind === 'constraint' ? 'constraint' : 'variable',
				name: owner.name
			})}
			style:color={identity?.colour}
			data-line={owner.kind === 'constraint' ? owner.name : undefined}
		>
			<line x1={x} x2={x} {y} y1={y} y2={axisY} class="drop" />
			{#if !side.equality && side !== part?.current}
				<line x1={x} x2={right ? edge[1] : edge[0]} y1={y} y2={y} stroke-dasharray={identity?.dash} />
				<path d={`M${right ? edge[1] : edge[0]} ${y}l${right ? -9 : 9} -5v10z`} />
			{/if}
			<circle cx={x} cy={y} r="4" />
			{#if identity}
				{@const shape = markPath(identity.mark, x + (right ? 14 : -14), y - 10)}
				<path
					d={shape.d}
					fill={shape.filled ? 'currentColor' : 'none'}
					stroke="currentColor"
					stroke-width="2"
				/>
			{/if}
			<text x={x + (right ? 24 : -24)} y={y - 6} text-anchor={right ? 'start' : 'end'}
				>{owner.kind === 'constraint'
					? owner.name
					: `${name} ${owner.kind === 'lower' ? '≥' : '≤'} ${showNumber(pointOf(side), style)}`}</text
			>
		</g>
	{/each}
	<line class="axis" x1={edge[0]} x2={edge[1]} y1={axisY} y2={axisY} />
	<Axis
		{scale}
		side="below"
		at={axisY + 7}
		count={Math.max(3, Math.floor(size.width / 80))}
		lines={[axisY - 4, axisY + 4]}
		areMarks
		title={name}
		{unit}
	/>
	{#if span}<line class="region" x1={span.from} x2={span.to} y1={axisY} y2={axisY} />{/if}
	{#each corners as { at } (pointKey(at))}
		{@const x = scale(approximate(at[0]))}
		<g
			class="corner"
			class:lit={selection.corner === pointKey(at)}
			role="img"
			aria-label={en`End ${showNumber(at[0], style)}${best.has(pointKey(at)) ? en`, best` : ''}`}
			onpointerenter={() => selection.pointCorner(pointKey(at))}
			onpointerleave={() => selection.pointCorner(null)}
		>
			{#if best.has(pointKey(at))}<circle class="best" cx={x} cy={axisY} r="10" />{/if}
			<circle class="dot" cx={x} cy={axisY} r="5" />
			<text {x} y={axisY - 12} text-anchor="middle">{showNumber(at[0], style)}</text>
		</g>
	{/each}
	{#if here}<circle class="here" cx={scale(approximate(here[0]))} cy={axisY} r="6.5" />{/if}
	{#if region.dimension < 0}
		<text class="empty" x={size.width / 2} y={axisY + 74} text-anchor="middle"
			>{en`No point satisfies all constraints.`}</text
		>
	{/if}
</svg>

<style>
	svg {
		position: absolute;
		inset: 0;
	}
	line {
		stroke: currentColor;
		stroke-width: 2;
	}
	.side {
		color: var(--ink-soft);
	}
	.side path {
		fill: currentColor;
	}
	.side circle {
		fill: currentColor;
	}
	.side text {
		fill: currentColor;
		font-weight: 600;
	}
	.drop {
		stroke-width: 1;
		stroke-dasharray: 2 3;
	}
	:is(.about, .lit) line:not(.drop) {
		stroke-width: 4;
	}
	.axis {
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.region {
		stroke: var(--feasible);
		stroke-width: 12;
		stroke: color-mix(in oklab, var(--feasible) 70%, var(--now));
		stroke-opacity: 0.75;
	}
	.dot {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2.5;
	}
	.lit .dot {
		fill: var(--now);
	}
	.here {
		fill: var(--now);
		stroke: var(--sheet);
		stroke-width: 1.5;
	}
	.empty {
		fill: var(--error);
	}
</style>
