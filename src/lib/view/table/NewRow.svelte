<script lang="ts">
	import { en } from '$lib/core/language';
	import { addRow, type Problem, RELATION_SIGNS } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { NEXT, WORDS } from './cells';
	import { emptyRow, newRowOf, type DraftFault } from './draft';

	/** A resource that is being added: it does nothing until it has an amount, and is then a line of the statement. */
	let { problem, onend }: { problem: Problem; onend: (fault: DraftFault | null) => void } = $props();
	const { document: lesson } = useDesk();
	// svelte-ignore state_referenced_locally
	let row = $state(emptyRow(problem.variables.length));
	let line = $state<HTMLTableRowElement>();

	$effect(() => line?.querySelector('input')?.focus());

	/** Takes the row once it is left with an amount. */
	function take() {
		const own = newRowOf($state.snapshot(row), problem);
		if (own && 'why' in own) return onend(own);
		if (!own) return;
		lesson.edit(addRow(lesson.text, lesson.reading, own).edits);
		onend(null);
	}

	function onkeydown(event: KeyboardEvent) {
		event.stopPropagation();
		if (event.key === 'Enter') take();
		else if (event.key === 'Escape') onend(null);
		else return;
		event.preventDefault();
	}
</script>

<!-- the fields are what one acts on; the row hears it for all of them -->
<tr
	bind:this={line}
	{onkeydown}
	onfocusout={(event) => {
		event.stopPropagation();
		if (!line?.contains(event.relatedTarget as Node | null)) take();
	}}
>
	<th scope="row"
		><input bind:value={row.name} placeholder={en`name`} aria-label={en`Name of the new resource`} /></th
	>
	{#each problem.variables as { name }, j (name)}
		<td><input bind:value={row.uses[j]} aria-label={en`New resource per ${name}`} /></td>
	{/each}
	<td
		><button
			class="relation"
			aria-label={en`New resource: ${WORDS[row.relation]}; change`}
			onclick={() => (row.relation = NEXT[row.relation])}>{RELATION_SIGNS[row.relation]}</button
		></td
	>
	<td
		><input
			bind:value={row.amount}
			placeholder={en`amount`}
			aria-label={en`Amount of the new resource`}
		/></td
	>
	<td><input bind:value={row.unit} placeholder={en`unit`} aria-label={en`Unit of the new resource`} /></td>
	<td
		><button class="btn-icon tool" aria-label={en`Leave the new resource out`} onclick={() => onend(null)}
			>×</button
		></td
	>
</tr>

<style>
	th,
	td {
		padding: 0.15rem 0.25rem;
		text-align: center;
	}
	th {
		position: sticky;
		left: 0;
		z-index: 1;
		background: var(--sheet);
	}
	input {
		width: 4.2rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		font: inherit;
		color: var(--ink);
		background: var(--now-wash);
		border: 0;
	}
	th input {
		width: 6rem;
		text-align: left;
	}
	.relation {
		width: 1.8rem;
		min-height: 1.5rem;
		cursor: pointer;
	}
</style>
