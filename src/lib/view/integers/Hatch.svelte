<script lang="ts">
	/** The pattern of what branches removed: `fill="url(#id)"`. */
	let { id }: { id: string } = $props();
</script>

<defs>
	<pattern {id} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
		<line y2="6" />
	</pattern>
</defs>

<style>
	line {
		stroke: var(--ink-soft);
		stroke-width: 1.6;
	}
</style>
