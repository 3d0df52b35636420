<script lang="ts">
	import type { Sample } from '$lib/desk/samples/sample';
	import { readStatement } from '$lib/core/problem';
	import MiniRegion from '../region/MiniRegion.svelte';

	/** A sample at a glance: the region of two variables, or how large its problem is. */
	let { lesson }: { lesson: Sample['lesson'] } = $props();
	const problem = $derived(readStatement(lesson.statement).problem);
</script>

{#if problem && problem.variables.length === 2}
	<span class="cut" aria-hidden="true"
		><MiniRegion {problem} showsBest={false} width={172} height={136} /></span
	>
{:else if problem}
	<span class="size" aria-hidden="true">{problem.constraints.length} × {problem.variables.length}</span>
{/if}

<style>
	/* the room for the axes' numbers, which are not there, is cut off */
	.cut {
		display: block;
		width: 118px;
		height: 80px;
		overflow: hidden;
	}
	.cut :global(svg) {
		max-width: none;
		margin: -24px 0 0 -42px;
	}
	.size {
		display: grid;
		place-items: center;
		width: 112px;
		height: 76px;
		color: var(--ink-soft);
		border: 1px dashed var(--rule-strong);
		border-radius: 3px;
		font-variant-numeric: tabular-nums;
	}
</style>
