<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { dev } from '$app/environment';
	import { keepForLater } from '$lib/desk/keep-for-later';
	import { Preferences } from '$lib/desk/preferences.svelte';
	import SpeakerView from '$lib/view/lecture/SpeakerView.svelte';

	/** A window of its own beside a lecture; it works without a network, too. */
	new Preferences();
	onMount(() => (dev ? undefined : keepForLater()));
</script>

<svelte:head><title>{en`Speaker’s window · Mathesis`}</title></svelte:head>

<SpeakerView />
