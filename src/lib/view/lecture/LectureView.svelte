<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { addressOf } from '$lib/desk/address';
	import { SPEAKER_PATH } from '$lib/desk/pages';
	import type { Lecture } from '$lib/desk/lecture.svelte';
	import Slide from './Slide.svelte';

	/** A lecture on the projector: one slide at a time, nothing else; all by keys, a remote, or touch. */
	let { lecture }: { lecture: Lecture } = $props();
	let isBlack = $state(false);
	let tool = $state<'pen' | 'pointer' | 'magnifier' | null>(null);
	/** whether what was drawn stays with the next step */
	let keeps = $state(false);
	let strokes = $state.raw<readonly string[]>([]);
	let spot = $state({ x: 0, y: 0 });
	let stage = $state<HTMLElement>();
	let isDrawing = false;

	onMount(() => {
		stage?.focus();
		return lecture.listen();
	});
	// what was drawn is about the slide that it was drawn on
	$effect(() => {
		void lecture.at;
		if (!keeps) strokes = [];
	});

	const choose = (own: NonNullable<typeof tool>) => (tool = tool === own ? null : own);
	const ACTS: Readonly<Record<string, () => void>> = {
		PageDown: () => lecture.forward(),
		ArrowRight: () => lecture.forward(),
		ArrowDown: () => lecture.forward(),
		' ': () => lecture.forward(),
		Enter: () => lecture.forward(),
		PageUp: () => lecture.back(),
		ArrowLeft: () => lecture.back(),
		ArrowUp: () => lecture.back(),
		Backspace: () => lecture.back(),
		Home: () => lecture.go(0),
		End: () => lecture.go(lecture.slides.length - 1),
		b: () => (isBlack = !isBlack),
		'.': () => (isBlack = !isBlack),
		p: () => choose('pen'),
		l: () => choose('pointer'),
		z: () => choose('magnifier'),
		k: () => (keeps = !keeps),
		c: () => (strokes = []),
		s: () => openSpeaker(),
		Escape: () => (tool ? (tool = null) : lecture.end())
	};
	function onkeydown(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.target instanceof HTMLInputElement && event.key !== 'Escape' && !event.key.startsWith('Page'))
			return;
		const act = ACTS[event.key];
		if (!act) return;
		event.preventDefault();
		event.stopPropagation();
		if (isBlack && event.key !== 'b' && event.key !== '.') isBlack = false;
		else act();
	}
	const openSpeaker = () =>
		void window.open(addressOf(SPEAKER_PATH), 'mathesis-speaker', 'width=1100,height=760');

	/** A place within the stage in hundredths of its size. */
	function placeOf({ clientX, clientY }: PointerEvent) {
		const { left, top, width, height } = stage!.getBoundingClientRect();
		return { x: ((clientX - left) / width) * 100, y: ((clientY - top) / height) * 100 };
	}
	let from: { x: number; y: number } | null = null;
	function down(event: PointerEvent) {
		const at = placeOf(event);
		from = at;
		if (tool !== 'pen') return;
		isDrawing = true;
		strokes = [...strokes, `M${at.x} ${at.y}`];
	}
	function move(event: PointerEvent) {
		spot = placeOf(event);
		if (isDrawing) strokes = [...strokes.slice(0, -1), `${strokes.at(-1)}L${spot.x} ${spot.y}`];
	}
	/** A swipe goes on or back, and so does a tap at the right or left edge. */
	function up(event: PointerEvent) {
		const at = placeOf(event);
		const start = from;
		from = null;
		if (isDrawing) {
			isDrawing = false;
			return;
		}
		if (!start || tool || (event.target as Element).closest('input, button')) return;
		const across = at.x - start.x;
		if (Math.abs(across) > 8) return across < 0 ? lecture.forward() : lecture.back();
		if (event.pointerType === 'mouse' || Math.abs(at.y - start.y) > 4) return;
		if (at.x > 66) lecture.forward();
		else if (at.x < 33) lecture.back();
	}
</script>

<svelte:window onkeydowncapture={onkeydown} />

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="stage"
	class:pen={tool === 'pen'}
	class:pointing={tool === 'pointer'}
	bind:this={stage}
	tabindex="0"
	role="region"
	aria-label={en`Lecture. Page Down shows the next step, Page Up the one before, Escape ends.`}
	onpointerdown={down}
	onpointermove={move}
	onpointerup={up}
>
	{#if lecture.slide}
		<div
			class="w-full h-full"
			style:transform={tool === 'magnifier' ? 'scale(2)' : undefined}
			style:transform-origin={`${spot.x}% ${spot.y}%`}
			aria-live="polite"
		>
			{#key lecture.at}
				<Slide
					slide={lecture.slide}
					isTold={lecture.isTold}
					votes={lecture.votes}
					onvote={(choice, count) => lecture.vote(choice, count)}
				/>
			{/key}
		</div>
	{/if}
	<svg class="ink" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
		{#each strokes as d, i (i)}<path {d} />{/each}
	</svg>
	{#if tool === 'pointer'}<span class="dot" style:left={`${spot.x}%`} style:top={`${spot.y}%`}></span>{/if}
	<p class="step-number" aria-label={en`Step ${lecture.at + 1} of ${lecture.slides.length}`}>
		{lecture.at + 1} / {lecture.slides.length}{#if tool}
			· {tool}{/if}{#if keeps && strokes.length > 0}
			{en`· kept`}{/if}
	</p>
	{#if isBlack}<div
			class="black"
			aria-label={en`Black screen; any key shows the slide again`}
			role="img"
		></div>{/if}
</div>

<style>
	.stage {
		position: fixed;
		inset: 0;
		z-index: 60;
		background: var(--sheet);
		outline: none;
		overflow: hidden;
		touch-action: pan-y;
	}
	.pen {
		cursor: crosshair;
		touch-action: none;
	}
	.pointing {
		cursor: none;
	}
	.ink {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	.ink path {
		fill: none;
		stroke: var(--now);
		stroke-width: 4px;
		stroke-linecap: round;
		stroke-linejoin: round;
		vector-effect: non-scaling-stroke;
	}
	.dot {
		position: absolute;
		width: 1.6rem;
		height: 1.6rem;
		margin: -0.8rem 0 0 -0.8rem;
		border-radius: 50%;
		border: 3px solid var(--sheet);
		background: var(--now);
		pointer-events: none;
	}
	.step-number {
		position: absolute;
		right: 1rem;
		bottom: 0.2rem;
		font-size: 0.9rem;
		color: var(--ink-soft);
		pointer-events: none;
	}
	.black {
		position: absolute;
		inset: 0;
		background: #000;
	}
</style>
