<script lang="ts">
	import { en } from '$lib/core/language';
	import { useGo } from '$lib/desk/go';
	import LessonsPage from '$lib/view/lessons/LessonsPage.svelte';

	const go = useGo();
</script>

<svelte:head><title>{en`Mathesis: Lessons`}</title></svelte:head>

<LessonsPage {go} />
