import { untrack } from 'svelte';

/** parts that are added in one task */
const AT_ONCE = 4;

/**
 * A list that grows part by part: what is there stays and follows at once, but of many new parts only the first are drawn with it, and the
 * others in tasks of their own, so that no task is long.
 * @param source the whole list; asked again whenever it changes
 */
export function gradual<T>(source: () => readonly T[]): { readonly shown: readonly T[] } {
	let count = $state(0);
	const list = $derived(source());
	const wanted = $derived(list.length);
	$effect.pre(() => {
		const there = untrack(() => count);
		if (wanted <= there + AT_ONCE) {
			count = wanted;
			return;
		}
		count = there + AT_ONCE;
		let timer = setTimeout(function more() {
			count = Math.min(wanted, count + AT_ONCE);
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
