<script lang="ts">
	import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		/** the button that the list belongs to */
		anchor: HTMLElement;
		label: string;
		keys: readonly string[];
		line: Snippet<[string]>;
		onchoose: (key: string) => void;
		onclose: () => void;
	}
	/** The list of a menu, beside its button. */
	let { anchor, label, keys, line, onchoose, onclose }: Props = $props();
</script>

<Menu
	open
	positioning={{ placement: 'bottom-start', getAnchorRect: () => anchor.getBoundingClientRect() }}
	onSelect={({ value }) => onchoose(value)}
	onOpenChange={({ open }) => !open && onclose()}
>
	<Portal>
		<Menu.Positioner>
			<Menu.Content class="menu" aria-label={label}>
				{#each keys as key (key)}
					<Menu.Item value={key} class="menu-item">{@render line(key)}</Menu.Item>
				{/each}
			</Menu.Content>
		</Menu.Positioner>
	</Portal>
</Menu>
