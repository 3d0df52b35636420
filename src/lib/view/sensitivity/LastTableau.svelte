<script lang="ts">
	import { solveLinear } from '$lib/core/answer/answer';
	import type { Work } from '$lib/core/method/types';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';

	/** The last tableau of the problem with the numbers as they were moved; cells that are read are framed. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const work = $derived.by((): Work | null => {
		const { whatIf } = sensitivity;
		if (!whatIf) return null;
		const { tableau } = solveLinear(whatIf);
		return tableau && { tableau, part: 'primal' };
	});
</script>

<Pane pane="last" name="Last tableau" aside={lesson.stale ? 'last right statement' : null}>
	{#if work && sensitivity.tableau}
		{#if lesson.notation.layout === 'dictionary'}
			{#await import('../tableau/Dictionary.svelte') then { default: Dictionary }}
				<Dictionary {work} decision={null} hides={false} />
			{/await}
		{:else}
			{#await import('../tableau/TableauGrid.svelte') then { default: Grid }}
				<Grid {work} decision={null} />
			{/await}
		{/if}
	{:else}
		<p class="nothing">The last tableau stands here where there is a best plan.</p>
	{/if}
</Pane>
