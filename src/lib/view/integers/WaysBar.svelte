<script lang="ts">
	import { MODE_WORDS, MODES, useIntegers } from '$lib/desk/integers.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Choose from '../shared/Choose.svelte';

	/** Which way to an integer plan is looked at. */
	const integers = useIntegers();
	const { reveal } = useDesk();
	const options = MODES.map((value) => ({ value, text: MODE_WORDS[value] }));
</script>

<section class="ways-bar" aria-label="Ways to an integer plan">
	<Choose
		label="Way to an integer plan"
		value={integers.mode}
		{options}
		onchange={(mode) => integers.show(mode)}
	/>
	<button
		class="btn tool"
		aria-pressed={reveal.showsReasons}
		title="Why these ways are right, with the numbers here (y)"
		onclick={() => reveal.toggleReasons()}>Why?</button
	>
</section>
