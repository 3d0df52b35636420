<script lang="ts">
	import { en } from '$lib/core/language';
	import { addRow, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import DraftLine from './DraftLine.svelte';
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
	class="new"
	bind:this={line}
	{onkeydown}
	onfocusout={(event) => {
		event.stopPropagation();
		if (!line?.contains(event.relatedTarget as Node | null)) take();
	}}
>
	<DraftLine
		bind:row
		called={{
			name: en`Name of the new resource`,
			use: (j) => en`New resource per ${problem.variables[j].name}`,
			relation: (words) => en`New resource: ${words}; change`,
			amount: en`Amount of the new resource`,
			unit: en`Unit of the new resource`
		}}
		hints={{ name: en`name`, amount: en`amount`, unit: en`unit` }}
	/>
	<td
		><button class="btn-icon tool" aria-label={en`Leave the new resource out`} onclick={() => onend(null)}
			>×</button
		></td
	>
</tr>
