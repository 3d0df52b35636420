import { isInteger, lcm, numerator, ONE, rational, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, withoutZeros, type Problem, type Terms } from '../problem/types';
import { mustBeWhole } from '../problem/whole';

/** An equation over whole-number variables: a constraint, or a variable that its bounds fix. */
interface Equation {
	readonly constraint?: string;
	readonly fixed?: string;
	readonly terms: Terms;
	readonly rhs: Rational;
}

/**
 * Equations whose combination has whole coefficients on its left and no whole number on its right: no integer plan satisfies them all, whatever else
 * is asked for. It can be checked by adding them up.
 */
export interface LatticeConflict {
	/** the equations combined, none with the multiplier 0 */
	readonly parts: readonly (Equation & { readonly multiplier: Rational })[];
	readonly terms: Terms;
	readonly rhs: Rational;
}

function equations({ constraints, variables }: Problem): Equation[] {
	const whole = new Set(variables.filter(mustBeWhole).map(({ name }) => name));
	const rows = constraints.filter(
		({ relation, terms }) => relation === '=' && [...terms.keys()].every((name) => whole.has(name))
	);
	const fixed = variables.flatMap((variable): Equation[] => {
		const { lower, upper } = effectiveBounds(variable);
		if (!mustBeWhole(variable) || !lower || !upper || !lower.equals(upper)) return [];
		return [{ fixed: variable.name, terms: new Map([[variable.name, ONE]]), rhs: lower }];
	});
	return [...rows.map(({ name, terms, rhs }) => ({ constraint: name, terms, rhs })), ...fixed];
}

/** The sum of equations, each times its multiplier. */
function summed(parts: LatticeConflict['parts']): Pick<LatticeConflict, 'terms' | 'rhs'> {
	const terms = new Map<string, Rational>();
	let rhs = ZERO;
	for (const part of parts) {
		rhs = rhs.add(part.multiplier.mul(part.rhs));
		for (const [name, value] of part.terms)
			terms.set(name, (terms.get(name) ?? ZERO).add(part.multiplier.mul(value)));
	}
	return { terms: withoutZeros(terms), rhs };
}

/** Whether a conflict is one: its sum worked out anew has whole coefficients and a right-hand side that is not whole. */
export function provesNoWholePlan(problem: Problem, { parts }: LatticeConflict): boolean {
	const known = equations(problem);
	const stands = parts.every((part) =>
		known.some((own) => own.constraint === part.constraint && own.fixed === part.fixed)
	);
	const { terms, rhs } = summed(parts);
	return stands && [...terms.values()].every(isInteger) && !isInteger(rhs);
}

/** What whole numbers cannot satisfy among equations, from the column echelon form of their coefficients. */
function conflictAmong(list: readonly Equation[]): LatticeConflict | null {
	const names = [...new Set(list.flatMap(({ terms }) => [...terms.keys()]))];
	const multiples = list.map(({ terms }) => [...terms.values()].reduce((m, value) => lcm(m, value.d), 1n));
	const rows = list.map(({ terms }, i) =>
		names.map((name) => numerator((terms.get(name) ?? ZERO).mul(rational(multiples[i]))))
	);
	/** the equations that determine y₁, y₂ … one after the other, each as multipliers of the list */
	const found: Rational[][] = [];
	const add = (from: number, to: number, times: bigint) => {
		for (const row of rows) row[to] += times * row[from];
	};
	rows.forEach((row, i) => {
		const column = found.length;
		for (let other = column + 1; other < names.length; other++) {
			// Euclid's algorithm on the two columns: their common divisor stays in the first
			while (row[other] !== 0n) {
				if (row[column] !== 0n) add(column, other, -(row[other] / row[column]));
				if (row[other] === 0n) break;
				for (const own of rows) [own[column], own[other]] = [own[other], own[column]];
			}
		}
		if (!row[column]) return; // it follows from those above
		const own = list.map((_, k) => (k === i ? rational(multiples[i]) : ZERO));
		const rest = found.reduce(
			(sum, earlier, k) => sum.map((value, at) => value.sub(earlier[at].mul(rational(row[k])))),
			own
		);
		found.push(rest.map((value) => value.div(rational(row[column]))));
	});
	for (const own of found) {
		const isTurned = own.find(({ n }) => n !== 0n)!.s < 0n;
		const multipliers = isTurned ? own.map((value) => value.neg()) : own;
		const parts = list.flatMap((equation, i) =>
			multipliers[i].n === 0n ? [] : [{ ...equation, multiplier: multipliers[i] }]
		);
		const sum = summed(parts);
		if (!isInteger(sum.rhs)) return { parts, ...sum };
	}
	return null;
}

/**
 * Looks for equations over whole-number variables that no whole numbers can satisfy, bounds and inequalities left aside: one whose coefficients have a
 * common divisor that its right-hand side has not, or a combination of several that is one (Hermite's normal form; Schrijver 1986, ch. 4).
 * @returns the combination, of one equation where one is enough; null where whole numbers, perhaps negative ones, satisfy all of them
 */
export function latticeConflict(problem: Problem): LatticeConflict | null {
	const all = equations(problem);
	if (!all.some(({ constraint }) => constraint !== undefined)) return null;
	for (const equation of all) {
		const conflict = equation.constraint === undefined ? null : conflictAmong([equation]);
		if (conflict) return conflict;
	}
	return conflictAmong(all);
}
