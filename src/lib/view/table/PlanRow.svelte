<script lang="ts">
	import { en } from '$lib/core/language';
	import { toText } from '$lib/core/number';
	import type { Plan, Variable } from '$lib/core/problem';
	import type { CellSnippet } from './cell-snippet';

	/** The plan that a problem is made around: one amount for each activity. */
	interface Props {
		variables: readonly Variable[];
		plan: Plan;
		/** its row of the grid */
		y: number;
		cell: CellSnippet;
	}
	let { variables, plan, y, cell }: Props = $props();
</script>

<tr class="plan">
	<th scope="row">{en`the plan`}</th>
	{#each variables as { name }, j (name)}
		<td>{@render cell(`amount|${name}`, y, j + 1, toText(plan.get(name)!), en`Amount of ${name}`)}</td>
	{/each}
	<td class="edge sign"></td>
	<td class="edge"></td>
	<td colspan="4"></td>
</tr>

<style>
	th,
	td {
		background: var(--now-wash);
	}
	th {
		padding-inline: 0.55rem;
	}
</style>
