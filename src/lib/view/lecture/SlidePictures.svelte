<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount, tick } from 'svelte';
	import type { SlideJson } from '$lib/desk/lecture.svelte';
	import { pngOf } from '../export/snapshot';
	import { downloadBlob, fileName } from '../shared/download';
	import Slide from './Slide.svelte';
	import { Packed, pageRules, pictureOf } from './slide-picture';

	/** Makes a picture of each slide, of a question also one with its answer, and hands all of them over as one file. */
	interface Props {
		title: string;
		slides: readonly SlideJson[];
		onclose: () => void;
	}
	let { title, slides, onclose }: Props = $props();
	const [WIDTH, HEIGHT] = [1920, 1080];
	const pages = $derived(
		slides.flatMap((slide) => (slide.question ? [false, true] : [false]).map((isTold) => ({ slide, isTold })))
	);
	let at = $state(0);
	let failure = $state<string | null>(null);
	let place = $state<HTMLElement>();
	let isCancelled = false;
	const nameOf = (i: number) => `${String(i + 1).padStart(String(pages.length).length, '0')}.png`;

	async function make() {
		const packed = new Packed();
		await document.fonts.ready;
		const rules = pageRules();
		for (const i of pages.keys()) {
			at = i;
			await tick();
			// what fits its place has been measured by then
			await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
			if (isCancelled || !place) return;
			const png = await pngOf(pictureOf(place, rules), WIDTH);
			packed.add(nameOf(i), new Uint8Array(await png.arrayBuffer()));
		}
		if (!isCancelled) downloadBlob(fileName(title, '-slides.zip'), packed.end());
	}

	onMount(() => {
		void make().then(
			() => !isCancelled && onclose(),
			(error: Error) => (failure = error.message)
		);
		return () => (isCancelled = true);
	});
</script>

<p class="text-note" role="status">
	{failure === null
		? en`Picture ${at + 1} of ${pages.length}`
		: en`The pictures could not be made: ${failure}`}
	<button class="btn tool" onclick={onclose}>{failure === null ? en`Cancel` : en`Close`}</button>
</p>
<div class="aside" inert aria-hidden="true">
	<div bind:this={place} style:width={`${WIDTH}px`} style:height={`${HEIGHT}px`}>
		{#key at}<Slide slide={pages[at].slide} isTold={pages[at].isTold} />{/key}
	</div>
</div>

<style>
	/* drawn, but not to be seen */
	.aside {
		position: fixed;
		left: -10000px;
		top: 0;
	}
</style>
