<script lang="ts">
	import { en } from '$lib/core/language';
	import HandoutPage from '$lib/view/handout/HandoutPage.svelte';
</script>

<svelte:head><title>{en`Mathesis: Handout`}</title></svelte:head>

<HandoutPage />
