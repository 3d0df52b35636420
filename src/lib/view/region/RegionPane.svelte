<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';
	import { type BestFace, type Box, type Region, planAt, pointKey, spot } from '$lib/core/geometry';
	import type { Rational } from '$lib/core/number';
	import type { Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { showsBestCorner } from '$lib/desk/next-secret';
	import type { Look } from '../export/snapshot';
	import type { Projection } from '../solid/camera';
	import type { Room } from '../solid/solid';
	import Pane from '../shared/Pane.svelte';
	import RegionCaption from './RegionCaption.svelte';
	import RegionPicture from './RegionPicture.svelte';
	import { frameOf, squared, viewedBox, MARGIN, type Frame } from './frame';
	import { objectiveSlope } from './objective';
	import { fitOf, makePicture, makeScene } from './picture';
	import { takenBack } from '../picture/draggable';
	import { withGestures, withKeys } from './picture-moves';
	import type { BuiltPart, Stage } from './stage';

	/** A region that is shown in place of the desk's own. */
	interface Shown {
		readonly problem: Problem;
		readonly region: Region | null;
		readonly best: BestFace | null;
		/** how far it is built, in two variables */
		readonly stage: Stage | null;
		/** how far it is built, in one or three */
		readonly part: BuiltPart | null;
		/** the value at which the objective stands; null: at the present point */
		readonly level: Rational | null;
	}
	type StripPart = { picture: SVGSVGElement; words: string };
	interface Props {
		/** whether the best corners are marked; left out, once they are found or asked for */
		showsBest?: boolean;
		/** what is shown in place of the whole region */
		of?: Shown | null;
		/** whether pivots and the objective at the present point are shown */
		showsWalk?: boolean;
		/** whether the objective's line goes through the present point */
		showsLine?: boolean;
		/** the constraints that are marked as broken; left out, those broken where we stand */
		violated?: ReadonlySet<string>;
		/** something more in the picture below the corners, and above all else */
		under?: Snippet<[Region, Frame]>;
		inside?: Snippet<[Region, Frame]>;
		/** the same in the picture of a body */
		underBody?: Snippet<[Projection, Room]>;
		insideBody?: Snippet<[Projection]>;
		/** something more below the picture */
		below?: Snippet;
		/** the steps of the construction as pictures; given how one takes the picture that is shown */
		steps?: (picture: () => SVGSVGElement | null, look: Look) => Promise<StripPart[]>;
	}
	let {
		showsBest: mayShow,
		of = null,
		showsWalk = true,
		showsLine = true,
		violated,
		under,
		inside,
		underBody,
		insideBody,
		below,
		steps: taken
	}: Props = $props();
	const desk = useDesk();
	const { document, figure, reveal, selection, session } = desk;
	let size = $state({ width: 480, height: 360 });
	let canvas = $state<HTMLElement>();
	const shownPicture = () => canvas?.querySelector('svg') ?? null;
	const steps = $derived(taken && ((look: Look) => taken(shownPicture, look)));

	/** where a picture is not about the best corner, it shows it once it is found or asked for */
	const showsBest = $derived(
		mayShow === undefined ? showsBestCorner(desk) : mayShow && !reveal.conceals('best')
	);
	const problem = $derived(of ? of.problem : figure.problem);
	const region = $derived(of ? of.region : figure.region);
	const best = $derived(showsBest ? (of ? of.best : figure.best) : null);
	const stage = $derived(of?.stage ?? null);
	const scene = $derived(region && makeScene(region, stage));
	// the fit covers every step on the way, so that the picture stays still while one walks back; as text, so that an equal one is the same
	const fitted = $derived.by(() => {
		if (!region) return null;
		const walked = session.stops.map(({ position }) => figure.pointOf(position));
		const box = fitOf(
			region,
			walked.flatMap((at) => (at ? spot(at) : []))
		);
		return JSON.stringify(figure.sameScale ? squared(box, size) : box);
	});
	const fit = $derived(fitted && (JSON.parse(fitted) as Box));
	const box = $derived(fit && viewedBox(fit, document.view));
	const frame = $derived(box && frameOf(box, { width: size.width, height: size.height }));
	const picture = $derived(
		scene &&
			frame &&
			makePicture(
				scene,
				frame,
				best,
				document.notation.numbers,
				session.identities,
				problem && objectiveSlope(problem, scene.region, frame)
			)
	);

	/** the corner under the pointer or the keyboard's focus, here or in the corner table */
	const corner = $derived.by(() => {
		const at = scene?.region.vertices.findIndex((own) => pointKey(own.at) === selection.corner) ?? -1;
		return at < 0 ? null : at;
	});

	/** The picture as TikZ that an author goes on with: amounts are its coordinates. */
	async function inCoordinates(): Promise<string | null> {
		const { drawingOf, tikzOf, withoutBest } = await import('$lib/core/sheet');
		const drawing = problem && drawingOf(problem, 'answers');
		return drawing && tikzOf(showsBest ? drawing : withoutBest(drawing));
	}

	/** Goes to a corner by pivots. */
	function visit(key: string) {
		const found = scene?.region.vertices.find((own) => pointKey(own.at) === key);
		if (found && problem && !figure.isSlice) session.visit(planAt(problem, found.at));
	}

	const empty = $derived(!picture);

	/** Moves and magnifies: the point at (px, py) stays where it is. */
	function zoomBy(factor: number, px = size.width / 2, py = size.height / 2) {
		if (!box || !frame) return;
		const old = document.view?.scale ?? 1;
		const scale = Math.min(1e6, Math.max(0.02, old * factor));
		const [x, y] = [frame.x.invert(px), frame.y.invert(py)];
		const [cx, cy] = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2];
		document.look({ x: x + ((cx - x) * old) / scale, y: y + ((cy - y) * old) / scale, scale });
	}

	function panBy(dx: number, dy: number) {
		if (!box || !frame) return;
		const { x, y } = frame;
		const [cx, cy] = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2];
		document.look({ x: x.invert(x(cx) - dx), y: y.invert(y(cy) - dy), scale: document.view?.scale ?? 1 });
	}

	const onkeydown = withKeys({
		'+': () => zoomBy(1.3),
		'=': () => zoomBy(1.3),
		'-': () => zoomBy(1 / 1.3),
		'0': () => document.look(null),
		ArrowLeft: () => panBy(40, 0),
		ArrowRight: () => panBy(-40, 0),
		ArrowUp: () => panBy(0, 40),
		ArrowDown: () => panBy(0, -40)
	});
