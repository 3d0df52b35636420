<script lang="ts">
	import type { Problem } from '$lib/core/problem';
	import { Beside } from '$lib/desk/beside.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';

	interface Props {
		/** the other problem, and what it is called */
		problem: Problem;
		title: string;
		/** what the lesson's own is called then */
		name: string;
		/** what the button says, and what it is for */
		says: string;
		hint: string;
	}
	/** Opens a problem beside the lesson: two tableaux, each with its own steps. */
	let { problem, title, name, says, hint }: Props = $props();
	const beside = new Beside(useDesk());
</script>

<button class="btn tool" title={hint} onclick={() => beside.open(problem, title)}>{says}</button>
{#if beside.other}
	{#await import('./BesideSheet.svelte') then { default: BesideSheet }}
		<BesideSheet {beside} {name} />
	{/await}
{/if}
