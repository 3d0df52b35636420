import { isInteger, isZero, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Problem, type Terms } from '../problem/types';
import { mustBeWhole } from '../problem/whole';

/** A rounding cut on its way from the constraints: their sum, and what rounding makes of it. */
export interface Combined {
	/** Σ multiplier · constraint, as `terms ≤ rhs` */
	readonly sum: { readonly terms: Terms; readonly rhs: Rational };
	/** coefficients rounded down, which only weakens it while the variables are not below their lower bounds */
	readonly weakened: { readonly terms: Terms; readonly rhs: Rational };
	/** the right-hand side rounded down, since the left side is whole at every integer plan */
	readonly cut: { readonly terms: Terms; readonly rhs: Rational };
}

/** Why constraints with these multipliers give no rounding cut. */
export type CombineFault =
	| { readonly kind: 'nothing' }
	| { readonly kind: 'sign'; readonly constraint: string; readonly relation: '<=' | '>=' }
	| { readonly kind: 'not-whole'; readonly variable: string }
	| { readonly kind: 'no-bound'; readonly variable: string };

/**
 * The Chvátal–Gomory cut of some constraints (Chvátal 1973): they are added, times multipliers, coefficients and then the right-hand side are rounded down.
 * @param multipliers by the constraints' names: not negative on `≤`, not positive on `≥`, any on `=`
 */
export function combined(
	problem: Problem,
	multipliers: ReadonlyMap<string, Rational>
): Combined | CombineFault {
	const terms = new Map<string, Rational>();
	let rhs = ZERO;
	for (const row of problem.constraints) {
		const factor = multipliers.get(row.name) ?? ZERO;
		if (isZero(factor)) continue;
		const { relation } = row;
		if (relation !== '=' && sign(factor) < 0 === (relation === '<='))
			return { kind: 'sign', constraint: row.name, relation };
		for (const [name, value] of row.terms) terms.set(name, (terms.get(name) ?? ZERO).add(value.mul(factor)));
		rhs = rhs.add(row.rhs.mul(factor));
	}
	const used = [...terms].filter(([, value]) => !isZero(value));
	if (used.length === 0) return { kind: 'nothing' };
	const weak = new Map<string, Rational>();
	let weakRhs = rhs;
	for (const [name, value] of used) {
		const variable = problem.variables.find((own) => own.name === name)!;
		if (!mustBeWhole(variable)) return { kind: 'not-whole', variable: name };
		const { lower } = effectiveBounds(variable);
		if (!isInteger(value) && !lower) return { kind: 'no-bound', variable: name };
		const down = value.floor();
		// value · x ≥ down · x + (value − down) · lower
		if (lower) weakRhs = weakRhs.sub(value.sub(down).mul(lower));
		if (!isZero(down)) weak.set(name, down);
	}
	return {
		sum: { terms: new Map(used), rhs },
		weakened: { terms: weak, rhs: weakRhs },
		cut: { terms: weak, rhs: weakRhs.floor() }
	};
}
