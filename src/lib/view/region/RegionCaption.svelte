<script lang="ts">
	import { en } from '$lib/core/language';
	import { joined, plainText, say } from '$lib/core/sentence';
	import { quantity, tightNames } from '$lib/core/commentary';
	import { type BestFace, planAt, type Region } from '$lib/core/geometry';
	import { objectiveAt, type Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';

	/** One line under the picture: the corner pointed at, else what the region is. */
	interface Props {
		problem: Problem;
		region: Region;
		/** where the objective is best, as far as it is shown */
		best: BestFace | null;
		corner: number | null;
	}
	let { problem, region, best, corner }: Props = $props();
	const { document: lesson } = useDesk();

	const SHAPES: Record<Region['shape'], string> = {
		empty: en`The region is empty: no plan satisfies all constraints.`,
		point: en`The region is a single point.`,
		segment: en`The region is a segment.`,
		ray: en`The region is a half-line.`,
		line: en`The region is a line.`,
		polygon: '',
		unbounded: en`The region is unbounded.`,
		plane: en`Nothing limits the region.`
	};

	const text = $derived.by(() => {
		const at = corner === null ? undefined : region.vertices[corner]?.at;
		if (at) {
			const plan = planAt(problem, at);
			const value = objectiveAt(problem, plan);
			const { name, unit } = problem.objective;

			return plainText(
				say`Corner (${at[0]}, ${at[1]}): ${joined(tightNames(problem, plan))}; ${name} = ${quantity(value, unit)}.`,
				lesson.notation
			);
		}
		const corners = region.vertices.length;
		const shape = SHAPES[region.shape] || en`${corners} corners.`;
		if (!best) return shape;
		if (best.way) return en`${shape} ${problem.objective.name} improves without limit.`;
		if (corners > 0 && best.points.length === 2) return en`${shape} A whole edge is optimal.`;
		return shape;
	});
</script>

<p aria-live="polite">{text}</p>

<style>
	p {
		flex: none;
		padding: 0.1rem var(--gap-3) 0.35rem;
		font-size: var(--size-note);
		color: var(--ink-soft);
		min-height: 1.7rem;
	}
</style>
