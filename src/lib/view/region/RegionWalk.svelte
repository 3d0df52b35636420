<script lang="ts">
	import { untrack } from 'svelte';
	import { approximate } from '$lib/core/number';
	import type { Position } from '$lib/core/position';
	import { type Stop, wayBetween } from '$lib/core/move';
	import { moved, readPlan, riseOf } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { type Spot } from '$lib/core/geometry';
	import type { Frame } from './frame';
	import type { ObjectiveSlope } from './objective';
	import { unit } from './frame';
	import { points } from './picture';
	import { travel } from './travel';

	interface Props {
		frame: Frame;
		/** the objective's line through the present point; null draws none */
		slope: ObjectiveSlope | null;
	}
	/** The way walked, with numbers; where we stand; where a pivot that is looked at would lead; and the edge of a column that would rise. */
	let { frame, slope }: Props = $props();
	const { document, figure, selection, session } = useDesk();
	const { x, y, size } = $derived(frame);
	let marker = $state<SVGGElement>();
	let ruler = $state<SVGGElement>();

	const pixelOf = (position: Position | undefined | null) => {
		const point = position && figure.pointOf(position);
		return point ? { x: x(approximate(point[0])), y: y(approximate(point[1])) } : null;
	};
	const here = $derived(pixelOf(session.position));
	const walked = $derived(session.stops.flatMap(({ position }) => pixelOf(position) ?? []));
	/** where the number of each leg stands: in its middle; legs that stay in place are told with the next */
	const legs = $derived.by(() => {
		const told: { key: number; x: number; y: number; text: string }[] = [];
		let first = 1;
		for (let i = 1; i < walked.length; i++) {
			const [p, q] = [walked[i - 1], walked[i]];
			if (Math.hypot(q.x - p.x, q.y - p.y) < 24) continue;
			const text = first === i ? String(i) : `${first}–${i}`;
			told.push({ key: i, x: (p.x + q.x) / 2, y: (p.y + q.y) / 2, text });
			first = i + 1;
		}
		return told;
	});
	const proposed = $derived.by(() => {
		const result = session.proposal?.result;
		return result?.ok ? pixelOf(result.position) : null;
	});
	const reach = $derived(size.width + size.height);

	/** the edge along which the variable of the column that is looked at would rise, and how far */
	const rise = $derived.by(() => {
		const { tableau } = session;
		const id = selection.column ?? selection.considered;
		if (!tableau || !here || !id || figure.isSlice || !figure.region) return null;
		const column = tableau.form.columns.findIndex((own) => own.id === id);
		if (column < 0 || !tableau.nonbasic.includes(column)) return null;
		const { direction, limit } = riseOf(tableau, column);
		const [dx, dy] = figure.axes.map((name) => approximate(direction.get(name)!));
		if (dx === 0 && dy === 0) return null;
		const way = unit(dx * (x(1) - x(0)), dy * (y(1) - y(0)));
		const end = limit && moved(readPlan(tableau), direction, limit);
		const at: Spot = end
			? { x: x(approximate(end.get(figure.axes[0])!)), y: y(approximate(end.get(figure.axes[1])!)) }
			: { x: here.x + way.x * reach, y: here.y + way.y * reach };
		return { way, at, open: !end };
	});

	// the point and the objective line walk from the step left to the step reached
	let last: number | undefined;
	let before: readonly Stop[] = [];
	$effect(() => {
		const id = session.standing;
		untrack(() => {
			const from = last;
			last = id;
			if (from === undefined || from === id || !marker) {
				before = session.stops;
				return;
			}
			const known = new Map([...before, ...session.stops].map(({ node, position }) => [node.id, position]));
			const way = wayBetween(document.trail, from, id).flatMap((node) => pixelOf(known.get(node)) ?? []);
			before = session.stops;
			travel(marker, way);
			if (ruler) travel(ruler, way);
		});
	});
</script>

