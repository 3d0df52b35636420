<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		BRANCHING_RULES,
		type BranchingRule,
		type Direction,
		DIRECTIONS,
		NODE_RULES,
		type NodeRule
	} from '$lib/core/integer';
	import { nodeReasons } from '$lib/core/commentary';
	import { mustBeWhole } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import BesideButton from '../beside/BesideButton.svelte';
	import Reasons from '../commentary/Reasons.svelte';
	import Words from '../shared/Words.svelte';
	import BoundChart from './BoundChart.svelte';
	import TreePicture from './TreePicture.svelte';

	/** Branch and bound: the tree, step by step by rule or by hand, the node looked at, and what is known after each node. */
	const { reveal } = useDesk();
	const integers = useIntegers();
	const NODES: Record<NodeRule, string> = {
		'best-bound': en`best bound`,
		'depth-first': en`depth first`,
		'breadth-first': en`breadth first`
	};
	const BRANCHINGS: Record<BranchingRule, string> = {
		first: en`first fractional`,
		'most-fractional': en`nearest to a half`
	};
	const SIDES: Record<Direction, string> = { down: en`down first`, up: en`up first` };
	const search = $derived(integers.tree.search);
	const progress = $derived(integers.tree.progress);
	const node = $derived(integers.tree.node);
	const waiting = $derived(integers.tree.waiting);
	const isRunning = $derived(integers.running.what === 'search');
	const CLOSINGS = [
		{ way: 'bound', says: en`Close by bound` },
		{ way: 'infeasible', says: en`Close as infeasible` },
		{ way: 'whole', says: en`Close as whole` }
	] as const;
	const wholes = $derived(search?.problem.variables.filter(mustBeWhole).map(({ name }) => name) ?? []);
	let charted = $state(false);
	const series = $derived.by(() => {
		const { history } = progress;
		return [
			{ name: 'bound', values: history.map(({ nodes, bound }) => ({ at: nodes, value: bound })) },
			{
				name: 'incumbent',
				dashed: true,
				values: history.map(({ nodes, incumbent }) => ({ at: nodes, value: incumbent }))
			}
		];
	});
</script>

