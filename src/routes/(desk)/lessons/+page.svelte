<script lang="ts">
	import { goto } from '$app/navigation';
	import { addressOf } from '$lib/desk/address';
	import LessonsPage from '$lib/view/lessons/LessonsPage.svelte';
</script>

<svelte:head><title>Mathesis: Lessons</title></svelte:head>

<LessonsPage go={(path) => void goto(addressOf(path))} />
