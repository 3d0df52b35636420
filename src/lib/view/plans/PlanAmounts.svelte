<script lang="ts">
	import { en } from '$lib/core/language';
	import { Slider } from '@skeletonlabs/skeleton-svelte';
	import { approximate, isZero, rational, toText, ZERO } from '$lib/core/number';
	import { effectiveBounds, notAllowed, type Problem, readCell, type Variable } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { gradual } from '../shared/gradual.svelte';

	/** The amounts of the plan being tried: typed exactly, or pushed along in whole steps. */
	let { problem }: { problem: Problem } = $props();
	const { plans } = useDesk();
	const outside = $derived(notAllowed(problem, plans.plan));
	const MOST_SLIDERS = 8;
	const lines = gradual(() => problem.variables);

	/** How far a slider goes: as far as some row lets this variable go alone, or its bound. */
	function reach(variable: Variable): number {
		const { upper } = effectiveBounds(variable);
		if (upper) return Math.max(1, Math.ceil(approximate(upper)));
		const alone = problem.constraints.flatMap(({ terms, rhs }) => {
			const perUnit = terms.get(variable.name);
			const limit = perUnit && !isZero(perUnit) ? approximate(rhs.div(perUnit)) : NaN;
			return limit > 0 && Number.isFinite(limit) ? [limit] : [];
		});
		return Math.max(1, Math.ceil(Math.max(...alone, 10)));
	}

	function type(name: string, input: HTMLInputElement) {
		const value = input.value.trim() === '' ? ZERO : readCell(input.value);
		if (value) plans.set(name, value);
		else input.value = toText(plans.plan.get(name) ?? ZERO);
	}

	/** A press takes the whole amount until something is typed, at once: what was typed before may move the field before the press ends. */
	function take(event: MouseEvent & { currentTarget: HTMLInputElement }) {
		const field = event.currentTarget;
		const isWhole = field.selectionStart === 0 && field.selectionEnd === field.value.length;
		if (document.activeElement === field && !isWhole) return;
		event.preventDefault();
		field.focus();
		field.select();
	}

	let list = $state<HTMLElement>();
	/** Tab goes from amount to amount; a slider is for the pointer, and behind the last. */
	function along(event: KeyboardEvent) {
		if (event.key !== 'Tab' || event.ctrlKey || event.altKey || !(event.target instanceof HTMLInputElement))
			return;
		const fields = [...(list?.querySelectorAll<HTMLInputElement>('label input') ?? [])];
		const at = fields.indexOf(event.target);
		const next = at < 0 ? undefined : fields[at + (event.shiftKey ? -1 : 1)];
		if (!next) return;
		event.preventDefault();
		next.focus();
		next.select();
	}
</script>

<!-- the fields are what one acts on; the list hears it for all of them -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="amounts" bind:this={list} onkeydown={along}>
	{#each lines.shown as variable (variable.name)}
		{@const { name, unit } = variable}
		{@const value = plans.plan.get(name) ?? ZERO}
		<label class:out={outside.includes(name)}>
			<span class="name">{name}</span>
			<input
				value={toText(value)}
				aria-label={en`Amount of ${name}`}
				onmousedown={take}
				onchange={(event) => type(name, event.currentTarget)}
			/>
			<span class="unit">{unit ?? ''}</span>
		</label>
		{#if problem.variables.length <= MOST_SLIDERS}
			<Slider
				value={[Math.max(0, Math.min(reach(variable), Math.round(approximate(value))))]}
				min={0}
				max={reach(variable)}
				onValueChange={({ value: [chosen] }) => {
					if (chosen !== Math.round(approximate(plans.plan.get(name) ?? ZERO)))
						plans.set(name, rational(chosen));
				}}
				class="slider"
			>
				<Slider.Control class="slider-control">
					<Slider.Track class="slider-track"><Slider.Range class="slider-range" /></Slider.Track>
					<Slider.Thumb index={0} class="slider-thumb" aria-label={en`Slider for ${name}`}
						><Slider.HiddenInput /></Slider.Thumb
					>
				</Slider.Control>
			</Slider>
		{:else}<span></span>{/if}
	{/each}
</div>

<style>
	.amounts {
		display: grid;
		grid-template-columns: max-content 5rem max-content minmax(6rem, 18rem);
		gap: 0.15rem 0.6rem;
		align-items: center;
	}
	label {
		display: grid;
		grid-template-columns: subgrid;
		grid-column: span 3;
		align-items: baseline;
	}
	.name {
		font-weight: 600;
	}
	input {
		width: 5rem;
		padding: 0.1rem 0.3rem;
		border: 0;
		border-bottom: 1px solid var(--rule-strong);
		background: transparent;
		color: var(--ink);
		font-size: var(--size-figure);
		text-align: right;
	}
	.out input {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	.unit {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
</style>
