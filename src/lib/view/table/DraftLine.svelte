<script lang="ts">
	import { RELATION_SIGNS } from '$lib/core/problem';
	import { NEXT, WORDS } from './cells';
	import type { DraftRow } from './draft';

	/** The fields of a resource that is being filled in: its name, its uses, its relation, amount and unit. */
	interface Props {
		row: DraftRow;
		/** what the fields are called for screen readers */
		called: {
			readonly name: string;
			use(j: number): string;
			relation(words: string): string;
			readonly amount: string;
			readonly unit: string;
		};
		/** what stands in a field while it is empty */
		hints: { readonly name: string; readonly amount?: string; readonly unit?: string };
		onturn?: () => void;
	}
	let { row = $bindable(), called, hints, onturn }: Props = $props();

	function turn() {
		row.relation = NEXT[row.relation];
		onturn?.();
	}
</script>

<th scope="row"
	><input class="draft" bind:value={row.name} placeholder={hints.name} aria-label={called.name} /></th
>
{#each row.uses as _, j (j)}
	<td><input class="draft" bind:value={row.uses[j]} aria-label={called.use(j)} /></td>
{/each}
<td
	><button class="relation" aria-label={called.relation(WORDS[row.relation])} onclick={turn}
		>{RELATION_SIGNS[row.relation]}</button
	></td
>
<td><input class="draft" bind:value={row.amount} placeholder={hints.amount} aria-label={called.amount} /></td>
<td><input class="draft" bind:value={row.unit} placeholder={hints.unit} aria-label={called.unit} /></td>
