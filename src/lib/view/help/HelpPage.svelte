<script lang="ts">
	import { en } from '$lib/core/language';
	import { PAGES } from '$lib/desk/pages';
	import Choose from '../shared/Choose.svelte';
	import { chapters, guideHtml } from './guide';
	import { WORDS } from './words';

	/** Help: the guide for instructors, and the words, each with the place where it is seen. */
	let { go }: { go: (path: string) => void } = $props();
	let look = $state<'guide' | 'words'>('guide');
	let sought = $state('');
	const OPTIONS = [
		{ value: 'guide', text: en`The guide` },
		{ value: 'words', text: en`The words` }
	] as const;
	const pageName = (path: string) => PAGES.find((own) => own.path === path)?.name ?? en`Lessons`;
	const found = $derived.by(() => {
		const parts = sought.toLowerCase().split(/\s+/).filter(Boolean);
		return WORDS.map(({ name, words }) => ({
			name,
			words: words.filter(({ word, says }) =>
				parts.every((part) => `${word} ${says}`.toLowerCase().includes(part))
			)
		})).filter(({ words }) => words.length > 0);
	});
	let text = $state<HTMLElement>();
	const show = (id: string) => text?.querySelector(`#${id}`)?.scrollIntoView({ block: 'start' });
</script>

<main id="main" tabindex="-1">
	<section class="bar" aria-label={en`What kind of help`}>
		<Choose label={en`Help`} value={look} options={OPTIONS} onchange={(value) => (look = value)} />
		{#if look === 'words'}
			<input
				class="field"
				type="search"
				placeholder={en`Find a word`}
				aria-label={en`Find a word`}
				bind:value={sought}
			/>
		{/if}
	</section>
	{#if look === 'guide'}
		<div class="sides">
			<nav aria-label={en`Chapters of the guide`}>
				{#each chapters as { id, name } (id)}
					<button class="chapter" lang="en" onclick={() => show(id)}>{name}</button>
				{/each}
			</nav>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="scroll guide" tabindex="0" role="group" aria-label={en`The guide`} bind:this={text}>
				<!-- the repository's own text, through a reader that lets no HTML pass -->
				<!-- eslint-disable-next-line svelte/no-at-html-tags -->
				<div lang="en">{@html guideHtml}</div>
			</div>
		</div>
	{:else}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label={en`The words`}>
			<div class="columns">
				{#each found as { name, words } (name)}
					<h2>{name}</h2>
					<dl>
						{#each words as { word, says, page, where } (word)}
							<dt>{word}</dt>
							<dd>
								{says}
								<button class="place" onclick={() => go(page)}>{pageName(page)}: {where}</button>
							</dd>
						{/each}
					</dl>
				{:else}
					<p>{en`No word like that is explained here.`}</p>
				{/each}
			</div>
		</div>
	{/if}
</main>

<style>
	main {
		flex: 1;
		min-height: 0;
		display: flex;
		flex-direction: column;
		background: var(--sheet);
		border-top: 1px solid var(--rule);
	}
	.bar {
		display: flex;
		justify-content: center;
		align-items: center;
		gap: var(--gap-3);
		padding: var(--gap-2) var(--gap-3);
	}
	.bar .field {
		width: 14rem;
	}
	.sides {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: 14rem minmax(0, 1fr);
	}
	nav {
		display: flex;
		flex-direction: column;
		align-items: flex-start;
		gap: var(--gap-1);
		padding: var(--gap-2) var(--gap-3);
		overflow: auto;
	}
	.chapter,
	.place {
		text-align: left;
		cursor: pointer;
		color: var(--ink-soft);
	}
	.chapter {
		min-height: 24px;
	}
	.chapter:hover,
	.place:hover {
		color: var(--ink);
		text-decoration: underline;
	}
	.place {
		font-size: var(--size-note);
		font-style: italic;
	}
	.scroll {
		flex: 1;
		min-height: 0;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
		line-height: 1.5;
	}
	.guide :global(h1) {
		font-size: var(--size-title);
		margin: 0.2rem 0;
	}
	.guide :global(:is(h2, p, ol, ul, table)) {
		max-width: 46rem;
	}
	.guide :global(h2),
	h2 {
		font-size: 1.15rem;
		font-weight: 650;
		margin: 1.2rem 0 0.3rem;
	}
	.guide :global(p) {
		margin: 0.4rem 0;
	}
	.guide :global(ol) {
		list-style: decimal;
		padding-left: 1.6rem;
	}
	.guide :global(ul) {
		list-style: disc;
		padding-left: 1.4rem;
	}
	.guide :global(code) {
		font-family: inherit;
		font-size: var(--size-note);
		color: inherit;
		background: none;
		border: 1px solid var(--rule-strong);
		border-radius: 3px;
		padding: 0 0.35rem;
	}
	.guide :global(img) {
		display: block;
		width: min(46rem, 100%);
		margin: 0.6rem 0;
		border: 1px solid var(--rule);
	}
	.guide :global(:is(td, th)) {
		padding: 0.15rem 0.8rem 0.15rem 0;
		text-align: left;
		vertical-align: top;
		border-bottom: 1px solid var(--rule);
	}
	.columns {
		columns: 2 24rem;
		column-gap: 2.4rem;
	}
	.columns h2 {
		break-after: avoid;
		margin-top: 0.4rem;
	}
	dl {
		margin: 0 0 var(--gap-3);
	}
	dt {
		font-weight: 600;
		break-after: avoid;
	}
	dd {
		margin: 0 0 0.4rem;
		break-inside: avoid;
	}
	@media (max-width: 48rem) {
		.sides {
			grid-template-columns: 1fr;
		}
		nav {
			display: none;
		}
	}
</style>
