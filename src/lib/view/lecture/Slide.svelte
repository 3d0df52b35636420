<script lang="ts">
	import { en } from '$lib/core/language';
	import type { SlideJson } from '$lib/desk/lecture.svelte';
	import { fitSlide, withHtml } from './fit-slide';

	/** One step of a lecture, large enough for the last row; it takes the whole of its place. */
	interface Props {
		slide: SlideJson;
		/** whether the answer to its question is told */
		isTold?: boolean;
		votes?: readonly number[];
		onvote?: (choice: number, count: number) => void;
	}
	let { slide, isTold = false, votes = [], onvote }: Props = $props();
	const hasTableau = $derived(slide.main.some((html) => html.includes('class="tableau')));
	const hasTree = $derived(slide.main.some((html) => html.includes('class="picture tree')));
	const hasPicture = $derived(!hasTree && slide.main.some((html) => html.includes('class="picture')));
	const pictures = $derived(slide.beside.filter((html) => html.includes('class="picture')));
	const words = $derived(slide.beside.filter((html) => !html.includes('class="picture')));
	const question = $derived(slide.question);
	const title = $derived([slide.title]);
</script>

<article
	class="slide paper"
	class:tableau-first={hasTableau}
	class:picture-first={hasPicture}
	class:tree-first={hasTree}
	class:two-columns={hasTableau && pictures.length > 0}
