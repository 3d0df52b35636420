<script lang="ts">
	import { en } from '$lib/core/language';
	import { type Reason, reasonWords, type Trial } from '$lib/core/commentary';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Words from '../shared/Words.svelte';

	/** Reasons behind the rules that act here; a wrong choice can be looked at, and played out on a branch. */
	let { reasons, none = '' }: { reasons: readonly Reason[]; none?: string } = $props();
	const { reveal, session } = useDesk();

	const moveOf = ({ row, slot }: Trial) => {
		const t = session.tableau;
		return t && session.pivotByHand(t.nonbasic[slot], t.basis[row]);
	};
	function play(trial: Trial): void {
		const move = moveOf(trial);
		if (move) session.take(move);
	}
</script>

{#if reveal.showsReasons}
	{#each reasons.map(reasonWords) as { code, question, answer, trial } (code)}
		<article>
			<h3 class="text-figure font-[650]"><Words sentence={question} linked={false} /></h3>
			<p><Words sentence={answer} /></p>
			{#if trial}
				<button
					class="btn tool"
					title={en`On a branch of the trail; b goes back`}
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
	p {
		margin: 0.1rem 0 0;
	}
</style>
