import { isZero, max, min, ONE, ZERO, type Rational } from '../number/rational';
import type { Plan } from '../problem/types';
import { ratios } from './ratio';
import { entryAt, type Tableau } from './tableau';

/** What happens while one non-basic variable rises and the other non-basic ones stay at zero. */
export interface Rise {
	/** the change of each of the author's variables per unit of rise */
	readonly direction: Plan;
	/** how far it can rise before a basic variable becomes negative; null where nothing limits it */
	readonly limit: Rational | null;
}

/**
 * The direction in the author's variables when a non-basic column rises by one.
 * @param slot index into `nonbasic`
 */
export function rayAt(t: Tableau, slot: number): Plan {
	const column = t.nonbasic[slot];
	const move = (index: number): Rational => {
		if (index === column) return ONE;
		const row = t.basis.indexOf(index);
		return row < 0 ? ZERO : entryAt(t, row, slot).neg();
	};
	return new Map(
		t.form.substitutions.map(({ variable, parts }) => [
			variable,
			parts.reduce((sum, { column: c, factor }) => sum.add(move(c).mul(factor)), ZERO)
		])
	);
}

/**
 * The direction in which the basic solution moves while a non-basic column rises, and how far the ratio test lets it go (Dantzig 1951).
 * @param column index of a non-basic column
 */
export function riseOf(t: Tableau, column: number): Rise {
	const slot = t.nonbasic.indexOf(column);
	const limits = ratios(t, slot).flatMap(({ value }) => value ?? []);
	const limit = limits.length ? limits.reduce(min) : null;
	return { direction: rayAt(t, slot), limit: limit && max(limit, ZERO) };
}

/** A plan moved in a direction. */
export const moved = (plan: Plan, direction: Plan, by: Rational): Plan =>
	new Map(
		[...plan].map(([name, value]) => {
			const change = direction.get(name);
			return [name, change && !isZero(change) ? value.add(change.mul(by)) : value];
		})
	);
