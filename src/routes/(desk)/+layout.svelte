<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { dev } from '$app/environment';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { addressOf, pageOf } from '$lib/desk/address';
	import { Desk, provideDesk } from '$lib/desk/desk.svelte';
	import type { Files } from '$lib/desk/files.svelte';
	import { provideGo } from '$lib/desk/go';
	import { keepForLater } from '$lib/desk/keep-for-later';
	import { Keeping, provideKeeping } from '$lib/desk/keeping.svelte';
	import type { Offline } from '$lib/desk/offline.svelte';
	import { PAGE_PATHS } from '$lib/desk/pages';
	import Shell from '$lib/view/frame/Shell.svelte';

	let { children } = $props();
	const desk = provideDesk(new Desk());
	const keeping = provideKeeping(new Keeping(desk.document));
	let offline = $state.raw<Offline | null>(null);
	let ready = $state(false);
	let files = $state.raw<Files | null>(null);

	// going where one is would take the focus from what has just got it
	const go = provideGo((path) => {
		if (path !== pageOf(page.url.pathname)) void goto(addressOf(path));
	});

	/** What opens files is loaded when the first one comes. */
	async function opener(): Promise<Files> {
		const module = await import('$lib/desk/files.svelte');
		files ??= new module.Files(keeping, go);
		return files;
	}

	/** A link that carries a lesson, or a problem alone, opens it, as a new one in the collection. */
	async function openFragment() {
		const { hash } = location;
		const what = (['lesson', 'problem'] as const).find((own) => hash.startsWith(`#${own}=`));
		if (!what) return;
		history.replaceState(history.state, '', location.pathname);
		const { textOfFragment } = await import('$lib/desk/link');
		const name = en`The ${what} in the link`;
		try {
			const text = textOfFragment(hash, what);
			if (text !== null) await (await opener()).openText(name, text);
		} catch (error) {
			keeping.say((error as Error).message);
		}
	}

	onMount(() => {
		void keeping
			.restore()
			.then(openFragment)
			.finally(() => (ready = true));
		return dev ? undefined : keepForLater((own) => (offline = own));
	});

	// it opens again with the page it was looked at with
	$effect(() => {
		const path = pageOf(page.url.pathname);
		if (ready && PAGE_PATHS.includes(path)) desk.document.stay(path);
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

<svelte:window onhashchange={() => void openFragment()} onpagehide={() => keeping.leave()} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'hidden' && void keeping.flush()} />

{#if ready}
	<Shell {keeping} {offline} {go} {files} {opener}>
		{@render children()}
	</Shell>
{/if}
