<script module lang="ts">
	/** the tableau's component, once it has come: a pane that is put in another place has it at once */
	let known: typeof import('./TableauGrid.svelte').default | null = null;
</script>

<script lang="ts">
	import { onMount } from 'svelte';
	import { plainText } from '$lib/core/sentence/sentence';
	import { RULE_LABELS } from '$lib/core/move/messages';
	import type { Offer } from '$lib/core/move/types';
	import { RULE_NAMES, type Part, type RuleName } from '$lib/core/method/types';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import Words from '../shared/Words.svelte';

	const { document, session, reveal } = useDesk();
	/** beside the pane's name there is room for a word */
	const PARTS_SHORT: Record<Part, string> = {
		primal: 'primal',
		'phase-one': 'phase one',
		'phase-two': 'phase two',
		'big-m': 'big M',
		dual: 'dual',
		repair: 'repair'
	};
	/** the tableau itself comes while the problem as stated is read */
	let Grid = $state.raw(known);
	onMount(async () => {
		({ default: known } = await import('./TableauGrid.svelte'));
		Grid = known;
	});
	let changing = $state(false);
	let notating = $state(false);
	let naming = $state(false);
	const aside = $derived(
		document.stale
			? 'last right statement'
			: session.position?.work
				? PARTS_SHORT[session.position.work.part]
				: null
	);
	const starts = $derived(session.starts.map((value, i) => ({ key: String(i), value })));
	/** the ways on; null stands for a basis of one's own choice */
	const offered = $derived([...session.offers, null].map((value, i) => ({ key: String(i), value })));
	const rules = RULE_NAMES.map((value) => ({ key: value, value }));
</script>

{#snippet offer(value: Offer | null)}{#if value}<Words sentence={value.says} linked={false} />{:else}Choose a
		basis by its variables …{/if}{/snippet}
{#snippet rule(value: RuleName)}{plainText(RULE_LABELS[value])}{document.rule === value ? ' ✓' : ''}{/snippet}

<Pane pane="tableau" name="Tableau" {aside}>
	{#snippet tools()}
		{#if session.position}
			<span class="numbers">
				{#await import('../shared/Choose.svelte') then { default: Choose }}
					<Choose
						label="How numbers are shown"
						value={document.notation.numbers}
						options={[
							{ value: 'fraction', text: '1/2', says: 'fractions' },
							{ value: 'decimal', text: '0.5', says: 'decimals' }
						]}
						onchange={(value) => document.showNumbers(value)}
					/>
				{/await}
			</span>
			<span class="rare"><button class="btn tool" onclick={() => (notating = true)}>Notation</button></span>
			<ToolMenu
				text={plainText(RULE_LABELS[document.rule]).split(',')[0]}
				label={`Rule: ${plainText(RULE_LABELS[document.rule])}`}
				items={rules}
				item={rule}
				onchoose={(value) => document.chooseRule(value)}
			/>
			<ToolMenu text="Start" items={starts} item={offer} onchoose={({ move }) => session.start(move)} />
			<ToolMenu
				text="Ways on"
				items={session.tableau ? offered : []}
				item={offer}
				onchoose={(value) => (value ? session.take(value.move) : (naming = true))}
			/>
			<span class="rare">
				<button class="btn tool" disabled={!session.tableau} onclick={() => (changing = true)}
					>Change …</button
				>
				{#await import('./RunMenu.svelte') then { default: RunMenu }}<RunMenu />{/await}
			</span>
			<span class="apart"></span>
			<button class="btn tool" disabled={!session.canGoBack} title="Back (b)" onclick={() => session.back()}
				>Back</button
			>
			<button class="btn tool now" disabled={!session.canStep} title="Next (n)" onclick={() => session.next()}
				>Next</button
			>
			<button
				class="btn tool"
				disabled={!session.canStep}
				title="To the end of the phase (p)"
				onclick={() => void session.follow('phase')}>Phase</button
			>
			<button
				class="btn tool"
				disabled={!session.canStep}
				title="To the end (g)"
				onclick={() => void session.follow('end')}>To the end</button
			>
		{/if}
	{/snippet}
	{#if session.tableau && session.position?.work}
		{#if document.notation.layout === 'dictionary'}
			{#await import('./Dictionary.svelte') then { default: Dictionary }}
				<Dictionary work={session.position.work} decision={session.decision} hides={reveal.hidesNext} />
			{/await}
		{:else if Grid}
			<Grid work={session.position.work} decision={session.decision} hides={reveal.hidesNext} />
		{/if}
	{:else if session.large}
		{#await import('./LargeAnswerView.svelte') then { default: LargeAnswerView }}<LargeAnswerView />{/await}
	{:else if session.position}
		<div class="starts">
			<p>Choose a way to start:</p>
			<ul>
				{#each session.offers as { move, says }, i (i)}
					<li>
						<button class="btn tool" onclick={() => session.take(move)}
							><Words sentence={says} linked={false} /></button
						>
					</li>
				{/each}
				<li>
					<button class="btn tool" onclick={() => (naming = true)}>Choose a basis by its variables …</button>
				</li>
			</ul>
		</div>
	{:else}
		<p class="nothing">The tableau appears here as soon as the statement can be read.</p>
	{/if}
</Pane>
{#if notating}
	{#await import('./NotationSheet.svelte') then { default: NotationSheet }}<NotationSheet
			onclose={() => (notating = false)}
		/>{/await}
{/if}
{#if naming}
	{#await import('./BasisSheet.svelte') then { default: BasisSheet }}
		<BasisSheet onclose={() => (naming = false)} />
	{/await}
{/if}
{#if changing}
	{#await import('./ChangeDialog.svelte') then { default: ChangeDialog }}
		<ChangeDialog onclose={() => (changing = false)} />
	{/await}
{/if}

<style>
	.rare {
		display: contents;
	}
	/* where there is little room the steps come first; page Simplex has the rest */
	@container (max-width: 33rem) {
		.rare,
		.numbers {
			display: none;
		}
	}
	/* the choice comes a moment after the first page; its place is there */
	.numbers {
		min-width: 4.1rem;
	}
	.apart {
		width: var(--gap-2);
	}
	.starts {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	.starts ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: flex;
		flex-direction: column;
		align-items: flex-start;
		gap: var(--gap-1);
	}
</style>
