<script lang="ts">
	import { en } from '$lib/core/language';
	import { useGo } from '$lib/desk/go';
	import HelpPage from '$lib/view/help/HelpPage.svelte';

	const go = useGo();
</script>

<svelte:head><title>{en`Mathesis: Help`}</title></svelte:head>

<HelpPage {go} />
