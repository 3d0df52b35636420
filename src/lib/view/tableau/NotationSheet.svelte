<script lang="ts">
	import { CHOICES, PROFILES, type Notation } from '$lib/core/notation/notation';
	import { MAX_PROFILE_NAME, readProfiles, writeProfiles, type Profile } from '$lib/core/notation/check';
	import { NUMBER_STYLES, type NumberStyle } from '$lib/core/number/show';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { OwnProfiles } from '$lib/desk/own-profiles.svelte';
	import { download } from '../shared/download';
	import Sheet from '../shared/Sheet.svelte';
	import Dictionary from './Dictionary.svelte';
	import TableauGrid from './TableauGrid.svelte';

	/** Every choice of the lesson's notation, with the present tableau as it is written then. */
	let { onclose }: { onclose: () => void } = $props();
	const { document: lesson, session } = useDesk();
	const notation = $derived(lesson.chosenNotation);

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
		mark: 'The advised pivot is',
		operations: 'Row operations',
		bigM: 'Big M'
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
		bold: 'bold',
		'one-row': 'one row, p + qM',
		'two-rows': 'a row of its own for M',
		multiples: 'R1 ← R1 − 2 R2',
		'old-minus': 'new row = old row − entry × new pivot row',
		rectangle: 'rectangle rule: old − row × column ÷ pivot'
	};
	const NUMBERS: Record<NumberStyle, string> = {
		fraction: 'fractions',
		mixed: 'mixed numbers',
		decimal: 'decimals',
		decimal1: 'decimals, one digit',
		decimal2: 'decimals, two digits',
		decimal3: 'decimals, three digits',
		decimal6: 'decimals, six digits',
		common: 'whole numbers over one denominator'
	};
	const LETTERS = [
		['slack', 'Slacks'],
		['surplus', 'Surpluses'],
		['artificial', 'Artificial variables'],
		['infeasibility', 'Their sum']
	] as const;
	/** the choices in groups; what is rarely needed comes last */
	const GROUPS: readonly { name: string; choices: readonly Choice[] }[] = [
		{ name: 'Signs and values', choices: ['entries', 'value', 'minimum', 'phaseOne'] },
		{ name: 'Places', choices: ['layout', 'goalPlace', 'rhs', 'basis', 'goalColumn', 'ratios'] },
		{ name: 'Names', choices: ['index'] },
		{ name: 'Pivots and M', choices: ['mark', 'operations', 'bigM'] }
	];
	const equal = (one: Notation, other: Notation) => JSON.stringify(one) === JSON.stringify(other);
	const own = new OwnProfiles();
	const profiles = $derived([
		...PROFILES.map(({ name: of, notation: its }) => ({ name: of, notation: its, isOwn: false })),
		...own.list.map((other) => ({ ...other, isOwn: true }))
	]);
	/** those that the lesson's notation is just now; those that come along say nothing of numbers */
	const fitting = $derived(
		profiles.filter(({ notation: its, isOwn }) =>
			equal(isOwn ? its : { ...its, numbers: notation.numbers }, notation)
		)
	);
	/** of several that are alike, the one that was chosen by its name */
	let named = $state<string | null>(null);
	const chosen = $derived(fitting.find(({ name: of }) => of === named) ?? fitting[0] ?? null);
	let wrong = $state<string | null>(null);
	let name = $state('');
	/** what became of a file, of a name, of a notation that was forgotten */
	let said = $state<string | null>(null);
	let asks = $state(false);
	let forgotten = $state.raw<Profile | null>(null);
	const isTaken = $derived(PROFILES.some(({ name: of }) => of.toLowerCase() === name.trim().toLowerCase()));

	function choose(of: string) {
		const profile = profiles.find((other) => other.name === of);
		if (!profile) return;
		named = of;
		asks = false;
		lesson.notate(profile.isOwn ? profile.notation : { ...profile.notation, numbers: notation.numbers });
	}
	function keep() {
		own.keep([{ name: name.trim(), notation }]);
		named = name.trim();
		name = '';
		forgotten = null;
	}
	function rename() {
		if (!chosen?.isOwn) return;
		own.rename(chosen.name, name.trim());
		named = name.trim();
		name = '';
	}
	function forget() {
		if (!chosen?.isOwn) return;
		if (!asks) {
			asks = true;
			return;
		}
		asks = false;
		forgotten = { name: chosen.name, notation: chosen.notation };
		own.remove(chosen.name);
	}
	function putBack() {
		if (!forgotten) return;
		own.keep([forgotten]);
		named = forgotten.name;
		forgotten = null;
	}
	async function take(files: FileList | null) {
		const [file] = files ?? [];
		if (!file) return;
		forgotten = null;
		try {
			if (file.size > MAX_FILE) throw new Error('it is too large for a file of notations');
			const found = readProfiles(await file.text());
			own.keep(found);
			said = `${file.name}: ${found.length} ${found.length === 1 ? 'notation' : 'notations'} taken in.`;
		} catch (error) {
			said = `${file.name} was not taken in: ${error instanceof SyntaxError ? 'it is not JSON' : (error as Error).message}.`;
		}
	}
	const MAX_FILE = 200_000;

	const set = (choice: string, value: string) => lesson.notate({ [choice]: value } as Partial<Notation>);
	function letter(family: (typeof LETTERS)[number][0], text: string) {
		const right = /^\p{L}{1,3}$/u.test(text);
		wrong = right ? null : family;
		if (right) lesson.notate({ [family]: text });
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
					value={chosen?.name ?? ''}
					onchange={({ currentTarget }) => choose(currentTarget.value)}
				>
					{#if !chosen}<option value="">of this lesson’s own</option>{/if}
					{#each PROFILES as { name: of } (of)}<option value={of}>{of}</option>{/each}
					{#if own.list.length}
						<optgroup label="Your own">
							{#each own.list as { name: of } (of)}<option value={of}>{of}</option>{/each}
						</optgroup>
					{/if}
				</select></label
			>
			<form
				class="keep"
				onsubmit={(event) => {
					event.preventDefault();
					if (name.trim() && !isTaken) keep();
				}}
			>
				<input
					class="field"
					placeholder="Name for this notation"
					aria-label="Name for this notation"
					aria-invalid={isTaken}
					maxlength={MAX_PROFILE_NAME}
					bind:value={name}
				/>
				<button class="btn tool" disabled={!name.trim() || isTaken}>Keep</button>
				{#if chosen?.isOwn}
					<button type="button" class="btn tool" disabled={!name.trim() || isTaken} onclick={rename}
						>Rename</button
					>
					<button type="button" class="btn tool" onclick={forget} onblur={() => (asks = false)}
						>{asks ? `Forget “${chosen.name}”?` : 'Forget'}</button
					>
				{/if}
			</form>
			{#if isTaken}<p class="wrong" role="alert">A notation that comes along has this name.</p>{/if}
			{#if forgotten}<p role="status" class="said">
					“{forgotten.name}” is forgotten. <button class="btn tool" onclick={putBack}>Put it back</button>
				</p>{/if}
			<div class="keep">
				<button
					class="btn tool"
					disabled={own.list.length === 0}
					onclick={() => download('notations.json', writeProfiles(own.list), 'application/json')}
					>Export yours</button
				>
				<label class="btn tool open"
					>Open a file of notations
					<input
						class="only-heard"
						type="file"
						accept=".json,application/json"
						onchange={({ currentTarget }) => {
							void take(currentTarget.files);
							currentTarget.value = '';
						}}
					/></label
				>
			</div>
			{#if said}<p role="status" class="said">{said}</p>{/if}
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
			{#each GROUPS as group, i (group.name)}
				<details name="notation" open={i === 0}>
					<summary>{group.name}</summary>
					{#each group.choices as choice (choice)}
						<label
							>{WORDS[choice]}
							<select
								class="field"
								value={notation[choice]}
								onchange={({ currentTarget }) => set(choice, currentTarget.value)}
							>
								{#each CHOICES[choice] as variant (variant)}<option value={variant}
										>{VARIANTS[variant]}</option
									>{/each}
							</select></label
						>
					{/each}
					{#if group.name === 'Names'}
						<div class="letters">
							{#each LETTERS as [family, words] (family)}
								<label
									>{words}
									<input
										class="field"
										value={notation[family]}
										aria-invalid={wrong === family}
										oninput={({ currentTarget }) => letter(family, currentTarget.value.trim())}
									/></label
								>
							{/each}
						</div>
						{#if wrong}<p class="wrong" role="alert">Write one to three letters.</p>{/if}
					{/if}
				</details>
			{/each}
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
	.keep {
		display: flex;
		gap: var(--gap-2);
		align-items: center;
	}
	.keep .field {
		flex: 1;
		min-width: 0;
	}
	.open {
		display: inline-flex;
		width: auto;
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
	.said {
		margin: 0;
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
