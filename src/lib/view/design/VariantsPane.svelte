<script lang="ts">
	import { solveLinear } from '$lib/core/answer/answer';
	import { shownTitle, titleOf } from '$lib/core/lesson/lesson';
	import { showNumber } from '$lib/core/number/show';
	import type { Problem } from '$lib/core/problem/types';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useDesigner } from '$lib/desk/designer.svelte';
	import { useGo } from '$lib/desk/go';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import { download } from '../shared/download';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import FindCard from './FindCard.svelte';

	/** Other problems of the open lesson's kind, lettered, with the answers beside. */
	const go = useGo();
	const { document: lesson } = useDesk();
	const designer = useDesigner();
	const keeping = useKeeping();
	const { variants, running } = $derived(designer);
	const title = $derived(shownTitle(titleOf({ statement: lesson.text })));
	const letter = (i: number) => String.fromCharCode(65 + i);

	function key(problem: Problem): string {
		const { status, solution, objective, pivots } = solveLinear(problem);
		if (status !== 'optimal') return `${status}, ${pivots} pivots`;
		const plan = problem.variables
			.map(({ name }) => `${name} = ${showNumber(solution!.get(name)!, lesson.notation.numbers)}`)
			.join(', ');
		return `${plan}; ${problem.objective.name} = ${showNumber(objective!, lesson.notation.numbers)}; ${pivots} pivots`;
	}

	async function take(i: number) {
		await keeping.openNew(designer.variantLessons(title)[i]);
		go('/');
	}
</script>

<Pane pane="variants" name="Variants" aside={lesson.stale ? 'last right statement' : null}>
	{#snippet tools()}
		<label class="option"
			>how many <input class="field" type="number" min="1" max="12" bind:value={designer.copies} /></label
		>
		<label class="option"
			>pivots <select class="field" bind:value={designer.sameWay}>
				<option value="number">as many</option>
				<option value="same">the same ones</option>
				<option value="other">as many, other ones</option>
			</select></label
		>
		{#if running.what === 'variants'}
			<button class="btn tool" onclick={() => running.cancel()}>Stop</button>
		{:else}
			<button class="btn tool now" disabled={!lesson.problem} onclick={() => void designer.vary()}
				>Make variants</button
			>
		{/if}
		<button
			class="btn tool"
			disabled={variants.length === 0}
			onclick={() => download('variants.mathesis.json', designer.collection(title), 'application/json')}
			>Export as a collection</button
		>
	{/snippet}
	<Scroll label="Variants of this lesson">
		{#if running.what === 'variants'}<progress
				aria-label="Search for variants"
				max={designer.copies}
				value={variants.length}
			></progress>{/if}
		<div class="cards">
			{#each variants as problem, i (problem)}
				<FindCard {problem} name={`${title} ${letter(i)}`}>
					<p class="key">{key(problem)}</p>
					<button class="btn tool" onclick={() => void take(i)}>Take</button>
				</FindCard>
			{/each}
		</div>
		{#if variants.length === 0 && running.what === null}
			<p class="nothing">
				Variants have the same kind of answer, the same constraints binding, as many pivots and artificial
				variables, a whole best plan where this one is whole, and other numbers.
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
	progress {
		width: 100%;
	}
</style>
