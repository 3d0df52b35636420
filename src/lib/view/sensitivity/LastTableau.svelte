<script lang="ts">
	import { en } from '$lib/core/language';
	import { twinOfDual } from '$lib/core/answer';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { solved } from '$lib/desk/worked-out';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import Pane from '../shared/Pane.svelte';
	import DualCovered from './DualCovered.svelte';
	import LookedAt from './LookedAt.svelte';

	/** The last tableau of the problem with the numbers as they were moved; cells that are read are framed. Beside the dual's, as stated. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const { pointed, last } = $derived(sensitivity.dual);
	const isBesideDual = $derived(sensitivity.look === 'dual');
	const tableau = $derived.by(() => {
		if (isBesideDual || !sensitivity.whatIf) return sensitivity.tableau;
		return solved(sensitivity.whatIf).tableau;
	});
	const own = $derived(pointed?.of === 'primal' ? pointed.cell : null);
	const twin = $derived(last && pointed?.of === 'dual' ? twinOfDual(last, pointed.cell) : null);
</script>

<Pane pane="last" name={en`Last tableau`} aside={lesson.stale ? en`last right statement` : null}>
	{#if tableau && sensitivity.tableau}
		{#if isBesideDual && !sensitivity.dual.isWritten}<DualCovered />
		{:else if isBesideDual}
			<LookedAt
				{tableau}
				{own}
				{twin}
				label={en`Last tableau`}
				onpoint={(cell) => sensitivity.dual.point('primal', cell)}
			/>
		{:else}<LookedAt {tableau} label={en`Last tableau`} />{/if}
	{:else}
		<p class="nothing">{en`The last tableau appears here once there is a best plan.`}</p>
	{/if}
</Pane>
