<script lang="ts">
	import { en } from '$lib/core/language';
	import { createToaster, Toast } from '@skeletonlabs/skeleton-svelte';
	import { plainText } from '$lib/core/sentence';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Removed } from '$lib/desk/proposal';

	/** What was just removed from the trail, and the way to put it back. */
	let { removed }: { removed: Removed } = $props();
	const { document } = useDesk();
	const toaster = createToaster({ placement: 'bottom' });

	$effect(() => {
		const { what, restore } = removed;
		const title = en`Removed: ${plainText(what, document.notation)}`;
		// the group listens only after it is mounted
		const timer = setTimeout(() =>
			toaster.create({ title, action: { label: en`Put it back`, onClick: restore } })
		);
		return () => clearTimeout(timer);
	});
</script>

<Toast.Group {toaster}>
	{#snippet children(toast)}
		<Toast {toast} class="toast">
			<Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
			{#if toast.action}<Toast.ActionTrigger class="btn tool">{toast.action.label}</Toast.ActionTrigger>{/if}
			<Toast.CloseTrigger class="btn tool">{en`Close`}</Toast.CloseTrigger>
		</Toast>
	{/snippet}
</Toast.Group>
