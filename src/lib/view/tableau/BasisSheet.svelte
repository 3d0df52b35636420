<script lang="ts">
	import { en } from '$lib/core/language';
	import { eligible, refusalParagraph } from '$lib/core/move';
	import { SvelteSet } from 'svelte/reactivity';
	import { columnOf, rowCount } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import SheetForm from '../shared/SheetForm.svelte';
	import Words from '../shared/Words.svelte';
	import { type Paragraph, say } from '$lib/core/sentence';

	/** A basis chosen by its variables, one for each row; the tableau of it is reached in one step of the trail. */
	let { onclose }: { onclose: () => void } = $props();
	const { session } = useDesk();
	const choice = $derived(session.position && eligible(session.position));
	const t = $derived(choice?.work.tableau);
	const chosen = new SvelteSet<string>();
	let why = $state.raw<Paragraph | null>(null);
	$effect.pre(() => {
		if (t && chosen.size === 0)
			for (const j of t.basis) if (choice!.columns.includes(j)) chosen.add(columnOf(t, j).id);
	});

	function take() {
		session.propose({ kind: 'basis', columns: [...chosen] });
		const result = session.proposal?.result;
		if (result?.ok === false) {
			why = refusalParagraph(result.why);
			session.propose(null);
			return;
		}
		session.commit();
		onclose();
	}
</script>

<Sheet title={en`Choose a basis`} {onclose}>
	<SheetForm action={en`To its tableau`} onsubmit={take} {onclose} isReady={chosen.size > 0}>
		{#if t}
			<p class="note">{en`One variable for each row: ${chosen.size} of ${rowCount(t)} chosen.`}</p>
			<div class="columns" role="group" aria-label={en`Basic variables`}>
				{#each choice!.columns as j (j)}
					{@const column = columnOf(t, j)}
					<label class="check"
						><input
							type="checkbox"
							checked={chosen.has(column.id)}
							onchange={() => {
								why = null;
								if (!chosen.delete(column.id)) chosen.add(column.id);
							}}
						/>
						<Words sentence={say`${column}`} linked={false} /></label
					>
				{/each}
			</div>
			{#if why}
				<p class="wrong" role="alert">
					{#each why.sentences as sentence, i (i)}<Words {sentence} linked={false} />{/each}
				</p>
			{/if}
		{/if}
	</SheetForm>
</Sheet>

<style>
	.columns {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(7rem, 1fr));
		gap: var(--gap-1) var(--gap-3);
		max-height: 50vh;
		overflow: auto;
	}
	.columns label {
		display: flex;
		gap: 0.4rem;
		min-height: 1.6rem;
	}
	.note,
	.wrong {
		max-width: 30rem;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.wrong {
		color: var(--error);
	}
</style>
