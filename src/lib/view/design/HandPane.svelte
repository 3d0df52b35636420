<script lang="ts">
	import { en } from '$lib/core/language';
	import { integerWords } from '$lib/core/commentary';
	import { brokenAt } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';
	import BeginTools from './BeginTools.svelte';
	import BestObjective from './BestObjective.svelte';
	import TechnologyTable from '../table/TechnologyTable.svelte';

	/** The problem around a plan: what each row comes to there at once, and what follows from the slack that is wished. */
	const { document: lesson, plans } = useDesk();
	const problem = $derived(lesson.problem);
	const broken = $derived(problem ? brokenAt(problem, plans.plan) : []);
	/** a table from elsewhere that is to be looked at before it becomes the problem */
	let pasted = $state<string | null>(null);
</script>

<Pane pane="hand" name={en`Around a plan`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}<BeginTools />{/snippet}
	{#if problem}
		<Scroll label={en`The problem around a plan`}>
			<TechnologyTable {problem} around={plans} onwhole={(text) => (pasted = text)} />
			{#if broken.length}
				<p class="wrong"><Words sentence={integerWords(problem, { code: 'impossible', broken })} /></p>
			{/if}
			<BestObjective {problem} plan={plans.plan} />
		</Scroll>
	{:else}
		<p class="nothing">
			{en`Make a problem around a plan: start one of the size above, or write one on page Problem.`}
		</p>
	{/if}
</Pane>
{#if pasted !== null}
	{#await import('../table/PasteSheet.svelte') then { default: PasteSheet }}
		{#if pasted !== null}<PasteSheet text={pasted} onclose={() => (pasted = null)} />{/if}
	{/await}
{/if}

<style>
	.wrong {
		margin: var(--gap-2) 0 0;
		color: var(--error);
	}
</style>
