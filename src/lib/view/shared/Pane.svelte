<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		name: string;
		/** said beside the name, such as that the pane shows an older problem */
		aside?: string | null;
		tools?: Snippet;
		children: Snippet;
	}
	let { name, aside = null, tools, children }: Props = $props();
	const id = $props.id();
</script>

<section class="pane" aria-labelledby={id}>
	<header>
		<h2 {id}>{name}</h2>
		{#if aside}<p class="aside" role="status">{aside}</p>{/if}
		{#if tools}<div class="tools">{@render tools()}</div>{/if}
	</header>
	<div class="body">{@render children()}</div>
</section>

<style>
	.pane {
		--head: 2.1rem;
		background: var(--sheet);
		height: 100%;
	}
	header {
		display: flex;
		align-items: center;
		gap: var(--gap-2);
		height: var(--head);
		padding: 0 var(--gap-3);
	}
	h2 {
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 500;
		color: var(--ink-soft);
		margin: 0;
	}
	.aside {
		margin: 0;
		font-size: var(--size-note);
		color: var(--notice);
		font-weight: 600;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.tools {
		margin-left: auto;
		display: flex;
		gap: var(--gap-1);
		align-items: center;
	}
	.body {
		height: calc(100% - var(--head));
		position: relative;
		/* a change inside one pane lays out and paints that pane alone: it must be neither a flex nor a grid item for that */
		contain: strict;
		background: var(--sheet);
		will-change: opacity;
	}
</style>
