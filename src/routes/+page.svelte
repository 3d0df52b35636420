<script lang="ts">
	import { onMount } from 'svelte';
	import { Desk } from '$lib/desk/desk.svelte';
	import { Keeping } from '$lib/desk/keeping.svelte';
	import { Appearance } from '$lib/desk/appearance.svelte';
	import DeskView from '$lib/view/frame/DeskView.svelte';

	const desk = new Desk();
	const keeping = new Keeping(desk);
	const appearance = new Appearance();
	let ready = $state(false);

	onMount(() => {
		void keeping.restore().finally(() => (ready = true));
	});

	$effect(() => {
		void desk.lesson;
		if (ready) keeping.touch();
	});
</script>

<svelte:head><title>Mathesis</title></svelte:head>
<svelte:window onpagehide={() => void keeping.flush()} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'hidden' && void keeping.flush()} />

{#if ready}
	<DeskView {desk} {keeping} dark={appearance.dark} ondark={() => appearance.toggle()} />
{/if}
