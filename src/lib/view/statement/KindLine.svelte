<script lang="ts">
	import { en } from '$lib/core/language';
	import { Portal, Tooltip } from '@skeletonlabs/skeleton-svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { Kind } from '$lib/desk/kind.svelte';

	/** A quiet line about the kind of problem; each word is explained on pointing. */
	const { document: lesson, selection } = useDesk();
	const kind = new Kind();

	$effect(() => {
		const { text, stale, problem } = lesson;
		if (problem && !stale) void kind.find(text);
		return () => kind.cancel();
	});

	const isConstraint = (name: string) => !!lesson.problem?.constraints.some((row) => row.name === name);

	function light(about: readonly string[]) {
		const name = about.find(isConstraint);
		selection.point(name === undefined ? null : { kind: 'constraint', name });
	}
</script>

{#if kind.words.length}
	<p
		class="kind"
		class:old={!kind.isCurrent || lesson.stale}
		role="status"
		aria-label={en`What kind of problem this is`}
	>
		{#each kind.words as { key, says, why, about } (key)}
			<Tooltip openDelay={150} closeDelay={50}>
				<Tooltip.Trigger
					class="kind-word"
					onpointerenter={() => light(about)}
					onpointerleave={() => light([])}
					onfocus={() => light(about)}
					onblur={() => light([])}>{says}</Tooltip.Trigger
				>
				<Portal>
					<Tooltip.Positioner>
						<Tooltip.Content class="kind-why">{why}</Tooltip.Content>
					</Tooltip.Positioner>
				</Portal>
			</Tooltip>
		{/each}
	</p>
{/if}

<style>
	p {
		padding: 0.25rem var(--gap-3) 0.35rem;
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.9rem;
		font-size: var(--size-note);
		border-top: 1px solid var(--rule);
	}
	/* of the statement before */
	.old :global(.kind-word) {
		text-decoration: none;
	}
	p :global(.kind-word) {
		font-style: italic;
		color: var(--ink-soft);
		text-align: left;
		text-decoration: underline dotted var(--rule-strong);
		text-underline-offset: 0.2em;
		cursor: help;
	}
	:global(.kind-why) {
		max-width: 24rem;
		padding: 0.4rem 0.6rem;
		background: var(--sheet-raised);
		color: var(--ink);
		border: 1px solid var(--rule-strong);
		font-size: var(--size-note);
		line-height: 1.35;
		z-index: 40;
	}
</style>
