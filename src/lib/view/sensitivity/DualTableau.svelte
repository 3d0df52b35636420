<script lang="ts">
	import { solveLinear } from '$lib/core/answer/answer';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';

	/** The last tableau of the dual: the primal's plan stands in its objective row, as the dual values stand in the primal's. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const answer = $derived(sensitivity.written && solveLinear(sensitivity.written.dual.problem));
</script>

<Pane
	pane="dual-tableau"
	name="Last tableau of the dual"
	aside={lesson.stale ? 'last right statement' : null}
>
	{#if answer?.status === 'optimal' && answer.tableau}
		{#if lesson.notation.layout === 'dictionary'}
			{#await import('../tableau/Dictionary.svelte') then { default: Dictionary }}
				<Dictionary work={{ tableau: answer.tableau, part: 'primal' }} decision={null} hides={false} />
			{/await}
		{:else}
			{#await import('../tableau/TableauGrid.svelte') then { default: Grid }}
				<Grid work={{ tableau: answer.tableau, part: 'primal' }} decision={null} />
			{/await}
		{/if}
	{:else}
		<p class="nothing">
			{answer?.status === 'infeasible'
				? 'The dual has no plan: the primal, if it has one, has no end.'
				: 'The dual has no end: the primal has no plan.'}
		</p>
	{/if}
</Pane>
