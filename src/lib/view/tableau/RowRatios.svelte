<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Comparison } from '$lib/core/method';
	import type { BoardLine } from '$lib/core/notation';
	import type { Tableau } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** The ratios that the dual method compares along a row, as a line of the tableau. */
	interface Props {
		t: Tableau;
		/** the row along which they are compared */
		line: BoardLine;
		along: Extract<Comparison, { along: 'row' }>;
	}
	let { t, line, along }: Props = $props();
	const { document } = useDesk();
</script>

<tr class="row-ratios">
	<th scope="row" class="basis">{en`ratio`}</th>
	{#each line.cells as { place, column }, i (column?.index ?? place)}
		{#if column}
			{@const at = t.nonbasic.indexOf(column.index)}
			{@const ratio = at < 0 ? null : along.ratios[at]}
			<td class:least={ratio?.least} class:unit={at < 0}>
				{#if ratio?.value}<NumberView value={ratio.value} style={document.notation.numbers} />{:else}<span
						class="none">–</span
					>{/if}
			</td>
		{:else}<td class={place} class:first={i !== line.cells.length - 1}></td>{/if}
	{/each}
	<td class="ratio"><span class="tag">{en`along row ${line.row?.name}`}</span></td>
</tr>
