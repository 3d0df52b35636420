<script lang="ts" generics="T extends string">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		options: readonly { value: T; text: string; says?: string }[];
		value: T;
		onchange: (value: T) => void;
	}
	let { label, options, value, onchange }: Props = $props();
</script>

<SegmentedControl {value} onValueChange={(details) => details.value && onchange(details.value as T)}>
	<SegmentedControl.Label class="only-heard">{label}</SegmentedControl.Label>
	<SegmentedControl.Control class="switch">
		{#each options as option (option.value)}
			<SegmentedControl.Item value={option.value} class="switch-item" title={option.says}>
				<SegmentedControl.ItemText>{option.text}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput aria-label={option.says ?? option.text} />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>

<style>
	:global(.switch) {
		display: inline-flex;
		gap: 0.7rem;
		font-size: var(--size-note);
	}
	:global(.switch-item) {
		cursor: pointer;
		white-space: nowrap;
		color: var(--ink-soft);
		padding: 0.15rem 0.1rem;
		border-bottom: 2px solid transparent;
		position: relative;
	}
	:global(.switch-item[data-state='checked']) {
		color: var(--ink);
		border-bottom-color: var(--ink);
	}
	:global(.switch-item:has(input:focus-visible)) {
		outline: 2px solid var(--focus);
		outline-offset: 1px;
	}
</style>
