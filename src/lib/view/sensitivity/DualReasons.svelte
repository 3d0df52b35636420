<script lang="ts">
	import { en } from '$lib/core/language';
	import type { WrittenDual } from '$lib/core/answer';
	import { dualStepFound, dualWords, proofFound } from '$lib/core/commentary';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Words from '../shared/Words.svelte';

	/** Why the step of the dual that is shown is as it is; of the whole dual all steps, and what proves that there is no best plan. */
	let { written, steps }: { written: WrittenDual; steps: number } = $props();
	const sensitivity = useSensitivity();
	const all = $derived(written.steps.length);
	const certificate = $derived(sensitivity.answer?.certificate);
</script>

<div class="why" aria-live="polite">
	{#if steps > 0 && steps < all}
		<p><Words sentence={dualWords(written.primal, dualStepFound(written, written.steps[steps - 1]))} /></p>
	{:else}
		<ol>
			{#each written.steps.slice(0, steps) as step, i (i)}<li>
					<Words sentence={dualWords(written.primal, dualStepFound(written, step))} />
				</li>{/each}
		</ol>
	{/if}
	{#if steps === 0}<p>{en`Page Down writes the dual, step by step.`}</p>{/if}
	{#if steps === all}<p>{en`The dual of this dual is the primal again.`}</p>{/if}
	{#if sensitivity.problem && certificate && certificate.kind !== 'optimal'}
		<p><Words sentence={dualWords(sensitivity.problem, proofFound(certificate))} /></p>
	{/if}
</div>

<style>
	.why {
		grid-column: 1 / -1;
		border-top: 1px solid var(--rule);
		padding-top: var(--gap-2);
		font-size: var(--size-text);
	}
	p,
	li {
		margin: 0 0 0.2rem;
		max-width: 70rem;
	}
</style>
