<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		CHOICE_LABELS,
		CHOICES,
		LETTER_LABELS,
		type Notation,
		NUMBER_LABELS,
		VARIANT_LABELS
	} from '$lib/core/notation';
	import { NUMBER_STYLES, type NumberStyle } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import Dictionary from './Dictionary.svelte';
	import NotationPiece from './NotationPiece.svelte';
	import NotationProfiles from './NotationProfiles.svelte';
	import TableauGrid from './TableauGrid.svelte';

	/** Every choice of the lesson's notation, with the present tableau as it is written then. */
	let { onclose }: { onclose: () => void } = $props();
	const { document: lesson, session } = useDesk();
	const notation = $derived(lesson.chosenNotation);

	type Choice = keyof typeof CHOICES;
	const LETTERS = Object.keys(LETTER_LABELS) as (keyof typeof LETTER_LABELS)[];
	/** the choices in groups; what is rarely needed comes last */
	const GROUPS: readonly { name: string; choices: readonly Choice[]; hasLetters?: boolean }[] = [
		{ name: en`Signs and values`, choices: ['entries', 'value', 'minimum', 'phaseOne'] },
		{ name: en`Places`, choices: ['layout', 'goalPlace', 'rhs', 'basis', 'goalColumn', 'ratios'] },
		{ name: en`Names`, choices: ['index'], hasLetters: true },
		{ name: en`Pivots and M`, choices: ['mark', 'operations', 'bigM'] }
	];
	/** choices whose variants are told apart by a small piece of the tableau */
	const PICTURED: readonly Choice[] = [
		'entries',
		'value',
		'layout',
		'goalPlace',
		'rhs',
		'basis',
		'goalColumn',
		'index'
	];
	let wrong = $state<string | null>(null);
	const set = (choice: string, value: string) => lesson.notate({ [choice]: value } as Partial<Notation>);
	function letter(family: keyof typeof LETTER_LABELS, text: string) {
		const right = /^\p{L}{1,3}$/u.test(text);
		wrong = right ? null : family;
		if (right) lesson.notate({ [family]: text });
	}
	const work = $derived(session.position?.work ?? null);
</script>

<Sheet title={en`Notation`} look="wide" {onclose}>
	<div class="parts">
		<div class="choices">
			<NotationProfiles />
			<label
				>{en`Numbers`}
				<select
					class="field"
					value={notation.numbers}
					onchange={({ currentTarget }) => lesson.showNumbers(currentTarget.value as NumberStyle)}
				>
					{#each NUMBER_STYLES as style (style)}<option value={style}>{NUMBER_LABELS[style]}</option>{/each}
				</select></label
			>
			{#each GROUPS as group, i (group.name)}
				<details name="notation" open={i === 0}>
					<summary>{group.name}</summary>
					{#each group.choices as choice (choice)}
						<label
							>{CHOICE_LABELS[choice]}
							<select
								class="field"
								value={notation[choice]}
								onchange={({ currentTarget }) => set(choice, currentTarget.value)}
							>
								{#each CHOICES[choice] as variant (variant)}<option value={variant}
										>{VARIANT_LABELS[variant]}</option
									>{/each}
							</select></label
						>
						{#if work && PICTURED.includes(choice)}
							<p class="pieces">
								{#each CHOICES[choice] as variant (variant)}
									<button
										class="piece"
										aria-pressed={notation[choice] === variant}
										aria-label={`${CHOICE_LABELS[choice]}: ${VARIANT_LABELS[variant]}`}
										title={VARIANT_LABELS[variant]}
										onclick={() => set(choice, variant)}
										><NotationPiece t={work.tableau} notation={{ ...notation, [choice]: variant }} /></button
									>
								{/each}
							</p>
						{/if}
					{/each}
					{#if group.hasLetters}
						<div class="letters">
							{#each LETTERS as family (family)}
								<label
									>{LETTER_LABELS[family]}
									<input
										class="field"
										value={notation[family]}
										aria-invalid={wrong === family}
										oninput={({ currentTarget }) => letter(family, currentTarget.value.trim())}
									/></label
								>
							{/each}
						</div>
						{#if wrong}<p class="wrong" role="alert">{en`Write one to three letters.`}</p>{/if}
					{/if}
				</details>
			{/each}
		</div>
		<div class="preview" role="group" aria-label={en`The present tableau in this notation`}>
			{#if work && notation.layout === 'dictionary'}<Dictionary {work} decision={null} />
			{:else if work}<TableauGrid {work} decision={null} />
			{:else}<p>{en`The tableau is shown here as soon as a method has begun.`}</p>{/if}
		</div>
	</div>
</Sheet>

<style>
	.pieces {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
		margin: 0.1rem 0 0.5rem;
	}
	.piece {
		padding: 0.15rem 0.2rem;
		border: 1px solid var(--rule-strong);
		border-radius: 3px;
		cursor: pointer;
		text-align: left;
	}
	.piece[aria-pressed='true'] {
		border-color: var(--now);
		box-shadow: inset 0 -2px 0 var(--now);
	}
	.parts {
		display: grid;
		grid-template-columns: minmax(22rem, 30rem) minmax(0, 1fr);
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
		grid-template-columns: 8rem minmax(0, 1fr);
		align-items: center;
		font-size: var(--size-note);
	}
	summary {
		cursor: pointer;
		font-size: var(--size-note);
		font-style: italic;
		color: var(--ink-soft);
		padding: 0.15rem 0;
	}
	details label {
		margin-bottom: 0.25rem;
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
