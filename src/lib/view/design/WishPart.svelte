<script lang="ts">
	/** A part of the sentence that says what is wished: pressed, it is changed below. */
	interface Props {
		text: string;
		isOpen: boolean;
		onpress: () => void;
	}
	let { text, isOpen, onpress }: Props = $props();
</script>

<button class="part" aria-expanded={isOpen} onclick={onpress}>{text}</button>

<style>
	.part {
		display: inline;
		padding: 0;
		border: 0;
		border-bottom: 1.5px dotted var(--now);
		background: transparent;
		color: var(--ink);
		font: inherit;
		font-weight: 600;
		text-align: left;
		cursor: pointer;
	}
	.part[aria-expanded='true'] {
		background: var(--now-wash);
		border-bottom-style: solid;
	}
</style>
