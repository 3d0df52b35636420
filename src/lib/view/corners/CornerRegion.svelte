<script lang="ts">
	import { cornerKey } from '$lib/core/geometry/corner-key';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionPane from '../region/RegionPane.svelte';

	/** The region beside its corner table: the best corner is marked when the values of all corners are shown. */
	const { document: lesson, reveal, session } = useDesk();
	const shown = $derived(reveal.cornersOf(lesson.text));
	const all = $derived(!!session.region?.corners.every(({ point }) => shown.includes(cornerKey(point))));
</script>

<RegionPane showsBest={all} />
