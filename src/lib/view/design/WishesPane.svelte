<script lang="ts">
	import { around, en } from '$lib/core/language';
	import { onMount } from 'svelte';
	import {
		FORM_PARTS,
		FORM_WORDS,
		kindOfWish,
		NAMED_EXERCISES,
		saysOf,
		type Wish,
		GROUP_LABELS,
		WISH_GROUPS,
		WISH_NAMES
	} from '$lib/core/design';
	import type { Relation } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { NAMING_WORDS, useDesigner } from '$lib/desk/designer.svelte';
	import { NAMINGS } from '$lib/core/design';
	import { readRecipe } from '$lib/desk/recipe';
	import Around from '../shared/Around.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import WishPart from './WishPart.svelte';
	import WishRow from './WishRow.svelte';

	/** What the exercise shall be like: a sentence whose parts are pressed to change them. */
	const designer = useDesigner();
	const { document: lesson } = useDesk();
	const recipe = $derived(lesson.recipe ? readRecipe(lesson.recipe) : null);
	const groups = WISH_GROUPS.map((group) => ({
		group,
		items: WISH_NAMES.map(kindOfWish)
			.filter((own) => own.group === group)
			.map(({ kind, first }) => ({ key: kind, value: first as Wish }))
	}));
	const RELATIONS: readonly { value: Relation | ''; text: string }[] = [
		{ value: '', text: en`any` },
		{ value: '<=', text: '≤' },
		{ value: '>=', text: '≥' },
		{ value: '=', text: '=' }
	];
	/** a space that stays at the end of a block */
	const BETWEEN = ' ';
	const SIGNS = { '<=': '≤', '>=': '≥', '=': '=' } as const;
	const whole = (text: string, low: number, high: number) =>
		Math.min(high, Math.max(low, Math.trunc(Number(text)) || 0));

	/** the part of the sentence that is being changed: a wish by its place, or another part by its name */
	let changed = $state<number | 'relations' | 'form' | 'plan' | 'numbers' | null>(null);
	const turn = (part: Exclude<typeof changed, null>) => (changed = changed === part ? null : part);

	const relations = $derived(
		Array.from({ length: designer.constraints }, (_, i) => designer.relations[i] ?? null)
	);
	const isGiven = $derived(relations.every((own) => own !== null));
	const isMixed = $derived(!isGiven && relations.some((own) => own !== null));
	const relationWords = $derived(
		isGiven ? en`relations ${relations.map((own) => SIGNS[own!]).join(' ')}` : en`any relations`
	);
	function setRelation(i: number, value: string) {
		designer.relations = relations.map((own, k) => (k === i ? ((value || null) as Relation | null) : own));
	}
	const formWords = $derived(
		designer.form.length === FORM_PARTS.length
			? en`in good form`
			: designer.form.length === 0
				? en`tidy or not`
				: en`in good form but for ${FORM_PARTS.length - designer.form.length}`
	);
	const planWords = $derived(
		designer.plan.trim()
			? en`(${designer.plan
					.trim()
					.split(/[\s,;]+/)
					.join(', ')}) is ${designer.shall === 'best' ? en`a best plan` : en`feasible`}`
			: null
	);
	const against = $derived(designer.against);
	function add(wish: Wish) {
		designer.wish(wish);
		changed = designer.wishes.length - 1;
	}
	const clauses = $derived([
		...(planWords ? [{ part: 'plan' as const, text: planWords }] : []),
		...designer.wishes.map((wish, part) => ({ part, text: saysOf(wish) }))
	]);

	// a page that waits is never blank
	onMount(() => {
		if (designer.tried === 0 && designer.running.what === null && !designer.against) void designer.search();
	});
</script>

