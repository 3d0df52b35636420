<script lang="ts">
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	/** A sheet above the page: it has the focus until it is closed, by its buttons, Escape or a click beside it. */
	interface Props {
		title: string;
		/** whether the title is only heard */
		quiet?: boolean;
		/** what the sheet is for, below the title */
		text?: string;
		/** where it stands and how it looks, beyond the ordinary */
		place?: string;
		look?: string;
		onclose: () => void;
		children: Snippet;
	}
	let { title, quiet = false, text, place = '', look = '', onclose, children }: Props = $props();
</script>

<Dialog open onOpenChange={(now) => !now.open && onclose()}>
	<Portal>
		<Dialog.Backdrop class="backdrop" />
		<Dialog.Positioner class={`over ${place}`}>
			<Dialog.Content class={`sheet ${look}`}>
				<Dialog.Title class={quiet ? 'only-heard' : 'sheet-title'}>{title}</Dialog.Title>
				{#if text}<Dialog.Description class="sheet-text">{text}</Dialog.Description>{/if}
				{@render children()}
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>
