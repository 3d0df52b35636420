<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { Preferences } from '$lib/desk/preferences.svelte';
	import OneSide from './OneSide.svelte';

	/** The open lesson, where another problem is worked on beside it. */
	// a pane that is enlarged here is not enlarged on the other pages
	const own = { ...useDesk(), preferences: new Preferences() };
</script>

<OneSide desk={own} name={en`The primal`} />
