import { untrack } from 'svelte';

/**
 * A list that grows part by part: what is there stays and follows at once, but of many new parts only the first are drawn with it, and the
 * others in tasks of their own, so that no task is long.
 * @param source the whole list; asked again whenever it changes
 * @param atOnce parts that are added in one task
 */
export function gradual<T>(source: () => readonly T[], atOnce = 4): { readonly shown: readonly T[] } {
	let count = $state(0);
	const list = $derived(source());
	const wanted = $derived(list.length);
	$effect.pre(() => {
		const there = untrack(() => count);
		if (wanted <= there + atOnce) {
			count = wanted;
			return;
		}
		count = there + atOnce;
		let timer = setTimeout(function more() {
			count = Math.min(wanted, count + atOnce);
			if (count < wanted) timer = setTimeout(more);
		});
		return () => clearTimeout(timer);
	});
	return {
		get shown() {
			return count >= wanted ? list : list.slice(0, count);
		}
	};
}
