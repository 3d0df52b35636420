<script lang="ts">
	import type { Problem } from '$lib/core/problem';
	import Axis from '../picture/Axis.svelte';
	import { MARGIN, type Frame } from './frame';

	/** Grid, numbers and names of the two axes. */
	let { problem, frame }: { problem: Problem; frame: Frame } = $props();
	const { x, y, size } = $derived(frame);
	const bottom = $derived(size.height - MARGIN.bottom);
	const [across, up] = $derived(problem.variables);
</script>

<Axis
	scale={x}
	side="below"
	at={bottom}
	count={Math.max(3, Math.floor(size.width / 80))}
	lines={[MARGIN.top, bottom]}
	title={across.name}
	unit={across.unit}
/>
<Axis
	scale={y}
	side="left"
	at={MARGIN.left}
	count={Math.max(3, Math.floor(size.height / 60))}
	lines={[MARGIN.left, size.width - MARGIN.right]}
	title={up.name}
	unit={up.unit}
/>
