<script lang="ts">
	import { en } from '$lib/core/language';
	import { readCell, type Problem } from '$lib/core/problem';
	import { cellText, choiceText, KINDS, renamed, type Answer, type Question } from '$lib/core/question';
	import { toText } from '$lib/core/number';
	import OrderedChoices from './OrderedChoices.svelte';
	import QuestionTableau from './QuestionTableau.svelte';

	/** Where a question is answered: on the tableau or the picture where it is about them, else in fields. */
	interface Props {
		question: Question;
		problem: Problem;
		/** entries of the next tableau that were not right */
		wrong: readonly string[];
		disabled: boolean;
		onanswer: (answer: Answer) => void;
	}
	let { question, problem, wrong, disabled, onanswer }: Props = $props();
	const id = $props.id();
	const answers = $derived(KINDS[question.kind].answers);
	const variables = $derived(problem.variables.map(({ name }) => name));
	/** what amounts are asked for: of the variables, or of what the question lists */
	const asked = $derived(question.given.choices ?? variables);
	const OPTIONS: Partial<Record<string, readonly (readonly [string, string])[]>> = {
		'yes-no': [
			['yes', en`yes`],
			['no', en`no`]
		],
		state: [
			['optimal', en`optimal`],
			['improvable', en`feasible, can be improved`],
			['unbounded', en`feasible, shows that the objective is unbounded`],
			['not-feasible', en`not feasible`],
			['infeasible', en`not feasible, shows that the problem is infeasible`]
		],
		sign: [
			['>= 0', '≥ 0'],
			['<= 0', '≤ 0'],
			['free', en`free`]
		],
		closing: [
			['bound', en`close it by its bound`],
			['infeasible', en`close it as infeasible`],
			['integer', en`close it: its plan is integer`],
			['branch', en`branch`]
		]
	};
	const options = $derived(
		answers === 'choice'
			? (question.given.choices ?? []).map((own) => [own, choiceText(question, own)] as const)
			: OPTIONS[answers]
	);
	/** what is answered so far: a name or text, the constraints named, texts by name */
	let text = $state('');
	let names = $state<string[]>([]);
	let fields = $state<Record<string, string>>({});
	let relation = $state('<=');
	const picks = $derived(
		answers === 'cell'
			? 'cell'
			: question.kind === 'leaving' || question.kind === 'dual-leaving'
				? 'row'
				: 'column'
	);
	/** the next tableau, its entries empty */
	const empty = $derived(
		question.kind === 'next-tableau'
			? renamed(question.tableau, question.given.leaving!, question.given.entering!)
			: null
	);
	const isPicture = $derived(question.kind === 'best-corner' && variables.length === 2);

	/** A number as typed, reckoned out where it is a calculation. */
	function number(typed: string | undefined): string {
		const value = typed ? readCell(typed) : null;
		return value ? toText(value) : (typed ?? '');
	}
	const numbers = (all: Record<string, string>) =>
		Object.fromEntries(Object.entries(all).map(([name, typed]) => [name, number(typed)]));

	function give(event: Event) {
		event.preventDefault();
		if (answers === 'plan')
			onanswer(numbers(Object.fromEntries(asked.map((name) => [name, fields[name] || '0']))));
		else if (answers === 'cells')
			onanswer(numbers(Object.fromEntries(Object.entries(fields).filter(([, typed]) => typed.trim()))));
		else if (answers === 'sides') onanswer(fields);
		else if (answers === 'names' || answers === 'order') onanswer(names);
		else if (answers === 'interval')
			onanswer([
				fields.from?.trim() ? number(fields.from) : null,
				fields.to?.trim() ? number(fields.to) : null
			]);
		else if (answers === 'relation')
			onanswer({
				terms: numbers(Object.fromEntries(variables.map((name) => [name, fields[name] || '0']))),
				relation,
				rhs: number(fields['='] || '0')
			});
		else onanswer(answers === 'number' ? number(text) : text);
	}
	const hasAnswer = $derived(
		answers === 'names' || answers === 'interval' || answers === 'relation' || answers === 'plan'
			? true
			: answers === 'order'
				? names.length === asked.length
				: answers === 'sides'
					? asked.every((name) => fields[name])
					: answers === 'cells'
						? Object.values(fields).some((typed) => typed.trim())
						: text.trim() !== ''
	);
</script>

