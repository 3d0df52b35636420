<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSide } from './side';

	interface Props {
		/** what pages call the pane */
		pane: string;
		name: string;
		/** said beside the name, such as that the pane shows an older problem */
		aside?: string | null;
		tools?: Snippet;
		children: Snippet;
	}
	let { pane, name, aside = null, tools, children }: Props = $props();
	const { preferences } = useDesk();
	const id = $props.id();
	const side = useSide();
	const enlarged = $derived(preferences.enlarged === pane);
	const words = $derived(enlarged ? en`Put ${name} back` : en`Enlarge ${name}`);
</script>

<section class="pane" class:enlarged aria-labelledby={side ? `${id} ${side}` : id} data-pane={pane}>
	<header>
		<h2 class="quiet-title whitespace-nowrap" {id}>{name}</h2>
		{#if aside}<p class="aside" role="status">{aside}</p>{/if}
		<div class="tools">
			{@render tools?.()}
			<button
				class="btn-icon enlarge"
				aria-label={words}
				title={`${words} (e)`}
				aria-pressed={enlarged}
				onclick={() => preferences.enlarge(pane)}
			>
				<svg width="13" height="13" viewBox="0 0 13 13" aria-hidden="true">
					<path d={enlarged ? 'M1 5h4v-4M12 8h-4v4' : 'M8 1h4v4M5 12h-4v-4'} />
				</svg>
			</button>
		</div>
	</header>
	<div class="body">{@render children()}</div>
</section>

<style>
	.pane {
		background: var(--sheet);
		height: 100%;
		display: flex;
		flex-direction: column;
		container-type: size;
	}
	header {
		flex: none;
		display: flex;
		align-items: center;
		gap: var(--gap-2);
		min-height: 2.1rem;
		padding: 0.1rem var(--gap-2) 0 var(--gap-3);
	}
	.aside {
		flex: 1 1 0;
		/* a word has its room; a sentence is cut off before the tools are */
		min-width: 3.3em;
		font-size: var(--size-note);
		color: var(--notice);
		font-weight: 600;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.tools {
		flex: none;
		margin-left: auto;
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		gap: var(--gap-1);
		align-items: center;
	}
	/* a narrow pane: the tools take lines of their own */
	@container (max-width: 72rem) {
		.tools {
			flex: 0 1 auto;
		}
	}
	@container (max-width: 30rem) {
		header {
			flex-wrap: wrap;
		}
	}
	.enlarge {
		width: 1.6rem;
		height: 1.6rem;
		color: var(--ink-soft);
	}
	.enlarge path {
		fill: none;
		stroke: currentColor;
		stroke-width: 1.6;
	}
	/* a pane that fills the page is for the last row: its type grows with it */
	.enlarged .body {
		--size-note: clamp(0.8125rem, 1.3vw, 1.8rem);
		--size-text: clamp(0.9375rem, 1.6vw, 2.2rem);
		--size-figure: clamp(1.0625rem, 1.9vw, 2.6rem);
		font-size: var(--size-text);
	}
	.body {
		flex: 1;
		min-height: 0;
		position: relative;
	}
</style>
