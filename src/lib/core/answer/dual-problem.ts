import { isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import {
	effectiveBounds,
	withoutZeros,
	type Constraint,
	type Problem,
	type Relation,
	type Variable
} from '../problem/types';
import { primed } from '../problem/names';
import { rowName } from '../problem/row-owner';

/** The dual of a problem, with what belongs to what. */
export interface DualProblem {
	readonly problem: Problem;
	/** dual variable by constraint of the primal */
	readonly variableOf: ReadonlyMap<string, string>;
	/** dual variable by bound of the primal (`x.lower`, `x.upper`), where the bound is not just a sign */
	readonly boundOf: ReadonlyMap<string, string>;
	/** dual constraint by variable of the primal; it has the same name */
	readonly constraintOf: ReadonlyMap<string, string>;
}

interface PrimalRow {
	readonly key: string;
	readonly terms: ReadonlyMap<string, Rational>;
	readonly relation: Relation;
	readonly rhs: Rational;
	readonly unit?: string;
}

/** What one unit of something is worth: `thalers/kg`; none where a unit is not known, or is a quotient already. */
function worth(goal: string | undefined, unit: string | undefined): { unit?: string } {
	if (!goal || !unit || /[/÷]|\bper\b/i.test(goal + unit) || goal.length + unit.length > 58) return {};
	return { unit: `${goal}/${unit}` };
}

/** Constraints, and bounds other than signs as rows of their own. */
function rowsOf(problem: Problem): { rows: PrimalRow[]; signs: Map<string, -1 | 0 | 1> } {
	const rows: PrimalRow[] = problem.constraints.map((row) => ({ ...row, key: row.name }));
	const signs = new Map<string, -1 | 0 | 1>();
	for (const variable of problem.variables) {
		const { lower, upper } = effectiveBounds(variable);
		const kind = lower && sign(lower) >= 0 ? 1 : upper && sign(upper) <= 0 ? -1 : 0;
		signs.set(variable.name, kind);
		const terms = new Map([[variable.name, ONE]]);
		if (lower && (!isZero(lower) || kind !== 1))
			rows.push({
				key: rowName({ kind: 'lower', name: variable.name }),
				terms,
				relation: '>=',
				rhs: lower,
				unit: variable.unit
			});
		if (upper && (!isZero(upper) || kind !== -1))
			rows.push({
				key: rowName({ kind: 'upper', name: variable.name }),
				terms,
				relation: '<=',
				rhs: upper,
				unit: variable.unit
			});
	}
	return { rows, signs };
}

/**
 * The dual of any problem's relaxation, as a problem of the same type (von Neumann 1947; Gale, Kuhn and Tucker 1951).
 * A maximum has a minimum as its dual; rows become variables with the sign their relation asks for, variables become rows.
 * @param nameOf what the dual variable of a row (a constraint, or a bound as `x.lower`) is called
 */
export function dualProblem(
	problem: Problem,
	nameOf: (row: string, i: number) => string = (_, i) => `y${i + 1}`
): DualProblem {
	const { objective } = problem;
	const max = objective.sense === 'max';
	const { rows, signs } = rowsOf(problem);
	const taken = new Set<string>();
	const names = new Map(
		rows.map((row, i) => {
			const name = primed(nameOf(row.key, i), taken);
			taken.add(name);
			return [row.key, name];
		})
	);
	// not the primal's: whatever is said of it is said of another objective
	const goal = primed(
		['w', 'v'].find((name) => !taken.has(name) && name !== objective.name) ?? 'w',
		new Set([...taken, objective.name, ...problem.variables.map(({ name }) => name)])
	);
	const variables: Variable[] = rows.map((row) => {
		// in a maximum a ≤ row has a price that is not negative; in a minimum a ≥ row has
		const positive = row.relation === (max ? '<=' : '>=');
		return {
			name: names.get(row.key)!,
			...worth(objective.unit, row.unit),
			lower: row.relation !== '=' && positive ? ZERO : null,
			upper: row.relation === '=' || positive ? null : ZERO,
			domain: 'continuous'
		};
	});
	const constraints: Constraint[] = problem.variables.map(({ name, unit }) => {
		const kind = signs.get(name)!;
		const relation: Relation = kind === 0 ? '=' : (kind === 1) === max ? '>=' : '<=';
		const terms = withoutZeros(
			rows.map((row) => [names.get(row.key)!, row.terms.get(name) ?? ZERO] as const)
		);
		return {
			name,
			...worth(objective.unit, unit),
			terms,
			relation,
			rhs: objective.terms.get(name) ?? ZERO
		};
	});
	const bounds = rows.slice(problem.constraints.length);
	return {
		problem: {
			...(problem.title ? { title: problem.title } : {}),
			variables,
			objective: {
				sense: max ? 'min' : 'max',
				name: goal,
				...(objective.unit ? { unit: objective.unit } : {}),
				terms: withoutZeros(rows.map((row) => [names.get(row.key)!, row.rhs] as const)),
				constant: objective.constant
			},
			constraints
		},
		variableOf: new Map(problem.constraints.map(({ name }) => [name, names.get(name)!])),
		boundOf: new Map(bounds.map(({ key }) => [key, names.get(key)!])),
		constraintOf: new Map(problem.variables.map(({ name }) => [name, name]))
	};
}
