<script lang="ts">
	/** A part of the sentence that says what is wished: pressed, it is changed below. */
	interface Props {
		text: string;
		isOpen: boolean;
		onpress: () => void;
		/** what follows it in the sentence and does not begin a line */
		after?: string;
	}
	let { text, isOpen, onpress, after = '' }: Props = $props();
</script>

<span><button class="sentence-part" aria-expanded={isOpen} onclick={onpress}>{text}</button>{after}</span>

<style>
	span {
		white-space: nowrap;
	}
	.sentence-part {
		display: inline;
		text-align: left;
		white-space: normal;
		cursor: pointer;
	}
	.sentence-part[aria-expanded='true'] {
		background: var(--now-wash);
		border-bottom-style: solid;
	}
</style>
