<script lang="ts">
	import HandoutPage from '$lib/view/handout/HandoutPage.svelte';
</script>

<svelte:head><title>Mathesis: Handout</title></svelte:head>

<HandoutPage />
