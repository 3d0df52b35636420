import { columnsOf, type TableauCell } from '../answer/complementary-bases';
import type { Certificate } from '../answer/certificate';
import { summedRows } from '../answer/check';
import type { FromPlan, DualEquation, Pair, WeakBound } from '../answer/complementary';
import type { DualStep, WrittenDual } from '../answer/dual-steps';
import type { Multipliers } from '../answer/multipliers';
import type { Column } from '../form/types';
import { isZero, sign, type Rational } from '../number/rational';
import { isBound, ownerOf } from '../problem/row-owner';
import {
	withoutZeros,
	type Constraint,
	type Plan,
	type Problem,
	type Relation,
	type Terms
} from '../problem/types';
import type { Each, Bare, ByCode } from '../sentence/coded';
import { columnValue, objectiveValue, type Tableau } from '../tableau/tableau';

/** What is found of a dual: why each step of writing it is as it is, the bound that dual values give, and complementary slackness. `words/duality.ts` has the words. */

/** A number with whose it is. */
type Numbered = readonly (readonly [name: string, value: Rational])[];

/** Why a step of writing a dual is as it is. */
export type DualStepFinding =
	| ByCode<{
			'counted-from-bounds': { counted: WrittenDual['counted'] };
			'bounds-every-plan': Bare;
			/** a row, or a bound of a variable, that may be multiplied by any number */
			'row-is-equation': { row: RowNamed; variable: string };
	  }>
	/** a row that stays as the bound needs it times a number that is not negative, or only turned round */
	| Each<
			'row-stays' | 'row-turns',
			{
				readonly row: RowNamed;
				readonly variable: string;
				readonly relation: Relation;
				readonly wanted: Relation;
				readonly sign: -1 | 1;
			}
	  >
	| Each<
			'column-equals' | 'column-at-least' | 'column-at-most',
			{
				readonly row: Constraint;
				readonly isNegative: boolean;
			}
	  >;

/** A constraint, or the bound of a variable. */
export type RowNamed =
	{ readonly constraint: string } | { readonly bound: 'lower' | 'upper'; readonly of: string };

/** The relation that bounds the objective from the side that is wanted: from above for a maximum. */
export const wantedRelation = ({ objective }: Problem): Relation => (objective.sense === 'max' ? '<=' : '>=');

/** Why a step of writing a dual is as it is; found at the problem that the dual is taken of. */
export function dualStepFound({ primal, dual, counted }: WrittenDual, step: DualStep): DualStepFinding {
	switch (step.kind) {
		case 'counted':
			return { code: 'counted-from-bounds', counted };
		case 'objective':
			return { code: 'bounds-every-plan' };
		case 'row': {
			const { variable, relation, sign: own } = step;
			const owner = ownerOf(step.row);
			const row: RowNamed = isBound(owner) ? { bound: owner.kind, of: owner.name } : { constraint: step.row };
			if (own === 0) return { code: 'row-is-equation', row, variable };
			const wanted = wantedRelation(primal);
			const code = relation === wanted ? 'row-stays' : 'row-turns';
			return { code, row, variable, relation, wanted, sign: own };
		}
		case 'column': {
			const row = dual.problem.constraints.find(({ name }) => name === step.variable)!;
			const isUsual = (step.relation === '>=') === (primal.objective.sense === 'max');
			const codes = { '=': 'column-equals', '>=': 'column-at-least', '<=': 'column-at-most' } as const;
			return { code: codes[step.relation], row, isNegative: !isUsual };
		}
	}
}

/** What the rows come to, combined with some dual values. */
export type CombinationFinding = ByCode<{
	'row-times': { row: string; times: Rational; terms: Terms; relation: Relation; rhs: Rational };
	'turned-round': { rows: readonly string[] };
	together: { terms: Terms; relation: Relation; rhs: Rational };
	'not-covered': { variables: readonly string[] };
	bounds: { bound: Rational };
}>;

/** The rows combined with any dual values, line by line, and the bound that this gives. */
export function combinationFound(
	problem: Problem,
	duals: Multipliers,
	bound: WeakBound
): CombinationFinding[] {
	const used = problem.constraints.filter(({ name }) => !isZero(duals.get(name)!));
	const lines = used.map((row): CombinationFinding => {
		const times = duals.get(row.name)!;
		const turned = { '<=': '>=', '>=': '<=', '=': '=' } as const;
		return {
			code: 'row-times',
			row: row.name,
			times,
			terms: new Map([...row.terms].map(([own, value]) => [own, value.mul(times)])),
			relation: sign(times) < 0 ? turned[row.relation] : row.relation,
			rhs: row.rhs.mul(times)
		};
	});
	if (bound.wrong.length > 0) return [...lines, { code: 'turned-round', rows: bound.wrong }];
	const { terms, rhs } = summedRows(problem, duals);
	const sum: CombinationFinding = {
		code: 'together',
		terms: withoutZeros(terms),
		relation: wantedRelation(problem),
		rhs
	};
	return [
		...lines,
		sum,
		bound.bound === null
			? { code: 'not-covered', variables: bound.open }
			: { code: 'bounds', bound: bound.bound }
	];
}

/** How far a plan is from a bound. */
export type GapFinding =
	| { readonly code: 'both-optimal'; readonly value: Rational }
	| { readonly code: 'gap'; readonly value: Rational; readonly bound: Rational; readonly gap: Rational };

