<script lang="ts">
	import { en } from '$lib/core/language';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';

	/** In place of a last tableau, as long as the dual is not written. */
	const sensitivity = useSensitivity();
</script>

<p class="nothing">
	{en`This tableau holds the answer. It is shown when the dual is written.`}
	<button class="btn tool" onclick={() => sensitivity.dual.step(null)}>{en`Show now`}</button>
</p>
