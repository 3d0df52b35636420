<script lang="ts">
	import { en } from '$lib/core/language';
	import { MODE_WORDS, MODES, useIntegers } from '$lib/desk/integers.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Choose from '../shared/Choose.svelte';

	/** Which way to an integer plan is looked at. */
	const integers = useIntegers();
	const { reveal } = useDesk();
	const options = MODES.map((value) => ({ value, text: MODE_WORDS[value] }));
</script>

<section class="ways-bar" aria-label={en`Ways to an integer plan`}>
	<Choose
		label={en`Way to an integer plan`}
		value={integers.mode}
		{options}
		onchange={(mode) => integers.show(mode)}
	/>
	<button
		class="btn tool"
		aria-pressed={reveal.showsReasons}
		title={en`Why these ways are right, with the numbers here (y)`}
		onclick={() => reveal.toggleReasons()}>{en`Why?`}</button
	>
</section>
