<script lang="ts" generics="T">
	import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		/** what the button says */
		text: string;
		label?: string;
		items: readonly { key: string; value: T }[];
		item: Snippet<[T]>;
		onchoose: (value: T) => void;
	}
	/** A button that opens a list of things to do. */
	let { text, label, items, item, onchoose }: Props = $props();
</script>

<Menu
	onSelect={({ value }) => {
		const chosen = items.find(({ key }) => key === value);
		if (chosen) onchoose(chosen.value);
	}}
>
	<Menu.Trigger class="btn tool" aria-label={label ?? text} disabled={items.length === 0}
		>{text} ▾</Menu.Trigger
	>
	<Portal>
		<Menu.Positioner>
			<Menu.Content class="menu">
				{#each items as { key, value } (key)}
					<Menu.Item value={key} class="menu-item">{@render item(value)}</Menu.Item>
				{/each}
			</Menu.Content>
		</Menu.Positioner>
	</Portal>
</Menu>
