<script lang="ts">
	import { en } from '$lib/core/language';
	import { printTerms, type Problem, RELATION_SIGNS } from '$lib/core/problem';
	import { showNumber } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { COMB, points, type PictureLine } from './picture';

	/** The lines of constraints and bounds, with strokes towards the side that stays. */
	interface Props {
		problem: Problem;
		lines: readonly PictureLine[];
		broken: ReadonlySet<string>;
	}
	let { problem, lines, broken }: Props = $props();
	const { document, selection } = useDesk();
	/** a line as it is heard: its name, what it says, and whether the present point violates it */
	function says({ name, kind, redundant }: PictureLine): string {
		const row = kind === 'constraint' && problem.constraints.find((own) => own.name === name);
		const own = row
			? `${printTerms(row.terms)} ${RELATION_SIGNS[row.relation]} ${showNumber(row.rhs, document.notation.numbers)}`
			: en`bound`;
		return en`Line ${name}: ${own}${redundant ? en`, redundant` : ''}${broken.has(name) ? en`, violated here` : ''}`;
	}
</script>

{#each lines as line (line.key)}
	{@const way = points(line.ends ?? [])}
	<g
		class={line.identity ? 'line' : 'bound'}
		class:lit={line.identity && selection.isPointed(line.pointed)}
		class:about={line.about}
		class:redundant={line.redundant}
		class:violated={broken.has(line.name)}
		data-line={line.identity && line.name}
		role="img"
		aria-label={says(line)}
		style:color={line.identity?.colour}
		onpointerenter={() => line.identity && selection.point(line.pointed)}
		onpointerleave={() => line.identity && selection.point(null)}
	>
		<polyline class="comb" points={points(line.comb ?? [])} stroke-width={COMB} />
		<polyline class="stroke" points={way} stroke-dasharray={line.identity?.dash} />
		{#if line.identity}<polyline class="grip" points={way} />{/if}
	</g>
{/each}

<style>
	.stroke {
		stroke: currentColor;
		stroke-width: 2;
	}
	:is(.lit, .about) .stroke {
		stroke-width: 4;
	}
	.violated .stroke {
		stroke-width: 3.5;
		stroke: var(--error);
	}
	.redundant .stroke {
		stroke-opacity: 0.75;
	}
	.comb {
		stroke: currentColor;
		stroke-dasharray: 1.2 24.8;
		stroke-dashoffset: -12.4;
		stroke-opacity: 0.75;
		pointer-events: none;
	}
	.grip {
		stroke: transparent;
		fill: transparent;
		stroke-width: 12;
	}
	.bound {
		color: var(--ink-soft);
	}
	.bound .stroke {
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	.bound.about .stroke {
		stroke-width: 4;
	}
</style>
