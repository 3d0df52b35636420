<script lang="ts">
	import { fromPlan } from '$lib/core/answer/complementary';
	import { fromPlanSentences } from '$lib/core/commentary/duality';
	import { costsFor, rowsAt } from '$lib/core/design/by-hand';
	import { isZero, ZERO } from '$lib/core/number/rational';
	import { readCell, setCost } from '$lib/core/problem/statement/edits';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';
	import TechnologyTable from '../table/TechnologyTable.svelte';

	/** The problem around a plan: what each row comes to there at once, and what follows from the slack that is wished. */
	const { document: lesson, plans } = useDesk();
	const problem = $derived(lesson.problem);
	const rows = $derived(problem ? rowsAt(problem, plans.plan) : []);
	const found = $derived(problem && fromPlan(problem, plans.plan));
	const isBest = $derived(found?.is === 'one' && found.wrong.length === 0);
	/** a table from elsewhere that is to be looked at before it becomes the problem */
	let pasted = $state<string | null>(null);
	/** the weights of the mix, as typed */
	let weights = $state<Record<string, string>>({});
	const binding = $derived(rows.filter(({ slack }) => isZero(slack)));
	const mix = $derived.by(() => {
		if (!problem) return null;
		const known = binding.flatMap(({ row }) => {
			const weight = readCell(weights[row.name] ?? '1');
			return weight ? [[row.name, weight] as const] : [];
		});
		return costsFor(problem, new Map(known));
	});

	function takeMix() {
		if (!problem || !mix) return;
		lesson.asOne(() => {
			for (const { name } of problem.variables)
				lesson.edit(setCost(lesson.text, lesson.reading, name, mix.get(name) ?? ZERO));
		});
	}
</script>

<Pane pane="hand" name="Around a plan" aside={lesson.stale ? 'last right statement' : null}>
	{#if problem}
		<Scroll label="The problem around a plan">
			<TechnologyTable {problem} around={plans} onwhole={(text) => (pasted = text)} />
			<section>
				<h3>Shall it be best?</h3>
				<p class:yes={isBest} aria-live="polite">
					{isBest
						? 'The plan is a best one with this objective.'
						: 'With this objective the plan is not shown to be a best one.'}
				</p>
				{#if found}{#each fromPlanSentences(problem, found) as sentence, i (i)}<p class="note">
							<Words {sentence} />
						</p>{/each}{/if}
				{#if binding.length}
					<p>
						Every positive mix of the constraints that bind makes it best:
						{#each binding as { row } (row.name)}
							<label
								><input
									aria-label={`Weight of ${row.name}`}
									value={weights[row.name] ?? '1'}
									oninput={(event) => (weights[row.name] = event.currentTarget.value)}
								/>
								· {row.name}
							</label>
						{/each}
						<button class="btn tool" disabled={!mix || mix.size === 0} onclick={takeMix}
							>Take this mix as the objective</button
						>
					</p>
				{:else}
					<p class="note">
						No constraint binds at the plan: give one 0 left, and a mix of those that bind makes the plan a
						best one.
					</p>
				{/if}
			</section>
		</Scroll>
	{:else}
		<p class="nothing">
			A problem is made around a plan here as soon as there is one to begin with: page Problem has an empty
			table.
		</p>
	{/if}
</Pane>
{#if pasted !== null}
	{#await import('../table/PasteSheet.svelte') then { default: PasteSheet }}
		{#if pasted !== null}<PasteSheet text={pasted} onclose={() => (pasted = null)} />{/if}
	{/await}
{/if}

<style>
	section {
		margin-top: var(--gap-3);
		max-width: 44rem;
	}
	h3 {
		margin: 0;
		font-size: var(--size-text);
	}
	p {
		margin: 0 0 0.2rem;
	}
	.yes {
		font-weight: 650;
	}
	.note {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	section input {
		width: 3rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		border-bottom: 1px dotted var(--rule-strong);
	}
</style>
