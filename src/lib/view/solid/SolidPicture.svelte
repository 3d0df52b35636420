<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';
	import { bestFace, planAt, pointKey, polyhedron } from '$lib/core/geometry';
	import { approximate, type Rational, showNumber, ZERO } from '$lib/core/number';
	import { objectiveAt, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import CornerButtons from '../region/CornerButtons.svelte';
	import type { Size } from '../region/frame';
	import { placeLabels } from '../region/labels';
	import MarkedName from '../region/MarkedName.svelte';
	import { points, shortened } from '../region/picture';
	import { takenBack } from '../picture/draggable';
	import { withGestures, withKeys } from '../region/picture-moves';
	import type { BuiltPart } from '../region/stage';
	import { aroundMiddle, CORNER_VIEW, projection, VIEWS, type Camera, type Projection } from './camera';
	import SolidBody from './SolidBody.svelte';
	import { meetingPlane, planeIn, roomOf, solidOf, triple, type Room, type Triple } from './solid';
	import { labelWishes } from './wishes';

	interface Props {
		problem: Problem;
		size: Size;
		showsBest: boolean;
		/** whether the pivots and the objective's plane are shown */
		showsWalk: boolean;
		part: BuiltPart | null;
		/** where the objective's plane stands; null: at the present point */
		level: Rational | null;
		/** something more in the picture, below the corners and above all else */
		inside?: Snippet<[Projection, Room]>;
		above?: Snippet<[Projection]>;
	}
	/** The region of three variables as a body that can be turned: visible edges drawn through, hidden ones dashed. */
	let { problem, size, showsBest, showsWalk, part, level, inside, above }: Props = $props();
	const { document: lesson, figure, session } = useDesk();
	const ORIGIN: Triple = [0, 0, 0];
	/** pixels that the buttons above the picture take */
	const ABOVE = 34;
	let camera = $state.raw<Camera>(CORNER_VIEW);

	const oneOrNone = <T,>(value: T | null): T[] => (value === null ? [] : [value]);
	const style = $derived(lesson.notation.numbers);
	const walked = $derived(
		showsWalk ? session.stops.flatMap(({ position }) => oneOrNone(figure.at(position))) : []
	);
	const room = $derived(roomOf(problem, walked.map(triple)));
	const whole = $derived(solidOf(problem, room));
	const solid = $derived(part ? solidOf(part.soFar, room) : whole);
	const view = $derived(
		projection(room, camera, size, {
			top: ABOVE,
			equal: figure.sameScale,
			shown: [...whole.vertices.map(({ at }) => at), ORIGIN]
		})
	);
	const spots = $derived(solid.vertices.map(({ at }) => view.spot(at)));

	const isVisible = (face: (typeof solid.faces)[number]) => solid.dimension < 3 || view.faces(face.normal);
	const faces = $derived(
		solid.faces.map((face, i) => {
			const identity =
				face.owner?.kind === 'constraint' ? session.identities.get(face.owner.name) : undefined;
			const around = face.vertices.map((v) => spots[v]);
			return {
				key: `face ${i}`,
				owner: face.owner,
				identity,
				front: isVisible(face),
				outline: points(around),
				middle: {
					x: around.reduce((sum, p) => sum + p.x, 0) / around.length,
					y: around.reduce((sum, p) => sum + p.y, 0) / around.length
				}
			};
		})
	);
	const edges = $derived(
		solid.edges.map(({ ends: [p, q], own }) => {
			const beside = solid.faces.filter(({ vertices }) => vertices.includes(p) && vertices.includes(q));
			return { p: spots[p], q: spots[q], own, hidden: beside.length > 0 && !beside.some(isVisible) };
		})
	);
	const best = $derived(showsBest ? bestFace(problem, polyhedron(problem)) : null);
	const bestKeys = $derived(new Set(best?.points.map(pointKey) ?? []));
	const corners = $derived(
		solid.vertices.flatMap(({ key, own, exact }, i) =>
			own && (!part?.corners || part.corners.has(key))
				? [
						{
							key,
							corner: key,
							exact,
							...spots[i],
							best: bestKeys.has(key),
							text: `(${exact.map((value) => showNumber(value, style)).join(', ')})`
						}
					]
				: []
		)
	);
	const bestOutline = $derived.by(() => {
		const own = corners.filter((corner) => corner.best);
		return own.length > 1 ? points(own.length > 2 ? aroundMiddle(own) : own) : '';
	});
	const here = $derived(showsWalk && session.position ? figure.at(session.position) : null);
	const way = $derived(walked.map((at) => view.spot(triple(at))));
	const goal = $derived(problem.variables.map(({ name }) => problem.objective.terms.get(name) ?? ZERO));
	const value = $derived(level ?? (here && objectiveAt(problem, planAt(problem, here))));
	const plane = $derived.by(() => {
		if (!value || goal.every((cost) => cost.n === 0n)) return [];
		const meets = meetingPlane(solid, triple(goal), approximate(value.sub(problem.objective.constant)));
		return aroundMiddle(meets.map(view.spot));
	});
	const current = $derived(part?.current ? planeIn(part.current, room).map(view.spot) : []);
	const axes = $derived(
		[0, 1, 2].map((axis) => {
			const end = room.high.map((_, i) => (i === axis ? room.high[i] : 0)) as unknown as Triple;
			const start = room.low.map((low, i) => (i === axis ? Math.min(0, low) : 0)) as unknown as Triple;
			const { name, unit } = problem.variables[axis];
			const top = showNumber(room.exact[axis].high, style);
			const text = `${unit ? `${name} (${unit})` : name}, ${top}`;
			return { key: `axis ${axis}`, from: view.spot(start), to: view.spot(end), text };
		})
	);
	const labels = $derived(
		placeLabels(
			labelWishes(corners, faces, shortened, axes),
			{ x0: 4, y0: 4, x1: size.width - 4, y1: size.height - 4 },
			corners,
			edges.filter(({ hidden }) => !hidden)
		)
	);

	function turn(across: number, up: number) {
		const tilt = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, camera.tilt + up));
		camera = { ...camera, turn: camera.turn + across, tilt };
	}
	const zoom = (factor: number) =>
		(camera = { ...camera, scale: Math.min(20, Math.max(0.3, camera.scale * factor)) });

	const onkeydown = withKeys({
		ArrowLeft: () => turn(-0.09, 0),
		ArrowRight: () => turn(0.09, 0),
		ArrowUp: () => turn(0, -0.09),
		ArrowDown: () => turn(0, 0.09),
		'+': () => zoom(1.2),
		'=': () => zoom(1.2),
		'-': () => zoom(1 / 1.2),
		'0': () => (camera = CORNER_VIEW)
	});

	function visit(corner: string) {
		const found = corners.find(({ key }) => key === corner);
		if (found && !figure.isSlice) session.visit(planAt(problem, found.exact));
	}
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<svg
	class="picture"
	width={size.width}
	height={size.height}
	role="group"
	aria-label={en`Feasible region of three variables. Arrow keys turn it, plus and minus magnify, 0 resets the view.`}
	tabindex="0"
	{onkeydown}
	{@attach withGestures({
		zoomBy: zoom,
		panBy: (dx, dy) => turn(dx / 160, dy / 160),
		...takenBack(
			() => camera,
			(own) => (camera = own)
		)
	})}
