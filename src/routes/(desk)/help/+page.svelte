<script lang="ts">
	import { goto } from '$app/navigation';
	import { addressOf } from '$lib/desk/address';
	import HelpPage from '$lib/view/help/HelpPage.svelte';
</script>

<svelte:head><title>Mathesis: Help</title></svelte:head>

<HelpPage go={(path) => void goto(addressOf(path))} />
