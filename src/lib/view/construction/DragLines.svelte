<script lang="ts">
	import { en } from '$lib/core/language';
	import { approximate, compare, type Rational, showNumber, ZERO } from '$lib/core/number';
	import type { Constraint, Problem } from '$lib/core/problem';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { drawn, lineInBox } from '$lib/core/geometry';
	import { draggable } from '../picture/draggable';
	import { MARGIN, type Frame } from '../region/frame';
	import { perUnit } from '../picture/scale';
	import { labelWidth } from '../region/labels';
	import { unit } from '../region/frame';
	import { PIXELS, snapped, stepFrom } from '../picture/step';

	/** The constraints' lines, taken hold of: dragged parallel to themselves, they change the amount in the statement. */
	let { problem, frame }: { problem: Problem; frame: Frame } = $props();
	const { document: lesson, selection } = useDesk();
	const construction = useConstruction();

	/** the constraint whose line is being dragged */
	let taken = $state<string | null>(null);
	/** how much longer a step is out of the picture */
	const FAR = 20;

	/** the constraint as the statement has it; null for cuts and for what a move changed */
	const statedOf = (row: Constraint): Constraint | null =>
		lesson.problem?.constraints.find(({ name }) => name === row.name) ?? null;
	const rows = $derived(
		problem.constraints.flatMap((row) => {
			const stated = statedOf(row);
			const [a, b] = problem.variables.map(({ name }) => row.terms.get(name) ?? ZERO);
			const line = drawn({ row: [a, b], rhs: row.rhs }, 0);
			const ends = line && lineInBox(line, frame.box);
			// a line that is dragged stays, also where it is out of the picture
			if (!stated || (!ends && taken !== row.name)) return [];
			const [x, y] = [approximate(a), approximate(b)];
			const steepness = Math.hypot(x / perUnit(frame.x), y / perUnit(frame.y));
			return [{ row, stated, x, y, ends, step: stepFrom(PIXELS * steepness * (ends ? 1 : FAR)) }];
		})
	);

	/** What the other variables take of the amount, in a picture of some of the variables. */
	const held = (row: Constraint, stated: Constraint): Rational => stated.rhs.sub(row.rhs);

	function change(name: string, rhs: Rational) {
		const stated = lesson.problem?.constraints.find((own) => own.name === name);
		if (!stated || compare(stated.rhs, rhs) === 0) return;
		construction.changeRhs(lesson, name, rhs);
	}

	/** one for each line as long as it is there: a drag goes on while what it changes is drawn anew */
	const drags: Record<string, ReturnType<typeof draggable>> = Object.create(null);
	function dragging(name: string) {
		return (drags[name] ??= draggable({
			start() {
				taken = name;
				construction.take(lesson, name);
			},
			move(px, py) {
				const found = rows.find(({ row }) => row.name === name);
				if (!found) return;
				const value = found.x * frame.x.invert(px) + found.y * frame.y.invert(py);
				change(name, snapped(value, found.step).add(held(found.row, found.stated)));
			},
			end() {
				taken = null;
				construction.letGo(lesson);
			},
			cancel: () => construction.cancel(lesson)
		}));
	}

	/** Where in the picture it is told of a line that is out of it: towards the line, with an arrow that points there. */
	function whereTo({ row, stated, x, y }: (typeof rows)[number]) {
		const { width, height } = frame.size;
		const [cx, cy] = [(MARGIN.left + width - MARGIN.right) / 2, (MARGIN.top + height - MARGIN.bottom) / 2];
		const off = approximate(row.rhs) - x * frame.x.invert(cx) - y * frame.y.invert(cy);
		const towards = unit((x / perUnit(frame.x)) * Math.sign(off), (y / perUnit(frame.y)) * Math.sign(off));
		const far = Math.min(
			(width - MARGIN.left - MARGIN.right) / 2 / Math.max(Math.abs(towards.x), 1e-9),
			(height - MARGIN.top - MARGIN.bottom) / 2 / Math.max(Math.abs(towards.y), 1e-9)
		);
		const text = `${row.name} ${showNumber(stated.rhs, lesson.notation.numbers)}`;
		// the arrow stands beyond the words
		const ahead = (Math.abs(towards.x) * labelWidth(text)) / 2 + Math.abs(towards.y) * 8 + 16;
		return {
			text,
			ahead,
			x: cx + towards.x * (far - ahead),
			y: cy + towards.y * (far - ahead),
			angle: (Math.atan2(towards.y, towards.x) * 180) / Math.PI
		};
	}

	function onkeydown(event: KeyboardEvent, { row, stated, step }: (typeof rows)[number]) {
		const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
		if (!by || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		event.stopPropagation();
		construction.take(lesson, row.name);
		change(row.name, stated.rhs.add(step.mul(by * (event.shiftKey ? 10 : 1))));
		construction.letGo(lesson);
	}
</script>

{#each rows as own (own.row.name)}
	{@const { row, stated, ends } = own}
	<line
		class="grip"
		data-grip={row.name}
		role="slider"
		tabindex="0"
		aria-label={en`The line of ${row.name}. Arrow keys change its amount.`}
		aria-valuenow={approximate(stated.rhs)}
		aria-valuetext={showNumber(stated.rhs, lesson.notation.numbers)}
		x1={frame.x(ends?.[0].x ?? 0)}
		y1={frame.y(ends?.[0].y ?? 0)}
		x2={frame.x(ends?.[1].x ?? 0)}
		y2={frame.y(ends?.[1].y ?? 0)}
		onpointerenter={() => selection.point({ kind: 'constraint', name: row.name })}
		onpointerleave={() => selection.point(null)}
		onfocus={() => selection.point({ kind: 'constraint', name: row.name })}
		onblur={() => selection.point(null)}
		onkeydown={(event) => onkeydown(event, own)}
		{@attach dragging(row.name)}
	/>
	{#if !ends}
		{@const { text, ahead, x, y, angle } = whereTo(own)}
		<g class="out" data-out={row.name}>
			<path d="M0 0l-12 -6v12z" transform={`translate(${x} ${y}) rotate(${angle}) translate(${ahead})`} />
			<text {x} {y} text-anchor="middle" dy="0.35em">{text}</text>
		</g>
	{/if}
{/each}

<style>
	.grip {
		stroke: transparent;
		stroke-width: 12;
		cursor: move;
		outline: none;
	}
	.grip:focus-visible {
		stroke: color-mix(in oklab, var(--focus) 40%, transparent);
	}
	.out path {
		fill: var(--now);
	}
	.out text {
		font-weight: 600;
	}
</style>