>
	{#each axes as { key, from, to } (key)}
		<line class="stroke-ink stroke-[1.2]" x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
	{/each}
	<SolidBody {edges} {faces} plane={points(plane)} current={points(current)} about={part?.about ?? null} />
	{#if bestOutline}<polygon class="best-face" points={bestOutline} />{/if}
	{#if way.length > 1}<polyline class="walked" points={points(way)} />{/if}
	{@render inside?.(view, room)}
	<CornerButtons {corners} {visit} />
	{#if here}
		{@const at = view.spot(triple(here))}
		<circle class="here" class:outside={!session.inRegion} cx={at.x} cy={at.y} r="6" />
	{/if}
	{#each labels as label (label.key)}
		{#if label.key.startsWith('axis ')}<text class="title" x={label.x} y={label.y + 4.5} text-anchor="middle"
				>{label.text}</text
			>{:else}<MarkedName {label} identity={faces.find(({ key }) => key === label.key)?.identity} />{/if}
	{/each}
	{@render above?.(view)}
	{#if value && showsWalk}
		<text class="value" x="10" y={size.height - 10}
			>{problem.objective.name} = {showNumber(value, style)}</text
		>
	{/if}
	{#if solid.dimension < 0}
		<!-- below the views of the body -->
		<text class="empty" x={size.width / 2} y="64" text-anchor="middle"
			>{en`No point satisfies all constraints.`}</text
		>
	{/if}
	{#if solid.faces.some(({ owner }) => !owner)}
		<text class="note" x={size.width - 10} y={size.height - 10} text-anchor="end"
			>{en`dotted: cut off by the picture, the region goes on`}</text
		>
	{/if}
</svg>
<div class="views" role="group" aria-label={en`Views of the body`}>
	{#each VIEWS as own (own.name)}
		<button class="btn tool" onclick={() => (camera = { ...own, scale: camera.scale })}>{own.name}</button>
	{/each}
</div>

<style>
	svg {
		position: absolute;
		inset: 0;
		touch-action: none;
		cursor: grab;
	}
	svg:active {
		cursor: grabbing;
	}
	.views {
		position: absolute;
		top: 0.2rem;
		right: 0.5rem;
		display: flex;
		gap: 0.2rem;
	}
	.best-face {
		fill: var(--now);
		fill-opacity: 0.25;
		stroke: var(--now);
		stroke-opacity: 0.5;
		stroke-width: 6;
		stroke-linejoin: round;
		pointer-events: none;
	}
	.walked {
		fill: none;
		stroke: var(--now);
		stroke-width: 3.5;
		stroke-opacity: 0.85;
		stroke-linejoin: round;
		pointer-events: none;
	}
	.here {
		fill: var(--now);
		stroke: var(--sheet);
		stroke-width: 1.5;
		pointer-events: none;
	}
	.here.outside {
		fill: var(--sheet);
		stroke: var(--error);
		stroke-width: 2.5;
	}
	.title {
		font-style: italic;
	}
	.value {
		fill: var(--now);
		font-size: 0.875rem;
		font-weight: 650;
	}
	.note {
		fill: var(--ink-soft);
		font-size: 0.75rem;
		font-style: italic;
	}
	.empty {
		fill: var(--error);
	}
</style>
