<script lang="ts">
	import { objectiveValue } from '$lib/core/tableau/tableau';
	import type { Desk } from '$lib/desk/desk.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import { laidOut } from './layout';

	let { desk }: { desk: Desk } = $props();
	const rows = $derived(laidOut(desk.trail));
	const onPath = $derived(new Set(desk.path.map((node) => node.id)));
	const lanes = $derived(Math.max(1, ...rows.map((row) => row.lane + 1)));
	const INDENT = 16;
	const ROW = 30;
	const nameOf = (id: string) =>
		desk.form?.columns.find((column) => column.id === id)?.name ?? id.replace(/^\w-?:/, '');
</script>

<Pane name="Trail" aside={desk.stale ? 'last right statement' : null}>
	{#snippet tools()}
		{#if desk.impossible}
			<button class="btn forget" onclick={() => desk.forgetImpossible()}>Forget impossible steps</button>
		{/if}
	{/snippet}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="scroll" tabindex="0" role="group" aria-label="Steps taken">
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
							class:on={onPath.has(row.node.id)}
							d={`M${px} ${py}V${y - 8}Q${px} ${y} ${px + Math.min(8, x - px)} ${y}H${x}`}
						/>
					{/if}
				{/each}
				{#each rows as row (row.node.id)}
					<circle
						class="stop"
						class:on={onPath.has(row.node.id)}
						class:here={row.node.id === desk.standing}
						cx={row.lane * INDENT + 11}
						cy={row.index * ROW + ROW / 2}
						r={row.node.id === desk.standing ? 5.5 : 4}
					/>
				{/each}
			</svg>
			<ol>
				{#each rows as row (row.node.id)}
					{@const stop = desk.stops.get(row.node.id)}
					<li style:height={`${ROW}px`}>
						<button
							class:here={row.node.id === desk.standing}
							aria-current={row.node.id === desk.standing ? 'step' : undefined}
							disabled={!stop?.tableau}
							title={stop?.tableau
								? `Basis: ${stop.tableau.basis.map((j) => stop.tableau!.form.columns[j].name).join(', ')}`
								: 'The statement no longer allows this step'}
							onclick={() => desk.goTo(row.node.id)}
						>
							<span class="step">
								{#if row.node.choice}{nameOf(row.node.choice.enter)} in, {nameOf(row.node.choice.leave)} out{:else}start{/if}
							</span>
							{#if stop?.tableau}
								<span class="basis"
									>{stop.tableau.basis.map((j) => stop.tableau!.form.columns[j].name).join(' ')}</span
								>
								<span class="value"
									><NumberView value={objectiveValue(stop.tableau)} style={desk.numbers} /></span
								>
							{:else}
								<span class="basis">not possible now</span>
							{/if}
						</button>
					</li>
				{/each}
			</ol>
		</div>
	</div>
</Pane>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-2) var(--gap-2);
	}
	.forget {
		font-size: var(--size-note);
		padding: 0.15rem 0.4rem;
		border: 1px solid var(--rule);
	}
	.tree {
		display: grid;
		grid-template-columns: auto 1fr;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
		min-width: 0;
	}
	.branch {
		fill: none;
		stroke: var(--rule-strong);
		stroke-width: 1.5;
	}
	.branch.on {
		stroke: var(--now);
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
	button {
		width: 100%;
		height: 100%;
		display: flex;
		gap: 0.6rem;
		align-items: center;
		text-align: left;
		cursor: pointer;
		padding: 0 0.4rem;
		font-size: var(--size-note);
	}
	button:hover:not(:disabled),
	button.here {
		background: var(--now-wash);
	}
	button:disabled {
		cursor: not-allowed;
		font-style: italic;
	}
	.step {
		font-weight: 600;
		white-space: nowrap;
	}
	.basis {
		color: var(--ink-soft);
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		flex: 1;
	}
	.value {
		margin-left: auto;
		font-weight: 600;
	}
</style>
