<script lang="ts">
	import { en } from '$lib/core/language';
	import { approximate, showNumber, ZERO } from '$lib/core/number';
	import { isAllowed, type Problem } from '$lib/core/problem';
	import type { Region } from '$lib/core/geometry';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { draggable, takenBack } from '../picture/draggable';
	import type { Frame } from '../region/frame';
	import { snapped, stepOf } from '../picture/step';

	/**
	 * The plan being tried, as a lozenge in the picture that can be dragged or moved by keys: filled where it is allowed, hollow where it is not.
	 */
	let { problem, region, frame }: { problem: Problem; region: Region; frame: Frame } = $props();
	const { document: lesson, plans } = useDesk();
	const [across, up] = $derived(region.axes);
	const here = $derived([plans.plan.get(across) ?? ZERO, plans.plan.get(up) ?? ZERO] as const);
	const at = $derived({ x: frame.x(approximate(here[0])), y: frame.y(approximate(here[1])) });
	const allowed = $derived(isAllowed(problem, plans.plan));
	const step = $derived([stepOf(frame.x), stepOf(frame.y)] as const);
	/** pixels within which a drag takes a corner */
	const NEAR = 9;

	function moveTo(px: number, py: number) {
		const corner = region.vertices.find(
			({ at: [x, y] }) => Math.hypot(frame.x(approximate(x)) - px, frame.y(approximate(y)) - py) < NEAR
		);
		if (corner) plans.place(across, corner.at[0], up, corner.at[1]);
		else plans.place(across, snapped(frame.x.invert(px), step[0]), up, snapped(frame.y.invert(py), step[1]));
	}

	function onkeydown(event: KeyboardEvent) {
		const [dx, dy] =
			{ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key] ?? [];
		if (dx === undefined || dy === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		event.stopPropagation();
		const times = event.shiftKey ? 10 : 1;
		plans.place(across, here[0].add(step[0].mul(dx * times)), up, here[1].add(step[1].mul(dy * times)));
	}
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<g
	class:outside={!allowed}
	role="group"
	tabindex="0"
	aria-label={en`The plan ${across} ${showNumber(here[0], lesson.notation.numbers)}, ${up} ${showNumber(here[1], lesson.notation.numbers)}, ${allowed ? en`feasible` : en`infeasible`}. Arrow keys move it.`}
	transform={`translate(${at.x} ${at.y})`}
	{onkeydown}
	{@attach draggable({
		move: moveTo,
		...takenBack(
			() => plans.plan,
			(plan) => plans.take(plan)
		)
	})}
>
	<circle r="14" />
	<path d="M0 -8l8 8l-8 8l-8 -8z" />
</g>

<style>
	g {
		cursor: move;
		outline: none;
	}
	circle {
		fill: transparent;
	}
	g:focus-visible circle {
		stroke: var(--focus);
		stroke-width: 2;
	}
	path {
		fill: var(--focus);
		stroke: var(--sheet);
		stroke-width: 1.5;
	}
	.outside path {
		fill: var(--sheet);
		stroke: var(--error);
		stroke-width: 3;
	}
</style>
