<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { lectureChannel, type LectureMessage, type LectureState } from '$lib/desk/lecture.svelte';
	import { PAGE, sheetStyle } from '$lib/core/sheet';
	import { adoptStyle } from '../shared/adopted-style';
	import Slide from './Slide.svelte';

	/** The speaker's window: this step and the next, the right answer and the slips to expect, the notes, the time. */
	let lecture = $state.raw<LectureState | null>(null);
	let now = $state(Date.now());
	let channel: BroadcastChannel | null = null;
	const send = (message: LectureMessage) => channel?.postMessage(message);

	onMount(() => {
		channel = lectureChannel((message) => {
			if (message.says === 'state') lecture = message.state;
		});
		send({ says: 'hello' });
		const clock = setInterval(() => (now = Date.now()), 1000);
		const takeAway = adoptStyle(sheetStyle(PAGE));
		return () => {
			takeAway();
			clearInterval(clock);
			channel?.close();
		};
	});

	const slide = $derived(lecture?.slides[lecture.at] ?? null);
	const next = $derived(lecture?.slides[lecture.at + 1] ?? null);
	const planned = $derived(
		lecture ? lecture.slides.slice(0, lecture.at + 1).reduce((sum, { minutes }) => sum + minutes, 0) : 0
	);
	const seconds = $derived(lecture ? Math.max(0, Math.floor((now - lecture.began) / 1000)) : 0);
	const clockText = $derived(`${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`);
	const BY: Readonly<Record<string, number>> = {
		PageDown: 1,
		ArrowRight: 1,
		' ': 1,
		PageUp: -1,
		ArrowLeft: -1
	};
	function onkeydown(event: KeyboardEvent) {
		const by = BY[event.key];
		if (by === undefined) return;
		event.preventDefault();
		send({ says: 'go', by });
	}
</script>

<svelte:window {onkeydown} />

<div class="speaker">
	<header>
		<h1>{lecture?.title || en`Speaker’s window`}</h1>
		{#if lecture}
			<p class="tabular-nums">
				<b>{clockText}</b>{#if planned > 0}
					{en`of ${planned} min planned so far`}{/if}
				{en`· step ${lecture.at + 1} of ${lecture.slides.length}`}
			</p>
			<button class="btn tool" onclick={() => send({ says: 'go', by: -1 })}>{en`Back`}</button>
			<button class="btn tool now" onclick={() => send({ says: 'go', by: 1 })}
				>{slide?.question && !lecture.isTold ? en`Tell the answer` : en`Next`}</button
			>
		{/if}
	</header>
	{#if lecture && slide}
		<main id="main">
			<section aria-label={en`This step`} class="now-shown">
				<h2 class="quiet-title mb-[0.2rem]">{en`Now`}</h2>
				<div class="screen">
					{#key `${lecture.at} ${lecture.isTold}`}<Slide {slide} isTold={lecture.isTold} />{/key}
				</div>
			</section>
			<section aria-label={en`The next step`}>
				<h2 class="quiet-title mb-[0.2rem]">{en`Next`}</h2>
				{#if next}<div class="screen">
						{#key lecture.at}<Slide slide={next} />{/key}
					</div>{:else}<p>{en`This is the last step.`}</p>{/if}
			</section>
			<section aria-label={en`Good to know`} class="overflow-auto">
				{#if slide.answer}
					<h2 class="quiet-title mb-[0.2rem]">{en`The answer`}</h2>
					{#if slide.answer.right}<p><b>{slide.answer.right}</b></p>{/if}
					<p>{slide.answer.because}</p>
					{#if slide.answer.slips.length > 0}
						<h2 class="quiet-title mb-[0.2rem]">{en`Slips to expect`}</h2>
						<ul>
							{#each slide.answer.slips as slip (slip)}<li>{slip}</li>{/each}
						</ul>
					{/if}
				{/if}
				<h2 class="quiet-title mb-[0.2rem]">{en`Notes`}</h2>
				<p class="whitespace-pre-line">{lecture.notes || en`The lesson has no notes.`}</p>
			</section>
		</main>
	{:else}
		<p class="waiting">
			{en`No lecture is being held. Start one on the page Lecture; this window follows it, also after a reload.`}
		</p>
	{/if}
</div>

<style>
	.speaker {
		height: 100%;
		display: flex;
		flex-direction: column;
		background: var(--paper);
		padding: var(--gap-2) var(--gap-3);
		gap: var(--gap-2);
	}
	header {
		display: flex;
		align-items: center;
		gap: var(--gap-3);
		flex-wrap: wrap;
	}
	h1 {
		margin: 0;
		font-size: 1.1rem;
		flex: 1;
	}
	main {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: 3fr 2fr;
		grid-template-rows: auto 1fr;
		gap: var(--gap-2) var(--gap-3);
	}
	.now-shown {
		grid-row: 1 / 3;
	}
	.screen {
		aspect-ratio: 16 / 10;
		border: 1px solid var(--rule-strong);
	}
	ul {
		margin: 0 0 var(--gap-2);
		padding-left: 1.1rem;
	}
	.waiting {
		margin: auto;
	}
	@media (max-width: 52rem) {
		main {
			display: block;
			overflow: auto;
		}
	}
</style>
