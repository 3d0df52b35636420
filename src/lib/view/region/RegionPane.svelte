<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import RegionCaption from './RegionCaption.svelte';
	import RegionPicture from './RegionPicture.svelte';
	import { cornerKey } from '$lib/core/geometry/corner-key';
	import { approximate } from '$lib/core/number/rational';
	import type { Region } from '$lib/core/geometry/types';
	import { frameOf, viewedBox, MARGIN, type Frame } from './frame';
	import { makePicture, makeScene } from './picture';

	interface Props {
		/** whether the best corners are marked */
		showsBest?: boolean;
		/** the constraints that are marked as broken; left out, those broken where we stand */
		violated?: ReadonlySet<string>;
		/** something more in the picture, above all else, so that it can be taken hold of */
		inside?: Snippet<[Region, Frame]>;
	}
	let { showsBest = true, violated, inside }: Props = $props();
	const { document, selection, session } = useDesk();
	const best = $derived(showsBest ? session.best : null);
	let size = $state({ width: 480, height: 360 });

	const problem = $derived(session.problem);
	const scene = $derived.by(() => {
		const { region } = session;
		if (!region) return null;
		// the fit covers every step on the way, so that the picture stays still while one walks back
		const walked = session.stops.flatMap(({ position }) => session.pointOf(position) ?? []);
		return makeScene(
			region,
			walked.map(({ x, y }) => ({ x: approximate(x), y: approximate(y) }))
		);
	});
	const box = $derived(scene && viewedBox(scene.fit, document.view));
	const frame = $derived(box && frameOf(box, { width: size.width, height: size.height }));
	const picture = $derived(
		scene && frame && makePicture(scene, frame, best, document.notation.numbers, session.identities)
	);

	/** the corner under the pointer or the keyboard's focus, here or in the corner table */
	const corner = $derived.by(() => {
		const at = session.region?.corners.findIndex(({ point }) => cornerKey(point) === selection.corner) ?? -1;
		return at < 0 ? null : at;
	});
	const pointCorner = (index: number | null) =>
		selection.pointCorner(index === null ? null : cornerKey(session.region!.corners[index].point));

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

	/** Wheel, drag and pinch; what reads them is loaded once the picture stands. */
	function withGestures(node: SVGSVGElement) {
		let end: (() => void) | undefined;
		let isGone = false;
		void import('./gestures').then(({ gestures }) => {
			if (!isGone) end = gestures(node, { zoomBy, panBy });
		});
		return () => {
			isGone = true;
			end?.();
		};
	}

	const KEYS: Record<string, () => void> = {
		'+': () => zoomBy(1.3),
		'=': () => zoomBy(1.3),
		'-': () => zoomBy(1 / 1.3),
		'0': () => document.look(null),
		ArrowLeft: () => panBy(40, 0),
		ArrowRight: () => panBy(-40, 0),
		ArrowUp: () => panBy(0, 40),
		ArrowDown: () => panBy(0, -40)
	};

	function onkeydown(event: KeyboardEvent) {
		const act = event.ctrlKey || event.metaKey || event.altKey ? undefined : KEYS[event.key];
		if (!act) return;
		event.preventDefault();
		act();
	}
</script>

<Pane pane="region" name="Region" aside={document.stale ? 'last right statement' : null}>
	{#snippet tools()}
		<button
			class="btn-icon tool"
			aria-label="Zoom in"
			title="Zoom in"
			disabled={empty}
			onclick={() => zoomBy(1.3)}>+</button
		>
		<button
			class="btn-icon tool"
			aria-label="Zoom out"
			title="Zoom out"
			disabled={empty}
			onclick={() => zoomBy(1 / 1.3)}>−</button
		>
		<button class="btn fit" disabled={empty || !document.view} onclick={() => document.look(null)}>Fit</button
		>
	{/snippet}
	<div class="stack">
		<div
			class="canvas"
			bind:clientWidth={size.width}
			bind:clientHeight={size.height}
			class:stale={document.stale}
		>
			{#if problem && session.region && frame && picture && size.width > MARGIN.left * 2}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
				<svg
					width={size.width}
					height={size.height}
					role="group"
					aria-label="Feasible region. Arrow keys move the view, plus and minus magnify, 0 fits."
					tabindex="0"
					{onkeydown}
					{@attach withGestures}
				>
					<RegionPicture
						{problem}
						region={session.region}
						{frame}
						{picture}
						{violated}
						{inside}
						{corner}
						{pointCorner}
					/>
				</svg>
			{:else if problem}
				<p class="nothing">
					{problem.variables.length === 2
						? 'This region has too many lines to be drawn.'
						: `A region is drawn for two variables; this problem has ${problem.variables.length}.`}
				</p>
			{:else}
				<p class="nothing">The region appears here as soon as the statement can be read.</p>
			{/if}
		</div>
		{#if problem && session.region}<RegionCaption {problem} region={session.region} {best} {corner} />{/if}
	</div>
</Pane>

<style>
	.stack {
		display: flex;
		flex-direction: column;
		height: 100%;
		min-height: 0;
	}
	.canvas {
		flex: 1;
		min-height: 0;
		position: relative;
		overflow: hidden;
	}
	.stale {
		opacity: 0.72;
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
	.tool {
		width: 1.9rem;
		height: 1.9rem;
	}
	.fit {
		font-size: var(--size-note);
		padding: 0.2rem 0.5rem;
	}
	.nothing {
		padding: 0 var(--gap-3);
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
