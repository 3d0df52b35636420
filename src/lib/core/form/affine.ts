import { gcd, isZero, lcm, numerator, rational, ZERO, type Rational } from '../number/rational';
import type { Terms } from '../problem/types';
import type { Column, Form } from './types';

/** The columns of a form in the author's variables, and rows made of them written as a person would. */

/** A column as an affine expression of the author's variables; null where a split variable cannot be told apart. */
export interface Affine {
	readonly constant: Rational;
	readonly terms: ReadonlyMap<string, Rational>;
}

/** Whether a column must be zero whenever its row is met. */
export const standsIn = ({ kind }: Column): boolean => kind === 'artificial' || kind === 'vacant';

/** Each column in the author's variables, the slacks of earlier cuts included. */
export function affineColumns(form: Form): (Affine | null)[] {
	const result: (Affine | null)[] = form.columns.map(() => null);
	for (const { variable, offset, parts } of form.substitutions) {
		if (parts.length !== 1) continue;
		const [{ column, factor }] = parts;
		const size = rational(factor);
		result[column] = { constant: offset.mul(size).neg(), terms: new Map([[variable, size]]) };
	}
	for (const { start, entries, rhs } of form.rows) {
		const slack = standsIn(form.columns[start])
			? [...entries.keys()].find((j) => form.columns[j].kind === 'surplus')
			: start;
		if (slack === undefined) continue;
		// Σ entries · column = rhs, solved for the slack; earlier slacks are known by now
		const own = entries.get(slack)!;
		const rest = [...entries].filter(([j]) => j !== slack && !standsIn(form.columns[j]));
		result[slack] = rest.reduce<Affine | null>(
			(sum, [j, value]) => {
				const part = result[j];
				return sum && part && addScaled(sum, part, value.div(own).neg());
			},
			{ constant: rhs.div(own), terms: new Map() }
		);
	}
	return result;
}

/** The sum of an expression and a multiple of another. */
export function addScaled(sum: Affine, part: Affine, factor: Rational): Affine {
	const terms = new Map(sum.terms);
	for (const [name, value] of part.terms) terms.set(name, (terms.get(name) ?? ZERO).add(value.mul(factor)));
	return { constant: sum.constant.add(part.constant.mul(factor)), terms };
}

/** A row of the author's variables. */
export interface Stated {
	readonly terms: Terms;
	readonly rhs: Rational;
	readonly relation: '<=' | '>=';
}

/**
 * Σ terms + constant ≥ least, written with whole coefficients and few minus signs.
 * @returns the row, and by what the inequality was multiplied (negative where it was turned)
 */
export function tidy({ constant, terms }: Affine, least: Rational): { row: Stated; times: Rational } {
	const kept = [...terms].filter(([, value]) => !isZero(value));
	const rhs = least.sub(constant);
	const minus = kept.filter(([, value]) => value.s < 0n).length * 2 > kept.length;
	const turn = (value: Rational) => (minus ? value.neg() : value);
	let multiple = rhs.d;
	for (const [, value] of kept) multiple = lcm(multiple, value.d);
	const scaled = [...kept.map(([, value]) => value), rhs].map((value) => turn(value).mul(rational(multiple)));
	const divisor = scaled.slice(0, -1).reduce((a, b) => gcd(a, numerator(b)), 0n) || 1n;
	const by = rational(divisor);
	return {
		row: {
			terms: new Map(kept.map(([name], i) => [name, scaled[i].div(by)])),
			relation: minus ? '<=' : '>=',
			rhs: scaled.at(-1)!.div(by)
		},
		times: turn(rational(multiple)).div(by)
	};
}
