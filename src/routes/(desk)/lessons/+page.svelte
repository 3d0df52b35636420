<script lang="ts">
	import { goto } from '$app/navigation';
	import LessonsPage from '$lib/view/lessons/LessonsPage.svelte';
</script>

<svelte:head><title>Mathesis: Lessons</title></svelte:head>

<LessonsPage go={(path) => void goto(path)} />
