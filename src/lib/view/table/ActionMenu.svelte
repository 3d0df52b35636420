<script lang="ts">
	import ToolMenu from '../shared/ToolMenu.svelte';

	interface Action {
		key: string;
		says: string;
		possible?: boolean;
		run: () => void;
	}
	/** What can be done with a row or a column of the table, as far as it is possible now. */
	let { label, actions }: { label: string; actions: readonly Action[] } = $props();
	const items = $derived(
		actions.filter(({ possible = true }) => possible).map((value) => ({ key: value.key, value }))
	);
</script>

{#snippet item({ says }: Action)}{says}{/snippet}
<ToolMenu text="" {label} {items} {item} onchoose={({ run }) => run()} />
