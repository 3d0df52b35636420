<script lang="ts">
	import { en } from '$lib/core/language';
	import { plainText } from '$lib/core/sentence';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import type { Action } from './actions';

	let { actions, onclose }: { actions: readonly Action[]; onclose: () => void } = $props();
	const { document } = useDesk();
	let sought = $state('');
	let at = $state(0);
	const list = $props.id();

	const words = (action: Action) =>
		typeof action.says === 'string' ? action.says : plainText(action.says, document.notation);
	const found = $derived.by(() => {
		const parts = sought.toLowerCase().split(/\s+/).filter(Boolean);
		return actions.filter((action) => {
			const text = `${words(action)} ${action.group}`.toLowerCase();
			return action.possible && parts.every((part) => text.includes(part));
		});
	});
	const chosen = $derived(found[Math.min(at, found.length - 1)]);

	/** What is typed right after the key that opens the field belongs into it. */
	const takeFocus = (field: HTMLInputElement) => field.focus();

	function run(action: Action | undefined) {
		if (!action) return;
		onclose();
		action.run();
	}

	function onkeydown(event: KeyboardEvent) {
		const steps: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 };
		if (event.key in steps) at = (at + steps[event.key] + found.length) % Math.max(1, found.length);
		else if (event.key === 'Enter') run(chosen);
		else return;
		event.preventDefault();
	}
</script>

<Sheet title={en`Find an action`} quiet place="top" look="finder" {onclose}>
	<input
		type="text"
		role="combobox"
		aria-expanded="true"
		aria-controls={list}
		aria-activedescendant={chosen && `${list} ${chosen.id}`}
		aria-label={en`Words of what you want to do`}
		placeholder={en`What do you want to do?`}
		bind:value={sought}
		{@attach takeFocus}
		oninput={() => (at = 0)}
		{onkeydown}
	/>
	<ul id={list} role="listbox" aria-label={en`Actions`}>
		{#each found as action (action.id)}
			<!-- the field above hears the keys for the list -->
			<!-- svelte-ignore a11y_click_events_have_key_events -->
			<li
				id={`${list} ${action.id}`}
				role="option"
				aria-selected={action === chosen}
				class:chosen={action === chosen}
				onclick={() => run(action)}
			>
				<span>{words(action)}</span>
				<span class="ml-auto text-note italic text-soft">{action.group}</span>
				{#if action.key}<kbd>{action.key}</kbd>{/if}
			</li>
		{:else}
			<li class="italic text-soft" role="option" aria-selected="false" aria-disabled="true">
				{en`No action of that name is possible now.`}
			</li>
		{/each}
	</ul>
</Sheet>

<style>
	input {
		width: 100%;
		font-size: var(--size-figure);
		padding: 0.5rem 0.7rem;
		border: 0;
		border-bottom: 1px solid var(--rule);
		background: transparent;
		color: var(--ink);
		outline: none;
	}
	ul {
		padding: 0.3rem 0;
		max-height: min(24rem, 60vh);
		overflow: auto;
	}
	li {
		display: flex;
		gap: 0.8rem;
		align-items: baseline;
		padding: 0.3rem 0.7rem;
		cursor: pointer;
	}
	.chosen {
		background: var(--now-wash);
	}
	kbd {
		font-family: inherit;
		font-size: var(--size-note);
		border: 1px solid var(--rule-strong);
		border-radius: 3px;
		padding: 0 0.35rem;
	}
</style>