{#if walked.length > 1}
	<polyline class="walked" points={points(walked)} />
{/if}
{#if here && rise}
	<g class="rise" data-rise={rise.open ? 'open' : 'ends'}>
		<line x1={here.x} y1={here.y} x2={rise.at.x} y2={rise.at.y} />
		{#if !rise.open}
			<line
				class="stop"
				x1={rise.at.x - rise.way.y * 10}
				y1={rise.at.y + rise.way.x * 10}
				x2={rise.at.x + rise.way.y * 10}
				y2={rise.at.y - rise.way.x * 10}
			/>
		{/if}
	</g>
{/if}
{#if here && proposed}
	<g class="proposed">
		<line x1={here.x} y1={here.y} x2={proposed.x} y2={proposed.y} />
		<circle cx={proposed.x} cy={proposed.y} r="6" />
	</g>
{/if}
{#if here && slope}
	<g bind:this={ruler} style:transform={`translate(${here.x}px, ${here.y}px)`} class="objective">
		<line
			x1={-slope.along.x * reach}
			y1={-slope.along.y * reach}
			x2={slope.along.x * reach}
			y2={slope.along.y * reach}
		/>
		<path
			d={`M${slope.along.x * 26} ${slope.along.y * 26}l${slope.better.x * 18} ${slope.better.y * 18}m${-slope.better.x * 6 - slope.along.x * 4} ${-slope.better.y * 6 - slope.along.y * 4}l${slope.better.x * 6 + slope.along.x * 4} ${slope.better.y * 6 + slope.along.y * 4}l${-slope.better.x * 6 + slope.along.x * 4} ${-slope.better.y * 6 + slope.along.y * 4}`}
		/>
	</g>
{/if}
{#each legs as leg (leg.key)}
	<g class="leg" transform={`translate(${leg.x} ${leg.y})`}>
		<rect x={-6 - leg.text.length * 3} y="-9" width={12 + leg.text.length * 6} height="18" rx="9" />
		<text y="4.5" text-anchor="middle">{leg.text}</text>
	</g>
{/each}
{#if here}
	<g
		bind:this={marker}
		class="here"
		class:outside={!session.inRegion}
		style:transform={`translate(${here.x}px, ${here.y}px)`}
	>
		<circle r="6" />
		{#if !session.inRegion}<path d="M-9 -9L9 9M-9 9L9 -9" />{/if}
	</g>
{/if}

<style>
	g,
	polyline {
		pointer-events: none;
	}
	.walked {
		fill: none;
		stroke: var(--now);
		stroke-width: 3.5;
		stroke-linejoin: round;
		stroke-opacity: 0.85;
	}
	.leg rect {
		fill: var(--now);
	}
	.leg text {
		fill: var(--on-now);
		stroke: none;
		font-size: 0.75rem;
		font-weight: 650;
	}
	.rise line {
		stroke: var(--now);
		stroke-width: 6;
		stroke-opacity: 0.45;
		stroke-linecap: round;
	}
	.rise .stop {
		stroke-width: 3;
		stroke-opacity: 1;
	}
	.proposed line {
		stroke: var(--now);
		stroke-width: 2;
		stroke-dasharray: 2 4;
	}
	.proposed circle {
		fill: var(--sheet);
		stroke: var(--now);
		stroke-width: 2;
		stroke-opacity: 0.7;
	}
	.objective line {
		stroke: var(--now);
		stroke-width: 1.8;
		stroke-dasharray: 7 5;
	}
	.objective path {
		stroke: var(--now);
		stroke-width: 1.8;
		fill: none;
	}
	.here circle {
		fill: var(--now);
		stroke: var(--sheet);
		stroke-width: 1.5;
	}
	.here.outside circle {
		fill: var(--sheet);
		stroke: var(--error);
		stroke-width: 2.5;
	}
	.here path {
		stroke: var(--error);
		stroke-width: 2;
	}
</style>
