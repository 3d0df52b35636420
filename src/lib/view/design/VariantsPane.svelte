<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import { shownTitle, titleOf } from '$lib/core/lesson';
	import { showNumber } from '$lib/core/number';
	import type { Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { solved } from '$lib/desk/worked-out';
	import { useVariants } from '$lib/desk/variants.svelte';
	import { useGo } from '$lib/desk/go';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import { download } from '../shared/download';
	import { printAlone } from '../shared/print-alone';
	import Pane from '../shared/Pane.svelte';
	import ProgressLine from '../shared/ProgressLine.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import FindCard from './FindCard.svelte';

	/** Other problems of the open lesson's kind, lettered, with the answers beside. */
	const go = useGo();
	const { document: lesson } = useDesk();
	const variants = useVariants();
	const keeping = useKeeping();
	let cards = $state<HTMLElement>();
	/** whether the answers stand beside; without them the variants can be handed out */
	let showsAnswers = $state(true);
	const { list, running } = $derived(variants);
	const title = $derived(shownTitle(titleOf({ statement: lesson.text })));
	const letter = (i: number) => String.fromCharCode(65 + i);

	function key(problem: Problem): string {
		const { status, solution, objective, pivots } = solved(problem);
		if (status !== 'optimal') return en`${status}, ${pivots} pivots`;
		const plan = problem.variables
			.map(({ name }) => `${name} = ${showNumber(solution!.get(name)!, lesson.notation.numbers)}`)
			.join(', ');
		return en`${plan}; ${problem.objective.name} = ${showNumber(objective!, lesson.notation.numbers)}; ${pivots} pivots`;
	}

	// a page that waits is never blank
	onMount(() => {
		const isSmall = (lesson.problem?.variables.length ?? 99) <= 4;
		if (isSmall && list.length === 0 && running.what === null) void variants.vary();
	});

	async function take(i: number) {
		await keeping.openNew(variants.lessons(title)[i]);
		go('/');
	}
</script>

<Pane pane="variants" name={en`Variants`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		<label class="option"
			>{en`how many`}
			<input class="field" type="number" min="1" max="12" bind:value={variants.count} /></label
		>
		<label class="option"
			>{en`pivots`}
			<select class="field" bind:value={variants.sameWay}>
				<option value="number">{en`as many`}</option>
				<option value="same">{en`the same ones`}</option>
				<option value="other">{en`as many, other ones`}</option>
			</select></label
		>
		{#if running.what === 'variants'}
			<button class="btn tool" onclick={() => running.cancel()}>{en`Stop`}</button>
		{:else}
			<button class="btn tool now" disabled={!lesson.problem} onclick={() => void variants.vary()}
				>{en`Make variants`}</button
			>
		{/if}
		<label class="option"><input type="checkbox" bind:checked={showsAnswers} /> {en`answers`}</label>
		<button
			class="btn tool"
			disabled={list.length === 0}
			title={en`The variants side by side, as they stand here`}
			onclick={() => cards && printAlone(cards)}>{en`Print`}</button
		>
		<button
			class="btn tool"
			disabled={list.length === 0}
			onclick={() => download('variants.mathesis.json', variants.collection(title), 'application/json')}
			>{en`Export as a collection`}</button
		>
	{/snippet}
	<Scroll label={en`Variants of this lesson`}>
		{#if running.what === 'variants'}
			<ProgressLine label={en`Search for variants`} max={variants.count} value={list.length} />
		{/if}
		<div class="cards" bind:this={cards}>
			{#each list as problem, i (problem)}
				<FindCard {problem} name={`${title} ${letter(i)}`} {showsAnswers}>
					{#if showsAnswers}<p class="key">{key(problem)}</p>{/if}
					<button class="btn tool" onclick={() => void take(i)}>{en`Use this problem`}</button>
				</FindCard>
			{/each}
		</div>
		{#if list.length === 0 && running.what === null}
			<p class="nothing">
				{en`Variants have other numbers, but the same kind of answer, the same binding constraints, and as many pivots and artificial variables. Where this best plan is integer, theirs is, too.`}
			</p>
		{/if}
	</Scroll>
</Pane>

<style>
	.cards {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
		gap: var(--gap-2);
		align-items: start;
	}
	:global(.print-alone) .cards {
		grid-template-columns: repeat(2, 1fr);
	}
	:global(.print-alone) button {
		display: none;
	}
	.option {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.option .field {
		padding: 0.1rem 0.3rem;
	}
	.option input {
		width: 3.4rem;
	}
	.key {
		margin: var(--gap-1) 0;
		font-size: var(--size-note);
	}
</style>
