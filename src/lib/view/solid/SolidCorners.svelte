<script lang="ts">
	import type { Vector } from '$lib/core/number/linear-algebra';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Spot } from '../region/box';

	interface Corner extends Spot {
		readonly key: string;
		readonly exact: Vector;
		readonly text: string;
		readonly best: boolean;
	}
	/** The corners of a body, each a button that goes there by pivots. */
	let { corners, visit }: { corners: readonly Corner[]; visit: (at: Vector) => void } = $props();
	const { selection } = useDesk();
</script>

{#each corners as corner (corner.key)}
	<g
		class="corner"
		class:lit={selection.corner === corner.key}
		role="button"
		tabindex="0"
		aria-label={`Corner ${corner.text}${corner.best ? ', best' : ''}`}
		onpointerenter={() => selection.pointCorner(corner.key)}
		onpointerleave={() => selection.pointCorner(null)}
		onfocus={() => selection.pointCorner(corner.key)}
		onblur={() => selection.pointCorner(null)}
		onclick={() => visit(corner.exact)}
		onkeydown={(event) => {
			if (event.key !== 'Enter' && event.key !== ' ') return;
			event.preventDefault();
			visit(corner.exact);
		}}
	>
		<circle class="grip" cx={corner.x} cy={corner.y} r="11" />
		{#if corner.best}<circle class="best" cx={corner.x} cy={corner.y} r="9.5" />{/if}
		<circle class="dot" cx={corner.x} cy={corner.y} r="3.6" />
	</g>
{/each}

<style>
	.corner {
		outline: none;
		cursor: pointer;
	}
	.grip {
		fill: transparent;
		stroke: transparent;
	}
	.corner.lit .grip {
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner:focus-visible .grip {
		stroke: var(--focus);
		stroke-width: 2;
	}
	.dot {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
</style>