/** Bound and value side by side. */
export function gapFound(value: Rational, bound: Rational): GapFinding {
	const gap = bound.sub(value).abs();
	return isZero(gap) ? { code: 'both-optimal', value } : { code: 'gap', value, bound, gap };
}

/** What a pair of complementary slackness shows. */
export type PairFinding = Each<
	| 'dual-value-has-wrong-sign'
	| 'would-still-improve'
	| 'violated'
	| 'left-and-worth'
	| 'worth-and-none-left'
	| 'none-left-and-not-worth'
	| 'left-and-not-worth'
	| 'away-and-priced'
	| 'priced-exactly'
	| 'at-bound-and-priced',
	{ readonly pair: Pair }
>;

/** What a pair of complementary slackness shows. */
export function pairFound(pair: Pair): PairFinding {
	const { kind, rest, worth, product, isAllowed } = pair;
	const codeOf = (): PairFinding['code'] => {
		if (kind === 'variable') {
			if (!isAllowed) return 'would-still-improve';
			if (!isZero(product)) return 'away-and-priced';
			return isZero(worth) ? 'priced-exactly' : 'at-bound-and-priced';
		}
		if (!isAllowed) return 'dual-value-has-wrong-sign';
		if (sign(rest) < 0) return 'violated';
		if (!isZero(product)) return 'left-and-worth';
		if (!isZero(worth)) return 'worth-and-none-left';
		return isZero(rest) ? 'none-left-and-not-worth' : 'left-and-not-worth';
	};
	return { code: codeOf(), pair };
}

/** What follows from a plan by complementary slackness. */
export type FromPlanFinding =
	| ByCode<{
			'plan-not-feasible': { plan: Plan };
			'slack-rows-have-none': Bare;
			'dual-equation': { equation: DualEquation };
			'no-solution': { plan: Plan };
			'several-solutions': Bare;
			'duals-are': { duals: Numbered };
			'all-signs-allowed': { plan: Plan };
			'so-not-optimal': { plan: Plan };
	  }>
	| PairFinding;

/** The dual values that follow from a plan, and what they prove. */
export function fromPlanFound(plan: Plan, found: FromPlan): FromPlanFinding[] {
	if (found.is === 'not-feasible') return [{ code: 'plan-not-feasible', plan }];
	const equations: FromPlanFinding[] = [
		{ code: 'slack-rows-have-none' },
		...found.equations.map((equation) => ({ code: 'dual-equation', equation }) as const)
	];
	if (found.is === 'none') return [...equations, { code: 'no-solution', plan }];
	if (found.is === 'several') return [...equations, { code: 'several-solutions' }];
	const duals = [...found.duals].filter(([, value]) => !isZero(value));
	const [wrong] = found.wrong;
	return [
		...equations,
		{ code: 'duals-are', duals },
		...(wrong
			? ([pairFound(wrong), { code: 'so-not-optimal', plan }] as const)
			: ([{ code: 'all-signs-allowed', plan }] as const))
	];
}

/** What proves that there is no plan, or no end, read in the primal and in the dual. */
export type ProofFinding = ByCode<{
	'bounds-exclude': Bare;
	'rows-exclude': { multipliers: Numbered };
	'has-optimum': Bare;
	'improves-for-ever': { ray: Numbered };
}>;

/** What a certificate proves. */
export function proofFound(certificate: Certificate): ProofFinding {
	const used = (numbers: ReadonlyMap<string, Rational>) => [...numbers].filter(([, value]) => !isZero(value));
	if (certificate.kind === 'optimal') return { code: 'has-optimum' };
	if (certificate.kind === 'unbounded') return { code: 'improves-for-ever', ray: used(certificate.ray) };
	const multipliers = used(certificate.multipliers);
	return multipliers.length === 0 ? { code: 'bounds-exclude' } : { code: 'rows-exclude', multipliers };
}

/** What the number of a cell of the primal's last tableau is in the dual's, where it stands with rows and columns traded. */
export type TwinFinding = ByCode<{
	'same-value': { value: Rational; dual: Problem };
	'amount-is-rate': { column: Column; amount: Rational; under: Column };
	'rate-is-amount': { column: Column; basic: Column; amount: Rational };
	traded: { row: Column; column: Column; dualRow: Column; dualColumn: Column };
}>;

/** What a cell of the primal's last tableau and its twin in the dual's have in common. */
export function twinFound(primal: Tableau, dual: Tableau, cell: TableauCell, twin: TableauCell): TwinFinding {
	const here = columnsOf(primal, cell);
	const there = columnsOf(dual, twin);
	if (here.row && here.column)
		return {
			code: 'traded',
			row: here.row,
			column: here.column,
			dualRow: there.row!,
			dualColumn: there.column!
		};
	if (here.row)
		return {
			code: 'amount-is-rate',
			column: here.row,
			amount: columnValue(primal, cell.row!),
			under: there.column!
		};
	if (here.column)
		return {
			code: 'rate-is-amount',
			column: here.column,
			basic: there.row!,
			amount: columnValue(dual, twin.row!)
		};
	return { code: 'same-value', value: objectiveValue(primal), dual: dual.form.problem };
}

/** All that is found of a dual. */
/** The dual's plan that stands in its last tableau: what each row of the dual is worth is the primal's plan. */
export interface ReadForPrimal {
	readonly code: 'read-for-primal';
	readonly plan: Plan;
}

export type DualFinding =
	| ReadForPrimal
	| DualStepFinding
	| CombinationFinding
	| GapFinding
	| FromPlanFinding
	| ProofFinding
	| TwinFinding;
