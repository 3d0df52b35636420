<script lang="ts">
	import { en } from '$lib/core/language';
	import { coneAt } from '$lib/core/design';
	import type { Region } from '$lib/core/geometry';
	import { approximate, ZERO } from '$lib/core/number';
	import { isFeasible, type Plan, type Problem } from '$lib/core/problem';
	import type { Frame } from '../region/frame';

	/** The fan of the objective's lines through a plan for which the plan is best: between the lines of what binds there. */
	let { problem, plan, region, frame }: { problem: Problem; plan: Plan; region: Region; frame: Frame } =
		$props();

	/** the directions of the cone by angle, from its one end to the other; fewer than two where there is no fan */
	const edges = $derived.by(() => {
		if (!isFeasible(problem, plan)) return [];
		const angles = coneAt(problem, plan)
			.map(({ terms }) => {
				const [a, b] = region.axes.map((name) => approximate(terms.get(name) ?? ZERO));
				return Math.atan2(b, a);
			})
			.sort((a, b) => a - b);
		if (angles.length < 2) return [];
		const gaps = angles.map((angle, i) => (angles[i + 1] ?? angles[0] + 2 * Math.PI) - angle);
		const widest = gaps.indexOf(Math.max(...gaps));
		// no gap of half a turn: any objective would do
		if (gaps[widest] < Math.PI - 1e-9) return [];
		return [...angles.slice(widest + 1), ...angles.slice(0, widest + 1).map((own) => own + 2 * Math.PI)];
	});
	const spot = $derived(region.axes.map((name) => approximate(plan.get(name) ?? ZERO)));
	/** The line of an objective through the plan, far out on one side, in pixels. */
	function out(angle: number, side: 1 | -1) {
		const [x, y] = spot;
		const reach = side * 4 * (Math.abs(frame.x.invert(frame.size.width) - frame.x.invert(0)) + 1);
		return { x: frame.x(x - Math.sin(angle) * reach), y: frame.y(y + Math.cos(angle) * reach) };
	}
	const wedges = $derived.by(() => {
		if (edges.length < 2) return [];
		// a fan of half a turn needs its middle
		const [first, last] = [edges[0], edges.at(-1)!];
		const turns = [first, (first + last) / 2, last];
		const at = `${frame.x(spot[0])},${frame.y(spot[1])}`;
		return ([1, -1] as const).map(
			(side) =>
				`${at} ${turns
					.map((angle) => out(angle, side))
					.map(({ x, y }) => `${x},${y}`)
					.join(' ')}`
		);
	});
</script>

{#each wedges as points, i (i)}<polygon {points}
		><title>{en`Objectives for which the plan is best`}</title></polygon
	>{/each}

<style>
	polygon {
		fill: var(--now);
		fill-opacity: 0.13;
		stroke: var(--now);
		stroke-opacity: 0.5;
		stroke-dasharray: 2 4;
	}
</style>
