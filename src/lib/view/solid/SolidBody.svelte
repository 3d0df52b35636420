<script lang="ts">
	import { type LineOwner, type Spot } from '$lib/core/geometry';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Identity } from '$lib/desk/identity';
	import { sameOwner } from '$lib/core/problem';

	interface Props {
		edges: readonly { p: Spot; q: Spot; own: boolean; hidden: boolean }[];
		faces: readonly {
			key: string;
			owner: LineOwner | null;
			identity: Identity | undefined;
			front: boolean;
			outline: string;
		}[];
		/** the objective's plane in the body, and the plane that is being looked at, as points of polygons */
		plane: string;
		current: string;
		/** the constraint or bound that the step of the construction is about */
		about: LineOwner | null;
	}
	/** Faces and edges of a body: what looks away dashed, the objective's plane between back and front. */
	let { edges, faces, plane, current, about }: Props = $props();
	const { selection } = useDesk();
</script>

{#each edges as { p, q, own, hidden }, i (i)}
	{#if hidden}<line class="edge behind" class:frame={!own} x1={p.x} y1={p.y} x2={q.x} y2={q.y} />{/if}
{/each}
{#if plane}<polygon class="goal" points={plane} />{/if}
{#each faces as face (face.key)}
	{#if face.front}
		<polygon
			class="face"
			class:frame={!face.owner}
			class:about={sameOwner(about, face.owner)}
			class:lit={face.owner?.kind === 'constraint' &&
				selection.isPointed({ kind: 'constraint', name: face.owner.name })}
			style:color={face.identity?.colour}
			data-face={face.owner?.name}
			role="presentation"
			points={face.outline}
			onpointerenter={() =>
				face.owner?.kind === 'constraint' && selection.point({ kind: 'constraint', name: face.owner.name })}
			onpointerleave={() => selection.point(null)}
		/>
	{/if}
{/each}
{#if current}<polygon class="current" points={current} />{/if}
{#each edges as { p, q, own, hidden }, i (i)}
	{#if !hidden}<line class="edge" class:frame={!own} x1={p.x} y1={p.y} x2={q.x} y2={q.y} />{/if}
{/each}

<style>
	.edge {
		stroke: var(--ink);
		stroke-width: 2;
		pointer-events: none;
	}
	.edge.behind {
		stroke-width: 1.3;
		stroke-dasharray: 5 4;
		stroke: var(--ink-soft);
	}
	.edge.frame {
		stroke-dasharray: 1.5 4;
		stroke-width: 1.5;
	}
	.face {
		color: var(--ink-soft);
		fill: currentColor;
		fill-opacity: 0.16;
	}
	.face.frame {
		fill-opacity: 0.05;
	}
	.face:is(.lit, .about) {
		fill-opacity: 0.42;
	}
	.current {
		fill: var(--now);
		fill-opacity: 0.18;
		stroke: var(--now);
		stroke-width: 2;
		pointer-events: none;
	}
	.goal {
		fill: var(--now);
		fill-opacity: 0.3;
		stroke: var(--now);
		stroke-width: 2;
		stroke-dasharray: 7 5;
		pointer-events: none;
	}
</style>
