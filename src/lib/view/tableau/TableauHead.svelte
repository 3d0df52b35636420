<script lang="ts">
	import { en } from '$lib/core/language';
	import { originOf, plainText } from '$lib/core/sentence';
	import { type BoardLine, columnName } from '$lib/core/notation';
	import type { Tableau } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf } from '$lib/desk/identity';
	import ContentView from './ContentView.svelte';
	import ColumnName from './ColumnName.svelte';

	interface Props {
		t: Tableau;
		/** the line of names */
		line: BoardLine;
		/** whether a column can be considered */
		live: boolean;
		/** the column whose ratios are shown */
		down: number | null;
		/** columns under which the basis inverse is marked */
		inverse: readonly number[];
	}
	/** The line of a tableau's names. */
	let { t, line, live, down, inverse }: Props = $props();
	const { document: lesson, selection } = useDesk();
	const notation = $derived(lesson.notation);
</script>

<tr>
	<th scope="col" class="basis"
		>{#if notation.basis === 'named'}{en`basis`}{/if}</th
	>
	{#each line.cells as { place, column: own, content }, i (own?.index ?? place)}
		{#if !own}
			<th scope="col" class={place} class:first={place === 'rhs' && i < line.cells.length - 1}
				><ContentView {content} /></th
			>
		{:else}
			{@const { column, index, name, basic, aside, open } = own}
			{@const pointed = pointedOf(column.owner)}
			<th
				scope="col"
				class:lit={selection.isPointed(pointed)}
				class:considered={index === down}
				class:aside
				class:unit={basic}
				class:inverse={inverse.includes(index)}
				class:covered={selection.reading !== null && !basic}
				class:artificial={column.kind === 'artificial'}
				data-column={name}
				data-head={index}
				title={plainText(originOf(column), notation) + (index === down ? en`; enters at this step` : '')}
				onpointerenter={() => selection.point(pointed)}
				onpointerleave={() => selection.point(null)}
			>
				{#if live && open}
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
		{/if}
	{/each}
	{#if notation.ratios === 'hidden'}<!-- the course leaves ratios out -->{:else if down !== null}
		<th scope="col" class="ratio"
			>{en`ratio`}<span class="by">&nbsp;÷ {columnName(notation, t.form.columns[down])}</span></th
		>
	{:else if live}
		<td class="ratio"></td>
	{/if}
</tr>
