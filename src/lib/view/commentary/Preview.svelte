<script lang="ts">
	import { columnPreview, pivotPreview, remarkWords } from '$lib/core/commentary';
	import { choiceOf, columnIndex } from '$lib/core/move';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Words from '../shared/Words.svelte';

	/** What the pivot or the column that is pointed at would do. */
	const { selection, session } = useDesk();
	const preview = $derived.by(() => {
		const work = session.position?.work;
		if (!work) return null;
		const move = session.proposal?.move;
		const choice = move?.kind === 'pivot' ? choiceOf(work.tableau, move) : null;
		if (choice) return remarkWords(pivotPreview(work, choice));
		const column = selection.column === null ? -1 : columnIndex(work.tableau, selection.column);
		return work.tableau.nonbasic.includes(column) ? remarkWords(columnPreview(work, column)) : null;
	});
</script>

{#if preview}
	<article class="preview" aria-live="off">
		<h3><Words sentence={preview.heading} linked={false} /></h3>
		<ul>
			{#each preview.sentences as sentence, k (k)}<li><Words {sentence} linked={false} /></li>{/each}
		</ul>
	</article>
{/if}

<style>
	/* it comes and goes with the pointer: over the text, which does not jump */
	.preview {
		position: sticky;
		top: 0;
		z-index: 1;
		height: 0;
		padding: 0;
		border: none;
	}
	.preview > * {
		background: var(--sheet-raised);
		border-inline: 1px dashed var(--now);
		padding-inline: 0.6rem;
	}
	.preview h3 {
		font-weight: 650;
		border-top: 1px dashed var(--now);
	}
	.preview ul {
		padding-bottom: 0.4rem;
		border-bottom: 1px dashed var(--now);
	}
</style>
