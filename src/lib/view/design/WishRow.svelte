<script lang="ts">
	import { en } from '$lib/core/language';
	import { choiceWords, type Control, kindOfWish, type Wish } from '$lib/core/design';

	/** A wish with its controls, as its kind describes them. */
	interface Props {
		wish: Wish;
		number: number;
		onchange: (wish: Wish) => void;
		onremove: () => void;
	}
	let { wish, number, onchange, onremove }: Props = $props();
	const controls = $derived(kindOfWish(wish.kind).controls ?? []);
	const values = $derived(wish as unknown as Readonly<Record<string, unknown>>);
	const label = (what: string) => en`Wish ${number}, ${what}`;
	interface Range {
		least: number;
		most: number;
		isOptional?: boolean;
	}
	const whole = (text: string, { least, most, isOptional }: Range) =>
		isOptional && !text ? undefined : Math.min(most, Math.max(least, Math.trunc(Number(text)) || 0));
	const set = (fields: Record<string, unknown>) => onchange({ ...wish, ...fields } as Wish);

	/** The same limit, exactly or at most. */
	function turn(field: string, count: number) {
		const { exactly: _, atMost: _2, ...rest } = values;
		onchange({ ...rest, [field]: count } as unknown as Wish);
	}
	/** a choice of one thing is none */
	const isShown = (own: Control) => own.kind !== 'choice' || own.of.length > 1;
</script>

{#snippet count(field: string, what: string, value: unknown, range: Range)}
	<input
		class="field"
		type="number"
		min={range.least}
		max={range.most}
		aria-label={label(what)}
		title={range.isOptional ? en`${what}; empty: any` : undefined}
		placeholder={range.isOptional ? en`any` : undefined}
		value={value as number | undefined}
		onchange={(e) => set({ [field]: whole(e.currentTarget.value, range) })}
	/>
{/snippet}

<span class="flex flex-wrap items-center gap-1">
	<label class="not"
		><input
			type="checkbox"
			checked={wish.not ?? false}
			onchange={(e) => onchange({ ...wish, not: e.currentTarget.checked || undefined })}
		/>
		{en`not`}</label
	>
	{#each controls.filter(isShown) as own, i (i)}
		{#if own.kind === 'count'}
			{@render count(own.field, own.label, values[own.field], own)}
		{:else if own.kind === 'limit'}
			{@const field = values.exactly === undefined ? 'atMost' : 'exactly'}
			<select
				class="field"
				aria-label={label(en`exactly or at most`)}
				value={field}
				onchange={(e) => turn(e.currentTarget.value, values[field] as number)}
			>
				<option value="exactly">{en`exactly`}</option><option value="atMost">{en`at most`}</option>
			</select>
			{@render count(field, own.label, values[field], own)}
		{:else if own.kind === 'choice'}
			<select
				class="field"
				aria-label={label(own.label)}
				value={values[own.field] ?? own.otherwise}
				onchange={(e) => set({ [own.field]: e.currentTarget.value })}
			>
				{#each own.of as choice (choice)}<option value={choice}>{choiceWords(choice)}</option>{/each}
			</select>
		{:else if own.kind === 'yes'}
			<select
				class="field"
				aria-label={label(en`yes or no`)}
				value={String(values[own.field])}
				onchange={(e) => set({ [own.field]: e.currentTarget.value === 'true' })}
			>
				<option value="true">{en`yes`}</option><option value="false">{en`no`}</option>
			</select>
		{:else}
			<input
				class="field"
				aria-label={label(own.label)}
				value={(values[own.field] as readonly string[]).join(' ')}
				onchange={(e) => set({ [own.field]: e.currentTarget.value.split(/[\s,]+/).filter(Boolean) })}
			/>
		{/if}
	{/each}
	<button
		class="btn-icon remove"
		aria-label={en`Leave wish ${number} out`}
		title={en`Leave it out`}
		onclick={onremove}>×</button
	>
</span>

<style>
	input,
	select {
		padding: 0.1rem 0.3rem;
		font-size: var(--size-note);
		max-width: 13rem;
	}
	input[type='number'] {
		width: 3.6rem;
	}
	.not {
		white-space: nowrap;
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.remove {
		width: 1.6rem;
		height: 1.6rem;
	}
</style>
