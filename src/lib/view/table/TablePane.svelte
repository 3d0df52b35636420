<script lang="ts">
	import { en } from '$lib/core/language';
	import { tick, untrack } from 'svelte';
	import { addVariable } from '$lib/core/problem';
	import { BlankTable } from '$lib/desk/blank-table.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { isWriting } from '../frame/actions';
	import Pane from '../shared/Pane.svelte';
	import TableSize from './TableSize.svelte';
	import TechnologyTable from './TechnologyTable.svelte';

	/** The problem as a technology table; an empty one to begin with, and the way to paste one from elsewhere. */
	const { document: lesson } = useDesk();
	const MOST_CELLS = 900;
	/** the table while it has cells that are to be filled in */
	const blank = new BlankTable(lesson);
	const isEmpty = $derived(/^\s*(?:title\s+"[^"\n]*"\s*)?$/.test(lesson.text));
	$effect(() => {
		if (isEmpty && !blank.isOn) untrack(() => blank.begin());
	});
	const isFresh = $derived(blank.isFresh);
	const shown = $derived(blank.isOn ? blank : lesson);
	const problem = $derived(shown.problem);
	const tooLarge = $derived(!!problem && problem.variables.length * problem.constraints.length > MOST_CELLS);
	/** a table from elsewhere that is to be looked at before it becomes the problem */
	let pasted = $state<string | null>(null);
	let place = $state<HTMLElement>();
	const fieldOf = (cell: string) =>
		place?.querySelector<HTMLElement>(`input[data-cell="${CSS.escape(cell)}"]`);
	// a new lesson begins at the first name, whatever had the focus before
	$effect(() => {
		if (isFresh && place && !isWriting(document.activeElement))
			place.querySelector('table')?.querySelector('input')?.focus();
	});

	function addActivity() {
		if (blank.isOn) blank.addVariable();
		else lesson.edit(addVariable(lesson.text, lesson.reading).edits);
	}

	async function addResource() {
		const name = blank.addRow();
		await tick();
		fieldOf(`row|${name}`)?.focus();
	}
	/** a table that stands in the place of the statement */
	const inStatement = $derived.by(() => {
		const found = lesson.reading.diagnostics.find(({ message }) => message.name === 'table');
		return found ? lesson.text.slice(found.from, found.to) : '';
	});
</script>

<Pane pane="table" name={en`Table`} aside={shown.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem && !tooLarge}
			<button class="btn tool" disabled={shown.stale} onclick={addActivity}>{en`Add activity`}</button>
			<button class="btn tool" disabled={shown.stale} onclick={addResource}>{en`Add resource`}</button>
		{/if}
		<button class="btn tool" onclick={() => (pasted = inStatement)}
			>{inStatement ? en`Read the table` : en`Paste table`}</button
		>
	{/snippet}
	{#if problem && !tooLarge}
		<div class="contents" bind:this={place}>
			{#if isFresh}<TableSize table={blank} />{/if}
			<TechnologyTable {problem} book={shown} {isFresh} onwhole={(text) => (pasted = text)} />
			{#if isFresh}<p class="note">
					{en`A resource counts once it has an amount. A text or a table can be pasted, too.`}
				</p>{/if}
		</div>
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

<style>
	.note {
		max-width: 34rem;
		margin: 0 var(--gap-3);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