<form onsubmit={give} autocomplete="off">
	{#if answers === 'name' || answers === 'cell'}
		<QuestionTableau
			tableau={question.given.after ?? question.tableau}
			label={en`Tableau to answer on`}
			choose={picks}
			chosen={text}
			onchoose={(own) => (text = own)}
		/>
		<p class="said">
			{text
				? en`Your answer: ${picks === 'cell' ? cellText(text) : text}.`
				: en`Press a ${picks === 'cell' ? en`number` : picks}.`}
		</p>
	{:else if empty}
		<QuestionTableau
			tableau={empty}
			label={en`The next tableau`}
			bind:written={() => fields, (own) => (fields = own ?? {})}
			{wrong}
		/>
		<p class="said">{en`Tab moves on. You can type calculations such as 100 − 4·22.`}</p>
	{:else if question.given.pictures}
		{#await import('./PictureChoices.svelte') then { default: PictureChoices }}
			<PictureChoices
				axes={variables}
				letters={question.given.choices ?? []}
				pictures={question.given.pictures}
				chosen={text}
				onchoose={(letter) => (text = letter)}
			/>
		{/await}
	{:else if answers === 'sides'}
		{#await import('./SidesPicture.svelte') then { default: SidesPicture }}
			<SidesPicture
				{problem}
				names={asked}
				chosen={fields}
				onchoose={(name, side) => (fields = { ...fields, [name]: side })}
			/>
		{/await}
		<p class="said">
			{asked.every((name) => fields[name])
				? en`The darkest part lies on all of these sides.`
				: en`Press the side to keep. Still to be chosen: ${asked.filter((name) => !fields[name]).join(', ')}.`}
		</p>
	{:else if options}
		<fieldset>
			<legend class="only-heard">{en`Your answer`}</legend>
			{#each options as [value, says] (value)}
				<label><input type="radio" name={id} {value} bind:group={text} /> {says}</label>
			{/each}
		</fieldset>
	{:else if answers === 'names'}
		<fieldset>
			<legend class="only-heard">{en`Your answer`}</legend>
			{#each question.given.choices ?? problem.constraints.map(({ name }) => name) as name (name)}
				<label><input type="checkbox" value={name} bind:group={names} /> {name}</label>
			{/each}
			<p class="said">{en`Leave all fields empty if there is none.`}</p>
		</fieldset>
	{:else if answers === 'order'}
		<OrderedChoices all={asked} bind:order={names} />
	{:else if answers === 'interval'}
		<p class="line">
			<label>{en`from`} <input class="field" placeholder="−∞" bind:value={fields.from} /></label>
			<label>{en`to`} <input class="field" placeholder="∞" bind:value={fields.to} /></label>
		</p>
		<p class="said">{en`Leave a field empty where there is no end.`}</p>
	{:else if answers === 'relation'}
		<p class="line">
			{#each variables as name, i (name)}
				<label
					>{i > 0 ? '+ ' : ''}<input class="field" placeholder="0" bind:value={fields[name]} /> {name}</label
				>
			{/each}
			<select class="field" aria-label={en`Relation`} bind:value={relation}>
				<option value="<=">≤</option>
				<option value=">=">≥</option>
			</select>
			<input class="field" aria-label={en`Right-hand side`} placeholder="0" bind:value={fields['=']} />
		</p>
	{:else if answers === 'plan'}
		{#if isPicture}
			{#await import('./ObjectivePicture.svelte') then { default: ObjectivePicture }}
				<ObjectivePicture {problem} chosen={fields} onchoose={(own) => (fields = own)} />
			{/await}
		{/if}
		<p class="line">
			{#each asked as name (name)}
				<label>{name} = <input class="field" placeholder="0" bind:value={fields[name]} /></label>
			{/each}
		</p>
	{:else}
		<p class="line"><label>{en`Your answer`} <input class="field" bind:value={text} /></label></p>
	{/if}
	<button class="btn tool now" disabled={disabled || !hasAnswer}>{en`Check`}</button>
</form>

<style>
	form {
		width: 100%;
		display: grid;
		gap: var(--gap-2);
		justify-items: start;
	}
	form :global(.simplex) {
		max-width: 100%;
	}
	fieldset {
		display: grid;
		gap: var(--gap-1);
		border: none;
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
	}
	.line .field {
		width: 5rem;
	}
	select.field {
		width: auto;
	}
	.said {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
