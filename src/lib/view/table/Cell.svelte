<script lang="ts">
	/** One cell of the technology table, as a field to type in. */
	import { useDesk } from '$lib/desk/desk.svelte';

	interface Props {
		/** what it holds, see cells.ts */
		key: string;
		/** row and column on the screen */
		at: string;
		value: string;
		label: string;
		/** what stands in it while it is empty */
		hint?: string;
		/** after a change of page the focus goes to it */
		begins?: boolean;
		wrong: boolean;
		/** whether it is one of a block that is chosen */
		chosen: boolean;
	}
	let { key, at, value, label, hint = '', begins = false, wrong, chosen }: Props = $props();
	const { unread } = useDesk();
	/** what was typed and not read stays in sight */
	const text = $derived(unread.shownIn(key, value));
	let input = $state<HTMLInputElement>();

	// while something is typed here the statement follows, and what is typed stays as it is
	$effect(() => {
		if (input && input !== document.activeElement) input.value = text;
	});
</script>

<!-- svelte-ignore a11y_autofocus -->
<input
	bind:this={input}
	autofocus={begins}
	placeholder={hint || ' '}
	data-cell={key}
	data-at={at}
	data-shown={value}
	aria-label={label}
	aria-invalid={wrong || text !== value}
	class:chosen
	style:--width={`${Math.max(2, value.length, hint.length)}ch`}
	onfocus={(event) => {
		event.currentTarget.dataset.before = value;
		event.currentTarget.select();
	}}
/>

<style>
	input {
		width: calc(var(--width) + 0.9rem);
		min-width: 2.6rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		font: inherit;
		font-size: var(--size-figure);
		color: var(--ink);
		background: transparent;
		border: 0;
		border-bottom: 1px dotted transparent;
		border-radius: 0;
	}
	/* letters are not as wide as figures */
	@supports (field-sizing: content) {
		input {
			width: auto;
			field-sizing: content;
		}
	}
	.chosen {
		background: color-mix(in oklab, var(--focus) 22%, transparent);
	}
	input:hover {
		border-bottom-color: var(--rule-strong);
	}
	input[aria-invalid='true'] {
		text-decoration: underline wavy var(--error);
	}
</style>
