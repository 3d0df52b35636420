<script lang="ts">
	import { columnPreview, pivotPreview } from '$lib/core/commentary/preview';
	import { plainText } from '$lib/core/commentary/sentence';
	import { choiceOf, columnIndex } from '$lib/core/move/pivot';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';

	const { document, selection, session } = useDesk();
	/** before the first step the story is told here, too */
	const isAtStart = $derived(session.stops.length <= 2);
	/** what the pivot or the column that is pointed at would do */
	const preview = $derived.by(() => {
		const work = session.position?.work;
		if (!work) return null;
		const move = session.proposal?.move;
		const choice = move?.kind === 'pivot' ? choiceOf(work.tableau, move) : null;
		if (choice) return pivotPreview(work, choice);
		const column = selection.column === null ? -1 : columnIndex(work.tableau, selection.column);
		return work.tableau.nonbasic.includes(column) ? columnPreview(work, column) : null;
	});
	/** said between sentences, so that copied and spoken text has it too */
	const BETWEEN = ' ';
</script>

<Pane pane="commentary" name="Commentary" aside={document.stale ? 'last right statement' : null}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="text" aria-live="polite" tabindex="0" role="group" aria-label="Commentary on the current step">
		{#if isAtStart && document.story}
			<article class="story">
				<h3>Story</h3>
				{#await import('../story/Prose.svelte') then { default: Prose }}<Prose
						text={document.story}
					/>{/await}
			</article>
		{/if}
		{#if preview}
			<article class="preview" aria-live="off">
				<h3><Words sentence={preview.heading} linked={false} /></h3>
				<ul>
					{#each preview.sentences as sentence, k (k)}<li><Words {sentence} linked={false} /></li>{/each}
				</ul>
			</article>
		{/if}
		{#each session.remarks as remark, i (`${i} ${plainText(remark.heading)}`)}
			<article class={remark.tone}>
				<h3><Words sentence={remark.heading} linked={false} /></h3>
				<p>
					{#each remark.sentences as sentence, k (k)}<span><Words {sentence} />{BETWEEN}</span>{/each}
				</p>
			</article>
		{:else}
			<p class="nothing">
				{session.large
					? 'A problem of this size is solved apart, without its steps.'
					: 'What happens is told here, step by step.'}
			</p>
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
	/* it comes and goes with the pointer: over the text, which does not jump */
	.preview {
		position: sticky;
		top: 0;
		z-index: 1;
		height: 0;
		margin: 0;
		padding: 0;
		border: none;
	}
	.preview > * {
		background: var(--sheet-raised);
		border-inline: 1px dashed var(--now);
		padding-inline: 0.6rem;
	}
	.preview h3 {
		border-top: 1px dashed var(--now);
	}
	.preview ul {
		margin: 0;
		padding-bottom: 0.4rem;
		list-style: none;
		border-bottom: 1px dashed var(--now);
	}
	.hint {
		border-left-style: dashed;
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
	.nothing {
		padding: 0;
	}
</style>
