<script lang="ts">
	import { en } from '$lib/core/language';
	import { lineInBox } from '$lib/core/geometry';
	import { approximate, ZERO } from '$lib/core/number';
	import type { Problem } from '$lib/core/problem';
	import QuestionPicture, { type Frame } from './QuestionPicture.svelte';

	/** The region whose best corner is asked for, with an objective line that is drawn and moved on request. */
	interface Props {
		problem: Problem;
		chosen: Readonly<Record<string, string>>;
		onchoose: (amounts: Record<string, string>) => void;
	}
	let { problem, chosen, onchoose }: Props = $props();
	/** what the objective comes to on the line; null while no line is drawn */
	let level = $state<number | null>(null);
	let frame = $state.raw<Frame | null>(null);
	const { name } = $derived(problem.objective);
	const [a, b] = $derived(
		problem.variables.map((variable) => approximate(problem.objective.terms.get(variable.name) ?? ZERO))
	);
	/** the levels that the line can have: those of the picture's corners */
	let range = $state({ low: 0, high: 1 });
	const step = $derived((range.high - range.low) / 200 || 1);
	const shown = $derived(level === null ? '' : String(Number(level.toPrecision(4))).replace('-', '−'));

	function draw({ box }: Frame) {
		const levels = [box.x0, box.x1].flatMap((x) => [box.y0, box.y1].map((y) => a * x + b * y));
		range = { low: Math.min(...levels), high: Math.max(...levels) };
		level = range.low + 0.3 * (range.high - range.low);
	}
	const ends = ({ box }: Frame) =>
		level === null || (a === 0 && b === 0) ? null : lineInBox({ index: 0, a, b, c: level }, box);

	/** Moves the line below the pointer. */
	function drag(event: PointerEvent & { currentTarget: SVGGElement }, frame: Frame) {
		if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
		const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
		if (!matrix) return;
		const { x, y } = frame.amounts(new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix));
		level = Math.min(range.high, Math.max(range.low, a * x + b * y));
	}
</script>

{#snippet line(frame: Frame)}
	{@const at = ends(frame)}
	{#if at}
		{@const [from, to] = at.map(frame.place)}
		<!-- by keyboard the line is moved with the slider below the picture -->
		<!-- svelte-ignore a11y_no_static_element_interactions -->
		<g
			class="objective"
			onpointerdown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
			onpointermove={(event) => drag(event, frame)}
		>
			<line class="grip" x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
			<line class="drawn" x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
		</g>
	{/if}
{/snippet}

<QuestionPicture {problem} {chosen} {onchoose} over={line} onframe={(own) => (frame = own)} />
{#if level === null}
	<button type="button" class="btn tool" disabled={!frame} onclick={() => frame && draw(frame)}
		>{en`Draw the objective line`}</button
	>
{:else}
	<label class="flex gap-2 items-center"
		>{name} ≈ {shown}
		<input type="range" min={range.low} max={range.high} {step} bind:value={level} />
	</label>
{/if}

<style>
	.objective {
		cursor: move;
		touch-action: none;
	}
	.drawn {
		stroke: var(--now);
		stroke-width: 2;
		stroke-dasharray: 6 4;
	}
	.grip {
		stroke: transparent;
		stroke-width: 24;
	}
</style>
