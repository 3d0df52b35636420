<script lang="ts">
	import { en } from '$lib/core/language';
	import { type Region, drawn, lineInBox, valuesOf } from '$lib/core/geometry';
	import { approximate, compare, max, min, type Rational, showNumber, ZERO } from '$lib/core/number';
	import { objectiveAt, type Problem } from '$lib/core/problem';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { draggable, takenBack } from '../picture/draggable';
	import { MARGIN, type Frame } from '../region/frame';
	import { perUnit } from '../picture/scale';
	import { labelWidth } from '../region/labels';
	import { objectiveSlope } from '../region/objective';
	import { PIXELS, snapped, stepFrom } from '../picture/step';

	interface Props {
		problem: Problem;
		region: Region;
		frame: Frame;
		/** it slides by itself from the worst value to the best */
		sliding: boolean;
	}
	/** The objective's line, taken hold of: parallel to itself by its grip or keys, turned by its arrow. */
	let { problem, region, frame, sliding }: Props = $props();
	const { document: lesson, figure, session } = useDesk();
	const construction = useConstruction();
	/** pixels within which a drag takes a corner's value */
	const NEAR = 7;
	const ARROW = 58;

	const slope = $derived(objectiveSlope(problem, region, frame));
	const costs = $derived(region.axes.map((name) => problem.objective.terms.get(name) ?? ZERO));
	const at = (x: Rational, y: Rational) =>
		objectiveAt(
			problem,
			new Map([
				[region.axes[0], x],
				[region.axes[1], y]
			])
		);
	/** change of the value per pixel across the line */
	const gradient = $derived({
		x: approximate(costs[0]) / perUnit(frame.x),
		y: approximate(costs[1]) / perUnit(frame.y)
	});
	const steepness = $derived(Math.hypot(gradient.x, gradient.y));
	const values = $derived(construction.body && valuesOf(problem, problem.objective, construction.body));
	const stepSize = $derived(stepFrom(PIXELS * steepness));
	const present = $derived.by(() => {
		const point = session.position && figure.pointOf(session.position);
		return point ? at(point[0], point[1]) : (values?.low ?? values?.high ?? problem.objective.constant);
	});
	const level = $derived(construction.level ?? present);
	const style = $derived(lesson.notation.numbers);
	const text = $derived(`${problem.objective.name} = ${showNumber(level, style)}`);
	const outside = $derived(
		!values ||
			(values.low && compare(level, values.low) < 0) ||
			(values.high && compare(level, values.high) > 0)
	);

	const valueAtPixel = (px: number, py: number) =>
		approximate(costs[0]) * frame.x.invert(px) +
		approximate(costs[1]) * frame.y.invert(py) +
		approximate(problem.objective.constant);

	/** where the grip stands at a value: in the middle of what is seen of the line, else at its point nearest to the middle of the picture */
	const middle = $derived({
		x: (MARGIN.left + frame.size.width - MARGIN.right) / 2,
		y: (MARGIN.top + frame.size.height - MARGIN.bottom) / 2
	});
	const spotOf = (value: Rational) => {
		const line = drawn({ row: costs, rhs: value.sub(problem.objective.constant) }, 0);
		const ends = line && lineInBox(line, frame.box);
		if (ends)
			return {
				x: (frame.x(ends[0].x) + frame.x(ends[1].x)) / 2,
				y: (frame.y(ends[0].y) + frame.y(ends[1].y)) / 2
			};
		const off = (approximate(value) - valueAtPixel(middle.x, middle.y)) / (steepness * steepness || 1);
		return { x: middle.x + gradient.x * off, y: middle.y + gradient.y * off };
	};
	const grip = $derived(spotOf(level));
	const start = $derived.by(() => {
		const worst = problem.objective.sense === 'max' ? values?.low : values?.high;
		return worst ? spotOf(worst) : null;
	});
	const end = $derived.by(() => {
		const best = problem.objective.sense === 'max' ? values?.high : values?.low;
		return best ? spotOf(best) : null;
	});
	const reach = $derived(frame.size.width + frame.size.height);

	function put(value: number) {
		const near = region.vertices
			.map((corner) => at(corner.at[0], corner.at[1]))
			.find((own) => Math.abs(approximate(own) - value) < NEAR * steepness);
		construction.put(near ?? snapped(value, stepSize));
	}

	/** Coefficients of an objective whose arrow points this way, of about the same size, and short to write. */
	function turnTo(dx: number, dy: number) {
		const turn = problem.objective.sense === 'max' ? 1 : -1;
		const wanted = [dx * perUnit(frame.x) * turn, dy * perUnit(frame.y) * turn];
		const size = Math.max(...costs.map((cost) => Math.abs(approximate(cost)))) || 1;
		const most = Math.max(...wanted.map(Math.abs)) || 1;
		const fine = stepFrom(size / 60);
		construction.turn(wanted.map((part) => snapped((part / most) * size, fine)));
	}

	const slide = draggable({
		move: (px, py) => put(valueAtPixel(px, py)),
		...takenBack(
			() => construction.level,
			(own) => construction.put(own)
		)
	});
	const swing = draggable({
		move: (px, py) => turnTo(px - arrow.x, py - arrow.y),
		...takenBack(
			() => construction.turned,
			(own) => construction.turn(own)
		)
	});

	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
		if (by) construction.put(level.add(stepSize.mul(by * (event.shiftKey ? 10 : 1))));
		else if (event.key === 'Home' && values?.low) construction.put(values.low);
		else if (event.key === 'End' && values?.high) construction.put(values.high);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}

	function onturn(event: KeyboardEvent) {
		const by = { ArrowUp: 1, ArrowRight: -1, ArrowDown: -1, ArrowLeft: 1 }[event.key];
		if (!by || !slope) return;
		event.preventDefault();
		event.stopPropagation();
		const angle = Math.atan2(-slope.better.y, slope.better.x) + (by * Math.PI) / 60;
		turnTo(Math.cos(angle), -Math.sin(angle));
	}

	/** The line goes from the worst value to the best and stays there. */
	function glide(node: SVGGElement) {
		if (!sliding || !start || !end || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
		const frames = [start, end].map(({ x, y }) => ({ transform: `translate(${x}px, ${y}px)` }));
		const run = node.animate(frames, { duration: 2600, easing: 'ease-in-out', fill: 'forwards' });
		return () => run.cancel();
	}
	const place = $derived(sliding && end ? end : grip);
	const low = $derived(values?.low ? approximate(values.low) : undefined);
	const high = $derived(values?.high ? approximate(values.high) : undefined);
	const shownText = $derived(sliding && values ? bestText() : text);
	function bestText() {
		const best = problem.objective.sense === 'max' ? values!.high : values!.low;
		return best ? `${problem.objective.name} = ${showNumber(best, style)}` : text;
	}
	const written = $derived(shownText + (outside ? en`: outside the region` : ''));
	const half = $derived(labelWidth(written) * 0.6 + 10);
	const clamped = (spot: { x: number; y: number }) => ({
		x: Math.max(MARGIN.left + half, Math.min(frame.size.width - half - 8, spot.x)),
		y: Math.max(MARGIN.top + 14, Math.min(frame.size.height - MARGIN.bottom - 10, spot.y))
	});
	/** where the arrow begins: at the grip, or as near to it as leaves all of the arrow in the picture */
	const arrow = $derived.by(() => {
		const tip = { x: (slope?.better.x ?? 0) * (ARROW + 16), y: (slope?.better.y ?? 0) * (ARROW + 16) };
		const inside = (at: number, by: number, low: number, high: number) =>
			Math.max(low - Math.min(0, by), Math.min(high - Math.max(0, by), at));
		return {
			x: inside(place.x, tip.x, MARGIN.left, frame.size.width - MARGIN.right),
			y: inside(place.y, tip.y, MARGIN.top, frame.size.height - MARGIN.bottom)
		};
	});
	/** where the value is written: on the worse side of the grip, or beyond the arrow where the picture ends there */
	const label = $derived.by(() => {
		const { x, y } = slope?.better ?? { x: 0, y: 0 };
		const behind = { x: place.x - x * 16, y: place.y - y * 20 + 5 };
		const { x: nearX, y: nearY } = clamped(behind);
		if (nearX === behind.x && nearY === behind.y) return behind;
		return clamped({ x: arrow.x + x * (ARROW + 20 + half), y: arrow.y + y * (ARROW + 22) + 5 });
	});
	const bounded = $derived(
		values?.low && values.high ? [min(values.low, level), max(values.high, level)] : null
	);
</script>

{#if slope}
	<!-- the outer group moves, so that the inner parts keep their pixels -->
	<g
		class="objective"
		class:outside
		style:transform={`translate(${place.x}px, ${place.y}px)`}
		{@attach glide}
	>
		<line
			x1={-slope.along.x * reach}
			y1={-slope.along.y * reach}
			x2={slope.along.x * reach}
			y2={slope.along.y * reach}
		/>
		<g
			class="slide"
			role="slider"
			tabindex="0"
			aria-label={en`The line of the objective ${problem.objective.name}. Arrow keys move it.`}
			aria-valuenow={approximate(level)}
			aria-valuemin={bounded ? approximate(bounded[0]) : low}
			aria-valuemax={bounded ? approximate(bounded[1]) : high}
			aria-valuetext={text}
			{onkeydown}
			{@attach slide}
		>
			<line
				class="grip"
				x1={-slope.along.x * reach}
				y1={-slope.along.y * reach}
				x2={slope.along.x * reach}
				y2={slope.along.y * reach}
			/>
			<circle r="7" />
		</g>
		<g
			class="swing"
			transform={`translate(${arrow.x - place.x} ${arrow.y - place.y})`}
			role="slider"
			tabindex="0"
			aria-label={en`The direction of the objective. Arrow keys turn it.`}
			aria-valuenow={Math.round((Math.atan2(-slope.better.y, slope.better.x) * 180) / Math.PI)}
			aria-valuetext={costs.map((cost, i) => `${showNumber(cost, style)} ${region.axes[i]}`).join(', ')}
			onkeydown={onturn}
			{@attach swing}
		>
			<line x1="0" y1="0" x2={slope.better.x * ARROW} y2={slope.better.y * ARROW} class="shaft" />
			<path
				d="M0 0l-14 -6v12z"
				transform={`translate(${slope.better.x * (ARROW + 8)} ${slope.better.y * (ARROW + 8)}) rotate(${(Math.atan2(slope.better.y, slope.better.x) * 180) / Math.PI})`}
			/>
			<circle class="grip" cx={slope.better.x * ARROW} cy={slope.better.y * ARROW} r="16" />
		</g>
	</g>
	<text class="value" x={label.x} y={label.y} text-anchor="middle">{written}</text>
{/if}

<style>
	line {
		stroke: var(--now);
		stroke-width: 2;
		stroke-dasharray: 7 5;
		pointer-events: none;
	}
	.shaft {
		stroke-dasharray: none;
		stroke-width: 2.4;
	}
	.slide {
		cursor: move;
		outline: none;
	}
	.swing {
		cursor: alias;
		outline: none;
	}
	.grip {
		stroke: transparent;
		fill: transparent;
		stroke-width: 14;
		stroke-dasharray: none;
		pointer-events: all;
	}
	.slide circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 2.5;
	}
	:is(.slide, .swing):focus-visible circle {
		stroke: var(--focus);
		stroke-width: 3;
	}
	path {
		fill: var(--now);
	}
	.outside line {
		stroke-opacity: 0.6;
	}
	.value {
		fill: var(--now);
		font-size: 0.875rem;
		font-weight: 650;
	}
</style>
