<script lang="ts">
	import { type BoardCell, numberPieces } from '$lib/core/notation';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** A number of an objective row, with its multiple of M where it has one. */
	let { cell }: { cell: BoardCell } = $props();
	const { document } = useDesk();
	const pieces = $derived(numberPieces(cell));
</script>

<span class:with-m={pieces.length > 1}
	>{#each pieces as piece, i (i)}{#if piece === 'M'}<i>M</i
			>{:else if typeof piece === 'string'}{piece}{:else}<NumberView
				value={piece}
				style={document.notation.numbers}
			/>{/if}{/each}</span
>

<style>
	.with-m {
		white-space: pre;
	}
</style>
