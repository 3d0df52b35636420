<script lang="ts">
	import { decimalBeside, type NumberStyle, type Rational, showNumber, takeApart } from '$lib/core/number';

	interface Props {
		value: Rational;
		style?: NumberStyle;
		/** whether a long fraction has its decimal beside it */
		decimal?: boolean;
	}
	/** A number set as in a book: a true minus, and numerator over denominator. */
	let { value, style = 'fraction', decimal = false }: Props = $props();
	const shown = $derived(takeApart(value, style));
	const beside = $derived(decimal ? decimalBeside(value, style) : null);
</script>

{#if shown.over}
	<span class="number" role="img" aria-label={showNumber(value, style)}
		>{#if shown.negative}<span class="minus">−</span>{/if}{#if shown.whole}{shown.whole}&nbsp;{/if}<span
			class="fraction"><span class="top">{shown.digits}</span><span class="bottom">{shown.over}</span></span
		></span
	>
{:else}
	{(shown.negative ? '−' : '') + shown.digits}
{/if}{#if beside}&nbsp;<span class="beside">{beside}</span>{/if}

<style>
	.number {
		white-space: nowrap;
	}
	.fraction {
		display: inline-flex;
		flex-direction: column;
		vertical-align: middle;
		text-align: center;
		font-size: 0.78em;
		line-height: 1.08;
		margin-inline: 0.1em;
	}
	.top {
		border-bottom: 1px solid currentColor;
		padding-inline: 0.15em;
	}
	.bottom {
		padding-inline: 0.15em;
	}
	.beside {
		color: var(--ink-soft);
	}
	.minus {
		margin-right: 0.05em;
	}
</style>
