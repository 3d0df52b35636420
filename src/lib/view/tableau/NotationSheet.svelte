<script lang="ts">
	import { CHOICES, PROFILES, type Notation } from '$lib/core/notation/notation';
	import { NUMBER_STYLES, type NumberStyle } from '$lib/core/number/show';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import Dictionary from './Dictionary.svelte';
	import TableauGrid from './TableauGrid.svelte';

	/** Every choice of the lesson's notation, with the present tableau as it is written then. */
	let { onclose }: { onclose: () => void } = $props();
	const { document: lesson, session } = useDesk();
	const notation = $derived(lesson.notation);

	type Choice = keyof typeof CHOICES;
	const WORDS: Record<Choice, string> = {
		entries: 'Objective row',
		value: 'Cell of the value',
		minimum: 'A minimum is',
		phaseOne: 'Phase one',
		goalPlace: 'Objective row stands',
		goalColumn: 'The objective’s own column',
		basis: 'Basic variables',
		rhs: 'Right-hand side',
		ratios: 'Ratios',
		layout: 'Layout',
		index: 'Slacks are numbered',
		mark: 'The advised pivot is'
	};
	const VARIANTS: Record<string, string> = {
		'z-plus': 'z + … = value (a maximum is done without negative entries)',
		'minus-z': '… − z = −value (a maximum is done without positive entries)',
		equation: 'as the row’s equation has it',
		objective: 'always the objective',
		maximised: 'maximised as its negative',
		minimised: 'worked as a minimum',
		below: 'below',
		above: 'above',
		hidden: 'left out',
		shown: 'shown',
		named: 'named at the left',
		unnamed: 'not named; unit columns marked',
		last: 'in the last column',
		first: 'in the first column',
		full: 'all columns',
		condensed: 'non-basic columns only',
		extended: 'c above and beside, z and the difference below',
		dictionary: 'dictionary: equations of the basic variables',
		constraint: 'by the constraint',
		running: 'running on from the variables',
		letters: 'letters in a row',
		circled: 'circled',
		boxed: 'boxed',
		bold: 'bold'
	};
	const NUMBERS: Record<NumberStyle, string> = {
		fraction: 'fractions',
		mixed: 'mixed numbers',
		decimal: 'decimals',
		decimal1: 'decimals, one digit',
		decimal2: 'decimals, two digits',
		decimal3: 'decimals, three digits',
		decimal6: 'decimals, six digits'
	};
	const LETTERS = [
		['slack', 'Slacks'],
		['surplus', 'Surpluses'],
		['artificial', 'Artificial variables']
	] as const;
	const choices = Object.keys(CHOICES) as Choice[];
	const same = (own: Notation) =>
		JSON.stringify({ ...own, numbers: notation.numbers }) === JSON.stringify(notation);
	const profile = $derived(PROFILES.findIndex((own) => same(own.notation)));
	let wrong = $state<string | null>(null);

	const choose = (name: string, value: string) => lesson.notate({ [name]: value } as Partial<Notation>);
	function letter(name: (typeof LETTERS)[number][0], text: string) {
		const right = /^\p{L}{1,3}$/u.test(text);
		wrong = right ? null : name;
		if (right) lesson.notate({ [name]: text });
	}
	const work = $derived(session.position?.work ?? null);
</script>

<Sheet title="Notation" look="notation" {onclose}>
	<div class="parts">
		<div class="choices">
			<label
				>Profile
				<select
					class="field"
					value={profile}
					onchange={({ currentTarget }) => {
						const own = PROFILES[Number(currentTarget.value)];
						if (own) lesson.notate({ ...own.notation, numbers: notation.numbers });
					}}
				>
					{#if profile < 0}<option value={-1}>of this lesson’s own</option>{/if}
					{#each PROFILES as { name }, i (name)}<option value={i}>{name}</option>{/each}
				</select></label
			>
			<label
				>Numbers
				<select
					class="field"
					value={notation.numbers}
					onchange={({ currentTarget }) => lesson.showNumbers(currentTarget.value as NumberStyle)}
				>
					{#each NUMBER_STYLES as style (style)}<option value={style}>{NUMBERS[style]}</option>{/each}
				</select></label
			>
			{#each choices as name (name)}
				<label
					>{WORDS[name]}
					<select
						class="field"
						value={notation[name]}
						onchange={({ currentTarget }) => choose(name, currentTarget.value)}
					>
						{#each CHOICES[name] as variant (variant)}<option value={variant}>{VARIANTS[variant]}</option
							>{/each}
					</select></label
				>
			{/each}
			<div class="letters">
				{#each LETTERS as [name, words] (name)}
					<label
						>{words}
						<input
							class="field"
							value={notation[name]}
							aria-invalid={wrong === name}
							oninput={({ currentTarget }) => letter(name, currentTarget.value.trim())}
						/></label
					>
				{/each}
			</div>
			{#if wrong}<p class="wrong" role="alert">Write one to three letters.</p>{/if}
		</div>
		<div class="preview" role="group" aria-label="The present tableau in this notation">
			{#if work && notation.layout === 'dictionary'}<Dictionary {work} decision={null} />
			{:else if work}<TableauGrid {work} decision={null} />
			{:else}<p>The tableau is shown here as soon as a method has begun.</p>{/if}
		</div>
	</div>
</Sheet>

<style>
	.parts {
		display: grid;
		grid-template-columns: minmax(18rem, 22rem) minmax(0, 1fr);
		gap: var(--gap-4);
	}
	@media (max-width: 60rem) {
		.parts {
			grid-template-columns: 1fr;
		}
	}
	.choices {
		display: flex;
		flex-direction: column;
		gap: 0.35rem;
	}
	label {
		display: grid;
		grid-template-columns: 10rem 1fr;
		align-items: center;
		font-size: var(--size-note);
	}
	.letters {
		display: flex;
		gap: var(--gap-2);
	}
	.letters label {
		display: block;
	}
	.letters .field {
		width: 100%;
	}
	.preview {
		overflow: auto;
		min-height: 14rem;
		border: 1px solid var(--rule);
		padding: var(--gap-2);
	}
	.wrong {
		color: var(--error);
		margin: 0;
	}
</style>
