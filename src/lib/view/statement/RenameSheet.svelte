<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { renameEverywhere } from '$lib/desk/renaming';
	import Sheet from '../shared/Sheet.svelte';
	import SheetForm from '../shared/SheetForm.svelte';

	/** Another name for the variable or constraint at the cursor, wherever it is written. */
	interface Props {
		kind: 'variable' | 'constraint';
		name: string;
		onclose: () => void;
	}
	let { kind, name, onclose }: Props = $props();
	const { document: lesson } = useDesk();
	// the name as it is when the sheet opens
	// svelte-ignore state_referenced_locally
	let typed = $state(name);
	let why = $state<string | null>(null);

	function take() {
		why = renameEverywhere(lesson, kind, name, typed);
		if (why === null) onclose();
	}
</script>

<Sheet title={en`Rename ${name} everywhere`} {onclose}>
	<SheetForm action={en`Rename`} onsubmit={take} {onclose}>
		<label
			><span>{en`Name`}</span><input class="field" bind:value={typed} aria-invalid={why !== null} /></label
		>
		{#if why}<p role="alert" class="wrong">{why}</p>{/if}
	</SheetForm>
</Sheet>

<style>
	.wrong {
		color: var(--error);
		font-size: var(--size-note);
	}
</style>
