<script lang="ts">
	import { en } from '$lib/core/language';
	import { bestFace, region as regionOf } from '$lib/core/geometry';
	import type { Problem } from '$lib/core/problem';
	import { frameOf } from './frame';
	import { fitOf, makePicture, makeScene } from './picture';
	import { NOWHERE, type Lit } from '../design/lit';
	import { identityAt } from '$lib/desk/identity';

	/** A region at a glance: its shape, lines, corners and where the objective is best. */
	let {
		problem,
		lit = NOWHERE,
		showsBest = true,
		width = 220,
		height = 170
	}: { problem: Problem; lit?: Lit; showsBest?: boolean; width?: number; height?: number } = $props();
	const region = $derived(regionOf(problem));
	const best = $derived(showsBest ? bestFace(problem, region) : null);
	const identities = $derived(new Map(problem.constraints.map(({ name }, i) => [name, identityAt(i)])));
	const picture = $derived(
		makePicture(
			makeScene(region),
			frameOf(fitOf(region, []), { width, height }),
			best,
			'fraction',
			identities
		)
	);
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	role="img"
	aria-label={en`Region with ${region.vertices.length} corners`}
>
	<polygon class="feasible" points={picture.fill} />
	<polyline class="flat" points={picture.flat} />
	{#each picture.lines as { key, ends, identity, kind, name } (key)}
		{#if ends}<line
				class:lit={kind === 'constraint' && lit.rows.includes(name)}
				x1={ends[0].x}
				y1={ends[0].y}
				x2={ends[1].x}
				y2={ends[1].y}
				stroke={identity?.colour ?? 'var(--rule-strong)'}
				stroke-dasharray={identity?.dash}
			/>{/if}
	{/each}
	{#each picture.corners as { key, x, y, best: isBest } (key)}
		{#if isBest}<circle class="best" cx={x} cy={y} r={lit.part === 'best' ? 11 : 7} />{/if}
		<circle cx={x} cy={y} r={lit.part === 'corners' ? 5 : 2.6} />
	{/each}
</svg>

<style>
	svg {
		display: block;
		max-width: 100%;
	}
	.feasible {
		fill: var(--feasible);
	}
	.flat {
		stroke: var(--rule-strong);
		stroke-width: 5;
	}
	line {
		stroke-width: 1.6;
	}
	.lit {
		stroke-width: 4;
	}
	circle {
		fill: var(--ink);
	}
	.best {
		fill: none;
		stroke: var(--now);
		stroke-width: 2;
	}
</style>
