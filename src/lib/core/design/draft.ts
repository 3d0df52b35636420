import { parseRational, rational, ZERO, type Rational } from '../number/rational';
import { withoutZeros, type Constraint, type Problem, type Relation, type Sense } from '../problem/types';
import { letterNames } from './naming';
import type { DesignRequest, ProblemDraft } from './types';
import { asksWhole } from './wishes/kinds';

const exact = (value: number): Rational =>
	Number.isInteger(value) ? rational(value) : parseRational(String(value));

/** The problem that a draft stands for: variables x1 to xn, whole where a wish is about whole numbers, constraints r1 to rm. */
export function problemOfDraft(
	{ rows, relations, rhs, costs }: ProblemDraft,
	request: Pick<DesignRequest, 'variables' | 'sense' | 'wishes'>
): Problem {
	const { variables, sense, wishes } = request;
	const letters = letterNames(variables, rows.length);
	const names = letters.variables.map(({ name }) => name);
	const isWhole = asksWhole({ wishes });
	const terms = (row: readonly number[]) =>
		withoutZeros(new Map(row.map((value, j) => [names[j], exact(value)])));
	return {
		variables: names.map((name) => ({
			name,
			lower: ZERO,
			upper: null,
			domain: isWhole ? 'integer' : 'continuous'
		})),
		objective: { sense, name: letters.objective.name, terms: terms(costs), constant: ZERO },
		constraints: rows.map((row, i): Constraint => ({
			name: letters.constraints[i].name,
			terms: terms(row),
			relation: relations[i],
			rhs: rational(rhs[i])
		}))
	};
}

/** A problem with nothing but 0 in it, to be filled in. */
export const emptyProblem = (variables: number, relations: readonly Relation[], sense: Sense): Problem =>
	problemOfDraft(
		{ rows: relations.map(() => []), relations: [...relations], rhs: relations.map(() => 0), costs: [] },
		{ variables, sense, wishes: [] }
	);
