<script lang="ts">
	import { en } from '$lib/core/language';
	import { scaleLinear } from 'd3';
	import { boxAround, spotIn } from '$lib/core/geometry';
	import Axis from '../picture/Axis.svelte';
	import { points } from '../region/picture';

	/** Regions to choose from, all on the same axes. */
	interface Props {
		/** what the axes are called */
		axes: readonly string[];
		letters: readonly string[];
		/** the corners of each region in order round it */
		pictures: readonly (readonly (readonly [x: string, y: string])[])[];
		chosen: string;
		onchoose: (letter: string) => void;
	}
	let { axes, letters, pictures, chosen, onchoose }: Props = $props();
	const id = $props.id();
	const [WIDTH, HEIGHT, EDGE] = [220, 190, 28];
	const areas = $derived(pictures.map((corners) => corners.map(spotIn)));
	const box = $derived(boxAround(areas.flat()));
	const x = $derived(scaleLinear([box.x0, box.x1], [EDGE, WIDTH - 10]));
	const y = $derived(scaleLinear([box.y0, box.y1], [HEIGHT - EDGE, 10]));
</script>

<fieldset>
	<legend class="only-heard">{en`Your answer`}</legend>
	{#each areas as area, i (letters[i])}
		<label class:chosen={chosen === letters[i]}>
			<span
				><input
					type="radio"
					name={id}
					value={letters[i]}
					checked={chosen === letters[i]}
					onchange={() => onchoose(letters[i])}
				/>
				{letters[i]}</span
			>
			<svg
				viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
				role="img"
				aria-label={en`Corners ${pictures[i].map((corner) => `(${corner.join(', ')})`).join(', ')}`}
			>
				<Axis scale={x} side="below" at={y(Math.max(0, box.y0))} count={5} lines={[y(box.y0), y(box.y1)]} />
				<Axis scale={y} side="left" at={x(Math.max(0, box.x0))} count={5} lines={[x(box.x0), x(box.x1)]} />
				<polygon points={points(area.map((spot) => ({ x: x(spot.x), y: y(spot.y) })))} />
				<line x1={x(box.x0)} x2={x(box.x1)} y1={y(0)} y2={y(0)} />
				<line x1={x(0)} x2={x(0)} y1={y(box.y0)} y2={y(box.y1)} />
				<text class="picture-title" x={WIDTH - 8} y={HEIGHT - 3} text-anchor="end">{axes[0]}</text>
				<text class="picture-title" x={x(0) + 5} y="12">{axes[1]}</text>
			</svg>
		</label>
	{/each}
</fieldset>

<style>
	fieldset {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 14rem), 1fr));
		gap: var(--gap-2);
		width: 100%;
		max-width: 34rem;
		border: none;
		padding: 0;
	}
	label {
		display: block;
		padding: var(--gap-1);
		border: 1px solid var(--rule);
		border-radius: 4px;
		font-weight: 600;
		cursor: pointer;
	}
	label.chosen {
		border-color: var(--now);
		outline: 2px solid var(--now);
	}
	label:has(:focus-visible) {
		outline: 2px solid var(--focus);
	}
	svg {
		display: block;
		width: 100%;
	}
	polygon {
		fill: var(--feasible);
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	line {
		stroke: var(--ink);
	}
</style>
