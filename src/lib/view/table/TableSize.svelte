<script lang="ts">
	import { en } from '$lib/core/language';
	import type { BlankTable } from '$lib/desk/blank-table.svelte';

	/** How many activities and resources an empty table has. */
	let { table }: { table: BlankTable } = $props();
	const MOST = 20;
	const variables = $derived(table.problem?.variables.length ?? 0);
	const rows = $derived(table.problem?.constraints.length ?? 0);
	const within = (typed: string) => Math.min(MOST, Math.max(1, Math.trunc(Number(typed)) || 1));
</script>

{#snippet size(called: string, value: number, set: (to: number) => void)}
	<label
		>{called}
		<input
			class="field"
			type="number"
			min="1"
			max={MOST}
			{value}
			onchange={(event) => set(within(event.currentTarget.value))}
		/></label
	>
{/snippet}
<div>
	{@render size(en`activities`, variables, (to) => table.resize(to, rows))}
	{@render size(en`resources`, rows, (to) => table.resize(variables, to))}
</div>

<style>
	div {
		display: flex;
		gap: var(--gap-3);
		padding: 0 var(--gap-3) var(--gap-2);
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	input {
		width: 4rem;
	}
</style>
