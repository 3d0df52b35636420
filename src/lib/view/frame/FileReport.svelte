<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Files } from '$lib/desk/files.svelte';

	/** What became of the file that was opened last: why it was refused, or what was changed on the way. */
	let { files }: { files: Files } = $props();
</script>

{#if files.busy !== null}
	<p class="report" role="status">{en`Opening ${files.busy} …`}</p>
{:else if files.report}
	{@const { name, refused, lines } = files.report}
	<div class="report" class:refused role={refused ? 'alert' : 'status'}>
		<div>
			<strong
				>{refused ? en`“${name}” was not opened; nothing has changed.` : en`“${name}” was opened.`}</strong
			>
			<ul>
				{#each lines as line, i (i)}<li>{line}</li>{/each}
			</ul>
		</div>
		<button class="btn tool" onclick={() => files.dismiss()}>{en`Close`}</button>
	</div>
{/if}

<style>
	.report {
		display: flex;
		justify-content: space-between;
		align-items: start;
		gap: var(--gap-3);
		padding: 0.4rem var(--gap-3);
		font-size: var(--size-note);
		background: var(--now-wash);
		border-block: 1px solid var(--rule-strong);
		max-height: 30vh;
		overflow: auto;
	}
	.refused {
		background: var(--error-wash);
		border-color: var(--error);
	}
	ul {
		padding-left: 1.1rem;
	}
</style>
