<script lang="ts">
	import { MODE_WORDS, MODES, useIntegers } from '$lib/desk/integers.svelte';
	import Choose from '../shared/Choose.svelte';

	/** Which way to a whole plan is looked at. */
	const integers = useIntegers();
	const options = MODES.map((value) => ({ value, text: MODE_WORDS[value] }));
</script>

<section class="bar" aria-label="Ways to a whole plan">
	<Choose
		label="Way to a whole plan"
		value={integers.mode}
		{options}
		onchange={(mode) => integers.show(mode)}
	/>
</section>

<style>
	.bar {
		display: flex;
		justify-content: safe center;
		flex: none;
		padding: 0.15rem var(--gap-3);
		background: var(--sheet);
		overflow-x: auto;
	}
</style>
