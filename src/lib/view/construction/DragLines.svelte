<script lang="ts">
	import { approximate, compare, ZERO, type Rational } from '$lib/core/number/rational';
	import { showNumber } from '$lib/core/number/show';
	import type { Constraint, Problem } from '$lib/core/problem/types';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { drawn, lineInBox } from '../region/box';
	import { draggable } from '../region/draggable';
	import { perUnit, type Frame } from '../region/frame';
	import { PIXELS, snapped, stepFrom } from '../region/step';

	/** The constraints' lines, taken hold of: dragged parallel to themselves, they change the amount in the statement. */
	let { problem, frame }: { problem: Problem; frame: Frame } = $props();
	const { document: lesson, selection } = useDesk();
	const construction = useConstruction();

	/** the constraint as the statement has it; null for cuts and for what a move changed */
	const statedOf = (row: Constraint): Constraint | null =>
		lesson.problem?.constraints.find(({ name }) => name === row.name) ?? null;
	const rows = $derived(
		problem.constraints.flatMap((row) => {
			const stated = statedOf(row);
			const [a, b] = problem.variables.map(({ name }) => row.terms.get(name) ?? ZERO);
			const owner = { kind: 'constraint', name: row.name } as const;
			const line = drawn({ owner, a, b, c: row.rhs, equality: false }, 0);
			const ends = line && lineInBox(line, frame.box);
			if (!stated || !ends) return [];
			const [x, y] = [approximate(a), approximate(b)];
			const steepness = Math.hypot(x / perUnit(frame.x), y / perUnit(frame.y));
			return [{ row, stated, x, y, ends, step: stepFrom(PIXELS * steepness) }];
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
			start: () => construction.take(lesson, name),
			move(px, py) {
				const found = rows.find(({ row }) => row.name === name);
				if (!found) return;
				const value = found.x * frame.x.invert(px) + found.y * frame.y.invert(py);
				change(name, snapped(value, found.step).add(held(found.row, found.stated)));
			},
			end: () => construction.letGo(lesson),
			cancel: () => construction.cancel(lesson)
		}));
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
		aria-label={`The line of ${row.name}. Arrow keys change its amount.`}
		aria-valuenow={approximate(stated.rhs)}
		aria-valuetext={showNumber(stated.rhs, lesson.notation.numbers)}
		x1={frame.x(ends[0].x)}
		y1={frame.y(ends[0].y)}
		x2={frame.x(ends[1].x)}
		y2={frame.y(ends[1].y)}
		onpointerenter={() => selection.point({ kind: 'constraint', name: row.name })}
		onpointerleave={() => selection.point(null)}
		onfocus={() => selection.point({ kind: 'constraint', name: row.name })}
		onblur={() => selection.point(null)}
		onkeydown={(event) => onkeydown(event, own)}
		{@attach dragging(row.name)}
	/>
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
</style>
