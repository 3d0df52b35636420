<script module lang="ts">
	import { offerWords } from '$lib/core/commentary';
	import { plainText, say, type Sentence } from '$lib/core/sentence';

	/** the tableau's component, once it has come: a pane that is put in another place has it at once */
	let known: typeof import('./TableauGrid.svelte').default | null = null;

	/** a line of the list of what is rarely needed */
	interface Line {
		readonly says: Sentence;
		run(): void;
	}
</script>

<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { type Offer, RULE_LABELS } from '$lib/core/move';
	import { type Part, RULE_NAMES, type RuleName } from '$lib/core/method';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import Words from '../shared/Words.svelte';
	import { exportSays, RUN_EXPORTS, type RunExport } from './run-exports';

	const { document, session } = useDesk();
	/** beside the pane's name there is room for a word */
	const PARTS_SHORT: Record<Part, string> = {
		primal: en`primal`,
		'phase-one': en`phase one`,
		'phase-two': en`phase two`,
		'big-m': en`big M`,
		dual: en`dual`,
		repair: en`repair`
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
			? en`last right statement`
			: session.position?.work
				? PARTS_SHORT[session.position.work.part]
				: null
	);
	const starts = $derived(session.starts.map((value, i) => ({ key: String(i), value })));
	/** the ways on; null stands for a basis of one's own choice */
	const offered = $derived([...session.offers, null].map((value, i) => ({ key: String(i), value })));
	const rules = RULE_NAMES.map((value) => ({ key: value, value }));
	const exports = RUN_EXPORTS.map((value) => ({ key: `${value.format} ${value.whole}`, value }));
	const saveRun = async (choice: RunExport) =>
		(await import('./run-file')).saveRun(choice, session, document);

	/** where there is no room for all tools, the rest of them in one list */
	const more = $derived.by(() => {
		const line = (key: string, says: Sentence, run: () => void) => ({ key, value: { says, run } });
		const other = document.notation.numbers === 'fraction' ? 'decimal' : 'fraction';
		return [
			line('notation', say`Notation …`, () => (notating = true)),
			line('numbers', other === 'decimal' ? say`Numbers as decimals` : say`Numbers as fractions`, () =>
				document.showNumbers(other)
			),
			...(session.tableau ? [line('change', say`Change …`, () => (changing = true))] : []),
			...rules.map(({ key, value }) =>
				line(`rule ${key}`, say`Rule: ${RULE_LABELS[value]}${document.rule === value ? ' ✓' : ''}`, () =>
					document.chooseRule(value)
				)
			),
			...starts.map(({ key, value }) =>
				line(`start ${key}`, say`Start: ${offerWords(value.found)}`, () => session.start(value.move))
			),
			...(session.tableau
				? exports.map(({ key, value }) =>
						line(key, say`Export: ${exportSays(value)}`, () => void saveRun(value))
					)
				: [])
		];
	});
</script>

{#snippet line({ says }: Line)}<Words sentence={says} linked={false} />{/snippet}
{#snippet saving(value: RunExport)}{exportSays(value)}{/snippet}

{#snippet offer(value: Offer | null)}{#if value}<Words
			sentence={offerWords(value.found)}
			linked={false}
		/>{:else}{en`Choose a basis by its variables …`}{/if}{/snippet}
{#snippet rule(value: RuleName)}{plainText(RULE_LABELS[value])}{document.rule === value ? ' ✓' : ''}{/snippet}

<Pane pane="tableau" name={en`Tableau`} {aside}>
	{#snippet tools()}
		{#if session.position}
			<span class="rare">
				{#await import('../shared/Choose.svelte') then { default: Choose }}
					<Choose
						label={en`How numbers are shown`}
						value={document.notation.numbers}
						options={[
							{ value: 'fraction', text: '1/2', says: en`fractions` },
							{ value: 'decimal', text: '0.5', says: en`decimals` }
						]}
						onchange={(value) => document.showNumbers(value)}
					/>
				{/await}
				<button class="btn tool plain" onclick={() => (notating = true)}>{en`Notation`}</button>
				<button class="btn tool plain" disabled={!session.tableau} onclick={() => (changing = true)}
					>{en`Change …`}</button
				>
				<ToolMenu
					plain
					text={en`Export`}
					items={session.tableau ? exports : []}
					item={saving}
					onchoose={saveRun}
				/>
			</span>
			<span class="some">
				<ToolMenu
					plain
					text={en`Rule`}
					label={en`Rule: ${plainText(RULE_LABELS[document.rule])}`}
					items={rules}
					item={rule}
					onchoose={(value) => document.chooseRule(value)}
				/>
				<ToolMenu
					plain
					text={en`Start`}
					items={starts}
					item={offer}
					onchoose={({ move }) => session.start(move)}
				/>
			</span>
			<ToolMenu
				plain
				text={en`Go on with`}
				items={session.tableau ? offered : []}
				item={offer}
				onchoose={(value) => (value ? session.take(value.move) : (naming = true))}
			/>
			<span class="more">
				<ToolMenu plain text={en`More`} items={more} item={line} onchoose={({ run }) => run()} />
			</span>
			<span class="w-2"></span>
			<button
				class="btn tool"
				disabled={!session.canGoBack}
				title={en`Back (b)`}
				onclick={() => session.back()}>{en`Back`}</button
			>
			<button
				class="btn tool now"
				disabled={!session.canStep}
				title={en`Next (n)`}
				onclick={() => session.next()}>{en`Next`}</button
			>
			<button
				class="btn tool"
				disabled={!session.canStep}
				title={en`To the end of the phase (p)`}
				onclick={() => void session.follow('phase')}>{en`Phase`}</button
			>
			<button
				class="btn tool"
				disabled={!session.canStep}
				title={en`To the end (g)`}
				aria-label={en`To the end`}
				onclick={() => void session.follow('end')}>{en`End`}</button
			>
		{/if}
	{/snippet}
	{#if session.tableau && session.position?.work}
		{#if document.notation.layout === 'dictionary'}
			{#await import('./Dictionary.svelte') then { default: Dictionary }}
				<Dictionary work={session.position.work} decision={session.decision} hides={session.hidesAdvice} />
			{/await}
		{:else if Grid}
			<Grid work={session.position.work} decision={session.decision} hides={session.hidesAdvice} />
		{/if}
	{:else if session.large}
		{#await import('./LargeAnswerView.svelte') then { default: LargeAnswerView }}<LargeAnswerView />{/await}
	{:else if session.position}
		<div class="starts">
			<p>{en`Choose a way to start:`}</p>
			<ul>
				{#each session.offers as { move, found }, i (i)}
					<li>
						<button class="btn tool" onclick={() => session.take(move)}
							><Words sentence={offerWords(found)} linked={false} /></button
						>
					</li>
				{/each}
				<li>
					<button class="btn tool" onclick={() => (naming = true)}
						>{en`Choose a basis by its variables …`}</button
					>
				</li>
			</ul>
		</div>
	{:else}
		<p class="nothing">{en`The tableau appears here as soon as the statement can be read.`}</p>
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
	.rare,
	.some {
		display: contents;
	}
	.more {
		display: none;
	}
	/* little room: the steps come first, and what is rarely needed is one list */
	@container (max-width: 54rem) {
		.rare {
			display: none;
		}
		.more {
			display: contents;
		}
	}
	@container (max-width: 38rem) {
		.some {
			display: none;
		}
	}
	.starts {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
	}
	.starts ul {
		padding: 0;
		display: flex;
		flex-direction: column;
		align-items: flex-start;
		gap: var(--gap-1);
	}
</style>
