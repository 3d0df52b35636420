import { compare, isZero, min, ONE, sign, ZERO, type Rational } from '../number/rational';
import type { Plan } from '../problem/types';
import { entry, rhs, type Tableau } from './tableau';

/** What happens while one non-basic variable rises and the other non-basic ones stay at zero. */
export interface Rise {
	/** the change of each of the author's variables per unit of rise */
	readonly direction: Plan;
	/** how far it can rise before a basic variable becomes negative; null where nothing limits it */
	readonly limit: Rational | null;
}

/**
 * The direction in which the basic solution moves while a non-basic column rises, and how far the ratio test lets it go (Dantzig 1951).
 * @param column index of a non-basic column
 */
export function riseOf(t: Tableau, column: number): Rise {
	const rate = (other: number): Rational => {
		if (other === column) return ONE;
		const row = t.basis.indexOf(other);
		return row < 0 ? ZERO : entry(t, row, column).neg();
	};
	const direction = new Map(
		t.form.substitutions.map(({ variable, parts }) => {
			const change = parts.reduce(
				(sum, part) => (part.factor === 1 ? sum.add(rate(part.column)) : sum.sub(rate(part.column))),
				ZERO
			);
			return [variable, change] as const;
		})
	);
	const limits = t.basis.flatMap((_, row) => {
		const size = entry(t, row, column);
		return sign(size) > 0 ? [rhs(t, row).div(size)] : [];
	});
	const limit = limits.length ? limits.reduce(min) : null;
	return { direction, limit: limit && compare(limit, ZERO) < 0 ? ZERO : limit };
}

/** A plan moved in a direction. */
export const moved = (plan: Plan, direction: Plan, by: Rational): Plan =>
	new Map(
		[...plan].map(([name, value]) => {
			const change = direction.get(name);
			return [name, change && !isZero(change) ? value.add(change.mul(by)) : value];
		})
	);
