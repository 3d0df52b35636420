<script lang="ts">
	import { en } from '$lib/core/language';
	import Sheet from '../shared/Sheet.svelte';
	import type { Action } from './actions';

	let { actions, onclose }: { actions: readonly Action[]; onclose: () => void } = $props();

	/** Keys that belong to the thing that has the focus. */
	const OWN: readonly { where: string; keys: readonly (readonly [string, string])[] }[] = [
		{
			where: en`Everywhere`,
			keys: [
				['Ctrl Z', en`undo the last change`],
				['Ctrl Y', en`redo it`],
				['Ctrl K', en`find an action`],
				['Escape', en`close, leave a field, put a pane back`]
			]
		},
		{
			where: en`Statement`,
			keys: [
				['Alt ↑ ↓', en`move a row up or down`],
				['F2', en`rename what the cursor is at, everywhere`],
				['Escape', en`leave the text, so that keys act again`],
				['Tab', en`take the name that is offered`]
			]
		},
		{
			where: en`Table`,
			keys: [
				[en`arrows`, en`walk over the cells; with Shift choose a block`],
				['Enter', en`take what was typed, and go down`],
				['Escape', en`what stood there before; once more leaves the cell`],
				['Delete', en`clear the block`]
			]
		},
		{
			where: en`Tableau`,
			keys: [
				[en`arrows`, en`walk over the entries`],
				['Enter', en`pivot on an entry; show the ratios of a column`]
			]
		},
		{
			where: en`Region`,
			keys: [
				[en`arrows`, en`move the view`],
				['+ −', en`magnify, reduce`],
				['0', en`fit`],
				[en`arrows on a plan`, en`move it; with Shift ten steps`]
			]
		},
		{
			where: en`Body of three variables`,
			keys: [
				[en`arrows`, en`turn it`],
				['+ −', en`magnify, reduce`],
				['0', en`reset the view`]
			]
		},
		{
			where: en`Tree`,
			keys: [
				[en`arrows`, en`go from node to node`],
				['Enter', en`solve an open node, show a hidden one`],
				[en`space`, en`fold what is below`]
			]
		},
		{
			where: en`Number line of a number`,
			keys: [[en`arrows`, en`move the number; Page Up and Page Down by ten steps`]]
		},
		{
			where: en`Borders between panes`,
			keys: [[en`arrows`, en`move the border`]]
		}
	];
	const groups = $derived(
		[...new Set(actions.map(({ group }) => group))]
			.map((group) => ({ group, own: actions.filter((a) => a.group === group && a.key) }))
			.filter(({ own }) => own.length > 0)
	);
</script>

<Sheet
	title={en`Keys`}
	text={en`While you write a text, press them together with Alt. Keys in italics do nothing on this page.`}
	look="keys"
	{onclose}
>
	<div class="columns">
		{#each groups as { group, own } (group)}
			<section>
				<h3 class="quiet-title mb-[0.2rem]">{group}</h3>
				<dl>
					{#each own as action (action.id)}
						<dt class:idle={!action.possible}><kbd>{action.key}</kbd></dt>
						<dd class:idle={!action.possible}>
							{action.says}{#if !action.possible}<span class="only-heard">{en`, does nothing here`}</span
								>{/if}
						</dd>
					{/each}
				</dl>
			</section>
		{/each}
		{#each OWN as { where, keys } (where)}
			<section>
				<h3 class="quiet-title mb-[0.2rem]">{where}</h3>
				<dl>
					{#each keys as [key, says] (key)}
						<dt><kbd>{key}</kbd></dt>
						<dd>{says}</dd>
					{/each}
				</dl>
			</section>
		{/each}
	</div>
	<button class="btn tool" onclick={onclose}>{en`Close`}</button>
</Sheet>

<style>
	.columns {
		columns: 2 18rem;
		column-gap: 2rem;
		margin-bottom: var(--gap-3);
	}
	section {
		break-inside: avoid;
		margin-bottom: var(--gap-3);
	}
	dl {
		display: grid;
		grid-template-columns: 4rem 1fr;
		row-gap: 0.15rem;
	}
	.idle {
		color: var(--ink-soft);
		font-style: italic;
	}
	.idle kbd {
		border-style: dashed;
	}
	kbd {
		font-family: inherit;
		font-size: var(--size-note);
		border: 1px solid var(--rule-strong);
		border-radius: 3px;
		padding: 0 0.35rem;
	}
</style>