>
	<div class="title" role="heading" aria-level="2" {@attach withHtml(title)}></div>
	{#if slide.remark}<p class="remark">{slide.remark}</p>{/if}
	{#if slide.isMissing}
		<p class="remark">{en`The problem no longer has this.`}</p>
	{:else}
		<div class="content">
			{#if slide.main.length > 0}<div class="place main" {@attach fitSlide(slide.main)}></div>{/if}
			{#if question || words.length > 0 || pictures.length > 0}
				<div class="beside">
					{#if words.length > 0}<div class="place words" {@attach fitSlide(words)}></div>{/if}
					{#if question}
						<div class="ask">
							<p class="says">{question.says}</p>
							{#if question.choices.length > 0}
								<ol>
									{#each question.choices as { letter, says, isRight, because }, i (letter)}
										<li class:right={isTold && isRight} class:wrong={isTold && !isRight}>
											<span class="font-bold">{letter}</span>
											<span
												>{says}{#if isTold}<span class="why">{isRight ? '✓' : '✗'} {because}</span>{/if}</span
											>
											{#if onvote}<input
													class="votes"
													type="number"
													min="0"
													inputmode="numeric"
													aria-label={en`Votes for ${letter}`}
													value={votes[i] ?? ''}
													onchange={(event) => onvote(i, Number(event.currentTarget.value))}
												/>{/if}
										</li>
									{/each}
								</ol>
							{:else if isTold && slide.answer}
								{#if slide.answer.right}<p class="right-answer"><b>{slide.answer.right}</b></p>{/if}
								<p class="right-answer">{slide.answer.because}</p>
							{/if}
						</div>
					{/if}
					{#if pictures.length > 0}<div class="place picture-place" {@attach fitSlide(pictures)}></div>{/if}
				</div>
			{/if}
		</div>
	{/if}
</article>

<style>
	.slide {
		container-type: size;
		width: 100%;
		height: 100%;
		display: flex;
		flex-direction: column;
		background: var(--sheet);
		color: var(--ink);
		overflow: hidden;
	}
	.title {
		flex: none;
		margin: 0 !important;
		padding: 1.6cqh 3cqw 0;
		font-size: 4.2cqh;
		line-height: 1.35;
		font-weight: 600;
		white-space: nowrap;
		overflow: hidden;
	}
	.remark {
		flex: none;
		margin: 0;
		padding: 0.5cqh 3cqw;
		font-size: 3.8cqh;
		line-height: 1.3;
		white-space: pre-line;
	}
	.content {
		flex: 1;
		min-height: 0;
		display: flex;
		flex-direction: column;
		gap: 1.5cqh;
		padding: 1.2cqh 3cqw 2.4cqh;
	}
	.place {
		--base: 3.9cqh;
		flex: 1 1 0;
		min-width: 0;
		min-height: 0;
		overflow: hidden;
		font-size: calc(var(--base) * var(--fit, 1));
		line-height: 1.35;
	}
	.tableau-first .main {
		--base: 5.2cqh;
		flex: 3 1 0;
	}
	.beside {
		flex: 2 1 0;
		min-width: 0;
		min-height: 0;
		display: flex;
		gap: 2cqw;
	}
	.beside .picture-place {
		flex: 0 1 34%;
	}
	.two-columns .content {
		display: grid;
		grid-template: 3fr 2fr / 1.5fr 1fr;
	}
	.two-columns .beside {
		display: contents;
	}
	.two-columns .picture-place {
		grid-area: 1 / 2 / 3 / 3;
	}
	.two-columns .main {
		grid-area: 1 / 1 / 2 / 2;
	}
	.two-columns .words {
		grid-area: 2 / 1 / 3 / 2;
	}
	.picture-first .content {
		flex-direction: row;
	}
	.picture-first .main {
		flex: 1.25 1 0;
	}
	.picture-first .beside {
		flex: 1 1 0;
		flex-direction: column;
	}
	.tree-first .main {
		flex: 3 1 0;
	}
	.tree-first .ask > * {
		font-size: 3.4cqh;
	}
	.slide :global(.tableau) {
		margin: 0;
	}
	.slide :global(table) {
		margin: 0;
	}
	.slide :global(th),
	.slide :global(td) {
		padding: 0.12em 0.42em !important;
	}
	.slide :global(.lit) {
		background: var(--now-wash);
	}
	.slide :global(.tableau .pivot) {
		outline: 0.09em solid var(--now);
		color: var(--now);
	}
	.slide :global(.tableau thead tr:last-child > *),
	.slide :global(.tableau .goal-first > *),
	.slide :global(.tableau .name),
	.slide :global(.tableau .rhs),
	.slide :global(.fraction > span + span),
	.slide :global(.cells th),
	.slide :global(.cells td) {
		border-color: var(--ink) !important;
	}
	.slide :global(.statement td:first-child) {
		color: var(--ink) !important;
	}
	.slide :global(.folded .unit) {
		font-size: 0;
		padding: 0 0.28rem !important;
		background: color-mix(in oklab, var(--rule) 40%, transparent);
	}
	.slide :global(.operations) {
		font-size: 0.72em;
		margin: 0 0 0.3em;
	}
	.slide :global(.picture) {
		margin: 0;
		height: 100%;
	}
	.slide :global(.picture svg) {
		width: 100%;
		height: 100%;
		max-height: 100%;
	}
	.slide :global(svg text) {
		fill: var(--ink);
		stroke: var(--sheet);
		paint-order: stroke;
		font-size: 15px;
	}
	.slide :global(.picture-place svg text) {
		font-size: 16px;
	}
	.slide :global(.tree svg text) {
		font-size: 18px;
	}
	.slide :global(svg line),
	.slide :global(svg circle) {
		stroke: var(--ink);
	}
	.slide :global(svg line[stroke='#ccc']) {
		stroke: var(--rule);
	}
	.slide :global(svg circle[fill='#000']) {
		fill: var(--ink);
	}
	.slide :global(svg .area) {
		fill: var(--feasible);
	}
	.slide :global(svg line.line) {
		stroke-width: 2.6;
	}
	.slide :global(svg .objective),
	.slide :global(svg .here) {
		stroke: var(--now);
	}
	.slide :global(svg circle.here) {
		stroke-width: 4;
	}
	.slide :global(svg .box) {
		fill: var(--sheet);
		stroke: var(--ink);
	}
	.slide :global(svg .box.here) {
		fill: var(--now-wash);
		stroke: var(--now);
	}
	.slide :global(svg line.c1) {
		stroke: var(--identity-1);
	}
	.slide :global(svg line.c2) {
		stroke: var(--identity-2);
	}
	.slide :global(svg line.c3) {
		stroke: var(--identity-3);
	}
	.slide :global(svg line.c4) {
		stroke: var(--identity-4);
	}
	.slide :global(svg line.c5) {
		stroke: var(--identity-5);
	}
	.slide :global(svg line.c6) {
		stroke: var(--identity-6);
	}
	.slide :global(svg line.c7) {
		stroke: var(--identity-7);
	}
	.slide :global(svg line.c8) {
		stroke: var(--identity-8);
	}
	.ask {
		flex: 1 1 0;
		min-height: 0;
		display: flex;
		flex-direction: column;
		gap: 1cqh;
		overflow: auto;
	}
	.says,
	.right-answer {
		margin: 0 !important;
		font-size: 4cqh;
		color: inherit;
	}
	ol {
		margin: 0;
		padding: 0;
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 38cqw), 1fr));
		gap: 1cqh 2cqw;
		font-size: 3.6cqh;
	}
	li {
		display: flex;
		align-items: baseline;
		gap: 0.6em;
		border: 0.1em solid var(--rule-strong);
		border-radius: 0.3em;
		padding: 0.15em 0.5em;
	}
	li.right {
		border-color: var(--now);
		background: var(--now-wash);
		font-weight: 600;
	}
	.why {
		display: block;
		font-size: 0.85em;
		font-weight: 400;
	}
	.votes {
		margin-left: auto;
		width: 3em;
		font-size: 0.8em;
		text-align: right;
		background: transparent;
		border-bottom: 1px solid var(--rule-strong);
	}
</style>
