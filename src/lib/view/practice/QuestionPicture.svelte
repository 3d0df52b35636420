<script module lang="ts">
	import type { Box, DrawnLine, Spot } from '$lib/core/geometry';

	/** How amounts become places, and the lines of the constraints with their ends. */
	export interface Frame {
		readonly box: Box;
		readonly place: (spot: Spot) => Spot;
		/** the amounts at a place of the picture */
		readonly amounts: (place: Spot) => Spot;
		readonly drawn: readonly {
			readonly name: string;
			readonly line: DrawnLine;
			readonly ends: readonly [Spot, Spot];
		}[];
	}
</script>

<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';
	import { scaleLinear } from 'd3';
	import { drawn, fillPolygon, fitBox, lineInBox, region } from '$lib/core/geometry';
	import { approximate, showNumber, toText, type Rational } from '$lib/core/number';
	import type { Problem } from '$lib/core/problem';
	import { points } from '../region/picture';
	import { pressedByKeys } from '../shared/pressed-by-keys';

	/** The region of two variables with its lines; a corner is chosen by a click or by its button. */
	interface Props {
		problem: Problem;
		/** the amounts of the corner that is chosen */
		chosen?: Readonly<Record<string, string>>;
		/** left out where the picture is only looked at */
		onchoose?: (amounts: Record<string, string>) => void;
		/** only the lines, where the region is what is asked for */
		onlyLines?: boolean;
		/** what is drawn below the lines, and above everything */
		under?: Snippet<[Frame]>;
		over?: Snippet<[Frame]>;
		/** told how it is drawn */
		onframe?: (frame: Frame) => void;
	}
	let { problem, chosen = {}, onchoose, onlyLines = false, under, over, onframe }: Props = $props();
	const SIZE = 360;
	const EDGE = 36;
	const names = $derived(problem.variables.map(({ name }) => name));
	const shape = $derived(region(problem));
	const corners = $derived(onlyLines ? [] : shape.vertices.map(({ at }) => at));
	const lines = $derived(shape.sides.flatMap((own, i) => drawn(own, i) ?? []));
	const box = $derived(fitBox(shape, lines, []));
	const scale = $derived({
		x: scaleLinear([box.x0, box.x1], [EDGE, SIZE - EDGE]),
		y: scaleLinear([box.y0, box.y1], [SIZE - EDGE, EDGE])
	});
	const frame = $derived<Frame>({
		box,
		place: (spot) => ({ x: scale.x(spot.x), y: scale.y(spot.y) }),
		amounts: (place) => ({ x: scale.x.invert(place.x), y: scale.y.invert(place.y) }),
		drawn: lines.flatMap((line) => {
			const { kind, name } = shape.sides[line.index].owner;
			const ends = kind === 'constraint' ? lineInBox(line, box) : null;
			return ends ? [{ name, line, ends }] : [];
		})
	});
	$effect(() => onframe?.(frame));
	const x = (value: Rational) => scale.x(approximate(value));
	const y = (value: Rational) => scale.y(approximate(value));
	/** the end of a line that is farther from all corners: there its name stands free */
	const freeEnd = (ends: readonly Spot[]): Spot => {
		const room = (end: Spot) =>
			Math.min(...corners.map((at) => Math.hypot(scale.x(end.x) - x(at[0]), scale.y(end.y) - y(at[1]))));
		return ends.reduce((best, end) => (room(end) > room(best) ? end : best));
	};
	const amounts = (at: readonly Rational[]) =>
		Object.fromEntries(names.map((name, k) => [name, toText(at[k])]));
	const isChosen = (at: readonly Rational[]) => names.every((name, k) => chosen[name] === toText(at[k]));
</script>

<svg
	class="picture"
	viewBox={`0 0 ${SIZE} ${SIZE}`}
	role="group"
	aria-label={onlyLines ? en`The lines` : onchoose ? en`The region; choose a corner` : en`The region`}
>
	{#if !onlyLines}<polygon points={points(fillPolygon(lines, box).map(frame.place))} />{/if}
	{@render under?.(frame)}
	{#each frame.drawn as { name, line, ends } (line.index)}
		<line x1={scale.x(ends[0].x)} y1={scale.y(ends[0].y)} x2={scale.x(ends[1].x)} y2={scale.y(ends[1].y)} />
		{@const tip = freeEnd(ends)}
		<text class="italic" x={scale.x(tip.x) + 5} y={scale.y(tip.y) + 4}>{name}</text>
	{/each}
	<line class="axis" x1={EDGE} y1={scale.y(0)} x2={SIZE - 8} y2={scale.y(0)} />
	<line class="axis" x1={scale.x(0)} y1={SIZE - EDGE} x2={scale.x(0)} y2="8" />
	<text x={SIZE - 8} y={SIZE - EDGE + 18} text-anchor="end">{names[0]}</text>
	<text x="4" y="18">{names[1]}</text>
	{#snippet dot(at: readonly Rational[])}
		<circle class="grip" cx={x(at[0])} cy={y(at[1])} r="14" />
		<circle cx={x(at[0])} cy={y(at[1])} r="5" />
		<text x={x(at[0]) + 8} y={y(at[1]) - 8}>({at.map((own) => showNumber(own)).join(', ')})</text>
	{/snippet}
	{#each corners as at (at.map(toText).join())}
		{#if onchoose}
			<!-- a corner among others: a button that stands where the corner is -->
			<g
				class="corner"
				class:chosen={isChosen(at)}
				role="button"
				tabindex="0"
				aria-pressed={isChosen(at)}
				aria-label={en`Corner (${at.map((own) => showNumber(own)).join(', ')})`}
				onclick={() => onchoose(amounts(at))}
				onkeydown={pressedByKeys(() => onchoose(amounts(at)))}
			>
				{@render dot(at)}
			</g>
		{:else}<g class="corner">{@render dot(at)}</g>{/if}
	{/each}
	{@render over?.(frame)}
</svg>

<style>
	svg {
		width: min(100%, 26rem);
		display: block;
	}
	polygon {
		fill: var(--feasible);
	}
	line {
		stroke: var(--ink-soft);
		stroke-width: 1.2;
	}
	.axis {
		stroke: var(--ink);
	}
	.corner {
		cursor: pointer;
		outline: none;
	}
	.corner circle:not(.grip) {
		fill: var(--ink);
	}
	.grip {
		fill: transparent;
	}
	.corner:focus-visible .grip {
		stroke: var(--focus);
		stroke-width: 2;
	}
	.corner.chosen circle:not(.grip) {
		fill: var(--now);
		r: 8px;
	}
</style>
