<script lang="ts">
	import { base } from '$app/paths';
	import { liveUnder } from '$lib/desk/address';
	import '../app.css';
	let { children } = $props();
	liveUnder(base);
</script>

{@render children()}
