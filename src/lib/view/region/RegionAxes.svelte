<script lang="ts">
	import type { Problem } from '$lib/core/problem';
	import { MARGIN, showPower, ticks, type Frame } from './frame';

	/** Grid, numbers and names of the two axes. */
	let { problem, frame }: { problem: Problem; frame: Frame } = $props();
	const { x, y, size } = $derived(frame);

	const xTicks = $derived(ticks(x, Math.max(3, Math.floor(size.width / 80))));
	const yTicks = $derived(ticks(y, Math.max(3, Math.floor(size.height / 60))));
	const bottom = $derived(size.height - MARGIN.bottom);
	const title = (index: number, power: number) => {
		const { name, unit } = problem.variables[index];
		const inside = [unit, showPower(power).trim()].filter(Boolean).join(', ');
		return inside ? `${name} (${inside})` : name;
	};
</script>

<!-- the numbers along an axis are not read one by one -->
<g class="axes" aria-hidden="true">
	{#each xTicks.values as value (value)}
		<line class="grid" x1={x(value)} x2={x(value)} y1={MARGIN.top} y2={bottom} />
		<text x={x(value)} y={bottom + 15} text-anchor="middle">{xTicks.text(value)}</text>
	{/each}
	{#each yTicks.values as value (value)}
		<line class="grid" x1={MARGIN.left} x2={size.width - MARGIN.right} y1={y(value)} y2={y(value)} />
		<text x={MARGIN.left - 6} y={y(value) + 4} text-anchor="end">{yTicks.text(value)}</text>
	{/each}
</g>

<text class="title" x={size.width - MARGIN.right} y={size.height - 5} text-anchor="end"
	>{title(0, xTicks.power)}</text
>
<text class="title" x="6" y="15">{title(1, yTicks.power)}</text>

<style>
	text {
		font-size: 0.8125rem;
		fill: var(--ink);
		pointer-events: none;
	}
	.axes text {
		fill: var(--ink-soft);
		font-size: 0.75rem;
	}
	.title {
		font-style: italic;
		font-size: 0.875rem;
	}
	.grid {
		stroke: var(--rule);
		stroke-width: 1;
		stroke-opacity: 0.45;
	}
</style>
