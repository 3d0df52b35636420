<script lang="ts">
	import { en } from '$lib/core/language';
	/** Choices that are put in order: pressed one after the other, and pressed again to be taken out. */
	interface Props {
		all: readonly string[];
		/** those in order so far */
		order: string[];
	}
	let { all, order = $bindable() }: Props = $props();
	const turn = (name: string) =>
		(order = order.includes(name) ? order.filter((own) => own !== name) : [...order, name]);
</script>

<fieldset>
	<legend>{en`Press them in their order.`}</legend>
	{#each all as name (name)}
		{@const place = order.indexOf(name)}
		<button
			type="button"
			class="btn tool"
			aria-pressed={place >= 0}
			aria-label={place >= 0 ? en`${name}: number ${place + 1}` : name}
			onclick={() => turn(name)}
			>{#if place >= 0}<b>{place + 1}.</b>{/if}
			{name}</button
		>
	{/each}
</fieldset>
<p role="status">{order.join(' → ')}</p>

<style>
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
		border: none;
		padding: 0;
	}
	legend {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	p {
		min-height: 1.5em;
	}
</style>
