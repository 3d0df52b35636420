<script lang="ts">
	import { en } from '$lib/core/language';
	import { goto } from '$app/navigation';
	import { addressOf } from '$lib/desk/address';
	import HelpPage from '$lib/view/help/HelpPage.svelte';
</script>

<svelte:head><title>{en`Mathesis: Help`}</title></svelte:head>

<HelpPage go={(path) => void goto(addressOf(path))} />
