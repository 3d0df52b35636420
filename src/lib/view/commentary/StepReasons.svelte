<script lang="ts">
	import { en } from '$lib/core/language';
	import { reasonsAt } from '$lib/core/commentary';
	import type { Decision } from '$lib/core/method';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Reasons from './Reasons.svelte';

	/**
	 * Why the method does here what it does.
	 * @property decision what it would do; null where that is not to be told
	 */
	let { decision }: { decision: Decision | null } = $props();
	const { session } = useDesk();
	const reasons = $derived(session.position ? reasonsAt(session.position, decision) : []);
</script>

<Reasons {reasons} none={en`No rule applies here.`} />
