<script lang="ts">
	import { en } from '$lib/core/language';
	import { fillPolygon, type DrawnLine, type Spot } from '$lib/core/geometry';
	import type { Problem } from '$lib/core/problem';
	import { points } from '../region/picture';
	import { pressedByKeys } from '../shared/pressed-by-keys';
	import QuestionPicture, { type Frame } from './QuestionPicture.svelte';

	/** The lines of a problem in two variables; for each the side that stays is pressed, and is shaded then. */
	interface Props {
		problem: Problem;
		/** the lines that are asked about */
		names: readonly string[];
		/** the side chosen for each line so far */
		chosen: Readonly<Record<string, string>>;
		onchoose: (name: string, side: string) => void;
	}
	let { problem, names, chosen, onchoose }: Props = $props();
	/** pixels from a line to what is pressed beside it */
	const AWAY = 17;
	/** pixels between two places that cannot be mistaken for each other */
	const FAR_ENOUGH = 40;
	/** parts of a line at which its sides may be pressed, the best first */
	const PLACES = [0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8];

	/** the two sides of a line; left and right where it is upright */
	const sidesOf = ({ b }: DrawnLine): readonly Side[] => (b === 0 ? ['left', 'right'] : ['below', 'above']);
	type Side = keyof typeof SIDE_LABELS;
	const SIDE_LABELS = {
		left: (name: string) => en`left of ${name}`,
		right: (name: string) => en`right of ${name}`,
		below: (name: string) => en`below ${name}`,
		above: (name: string) => en`above ${name}`
	};
	/** a line as the half-plane of one of its sides */
	function half(line: DrawnLine, side: string): DrawnLine {
		const size = line.b === 0 ? line.a : line.b;
		const isLow = side === 'below' || side === 'left';
		return size > 0 === isLow ? line : { ...line, a: -line.a, b: -line.b, c: -line.c };
	}

	interface Handle extends Spot {
		readonly name: string;
		readonly side: Side;
		/** degrees by which its arrow is turned */
		readonly turn: number;
	}

	/** The two places beside a line, so far along it, where its sides are pressed. */
	function pairAt({ place }: Frame, { name, line, ends }: Frame['drawn'][number], along: number): Handle[] {
		const [from, to] = ends.map(place);
		const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
		// the normal that points down on the screen, or to the left
		let normal = { x: (from.y - to.y) / length, y: (to.x - from.x) / length };
		if (line.b === 0 ? normal.x > 0 : normal.y < 0) normal = { x: -normal.x, y: -normal.y };
		return sidesOf(line).map((side, k) => {
			const by = k === 0 ? AWAY : -AWAY;
			return {
				name,
				side,
				x: from.x + (to.x - from.x) * along + normal.x * by,
				y: from.y + (to.y - from.y) * along + normal.y * by,
				turn: (Math.atan2(normal.y * by, normal.x * by) * 180) / Math.PI
			};
		});
	}

	/** Where the sides of all lines are pressed: each pair as far from the pairs before it as can be. */
	function handles(frame: Frame): Handle[] {
		const all: Handle[] = [];
		for (const drawn of frame.drawn.filter(({ name }) => names.includes(name))) {
			const room = (pair: readonly Handle[]) =>
				Math.min(
					FAR_ENOUGH,
					...pair.flatMap((own) => all.map((other) => Math.hypot(own.x - other.x, own.y - other.y)))
				);
			const pairs = PLACES.map((along) => pairAt(frame, drawn, along));
			all.push(...pairs.reduce((best, pair) => (room(pair) > room(best) ? pair : best)));
		}
		return all;
	}
</script>

{#snippet shades({ box, place, drawn }: Frame)}
	{#each drawn as { name, line } (name)}
		{#if chosen[name]}<polygon
				class="kept"
				points={points(fillPolygon([half(line, chosen[name])], box).map(place))}
			/>{/if}
	{/each}
{/snippet}

{#snippet arrows(frame: Frame)}
	{#each handles(frame) as { name, side, x, y, turn } (`${name} ${side}`)}
		<g
			class="side"
			class:chosen={chosen[name] === side}
			role="button"
			tabindex="0"
			aria-pressed={chosen[name] === side}
			aria-label={SIDE_LABELS[side](name)}
			onclick={() => onchoose(name, side)}
			onkeydown={pressedByKeys(() => onchoose(name, side))}
		>
			<circle cx={x} cy={y} r="12" />
			<path d="M-4 -6L5 0L-4 6Z" transform={`translate(${x} ${y}) rotate(${turn})`} />
		</g>
	{/each}
{/snippet}

<QuestionPicture {problem} onlyLines under={shades} over={arrows} />

<style>
	.kept {
		fill: var(--now);
		opacity: 0.16;
	}
	.side {
		cursor: pointer;
		outline: none;
	}
	.side circle {
		fill: var(--sheet);
		stroke: var(--rule-strong);
		stroke-width: 1.2;
	}
	.side path {
		fill: var(--ink-soft);
	}
	.side.chosen circle {
		fill: var(--now);
		stroke: var(--now);
	}
	.side.chosen path {
		fill: var(--sheet);
	}
	.side:focus-visible circle {
		stroke: var(--focus);
		stroke-width: 3;
	}
</style>
