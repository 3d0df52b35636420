<script lang="ts">
	import { en } from '$lib/core/language';
	import { isZero, type Rational, toText } from '$lib/core/number';
	import type { Problem } from '$lib/core/problem';
	import type { TableText } from '$lib/desk/table-text';
	import type { CellSnippet } from './cell-snippet';
	import { changeCell, DOMAIN_WORDS, NEXT_DOMAIN } from './cells';

	/** Bounds and domains of the activities, below the resources. */
	interface Props {
		problem: Problem;
		/** whose statement it is */
		lesson: TableText;
		/** their first row of the grid */
		first: number;
		/** columns beyond the activities */
		rest: number;
		cell: CellSnippet;
	}
	let { problem, lesson, first, rest, cell }: Props = $props();
	const bound = (value: Rational | null) => (value === null ? en`none` : toText(value));
</script>

{#snippet beside()}<td class="edge sign"></td><td class="edge"></td><td colspan={rest - 2}></td>{/snippet}

<tbody>
	<tr class="begin">
		<th scope="row">{en`at least`}</th>
		{#each problem.variables as { name, lower }, j (name)}
			<td class:usual={lower && isZero(lower)}
				>{@render cell(`lower|${name}`, first, j + 1, bound(lower), en`Least amount of ${name}`)}</td
			>
		{/each}
		{@render beside()}
	</tr>
	<tr>
		<th scope="row">{en`at most`}</th>
		{#each problem.variables as { name, upper }, j (name)}
			<td class:usual={!upper}
				>{@render cell(`upper|${name}`, first + 1, j + 1, bound(upper), en`Greatest amount of ${name}`)}</td
			>
		{/each}
		{@render beside()}
	</tr>
	<tr>
		<th scope="row">{en`in`}</th>
		{#each problem.variables as { name, domain } (name)}
			<td class:usual={domain === 'continuous'}
				><button
					aria-label={en`${name}: ${DOMAIN_WORDS[domain]}; change`}
					onclick={() => changeCell(lesson, `domain|${name}`, NEXT_DOMAIN[domain])}
					>{DOMAIN_WORDS[domain]}</button
				></td
			>
		{/each}
		{@render beside()}
	</tr>
</tbody>

<style>
	th {
		padding-inline: 0.55rem;
		font-weight: 400;
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.begin :is(th, td) {
		border-top: 1px solid var(--rule);
	}
	td :global(input) {
		font-size: var(--size-text);
		padding-block: 0;
	}
	button {
		cursor: pointer;
		padding: 0 0.3rem;
		white-space: nowrap;
	}
	.usual {
		color: var(--ink-soft);
	}
	.usual :global(input) {
		color: var(--ink-soft);
	}
</style>
