<script lang="ts">
	import { en } from '$lib/core/language';
	import { zoom, zoomIdentity, select, type ZoomTransform } from 'd3';
	import { integerWords, nodeFound, STATE_WORDS } from '$lib/core/commentary';
	import { plainText } from '$lib/core/sentence';
	import type { NodeState, SearchNode } from '$lib/core/integer';
	import { decimalBeside, showNumber } from '$lib/core/number';
	import { RELATION_SIGNS } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { HIGH, laidOutTree, WIDE } from './tree-layout';

	/** The branch-and-bound tree: bounds at the nodes, branches at the edges; a state has a shape and a word. */
	const { document: lesson, reveal } = useDesk();
	const integers = useIntegers();
	const NONE: readonly number[] = [];
	const MOST_ENLARGED = 1.7;
	let folded = $state.raw<readonly number[]>(NONE);
	let unfolded = $state.raw<readonly number[]>(NONE);
	let width = $state(600);
	let height = $state(300);
	let svg = $state<SVGSVGElement>();
	let moved = $state.raw<ZoomTransform | null>(null);

	const progress = $derived(integers.tree.progress);
	const incumbent = $derived(progress.incumbent);
	const drawn = $derived(
		laidOutTree(
			progress.nodes,
			new Set(folded),
			new Set(unfolded),
			incumbent,
			integers.running.what === 'search'
		)
	);
	const bounds = $derived.by(() => {
		const xs = drawn.placed.map(({ x }) => x);
		const ys = drawn.placed.map(({ y }) => y);
		return {
			left: Math.min(0, ...xs) - WIDE / 2,
			right: Math.max(0, ...xs) + WIDE / 2,
			bottom: Math.max(0, ...ys) + 60
		};
	});
	/** the whole tree, until the reader moves it */
	const fitted = $derived.by(() => {
		const [w, h] = [bounds.right - bounds.left, bounds.bottom + 34];
		const k = Math.max(0.22, Math.min(MOST_ENLARGED, width / w, height / h));
		return zoomIdentity.translate(width / 2 - (k * (bounds.left + bounds.right)) / 2, 30 * k + 4).scale(k);
	});
	const view = $derived(moved ?? fitted);
	const behaviour = zoom<SVGSVGElement, unknown>()
		.scaleExtent([0.15, 3])
		.on('zoom', ({ transform, sourceEvent }) => {
			if (sourceEvent) moved = transform;
		});
	$effect(() => {
		if (!svg) return;
		select(svg).call(behaviour).on('dblclick.zoom', null);
		return () => select(svg!).on('.zoom', null);
	});
	// what the wheel and drags go on from
	$effect(() => {
		if (svg && !moved) select(svg).property('__zoom', fitted);
	});

	const next = $derived(reveal.conceals('advice') ? null : progress.next);
	/** what may be seen of a node's state */
	const stateOf = (node: SearchNode): NodeState => (integers.tree.hides(node.id) ? 'solved' : node.state);
	const words = (node: SearchNode) =>
		integers.tree.hides(node.id) ? 'covered' : node.id === incumbent ? 'incumbent' : STATE_WORDS[node.state];
	const text = (node: SearchNode) =>
		node.bound && !integers.tree.hides(node.id)
			? showNumber(node.bound, lesson.notation.numbers)
			: stateOf(node) === 'infeasible'
				? '–'
				: '?';
	/** a long fraction has its decimal below */
	const decimal = (node: SearchNode) =>
		node.bound && !integers.tree.hides(node.id) ? decimalBeside(node.bound, lesson.notation.numbers) : null;
	const below = (node: SearchNode) => [decimal(node), words(node)].filter(Boolean).join(' · ');
	/** the node under the pointer: only of this one is all of it said */
	let near = $state<number | null>(null);
	const told = $derived.by(() => {
		const { search } = integers.tree;
		const node = near === null ? undefined : progress.nodes[near];
		return search && node && !integers.tree.hides(node.id)
			? nodeFound(search, node)
					.map((line) => plainText(integerWords(search.problem, line), lesson.notation))
					.join(' ')
			: '';
	});
	const branchOf = ({ branching }: SearchNode) =>
		branching
			? `${branching.variable} ${RELATION_SIGNS[branching.relation]} ${branching.value.toFraction()}`
			: '';

	function toggle(node: SearchNode, isHidden: boolean) {
		const without = (list: readonly number[]) => list.filter((id) => id !== node.id);
		folded = isHidden ? without(folded) : [...folded, node.id];
		unfolded = isHidden ? [...unfolded, node.id] : without(unfolded);
	}
	function onkeydown(event: KeyboardEvent) {
		const { node } = integers.tree;
		const { nodes } = progress;
		if (!node) return;
		const kids = nodes.filter(({ parent }) => parent === node.id);
		const sisters = nodes.filter(({ parent }) => parent === node.parent);
		const at = sisters.indexOf(node);
		const target = {
			ArrowUp: node.parent === null ? undefined : nodes[node.parent],
			ArrowDown: kids[0],
			ArrowLeft: sisters[at - 1],
			ArrowRight: sisters[at + 1]
		}[event.key];
		if (event.key === 'Enter' && integers.tree.hides(node.id)) integers.tree.show(node.id);
		else if (event.key === 'Enter' && node.state === 'open') integers.tree.step(node.id);
		else if (event.key === ' ' && kids.length > 0)
			toggle(
				node,
				drawn.placed.some((own) => own.node.id === node.id && own.hidden > 0)
			);
		else if (target) integers.tree.look(target.id);
		else return;
		event.preventDefault();
	}
	const R = 21;
	/** room for a digit of a node's value */
	const DIGIT = 7.6;
	/** half of what a node is wider than a circle, so that its value stays inside */
	const extra = (node: SearchNode) => Math.max(0, (text(node).length * DIGIT) / 2 + 5 - R);
	/** A shape for each state: not colour alone. @param e by how much it is wider on each side */
	function shape(state: NodeState, e: number): string {
		const w = R + e;
		switch (state) {
			case 'open':
			case 'solved':
				return `M${-e} ${-R}h${2 * e}a${R} ${R} 0 0 1 0 ${2 * R}h${-2 * e}a${R} ${R} 0 0 1 0 ${-2 * R}z`;
			case 'branched':
				return `M${-w - 4} -15h${2 * w + 8}v30h${-2 * w - 8}z`;
			case 'whole':
				return `M0 ${-R - 5}l${w + 14} ${R + 5}l${-w - 14} ${R + 5}l${-w - 14} ${-R - 5}z`;
			case 'bound':
				return `M${-w - 8} -13h${2 * w + 16}l-8 28h${-2 * w}z`;
			case 'infeasible':
				return `M${-w} -8l8 -9h${2 * w - 16}l8 9v16l-8 9h${-2 * w + 16}l-8 -9z`;
		}
	}
