<script lang="ts">
	import { en } from '$lib/core/language';
	import { tick } from 'svelte';
	import { useDesigner } from '$lib/desk/designer.svelte';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import SizeFields from './SizeFields.svelte';

	/** The size and the names of a problem that is begun anew. */
	const designer = useDesigner();
	const keeping = useKeeping();

	/** Opens the empty problem and goes to the first amount of its plan. */
	async function begin(button: HTMLElement) {
		const pane = button.closest('.pane');
		await keeping.openNew(designer.begun(en`Exercise`));
		await tick();
		pane?.querySelector<HTMLElement>('input[data-cell^="amount|"]')?.focus();
	}
</script>

<span class="begin" role="group" aria-label={en`A new problem`}>
	<SizeFields />
	<button
		class="btn tool"
		title={en`A new lesson in which every number is 0`}
		onclick={({ currentTarget }) => void begin(currentTarget)}>{en`New problem`}</button
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
