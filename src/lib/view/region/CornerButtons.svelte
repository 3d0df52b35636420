<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pressedByKeys } from '../shared/pressed-by-keys';
	import { type Spot } from '$lib/core/geometry';

	interface Corner extends Spot {
		/** the corner's own key, the same in every view */
		readonly corner: string;
		readonly text: string;
		readonly best: boolean;
	}
	interface Props {
		corners: readonly Corner[];
		/** goes to a corner by pivots; left out, the corners are only seen */
		visit?: (corner: string) => void;
	}
	/** The corners in a picture, each a button that goes there by pivots. */
	let { corners, visit }: Props = $props();
	const { selection } = useDesk();
</script>

{#each corners as { corner, x, y, text, best } (corner)}
	<g
		class="corner"
		class:lit={selection.corner === corner}
		role="button"
		aria-label={en`Corner ${text}${best ? en`, best` : ''}`}
		tabindex={visit ? 0 : -1}
		onpointerenter={() => selection.pointCorner(corner)}
		onpointerleave={() => selection.pointCorner(null)}
		onfocus={() => selection.pointCorner(corner)}
		onblur={() => selection.pointCorner(null)}
		onclick={() => visit?.(corner)}
		onkeydown={pressedByKeys(() => visit?.(corner))}
	>
		<circle class="grip" cx={x} cy={y} r="11" />
		{#if best}<circle class="best" cx={x} cy={y} r="9.5" />{/if}
		<circle class="dot" cx={x} cy={y} r="3.6" />
	</g>
{/each}

<style>
	.grip {
		stroke: transparent;
		fill: transparent;
	}
	.dot {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner {
		outline: none;
		cursor: pointer;
	}
	.corner.lit .grip {
		stroke: var(--now);
		stroke-width: 2;
	}
	.corner:focus-visible .grip {
		stroke: var(--focus);
		stroke-width: 2;
	}
</style>
