<script lang="ts">
	import { en } from '$lib/core/language';
	import { line, scaleLinear } from 'd3';
	import { calledNumber, unitOfNumber } from '$lib/core/commentary';
	import { approximate, type Rational, showNumber } from '$lib/core/number';
	import { valueOn } from '$lib/core/parametric';
	import type { Problem, Varied } from '$lib/core/problem';
	import { plainText } from '$lib/core/sentence';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Axis from '../picture/Axis.svelte';
	import NumberHandle from '../picture/NumberHandle.svelte';
	import { type Size } from '../region/frame';

	/** The best value against one number, drawn; the point on it can be dragged along. */
	interface Props {
		problem: Problem;
		varied: Varied;
		size: Size;
		/** whether the plan's amounts are drawn, too */
		showsPlan: boolean;
	}
	let { problem, varied, size, showsPlan }: Props = $props();
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const { pieces, stretches, value, stairs, span: window } = $derived(sensitivity);
	const style = $derived(lesson.notation.numbers);
	const optimal = $derived(pieces.filter(({ status }) => status === 'optimal'));
	const unit = $derived(unitOfNumber(problem, varied));
	const EDGE = { left: 58, right: 18, top: 22, bottom: 36 };
	/** the pieces as far as they are in the window, with the value at both ends */
	const drawn = $derived(
		optimal.flatMap((piece) => {
			const from = piece.from && piece.from.gt(window.low) ? piece.from : window.low;
			const to = piece.to && piece.to.lt(window.high) ? piece.to : window.high;
			return from.lt(to) || from.equals(to)
				? [{ from, to, start: valueOn(piece, from)!, end: valueOn(piece, to)!, piece }]
				: [];
		})
	);
	const series = $derived.by(() => {
		if (!showsPlan) return [];
		return problem.variables.slice(0, 8).map(({ name }) => ({
			name,
			points: stretches.flatMap(({ from, plan }) => [{ at: from, value: plan.get(name)! }])
		}));
	});
	const x = $derived(
		scaleLinear([approximate(window.low), approximate(window.high)], [EDGE.left, size.width - EDGE.right])
	);
	const heights = $derived([
		...drawn.flatMap(({ start, end }) => [start, end]),
		...stairs.flatMap(({ value: own }) => own ?? [])
	]);
	const y = $derived.by(() => {
		const all = heights.map(approximate);
		const [low, high] = [Math.min(...all), Math.max(...all)];
		const pad = (high - low || Math.abs(high) || 1) * 0.12;
		return scaleLinear([low - pad, high + pad], [size.height - EDGE.bottom, EDGE.top]);
	});
	const path = $derived(
		line<readonly [Rational, Rational]>()
			.x(([at]) => x(approximate(at)))
			.y(([, own]) => y(approximate(own)))
	);
	const here = $derived.by(() => {
		const piece =
			value && optimal.find(({ from, to }) => (!from || value.gte(from)) && (!to || value.lte(to)));
		return piece && value ? { at: value, value: valueOn(piece, value)!, piece } : null;
	});
	/** inner breaks, each where two pieces meet */
	const breaks = $derived(optimal.slice(0, -1).flatMap(({ to }) => to ?? []));
	const words = $derived(
		here
			? en`${problem.objective.name} ${showNumber(here.value)} at ${showNumber(here.at)}`
			: en`no best plan`
	);
</script>

