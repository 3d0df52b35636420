<script lang="ts">
	import { en } from '$lib/core/language';
	import { changeSentence } from '$lib/core/sentence';
	import { stages, type System } from '$lib/core/form';
	import { type BeginMove, formOptions } from '$lib/core/move';
	import { stated } from '$lib/core/position';
	import { isBound, keysOf } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Formula from '../shared/Formula.svelte';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';
	import { saysMixed, texMixed } from './tex-system';
	import { limitOf, texName } from '../statement/tex';

	/** The way to standard form: one change after the other, each with its reason, and the problem as it stands then. */
	const { document, session } = useDesk();
	const style = $derived(document.notation.numbers);
	const AS_SUITS: BeginMove = { kind: 'begin', way: 'auto', equalities: 'one-row', standing: true };
	const begin = $derived(
		session.stops.map(({ node }) => node.move).find((move) => move?.kind === 'begin') ?? AS_SUITS
	);
	const way = $derived.by(() => {
		const { problem, book } = document;
		if (!problem || session.large) return [];
		const keys = keysOf(book);
		return stages(problem, formOptions(stated(problem, keys), begin as BeginMove), keys);
	});
	let chosen = $state<number | null>(null);
	const at = $derived(Math.min(chosen ?? way.length, way.length));
	const stage = $derived(at > 0 ? way[at - 1] : null);

	/** the artificial variables of a system, as mathematics */
	const artificials = (system: System): string[] => [
		...new Set(
			system.rows.flatMap(({ terms }) =>
				terms.flatMap(({ of }) => ('variable' in of || of.kind !== 'artificial' ? [] : [texName(of.name)]))
			)
		)
	];
	/** ` − M a1 − M a2`, where M is what drives them out */
	const penalty = (system: System): string =>
		begin.kind === 'begin' && begin.way === 'big-m'
			? artificials(system)
					.map((name) => ` ${system.sense === 'min' ? '+' : '-'} M\\,${name}`)
					.join('')
			: '';

	const goalName = (system: System): string => {
		const { name } = document.problem!.objective;
		return system.negated ? `-${texName(name)}` : texName(name);
	};
	function step(event: KeyboardEvent) {
		const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
		if (!by) return;
		event.preventDefault();
		chosen = Math.max(0, Math.min(way.length, at + by));
	}
</script>

<Pane pane="form" name={en`Standard form`} aside={document.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if way.length > 0}
			<button
				class="btn tool"
				disabled={at === 0}
				onclick={() => (chosen = at - 1)}
				aria-label={en`Change before`}>‹</button
			>
			<span class="count">{en`${at} of ${way.length}`}</span>
			<button
				class="btn tool"
				disabled={at === way.length}
				onclick={() => (chosen = at + 1)}
				aria-label={en`Next change`}>›</button
			>
		{/if}
	{/snippet}
	{#if way.length > 0}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
		<div
			class="form"
			tabindex="0"
			role="group"
			aria-label={en`The way to standard form; arrow keys step`}
			onkeydown={step}
		>
			<ol>
				{#each way as { change }, i (i)}
					<li class:done={i < at} class:now={i === at - 1}>
						<button onclick={() => (chosen = i + 1)} aria-current={i === at - 1 ? 'step' : undefined}
							><Words sentence={changeSentence(change)} linked={false} /></button
						>
					</li>
				{/each}
			</ol>
			{#if stage}
				{@const { system, change } = stage}
				<div aria-live="polite">
					<table role="presentation">
						<tbody>
							<tr class:touched={change.owner === null}>
								<td class="label">{system.sense}</td>
								<td class="text-right"
									><Formula
										tex={`${goalName(system)} = ${texMixed(system.objective, system.constant, style)}${penalty(system)}`}
										says={saysMixed(system.objective, system.constant)}
									/></td
								>
								<td></td>
							</tr>
							{#if artificials(system).length && begin.kind === 'begin' && ['auto', 'two-phase'].includes(begin.way)}
								<tr>
									<td class="label">{en`phase one: min`}</td>
									<td class="text-right"
										><Formula
											tex={`${texName(document.notation.infeasibility)} = ${artificials(system).join(' + ')}`}
											says={en`the sum of ${artificials(system).length} artificial variables`}
										/></td
									>
									<td></td>
								</tr>
							{/if}
							{#each system.rows as row, i (i)}
								{@const identity =
									row.owner.kind === 'constraint' ? session.identities.get(row.owner.name) : undefined}
								<tr
									class:touched={change.owner?.name === row.owner.name &&
										change.owner.kind === row.owner.kind}
								>
									<td class="label"
										>{#if identity}<MarkGlyph {identity} />
										{/if}{row.owner.name}{isBound(row.owner) ? en` (bound)` : ''}</td
									>
									<td class="text-right"
										><Formula tex={texMixed(row.terms, undefined, style)} says={saysMixed(row.terms)} /></td
									>
									<td class="limit"><Formula {...limitOf(row.relation, row.rhs, style)} /></td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
		</div>
	{:else}
		<p class="nothing">
			{session.large
				? en`Too large to be shown change by change.`
				: en`The way to standard form appears here.`}
		</p>
	{/if}
</Pane>

<style>
	.form {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-2);
		display: grid;
		grid-template-columns: minmax(12rem, 2fr) 3fr;
		gap: var(--gap-3);
		align-items: start;
	}
	@container (max-width: 34rem) {
		.form {
			grid-template-columns: 1fr;
		}
	}
	.count {
		font-size: var(--size-note);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	ol {
		padding: 0;
		font-size: var(--size-note);
	}
	li button {
		text-align: left;
		padding: 0.12rem 0.4rem;
		cursor: pointer;
		color: var(--ink-soft);
		border-left: 3px solid var(--rule);
		width: 100%;
	}
	li.done button {
		color: var(--ink);
		border-left-color: var(--rule-strong);
	}
	li.now button {
		border-left-color: var(--now);
		background: var(--now-wash);
	}
	table {
		position: sticky;
		top: 0;
	}
	td {
		padding: 0.12rem 0.3rem;
	}
	.label {
		color: var(--ink-soft);
		font-size: var(--size-note);
		font-style: italic;
		white-space: nowrap;
	}
	.limit {
		white-space: nowrap;
	}
	.touched {
		background: var(--now-wash);
	}
</style>
