import { printTerms } from '$lib/core/problem/statement/print';
import { ZERO, type Rational } from '$lib/core/number/rational';
import { showNumber } from '$lib/core/number/show';
import type { Constraint, Objective, Relation, Terms, Variable } from '$lib/core/problem/types';
import { setFormula, withEnding, type SetFormula } from '../shared/formula';
import { texLimit, texName, texSigns, texTerms } from './tex';

/** A constraint as it is typeset. */
export interface SetConstraint {
	readonly name: string;
	readonly unit: string;
	readonly terms: SetFormula;
	readonly limit: SetFormula;
}

/** Parts of a problem that stay are set once. */
function once<K extends object, V>(make: (part: K) => V): (part: K) => V {
	const made = new WeakMap<K, V>();
	return (part) => {
		let value = made.get(part);
		if (value === undefined) made.set(part, (value = make(part)));
		return value;
	};
}

/** The objective as it is typeset. */
export const setGoal = once(({ name, terms, constant }: Objective): SetFormula =>
	setFormula(`${texName(name)} = ${texTerms(terms, constant)}`, `${name} = ${printTerms(terms, constant)}`)
);

const setTerms = once((terms: Terms): SetFormula => setFormula(texTerms(terms), printTerms(terms)));

const limits: Partial<Record<Relation, SetFormula>> = {};

/** A relation and what stands at its right; of a whole number only the digits differ, and they need no setting. */
function setLimit(relation: Relation, rhs: Rational): SetFormula {
	const number = showNumber(rhs);
	const says = `${relation} ${number}`;
	if (!/^−?\d+$/.test(number)) return setFormula(texLimit(relation, rhs), says);
	limits[relation] ??= setFormula(texLimit(relation, ZERO), '');
	return withEnding(limits[relation], number, says);
}

/** A constraint, as it is typeset. */
export const setConstraint = once(({ name, unit, terms, relation, rhs }: Constraint): SetConstraint => ({
	name,
	unit: unit ?? '',
	terms: setTerms(terms),
	limit: setLimit(relation, rhs)
}));

/** The signs, bounds and domains of the variables. */
export const setSigns = once((variables: readonly Variable[]): SetFormula[] =>
	texSigns(variables).map(({ tex, says }) => setFormula(tex, says))
);

/** a line that is longer, in em, may have to break */
const LONGEST = 18;
/** em by which a column grows and shrinks, so that most changes leave it as it is */
const STEP = 2;

/**
 * The width of a column of formulas in em, in whole steps; null where one of them may have to break or is of unknown width.
 * Formulas in boxes of this width can change without the rest of the page being laid out and painted again.
 */
export function columnWidth(formulas: readonly SetFormula[]): number | null {
	const widths = formulas.map((formula) => formula.width());
	const widest = Math.max(0, ...widths.map((width) => width ?? Infinity));
	// a little more than measured, for letters that lean over their edge
	return widest > LONGEST ? null : Math.ceil((widest + 0.2) / STEP) * STEP;
}
