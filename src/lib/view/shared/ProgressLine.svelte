<script lang="ts">
	import { Progress } from '@skeletonlabs/skeleton-svelte';

	/** How far something is. */
	interface Props {
		label: string;
		/** null where nobody knows */
		value: number | null;
		max?: number;
	}
	let { label, value, max = 100 }: Props = $props();
</script>

<Progress {value} {max} class="progress" aria-label={label}>
	<Progress.Track class="progress-track"><Progress.Range class="progress-range" /></Progress.Track>
</Progress>
