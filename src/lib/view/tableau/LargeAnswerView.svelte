<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import ProgressLine from '../shared/ProgressLine.svelte';

	/** Stands in for the tableau where it would be too large to look at: the worker's answer, or how far it is. */
	const { answer, document } = useDesk();
	const values = $derived(Object.entries(answer.result?.solution ?? {}).filter(([, value]) => value !== '0'));
	const STATUS: Record<string, string> = {
		optimal: en`Optimal`,
		infeasible: en`Infeasible: no plan satisfies all constraints`,
		unbounded: en`Unbounded: the objective improves without limit`,
		stopped: en`Stopped`
	};
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="large" tabindex="0" role="group" aria-label={en`Answer to a large problem`}>
	<p>
		{en`This problem is too large for a readable tableau, so it is solved exactly, but without its steps.`}
	</p>
	{#if answer.state === 'running'}
		<p role="status">{en`Solving: ${answer.pivots} pivots so far.`}</p>
		<ProgressLine label={en`Solving`} value={null} />
		<button class="btn tool" onclick={() => answer.cancel()}>{en`Cancel`}</button>
	{:else if answer.state === 'done' && answer.result}
		<h3>{STATUS[answer.result.status]}</h3>
		{#if answer.result.reason}<p>{answer.result.reason}</p>{/if}
		{#if answer.result.objective}
			<p class="value">{document.problem?.objective.name} = {answer.result.objective}</p>
			<ul>
				{#each values as [name, value] (name)}<li>{name} = {value}</li>{/each}
			</ul>
			<p>{en`All other variables are 0.`}</p>
		{/if}
		<p>{en`${answer.result.pivots} pivots.`}</p>
	{:else if answer.state !== 'idle'}
		<p role="status">{answer.state === 'cancelled' ? en`Cancelled.` : en`The worker could not finish.`}</p>
		<button class="btn tool" onclick={() => void answer.find(document.text)}>{en`Solve again`}</button>
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
		columns: 3;
	}
	li {
		overflow-wrap: anywhere;
	}
</style>
