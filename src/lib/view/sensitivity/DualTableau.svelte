<script lang="ts">
	import { en } from '$lib/core/language';
	import { twinCell, twinOfDual } from '$lib/core/answer';
	import { checksOf, checkWords, dualWords, twinFound } from '$lib/core/commentary';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';
	import DualCovered from './DualCovered.svelte';
	import LookedAt from './LookedAt.svelte';

	/** The last tableau of the dual: the primal's plan stands in its objective row, as the dual values stand in the primal's; a cell pointed at in one is marked in the other. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const { answer, last, plan, pointed, form } = $derived(sensitivity.dual);
	const tableau = $derived(answer?.status === 'optimal' ? (last?.tableau ?? answer.tableau) : null);
	const own = $derived(pointed?.of === 'dual' ? pointed.cell : null);
	const twin = $derived(last && pointed?.of === 'primal' ? twinCell(last, pointed.cell) : null);
	/** what is pointed at, in both */
	const both = $derived.by(() => {
		if (!last || !pointed) return null;
		const [here, there] =
			pointed.of === 'primal' ? [pointed.cell, twin] : [twinOfDual(last, pointed.cell), pointed.cell];
		return here && there ? { here, there } : null;
	});
	const why = $derived(
		form === 'standard' || !last || last.isComplementary
			? ''
			: sensitivity.dual.hasBounds && sensitivity.dual.bounds === 'rows'
				? en`Bounds are rows in this dual but not in the primal’s tableau. With “Bounds kept”, each number appears in both.`
				: en`A variable that can be positive or negative has two columns here and one there, so the numbers cannot be paired one by one.`
	);
</script>

<Pane
	pane="dual-tableau"
	name={en`Last tableau of the dual`}
	aside={lesson.stale ? en`last right statement` : null}
>
	{#if tableau && !sensitivity.dual.isWritten}<DualCovered />
	{:else if tableau}
		<div class="flex flex-col h-full">
			<div class="flex-1 min-h-0">
				<LookedAt
					{tableau}
					{own}
					{twin}
					label={en`Last tableau of the dual`}
					onpoint={last?.isComplementary ? (cell) => sensitivity.dual.point('dual', cell) : undefined}
				/>
			</div>
			<p class="read" aria-live="polite">
				{#if both && last && sensitivity.tableau}
					<Words
						sentence={dualWords(
							sensitivity.tableau.form.problem,
							twinFound(sensitivity.tableau, last.tableau, both.here, both.there)
						)}
						linked={false}
					/>
				{:else if pointed && last?.isComplementary}
					{en`This number is in one of the two tableaux only: nothing in the other corresponds to its row or column.`}
				{:else if plan}
					<Words
						sentence={dualWords(sensitivity.problem!, { code: 'read-for-primal', plan })}
						linked={false}
					/>
					{#each checksOf(sensitivity.problem!, plan) as found (found.row.name)}
						<span class="check"><Words sentence={checkWords(found)} linked={false} /></span>
					{/each}
					{#if last?.isComplementary}{en`Point at a number to see it in both tableaux.`}{:else}{why}{/if}
				{/if}
			</p>
		</div>
	{:else}
		<p class="nothing">
			{answer?.status === 'infeasible'
				? en`The dual is infeasible: the primal is unbounded, if it is feasible.`
				: en`The dual is unbounded, so the primal is infeasible.`}
		</p>
	{/if}
</Pane>

<style>
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
