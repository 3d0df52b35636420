<script lang="ts">
	import { en } from '$lib/core/language';
	import { scaleLinear } from 'd3';
	import { approximate, type Rational, rational, showNumber } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { draggable, takenBack } from '../region/draggable';
	import { ticks } from '../region/frame';

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
	const marks = $derived(ticks(scale, Math.max(3, Math.floor(width / 70))));
	const at = (own: Rational | null, none: number) => (own ? scale(approximate(own)) : none);
	const edges = $derived(scale.range());
	/** a step that can be told apart on this line: 1, 2 or 5 times a power of ten */
	const step = $derived.by(() => {
		const size = (scale.domain()[1] - scale.domain()[0]) / 100;
		const power = Math.floor(Math.log10(size));
		const lead = size / 10 ** power;
		const digit = lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10;
		return power >= 0 ? rational(digit * 10 ** power) : rational(digit, 10 ** -power);
	});

	/** The nearest step, or a place that means something where that is close. */
	function snapped(px: number): Rational {
		const near = [now, low, high, from, to, ...breaks].find(
			(own) => own && Math.abs(scale(approximate(own)) - px) < 7
		);
		return near ?? step.mul(Math.round(scale.invert(px) / approximate(step)));
	}

	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[
			event.key
		];
		if (event.key === 'Home') onmove(low ?? now);
		else if (event.key === 'End') onmove(high ?? now);
		else if (by === undefined) return;
		else onmove(value.add(step.mul(by)));
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<div bind:clientWidth={width}>
	<svg {width} height={HEIGHT} role="group" aria-label={en`Line of ${label}`}>
		<line class="stroke-rule-strong stroke-2" x1={edges[0]} x2={edges[1]} y1={Y} y2={Y} />
		{#if from || to}
			<line class="none" x1={edges[0]} x2={at(from, edges[0])} y1={Y} y2={Y} />
			<line class="none" x1={at(to, edges[1])} x2={edges[1]} y1={Y} y2={Y} />
		{/if}
		<line class="interval" x1={at(low, edges[0])} x2={at(high, edges[1])} y1={Y} y2={Y} />
		{#each marks.values as mark (mark)}
			<line class="tick" x1={scale(mark)} x2={scale(mark)} y1={Y + 7} y2={Y + 11} />
			<text class="digit" x={scale(mark)} y={Y + 24} text-anchor="middle">{marks.text(mark)}</text>
		{/each}
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
		<g
			class="picture-handle"
			role="slider"
			tabindex="0"
			aria-label={label}
			aria-valuenow={approximate(value)}
			aria-valuetext={showNumber(value, style)}
			{onkeydown}
			{@attach draggable({ move: (px) => onmove(snapped(px)), ...takenBack(() => value, onmove) })}
		>
			<circle class="grip" cx={at(value, 0)} cy={Y} r="14" />
			<circle cx={at(value, 0)} cy={Y} r="8" />
		</g>
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
	.tick,
	.break {
		stroke: var(--ink);
	}
	.break {
		stroke-width: 2;
		stroke-dasharray: 3 2;
	}
	text {
		fill: var(--ink-soft);
		font-size: 12px;
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
