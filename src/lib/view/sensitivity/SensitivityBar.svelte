<script lang="ts">
	import { en } from '$lib/core/language';
	import { LOOK_WORDS, LOOKS, useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Choose from '../shared/Choose.svelte';

	/** Which way of looking at what the answer is worth. */
	const sensitivity = useSensitivity();
	const options = LOOKS.map((value) => ({ value, text: LOOK_WORDS[value] }));
</script>

<section class="ways-bar" aria-label={en`What the answer is worth`}>
	<Choose
		label={en`What the answer is worth`}
		value={sensitivity.look}
		{options}
		onchange={(look) => sensitivity.show(look)}
	/>
	{#if sensitivity.isWhole}
		<p>{en`Some variables must be integer: dual values and ranges are those of the relaxation.`}</p>
	{/if}
</section>

<style>
	p {
		font-size: var(--size-note);
		font-style: italic;
		color: var(--ink-soft);
	}
</style>
