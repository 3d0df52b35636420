<script lang="ts">
	import { mustBeWhole, type Problem } from '$lib/core/problem';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { points } from '../region/picture';
	import { aroundMiddle, type Projection } from '../solid/camera';
	import { solidOf, type Room, type Solid } from '../solid/solid';
	import Hatch from './Hatch.svelte';
	import { wholePointsOf } from './whole-points';

	interface Props {
		problem: Problem;
		view: Projection;
		room: Room;
		/** told whether some are left out, since they are many */
		thinned: boolean;
	}
	/** In the body of three variables: the whole points, and what the branches leave. */
	let { problem, view, room, thinned = $bindable() }: Props = $props();
	const integers = useIntegers();
	const uid = $props.id();
	const whole = $derived(
		problem.variables.every(mustBeWhole) ? wholePointsOf(problem, room) : { points: [], thinned: false }
	);
	$effect(() => {
		thinned = whole.thinned;
	});
	const shown = $derived(
		whole.points.map((at) => ({ key: at.join(' '), depth: view.depth(at), ...view.spot(at) }))
	);
	/** the whole body and what the branches leave of it, at the node that is looked at below the root */
	const branched = $derived.by(() => {
		const { nodeProblem, node } = integers.tree;
		if (integers.mode !== 'branching' || nodeProblem?.variables.length !== 3 || !node?.branching) return null;
		return { all: solidOf(problem, room), left: solidOf(nodeProblem, room) };
	});
	const left = $derived(branched?.left);
	const outlines = (solid: Solid | undefined) =>
		solid
			? solid.faces
					.filter(({ normal }) => solid.dimension < 3 || view.faces(normal))
					.map(({ vertices }) => points(vertices.map((i) => view.spot(solid.vertices[i].at))))
			: [];
	const removed = $derived(outlines(branched?.all));
	const leftFaces = $derived(outlines(left));
	const leftOutline = $derived(
		left && left.dimension < 3 && left.faces.length === 0
			? points(aroundMiddle(left.vertices.map((own) => view.spot(own.at))))
			: ''
	);
	const [NEAR, FAR] = [4.2, 2.2];
	const radius = (depth: number) => FAR + ((1 - depth) / 2) * (NEAR - FAR);
</script>

{#if branched}<Hatch id={`${uid}-cut-off`} />{/if}
{#each removed as outline, i (i)}<polygon
		class="removed"
		fill={`url(#${uid}-cut-off)`}
		points={outline}
	/>{/each}
{#each leftFaces as outline, i (i)}<polygon class="left" points={outline} />{/each}
{#if leftOutline}<polygon class="left" points={leftOutline} />{/if}
{#each shown as { key, x, y, depth } (key)}<circle class="whole" cx={x} cy={y} r={radius(depth)} />{/each}

<style>
	.removed {
		fill-opacity: 0.55;
		pointer-events: none;
	}
	.left {
		fill: var(--now-wash);
		fill-opacity: 0.85;
		stroke: var(--now);
		stroke-width: 2;
		stroke-linejoin: round;
		pointer-events: none;
	}
	.whole {
		fill: var(--ink);
		stroke: var(--sheet);
		stroke-width: 1;
		pointer-events: none;
	}
</style>
