<script lang="ts">
	import { METHODS } from '$lib/core/method/solve';
	import { RULE_NAMES } from '$lib/core/method/types';
	import type { Wish } from '$lib/core/design/types';
	import { saysOf } from '$lib/core/design/wishes/kinds';

	/** A wish with its small control. */
	interface Props {
		wish: Wish;
		number: number;
		onchange: (wish: Wish) => void;
		onremove: () => void;
	}
	let { wish, number, onchange, onremove }: Props = $props();
	const says = $derived(saysOf(wish));
	const ANSWERS = ['unique', 'several', 'infeasible', 'unbounded'] as const;
	const label = (what: string) => `Wish ${number}, ${what}`;
	const whole = (text: string) => Math.max(0, Math.trunc(Number(text)) || 0);
</script>

<li>
	<span class="says">{says}</span>
	<span class="controls">
		<label class="not"
			><input
				type="checkbox"
				checked={wish.not ?? false}
				onchange={(e) => onchange({ ...wish, not: e.currentTarget.checked || undefined })}
			/> not</label
		>
		{#if wish.kind === 'answer'}
			<select
				class="field"
				aria-label={label('answer')}
				value={wish.is}
				onchange={(e) => onchange({ ...wish, is: e.currentTarget.value as (typeof ANSWERS)[number] })}
			>
				{#each ANSWERS as is (is)}<option value={is}>{is}</option>{/each}
			</select>
		{:else if wish.kind === 'bounded' || wish.kind === 'redundant' || wish.kind === 'degenerate' || wish.kind === 'tie'}
			<select
				class="field"
				aria-label={label('yes or no')}
				value={String(wish.is)}
				onchange={(e) => onchange({ ...wish, is: e.currentTarget.value === 'true' })}
			>
				<option value="true">yes</option><option value="false">no</option>
			</select>
		{:else if wish.kind === 'corners' || wish.kind === 'artificial'}
			<input
				class="field"
				type="number"
				min="0"
				aria-label={label('how many')}
				value={wish.exactly}
				onchange={(e) => onchange({ ...wish, exactly: whole(e.currentTarget.value) })}
			/>
		{:else if wish.kind === 'denominator'}
			<input
				class="field"
				type="number"
				min="1"
				aria-label={label('largest denominator')}
				value={wish.atMost}
				onchange={(e) => onchange({ ...wish, atMost: Math.max(1, whole(e.currentTarget.value)) })}
			/>
		{:else if wish.kind === 'binding'}
			<input
				class="field"
				aria-label={label('constraints that bind')}
				value={wish.rows.join(' ')}
				onchange={(e) => onchange({ ...wish, rows: e.currentTarget.value.split(/[\s,]+/).filter(Boolean) })}
			/>
		{:else if wish.kind === 'pivots'}
			{@const isMost = wish.exactly === undefined}
			{@const count = wish.exactly ?? wish.atMost ?? 2}
			<select
				class="field"
				aria-label={label('exactly or at most')}
				value={isMost ? 'atMost' : 'exactly'}
				onchange={(e) => {
					const { exactly: _, atMost: _2, ...rest } = wish;
					onchange({ ...rest, [e.currentTarget.value]: count });
				}}
			>
				<option value="exactly">exactly</option><option value="atMost">at most</option>
			</select>
			<input
				class="field"
				type="number"
				min="0"
				aria-label={label('how many')}
				value={count}
				onchange={(e) => onchange({ ...wish, [isMost ? 'atMost' : 'exactly']: whole(e.currentTarget.value) })}
			/>
			<select
				class="field"
				aria-label={label('method')}
				value={wish.method ?? 'auto'}
				onchange={(e) => onchange({ ...wish, method: e.currentTarget.value as (typeof METHODS)[number] })}
			>
				{#each METHODS as method (method)}<option value={method}>{method}</option>{/each}
			</select>
			<select
				class="field"
				aria-label={label('rule')}
				value={wish.rule ?? 'dantzig'}
				onchange={(e) => onchange({ ...wish, rule: e.currentTarget.value as (typeof RULE_NAMES)[number] })}
			>
				{#each RULE_NAMES as rule (rule)}<option value={rule}>{rule}</option>{/each}
			</select>
		{/if}
		<button
			class="btn-icon remove"
			aria-label={`Leave wish ${number} out`}
			title="Leave it out"
			onclick={onremove}>×</button
		>
	</span>
</li>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: var(--gap-1) var(--gap-2);
		padding: 0.2rem 0;
		border-bottom: 1px solid var(--rule);
	}
	.controls {
		display: flex;
		align-items: center;
		gap: var(--gap-1);
	}
	input,
	select {
		padding: 0.1rem 0.3rem;
		font-size: var(--size-note);
		max-width: 8rem;
	}
	input[type='number'] {
		width: 3.6rem;
	}
	.not {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.remove {
		width: 1.6rem;
		height: 1.6rem;
	}
</style>
