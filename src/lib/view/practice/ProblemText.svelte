<script lang="ts">
	import { en } from '$lib/core/language';
	import { printStatement, type Problem } from '$lib/core/problem';

	/** The problem as text, as it is written in the statement language; only its story where the statement is what is asked for. */
	let {
		problem,
		story,
		onlyStory = false
	}: { problem: Problem; story: string; onlyStory?: boolean } = $props();
	/** the story's words: links to numbers are for the desk */
	const told = $derived(story.replace(/\[([^\]]*)\]\(#[^)]*\)/g, '$1').trim());
	const lines = $derived(
		printStatement({ ...problem, story: undefined, title: undefined })
			.trim()
			.split('\n')
			.map((line) => line.replace(/<=/g, '≤').replace(/>=/g, '≥').replace(/-/g, '−'))
	);
</script>

{#if told}<p class="story">{told}</p>{/if}
{#if !onlyStory}
	<ul aria-label={en`The problem`}>
		{#each lines as line, i (i)}<li>{line}</li>{/each}
	</ul>
{/if}

<style>
	.story {
		margin: 0 0 var(--gap-2);
		white-space: pre-line;
		max-width: 40rem;
	}
	ul {
		margin: 0 0 var(--gap-3);
	}
	li {
		padding-left: 1.4rem;
		text-indent: -1.4rem;
		line-height: 1.5;
	}
	li:first-child {
		font-weight: 600;
	}
</style>
