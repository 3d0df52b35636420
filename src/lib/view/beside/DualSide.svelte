<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { useBeside } from '$lib/desk/beside.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import OneSide from './OneSide.svelte';

	/** The dual as it is written, worked on beside the lesson. */
	const beside = useBeside();
	const { dual } = useSensitivity();
	const problem = $derived(dual.written?.dual.problem ?? null);
	$effect.pre(() => {
		const own = problem;
		untrack(() => (own ? beside.open(own, en`The dual`, true) : beside.close()));
	});
</script>

{#if beside.other}
	{#key beside.other.desk}<OneSide desk={beside.other.desk} name={en`The dual`} />{/key}
{:else}
	<p class="nothing">{en`There is no dual without a problem that can be read.`}</p>
{/if}
