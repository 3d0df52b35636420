<script lang="ts">
	import { isZero, type Rational } from '$lib/core/number/rational';
	import type { NumberStyle } from '$lib/core/number/show';
	import NumberView from '../shared/NumberView.svelte';

	interface Props {
		value: Rational;
		style: NumberStyle;
		/** which variables a pivot here exchanges, in words */
		name: string;
		/** row and column, for the arrow keys */
		place: string;
		/** the rule would pivot here: circled, as on a board */
		advised: boolean;
		/** the one entry that the tab key reaches */
		reached: boolean;
		onpivot: () => void;
		onkeydown: (event: KeyboardEvent) => void;
		onnear: (yes: boolean) => void;
		onfocus: () => void;
	}
	let { value, style, name, place, advised, reached, onpivot, onkeydown, onnear, onfocus }: Props = $props();
</script>

<button
	class="entry"
	class:advised
	class:zero={isZero(value)}
	data-entry={place}
	tabindex={reached ? 0 : -1}
	aria-disabled={isZero(value)}
	data-pivot={name}
	onclick={onpivot}
	{onkeydown}
	onpointerenter={() => onnear(true)}
	onpointerleave={() => onnear(false)}
	onfocus={() => {
		onnear(true);
		onfocus();
	}}
	onblur={() => onnear(false)}
>
	<NumberView {value} {style} /><span class="only-heard">: pivot, {name}</span>
</button>

<style>
	.entry {
		min-width: 2.1rem;
		min-height: 1.75rem;
		padding: 0 0.4rem;
		border-radius: 999px;
		border: 2px solid transparent;
		cursor: pointer;
		font-variant-numeric: inherit;
		display: inline-flex;
		align-items: center;
		justify-content: center;
	}
	.entry:hover {
		border-color: var(--rule-strong);
	}
	.entry.zero {
		cursor: not-allowed;
	}
	.entry.advised {
		border-color: var(--now);
	}
</style>
