<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Switch from '../shared/Switch.svelte';
	import LargeAnswerView from './LargeAnswerView.svelte';
	import TableauGrid from './TableauGrid.svelte';

	let { desk }: { desk: Desk } = $props();
	const canStep = $derived(desk.advice?.kind === 'pivot');
	const canGoBack = $derived(!!desk.tableau && desk.stop.node.parent !== null);
	const aside = $derived(desk.stale ? 'last right statement' : null);
</script>

<Pane name="Tableau" {aside}>
	{#snippet tools()}
		<div class="switches">
			<Switch
				label="How numbers are shown"
				value={desk.numbers}
				options={[
					{ value: 'fraction', text: '1/2', says: 'fractions' },
					{ value: 'decimal', text: '0.5', says: 'decimals' }
				]}
				onchange={(value) => (desk.numbers = value)}
			/>
			<Switch
				label="Rule for the entering column"
				value={desk.rule}
				options={[
					{ value: 'dantzig', text: 'largest coefficient' },
					{ value: 'bland', text: 'Bland' }
				]}
				onchange={(value) => (desk.rule = value)}
			/>
		</div>
		<button class="btn tool" disabled={!canGoBack} onclick={() => desk.back()}>Back</button>
		<button class="btn tool now" disabled={!canStep} onclick={() => desk.next()}>Next</button>
		<button class="btn tool" disabled={!canStep} onclick={() => void desk.toTheEnd()}>To the end</button>
	{/snippet}
	{#if desk.tableau}
		<TableauGrid {desk} tableau={desk.tableau} />
	{:else if desk.large}
		<LargeAnswerView {desk} />
	{:else if desk.problem}
		<p class="nothing">This problem cannot start from its slacks alone. The commentary says what it needs.</p>
	{:else}
		<p class="nothing">The tableau appears here as soon as the statement can be read.</p>
	{/if}
</Pane>

<style>
	.switches {
		display: flex;
		gap: 1.2rem;
		margin-right: var(--gap-2);
	}
	.tool {
		font-size: var(--size-note);
		padding: 0.2rem 0.6rem;
		border: 1px solid var(--rule-strong);
		color: var(--ink);
	}
	.tool.now:not(:disabled) {
		background: var(--now);
		border-color: var(--now);
		color: var(--on-now);
	}
	.nothing {
		padding: 0 var(--gap-3);
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
