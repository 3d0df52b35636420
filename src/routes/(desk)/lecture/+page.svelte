<script lang="ts">
	import LecturePage from '$lib/view/lecture/LecturePage.svelte';
</script>

<svelte:head><title>Mathesis: Lecture</title></svelte:head>

<LecturePage />
