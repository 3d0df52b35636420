<script lang="ts">
	import type { Content } from '$lib/core/notation';
	import NumberView from '../shared/NumberView.svelte';
	import CellView from './CellView.svelte';

	/** What stands in a place of a written tableau. */
	let { content }: { content: Content } = $props();
</script>

{#if content.kind === 'number'}<CellView cell={content.cell} />{:else if content.kind === 'divisor'}÷ <NumberView
		value={content.value}
	/>{:else if content.kind === 'name' || content.kind === 'word'}{content.text}{/if}
