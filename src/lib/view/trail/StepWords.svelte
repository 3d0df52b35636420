<script lang="ts">
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { TrailNode } from '$lib/core/move/trail';
	import { useDesk } from '$lib/desk/desk.svelte';

	/** What the instructor calls a step of the trail, and notes about it. */
	let { node, onclose }: { node: TrailNode; onclose: () => void } = $props();
	const { document } = useDesk();
	let name = $derived(node.name ?? '');
	let note = $derived(node.note ?? '');

	function submit(event: Event) {
		event.preventDefault();
		document.annotate(node.id, { name: name.trim(), note: note.trim() });
		onclose();
	}
</script>

<Dialog open onOpenChange={(now) => !now.open && onclose()}>
	<Portal>
		<Dialog.Backdrop class="backdrop" />
		<Dialog.Positioner class="over">
			<Dialog.Content class="sheet">
				<Dialog.Title class="sheet-title">Words at this step</Dialog.Title>
				<form onsubmit={submit}>
					<label>Name <input bind:value={name} maxlength="200" /></label>
					<label>Note <textarea bind:value={note} rows="4" maxlength="5000"></textarea></label>
					<div class="buttons">
						<button type="button" class="btn tool" onclick={onclose}>Cancel</button>
						<button class="btn tool now">Keep</button>
					</div>
				</form>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	form {
		display: grid;
		gap: var(--gap-2);
		min-width: min(24rem, 80vw);
	}
	label {
		display: grid;
		grid-template-columns: 4rem 1fr;
	}
	input,
	textarea {
		padding: 0.25rem 0.5rem;
		border: 1px solid var(--rule-strong);
		border-radius: 3px;
		background: var(--sheet);
		color: var(--ink);
	}
	.buttons {
		display: flex;
		justify-content: flex-end;
		gap: var(--gap-2);
	}
</style>
