<script lang="ts">
	import { en } from '$lib/core/language';
	import { addVariable } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import EmptyTable from './EmptyTable.svelte';
	import TechnologyTable from './TechnologyTable.svelte';

	/** The problem as a technology table; an empty one to begin with, and the way to paste one from elsewhere. */
	const { document: lesson } = useDesk();
	const problem = $derived(lesson.problem);
	const MOST_CELLS = 900;
	let adding = $state(false);
	/** what an empty table has made of the statement so far: it stays until something else is written */
	let drafted = $state<string | null>(null);
	const isEmpty = $derived(/^\s*(?:title\s+"[^"\n]*"\s*)?$/.test(lesson.text) || lesson.text === drafted);
	const tooLarge = $derived(!!problem && problem.variables.length * problem.constraints.length > MOST_CELLS);
	/** a table from elsewhere that is to be looked at before it becomes the problem */
	let pasted = $state<string | null>(null);
	/** a table that stands in the place of the statement */
	const inStatement = $derived.by(() => {
		const found = lesson.reading.diagnostics.find(({ message }) => message.name === 'table');
		return found ? lesson.text.slice(found.from, found.to) : '';
	});
</script>

<Pane pane="table" name={en`Table`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem && !tooLarge && !isEmpty}
			<button
				class="btn tool"
				disabled={lesson.stale}
				onclick={() => lesson.edit(addVariable(lesson.text, lesson.reading).edits)}>{en`Add activity`}</button
			>
			<button class="btn tool" disabled={lesson.stale} onclick={() => (adding = true)}
				>{en`Add resource`}</button
			>
		{/if}
		<button class="btn tool" onclick={() => (pasted = inStatement)}
			>{inStatement ? en`Read the table` : en`Paste table`}</button
		>
	{/snippet}
	{#if isEmpty}
		<EmptyTable onwrite={(text) => (drafted = text)} onpaste={(text) => (pasted = text)} />
	{:else if problem && !tooLarge}
		<TechnologyTable {problem} bind:adding onwhole={(text) => (pasted = text)} />
	{:else}
		<p class="nothing">
			{tooLarge
				? en`Too large for a table on the screen. The statement has all of it.`
				: en`The table appears here as soon as the statement can be read.`}
		</p>
	{/if}
</Pane>
{#if pasted !== null}
	{#await import('./PasteSheet.svelte') then { default: PasteSheet }}
		{#if pasted !== null}<PasteSheet text={pasted} onclose={() => (pasted = null)} />{/if}
	{/await}
{/if}
