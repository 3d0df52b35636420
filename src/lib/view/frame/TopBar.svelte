<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Keeping } from '$lib/desk/keeping.svelte';

	interface Props {
		desk: Desk;
		keeping: Keeping;
		dark: boolean;
		ondark: () => void;
	}
	let { desk, keeping, dark, ondark }: Props = $props();
	const STATES: Record<Keeping['state'], string> = {
		starting: 'opening …',
		saved: 'saved in this browser',
		saving: 'saving …',
		failed: 'not saved'
	};
</script>

<header>
	<h1>Mathesis</h1>
	<p class="lesson">{desk.problem?.title ?? 'Untitled lesson'}</p>
	<p class="kept" class:failed={keeping.state === 'failed'} role="status">{STATES[keeping.state]}</p>
	<button class="btn mode" aria-pressed={dark} onclick={ondark}>{dark ? 'Light' : 'Dark'}</button>
</header>
{#if keeping.message}
	<div class="message" role="alert">
		<span>{keeping.message}</span>
		<button class="btn mode" onclick={() => keeping.dismiss()}>Close</button>
	</div>
{/if}

<style>
	header {
		display: flex;
		align-items: baseline;
		gap: var(--gap-4);
		padding: 0.4rem var(--gap-3) 0.35rem;
	}
	h1 {
		margin: 0;
		font-size: var(--size-title);
		font-weight: 650;
		letter-spacing: 0.01em;
	}
	.lesson {
		margin: 0;
		font-style: italic;
		font-size: var(--size-figure);
	}
	.kept {
		margin: 0 0 0 auto;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.failed {
		color: var(--error);
		font-weight: 600;
	}
	.mode {
		font-size: var(--size-note);
		padding: 0.2rem 0.6rem;
		border: 1px solid var(--rule-strong);
		color: var(--ink);
	}
	.message {
		display: flex;
		gap: var(--gap-3);
		align-items: center;
		justify-content: space-between;
		padding: 0.35rem var(--gap-3);
		background: var(--error-wash);
		border-block: 1px solid var(--error);
		font-size: var(--size-note);
	}
</style>