</script>

<div class="canvas" bind:clientWidth={width} bind:clientHeight={height}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		bind:this={svg}
		{width}
		{height}
		tabindex="0"
		role="group"
		aria-label={en`Branch-and-bound tree. Arrow keys go from node to node, Enter solves an open one, the space bar folds.`}
		{onkeydown}
	>
		<g transform={view.toString()}>
			{#each drawn.placed as { node, x, y, parent } (node.id)}
				{#if parent}
					<path
						class="edge"
						d={`M${parent.x} ${parent.y + 16}C${parent.x} ${parent.y + HIGH / 2} ${x} ${y - HIGH / 2} ${x} ${y - R}`}
					/>
					{#if node.branching}
						<text class="branch" x={(x * 3 + parent.x) / 4} y={y - HIGH * 0.42} text-anchor="middle"
							>{branchOf(node)}</text
						>
					{/if}
				{/if}
			{/each}
			{#each drawn.placed as { node, x, y, hidden } (node.id)}
				<!-- svelte-ignore a11y_click_events_have_key_events -->
				<g
					class={`node ${stateOf(node)}`}
					class:incumbent={node.id === incumbent}
					class:next={node.id === next}
					class:selected={node.id === integers.tree.node?.id}
					transform={`translate(${x} ${y})`}
					role="img"
					aria-label={en`Node ${node.id}, ${branchOf(node) || en`the relaxation`}: ${words(node)}, ${text(node)} ${decimal(node) ?? ''}`}
					onpointerenter={() => (near = node.id)}
					onpointerleave={() => (near = null)}
					onclick={() => integers.tree.look(node.id)}
					ondblclick={() =>
						integers.tree.hides(node.id)
							? integers.tree.show(node.id)
							: node.state === 'open' && integers.tree.step(node.id)}
				>
					{#if node.id === near}<title>{told}</title>{/if}
					<path d={shape(stateOf(node), extra(node))} />
					{#if node.id === incumbent}<path
							class="double"
							d={shape('whole', extra(node))}
							transform="scale(0.82)"
						/>{/if}
					<text text-anchor="middle" y="5">{text(node)}</text>
					{#if stateOf(node) === 'branched'}
						<!-- below it are its branches -->
						<text class="word" x={R + extra(node) + 10} y="5">{decimal(node) ?? ''}</text>
					{:else}<text class="word" text-anchor="middle" y={R + 15}>{below(node)}</text>{/if}
					{#if node.id === next}<text class="word now" text-anchor="middle" y={-R - 6}>{en`next`}</text>{/if}
					{#if hidden > 0}
						<g class="fold" role="presentation" onclick={() => toggle(node, true)}>
							<text text-anchor="middle" y={R + 29}>{en`+ ${hidden} below`}</text>
						</g>
					{/if}
				</g>
			{/each}
		</g>
	</svg>
	{#if moved}<button class="btn tool fit" onclick={() => (moved = null)}>{en`Whole tree`}</button>{/if}
</div>

<style>
	.canvas {
		position: relative;
		height: 100%;
		min-height: 8rem;
		overflow: hidden;
	}
	svg {
		display: block;
		cursor: grab;
	}
	.edge {
		fill: none;
		stroke: var(--rule-strong);
		stroke-width: 1.5;
	}
	.branch {
		font-size: 0.8rem;
		font-style: italic;
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 5px;
	}
	.node {
		cursor: pointer;
	}
	.node path {
		fill: var(--sheet-raised);
		stroke: var(--ink-soft);
		stroke-width: 1.6;
	}
	.node text {
		font-size: 0.85rem;
		font-weight: 600;
		fill: var(--ink);
	}
	.node .word {
		font-size: 0.72rem;
		font-weight: 400;
		font-style: italic;
		fill: var(--ink-soft);
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 4px;
	}
	.open path {
		stroke-dasharray: 4 3;
	}
	.whole path,
	.incumbent path {
		stroke: var(--ink);
		stroke-width: 2.4;
	}
	.incumbent .double {
		fill: none;
		stroke-width: 1;
	}
	.bound path,
	.infeasible path {
		fill: var(--paper);
	}
	.infeasible path {
		stroke: var(--error);
	}
	.next path {
		stroke: var(--now);
		stroke-width: 2.4;
	}
	.node .now {
		fill: var(--now);
		font-weight: 700;
	}
	.selected path {
		fill: var(--now-wash);
	}
	.fold text {
		font-size: 0.72rem;
		text-decoration: underline;
	}
	.fit {
		position: absolute;
		right: var(--gap-2);
		bottom: var(--gap-2);
		background: var(--sheet);
	}
</style>