</script>

<Pane pane="region" name={en`Region`} aside={document.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem}
			{#await import('../export/PictureMenu.svelte') then { default: PictureMenu }}
				<PictureMenu
					picture={shownPicture}
					{steps}
					coordinates={problem.variables.length === 2 && stage === null ? inCoordinates : undefined}
				/>
			{/await}
		{/if}
		{#if session.problem && session.problem.variables.length > 2}
			{#await import('./AxesMenu.svelte') then { default: AxesMenu }}<AxesMenu />{/await}
		{/if}
		<button
			class="btn tool"
			aria-label={en`1 : 1, the same scale on all axes`}
			title={en`The same scale on all axes`}
			aria-pressed={figure.sameScale}
			disabled={!problem || problem.variables.length < 2}
			onclick={() => figure.toggleScale()}>1 : 1</button
		>
		{#if !problem || problem.variables.length === 2}
			<button
				class="btn tool"
				title={en`Magnify a corner, and back (z)`}
				disabled={empty}
				onclick={() => figure.magnify(selection.corner)}>{document.view ? en`Back` : en`Corner`}</button
			>
			<button
				class="btn-icon tool square"
				aria-label={en`Zoom in`}
				title={en`Zoom in`}
				disabled={empty}
				onclick={() => zoomBy(1.3)}>+</button
			>
			<button
				class="btn-icon tool square"
				aria-label={en`Zoom out`}
				title={en`Zoom out`}
				disabled={empty}
				onclick={() => zoomBy(1 / 1.3)}>−</button
			>
			<button class="btn fit" disabled={empty || !document.view} onclick={() => document.look(null)}
				>{en`Fit`}</button
			>
		{/if}
	{/snippet}
	<div class="flex flex-col h-full min-h-0">
		<div
			class="canvas"
			bind:this={canvas}
			bind:clientWidth={size.width}
			bind:clientHeight={size.height}
			class:stale={document.stale}
		>
			{#if problem && region && frame && picture && scene && size.width > MARGIN.left * 2}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
				<svg
					class="picture"
					width={size.width}
					height={size.height}
					role="group"
					aria-label={en`Feasible region. Arrow keys move the view, plus and minus magnify, 0 fits, z magnifies a corner.`}
					tabindex="0"
					{onkeydown}
					{@attach withGestures({
						zoomBy,
						panBy,
						...takenBack(
							() => document.view,
							(own) => document.look(own)
						)
					})}
				>
					<RegionPicture
						{problem}
						region={scene.region}
						{frame}
						{picture}
						{best}
						{violated}
						{showsWalk}
						{showsLine}
						{under}
						{inside}
						{visit}
					/>
					{#if !stage}
						{#await import('./RegionInset.svelte') then { default: RegionInset }}
							<RegionInset {problem} {scene} {frame} {picture} {best} />
						{/await}
					{/if}
				</svg>
			{:else if problem && problem.variables.length === 1}
				{#await import('./NumberLine.svelte') then { default: NumberLine }}
					<NumberLine {problem} {size} {showsBest} {showsWalk} part={of?.part ?? null} />
				{/await}
			{:else if problem && problem.variables.length === 3}
				{#await import('../solid/SolidPicture.svelte') then { default: SolidPicture }}
					<SolidPicture
						{problem}
						{size}
						{showsBest}
						{showsWalk}
						part={of?.part ?? null}
						level={of?.level ?? null}
						inside={underBody}
						above={insideBody}
					/>
				{/await}
			{:else if session.problem}
				<p class="nothing">{en`This region has too many lines to be drawn.`}</p>
			{:else}
				<p class="nothing">{en`The region appears here as soon as the statement can be read.`}</p>
			{/if}
		</div>
		{@render below?.()}
		{#if problem && scene && !below}<RegionCaption {problem} region={scene.region} {best} {corner} />{/if}
	</div>
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
		touch-action: none;
		cursor: grab;
	}
	svg:active {
		cursor: grabbing;
	}
	.square {
		width: 1.9rem;
		height: 1.9rem;
	}
	.fit {
		font-size: var(--size-note);
		padding: 0.2rem 0.5rem;
	}
</style>
