<script lang="ts">
	import { solveLinear } from '$lib/core/answer/answer';
	import { checkSentences } from '$lib/core/commentary/answer';
	import { planSentence } from '$lib/core/commentary/plan';
	import { ZERO } from '$lib/core/number/rational';
	import { say } from '$lib/core/sentence/sentence';
	import Words from '../shared/Words.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';

	/** The last tableau of the dual: the primal's plan stands in its objective row, as the dual values stand in the primal's. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const answer = $derived(sensitivity.written && solveLinear(sensitivity.written.dual.problem));
	/** the primal's plan: the dual values of the dual's rows */
	const plan = $derived(
		answer?.duals && sensitivity.problem
			? new Map(sensitivity.problem.variables.map(({ name }) => [name, answer.duals!.get(name) ?? ZERO]))
			: null
	);
</script>

<Pane
	pane="dual-tableau"
	name="Last tableau of the dual"
	aside={lesson.stale ? 'last right statement' : null}
>
	{#if answer?.status === 'optimal' && answer.tableau}
		<div class="stack">
			<div class="grid">
				{#if lesson.notation.layout === 'dictionary'}
					{#await import('../tableau/Dictionary.svelte') then { default: Dictionary }}
						<Dictionary work={{ tableau: answer.tableau, part: 'primal' }} decision={null} hides={false} />
					{/await}
				{:else}
					{#await import('../tableau/TableauGrid.svelte') then { default: Grid }}
						<Grid work={{ tableau: answer.tableau, part: 'primal' }} decision={null} />
					{/await}
				{/if}
			</div>
			{#if plan && sensitivity.form !== 'standard'}
				<p class="read">
					<Words
						sentence={say`Read off for the primal, what each row of the dual is worth: ${planSentence(sensitivity.problem!, plan)}.`}
						linked={false}
					/>
					{#each checkSentences(sensitivity.problem!, plan) as { about, says } (about)}
						<span class="check"><Words sentence={says} linked={false} /></span>
					{/each}
				</p>
			{/if}
		</div>
	{:else}
		<p class="nothing">
			{answer?.status === 'infeasible'
				? 'The dual has no plan: the primal, if it has one, has no end.'
				: 'The dual has no end: the primal has no plan.'}
		</p>
	{/if}
</Pane>

<style>
	.stack {
		display: flex;
		flex-direction: column;
		height: 100%;
	}
	.grid {
		flex: 1;
		min-height: 0;
	}
	.read {
		flex: none;
		margin: 0;
		padding: var(--gap-1) var(--gap-3);
		font-size: var(--size-note);
		border-top: 1px solid var(--rule);
	}
	.check {
		margin-left: 0.7em;
	}
</style>
