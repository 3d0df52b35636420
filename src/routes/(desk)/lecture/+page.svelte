<script lang="ts">
	import { en } from '$lib/core/language';
	import LecturePage from '$lib/view/lecture/LecturePage.svelte';
</script>

<svelte:head><title>{en`Mathesis: Lecture`}</title></svelte:head>

<LecturePage />
