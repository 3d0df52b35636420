import { isZero, sign, type Rational } from '../number/rational';
import type { Plan, Terms } from '../problem/types';
import { say, signed, type Sentence } from '../sentence/sentence';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, cost, entryAt, objectiveValue, rhs, type Tableau } from '../tableau/tableau';

/** What a reason is, and the equations that reasons quote: in variables, so that they are the same in every notation. */

/** What a reason quotes. */
export type Fact =
	/** the author's objective = value + Σ coefficient · non-basic column, while the tableau's equations hold */
	| { readonly is: 'objective'; readonly value: Rational; readonly terms: ReadonlyMap<number, Rational> }
	/** a basic column where a non-basic one has risen so far */
	| {
			readonly is: 'beyond';
			readonly basic: number;
			readonly entering: number;
			readonly at: Rational;
			readonly amount: Rational;
	  }
	/** what a sum of variables comes to at a plan */
	| { readonly is: 'use'; readonly terms: Terms; readonly plan: Plan; readonly value: Rational }
	/** a number with the whole numbers next to it */
	| { readonly is: 'between'; readonly value: Rational; readonly below: Rational; readonly above: Rational }
	/** the bound of a node of the tree, and the incumbent’s objective */
	| {
			readonly is: 'bound';
			readonly node: number;
			readonly bound: Rational;
			readonly incumbent: Rational | null;
	  }
	/** the amount of a basic column */
	| { readonly is: 'amount'; readonly basic: number; readonly value: Rational };

/** A pivot, by its kernel row and position, that shows what a reason says of the wrong choice. */
export interface Trial {
	readonly says: Sentence;
	readonly row: number;
	readonly position: number;
}

export interface Reason {
	readonly id: string;
	readonly question: Sentence;
	readonly answer: readonly Sentence[];
	readonly facts: readonly Fact[];
	/** the wrong choice, to be played out on a branch of the trail */
	readonly trial?: Trial;
}

/** A reason: what is asked, the answer, the facts that a test checks of it, and perhaps the wrong choice to be played out. */
export const reason = (
	id: string,
	question: Sentence,
	answer: readonly Sentence[],
	facts: readonly Fact[] = [],
	trial?: Trial
): Reason => ({
	id,
	question,
	answer,
	facts,
	...(trial ? { trial } : {})
});

export const MOST_TERMS = 6;

/** The author's objective in the non-basic columns. */
export function objectiveIn(t: Tableau): { value: Rational; terms: Map<number, Rational> } {
	const turn = t.form.problem.objective.sense === 'max' ? -1 : 1;
	const terms = new Map(
		t.nonbasic.flatMap((column) => {
			const own = cost(t, OBJECTIVE, column).mul(turn);
			return isZero(own) || t.barred.has(column) ? [] : [[column, own] as const];
		})
	);
	return { value: objectiveValue(t), terms };
}

/** `z = 36 − 3 s2` */
export function objectiveEquation(t: Tableau): Sentence {
	const { value, terms } = objectiveIn(t);
	const parts = [...terms]
		.slice(0, MOST_TERMS)
		.map(([column, own]) => ({ says: say`${columnOf(t, column)}`, value: own }));
	const rest = terms.size > MOST_TERMS ? say` and more such terms` : say``;
	const { name } = t.form.problem.objective;
	if (parts.length === 0) return say`${name} = ${value}`;
	const joint = signed(parts);
	const [first] = parts;
	return say`${name} = ${value}${sign(first.value) < 0 ? ' ' : ' + '}${sign(first.value) < 0 ? joint.flatMap((piece, i) => (i === 0 && piece.kind === 'text' ? [{ ...piece, text: piece.text.replace(/^−/, '− ') }] : [piece])) : joint}${rest}`;
}

/** `s3 = 18 − 2 x` while only one non-basic column rises */
export const rowEquation = (t: Tableau, row: number, position: number): Sentence => {
	const entry = entryAt(t, row, position);
	const size = entry.abs();
	const times = size.equals(1) ? say`` : say`${size} `;
	return say`${columnOf(t, t.basis[row])} = ${rhs(t, row)} ${sign(entry) > 0 ? '−' : '+'} ${times}${columnOf(t, t.nonbasic[position])}`;
};

/** What a negative basic variable of a row would mean: a constraint violated, or an amount below its bound. */
export const called = (t: Tableau, row: number): Sentence => {
	const column = columnOf(t, t.basis[row]);
	return column.owner.kind === 'constraint' && column.kind !== 'structural'
		? say`${{ constraint: column.owner.name }} would be violated`
		: say`${column} would be negative`;
};
