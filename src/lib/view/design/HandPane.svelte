<script lang="ts">
	import { fromPlan } from '$lib/core/answer/complementary';
	import { fromPlanSentences } from '$lib/core/commentary/duality';
	import { costsFor, rhsFor, rowsAt, type RowAt } from '$lib/core/design/by-hand';
	import { isZero, toText, ZERO, type Rational } from '$lib/core/number/rational';
	import { readCell, setCoefficient, setCost, setRelation, setRhs } from '$lib/core/problem/statement/edits';
	import { RELATION_SIGNS } from '$lib/core/problem/relation';
	import { useDesk } from '$lib/desk/desk.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';
	import { NEXT, WORDS } from '../table/cells';

	/** The problem around a plan: what each row comes to there at once, and what follows from the slack that is wished. */
	const { document: lesson, plans, session } = useDesk();
	const problem = $derived(lesson.problem);
	const rows = $derived(problem ? rowsAt(problem, plans.plan) : []);
	const style = $derived(lesson.notation.numbers);
	const found = $derived(problem && fromPlan(problem, plans.plan));
	const isBest = $derived(found?.is === 'one' && found.wrong.length === 0);
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

	function amount(name: string, text: string) {
		const own = readCell(text);
		if (own) plans.set(name, own);
	}

	/** A coefficient changed keeps what was promised: the right-hand side moves with it. */
	function coefficient(at: RowAt, variable: string, text: string) {
		const own = text.trim() ? readCell(text) : ZERO;
		if (!own) return;
		const by = own.sub(at.row.terms.get(variable) ?? ZERO).mul(plans.plan.get(variable) ?? ZERO);
		lesson.asOne(() => {
			lesson.edit(setCoefficient(lesson.text, lesson.reading, at.row.name, variable, own));
			if (!isZero(by)) rhs(at.row.name, rhsFor(at.row.relation, at.left.add(by), at.slack));
		});
	}

	const rhs = (row: string, value: Rational) => lesson.edit(setRhs(lesson.text, lesson.reading, row, value));

	function slack({ row, left }: RowAt, text: string) {
		const own = readCell(text);
		if (own) rhs(row.name, rhsFor(row.relation, left, own));
	}

	function rightSide(row: string, text: string) {
		const own = readCell(text);
		if (own) rhs(row, own);
	}

	function cost(variable: string, text: string) {
		const own = text.trim() ? readCell(text) : ZERO;
		if (own) lesson.edit(setCost(lesson.text, lesson.reading, variable, own));
	}

	function takeMix() {
		if (!problem || !mix) return;
		lesson.asOne(() => {
			for (const { name } of problem.variables)
				lesson.edit(setCost(lesson.text, lesson.reading, name, mix.get(name) ?? ZERO));
		});
	}
</script>

{#snippet field(value: Rational | undefined, label: string, take: (text: string) => void, follows = false)}
	<input
		class:follows
		aria-label={label}
		value={value && !isZero(value) ? toText(value) : value ? '0' : ''}
		onchange={(event) => take(event.currentTarget.value)}
	/>
{/snippet}

<Pane pane="hand" name="Around a plan" aside={lesson.stale ? 'last right statement' : null}>
	{#if problem}
		<Scroll label="The problem around a plan">
			<table inert={lesson.stale}>
				<thead>
					<tr
						><td></td>{#each problem.variables as { name } (name)}<th scope="col">{name}</th>{/each}<th
							>comes to</th
						><td></td><th>left</th><th>right-hand side</th></tr
					>
				</thead>
				<tbody>
					<tr class="plan">
						<th scope="row">the plan</th>
						{#each problem.variables as { name } (name)}
							<td>{@render field(plans.plan.get(name), `Amount of ${name}`, (text) => amount(name, text))}</td
							>
						{/each}
						<td></td><td></td><td></td><td></td>
					</tr>
					<tr class="goal">
						<th scope="row">{problem.objective.sense} {problem.objective.name}</th>
						{#each problem.variables as { name } (name)}
							<td
								>{@render field(
									problem.objective.terms.get(name),
									`${problem.objective.name} per ${name}`,
									(text) => cost(name, text)
								)}</td
							>
						{/each}
						<td></td><td></td><td></td><td></td>
					</tr>
					{#each rows as at (at.row.name)}
						{@const { row, left, slack: own, isMet } = at}
						{@const identity = session.identities.get(row.name)}
						<tr class:broken={!isMet}>
							<th scope="row"
								>{#if identity}<MarkGlyph {identity} />{/if}{row.name}</th
							>
							{#each problem.variables as { name } (name)}
								<td
									>{@render field(row.terms.get(name), `${row.name} per ${name}`, (text) =>
										coefficient(at, name, text)
									)}</td
								>
							{/each}
							<td class="left"><NumberView value={left} {style} /></td>
							<td
								><button
									class="relation"
									aria-label={`${row.name}: ${WORDS[row.relation]}; change`}
									onclick={() =>
										lesson.edit(setRelation(lesson.text, lesson.reading, row.name, NEXT[row.relation]))}
									>{RELATION_SIGNS[row.relation]}</button
								></td
							>
							<td>
								{#if row.relation === '='}<NumberView value={own} {style} />{:else}{@render field(
										own,
										`Left of ${row.name}`,
										(text) => slack(at, text)
									)}{/if}
							</td>
							<td
								>{@render field(
									row.rhs,
									`Right-hand side of ${row.name}`,
									(text) => rightSide(row.name, text),
									true
								)}
								{#if !isMet}<span class="wrong">by {toText(own.abs())}</span>{/if}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
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

<style>
	table {
		border-spacing: 0;
		border-block: 2px solid var(--ink);
	}
	th,
	td {
		padding: 0.1rem 0.3rem;
		text-align: center;
		white-space: nowrap;
	}
	thead th {
		font-weight: 600;
		border-bottom: 1px solid var(--rule);
	}
	tbody th {
		text-align: left;
		border-right: 1px solid var(--rule);
	}
	th :global(.glyph) {
		margin-right: 0.35rem;
	}
	input {
		width: 4rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		font: inherit;
		color: var(--ink);
		background: transparent;
		border: 0;
		border-bottom: 1px dotted var(--rule-strong);
	}
	.plan :is(th, td) {
		background: var(--now-wash);
	}
	.goal :is(th, td) {
		border-bottom: 1px solid var(--rule);
	}
	.left {
		font-weight: 650;
		color: var(--ink);
		min-width: 4rem;
	}
	/* what follows is set apart from what was typed */
	.follows {
		font-style: italic;
		color: var(--ink-soft);
	}
	.broken .left,
	.wrong {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	.relation {
		width: 1.8rem;
		min-height: 1.5rem;
		cursor: pointer;
	}
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
	}
</style>
