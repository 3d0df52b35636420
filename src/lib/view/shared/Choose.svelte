<script lang="ts" generics="T extends string">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		options: readonly { value: T; text: string; says?: string }[];
		value: T;
		onchange: (value: T) => void;
	}
	/** One of a few, side by side. */
	let { label, options, value, onchange }: Props = $props();
</script>

<SegmentedControl
	{value}
	onValueChange={({ value: chosen }) => chosen !== null && onchange(chosen as T)}
	class="choose"
>
	<SegmentedControl.Label class="only-heard">{label}</SegmentedControl.Label>
	<SegmentedControl.Control class="choose-control">
		{#each options as option (option.value)}
			<SegmentedControl.Item value={option.value} class="choose-item" title={option.says}>
				<SegmentedControl.ItemText>{option.text}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput aria-label={option.says} />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>
