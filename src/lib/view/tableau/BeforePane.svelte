<script lang="ts">
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import TableauGrid from './TableauGrid.svelte';

	/** The tableau of the step before, to be compared with the present one. */
	const { session } = useDesk();
	const before = $derived(session.stops.at(-2)?.position.work ?? null);
</script>

<Pane pane="before" name="Step before">
	{#if before}
		<TableauGrid work={before} decision={null} />
	{:else}
		<p class="nothing">The tableau of the step before stands here once there is one.</p>
	{/if}
</Pane>
