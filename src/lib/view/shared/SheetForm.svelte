<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Snippet } from 'svelte';

	/** The form in a sheet: labelled fields, and at the end what takes them or leaves all as it was. */
	interface Props {
		/** the word on the button that takes what was written */
		action: string;
		onsubmit: () => void;
		onclose: () => void;
		/** whether what was written can be taken */
		isReady?: boolean;
		children: Snippet;
	}
	let { action, onsubmit, onclose, isReady = true, children }: Props = $props();
</script>

<form
	onsubmit={(event) => {
		event.preventDefault();
		onsubmit();
	}}
>
	{@render children()}
	<div class="buttons">
		<button type="button" class="btn tool" onclick={onclose}>{en`Cancel`}</button>
		<button class="btn tool now" disabled={!isReady}>{action}</button>
	</div>
</form>

<style>
	form {
		display: grid;
		gap: var(--gap-2);
		min-width: min(24rem, 80vw);
	}
	form :global(label) {
		display: grid;
		grid-template-columns: 6rem 1fr;
		align-items: center;
	}
	.buttons {
		display: flex;
		justify-content: flex-end;
		gap: var(--gap-2);
	}
</style>
