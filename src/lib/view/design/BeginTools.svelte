<script lang="ts">
	import { useDesigner } from '$lib/desk/designer.svelte';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import SizeFields from './SizeFields.svelte';

	/** The size and the names of a problem that is begun anew. */
	const designer = useDesigner();
	const keeping = useKeeping();
</script>

<span class="begin" role="group" aria-label="A new problem">
	<SizeFields />
	<button
		class="btn tool"
		title="Another lesson, with nothing but 0 in it"
		onclick={() => void keeping.openNew(designer.begun('Exercise'))}>Begin</button
	>
</span>

<style>
	.begin {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
