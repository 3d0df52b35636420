<script lang="ts">
	import { en } from '$lib/core/language';
	import { DESIGN_WORDS, useDesigner, WAYS_TO_DESIGN } from '$lib/desk/designer.svelte';
	import Choose from '../shared/Choose.svelte';

	/** Which way an exercise is made. */
	const designer = useDesigner();
	const options = WAYS_TO_DESIGN.map((value) => ({ value, text: DESIGN_WORDS[value] }));
</script>

<section class="ways-bar" aria-label={en`How the exercise is made`}>
	<Choose
		label={en`How the exercise is made`}
		value={designer.way}
		{options}
		onchange={(way) => (designer.way = way)}
	/>
</section>
