<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Sentence } from '$lib/core/sentence';
	import { branchOf, choiceOf, labelOf, type Stop, type TrailNode } from '$lib/core/move';
	import { moves } from '$lib/core/method';
	import { columnOf, isPrimalFeasible, objectiveValue } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { namingOf } from '$lib/desk/naming';
	import { textScale } from '../shared/measure';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';
	import { laidOut } from './layout';

	const NONE: ReadonlySet<number> = new Set();
	const { document, session } = useDesk();
	const rows = $derived(laidOut(document.trail));
	const lanes = $derived(Math.max(1, ...rows.map((row) => row.lane + 1)));
	const stops = $derived(new Map(session.stops.map((stop) => [stop.node.id, stop])));
	/** steps on the way to where one wanted to stand that the statement does not allow */
	const impossible = $derived(session.broken ? branchOf(document.trail, session.broken.node.id) : NONE);
	let editing = $state<TrailNode | null>(null);
	const INDENT = 16;
	const ROW = Math.round(28 * textScale());

	const naming = $derived(namingOf(document, session.tableau));
	const label = ({ move }: TrailNode): Sentence => labelOf(move, naming);

	/** What is remarkable about a step on the way: of length 0, outside, back at a known basis. */
	function signs(stop: Stop, i: number): string[] {
		const { work } = stop.position;
		const { move } = stop.node;
		if (!work || !move) return [];
		const before = session.stops[i - 1]?.position.work;
		const choice = move.kind === 'pivot' && before ? choiceOf(before.tableau, move) : null;
		const stays = choice && before && !moves(before.tableau, choice);
		const { loop } = session;
		const index =
			loop && i === session.stops.length - 1 ? session.stops.findIndex(({ node }) => node === loop.node) : -1;
		return [
			...(stays ? [en`degenerate`] : []),
			...(!isPrimalFeasible(work.tableau) ? [en`not feasible`] : []),
			...(index >= 0 ? [en`same basis as ${index === 0 ? en`the start` : en`step ${index}`}`] : [])
		];
	}

	const basisOf = (stop: Stop): string =>
		stop.position.work?.tableau.basis
			.map((j) => columnOf(stop.position.work!.tableau, j))
			.filter(({ kind }) => kind !== 'vacant')
			.map(({ name }) => name)
			.join(' ') ?? '';
</script>

