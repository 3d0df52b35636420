<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		MAX_PROFILE_NAME,
		type Notation,
		type Profile,
		PROFILES,
		readProfiles,
		writeProfiles
	} from '$lib/core/notation';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { OwnProfiles } from '$lib/desk/own-profiles.svelte';
	import { download } from '../shared/download';

	/** The notations under a name: those that come along, and one's own, which are kept, renamed, forgotten, exported and taken in. */
	const { document: lesson } = useDesk();
	const notation = $derived(lesson.chosenNotation);
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
			if (file.size > MAX_FILE) throw new Error(en`it is too large for a file of notations`);
			const found = readProfiles(await file.text());
			own.keep(found);
			said = en`${file.name}: ${found.length} ${found.length === 1 ? en`notation` : en`notations`} imported.`;
		} catch (error) {
			said = en`${file.name} was not imported: ${error instanceof SyntaxError ? en`it is not JSON` : (error as Error).message}.`;
		}
	}
	const MAX_FILE = 200_000;
</script>

<label
	>{en`Profile`}
	<select
		class="field"
		value={chosen?.name ?? ''}
		onchange={({ currentTarget }) => choose(currentTarget.value)}
	>
		{#if !chosen}<option value="">{en`of this lesson’s own`}</option>{/if}
		{#each PROFILES as { name: of } (of)}<option value={of}>{of}</option>{/each}
		{#if own.list.length}
			<optgroup label={en`Your own`}>
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
		placeholder={en`Name for this notation`}
		aria-label={en`Name for this notation`}
		aria-invalid={isTaken}
		maxlength={MAX_PROFILE_NAME}
		bind:value={name}
	/>
	<button class="btn tool" disabled={!name.trim() || isTaken}>{en`Keep`}</button>
	{#if chosen?.isOwn}
		<button type="button" class="btn tool" disabled={!name.trim() || isTaken} onclick={rename}
			>{en`Rename`}</button
		>
		<button type="button" class="btn tool" onclick={forget} onblur={() => (asks = false)}
			>{asks ? en`Forget “${chosen.name}”?` : en`Forget`}</button
		>
	{/if}
</form>
{#if isTaken}<p class="wrong" role="alert">{en`A built-in notation has this name.`}</p>{/if}
{#if forgotten}<p role="status" class="said">
		{en`“${forgotten.name}” is forgotten.`}
		<button class="btn tool" onclick={putBack}>{en`Put it back`}</button>
	</p>{/if}
<div class="keep">
	<button
		class="btn tool"
		disabled={own.list.length === 0}
		onclick={() => download('notations.json', writeProfiles(own.list), 'application/json')}
		>{en`Export yours`}</button
	>
	<label class="btn tool open"
		>{en`Open a file of notations`}
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

<style>
	label {
		display: grid;
		grid-template-columns: 10rem 1fr;
		align-items: center;
		font-size: var(--size-note);
	}
	.keep {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
	}
	.keep .field {
		flex: 1;
		min-width: 8rem;
	}
	.open {
		display: inline-flex;
		width: auto;
	}
	.said,
	.wrong {
		font-size: var(--size-note);
	}
	.wrong {
		color: var(--error);
	}
</style>