{#if drawn.length}
	<svg
		class="picture"
		width={size.width}
		height={size.height}
		role="group"
		aria-label={en`Best ${problem.objective.name} by ${plainText(calledNumber(problem, varied))}: ${words}`}
	>
		<Axis
			scale={y}
			side="left"
			at={EDGE.left}
			count={5}
			lines={[EDGE.left, size.width - EDGE.right]}
			title={problem.objective.name}
			unit={problem.objective.unit}
		/>
		<Axis
			scale={x}
			side="below"
			at={size.height - EDGE.bottom}
			count={6}
			title={'rhs' in varied ? varied.rhs : en`${problem.objective.name} per ${varied.objective}`}
			{unit}
		/>
		{#each pieces.filter(({ status }) => status !== 'optimal') as piece, i (i)}
			{@const from = x(approximate(piece.from && piece.from.gt(window.low) ? piece.from : window.low))}
			{@const to = x(approximate(piece.to && piece.to.lt(window.high) ? piece.to : window.high))}
			<rect
				class="fill-error-wash"
				x={from}
				width={Math.max(0, to - from)}
				y={EDGE.top}
				height={size.height - EDGE.top - EDGE.bottom}
			/>
			<text x={(from + to) / 2} y={EDGE.top + 14} text-anchor="middle"
				>{piece.status === 'infeasible' ? en`infeasible` : en`unbounded`}</text
			>
		{/each}
		{#if here}
			<line
				class="held"
				x1={x(approximate(here.at))}
				x2={x(approximate(here.at))}
				y1={y(approximate(here.value))}
				y2={size.height - EDGE.bottom}
			/>
		{/if}
		{#each drawn as { from, to, start, end, piece }, i (i)}
			<path
				class="piece"
				class:own={here?.piece === piece}
				d={path([
					[from, start],
					[to, end]
				])}
			/>
			{#if x(approximate(to)) - x(approximate(from)) > 44 && piece.line}
				<text
					class="slope"
					x={(x(approximate(from)) + x(approximate(to))) / 2}
					y={(y(approximate(start)) + y(approximate(end))) / 2 - 9}
					text-anchor="middle">{en`${showNumber(piece.line.slope, style)} each`}</text
				>
			{/if}
		{/each}
		{#each series as { name, points } (name)}
			<!-- amounts on a scale of their own, from the foot of the picture up -->
			{@const most = Math.max(1e-9, ...points.map(({ value: own }) => Math.abs(approximate(own))))}
			{@const foot = size.height - EDGE.bottom}
			{@const spot = ({ at, value: own }: { at: Rational; value: Rational }) =>
				`${x(approximate(at)).toFixed(1)},${(foot - (approximate(own) / most) * (foot - EDGE.top) * 0.45).toFixed(1)}`}
			<polyline class="amount" points={points.map(spot).join(' ')} />
			{#if points.length}<text
					class="amount-name"
					x={x(approximate(points.at(-1)!.at)) + 4}
					y={foot - (approximate(points.at(-1)!.value) / most) * (foot - EDGE.top) * 0.45}>{name}</text
				>{/if}
		{/each}
		{#each stairs as { at, value: own }, i (i)}
			{#if own}<circle class="fill-focus" cx={x(approximate(at))} cy={y(approximate(own))} r="3" />{/if}
		{/each}
		{#each breaks as at (at.toFraction())}
			{@const piece = optimal.find(({ to }) => to?.equals(at))!}
			<circle
				class="fill-sheet stroke-ink stroke-2"
				cx={x(approximate(at))}
				cy={y(approximate(valueOn(piece, at)!))}
				r="4.5"
			/>
		{/each}
		{#if here}
			<NumberHandle
				at={{ x: x(approximate(here.at)), y: y(approximate(here.value)) }}
				numbers={[{ scale: x, now: here.at, places: [...breaks, sensitivity.reading?.now ?? null] }]}
				label={en`Number along the curve`}
				says={words}
				text={`(${showNumber(here.at, style)}, ${showNumber(here.value, style)})`}
				textAt={{ x: 12, y: 20 }}
				onmove={([to]) => sensitivity.move(to)}
			/>
		{/if}
	</svg>
{/if}

<style>
	svg {
		position: absolute;
		inset: 0;
	}
	text {
		fill: var(--ink-soft);
	}
	.slope {
		fill: var(--ink);
	}
	.held {
		stroke: var(--now);
		stroke-dasharray: 3 3;
	}
	.piece {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2.5;
	}
	.piece.own {
		stroke: var(--now);
		stroke-width: 4;
	}
	.amount {
		fill: none;
		stroke: var(--focus);
		stroke-width: 1.5;
		stroke-dasharray: 6 3;
	}
	.amount-name {
		fill: var(--focus);
		font-style: italic;
	}
</style>
