<script lang="ts">
	import { en } from '$lib/core/language';
	import { NAMINGS } from '$lib/core/design';
	import { NAMING_WORDS, useDesigner } from '$lib/desk/designer.svelte';

	/** How many variables and constraints a problem has, its sense, and what names it gets. */
	const designer = useDesigner();
	const SIZES = ['variables', 'constraints'] as const;
	const within = (text: string) => Math.min(8, Math.max(2, Math.trunc(Number(text)) || 2));
</script>

{#each SIZES as size (size)}
	<label
		>{size}
		<input
			class="field"
			type="number"
			min="2"
			max="8"
			value={designer[size]}
			onchange={(e) => (designer[size] = within(e.currentTarget.value))}
		/></label
	>
{/each}
<label
	>{en`sense`}
	<select class="field" bind:value={designer.sense}
		><option value="max">max</option><option value="min">min</option></select
	></label
>
<label
	>{en`names`}
	<select class="field" bind:value={designer.naming}
		>{#each NAMINGS as naming (naming)}<option value={naming}>{NAMING_WORDS[naming]}</option>{/each}</select
	></label
>

<style>
	.field {
		padding: 0.1rem 0.3rem;
	}
	input {
		width: 3.2rem;
	}
</style>
