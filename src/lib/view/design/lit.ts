import { type KeptWish, kindOfWish, type PlanKept } from '$lib/core/design';
import type { Problem } from '$lib/core/problem';

/** Where a promise of a find comes true: rows, and the best plan, the corners or the run. */
export interface Lit {
	readonly rows: readonly string[];
	readonly part: 'best' | 'corners' | 'run' | null;
}

export const NOWHERE: Lit = { rows: [], part: null };

/** Where to look for a promise. */
export function litBy(promise: KeptWish | PlanKept, { constraints }: Problem): Lit {
	if (promise.kind === 'plan') return { rows: [], part: 'best' };
	const words = String(promise.value).split(' ');
	const rows = constraints.map(({ name }) => name).filter((name) => words.includes(name));
	const { group } = kindOfWish(promise.kind);
	const part =
		group === 'region'
			? ('corners' as const)
			: group === 'method' || group === 'mistakes that show'
				? ('run' as const)
				: group === 'numbers'
					? null
					: ('best' as const);
	return { rows, part: rows.length ? null : part };
}
