<script lang="ts">
	import { en } from '$lib/core/language';
	import { Tabs } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		names: readonly { name: string; title: string }[];
		current: string;
		ongo: (name: string) => void;
	}
	/** In a narrow window: the panes of the page, to be tapped. */
	let { names, current, ongo }: Props = $props();
</script>

<Tabs value={current} onValueChange={({ value }) => ongo(value)} class="pane-tabs">
	<Tabs.List class="pane-tab-list" aria-label={en`Panes of this page`}>
		{#each names as { name, title } (name)}
			<Tabs.Trigger value={name} class="pane-tab">{title}</Tabs.Trigger>
		{/each}
	</Tabs.List>
</Tabs>
