<script lang="ts">
	import { en } from '$lib/core/language';
	import { goto } from '$app/navigation';
	import { addressOf } from '$lib/desk/address';
	import LessonsPage from '$lib/view/lessons/LessonsPage.svelte';
</script>

<svelte:head><title>{en`Mathesis: Lessons`}</title></svelte:head>

<LessonsPage go={(path) => void goto(addressOf(path))} />
