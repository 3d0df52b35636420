<script lang="ts">
	import { en } from '$lib/core/language';
	import { scaleLinear } from 'd3';
	import { approximate, type Rational, showNumber } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Axis from '../picture/Axis.svelte';
	import NumberHandle from '../picture/NumberHandle.svelte';

	/** A number on its line: the interval in which the basis stays, the places where it changes, and the number as it is moved. */
	interface Props {
		now: Rational;
		low: Rational | null;
		high: Rational | null;
		/** other places where the basis changes */
		breaks: readonly Rational[];
		/** how far there is a best plan */
		from: Rational | null;
		to: Rational | null;
		value: Rational;
		label: string;
		onmove: (value: Rational) => void;
	}
	let { now, low, high, breaks, from, to, value, label, onmove }: Props = $props();
	const { document: lesson } = useDesk();
	const style = $derived(lesson.notation.numbers);
	const HEIGHT = 96;
	const Y = 46;
	let width = $state(360);
	const known = $derived(
		[now, low, high, from, to, ...breaks].flatMap((own) => (own ? [approximate(own)] : []))
	);
	const scale = $derived.by(() => {
		const [least, most] = [Math.min(...known), Math.max(...known)];
		const span = most - least || Math.abs(most) || 1;
		return scaleLinear([least - span * 0.25, most + span * 0.25], [18, Math.max(80, width - 18)]);
	});
	const count = $derived(Math.max(3, Math.floor(width / 70)));
	const at = (own: Rational | null, none: number) => (own ? scale(approximate(own)) : none);
	const edges = $derived(scale.range());
</script>

<div bind:clientWidth={width}>
	<svg {width} height={HEIGHT} role="group" aria-label={en`Line of ${label}`}>
		<line class="stroke-rule-strong stroke-2" x1={edges[0]} x2={edges[1]} y1={Y} y2={Y} />
		{#if from || to}
			<line class="none" x1={edges[0]} x2={at(from, edges[0])} y1={Y} y2={Y} />
			<line class="none" x1={at(to, edges[1])} x2={edges[1]} y1={Y} y2={Y} />
		{/if}
		<line class="interval" x1={at(low, edges[0])} x2={at(high, edges[1])} y1={Y} y2={Y} />
		<Axis {scale} side="below" at={Y + 17} {count} lines={[Y + 7, Y + 11]} areMarks />
		{#each breaks as own (own.toFraction())}
			<line class="break" x1={at(own, 0)} x2={at(own, 0)} y1={Y - 7} y2={Y + 7} />
		{/each}
		{#each [low, high] as own, i (i)}
			{#if own}
				<line class="stroke-ink stroke-2" x1={at(own, 0)} x2={at(own, 0)} y1={Y - 12} y2={Y + 12} />
				<text class="end-text" x={at(own, 0)} y={Y - 17} text-anchor="middle">{showNumber(own, style)}</text>
			{/if}
		{/each}
		<path class="now" d={`M${at(now, 0)} ${Y + 12}l-5 9h10z`} />
		<NumberHandle
			at={{ x: at(value, 0), y: Y }}
			numbers={[{ scale, now: value, places: [now, low, high, from, to, ...breaks], first: low, last: high }]}
			{label}
			says={showNumber(value, style)}
			onmove={([own]) => onmove(own)}
		/>
	</svg>
</div>

<style>
	svg {
		display: block;
		overflow: visible;
	}
	.none {
		stroke: var(--error);
		stroke-width: 3;
		stroke-dasharray: 3 4;
	}
	.interval {
		stroke: color-mix(in oklab, var(--feasible) 60%, var(--now));
		stroke-width: 11;
	}
	.break {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 3 2;
	}
	.end-text {
		fill: var(--ink);
		font-size: 14px;
		font-weight: 600;
	}
	.now {
		fill: var(--ink);
	}
</style>
