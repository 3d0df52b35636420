import type { Rational } from '../number/rational';
import { printStatement } from './statement/print';
import { evaluate, holds, type Plan, type Problem, type Relation } from './types';

/** A constraint that is thought of, tested at a plan before it is added. */

/** What a plan makes of one row. */
export interface RowTest {
	readonly used: Rational;
	readonly relation: Relation;
	readonly rhs: Rational;
	readonly isMet: boolean;
}

/** A statement of a problem without its constraints and with one new row, in which the objective may be named. */
export const rowText = (problem: Problem, row: string): string =>
	`${printStatement({ ...problem, constraints: [] })}\nnew: ${row}`;

/** What a plan makes of the rows that such a statement was read as: two where the row had two sides. */
export const testedRows = ({ constraints }: Problem, plan: Plan): RowTest[] =>
	constraints.map(({ terms, relation, rhs }) => {
		const used = evaluate(terms, plan);
		return { used, relation, rhs, isMet: holds(used, relation, rhs) };
	});
