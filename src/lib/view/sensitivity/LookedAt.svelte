<script lang="ts">
	import { en } from '$lib/core/language';
	import type { TableauCell } from '$lib/core/answer';
	import type { Tableau } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { pointedCell } from './pointed-cell';

	interface Props {
		tableau: Tableau;
		/** the cell that is pointed at here, and the one that answers to a cell pointed at in the other tableau */
		own?: TableauCell | null;
		twin?: TableauCell | null;
		/** told where a cell is pointed at; without it none can be */
		onpoint?: (cell: TableauCell | null) => void;
		label: string;
	}
	/** A tableau that is only looked at, as the notation writes it. */
	let { tableau, own = null, twin = null, onpoint, label }: Props = $props();
	const { document: lesson } = useDesk();
	const work = $derived({ tableau, part: 'primal' } as const);
</script>

{#snippet grid()}
	{#if lesson.notation.layout === 'dictionary'}
		{#await import('../tableau/Dictionary.svelte') then { default: Dictionary }}
			<Dictionary {work} decision={null} hides={false} />
		{/await}
	{:else}
		{#await import('../tableau/TableauGrid.svelte') then { default: Grid }}
			<Grid {work} decision={null} />
		{/await}
	{/if}
{/snippet}

{#if onpoint}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="looked-at"
		tabindex="0"
		role="group"
		aria-label={en`${label}: arrow keys point at its cells`}
		{@attach pointedCell(tableau, { own, twin }, onpoint)}
	>
		{@render grid()}
	</div>
{:else}{@render grid()}{/if}

<style>
	.looked-at {
		height: 100%;
	}
	.looked-at :global([data-own]) {
		outline: 2px dashed var(--now);
		outline-offset: -2px;
	}
	.looked-at :global([data-twin]) {
		outline: 3px solid var(--now);
		outline-offset: -3px;
		background: var(--now-wash);
	}
</style>
