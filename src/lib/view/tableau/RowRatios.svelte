<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Comparison } from '$lib/core/method';
	import type { Board } from '$lib/core/notation';
	import type { Tableau } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** The ratios that the dual method compares along a row, as a line of the tableau. */
	interface Props {
		t: Tableau;
		shown: Board;
		along: Extract<Comparison, { along: 'row' }>;
	}
	let { t, shown, along }: Props = $props();
	const { document } = useDesk();
</script>

<tr class="row-ratios">
	<th scope="row" class="basis">{en`ratio`}</th>
	{#each shown.across as place, i (place.column)}
		{#if place.kind === 'entry'}
			{@const at = t.nonbasic.indexOf(shown.columns[place.at].index)}
			{@const ratio = at < 0 ? null : along.ratios[at]}
			<td class:least={ratio?.least} class:unit={at < 0}>
				{#if ratio?.value}<NumberView value={ratio.value} style={document.notation.numbers} />{:else}<span
						class="none">–</span
					>{/if}
			</td>
		{:else}<td class={place.kind} class:first={i !== shown.across.length - 1}></td>{/if}
	{/each}
	<td class="ratio"><span class="tag">{en`along row ${shown.rows[along.row].name}`}</span></td>
</tr>
