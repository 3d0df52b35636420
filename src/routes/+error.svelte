<script lang="ts">
	import { en } from '$lib/core/language';
	import { page } from '$app/state';
	import { addressOf } from '$lib/desk/address';
</script>

<svelte:head><title>Mathesis</title></svelte:head>

<main>
	<h1>{page.status}</h1>
	<p>{page.error?.message}</p>
	<p><a href={addressOf('/')} class="anchor">{en`To the desk`}</a></p>
</main>

<style>
	main {
		padding: 4rem;
	}
	h1 {
		font-size: var(--size-title);
		font-weight: 650;
	}
</style>
