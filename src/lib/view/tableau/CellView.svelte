<script lang="ts">
	import type { BoardCell } from '$lib/core/notation';
	import { isZero } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** A number of an objective row, with its multiple of M where it has one. */
	let { cell }: { cell: BoardCell } = $props();
	const { document } = useDesk();
	const style = $derived(document.notation.numbers);
	const m = $derived(cell.m && !isZero(cell.m) ? cell.m : null);
	const unit = $derived(m?.abs().equals(1));
</script>

{#if m}<span class="with-m"
		>{#if !isZero(cell.plain)}<NumberView value={cell.plain} {style} />&nbsp;{m.s < 0n
				? '−'
				: '+'}&nbsp;{:else if m.s < 0n}−{/if}{#if !unit}<NumberView value={m.abs()} {style} />{/if}<i>M</i
		></span
	>{:else}<NumberView value={cell.plain} {style} />{/if}

<style>
	.with-m {
		white-space: nowrap;
	}
</style>
