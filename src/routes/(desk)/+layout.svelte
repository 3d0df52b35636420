<script lang="ts">
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { Desk, provideDesk } from '$lib/desk/desk.svelte';
	import { Keeping } from '$lib/desk/keeping.svelte';
	import Shell from '$lib/view/frame/Shell.svelte';

	let { children } = $props();
	const desk = provideDesk(new Desk());
	const keeping = new Keeping(desk.document);
	let ready = $state(false);

	onMount(() => {
		void keeping.restore().finally(() => (ready = true));
	});

	$effect(() => {
		void desk.document.lesson;
		if (ready) keeping.touch();
	});

	// what is too large for the page is solved apart
	$effect(() => {
		const { text } = desk.document;
		if (desk.session.large && !desk.document.stale) void desk.answer.find(text);
		else desk.answer.cancel();
	});
</script>

<svelte:window onpagehide={() => void keeping.flush()} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'hidden' && void keeping.flush()} />

{#if ready}
	<Shell {keeping} go={(path) => void goto(path)}>
		{@render children()}
	</Shell>
{/if}
