<script lang="ts">
	import type { ScaleLinear } from 'd3';
	import type { Spot } from '$lib/core/geometry';
	import { approximate, type Rational } from '$lib/core/number';
	import { draggable, takenBack } from './draggable';
	import { snapped, stepOf } from './step';

	/** One number that the handle moves along an axis. */
	interface Along {
		readonly scale: ScaleLinear<number, number>;
		readonly now: Rational;
		/** places that a drag takes where it comes close */
		readonly places: readonly (Rational | null)[];
		/** where the keys Home and End lead; null where that is nowhere */
		readonly first?: Rational | null;
		readonly last?: Rational | null;
	}
	/** What is dragged in a picture of numbers, by pointer or arrow keys: one number along the picture, or two at once, across and up. */
	interface Props {
		at: Spot;
		numbers: readonly [Along] | readonly [across: Along, up: Along];
		label: string;
		/** the numbers as they are read out */
		says: string;
		/** what is written beside it */
		text?: string;
		/** where that stands, from the handle */
		textAt?: Spot;
		onmove: (to: readonly Rational[]) => void;
	}
	let { at, numbers, label, says, text, textAt = { x: 12, y: -10 }, onmove }: Props = $props();
	/** pixels within which a drag takes a place */
	const NEAR = 6;
	const isOne = $derived(numbers.length === 1);
	const now = $derived(numbers.map((own) => own.now));
	const ARROWS: Record<string, readonly [across: number, up: number]> = {
		ArrowRight: [1, 0],
		ArrowLeft: [-1, 0],
		ArrowUp: [0, 1],
		ArrowDown: [0, -1],
		PageUp: [0, 10],
		PageDown: [0, -10]
	};

	const placeAt = ({ scale, places }: Along, pixel: number): Rational =>
		places.find((own) => own && Math.abs(scale(approximate(own)) - pixel) < NEAR) ??
		snapped(scale.invert(pixel), stepOf(scale));

	function onkeydown(event: KeyboardEvent) {
		const by = ARROWS[event.key];
		const times = event.shiftKey ? 10 : 1;
		const [{ first, last, now: own }] = numbers;
		const end = isOne && (event.key === 'Home' ? (first ?? own) : event.key === 'End' && (last ?? own));
		if (end) onmove([end]);
		else if (by)
			onmove(
				numbers.map(({ scale, now: from }, i) =>
					from.add(stepOf(scale).mul((isOne ? by[0] + by[1] : by[i]) * times))
				)
			);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<!-- two numbers at once: no slider says that, so it is a button that the arrow keys move -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<g
	class="picture-handle"
	role={isOne ? 'slider' : 'button'}
	tabindex="0"
	aria-label={isOne ? label : `${label}: ${says}`}
	aria-valuenow={isOne ? approximate(now[0]) : undefined}
	aria-valuetext={isOne ? says : undefined}
	{onkeydown}
	{@attach draggable({
		move: (px, py) => onmove(numbers.map((own, i) => placeAt(own, i === 0 ? px : py))),
		...takenBack(() => now, onmove)
	})}
>
	<circle class="grip" cx={at.x} cy={at.y} r="15" />
	<circle cx={at.x} cy={at.y} r="7.5" />
	{#if text}<text x={at.x + textAt.x} y={at.y + textAt.y}>{text}</text>{/if}
</g>

<style>
	text {
		fill: var(--ink);
		font-size: 13px;
		font-weight: 600;
	}
</style>
