<script lang="ts">
	import { plainText } from '$lib/core/sentence/sentence';
	import { originOf } from '$lib/core/sentence/form-words';
	import type { Board } from '$lib/core/notation/board';
	import { columnName } from '$lib/core/notation/column-names';
	import type { Tableau } from '$lib/core/tableau/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import ColumnName from './ColumnName.svelte';

	interface Props {
		t: Tableau;
		shown: Board;
		/** whether a column can be considered */
		live: boolean;
		/** whether the objective's own column is shown, and what it is called */
		goalColumn: boolean;
		leading: string;
		/** the column whose ratios are shown */
		down: number | null;
		/** columns under which the basis inverse is marked */
		inverse: readonly number[];
	}
	/** The line of a tableau's names. */
	let { t, shown, live, goalColumn, leading, down, inverse }: Props = $props();
	const { document: lesson, selection } = useDesk();
	const notation = $derived(lesson.notation);
</script>

{#snippet rhs(first: boolean)}<th scope="col" class="rhs" class:first>rhs</th>{/snippet}

<tr>
	<th scope="col" class="basis"
		>{#if notation.basis === 'named'}basis{/if}</th
	>
	{#if goalColumn}<th scope="col" class="own">{leading}</th>{/if}
	{#if notation.rhs === 'first'}{@render rhs(true)}{/if}
	{#each shown.columns as { column, index, name, basic, aside } (column.id)}
		{@const pointed = pointedOf(column.owner)}
		<th
			scope="col"
			class:lit={selection.isPointed(pointed)}
			class:considered={index === down}
			class:aside
			class:inverse={inverse.includes(index)}
			class:covered={selection.reading !== null && !basic}
			class:artificial={column.kind === 'artificial'}
			data-column={name}
			data-head={index}
			title={plainText(originOf(column), notation)}
			onpointerenter={() => selection.point(pointed)}
			onpointerleave={() => selection.point(null)}
		>
			{#if live && !basic && !aside && !t.barred.has(index)}
				<button
					class="head"
					aria-pressed={selection.considered === column.id}
					onclick={() => selection.consider(column.id)}
				>
					<ColumnName {name} {pointed} />
				</button>
			{:else}
				<ColumnName {name} {pointed} />
			{/if}
		</th>
	{/each}
	{#if notation.rhs === 'last'}{@render rhs(false)}{/if}
	{#if notation.ratios === 'hidden'}<!-- the course leaves ratios out -->{:else if down !== null}
		<th scope="col" class="ratio"
			>ratio<span class="by">&nbsp;÷ {columnName(notation, t.form.columns[down])}</span></th
		>
	{:else if live}
		<td class="ratio"></td>
	{/if}
</tr>
