<script lang="ts">
	import { en } from '$lib/core/language';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';

	/** Every step of the construction; any can be gone to. */
	const { document: lesson } = useDesk();
	const construction = useConstruction();
	const { steps, index } = $derived(construction);
	let list = $state<HTMLElement>();

	$effect(() => {
		const current = list?.children[index];
		current?.scrollIntoView({ block: 'nearest' });
	});
</script>

<Pane pane="steps" name={en`Construction`} aside={lesson.stale ? en`last right statement` : null}>
	{#if steps.length}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scroll" tabindex="0" role="group" aria-label={en`Steps of the construction`}>
			<ol bind:this={list}>
				{#each steps as step, i (step.key)}
					<li class={step.kind}>
						<button
							aria-current={i === index ? 'step' : undefined}
							class:done={index < 0 || i <= index}
							onclick={() => construction.show(step.key)}
							><span class="number">{i + 1}</span>
							<Words sentence={construction.heading(step)} linked={false} /></button
						>
					</li>
				{/each}
			</ol>
		</div>
	{:else}
		<p class="nothing">
			{en`The steps appear here as soon as the statement can be read and its region drawn.`}
		</p>
	{/if}
</Pane>

<style>
	.scroll {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-2) var(--gap-2);
	}
	button {
		width: 100%;
		text-align: left;
		padding: 0.08rem 0.4rem;
		cursor: pointer;
		color: var(--ink-soft);
		border-left: 3px solid transparent;
	}
	.done {
		color: var(--ink);
	}
	[aria-current] {
		background: var(--now-wash);
		border-left-color: var(--now);
		font-weight: 600;
	}
	button:hover {
		background: var(--sheet-raised);
	}
	.number {
		display: inline-block;
		min-width: 1.5em;
		color: var(--ink-soft);
		font-size: var(--size-note);
		font-weight: 400;
	}
	:is(.test, .cut) button {
		padding-left: 1.4rem;
	}
</style>
