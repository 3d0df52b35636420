<script lang="ts">
	import { en } from '$lib/core/language';
	import { orderVariables, type Problem, removeVariable } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useGo } from '$lib/desk/go';
	import { askWorth } from '$lib/desk/worth';
	import ActionMenu from './ActionMenu.svelte';
	import type { TableText } from '$lib/desk/table-text';
	import type { CellSnippet } from './cell-snippet';

	/** The names of the activities with their units, and what can be done with each. */
	interface Props {
		problem: Problem;
		/** whose statement it is */
		lesson: TableText;
		/** the table began with nothing: names come first */
		isFresh?: boolean;
		/** whether rows say what they come to at a plan */
		isAround?: boolean;
		/** pixels that the column of amounts takes */
		amountWidth?: number;
		cell: CellSnippet;
	}
	let {
		problem,
		lesson,
		isFresh = false,
		isAround = false,
		amountWidth = $bindable(0),
		cell
	}: Props = $props();
	const desk = useDesk();
	const go = useGo();
	const { selection } = desk;
	const names = $derived(problem.variables.map(({ name }) => name));

	function trade(j: number, by: 1 | -1) {
		const order = [...names];
		[order[j], order[j + by]] = [order[j + by], order[j]];
		lesson.edit(orderVariables(lesson.text, lesson.reading, order));
	}

	const actionsOf = (j: number) => [
		{ key: 'left', says: en`Move left`, possible: j > 0, run: () => trade(j, -1) },
		{ key: 'right', says: en`Move right`, possible: j < names.length - 1, run: () => trade(j, 1) },
		{
			key: 'worth',
			says: en`How far may its coefficient go?`,
			run: () => void askWorth(desk, go, { objective: names[j] })
		},
		{
			key: 'remove',
			says: en`Remove`,
			possible: names.length > 1,
			run: () => lesson.edit(removeVariable(lesson.text, lesson.reading, names[j]))
		}
	];
</script>

<thead>
	<tr>
		<td></td>
		{#each problem.variables as { name, unit }, j (name)}
			<th scope="col" class:lit={selection.isPointed({ kind: 'variable', name })}>
				{@render cell(`variable|${name}`, 0, j + 1, name, en`Name of the activity ${name}`)}
				{#if !isFresh}<div>
						{@render cell(`unit-of|${name}`, 1, j + 1, unit ?? '', en`Unit of the activity ${name}`)}
						<ActionMenu label={en`More for the activity ${name}`} actions={actionsOf(j)} />
					</div>{/if}
			</th>
		{/each}
		<td class="relation"></td>
		<th scope="col" class="head amount" bind:offsetWidth={amountWidth}>{en`amount`}</th>
		<th scope="col" class="head">{en`unit`}</th>
		{#if isAround}
			<th scope="col" class="head">{en`comes to`}</th>
			<th scope="col" class="head">{en`left`}</th>
		{/if}
		<td></td>
	</tr>
</thead>

<style>
	div {
		display: flex;
		justify-content: center;
		align-items: center;
	}
	th,
	td {
		padding: 0.1rem 0.25rem;
		text-align: center;
		border-bottom: 1px solid var(--ink);
		position: sticky;
		top: 0;
		background: var(--sheet);
		z-index: 2;
	}
	th :global(input) {
		font-size: var(--size-text);
		font-weight: 600;
		padding-block: 0;
		color: var(--ink);
	}
	div :global(input) {
		min-width: 1.2rem;
		font-size: var(--size-note);
		font-weight: 400;
		color: var(--ink-soft);
	}
	th :global(.tool) {
		border-color: transparent;
		padding-inline: 0.1rem;
		color: var(--ink-soft);
	}
	td:first-child {
		left: 0;
		z-index: 3;
	}
	/* relation and amount stay in sight at the right edge */
	.amount {
		right: 0;
		z-index: 3;
	}
	.relation {
		right: var(--amount, 0);
		z-index: 3;
	}
	.lit {
		background: var(--now-wash);
	}
</style>
