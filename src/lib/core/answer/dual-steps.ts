import type { Constraint, Problem, Relation } from '../problem/types';
import { MIRRORED } from '../problem/relation';
import { dualProblem, type DualProblem } from './dual-problem';

/** How a course writes the dual: of the problem as it stands, or after all rows were turned the same way. */
export const DUAL_FORMS = ['stated', 'turned'] as const;
export type DualForm = (typeof DUAL_FORMS)[number];

/** A step of writing the dual: the objective turned, a row that becomes a variable, a column that becomes a constraint. */
export type DualStep =
	| { readonly kind: 'objective' }
	/** `row` is a constraint, or a bound as `x.lower`; `sign` of its dual variable, 0 for either */
	| {
			readonly kind: 'row';
			readonly row: string;
			readonly relation: Relation;
			readonly variable: string;
			readonly sign: -1 | 0 | 1;
	  }
	| { readonly kind: 'column'; readonly variable: string; readonly relation: Relation };

/** The dual with the steps in which it is written. */
export interface WrittenDual {
	/** what the dual is taken of: the problem, or that with rows turned */
	readonly primal: Problem;
	readonly dual: DualProblem;
	readonly steps: readonly DualStep[];
}

/** The problem with rows ≥ turned in a maximum, rows ≤ in a minimum, by multiplying them with −1. */
export function turnedOneWay(problem: Problem): Problem {
	const wanted: Relation = problem.objective.sense === 'max' ? '<=' : '>=';
	const constraints = problem.constraints.map((row): Constraint => {
		if (row.relation === '=' || row.relation === wanted) return row;
		const terms = new Map([...row.terms].map(([name, value]) => [name, value.neg()]));
		return { ...row, terms, rhs: row.rhs.neg(), relation: MIRRORED[row.relation] };
	});
	return { ...problem, constraints };
}

/** The dual of a problem's relaxation, written step by step (von Neumann 1947; Gale, Kuhn and Tucker 1951). */
export function writtenDual(problem: Problem, form: DualForm): WrittenDual {
	const primal = form === 'turned' ? turnedOneWay(problem) : problem;
	const dual = dualProblem(primal);
	const relationOf = (row: string): Relation =>
		primal.constraints.find(({ name }) => name === row)?.relation ?? (row.endsWith('.lower') ? '>=' : '<=');
	const owners = [...dual.variableOf, ...dual.boundOf];
	const rows = owners.map(([row, variable]): DualStep => {
		const { lower, upper } = dual.problem.variables.find(({ name }) => name === variable)!;
		return { kind: 'row', row, relation: relationOf(row), variable, sign: lower ? 1 : upper ? -1 : 0 };
	});
	const columns = dual.problem.constraints.map(({ name, relation }): DualStep => ({
		kind: 'column',
		variable: name,
		relation
	}));
	return { primal, dual, steps: [{ kind: 'objective' }, ...rows, ...columns] };
}