<div class="whole">
	<div class="bar">
		<label
			>{en`Node`}
			<select
				class="field"
				value={integers.tree.rules.node}
				onchange={({ currentTarget }) => integers.tree.chooseRules({ node: currentTarget.value as NodeRule })}
			>
				{#each NODE_RULES as rule (rule)}<option value={rule}>{NODES[rule]}</option>{/each}
			</select></label
		>
		<label
			>{en`Branch on`}
			<select
				class="field"
				value={integers.tree.rules.branching}
				onchange={({ currentTarget }) =>
					integers.tree.chooseRules({ branching: currentTarget.value as BranchingRule })}
			>
				{#each BRANCHING_RULES as rule (rule)}<option value={rule}>{BRANCHINGS[rule]}</option>{/each}
			</select></label
		>
		<label
			><span class="only-heard">{en`Which side first`}</span><select
				class="field"
				value={integers.tree.rules.first}
				onchange={({ currentTarget }) =>
					integers.tree.chooseRules({ first: currentTarget.value as Direction })}
			>
				{#each DIRECTIONS as side (side)}<option value={side}>{SIDES[side]}</option>{/each}
			</select></label
		>
		<button class="btn tool now" disabled={isRunning || progress.isDone} onclick={() => integers.tree.step()}
			>{waiting ? en`Show what follows` : en`Next node`}</button
		>
		{#if isRunning}
			<button class="btn tool" onclick={() => integers.running.cancel()}>{en`Stop`}</button>
		{:else}
			<button class="btn tool" disabled={progress.isDone} onclick={() => void integers.tree.run()}
				>{en`All nodes`}</button
			>
		{/if}
		<button class="btn tool" disabled={!integers.tree.isBegun} onclick={() => integers.tree.begin()}
			>{en`Begin again`}</button
		>
		<button
			class="btn tool"
			aria-pressed={integers.tree.asks}
			title={en`What follows from a node is shown on the next step`}
			onclick={() => integers.tree.toggleAsks()}>{en`Ask first`}</button
		>
		<button
			class="btn tool"
			aria-pressed={reveal.conceals('nodes')}
			title={en`What the nodes come to is shown one by one`}
			onclick={() => reveal.toggle('nodes')}>{en`Hide results`}</button
		>
		<button
			class="btn tool"
			aria-pressed={charted}
			disabled={!integers.tree.isBegun}
			onclick={() => (charted = !charted)}>{en`Chart`}</button
		>
	</div>
	{#if search && node}
		<div class="tree"><TreePicture /></div>
		{#if charted && !integers.tree.hidesAny}<BoundChart {series} across="nodes" />{/if}
		<div class="flex-none max-h-[40%] overflow-auto border-t border-rule pt-1" aria-live="polite">
			{#each progress.said as sentence, i (i)}<p><Words {sentence} linked={false} decimals /></p>{/each}
			<p class="node">
				{#each integers.tree.nodeSaid as sentence, i (i)}<Words
						{sentence}
						linked={false}
						decimals
					/>&ensp;{/each}
			</p>
			<p class="flex flex-wrap gap-2">
				{#if node.state === 'open'}
					<button
						class="btn tool"
						disabled={waiting !== null || isRunning}
						onclick={() => integers.tree.step(node.id)}>{en`Solve this node`}</button
					>
				{/if}
				{#if integers.tree.hides(node.id)}
					<span>{en`Node ${node.id}: what does it come to?`}</span>
					<button class="btn tool now" onclick={() => integers.tree.show(node.id)}
						>{en`Show its result`}</button
					>
				{:else if node.state === 'solved'}
					<span>{en`What follows?`}</span>
					{#each wholes as name (name)}
						<button class="btn tool" onclick={() => integers.tree.claim({ way: 'branch', variable: name })}
							>{en`Branch on ${name}`}</button
						>
					{/each}
					{#each CLOSINGS as { way, says } (way)}
						<button class="btn tool" onclick={() => integers.tree.claim({ way })}>{says}</button>
					{/each}
				{/if}
				{#if integers.tree.nodeProblem && node.id > 0}
					<BesideButton
						problem={integers.tree.nodeProblem}
						title={en`Node ${node.id}`}
						name={en`The relaxation`}
						says={en`Beside the root`}
						hint={en`Its tableau beside the lesson’s, each with its own steps`}
					/>
				{/if}
				<button
					class="btn tool"
					title={en`The branches on the way join the trail`}
					onclick={() => void integers.tree.work(node.id)}>{en`Its tableau`}</button
				>
			</p>
			{#if integers.tree.wrong}<p class="wrong" role="status">
					✗ <Words sentence={integers.tree.wrong} linked={false} />
				</p>{/if}
			{#if !integers.tree.hides(node.id)}<Reasons reasons={nodeReasons(search, node)} />{/if}
		</div>
	{:else}
		{#if integers.relaxation?.status === 'infeasible'}
			<p>{en`The relaxation has no plan: the root is closed at once, and there is no integer plan.`}</p>
		{:else if integers.relaxation?.status === 'unbounded'}
			<p>
				{en`The relaxation is unbounded, so no node has a bound. If there are integer plans, none of them is best: the statement lacks a limit.`}
			</p>
		{:else}<p>{en`The relaxation has to be solved first.`}</p>{/if}
	{/if}
</div>

<style>
	.whole {
		height: 100%;
		display: flex;
		flex-direction: column;
	}
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
		font-size: var(--size-note);
	}
	.bar select {
		width: auto;
		display: inline-block;
	}
	.tree {
		flex: 1 1 10rem;
		min-height: 9rem;
	}
	p {
		margin: 0 0 var(--gap-1);
	}
	.wrong {
		color: var(--error);
	}
</style>
