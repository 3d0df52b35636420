<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { dev } from '$app/environment';
	import { keepForLater } from '$lib/desk/keep-for-later';
	import { textOfFragment } from '$lib/desk/link';
	import { Practice } from '$lib/desk/practice.svelte';
	import { Preferences } from '$lib/desk/preferences.svelte';
	import PracticeView from '$lib/view/practice/PracticeView.svelte';

	/** A quiet window of its own: an exercise from a link or a file, and nothing of the desk. */
	const practice = new Practice();
	const preferences = new Preferences();
	let wrong = $state<string | null>(null);

	function open(read: () => void) {
		try {
			read();
			wrong = null;
		} catch (error) {
			wrong = en`This exercise cannot be opened: ${(error as Error).message}`;
		}
	}
	function openFragment() {
		open(() => {
			const text = textOfFragment(location.hash, 'exercise');
			if (text === null) practice.resume();
			else practice.open(text);
		});
	}
	async function openFile(files: FileList | null) {
		const text = await files?.[0]?.text();
		if (text !== undefined) open(() => practice.open(text));
	}
	onMount(() => {
		openFragment();
		// it opens without a network, too, once it has been here
		return dev ? undefined : keepForLater();
	});
</script>

<svelte:window onhashchange={openFragment} />
<svelte:head><title>{practice.exercise?.title || en`Practice`} · Mathesis</title></svelte:head>

<div class="page">
	<header>
		<h1>{practice.exercise?.title || en`Practice`}</h1>
		<button class="btn tool" onclick={() => preferences.toggleDark()}
			>{preferences.dark ? en`Light` : en`Dark`}</button
		>
	</header>
	<main>
		{#if wrong}<p role="alert" class="wrong">{wrong}</p>{/if}
		{#if practice.exercise}
			<PracticeView {practice} />
		{:else}
			<p>{en`Open the exercise that you were given: its link, or its file.`}</p>
			<label class="btn tool now"
				>{en`Choose a file`}
				<input
					class="only-heard"
					type="file"
					accept=".json,application/json"
					onchange={(event) => void openFile(event.currentTarget.files)}
				/></label
			>
		{/if}
	</main>
</div>

<style>
	.page {
		height: 100%;
		overflow: auto;
		background: var(--sheet);
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: var(--gap-3);
		padding: var(--gap-2) clamp(1rem, 4vw, 3rem);
		border-bottom: 1px solid var(--rule);
	}
	h1 {
		font-size: 1.15rem;
		font-weight: 600;
	}
	main {
		max-width: 82rem;
		margin-inline: auto;
		padding: var(--gap-4) clamp(1rem, 4vw, 3rem) 3rem;
	}
	.wrong {
		color: var(--error);
	}
</style>
