<script lang="ts">
	import { en } from '$lib/core/language';
	import { Switch } from '@skeletonlabs/skeleton-svelte';
	import { linear, say } from '$lib/core/sentence';
	import { removedBy, removedWords } from '$lib/core/commentary';
	import { RELATION_SIGNS } from '$lib/core/problem';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** The constraints in the order in which they are drawn: switched off and on, moved, and what each alone removes. */
	const { document: lesson, selection, session } = useDesk();
	const construction = useConstruction();
	const { all, body, problem } = $derived(construction);

	function look(name: string | null) {
		construction.inspect(name);
		selection.point(name === null ? null : { kind: 'constraint', name });
	}
</script>

<Pane
	pane="sides"
	name={en`What each constraint removes`}
	aside={lesson.stale ? en`last right statement` : null}
>
	{#if all && body && problem}
		<Scroll label={en`Constraints and what each removes`}>
			<ul>
				{#each all.constraints as row, i (row.name)}
					{@const identity = session.identities.get(row.name)}
					{@const off = construction.isOff(row.name)}
					<li
						class:off
						class:lit={selection.isPointed({ kind: 'constraint', name: row.name })}
						onpointerenter={() => look(row.name)}
						onpointerleave={() => look(null)}
						onfocusin={() => look(row.name)}
						onfocusout={() => look(null)}
					>
						<Switch
							checked={!off}
							onCheckedChange={() => construction.toggle(row.name)}
							ids={{ root: `side-${i}` }}
							class="switch"
						>
							<Switch.Control class="switch-control"><Switch.Thumb class="switch-thumb" /></Switch.Control>
							<Switch.HiddenInput aria-label={en`Include ${row.name}`} />
						</Switch>
						<span class="flex-1 min-w-0">
							{#if identity}<MarkGlyph {identity} />{/if}
							<strong>{row.name}</strong>
							<Words
								sentence={say`${linear(row.terms)} ${RELATION_SIGNS[row.relation]} ${row.rhs}`}
								linked={false}
							/>
							<em
								>{#if off}{en`switched off`}{:else}{@const removed = removedBy(
										problem,
										body,
										row.name
									)}{#if removed}<Words sentence={removedWords(removed)} linked={false} />{/if}{/if}</em
							>
						</span>
						<span class="flex-none flex">
							<button
								class="btn-icon small"
								aria-label={en`Draw ${row.name} earlier`}
								title={en`Draw earlier`}
								disabled={i === 0}
								onclick={() => construction.shift(row.name, -1)}>↑</button
							>
							<button
								class="btn-icon small"
								aria-label={en`Draw ${row.name} later`}
								title={en`Draw later`}
								disabled={i === all.constraints.length - 1}
								onclick={() => construction.shift(row.name, 1)}>↓</button
							>
						</span>
					</li>
				{:else}
					<li>{en`There are no constraints; only the bounds of the variables limit the region.`}</li>
				{/each}
			</ul>
		</Scroll>
	{:else}
		<p class="nothing">{en`The constraints appear here as soon as the statement can be read.`}</p>
	{/if}
</Pane>

<style>
	li {
		display: flex;
		align-items: flex-start;
		gap: var(--gap-2);
		padding: 0.15rem 0;
		border-bottom: 1px solid var(--rule);
	}
	em {
		display: block;
		color: var(--ink-soft);
		font-size: var(--size-note);
	}
	.off {
		color: var(--ink-soft);
	}
	.off strong {
		text-decoration: line-through;
	}
	.lit {
		background: var(--now-wash);
	}
	.small {
		width: 1.5rem;
		height: 1.5rem;
		color: var(--ink-soft);
	}
</style>
