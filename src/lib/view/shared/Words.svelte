<script lang="ts">
	import { inNotation, type Piece, pieceName, type Sentence } from '$lib/core/sentence';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedOf, type Pointed } from '$lib/desk/identity';
	import MarkGlyph from './MarkGlyph.svelte';
	import NumberView from './NumberView.svelte';

	interface Props {
		sentence: Sentence;
		/** whether names light up what they are about when pointed at */
		linked?: boolean;
		/** whether long fractions have their decimals beside: where values are read, not where they are reckoned with */
		decimals?: boolean;
	}
	/** A sentence: numbers set as mathematics, names with their marks. */
	let { sentence, linked = true, decimals = false }: Props = $props();
	const { document, selection, session } = useDesk();

	function pointedOfPiece(piece: Piece): Pointed | null {
		if (piece.kind === 'constraint') return { kind: 'constraint', name: piece.name };
		return piece.kind === 'column' ? pointedOf(piece.column.owner) : null;
	}
	const pieces = $derived(inNotation(sentence, document.notation));
	/** Whether a sign stands directly before a number, which may not go to the next line without it. */
	function isGlued(k: number): boolean {
		const before = pieces[k - 1];
		return before?.kind === 'text' && /[+−(]$/.test(before.text);
	}
	const identityOf = (pointed: Pointed | null) =>
		pointed?.kind === 'constraint' ? session.identities.get(pointed.name) : undefined;
</script>

{#each pieces as piece, k (k)}{#if piece.kind === 'number'}{#if isGlued(k)}&NoBreak;{/if}<NumberView
			value={piece.value}
			style={document.notation.numbers}
			decimal={decimals}
		/>{:else if piece.kind === 'text' || piece.kind === 'sign' || !linked}{pieceName(
			piece,
			document.notation
		)}{:else}{@const pointed = pointedOfPiece(piece)}{@const identity = identityOf(pointed)}<span
			class="name"
			class:lit={selection.isPointed(pointed)}
			role="presentation"
			onpointerenter={() => selection.point(pointed)}
			onpointerleave={() => selection.point(null)}
			>{#if identity}<MarkGlyph {identity} />&nbsp;{/if}{pieceName(piece, document.notation)}</span
		>{/if}{/each}

<style>
	.name {
		font-weight: 600;
		white-space: nowrap;
		border-radius: 2px;
	}
	.name.lit {
		background: var(--now-wash);
	}
</style>
