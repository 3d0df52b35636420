<script lang="ts">
	import { en } from '$lib/core/language';
	import { setUnit, setVariable } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';

	/** What variables and constraints mean, and their units. What is written here is kept at once. */
	let { onclose }: { onclose: () => void } = $props();
	const { document: lesson } = useDesk();
	const problem = $derived(lesson.problem);
	const MOST_UNIT = 60;

	/** A unit as the statement can hold it. */
	const unitOf = (typed: string) =>
		typed
			.replace(/[[\]\n#]/g, '')
			.trim()
			.slice(0, MOST_UNIT);

	function setVariableUnit(name: string, typed: string) {
		const unit = unitOf(typed) || undefined;
		const { unit: _, ...bare } = problem!.variables.find((own) => own.name === name)!;
		lesson.edit(setVariable(lesson.text, lesson.reading, name, () => (unit ? { ...bare, unit } : bare)));
	}
</script>

<Sheet
	title={en`Meanings and units`}
	text={en`Say what each name means in the story. The typeset problem can then show its rows as sentences.`}
	{onclose}
>
	{#if problem}
		<div class="lines">
			<span></span><span class="head">{en`unit`}</span><span class="head">{en`meaning`}</span>
			{#each problem.variables as { name, unit } (name)}
				<strong>{name}</strong>
				<input
					class="field"
					aria-label={en`Unit of ${name}`}
					value={unit ?? ''}
					onchange={(event) => setVariableUnit(name, event.currentTarget.value)}
				/>
				<input
					class="field"
					aria-label={en`Meaning of ${name}`}
					maxlength="400"
					value={lesson.telling.meaning('variables', name)}
					onchange={(event) => lesson.telling.mean('variables', name, event.currentTarget.value)}
				/>
			{/each}
			<strong>{problem.objective.name}</strong>
			<input
				class="field"
				aria-label={en`Unit of ${problem.objective.name}`}
				value={problem.objective.unit ?? ''}
				onchange={(event) =>
					lesson.edit(setUnit(lesson.text, lesson.reading, null, unitOf(event.currentTarget.value)))}
			/>
			<span></span>
			{#each problem.constraints as { name, unit } (name)}
				<strong>{name}</strong>
				<input
					class="field"
					aria-label={en`Unit of ${name}`}
					value={unit ?? ''}
					onchange={(event) =>
						lesson.edit(setUnit(lesson.text, lesson.reading, name, unitOf(event.currentTarget.value)))}
				/>
				<input
					class="field"
					aria-label={en`Meaning of ${name}`}
					maxlength="400"
					value={lesson.telling.meaning('constraints', name)}
					onchange={(event) => lesson.telling.mean('constraints', name, event.currentTarget.value)}
				/>
			{/each}
		</div>
	{/if}
	<button class="btn tool" onclick={onclose}>{en`Close`}</button>
</Sheet>

<style>
	.lines {
		display: grid;
		grid-template-columns: auto 8rem minmax(14rem, 26rem);
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
		max-height: 60vh;
		overflow: auto;
		margin-bottom: var(--gap-3);
	}
	.head {
		font-style: italic;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
