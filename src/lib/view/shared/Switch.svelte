<script lang="ts" generics="T extends string">
	interface Props {
		label: string;
		options: readonly { value: T; text: string; says?: string }[];
		value: T;
		onchange: (value: T) => void;
	}
	/** One of a few, side by side: the browser's own radio buttons, which listen to nothing but themselves. */
	let { label, options, value, onchange }: Props = $props();
	const name = $props.id();
</script>

<fieldset class="switch">
	<legend class="only-heard">{label}</legend>
	{#each options as option (option.value)}
		<label class="switch-item" class:checked={option.value === value} title={option.says}>
			<input
				type="radio"
				{name}
				value={option.value}
				checked={option.value === value}
				aria-label={option.says}
				onchange={() => onchange(option.value)}
			/>
			{option.text}
		</label>
	{/each}
</fieldset>

<style>
	.switch {
		display: inline-flex;
		gap: 0.7rem;
		font-size: var(--size-note);
	}
	.switch-item {
		cursor: pointer;
		white-space: nowrap;
		color: var(--ink-soft);
		padding: 0.15rem 0.1rem;
		border-bottom: 2px solid transparent;
		position: relative;
	}
	.checked {
		color: var(--ink);
		border-bottom-color: var(--ink);
	}
	.switch-item:has(input:focus-visible) {
		outline: 2px solid var(--focus);
		outline-offset: 1px;
	}
	input {
		position: absolute;
		inset: 0;
		margin: 0;
		opacity: 0;
		cursor: pointer;
		appearance: none;
	}
</style>
