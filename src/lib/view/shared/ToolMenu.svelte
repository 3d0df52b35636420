<script lang="ts" generics="T">
	import type { Snippet } from 'svelte';

	interface Props {
		/** what the button says */
		text: string;
		label?: string;
		items: readonly { key: string; value: T }[];
		item: Snippet<[T]>;
		onchoose: (value: T) => void;
		/** words alone, no box round them */
		plain?: boolean;
	}
	/** A button that opens a list of things to do; the list is loaded when it is first asked for. */
	let { text, label, items, item, onchoose, plain = false }: Props = $props();
	let button = $state<HTMLButtonElement>();
	let open = $state(false);

	function choose(key: string) {
		const chosen = items.find((own) => own.key === key);
		if (chosen) onchoose(chosen.value);
	}

	function close() {
		open = false;
		button?.focus();
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'ArrowDown') return;
		event.preventDefault();
		open = true;
	}
</script>

<button
	bind:this={button}
	class="btn tool"
	class:plain
	aria-label={label ?? text}
	aria-haspopup="menu"
	aria-expanded={open}
	disabled={items.length === 0}
	onclick={() => (open = !open)}
	{onkeydown}>{text} ▾</button
>
{#if open && button}
	{#await import('./MenuList.svelte') then { default: MenuList }}
		<MenuList
			anchor={button}
			label={label ?? text}
			keys={items.map(({ key }) => key)}
			onchoose={choose}
			onclose={close}
		>
			{#snippet line(key)}
				{@const own = items.find((other) => other.key === key)}
				{#if own}{@render item(own.value)}{/if}
			{/snippet}
		</MenuList>
	{/await}
{/if}
