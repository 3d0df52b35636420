/** parts that are drawn in one task */
const AT_ONCE = 4;

/**
 * A list that is shown part by part: where much of it is new, only the first parts are there at once and the others follow in tasks of
 * their own, so that no task is long.
 * @param source the whole list; asked again whenever it changes
 */
export function gradual<T>(source: () => readonly T[]): { readonly shown: readonly T[] } {
	let count = $state(Infinity);
	let before: readonly T[] = [];
	const list = $derived(source());
	$effect.pre(() => {
		const fresh = list.filter((part) => !before.includes(part)).length;
		before = list;
		if (fresh <= AT_ONCE) {
			count = Infinity;
			return;
		}
		count = AT_ONCE;
		let timer = setTimeout(function more() {
			count += AT_ONCE;
			if (count < list.length) timer = setTimeout(more);
			else count = Infinity;
		});
		return () => clearTimeout(timer);
	});
	return {
		get shown() {
			return count === Infinity ? list : list.slice(0, count);
		}
	};
}
