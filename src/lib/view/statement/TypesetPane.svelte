<script lang="ts">
	import { en } from '$lib/core/language';
	import { printTerms } from '$lib/core/problem';
	import { isZero, type Rational, showNumber, texNumber } from '$lib/core/number';
	import type { StoryTarget } from '$lib/core/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useGo } from '$lib/desk/go';
	import { askWorth, variedOf } from '$lib/desk/worth';
	import type { Pointed } from '$lib/desk/identity';
	import Formula from '../shared/Formula.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import { gradual } from '../shared/gradual.svelte';
	import { limitOf, texEachTerm, texName, type Said, texSigns, texTerms } from './tex';

	const desk = useDesk();
	const go = useGo();
	const { document, reveal, selection, session } = desk;
	const style = $derived(document.notation.numbers);
	const problem = $derived(document.problem);
	/** more terms than a page holds, and than can be typeset between two frames */
	const tooLong = $derived(
		!!problem && problem.constraints.reduce((n, r) => n + r.terms.size, problem.objective.terms.size) > 300
	);
	/** whether the rows are shown as sentences */
	let inWords = $state(false);
	let asksMeanings = $state(false);
	const rows = gradual(() => (problem && !tooLong ? problem.constraints : []));
	const constantOf = (value: Rational): Said => {
		if (problem?.objective.terms.size === 0) return { tex: texNumber(value, style), says: showNumber(value) };
		const [sign, size] = [value.s < 0n ? '-' : '+', value.abs()];
		return { tex: `{}${sign}${texNumber(size, style)}`, says: `${sign} ${showNumber(size)}` };
	};
	const pointed = (name: string): Pointed => ({ kind: 'constraint', name });
</script>

{#snippet asked(number: StoryTarget, said: Said)}
	<button
		class="asked"
		class:here={number.part !== null && selection.isNumber(number.name, number.part)}
		title={en`What is it worth, and for how long?`}
		onclick={() => {
			const varied = variedOf(number);
			if (varied) void askWorth(desk, go, varied);
		}}><Formula {...said} /></button
	>
{/snippet}

<Pane pane="typeset" name={en`Problem`} aside={document.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if problem && !tooLong}
			<button class="btn tool" aria-pressed={inWords} onclick={() => (inWords = !inWords)}
				>{en`In words`}</button
			>
			<button class="btn tool" onclick={() => (asksMeanings = true)}>{en`Meanings`}</button>
		{/if}
	{/snippet}
	<div class="stack">
		<!-- a scrolling region has to be reachable by keyboard -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div
			class="typeset"
			class:stale={document.stale}
			tabindex="0"
			role="group"
			aria-label={en`The problem, typeset`}
		>
			{#if problem && tooLong}
				<p class="nothing">
					{en`${problem.variables.length} variables and ${problem.constraints.length} constraints: too much to be typeset here.`}
				</p>
			{:else if problem}
				{@const { objective } = problem}
				{#if inWords}
					{#await import('./Sentences.svelte') then { default: Sentences }}<Sentences {problem} />{/await}
				{:else}
					<table role="presentation">
						<tbody>
							<tr class="goal">
								<!-- across the names' column, so that a long objective has all the room there is -->
								<td colspan="3">
									<div>
										<span class="sense">{objective.sense}</span>
										<span class="sum">
											<Formula tex={`${texName(objective.name)} = `} says={`${objective.name} =`} />
											{#each texEachTerm(objective.terms, style) as { name, tex, says } (name)}
												{@render asked({ name: null, part: name }, { tex, says })}
											{:else}<Formula tex="0" says="0" />{/each}
											{#if !isZero(objective.constant)}<Formula {...constantOf(objective.constant)} />{/if}
										</span>
									</div>
								</td>
								<td class="unit">{objective.unit ?? ''}</td>
							</tr>
							{#each rows.shown as { name, terms, relation, rhs, unit } (name)}
								{@const identity = session.identities.get(name)}
								<tr
									class:lit={selection.isPointed(pointed(name))}
									data-constraint={name}
									onpointerenter={() => selection.point(pointed(name))}
									onpointerleave={() => selection.point(null)}
								>
									<td class="label" title={name}
										>{#if identity}<MarkGlyph {identity} />
										{/if}{name}</td
									>
									<td class="terms"
										><Formula tex={texTerms(terms, undefined, style)} says={printTerms(terms)} /></td
									>
									<td class="limit"
										>{@render asked({ name, part: 'amount' }, limitOf(relation, rhs, style))}</td
									>
									<td class="unit">{unit ?? ''}</td>
								</tr>
							{/each}
						</tbody>
					</table>
					<p class="signs">
						{#each texSigns(problem.variables, style) as { tex, says } (says)}<span
								><Formula {tex} {says} /></span
							>{/each}
					</p>
				{/if}
			{:else}
				<p class="nothing">{en`The problem appears here, typeset, as soon as the statement can be read.`}</p>
			{/if}
		</div>
		<div class="kind">
			{#if problem && !reveal.conceals('kind')}
				{#await import('./KindLine.svelte') then { default: KindLine }}<KindLine />{/await}
			{/if}
		</div>
	</div>
</Pane>
{#if asksMeanings}
	{#await import('./MeaningsSheet.svelte') then { default: MeaningsSheet }}
		<MeaningsSheet onclose={() => (asksMeanings = false)} />
	{/await}
{/if}

<style>
	.stack {
		height: 100%;
		display: flex;
		flex-direction: column;
	}
	.typeset {
		flex: 1;
		min-height: 0;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	table {
		margin-left: -0.25rem;
	}
	td {
		padding: 0.1rem 0.25rem;
		vertical-align: middle;
	}
	.goal td {
		padding-bottom: 0.3rem;
	}
	.lit {
		background: var(--now-wash);
	}
	.label {
		color: var(--ink-soft);
		font-size: var(--size-note);
		font-style: italic;
		line-height: 1;
		padding-block: 0.3rem 0.2rem;
		white-space: nowrap;
		/* a long name gives way to the mathematics; its mark tells which it is, and the statement has it whole */
		max-width: 6.5rem;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.label :global(.glyph) {
		margin-right: 0.3rem;
	}
	.goal div {
		display: flex;
		align-items: baseline;
		gap: 1.2rem;
	}
	.sense {
		color: var(--now);
		font-size: var(--size-note);
		font-style: italic;
		font-weight: 600;
	}
	.asked {
		cursor: pointer;
		color: inherit;
		white-space: nowrap;
	}
	.asked:hover,
	.here {
		background: var(--now-wash);
	}
	/* the mathematics has the room that names and units leave */
	.terms {
		text-align: right;
		width: 100%;
	}
	.limit {
		padding-right: 0;
		white-space: nowrap;
	}
	.unit {
		font-size: var(--size-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.typeset :global(.katex) {
		font-size: 1.04em;
		white-space: normal;
	}
	/* a narrow pane: so that an ordinary row still stands on one line */
	@container (max-width: 19rem) {
		.typeset :global(.katex) {
			font-size: 0.94em;
		}
		td {
			padding-inline: 0.1rem;
		}
		.label {
			padding-right: 0.4rem;
		}
	}
	.limit :global(.katex) {
		white-space: nowrap;
	}
	.signs {
		margin: var(--gap-2) 0 0;
		display: flex;
		flex-wrap: wrap;
		gap: 0.15rem 1rem;
	}
	.nothing {
		padding: 0;
	}
</style>
