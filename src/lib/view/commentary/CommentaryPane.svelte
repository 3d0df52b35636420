<script lang="ts">
	import { en } from '$lib/core/language';
	import { plainText } from '$lib/core/sentence';
	import { DEMO_STORY } from '$lib/desk/demo';
	import { Hints } from '$lib/desk/hints.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Secret } from '$lib/desk/reveal.svelte';
	import { LISTED_SECRETS } from '$lib/desk/secrets';
	import Pane from '../shared/Pane.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import Words from '../shared/Words.svelte';

	const desk = useDesk();
	const { document, reveal, selection, session } = desk;
	const hints = new Hints(desk);
	/** only the sample of a first visit has hints */
	const hint = $derived(document.telling.story === DEMO_STORY ? hints.shown : null);
	/** before the first step the story is told here, too */
	const isAtStart = $derived(session.stops.length <= 2);
	/** whether a pivot or a column is pointed at: what it would do is told */
	const isAsked = $derived(
		!session.covering.isOn && (session.proposal?.move.kind === 'pivot' || selection.column !== null)
	);
	/** why the rules that act here are as they are; what the rule would do stays hidden where that is wanted */
	const known = $derived(session.hidesAdvice && session.decision?.kind === 'pivot' ? null : session.decision);
	/** what the class may not see yet */
	const SECRETS = [
		{ key: 'all', value: { secret: null, says: en`Everything the class can find (h)` } },
		...LISTED_SECRETS.map(({ secret, says, key }) => ({
			key: secret,
			value: { secret, says: key ? `${says} (${key})` : says }
		}))
	];
	const isHidden = ({ secret }: { readonly secret: Secret | null }) =>
		secret === null ? reveal.asksClass : reveal.conceals(secret);
	/** said between sentences, so that copied and spoken text has it too */
	const BETWEEN = ' ';
</script>

{#snippet secret(value: (typeof SECRETS)[number]['value'])}{value.says}{isHidden(value) ? ' ✓' : ''}{/snippet}

<Pane pane="commentary" name={en`Commentary`} aside={document.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<ToolMenu
			text={en`Hide`}
			label={en`Hide from the class`}
			items={SECRETS}
			item={secret}
			onchoose={({ secret }) => (secret === null ? reveal.askClass() : reveal.toggle(secret))}
		/>
		<button
			class="btn tool"
			aria-pressed={reveal.showsReasons}
			title={en`Why the rules are as they are, with the numbers here (y)`}
			onclick={() => reveal.toggleReasons()}>{en`Why?`}</button
		>
	{/snippet}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<!-- the announcer says each step in one sentence; all of it is read here on request -->
	<div class="text" tabindex="0" role="group" aria-label={en`Commentary on the current step`}>
		{#if isAtStart && document.telling.story && !document.telling.isOutgrown}
			<article class="story">
				<h3 class="text-figure font-[650]">{en`Story`}</h3>
				{#await import('../story/Prose.svelte') then { default: Prose }}<Prose
						text={document.telling.story}
					/>{/await}
			</article>
		{/if}
		{#if isAsked}
			{#await import('./Preview.svelte') then { default: Preview }}<Preview />{/await}
		{/if}
		{#each session.remarks as remark, i (`${i} ${plainText(remark.heading)}`)}
			<article class={remark.tone}>
				<h3 class="text-figure font-[650]"><Words sentence={remark.heading} linked={false} /></h3>
				<p>
					{#each remark.sentences as sentence, k (k)}<span
							><Words {sentence} decimals={remark.tone === 'conclusion'} />{BETWEEN}</span
						>{/each}
				</p>
				{#if session.covering.isOn && i === session.remarks.length - 1}
					<button class="btn tool" onclick={() => session.covering.showAll()}>{en`Show all numbers`}</button>
				{/if}
				{#if session.loop && remark.tone === 'warning'}
					<button
						class="btn tool"
						onclick={() => {
							document.chooseRule('bland');
							session.next();
							session.next();
						}}>{en`Go on by Bland’s rule`}</button
					>
				{/if}
			</article>
		{:else}
			<p class="nothing">
				{session.large
					? en`A problem of this size is solved without its steps.`
					: en`Each step is explained here.`}
			</p>
		{/each}
		{#if reveal.showsReasons && !session.covering.isOn}
			{#await import('./StepReasons.svelte') then { default: StepReasons }}<StepReasons
					decision={known}
				/>{/await}
		{/if}
		{#if hint}
			<p class="tip">
				<span>{hint.says}</span>
				<button class="btn tool" onclick={() => hints.dismiss(hint.id)}>{en`Got it`}</button>
				<button class="btn tool" onclick={() => hints.dismissAll()}>{en`No hints`}</button>
			</p>
		{/if}
	</div>
</Pane>

<style>
	.text {
		height: 100%;
		overflow: auto;
		padding: 0 var(--gap-3) var(--gap-3);
		line-height: 1.5;
	}
	article {
		margin-bottom: var(--gap-3);
		padding-left: 0.7rem;
		border-left: 3px solid var(--rule);
	}
	.step {
		border-left-color: var(--now);
	}
	.warning {
		border-left-color: var(--error);
		border-left-style: double;
		border-left-width: 5px;
	}
	.conclusion {
		border-left-color: var(--ink);
		background: var(--sheet-raised);
	}
	.tip {
		display: flex;
		align-items: center;
		gap: var(--gap-1);
		margin: 0;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.tip span {
		flex: 1;
	}
	.hint {
		border-left-style: dashed;
	}
	.warning h3 {
		color: var(--error);
	}
	p {
		margin: 0.1rem 0 0;
	}
	.nothing {
		padding: 0;
	}
</style>
