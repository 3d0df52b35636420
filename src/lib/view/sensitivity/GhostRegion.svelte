<script lang="ts">
	import { en } from '$lib/core/language';
	import { bestFace, type Region, region as regionOf } from '$lib/core/geometry';
	import { approximate, ZERO } from '$lib/core/number';
	import { summedRows } from '$lib/core/answer';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import type { Frame } from '../region/frame';
	import RegionPane from '../region/RegionPane.svelte';

	/** The region with the numbers as they were moved, and the line at both ends of the interval as ghosts. */
	const { figure } = useDesk();
	const sensitivity = useSensitivity();
	const problem = $derived(
		figure.isWhole && sensitivity.whatIf?.variables.length === 2 ? sensitivity.whatIf : null
	);
	const region = $derived(problem && regionOf(problem));
	const shown = $derived(
		problem && region
			? { problem, region, best: bestFace(problem, region), stage: null, part: null, level: null }
			: null
	);

	interface Ghost {
		readonly key: string;
		readonly text: string;
		/** a·x + b·y = c */
		readonly a: number;
		readonly b: number;
		readonly c: number;
	}
	/** the constraint slid to where the corner changes hands, or the objective turned to its extremes about the best corner */
	const ghosts = $derived.by((): Ghost[] => {
		const { varied, reading, look, answer } = sensitivity;
		if (look === 'pairs') return combined();
		if (!problem || !varied || !reading || !region || (look !== 'ranges' && look !== 'curve')) return [];
		const [x, y] = region.axes;
		return [reading.low, reading.high].flatMap(({ at }, i): Ghost[] => {
			if (!at) return [];
			const key = i === 0 ? 'low' : 'high';
			if ('rhs' in varied) {
				const row = problem.constraints.find(({ name }) => name === varied.rhs)!;
				const [a, b] = [x, y].map((name) => approximate(row.terms.get(name) ?? ZERO));
				return [{ key, text: `${varied.rhs} ${at.toFraction()}`, a, b, c: approximate(at) }];
			}
			const plan = answer?.solution;
			if (!plan) return [];
			const [a, b] = [x, y].map((name) =>
				approximate(name === varied.objective ? at : (problem.objective.terms.get(name) ?? ZERO))
			);
			const c = a * approximate(plan.get(x) ?? ZERO) + b * approximate(plan.get(y) ?? ZERO);
			return [{ key, text: `${varied.objective} ${at.toFraction()}`, a, b, c }];
		});
	});

	/** The rows combined with the dual values that are tried: the line of their sum. */
	function combined(): Ghost[] {
		const { tried } = sensitivity;
		if (!problem || !region || !tried) return [];
		const { terms, rhs } = summedRows(problem, tried.duals);
		const [a, b] = region.axes.map((name) => approximate(terms.get(name) ?? ZERO));
		return a === 0 && b === 0 ? [] : [{ key: 'sum', text: en`the rows combined`, a, b, c: approximate(rhs) }];
	}

	/** Two points of a line, far enough out on both sides. */
	function ends({ a, b, c }: Ghost, { box, x, y }: Frame) {
		if (Math.abs(b) * (box.x1 - box.x0) > Math.abs(a) * (box.y1 - box.y0) * 1e-9 && b !== 0)
			return [box.x0, box.x1].map((px) => ({ x: x(px), y: y((c - a * px) / b) }));
		return a === 0 ? [] : [box.y0, box.y1].map((py) => ({ x: x((c - b * py) / a), y: y(py) }));
	}
</script>

{#snippet under(_region: Region, frame: Frame)}
	{#each ghosts as ghost (ghost.key)}
		{@const [p, q] = ends(ghost, frame)}
		{#if p && q}<line class="ghost" data-ghost={ghost.text} x1={p.x} y1={p.y} x2={q.x} y2={q.y} />{/if}
	{/each}
{/snippet}

{#snippet inside(region: Region, frame: Frame)}
	{#if sensitivity.look === 'pairs' && sensitivity.tried}
		{@const [x, y] = region.axes.map((name) => approximate(sensitivity.tried!.plan.get(name) ?? ZERO))}
		<path
			class="fill-focus stroke-sheet stroke-2 pointer-events-none"
			d="M0 -9l9 9l-9 9l-9 -9z"
			transform={`translate(${frame.x(x)} ${frame.y(y)})`}
		/>
	{/if}
{/snippet}

<RegionPane of={shown} showsBest showsWalk={false} {under} {inside} violated={new Set()} />

<style>
	.ghost {
		stroke: var(--focus);
		stroke-width: 2.5;
		stroke-dasharray: 2 5;
		stroke-linecap: round;
		pointer-events: none;
	}
</style>
