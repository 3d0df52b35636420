<script lang="ts">
	import type { ScaleLinear } from 'd3';
	import { showPower, ticks } from './scale';

	/** One axis of a picture of numbers: its numbers, lines across the picture, and what it counts. */
	interface Props {
		scale: ScaleLinear<number, number>;
		/** where its numbers stand: below a picture, or to the left of it */
		side: 'below' | 'left';
		/** the pixel that they stand beyond */
		at: number;
		/** about how many there are */
		count: number;
		/** from and to which pixel a line is drawn at each number; left out, none is */
		lines?: readonly [number, number];
		/** whether those lines are marks on the axis, and not a grid */
		areMarks?: boolean;
		/** what is counted, and in what */
		title?: string;
		unit?: string;
		/** only whole numbers are written */
		whole?: boolean;
	}
	let {
		scale,
		side,
		at,
		count,
		lines,
		areMarks = false,
		title = '',
		unit = '',
		whole = false
	}: Props = $props();
	const isBelow = $derived(side === 'below');
	const marks = $derived(ticks(scale, count));
	const values = $derived(whole ? marks.values.filter(Number.isInteger) : marks.values);
	const end = $derived(scale.range()[1]);
	/** the name, with the power of ten that is taken out of the numbers */
	const says = $derived.by(() => {
		const power = showPower(marks.power).trim();
		const inside = [unit, power].filter(Boolean).join(', ');
		return title && inside ? `${title} (${inside})` : title || power;
	});
</script>

<!-- the numbers along an axis are not read one by one -->
<g aria-hidden="true">
	{#each values as value (value)}
		{@const along = scale(value)}
		{#if lines && isBelow}<line class:mark={areMarks} x1={along} x2={along} y1={lines[0]} y2={lines[1]} />
		{:else if lines}<line class:mark={areMarks} x1={lines[0]} x2={lines[1]} y1={along} y2={along} />{/if}
		{#if isBelow}<text class="picture-number" x={along} y={at + 15} text-anchor="middle"
				>{marks.text(value)}</text
			>
		{:else}<text class="picture-number" x={at - 6} y={along + 4} text-anchor="end">{marks.text(value)}</text
			>{/if}
	{/each}
</g>
{#if says && isBelow}<text class="picture-title" x={end} y={at + 30} text-anchor="end">{says}</text>
{:else if says}<text class="picture-title" x="6" y={end - 10}>{says}</text>{/if}

<style>
	line {
		stroke: var(--rule);
		stroke-width: 1;
		stroke-opacity: 0.45;
	}
	.mark {
		stroke: var(--ink);
		stroke-opacity: 1;
	}
</style>
