<script lang="ts">
	import type { Rational } from '$lib/core/number';
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
	/** The sign directly before a number, which may not go to the next line without it; empty where none is. */
	function signBefore(k: number): string {
		const before = pieces[k - 1];
		return pieces[k]?.kind === 'number' && before?.kind === 'text'
			? (/[+−]$/.exec(before.text)?.[0] ?? '')
			: '';
	}
	const identityOf = (pointed: Pointed | null) =>
		pointed?.kind === 'constraint' ? session.identities.get(pointed.name) : undefined;
</script>

{#snippet number(value: Rational)}<NumberView
		{value}
		style={document.notation.numbers}
		decimal={decimals}
	/>{/snippet}

{#each pieces as piece, k (k)}{#if piece.kind === 'number'}{@const sign = signBefore(k)}{#if sign}<span
				class="whitespace-nowrap">{sign}{@render number(piece.value)}</span
			>{:else}{@render number(piece.value)}{/if}{:else if piece.kind === 'text'}{signBefore(k + 1)
			? piece.text.slice(0, -1)
			: piece.text}{:else if piece.kind === 'sign' || !linked}{pieceName(
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
