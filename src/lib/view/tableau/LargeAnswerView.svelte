<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';

	/** Stands in for the tableau where it would be too large to look at: the worker's answer, or how far it is. */
	let { desk }: { desk: Desk } = $props();
	const { answer } = $derived(desk);
	const values = $derived(
		Object.entries((answer.result?.solution ?? {}) as Record<string, string>).filter(
			([, value]) => value !== '0'
		)
	);
	const STATUS: Record<string, string> = {
		optimal: 'Optimal',
		infeasible: 'Infeasible: no plan satisfies all constraints',
		unbounded: 'Unbounded: the objective improves without end',
		stopped: 'Stopped'
	};
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="large" tabindex="0" role="group" aria-label="Answer to a large problem">
	<p>
		This problem is too large for a tableau that can be read, so it is solved apart, exactly, without its
		steps.
	</p>
	{#if answer.state === 'running'}
		<p role="status">Solving: {answer.pivots} pivots so far.</p>
		<progress aria-label="Solving"></progress>
		<button class="btn tool" onclick={() => answer.cancel()}>Cancel</button>
	{:else if answer.state === 'done' && answer.result}
		<h3>{STATUS[String(answer.result.status)]}</h3>
		{#if answer.result.reason}<p>{answer.result.reason}</p>{/if}
		{#if answer.result.objective}
			<p class="value">{desk.problem?.objective.name} = {answer.result.objective}</p>
			<ul>
				{#each values as [name, value] (name)}<li>{name} = {value}</li>{/each}
			</ul>
			<p>All other variables are 0.</p>
		{/if}
		<p>{answer.result.pivots} pivots.</p>
	{:else if answer.state !== 'idle'}
		<p role="status">{answer.state === 'cancelled' ? 'Cancelled.' : 'The worker could not finish.'}</p>
		<button class="btn tool" onclick={() => void answer.find(desk.text)}>Solve again</button>
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
	progress {
		display: block;
		width: min(100%, 24rem);
		accent-color: var(--now);
		margin-bottom: var(--gap-2);
	}
	/* the number of pivots tells it without motion */
	@media (prefers-reduced-motion: reduce) {
		progress {
			display: none;
		}
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
	.tool {
		font-size: var(--size-note);
		padding: 0.2rem 0.6rem;
		border: 1px solid var(--rule-strong);
	}
</style>
