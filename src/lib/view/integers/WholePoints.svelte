<script lang="ts">
	import { en } from '$lib/core/language';
	import { brokenSentence } from '$lib/core/commentary';
	import { plainText } from '$lib/core/sentence';
	import { showNumber } from '$lib/core/number';
	import { brokenAt, objectiveAt, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import type { Frame } from '../region/frame';
	import { membership, planOfPoint, wholePointsIn } from './whole-points';

	interface Props {
		problem: Problem;
		axes: readonly [string, string];
		frame: Frame;
		/** told whether some are left out, where they would merge */
		thinned: boolean;
	}
	/** The whole points of the picture, those of the region filled; a click judges one with the roundings. */
	let { problem, axes, frame, thinned = $bindable() }: Props = $props();
	const { document: lesson } = useDesk();
	const integers = useIntegers();
	const shown = $derived(wholePointsIn(frame));
	const isIn = $derived(membership(problem, axes));
	$effect(() => {
		thinned = shown.thinned;
	});
	/** the point under the pointer: only of this one is it worked out what is said */
	let near = $state.raw<{ x: number; y: number } | null>(null);
	const said = $derived.by(() => {
		if (!near) return '';
		const plan = planOfPoint(axes, near.x, near.y);
		const broken = brokenAt(problem, plan);
		const own = broken.length
			? en`violates ${broken.map((one) => plainText(brokenSentence(one), lesson.notation)).join(', ')}`
			: `${problem.objective.name} = ${showNumber(objectiveAt(problem, plan), lesson.notation.numbers)}`;
		return en`(${near.x}, ${near.y}): ${own}. Click to judge it with the roundings.`;
	});
	const SPOT = 3.4;
</script>

<g class="points">
	{#each shown.points as { x, y } (`${x} ${y}`)}
		{@const feasible = isIn(x, y)}
		<circle
			class:feasible
			cx={frame.x(x)}
			cy={frame.y(y)}
			r={feasible ? SPOT : SPOT - 1.2}
			role="presentation"
			onclick={() => integers.point(planOfPoint(axes, x, y))}
			onpointerenter={() => (near = { x, y })}
			onpointerleave={() => (near = null)}
			>{#if near?.x === x && near.y === y}<title>{said}</title>{/if}</circle
		>
	{/each}
</g>

<style>
	circle {
		fill: var(--sheet);
		stroke: var(--rule-strong);
		stroke-width: 1;
		cursor: pointer;
	}
	.feasible {
		fill: var(--ink);
		stroke: var(--sheet);
	}
	circle:hover {
		stroke: var(--now);
		stroke-width: 3;
	}
</style>
