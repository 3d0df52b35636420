<script lang="ts">
	import type { Reason, Trial } from '$lib/core/commentary/reason';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Words from '../shared/Words.svelte';

	/** Reasons behind the rules that act here; a wrong choice can be looked at, and played out on a branch. */
	let { reasons, none = '' }: { reasons: readonly Reason[]; none?: string } = $props();
	const { reveal, session } = useDesk();

	const moveOf = ({ row, position }: Trial) => {
		const t = session.tableau;
		return t && session.pivotByHand(t.nonbasic[position], t.basis[row]);
	};
	function play(trial: Trial): void {
		const move = moveOf(trial);
		if (move) session.take(move);
	}
	/** said between sentences, so that copied and spoken text has it too */
	const BETWEEN = ' ';
</script>

{#if reveal.showsReasons}
	{#each reasons as { id, question, answer, trial } (id)}
		<article>
			<h3><Words sentence={question} linked={false} /></h3>
			<p>
				{#each answer as sentence, k (k)}<span><Words {sentence} />{BETWEEN}</span>{/each}
			</p>
			{#if trial}
				<button
					class="btn tool"
					title="On a branch of the trail; b goes back"
					onpointerenter={() => session.propose(moveOf(trial))}
					onpointerleave={() => session.propose(null)}
					onfocus={() => session.propose(moveOf(trial))}
					onblur={() => session.propose(null)}
					onclick={() => play(trial)}><Words sentence={trial.says} linked={false} /></button
				>
			{/if}
		</article>
	{:else}
		{#if none}<p>{none}</p>{/if}
	{/each}
{/if}

<style>
	article {
		margin-bottom: var(--gap-3);
		padding-left: 0.7rem;
		border-left: 3px solid var(--focus);
	}
	h3 {
		margin: 0;
		font-size: var(--size-figure);
		font-weight: 650;
	}
	p {
		margin: 0.1rem 0 0;
	}
</style>
