<script lang="ts">
	import { kindOfWish, type Wish, WISH_GROUPS, WISH_NAMES } from '$lib/core/design';
	import type { Relation } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useDesigner } from '$lib/desk/designer.svelte';
	import { readRecipe } from '$lib/desk/recipe';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import SizeFields from './SizeFields.svelte';
	import WishRow from './WishRow.svelte';

	/** What the exercise shall be like: its size and numbers, a plan, and wishes. */
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
		{ value: '', text: 'any' },
		{ value: '<=', text: '≤' },
		{ value: '>=', text: '≥' },
		{ value: '=', text: '=' }
	];
	const within = (text: string, low: number, high: number) =>
		Math.min(high, Math.max(low, Math.trunc(Number(text)) || low));

	function setRelation(i: number, value: string) {
		const all = Array.from({ length: designer.constraints }, (_, k) => designer.relations[k] ?? null);
		all[i] = value === '' ? null : (value as Relation);
		designer.relations = all;
	}
	const against = $derived(designer.against);
	const mixed = $derived(
		designer.relations.slice(0, designer.constraints).some((own) => own !== null) &&
			Array.from({ length: designer.constraints }, (_, i) => designer.relations[i] ?? null).some(
				(own) => own === null
			)
	);
</script>

{#snippet kindLine(wish: Wish)}{kindOfWish(wish.kind).says(wish as never)}{/snippet}

<Pane pane="wishes" name="Wishes">
	<Scroll label="What the exercise shall be like">
		{#if recipe}
			<p class="note">
				{#if 'fault' in recipe}
					This lesson has a recipe that cannot be followed: {recipe.fault}.
				{:else}
					This lesson was designed by wishes{recipe.isOther
						? ', with another version of the search: its seed may find other problems'
						: ''}.
					<button class="btn tool" onclick={() => designer.takeUp(recipe.request)}
						>Go on with its recipe</button
					>
				{/if}
			</p>
		{/if}
		<div class="sizes">
			<SizeFields />
			<label>coefficients from <input class="field" type="number" bind:value={designer.from} /></label>
			<label>to <input class="field" type="number" bind:value={designer.to} /></label>
			<label
				>right-hand sides to <input class="field" type="number" min="0" bind:value={designer.rhs} /></label
			>
		</div>
		<div class="sizes">
			<span>relations</span>
			{#each { length: designer.constraints } as _, i (i)}
				<label
					>r{i + 1}
					<select
						class="field"
						aria-label={`Relation of r${i + 1}`}
						value={designer.relations[i] ?? ''}
						onchange={(e) => setRelation(i, e.currentTarget.value)}
					>
						{#each RELATIONS as { value, text } (value)}<option {value}>{text}</option>{/each}
					</select></label
				>
			{/each}
		</div>
		{#if mixed}<p class="note">As long as one of them is any, all come as they suit.</p>{/if}
		<div class="sizes">
			<label
				>a plan <input
					class="field wide"
					placeholder="3 4"
					aria-label="Amounts of a plan, one for each variable"
					bind:value={designer.plan}
				/></label
			>
			<label
				>that shall be <select class="field" bind:value={designer.shall}
					><option value="best">best</option><option value="feasible">feasible</option></select
				></label
			>
		</div>
		<div class="sizes adding">
			<span>Add a wish about</span>
			{#each groups as { group, items } (group)}
				<ToolMenu
					text={group}
					label={`Add a wish about ${group}`}
					{items}
					item={kindLine}
					onchoose={(wish) => designer.wish(wish)}
				/>
			{/each}
		</div>
		<ul>
			{#each designer.wishes as wish, i (`${i} ${wish.kind}`)}
				<WishRow
					{wish}
					number={i + 1}
					onchange={(own) => designer.changeWish(i, own)}
					onremove={() => designer.removeWish(i)}
				/>
			{/each}
		</ul>
		{#if designer.wishes.length === 0}<p class="note">
				No wishes yet: any problem of this size would do.
			</p>{/if}
		<div class="sizes">
			<label
				><input type="checkbox" bind:checked={designer.onServer} /> search on the server (where this device is slow)</label
			>
		</div>
		<div class="sizes go">
			<label>seed <input class="field" type="number" bind:value={designer.seed} /></label>
			<label
				>how many <input
					class="field"
					type="number"
					min="1"
					max="12"
					value={designer.count}
					onchange={(e) => (designer.count = within(e.currentTarget.value, 1, 12))}
				/></label
			>
			{#if designer.running.what === 'search'}
				<button class="btn tool" onclick={() => designer.running.cancel()}>Stop</button>
			{:else}
				<button class="btn tool now" disabled={against !== null} onclick={() => void designer.search()}
					>Search</button
				>
				{#if designer.tried > 0 && designer.finds.length < designer.count}
					<button
						class="btn tool"
						disabled={against !== null}
						title="With what was found so far"
						onclick={() => void designer.goOn()}>Go on</button
					>
				{/if}
				<button
					class="btn tool"
					disabled={against !== null}
					title="Other finds for the same wishes"
					onclick={() => {
						designer.seed += 1;
						void designer.search();
					}}>More like these</button
				>
			{/if}
		</div>
		{#if against}<p class="wrong" role="alert">{against}.</p>{/if}
	</Scroll>
</Pane>

<style>
	.sizes {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: var(--gap-1) var(--gap-3);
		margin-bottom: var(--gap-2);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.adding {
		gap: 0 var(--gap-1);
	}
	.field {
		padding: 0.1rem 0.3rem;
	}
	input[type='number'] {
		width: 4.2rem;
	}
	.wide {
		width: 8rem;
	}
	ul {
		margin: 0 0 var(--gap-2);
		padding: 0;
		list-style: none;
		border-top: 1px solid var(--rule);
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
