<script lang="ts">
	import { en } from '$lib/core/language';
	/** A link to be handed on: in a field to mark, and copied by a button; how long it is, and how far it reaches. */
	interface Props {
		link: string;
		/** what the field is called for screen readers */
		label: string;
		disabled?: boolean;
	}
	let { link, label, disabled = false }: Props = $props();
	let copied = $state(false);
	let refused = $state(false);
	/** above this many characters a link is broken by some programs that pass it on */
	const LONG = 8000;
	const isHere = ['localhost', '127.0.0.1', '[::1]'].includes(location.hostname);

	async function copy() {
		try {
			await navigator.clipboard.writeText(link);
			copied = true;
		} catch {
			refused = true;
		}
	}
</script>

<p class="link">
	<input class="field" readonly value={link} aria-label={label} onfocus={(e) => e.currentTarget.select()} />
	<button class="btn tool" {disabled} onclick={() => void copy()}>{copied ? en`Copied` : en`Copy`}</button>
</p>
<p class="text-note text-soft">
	{en`${link.length.toLocaleString('en-GB')} characters. Everything is in the link itself; nothing goes to a server.`}
	{#if isHere}{en`This link leads to this computer only: students need the address that your server has in the network.`}{/if}
	{#if link.length > LONG}{en`Some programs cut off links of this length; a file is safer.`}{/if}
</p>
{#if refused}<p class="text-note text-soft" role="alert">
		{en`The browser does not let this page copy. Mark the link and copy it by hand.`}
	</p>{/if}

<style>
	p {
		margin: 0 0 var(--gap-1);
	}
	.link {
		display: flex;
		gap: var(--gap-1);
	}
	.link input {
		flex: 1;
		min-width: 0;
	}
</style>
