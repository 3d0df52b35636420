<script lang="ts">
	/** One cell of the technology table, as a field to type in. */
	interface Props {
		/** what it holds, see cells.ts */
		key: string;
		/** row and column on the screen */
		at: string;
		value: string;
		label: string;
		wrong: boolean;
		/** whether the number is pointed at elsewhere */
		lit?: boolean;
	}
	let { key, at, value, label, wrong, lit = false }: Props = $props();
</script>

<input
	data-cell={key}
	data-at={at}
	data-shown={value}
	{value}
	aria-label={label}
	aria-invalid={wrong}
	class:lit
	style:--width={`${Math.max(2, value.length)}ch`}
	onfocus={(event) => event.currentTarget.select()}
/>

<style>
	input {
		width: calc(var(--width) + 1.2rem);
		min-width: 3.2rem;
		padding: 0.15rem 0.3rem;
		text-align: center;
		font: inherit;
		font-size: var(--size-figure);
		color: var(--ink);
		background: transparent;
		border: 0;
		border-bottom: 1px dotted transparent;
		border-radius: 0;
	}
	.lit {
		background: var(--now-wash);
		border-bottom-color: var(--now);
	}
	input:hover {
		border-bottom-color: var(--rule-strong);
	}
	input[aria-invalid='true'] {
		text-decoration: underline wavy var(--error);
	}
</style>
