import { useDesk, type Desk } from './desk.svelte';

/**
 * A piece of work that each desk has one of: made when a view first asks for it, and kept when the view goes.
 * @returns a function that gives it, of the desk that the views above provide unless another is named
 */
export function oneForDesk<T extends object>(make: (desk: Desk) => T): (desk?: Desk) => T {
	const made = new WeakMap<Desk, T>();
	return (desk = useDesk()) => {
		const known = made.get(desk);
		if (known) return known;
		let fresh: T;
		// its effects do not end with the view
		$effect.root(() => {
			fresh = make(desk);
		});
		made.set(desk, fresh!);
		return fresh!;
	};
}
