<script lang="ts">
	import { en } from '$lib/core/language';
	import type { Beside } from '$lib/desk/beside.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { Preferences } from '$lib/desk/preferences.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import OneSide from './OneSide.svelte';

	/** The open lesson and another problem beside each other, each with its tableau, its steps and its sentences. */
	let { beside, name }: { beside: Beside; name: string } = $props();
	const desk = useDesk();
	/** enlarging a pane here does not enlarge it on the page below */
	const own = { ...desk, preferences: new Preferences() };
</script>

{#if beside.other}
	<Sheet
		title={en`${name} and ${beside.other.title.charAt(0).toLowerCase()}${beside.other.title.slice(1)}`}
		look="beside"
		onclose={() => beside.close()}
	>
		<div class="sides">
			<OneSide desk={own} {name} />
			{#key beside.other.desk}<OneSide desk={beside.other.desk} name={beside.other.title} />{/key}
		</div>
		<p class="mt-2 text-right">
			<button class="btn tool" onclick={() => beside.close()}>{en`Close`}</button>
		</p>
	</Sheet>
{/if}

<style>
	.sides {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--gap-3);
	}
	@media (max-width: 60rem) {
		.sides {
			grid-template-columns: 1fr;
		}
	}
</style>
