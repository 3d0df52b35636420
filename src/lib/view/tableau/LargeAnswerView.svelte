<script lang="ts">
	import { Progress } from '@skeletonlabs/skeleton-svelte';
	import { useDesk } from '$lib/desk/desk.svelte';

	/** Stands in for the tableau where it would be too large to look at: the worker's answer, or how far it is. */
	const { answer, document } = useDesk();
	const values = $derived(Object.entries(answer.result?.solution ?? {}).filter(([, value]) => value !== '0'));
	const STATUS: Record<string, string> = {
		optimal: 'Optimal',
		infeasible: 'Infeasible: no plan satisfies all constraints',
		unbounded: 'Unbounded: the objective improves without limit',
		stopped: 'Stopped'
	};
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="large" tabindex="0" role="group" aria-label="Answer to a large problem">
	<p>This problem is too large for a readable tableau, so it is solved exactly, but without its steps.</p>
	{#if answer.state === 'running'}
		<p role="status">Solving: {answer.pivots} pivots so far.</p>
		<Progress value={null} class="progress" aria-label="Solving">
			<Progress.Track class="progress-track"><Progress.Range class="progress-range" /></Progress.Track>
		</Progress>
		<button class="btn tool" onclick={() => answer.cancel()}>Cancel</button>
	{:else if answer.state === 'done' && answer.result}
		<h3>{STATUS[answer.result.status]}</h3>
		{#if answer.result.reason}<p>{answer.result.reason}</p>{/if}
		{#if answer.result.objective}
			<p class="value">{document.problem?.objective.name} = {answer.result.objective}</p>
			<ul>
				{#each values as [name, value] (name)}<li>{name} = {value}</li>{/each}
			</ul>
			<p>All other variables are 0.</p>
		{/if}
		<p>{answer.result.pivots} pivots.</p>
	{:else if answer.state !== 'idle'}
		<p role="status">{answer.state === 'cancelled' ? 'Cancelled.' : 'The worker could not finish.'}</p>
		<button class="btn tool" onclick={() => void answer.find(document.text)}>Solve again</button>
	{/if}
</div>

<style>
	.large {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	p {
		margin: 0 0 var(--gap-2);
	}
	h3 {
		font-size: var(--size-figure);
		font-weight: 650;
	}
	.value {
		font-weight: 600;
		overflow-wrap: anywhere;
	}
	ul {
		margin: 0 0 var(--gap-2);
		padding: 0;
		list-style: none;
		columns: 3;
	}
	li {
		overflow-wrap: anywhere;
	}
</style>
