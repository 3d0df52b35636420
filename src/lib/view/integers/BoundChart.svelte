<script lang="ts">
	import { en } from '$lib/core/language';
	import { line, scaleLinear } from 'd3';
	import Axis from '../picture/Axis.svelte';
	import { approximate, type Rational, showNumber } from '$lib/core/number';

	interface Series {
		readonly name: string;
		/** by steps; null where nothing is known */
		readonly values: readonly { readonly at: number; readonly value: Rational | null }[];
		readonly dashed?: boolean;
	}
	interface Props {
		series: readonly Series[];
		/** what the steps are */
		across: string;
	}
	/** Bound and incumbent against rounds or nodes. */
	let { series, across }: Props = $props();
	let width = $state(320);
	const HEIGHT = 150;
	const LEFT = 52;
	const RIGHT = 76;
	const all = $derived(series.flatMap(({ values }) => values.filter(({ value }) => value !== null)));
	const ys = $derived(all.map(({ value }) => approximate(value!)));
	const low = $derived(Math.min(...ys));
	const high = $derived(Math.max(...ys));
	const pad = $derived((high - low || Math.abs(high) || 1) * 0.12);
	const x = $derived(
		scaleLinear([0, Math.max(1, ...all.map(({ at }) => at))], [LEFT, Math.max(LEFT + 40, width - RIGHT)])
	);
	const y = $derived(scaleLinear([low - pad, high + pad], [HEIGHT - 24, 8]));
	type Spot = { at: number; value: Rational | null };
	const draw = $derived(
		line<Spot>()
			.defined(({ value }) => value !== null)
			.x(({ at }) => x(at))
			.y(({ value }) => y(approximate(value!)))
	);
	const words = $derived(
		series
			.map(({ name, values }) => {
				const last = values.findLast(({ value }) => value !== null);
				return last ? en`${name} ${showNumber(last.value!)} after ${last.at}` : en`${name} unknown`;
			})
			.join('; ')
	);
</script>

{#if all.length > 0}
	<div bind:clientWidth={width}>
		<svg {width} height={HEIGHT} role="img" aria-label={en`Chart by ${across}: ${words}`}>
			<Axis scale={y} side="left" at={LEFT} count={4} lines={[LEFT, width - RIGHT]} />
			<Axis scale={x} side="below" at={HEIGHT - 23} count={6} whole />
			<text class="name" x={LEFT - 12} y={HEIGHT - 8} text-anchor="end">{across}</text>
			{#each series as { name, values, dashed } (name)}
				{@const last = values.findLast(({ value }) => value !== null)}
				<path class:dashed d={draw([...values])} />
				{#if values.length < 40}
					{#each values.filter(({ value }) => value !== null) as { at, value } (at)}
						<circle class:dashed cx={x(at)} cy={y(approximate(value!))} r="3" />
					{/each}
				{/if}
				{#if last}<text class="name" x={x(last.at) + 7} y={y(approximate(last.value!)) + (dashed ? 14 : -4)}
						>{name}</text
					>{/if}
			{/each}
		</svg>
	</div>
{/if}

<style>
	.name {
		font-size: 0.75rem;
		font-style: italic;
		fill: var(--ink);
	}
	path {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
	path.dashed {
		stroke: var(--ink);
		stroke-dasharray: 5 3;
	}
	circle {
		fill: var(--now);
	}
	circle.dashed {
		fill: var(--ink);
	}
</style>
