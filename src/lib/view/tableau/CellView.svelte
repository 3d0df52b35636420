<script lang="ts">
	import { type BoardCell, numberPieces } from '$lib/core/notation';
	import { useDesk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';

	/** A number of an objective row, with its multiple of M where it has one. */
	let { cell }: { cell: BoardCell } = $props();
	const { document } = useDesk();
	const pieces = $derived(numberPieces(cell));
</script>

{#snippet written()}{#each pieces as piece, i (i)}{#if piece === 'M'}<i>M</i
			>{:else if typeof piece === 'string'}{piece}{:else}<NumberView
				value={piece}
				style={document.notation.numbers}
			/>{/if}{/each}{/snippet}

{#if pieces.length > 1}<span class="with-m">{@render written()}</span>{:else}{@render written()}{/if}

<style>
	.with-m {
		white-space: pre;
	}
</style>
