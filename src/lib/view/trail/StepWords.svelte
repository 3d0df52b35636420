<script lang="ts">
	import { en } from '$lib/core/language';
	import type { TrailNode } from '$lib/core/move';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import SheetForm from '../shared/SheetForm.svelte';

	/** What the instructor calls a step of the trail, and notes about it. */
	let { node, onclose }: { node: TrailNode; onclose: () => void } = $props();
	const { document } = useDesk();
	let name = $derived(node.name ?? '');
	let note = $derived(node.note ?? '');

	function submit() {
		document.annotate(node.id, { name: name.trim(), note: note.trim() });
		onclose();
	}
</script>

<Sheet title={en`Words at this step`} {onclose}>
	<SheetForm action={en`Keep`} onsubmit={submit} {onclose}>
		<label>{en`Name`} <input class="field" bind:value={name} maxlength="200" /></label>
		<label>{en`Note`} <textarea class="field" bind:value={note} rows="4" maxlength="5000"></textarea></label>
	</SheetForm>
</Sheet>
