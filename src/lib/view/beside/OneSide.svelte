<script lang="ts">
	import { provideDesk, type Desk } from '$lib/desk/desk.svelte';
	import CommentaryPane from '../commentary/CommentaryPane.svelte';
	import { provideSide } from '../shared/side';
	import TableauPane from '../tableau/TableauPane.svelte';

	/** One of two problems beside each other: the panes below work on its desk. */
	let { desk, name }: { desk: Desk; name: string } = $props();
	// a side keeps its desk as long as it is there
	// svelte-ignore state_referenced_locally
	const { preferences } = provideDesk(desk);
	const id = $props.id();
	provideSide(id);
	const shows = (pane: string) => preferences.enlarged === null || preferences.enlarged === pane;
</script>

<section aria-label={name}>
	<p class="name" {id}>{name}</p>
	{#if shows('tableau')}<div class="tableau"><TableauPane /></div>{/if}
	{#if shows('commentary')}<div class="words"><CommentaryPane /></div>{/if}
</section>

<style>
	section {
		min-width: 0;
		min-height: 0;
		height: 100%;
		display: flex;
		flex-direction: column;
	}
	.name {
		margin: var(--gap-1) var(--gap-3) 0;
		font-size: var(--size-text);
	}
	.tableau {
		flex: 3;
		min-height: 14rem;
	}
	.words {
		flex: 2;
		min-height: 9rem;
		border-top: 1px solid var(--rule);
	}
</style>