{#snippet size(of: 'variables' | 'constraints')}<input
		class="sentence-part"
		type="number"
		min="2"
		max="8"
		aria-label={of === 'variables' ? en`How many variables` : en`How many constraints`}
		value={designer[of]}
		onchange={(e) => (designer[of] = whole(e.currentTarget.value, 2, 8))}
	/>{/snippet}
{#snippet sense()}<select class="sentence-part" aria-label={en`Sense`} bind:value={designer.sense}
		><option value="max">{en`maximum`}</option><option value="min">{en`minimum`}</option></select
	>{/snippet}
{#snippet variables()}{@render size('variables')}{/snippet}
{#snippet constraints()}{@render size('constraints')}{/snippet}
{#snippet kindLine(wish: Wish)}{kindOfWish(wish.kind).says(wish as never)}{/snippet}

<Pane pane="wishes" name={en`Wishes`}>
	<Scroll label={en`What the exercise should be like`}>
		{#if recipe}
			<p class="note">
				{#if 'fault' in recipe}
					{en`This lesson has a recipe that cannot be used: ${recipe.fault}.`}
				{:else}
					{en`This lesson was designed here${
						recipe.isOther ? en`, with another version of the search: its seed may find other problems` : ''
					}.`}
					<button class="btn tool" onclick={() => designer.takeUp(recipe.request)}
						>{en`Go on with its recipe`}</button
					>
				{/if}
			</p>
		{/if}
		<div class="named" role="group" aria-label={en`Named exercises`}>
			{#each NAMED_EXERCISES as exercise (exercise.code)}
				<button
					class="btn tool"
					onclick={() => {
						changed = null;
						void designer.begin(exercise);
					}}>{exercise.name}</button
				>
			{/each}
		</div>
		<p class="sentence">
			<Around pieces={around`A ${sense} in ${variables} variables with ${constraints} constraints,`} />
			<WishPart
				text={relationWords}
				after=","
				isOpen={changed === 'relations'}
				onpress={() => turn('relations')}
			/>
			<WishPart
				text={en`coefficients ${designer.from === 0 ? en`up` : en`from ${designer.from}`} to ${designer.to}`}
				after=","
				isOpen={changed === 'numbers'}
				onpress={() => turn('numbers')}
			/>
			<WishPart
				text={en`right-hand sides up to ${designer.rhs}`}
				after=","
				isOpen={changed === 'numbers'}
				onpress={() => turn('numbers')}
			/>
			<WishPart
				text={formWords}
				after={clauses.length ? en`, such that` : '.'}
				isOpen={changed === 'form'}
				onpress={() => turn('form')}
			/>
			{#each clauses as { part, text }, i (part)}
				{@const left = clauses.length - 1 - i}
				<WishPart
					{text}
					after={left === 0 ? '.' : left === 1 ? en` and` : ','}
					isOpen={changed === part}
					onpress={() => turn(part)}
				/>{BETWEEN}
			{/each}
		</p>
		{#if changed !== null}
			<div class="change">
				{#if changed === 'relations'}
					{#each relations as own, i (i)}
						<label
							>r{i + 1}
							<select
								class="field"
								aria-label={en`Relation of r${i + 1}`}
								value={own ?? ''}
								onchange={(e) => setRelation(i, e.currentTarget.value)}
							>
								{#each RELATIONS as { value, text } (value)}<option {value}>{text}</option>{/each}
							</select></label
						>
					{/each}
					{#if isMixed}<p class="note">{en`If one relation is left at “any”, all of them are.`}</p>{/if}
				{:else if changed === 'numbers'}
					<label
						>{en`coefficients from`} <input class="field" type="number" bind:value={designer.from} /></label
					>
					<label>{en`to`} <input class="field" type="number" bind:value={designer.to} /></label>
					<label
						>{en`right-hand sides up to`}
						<input class="field" type="number" min="0" bind:value={designer.rhs} /></label
					>
				{:else if changed === 'form'}
					<ul class="parts" aria-label={en`Good form`}>
						{#each FORM_PARTS as part (part)}
							<li>
								<label
									><input
										type="checkbox"
										checked={designer.form.includes(part)}
										onchange={(e) =>
											(designer.form = FORM_PARTS.filter((own) =>
												own === part ? e.currentTarget.checked : designer.form.includes(own)
											))}
									/>
									{FORM_WORDS[part]}</label
								>
							</li>
						{/each}
					</ul>
					<button class="btn tool" onclick={() => (designer.form = FORM_PARTS)}>{en`All`}</button>
					<button class="btn tool" onclick={() => (designer.form = [])}>{en`Allow untidy ones`}</button>
				{:else if changed === 'plan'}
					<label
						>{en`the plan`}
						<input
							class="field wide"
							placeholder="3 4"
							aria-label={en`Amounts of a plan, one for each variable`}
							bind:value={designer.plan}
						/></label
					>
					<label
						>{en`is`}
						<select class="field" aria-label={en`What the plan should be`} bind:value={designer.shall}
							><option value="best">{en`a best plan`}</option><option value="feasible">{en`feasible`}</option
							></select
						></label
					>
				{:else if designer.wishes[changed]}
					{@const at = changed}
					<WishRow
						wish={designer.wishes[at]}
						number={at + 1}
						onchange={(own) => designer.changeWish(at, own)}
						onremove={() => {
							designer.removeWish(at);
							changed = null;
						}}
					/>
				{/if}
			</div>
		{/if}
		{#if against}<p class="wrong" role="alert">{against}.</p>{/if}
		<div class="line">
			<span>{en`Add`}</span>
			{#if !planWords}<button class="btn tool" onclick={() => turn('plan')}>{en`a plan`}</button>{/if}
			{#each groups as { group, items } (group)}
				<ToolMenu
					text={GROUP_LABELS[group]}
					label={en`Add a wish about ${GROUP_LABELS[group]}`}
					{items}
					item={kindLine}
					onchoose={(wish) => add(wish)}
				/>
			{/each}
		</div>
		<div class="line go">
			<label
				>{en`how many`}
				<input
					class="field"
					type="number"
					min="1"
					max="12"
					value={designer.count}
					onchange={(e) => (designer.count = whole(e.currentTarget.value, 1, 12))}
				/></label
			>
			<label>{en`seed`} <input class="field" type="number" bind:value={designer.seed} /></label>
			{#if designer.running.what === 'search'}
				<button class="btn tool" onclick={() => designer.running.cancel()}>{en`Stop`}</button>
			{:else}
				<button class="btn tool now" disabled={against !== null} onclick={() => void designer.search()}
					>{en`Search`}</button
				>
				{#if designer.tried > 0 && designer.finds.length < designer.count}
					<button
						class="btn tool"
						disabled={against !== null}
						title={en`With what was found so far`}
						onclick={() => void designer.goOn()}>{en`Go on`}</button
					>
				{/if}
				<button
					class="btn tool"
					disabled={against !== null}
					title={en`Other finds for the same wishes`}
					onclick={() => {
						designer.seed += 1;
						void designer.search();
					}}>{en`More like these`}</button
				>
			{/if}
		</div>
		<div class="line">
			<label
				>{en`names`}
				<select class="field" bind:value={designer.naming}
					>{#each NAMINGS as naming (naming)}<option value={naming}>{NAMING_WORDS[naming]}</option
						>{/each}</select
				></label
			>
			<label
				><input type="checkbox" bind:checked={designer.onServer} />
				{en`search on the server (if this device is slow)`}</label
			>
		</div>
	</Scroll>
</Pane>

<style>
	.named,
	.line,
	.change {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: var(--gap-1) var(--gap-2);
		margin-bottom: var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.named {
		gap: var(--gap-1);
	}
	.sentence {
		margin: 0 0 var(--gap-2);
		line-height: 1.9;
	}
	.sentence .sentence-part {
		field-sizing: content;
		min-width: 0;
		padding: 0 0.15rem;
	}
	.sentence input.sentence-part {
		width: 2.4rem;
	}
	.change {
		padding: var(--gap-1) var(--gap-2);
		border-left: 3px solid var(--now);
		background: var(--sheet-raised);
	}
	.parts {
		flex-basis: 100%;
		margin: 0;
		padding: 0;
	}
	.field {
		padding: 0.1rem 0.3rem;
	}
	.field[type='number'] {
		width: 4.2rem;
	}
	.wide {
		width: 8rem;
	}
	.note,
	.wrong {
		margin: 0 0 var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.wrong {
		color: var(--error);
	}
</style>
