<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount, untrack } from 'svelte';
	import { setVariable } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { MODE_WORDS, MODES, useIntegers } from '$lib/desk/integers.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';

	/** The ways to an integer plan, one at a time. */
	const { document: lesson, offered, session } = useDesk();
	const integers = useIntegers();

	/** All variables become integer, in one act. */
	function makeIntegers() {
		const names = lesson.problem?.variables.map(({ name }) => name) ?? [];
		lesson.asOne(() => {
			for (const name of names)
				lesson.edit(setVariable(lesson.text, lesson.reading, name, (own) => ({ ...own, domain: 'integer' })));
		});
	}

	// a tree that came with the lesson is solved again as soon as it can be looked at
	$effect(() => {
		void lesson.tree;
		if (integers.problem) untrack(() => void integers.tree.restore());
	});

	onMount(() =>
		offered.add(() => [
			...MODES.map((mode) => ({
				id: `whole ${mode}`,
				group: en`Whole numbers`,
				says: en`Whole numbers: ${MODE_WORDS[mode].toLowerCase()}`,
				possible: integers.mode !== mode,
				run: () => integers.show(mode)
			})),
			{
				id: 'node',
				group: en`Whole numbers`,
				says: integers.tree.waiting
					? en`Show what follows from the node`
					: en`Solve the next node of the tree`,
				key: 'x',
				possible:
					integers.problem !== null && !integers.tree.progress.isDone && integers.running.what !== 'search',
				run: () => {
					integers.show('branching');
					integers.tree.step();
				}
			},
			{
				id: 'round',
				group: en`Whole numbers`,
				says: en`A cut by the rule, and its pivots`,
				key: 'r',
				possible: integers.problem !== null && integers.running.what === null,
				run: () => {
					integers.show('cuts');
					void integers.cutting.round();
				}
			}
		])
	);
</script>

<Pane pane="ways" name={MODE_WORDS[integers.mode]} aside={lesson.stale ? en`last right statement` : null}>
	{#if integers.problem}
		<Scroll label={MODE_WORDS[integers.mode]}>
			{#if integers.mode === 'rounding'}
				{#await import('./RoundingView.svelte') then { default: View }}<View />{/await}
			{:else if integers.mode === 'cuts'}
				{#await import('./CutsView.svelte') then { default: View }}<View />{/await}
			{:else if integers.mode === 'branching'}
				{#await import('./TreeView.svelte') then { default: View }}<View />{/await}
			{:else if integers.mode === 'comparison'}
				{#await import('./CompareView.svelte') then { default: View }}<View />{/await}
			{:else}
				{#await import('./ProofView.svelte') then { default: View }}<View />{/await}
			{/if}
		</Scroll>
	{:else if session.large}
		<p class="nothing">{en`A problem of this size is solved without its steps.`}</p>
	{:else}
		<div class="nothing">
			<p>{en`All variables are continuous. Rounding, cuts and the tree are for integer problems.`}</p>
			{#if lesson.problem}<button class="btn tool now" onclick={makeIntegers}>{en`Make them integer`}</button
				>{/if}
			<p>
				{en`For some of them only, add a line such as “bowls integer” or “market binary” to the statement.`}
			</p>
		</div>
	{/if}
</Pane>
