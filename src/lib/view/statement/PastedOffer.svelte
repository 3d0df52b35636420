<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { PastedKind } from './pasted';

	/** What was pasted into the statement is something else: it can be taken as what it is. */
	interface Props {
		text: string;
		kind: PastedKind;
		ontable: () => void;
		onclose: () => void;
	}
	let { text, kind, ontable, onclose }: Props = $props();
	const { document: lesson } = useDesk();
	const NAMES: Record<PastedKind, string> = {
		table: en`a table of cells`,
		mps: en`a problem in MPS`,
		json: en`a problem as JSON`
	};
	let told = $state<string | null>(null);
	// an offer is about the text that was pasted: it goes with it
	$effect(() => {
		if (told === null && !lesson.text.includes(text.replace(/\r\n?/g, '\n').trim())) onclose();
	});

	async function take() {
		if (kind === 'table') return ontable();
		const { convert } = await import('$lib/core/formats/convert');
		try {
			const { content, notes } = convert({ from: kind, to: 'statement', content: text });
			lesson.write(content);
			told = [en`It is the statement now. Undo brings the old one back.`, ...notes].join(' ');
		} catch (error) {
			told = (error as Error).message;
		}
	}
</script>

<p class="offer" role="status">
	<span>{told ?? en`What was pasted looks like ${NAMES[kind]}, not like a statement.`}</span>
	{#if told === null}<button class="btn tool now" onclick={() => void take()}>{en`Read it as that`}</button
		>{/if}
	<button class="btn tool" onclick={onclose}>{told === null ? en`Leave it` : en`Close`}</button>
</p>

<style>
	.offer {
		display: flex;
		align-items: center;
		gap: var(--gap-2);
		padding: 0.3rem var(--gap-3);
		font-size: var(--size-note);
		background: var(--now-wash);
		border-top: 1px solid var(--now);
	}
	span {
		flex: 1;
	}
</style>
