<script lang="ts">
	import type { Piece } from '$lib/core/commentary/sentence';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { pointedOf, type Pointed } from '$lib/desk/identity';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';

	let { desk }: { desk: Desk } = $props();
	/** said between sentences, so that copied and spoken text has it too */
	const BETWEEN = ' ';

	function pointedOfPiece(piece: Piece): Pointed | null {
		if (piece.kind === 'constraint') return { kind: 'constraint', name: piece.name };
		return piece.kind === 'column' ? pointedOf(piece.column.owner) : null;
	}
	const nameOf = (piece: Piece) =>
		piece.kind === 'constraint' ? piece.name : piece.kind === 'column' ? piece.column.name : '';
	const identityOf = (pointed: Pointed | null) =>
		pointed?.kind === 'constraint' ? desk.identities.get(pointed.name) : undefined;
</script>

<Pane name="Commentary" aside={desk.stale ? 'last right statement' : null}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="text" aria-live="polite" tabindex="0" role="group" aria-label="Commentary on the current step">
		{#each desk.remarks as remark (remark.heading)}
			<article class={remark.tone}>
				<h3>{remark.heading}</h3>
				<p>
					{#each remark.sentences as sentence, i (i)}
						<span
							>{#each sentence as piece, k (k)}{#if piece.kind === 'text'}{piece.text}{:else if piece.kind === 'number'}<NumberView
										value={piece.value}
										style={desk.numbers}
									/>{:else}{@const pointed = pointedOfPiece(piece)}{@const identity =
										identityOf(pointed)}<span
										class="name"
										class:lit={desk.isPointed(pointed)}
										role="presentation"
										onpointerenter={() => desk.point(pointed)}
										onpointerleave={() => desk.point(null)}
										>{#if identity}<MarkGlyph {identity} />&nbsp;{/if}{nameOf(piece)}</span
									>{/if}{/each}{BETWEEN}</span
						>
					{/each}
				</p>
			</article>
		{:else}
			<p class="nothing">What happens is told here, step by step.</p>
		{/each}
	</div>
</Pane>

<style>
	.text {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
		line-height: 1.5;
	}
	article {
		margin-bottom: var(--gap-3);
		padding-left: 0.7rem;
		border-left: 3px solid var(--rule);
	}
	.step {
		border-left-color: var(--now);
	}
	.warning {
		border-left-color: var(--error);
		border-left-style: double;
		border-left-width: 5px;
	}
	.conclusion {
		border-left-color: var(--ink);
		background: var(--sheet-raised);
	}
	h3 {
		margin: 0;
		font-size: var(--size-figure);
		font-weight: 650;
	}
	.warning h3 {
		color: var(--error);
	}
	p {
		margin: 0.1rem 0 0;
	}
	.name {
		font-weight: 600;
		white-space: nowrap;
		border-radius: 2px;
	}
	.name.lit {
		background: var(--now-wash);
	}
	.nothing {
		color: var(--ink-soft);
		font-style: italic;
	}
</style>
