<script lang="ts">
	import { en } from '$lib/core/language';
	import { scaleLinear } from 'd3';
	import { axisName, cellSentence, hundredFound, numberWords, legendSentence } from '$lib/core/commentary';
	import { approximate, type Rational, showNumber, toText } from '$lib/core/number';
	import { readCell, type Varied } from '$lib/core/problem';
	import { cellAt, type MapCell } from '$lib/core/parametric';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Axis from '../picture/Axis.svelte';
	import NumberHandle from '../picture/NumberHandle.svelte';
	import { points } from '../region/picture';
	import { middleOf, roomOf } from './map-spots';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';

	/** The plane of two numbers, parted by bases: where we are, both intervals as a cross through it, and a point that can be dragged. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const { problem, varied, other, reading, otherReading, window, cells, value, secondValue, here } =
		$derived(sensitivity);
	const style = $derived(lesson.notation.numbers);
	let size = $state({ width: 480, height: 380 });
	let canvas = $state<HTMLElement>();
	let showsRule = $state(false);
	const EDGE = { left: 56, right: 16, top: 26, bottom: 36 };
	const x = $derived(
		scaleLinear(window ? [approximate(window.first.low), approximate(window.first.high)] : [0, 1], [
			EDGE.left,
			size.width - EDGE.right
		])
	);
	const y = $derived(
		scaleLinear(window ? [approximate(window.second.low), approximate(window.second.high)] : [0, 1], [
			size.height - EDGE.bottom,
			EDGE.top
		])
	);
	const spots = (cell: MapCell) =>
		cell.polygon.map(([a, b]) => ({ x: x(approximate(a)), y: y(approximate(b)) }));
	const letters = $derived(new Map(cells.map((cell, i) => [cell, String.fromCharCode(65 + (i % 26))])));
	const sentence = $derived(
		problem && varied && other && here && value && secondValue
			? cellSentence(problem, [varied, other], here, [value, secondValue])
			: null
	);
	const start = $derived(reading && otherReading ? cellAt(cells, [reading.now, otherReading.now]) : null);
	const rule = $derived.by(() => {
		if (!showsRule || !problem || !varied || !other || !reading || !otherReading || !value || !secondValue)
			return [];
		const part = (own: Varied, from: typeof reading, to: Rational) => ({
			varied: own,
			reading: from,
			value: to
		});
		return hundredFound([part(varied, reading, value), part(other, otherReading, secondValue)]).map((found) =>
			numberWords(problem, found)
		);
	});
	const label = (own: Varied) => axisName(problem!, own);
	/** both numbers, to be typed */
	const fields = $derived(
		varied && other && value && secondValue
			? [
					{ called: label(varied), now: value, set: (to: Rational) => sensitivity.move(to, secondValue) },
					{ called: label(other), now: secondValue, set: (to: Rational) => sensitivity.move(value, to) }
				]
			: []
	);
	const ends = (own: typeof reading, scale: typeof x) =>
		own && [own.low.at, own.high.at].map((at, i) => (at ? scale(approximate(at)) : scale.range()[i]));
</script>

