<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Pointed } from '$lib/desk/identity';
	import MarkGlyph from '../shared/MarkGlyph.svelte';

	/** A column's name with the mark of the constraint that it belongs to; long names can break. */
	let { name, pointed }: { name: string; pointed: Pointed | null } = $props();
	const { session } = useDesk();
	const mark = $derived(pointed?.kind === 'constraint' ? session.identities.get(pointed.name) : undefined);
</script>

{#if mark}<MarkGlyph identity={mark} />{/if}{name.replaceAll('_', '_\u200b')}
