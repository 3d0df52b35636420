<script lang="ts">
	import Sheet from '../shared/Sheet.svelte';
	import type { Action } from './actions';

	let { actions, onclose }: { actions: readonly Action[]; onclose: () => void } = $props();

	/** Keys that belong to the thing that has the focus. */
	const OWN: readonly { where: string; keys: readonly (readonly [string, string])[] }[] = [
		{
			where: 'Everywhere',
			keys: [
				['Ctrl Z', 'take back the last act'],
				['Ctrl Y', 'do it again'],
				['Ctrl K', 'find an action'],
				['Escape', 'close, leave a field, put a pane back']
			]
		},
		{
			where: 'Statement',
			keys: [
				['Alt ↑ ↓', 'move a row up or down'],
				['F2', 'rename what the cursor is at, everywhere'],
				['Escape', 'leave the text, so that keys act again'],
				['Tab', 'take the name that is offered']
			]
		},
		{
			where: 'Table',
			keys: [
				['arrows', 'walk over the cells; with Shift choose a block'],
				['Enter', 'take what was typed, and go down'],
				['Escape', 'what stood there before; once more leaves the cell'],
				['Delete', 'clear the block']
			]
		},
		{
			where: 'Tableau',
			keys: [
				['arrows', 'walk over the entries'],
				['Enter', 'pivot on an entry; show the ratios of a column']
			]
		},
		{
			where: 'Region',
			keys: [
				['arrows', 'move the view'],
				['+ −', 'magnify, reduce'],
				['0', 'fit'],
				['arrows on a plan', 'move it; with Shift ten steps']
			]
		},
		{
			where: 'Body of three variables',
			keys: [
				['arrows', 'turn it'],
				['+ −', 'magnify, reduce'],
				['0', 'as at first']
			]
		},
		{
			where: 'Tree',
			keys: [
				['arrows', 'go from node to node'],
				['Enter', 'solve an open node, show a hidden one'],
				['space', 'fold what is below']
			]
		},
		{
			where: 'Number line of a number',
			keys: [['arrows', 'move the number; Page Up and Page Down by ten steps']]
		},
		{
			where: 'Borders between panes',
			keys: [['arrows', 'move the border']]
		}
	];
	const groups = $derived(
		[...new Set(actions.map(({ group }) => group))]
			.map((group) => ({ group, own: actions.filter((a) => a.group === group && a.key) }))
			.filter(({ own }) => own.length > 0)
	);
</script>

<Sheet
	title="Keys"
	text="While you write a text, press them together with Alt. Keys in italics do nothing on this page."
	look="keys"
	{onclose}
>
	<div class="columns">
		{#each groups as { group, own } (group)}
			<section>
				<h3>{group}</h3>
				<dl>
					{#each own as action (action.id)}
						<dt class:idle={!action.possible}><kbd>{action.key}</kbd></dt>
						<dd class:idle={!action.possible}>
							{action.says}{#if !action.possible}<span class="only-heard">, does nothing here</span>{/if}
						</dd>
					{/each}
				</dl>
			</section>
		{/each}
		{#each OWN as { where, keys } (where)}
			<section>
				<h3>{where}</h3>
				<dl>
					{#each keys as [key, says] (key)}
						<dt><kbd>{key}</kbd></dt>
						<dd>{says}</dd>
					{/each}
				</dl>
			</section>
		{/each}
	</div>
	<button class="btn tool" onclick={onclose}>Close</button>
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
	h3 {
		margin: 0 0 0.2rem;
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 500;
		color: var(--ink-soft);
	}
	dl {
		display: grid;
		grid-template-columns: 4rem 1fr;
		margin: 0;
		row-gap: 0.15rem;
	}
	dd {
		margin: 0;
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