<Pane pane="map" name={en`Map of two numbers`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<button class="btn tool" aria-pressed={showsRule} onclick={() => (showsRule = !showsRule)}
			>{en`100 % rule`}</button
		>
		<button
			class="btn tool"
			disabled={!reading || !otherReading}
			onclick={() => sensitivity.move(reading!.now, otherReading!.now)}>{en`Reset`}</button
		>
		{#await import('../export/PictureMenu.svelte') then { default: PictureMenu }}
			<PictureMenu what="map" picture={() => canvas?.querySelector('svg') ?? null} />
		{/await}
	{/snippet}
	{#if problem && varied && other && window}
		<div class="flex flex-col h-full">
			<div class="canvas" bind:this={canvas} bind:clientWidth={size.width} bind:clientHeight={size.height}>
				{#if size.width > 160}
					{@const across = ends(reading, x)}
					{@const along = ends(otherReading, y)}
					<svg
						class="picture"
						width={size.width}
						height={size.height}
						role="group"
						aria-label={en`Map of ${label(varied)} and ${label(other)}: ${cells.length} parts`}
					>
						{#each [...cells].reverse() as cell (cell)}
							<polygon
								class={cell.status}
								class:own={cell === here}
								class:start={cell === start}
								points={points(spots(cell))}
								data-cell={letters.get(cell)}
							/>
						{/each}
						<Axis scale={x} side="below" at={size.height - EDGE.bottom} count={6} title={label(varied)} />
						<Axis scale={y} side="left" at={EDGE.left} count={6} title={label(other)} />
						{#each cells as cell (cell)}
							{@const at = middleOf(spots(cell))}
							{@const room = roomOf(spots(cell))}
							{#if room > 22}<text class="name" x={at.x} y={at.y + 4} text-anchor="middle"
									>{letters.get(cell)}</text
								>{/if}
						{/each}
						{#if reading && otherReading && across && along}
							<line
								class="cross"
								x1={across[0]}
								x2={across[1]}
								y1={y(approximate(otherReading.now))}
								y2={y(approximate(otherReading.now))}
							/>
							<line
								class="cross"
								y1={along[0]}
								y2={along[1]}
								x1={x(approximate(reading.now))}
								x2={x(approximate(reading.now))}
							/>
						{/if}
						{#if value && secondValue && reading && otherReading}
							<NumberHandle
								at={{ x: x(approximate(value)), y: y(approximate(secondValue)) }}
								numbers={[
									{ scale: x, now: value, places: [reading.now] },
									{ scale: y, now: secondValue, places: [otherReading.now] }
								]}
								label={en`Both numbers, moved by the arrow keys`}
								says={`${label(varied)} ${showNumber(value, style)}, ${label(other)} ${showNumber(secondValue, style)}`}
								text={`(${showNumber(value, style)}, ${showNumber(secondValue, style)})`}
								onmove={([first, second]) => sensitivity.move(first, second)}
							/>
						{/if}
					</svg>
				{/if}
			</div>
			<div class="told" aria-live="polite">
				{#if sensitivity.mapping.what}<p>
						{en`The map is being worked out …`}
						<button class="btn tool" onclick={() => sensitivity.mapping.cancel()}>{en`Cancel`}</button>
					</p>{/if}
				<p class="typed">
					{#each fields as { called, now, set } (called)}
						<label
							>{called}
							<input
								class="field"
								aria-label={en`${called} instead`}
								value={toText(now)}
								onchange={(event) => {
									const typed = readCell(event.currentTarget.value);
									if (typed) set(typed);
									else event.currentTarget.value = toText(now);
								}}
							/></label
						>
					{/each}
				</p>
				{#if sentence}<p><Words {sentence} linked={false} decimals /></p>{/if}
				<p class="text-note text-soft">
					{en`The cross shows each interval by itself. Both changes together keep the basis only inside the part with the current point.`}
				</p>
				<ul class="legend" aria-label={en`The parts of the map`}>
					{#each cells as cell (cell)}<li class:own={cell === here}>
							<b>{letters.get(cell)}</b>
							<Words sentence={legendSentence(problem, [varied, other], cell)} linked={false} />
						</li>{/each}
				</ul>
				{#each rule as own, i (i)}<p><Words sentence={own} linked={false} /></p>{/each}
			</div>
		</div>
	{:else}
		<p class="nothing">
			{en`Two numbers of the same sort are needed: two amounts, or two coefficients of the objective.`}
		</p>
	{/if}
</Pane>

<style>
	.canvas {
		flex: 1;
		min-height: 0;
		position: relative;
		overflow: hidden;
	}
	svg {
		position: absolute;
		inset: 0;
	}
	.typed {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-3);
		margin: 0 0 var(--gap-1);
	}
	.typed input {
		width: 5rem;
		padding: 0.1rem 0.3rem;
	}
	.told {
		flex: none;
		max-height: 46%;
		overflow: auto;
		padding: var(--gap-1) var(--gap-3);
		border-top: 1px solid var(--rule);
	}
	p {
		margin: 0;
	}
	.legend {
		margin: var(--gap-1) 0;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: 0 var(--gap-4);
		font-size: var(--size-note);
	}
	.legend .own {
		background: var(--now-wash);
	}
	polygon {
		stroke: var(--ink);
		stroke-width: 1.2;
		stroke-linejoin: round;
	}
	.optimal {
		fill: var(--sheet-raised);
	}
	.optimal.start {
		fill: var(--feasible);
	}
	.optimal.own {
		stroke: var(--now);
		stroke-width: 3;
	}
	.infeasible {
		fill: var(--error-wash);
	}
	.unbounded {
		fill: var(--now-wash);
	}
	text {
		fill: var(--ink-soft);
	}
	.name {
		fill: var(--ink);
		font-size: 15px;
		font-weight: 650;
	}
	.cross {
		stroke: var(--focus);
		stroke-width: 4;
		stroke-opacity: 0.7;
	}
</style>
