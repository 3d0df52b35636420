<script lang="ts">
	import { NAMINGS } from '$lib/core/design/naming';
	import { NAMING_WORDS, useDesigner } from '$lib/desk/designer.svelte';
	import { useKeeping } from '$lib/desk/keeping.svelte';

	/** The size and the names of a problem that is begun anew. */
	const designer = useDesigner();
	const keeping = useKeeping();
	const within = (text: string) => Math.min(8, Math.max(2, Math.trunc(Number(text)) || 2));
</script>

<span class="begin" role="group" aria-label="A new problem">
	<label
		>variables <input
			class="field"
			type="number"
			min="2"
			max="8"
			value={designer.variables}
			onchange={(e) => (designer.variables = within(e.currentTarget.value))}
		/></label
	>
	<label
		>constraints <input
			class="field"
			type="number"
			min="2"
			max="8"
			value={designer.constraints}
			onchange={(e) => (designer.constraints = within(e.currentTarget.value))}
		/></label
	>
	<select class="field" aria-label="Sense of a new problem" bind:value={designer.sense}
		><option value="max">max</option><option value="min">min</option></select
	>
	<label
		>names <select class="field" bind:value={designer.naming}
			>{#each NAMINGS as naming (naming)}<option value={naming}>{NAMING_WORDS[naming]}</option>{/each}</select
		></label
	>
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
	.field {
		padding: 0.1rem 0.3rem;
	}
	input {
		width: 3.2rem;
	}
</style>
