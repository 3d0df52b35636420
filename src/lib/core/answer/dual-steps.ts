import { standsIn } from '../form/affine';
import { standardForm } from '../form/standard';
import type { Owner } from '../form/types';
import { ZERO } from '../number/rational';
import { primed } from '../problem/names';
import { MAX_NAME, type Constraint, type Plan, type Problem, type Relation } from '../problem/types';
import { MIRRORED } from '../problem/relation';
import { isBound, ownerOf } from '../problem/row-owner';
import { dualProblem, type DualProblem } from './dual-problem';
import type { Multipliers } from './multipliers';
import { countedFromBounds, uncounted, type CountedProblem } from './kept-bounds';

/** How a course writes the dual: of the problem as it stands, after all rows were turned the same way, or of the standard form. */
export const DUAL_FORMS = ['stated', 'turned', 'standard'] as const;
export type DualForm = (typeof DUAL_FORMS)[number];

/** A step of writing the dual: the objective turned, a row that becomes a variable, a column that becomes a constraint. */
export type DualStep =
	/** variables are counted from their bounds */
	| { readonly kind: 'counted' }
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
	/** variables that are counted from a bound, by the names that they have in `primal` */
	readonly counted: CountedProblem['counted'];
}

/** Whether bounds other than signs become rows with a dual variable each, or the variables are counted from them. */
export type DualBounds = 'rows' | 'kept';

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

/** What a course calls dual variables: a letter with numbers, or after the constraints. */
export const DUAL_NAMES = ['y', 'u', 'w', 'λ', 'rows'] as const;
export type DualNames = (typeof DUAL_NAMES)[number];

const namer =
	(names: DualNames, bounds: DualBounds) =>
	(row: string, i: number): string =>
		bounds === 'kept' && isBound(ownerOf(row))
			? `d_${ownerOf(row).name}`.slice(0, MAX_NAME - 4)
			: names === 'rows'
				? `y_${row.replace('.', '_')}`.slice(0, MAX_NAME - 4)
				: `${names}${i + 1}`;

/** The standard form of a problem as a problem of its own: equations in variables that are not negative, maximised. */
export function standardProblem(problem: Problem): Problem {
	const { columns, rows, costs, constant } = standardForm(problem, { start: 'slack', equalities: 'one-row' });
	const isShown = (j: number) => !standsIn(columns[j]);
	const { sense, name } = problem.objective;
	const taken = new Set<string>();
	return {
		variables: columns.flatMap(({ name: own }, j) =>
			isShown(j) ? [{ name: own, lower: ZERO, upper: null, domain: 'continuous' as const }] : []
		),
		objective: {
			sense: 'max',
			name: sense === 'max' ? name : `minus_${name}`.slice(0, MAX_NAME - 4),
			terms: new Map([...costs].map(([j, value]) => [columns[j].name, value])),
			constant
		},
		constraints: rows.map(({ owner, entries, rhs }): Constraint => {
			const called = primed(rowOf(owner), taken);
			taken.add(called);
			const terms = new Map(
				[...entries].flatMap(([j, value]) => (isShown(j) ? [[columns[j].name, value] as const] : []))
			);
			return { name: called, terms, relation: '=', rhs };
		})
	};
}

const rowOf = ({ kind, name }: Owner): string =>
	kind === 'lower' || kind === 'upper' ? `${kind}_${name}` : name;

/**
 * The dual of a problem's relaxation, written step by step (von Neumann 1947; Gale, Kuhn and Tucker 1951).
 * @param bounds of the standard form all bounds are rows
 */
export function writtenDual(
	problem: Problem,
	form: DualForm,
	names: DualNames = 'y',
	bounds: DualBounds = 'rows'
): WrittenDual {
	const keeps = bounds === 'kept' && form !== 'standard';
	const { problem: own, counted } = keeps ? countedFromBounds(problem) : { problem, counted: new Map() };
	const primal = form === 'turned' ? turnedOneWay(own) : form === 'standard' ? standardProblem(own) : own;
	const dual = dualProblem(primal, namer(names, keeps ? 'kept' : 'rows'));
	const relationOf = (row: string): Relation =>
		primal.constraints.find(({ name }) => name === row)?.relation ??
		(ownerOf(row).kind === 'lower' ? '>=' : '<=');
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
	const first: DualStep[] = [...(counted.size ? [{ kind: 'counted' as const }] : []), { kind: 'objective' }];
	return { primal, dual, counted, steps: [...first, ...rows, ...columns] };
}

/** The primal's plan that dual values of the dual's rows are, in the variables of the problem as stated; not for the dual of the standard form. */
export function planOfDual({ primal, counted }: WrittenDual, duals: Multipliers): Plan {
	const own = primal.variables.map(({ name }) => [name, duals.get(name) ?? ZERO] as const);
	return uncounted(new Map(own), counted);
}
