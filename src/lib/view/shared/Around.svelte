<!-- A sentence around fields: texts and what stands between them, as `around` gives them. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	let { pieces }: { pieces: readonly (string | Snippet)[] } = $props();
</script>

{#each pieces as piece, i (i)}{#if typeof piece === 'string'}{piece}{:else}{@render piece()}{/if}{/each}
