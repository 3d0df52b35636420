<script lang="ts">
	import { en } from '$lib/core/language';
	import { QrCode } from '@skeletonlabs/skeleton-svelte';

	/** A link as a QR code, where one holds it. */
	let { link }: { link: string } = $props();
	/** bytes that a QR code of the largest size holds, with the least correction */
	const MOST = 2953;
</script>

{#if link.length <= MOST}
	<QrCode value={link} encoding={{ ecc: 'L' }}>
		<QrCode.Frame class="qr" role="img" aria-label={en`QR code of the link`}><QrCode.Pattern /></QrCode.Frame>
	</QrCode>
{:else}
	<p>
		{en`The link is too long for a QR code, which holds ${MOST.toLocaleString('en-GB')} characters.`}
	</p>
{/if}

<style>
	/* black on white in every mode: phones read it so */
	:global(.qr) {
		width: min(100%, 16rem);
		aspect-ratio: 1;
		background: white;
		fill: black;
		padding: 0.8rem;
		box-sizing: border-box;
	}
	p {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