<Pane pane="trail" name={en`Trail`} aside={document.stale ? en`last right statement` : null}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="scroll" tabindex="0" role="group" aria-label={en`Steps taken`}>
		<div class="tree" style:--lanes={lanes}>
			<svg width={lanes * INDENT + 6} height={rows.length * ROW} aria-hidden="true">
				{#each rows as row (row.node.id)}
					{@const x = row.lane * INDENT + 11}
					{@const y = row.index * ROW + ROW / 2}
					{#if row.parent}
						{@const px = row.parent.lane * INDENT + 11}
						{@const py = row.parent.index * ROW + ROW / 2}
						<path
							class="branch"
							class:on={stops.has(row.node.id)}
							d={`M${px} ${py}V${y - 8}Q${px} ${y} ${px + Math.min(8, x - px)} ${y}H${x}`}
						/>
					{/if}
				{/each}
				{#if session.loop}
					{@const from = rows.find((row) => row.node.id === session.standing)}
					{@const to = rows.find((row) => row.node.id === session.loop!.node.id)}
					{#if from && to}
						<path
							class="loop"
							d={`M${from.lane * INDENT + 6} ${from.index * ROW + ROW / 2}C-4 ${from.index * ROW} -4 ${to.index * ROW + ROW} ${to.lane * INDENT + 6} ${to.index * ROW + ROW / 2}`}
						/>
					{/if}
				{/if}
				{#each rows as row (row.node.id)}
					<circle
						class="stop"
						class:on={stops.has(row.node.id)}
						class:here={row.node.id === session.standing}
						cx={row.lane * INDENT + 11}
						cy={row.index * ROW + ROW / 2}
						r={row.node.id === session.standing ? 5.5 : 4}
					/>
				{/each}
			</svg>
			<ol>
				{#each rows as row (row.node.id)}
					{@const { node } = row}
					{@const stop = stops.get(node.id)}
					{@const work = stop?.position.work}
					{@const here = node.id === session.standing}
					<li style:height={`${ROW}px`} class:here>
						<button
							class="go"
							aria-current={here ? 'step' : undefined}
							disabled={impossible.has(node.id)}
							title={node.note ??
								(impossible.has(node.id) ? en`The statement does not allow this step now` : undefined)}
							onclick={() => session.goTo(node.id)}
						>
							<span class="step"
								>{#if node.name}{node.name}{:else}<Words sentence={label(node)} linked={false} />{/if}</span
							>
							{#if node.note}<span class="noted" aria-label={en`has a note`}>✎</span>{/if}
							{#if stop}
								{#each signs(stop, session.stops.indexOf(stop)) as sign (sign)}<span class="sign">{sign}</span
									>{/each}
							{/if}
							{#if impossible.has(node.id)}
								<span class="basis">{en`not possible now`}</span>
							{:else if stop && work}
								<span class="basis" title={en`Basis: ${basisOf(stop)}`}>{basisOf(stop)}</span>
								<span class="value"
									>{#if here && session.covering.isOn}?{:else}<NumberView
											value={objectiveValue(work.tableau)}
											style={document.notation.numbers}
										/>{/if}</span
								>
							{/if}
						</button>
						{#if here && row.parent}
							<button
								class="small"
								aria-label={en`Name or note at this step`}
								title={en`Name or note`}
								onclick={() => (editing = node)}>✎</button
							>
							<button
								class="small"
								aria-label={en`Remove this step and what follows`}
								title={en`Remove this step and what follows`}
								onclick={() => session.remove(node.id, label(node))}>×</button
							>
						{/if}
					</li>
				{/each}
			</ol>
		</div>
	</div>
</Pane>
{#if editing}
	{#await import('./StepWords.svelte') then { default: StepWords }}
		<StepWords node={editing} onclose={() => (editing = null)} />
	{/await}
{/if}

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-2) var(--gap-2);
	}
	.tree {
		display: grid;
		grid-template-columns: auto 1fr;
	}
	ol {
		min-width: 0;
	}
	li {
		display: flex;
	}
	svg {
		overflow: visible;
	}
	.branch,
	.loop {
		fill: none;
		stroke: var(--rule-strong);
		stroke-width: 1.5;
	}
	.branch.on {
		stroke: var(--now);
	}
	.loop {
		stroke: var(--error);
		stroke-dasharray: 3 2;
	}
	.stop {
		fill: var(--sheet);
		stroke: var(--rule-strong);
		stroke-width: 1.5;
	}
	.stop.on {
		stroke: var(--now);
	}
	.stop.here {
		fill: var(--now);
	}
	.go {
		flex: 1;
		min-width: 0;
		height: 100%;
		display: flex;
		gap: 0.6rem;
		align-items: center;
		text-align: left;
		cursor: pointer;
		padding: 0 0.4rem;
		font-size: var(--size-note);
	}
	.go:hover:not(:disabled),
	li.here {
		background: var(--now-wash);
	}
	.go:disabled {
		cursor: not-allowed;
		font-style: italic;
	}
	.small {
		flex: none;
		width: 1.6rem;
		cursor: pointer;
		color: var(--ink-soft);
	}
	.small:hover {
		color: var(--ink);
	}
	.step {
		flex: 0 1 auto;
		overflow: hidden;
		text-overflow: ellipsis;
		font-weight: 600;
		white-space: nowrap;
	}
	.sign {
		font-style: italic;
		color: var(--error);
		white-space: nowrap;
	}
	.basis {
		color: var(--ink-soft);
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		/* gives way before the step's name does */
		flex: 1 1000 0;
	}
	.value {
		flex: none;
		margin-left: auto;
		font-weight: 600;
	}
</style>
