import { en } from '../../language/language';
import { isZero, sign, type Rational } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Problem, Relation, Sense } from '../../problem/types';
import type { OfCode } from '../../sentence/coded';
import { words, type Catalogue } from '../../sentence/catalogue';
import { claim, inBrackets, joined, linear, say, type Sentence } from '../../sentence/sentence';
import { planSentence } from './plan';
import type { DualFinding, RowNamed } from '../dual-findings';

/** The words of what is found of a dual, at the problem that it is taken of. */

const OTHER = { max: en`minimum`, min: en`maximum` } as const;
const WORD = { max: en`maximum`, min: en`minimum` } as const;

const called = (row: RowNamed): Sentence =>
	'constraint' in row ? say`${row}` : say`The ${row.bound} bound of ${row.of}`;
const rows = (names: readonly string[]): Sentence =>
	joined(names.map((constraint) => say`${{ constraint }}`));
const names = (list: readonly string[]): Sentence => joined(list.map((own) => say`${own}`));
const times = (numbers: readonly (readonly [string, Rational])[]): Sentence =>
	joined(
		numbers.map(([constraint, value]) => say`${inBrackets(value)} · ${{ constraint }}`),
		' + ',
		' + '
	);
/** what more of a row does, by its relation and the sense of the objective */
const MORE: Readonly<Record<Exclude<Relation, '='>, Readonly<Record<Sense, (goal: string) => string>>>> = {
	'<=': {
		max: () => en`more of it never hurts`,
		min: (goal) => en`more of it never raises the least ${goal}`
	},
	'>=': { max: () => en`asking for more never helps`, min: () => en`asking for more never makes it cheaper` }
};
const moreOf = (relation: Relation, { objective: { sense, name } }: Problem): string =>
	relation === '=' ? '' : MORE[relation][sense](name);

/** `each unit of it brings 2 less than what it uses is worth`: a reduced cost, whatever the dual values are. */
function comparedWithRows({ objective }: Problem, worth: Rational): Sentence {
	const [brings, uses] = objective.sense === 'max' ? [en`brings`, en`uses`] : [en`costs`, en`supplies`];
	const by = isZero(worth)
		? say`exactly as much as`
		: say`${worth.abs()} ${sign(worth) > 0 ? en`more` : en`less`} than`;
	return say`${brings} ${by} what it ${uses} is worth`;
}

const status = (problem: Problem, own: 'infeasible' | 'unbounded') =>
	claim({ problem, code: 'status', status: own });
const best = (problem: Problem, value: Rational) => claim({ problem, code: 'best', value });

const rowSentence = (
	{ row, variable, relation, sign: own }: OfCode<DualFinding, 'row-stays' | 'row-turns'>,
	problem: Problem,
	why: Sentence
): Sentence =>
	say`${called(row)} is ${RELATION_SIGNS[relation]} in a ${WORD[problem.objective.sense]}: ${why}; ${moreOf(relation, problem)}. So ${variable} ${own > 0 ? '≥' : '≤'} 0.`;

/** A column that limits its variable's share, and why its relation follows from the variable's sign. */
function columnSentence(
	{ row, isNegative }: OfCode<DualFinding, 'column-at-least' | 'column-at-most'>,
	{ objective: { sense, name } }: Problem,
	limit: string
): Sentence {
	const side = sense === 'max' ? en`below` : en`above`;
	return say`Because ${row.name} ${isNegative ? '≤' : '≥'} 0, the rows together must give ${limit} its ${row.rhs} of ${name} per unit. Then the sum is never ${side} ${name}: ${linear(row.terms)} ${RELATION_SIGNS[row.relation]} ${row.rhs}.`;
}

const DUALS: Catalogue<DualFinding, Problem> = {
	'read-for-primal': ({ plan }, problem) =>
		say`The dual values of the dual are the primal plan: ${planSentence(problem, plan)}.`,
	'counted-from-bounds': ({ counted }, { objective }) => {
		const all = [...counted].map(
			([name, own]) => say`${own.variable} = ${own.from} ${own.sign > 0 ? '+' : '−'} ${name}`
		);
		return say`Variables are counted from their bounds, ${joined(all)}: then these bounds are signs and need no rows. What the bounds alone bring, ${objective.constant}, stands in both objectives.`;
	},
	'bounds-every-plan': (_, { objective: { name, sense } }) =>
		say`Multiply each row by a number and add them up: this bounds the ${name} of every plan. The dual asks for the ${sense === 'max' ? en`lowest` : en`highest`} such bound, so a ${WORD[sense]} has a ${OTHER[sense]} as its dual. The right-hand sides become its coefficients.`,
	'row-is-equation': ({ row, variable }) =>
		say`${called(row)} is an equation: multiplied by any number it stays one. So ${variable} is free.`,
	'row-stays': (found, problem) =>
		rowSentence(
			found,
			problem,
			say`multiplied by a nonnegative number it stays ${RELATION_SIGNS[found.wanted]}, as the bound needs`
		),
	'row-turns': (found, problem) =>
		rowSentence(
			found,
			problem,
			say`only multiplied by a nonpositive number does it become ${RELATION_SIGNS[found.wanted]}, as the bound needs`
		),
	'column-equals': ({ row }, { objective: { name } }) =>
		say`${row.name} can be positive or negative, so the rows together must give exactly its ${row.rhs} of ${name} per unit, or a plan could pass the bound: ${linear(row.terms)} = ${row.rhs}.`,
	'column-at-least': (found, problem) => columnSentence(found, problem, en`at least`),
	'column-at-most': (found, problem) => columnSentence(found, problem, en`at most`),

	'row-times': ({ row, times: own, terms, relation, rhs }) =>
		say`${inBrackets(own)} · ${{ constraint: row }}: ${linear(terms)} ${RELATION_SIGNS[relation]} ${rhs}`,
	'turned-round': ({ rows: own }) =>
		own.length > 1
			? say`The signs of their dual values turn ${rows(own)} round, so the rows do not add up to a bound.`
			: say`The sign of its dual value turns ${rows(own)} round, so the rows do not add up to a bound.`,
	together: ({ terms, relation, rhs }) => say`Together: ${linear(terms)} ${RELATION_SIGNS[relation]} ${rhs}.`,
	'not-covered': ({ variables }, { objective: { name, sense } }) => {
		const than = say`${sense === 'max' ? en`more` : en`less`} ${name} than the rows together count, so there is no bound yet`;
		return variables.length > 1
			? say`${names(variables)} are not covered: they bring ${than}.`
			: say`${names(variables)} is not covered: it brings ${than}.`;
	},
	bounds: ({ bound }, problem) =>
		say`So ${problem.objective.name} ${RELATION_SIGNS[problem.objective.sense === 'max' ? '<=' : '>=']} ${bound} for every plan.${claim({ problem, code: 'bound', value: bound })}`,

	'both-optimal': ({ value }, problem) =>
		say`The plan's ${problem.objective.name} and the bound are both ${value}: so both the plan and the dual values are optimal.${best(problem, value)}`,
	gap: ({ value, bound, gap }, problem) =>
		say`The plan has ${problem.objective.name} = ${value}, the bound is ${bound}: a gap of ${gap}. The optimal value lies between them.${claim({ problem, code: 'bound', value: bound })}`,

	'dual-value-has-wrong-sign': ({ pair: { name, worth } }) =>
		say`The dual value ${worth} of ${{ constraint: name }} has a sign that its relation does not allow.`,
	'would-still-improve': ({ pair: { name, worth } }, { objective }) =>
		say`These dual values are not feasible: ${name} would still improve ${objective.name} by ${worth.abs()} per unit.`,
	violated: ({ pair: { name, rest } }) =>
		say`The plan violates ${{ constraint: name }} by ${rest.abs()}, so it is not feasible.`,
	'left-and-worth': ({ pair: { name, rest, worth } }) =>
		say`${{ constraint: name }} has ${rest} left and yet the dual value ${worth}. At an optimal plan one of the two is 0.`,
	'worth-and-none-left': ({ pair: { name, worth } }) =>
		say`${{ constraint: name }} has the dual value ${worth}, and nothing of it is left.`,
	'none-left-and-not-worth': ({ pair: { name } }) =>
		say`Nothing of ${{ constraint: name }} is left, and its dual value is 0.`,
	'left-and-not-worth': ({ pair: { name, rest } }) =>
		say`${{ constraint: name }} has ${rest} left, and its dual value is 0.`,
	'away-and-priced': ({ pair: { name, rest, worth } }, problem) =>
		say`${name} is ${rest} away from its bound, though each unit of it ${comparedWithRows(problem, worth)}. At an optimal plan one of the two is 0.`,
	'priced-exactly': ({ pair: { name, worth } }, problem) =>
		say`Each unit of ${name} ${comparedWithRows(problem, worth)}.`,
	'at-bound-and-priced': ({ pair: { name, worth } }, problem) =>
		say`${name} is at its bound, and each unit of it ${comparedWithRows(problem, worth)}.`,

	'plan-not-feasible': ({ plan }, problem) =>
		say`The plan violates a constraint or a bound, so it cannot be optimal.${claim({ problem, code: 'optimal-plan', plan, holds: false })}`,
	'slack-rows-have-none': () => say`Constraints with slack have the dual value 0.`,
	'dual-equation': ({ equation: { variable, terms, rhs } }) =>
		say`${variable} lies between its bounds, so its dual constraint holds with equality: ${
			terms.size
				? joined(
						[...terms].map(([row, value]) => say`${inBrackets(value)} · y(${{ constraint: row }})`),
						' + ',
						' + '
					)
				: say`0`
		} = ${rhs}.`,
	'no-solution': ({ plan }, problem) =>
		say`No numbers satisfy these equations, so the plan is not optimal.${claim({ problem, code: 'optimal-plan', plan, holds: false })}`,
	'several-solutions': () =>
		say`These equations have more than one solution: the corner is degenerate, so the plan alone does not determine the dual values.`,
	'duals-are': ({ duals }) =>
		duals.length
			? say`They give ${joined(duals.map(([row, value]) => say`${value} for ${{ constraint: row }}`))}, and 0 elsewhere.`
			: say`They give 0 everywhere.`,
	'all-signs-allowed': ({ plan }, problem) =>
		say`All signs are allowed, so these dual values prove that the plan is optimal.${claim({ problem, code: 'optimal-plan', plan, holds: true })}`,
	'so-not-optimal': ({ plan }, problem) =>
		say`So the plan is not optimal.${claim({ problem, code: 'optimal-plan', plan, holds: false })}`,

	'bounds-exclude': (_, problem) =>
		say`The bounds of a variable exclude each other, so no plan is feasible.${status(problem, 'infeasible')}`,
	'rows-exclude': ({ multipliers }, problem) =>
		say`No plan is feasible: ${times(multipliers)} asks for more than any plan can give. In the dual, the same numbers are a direction in which the objective improves without limit, if the dual is feasible.${status(problem, 'infeasible')}`,
	'has-optimum': () => say`The problem has an optimal plan.`,
	'improves-for-ever': ({ ray }, problem) => {
		const { name, sense } = problem.objective;
		const way = joined(ray.map(([own, value]) => say`${own} by ${value}`));
		return say`${name} is unbounded: from any feasible plan one can change ${way}, again and again, and it gets ${sense === 'max' ? en`larger` : en`smaller`} without limit. No dual values can bound it, so the dual is infeasible.${status(problem, 'unbounded')}`;
	},

	'same-value': ({ value, dual }, problem) =>
		say`Both have the value ${value}: neither can be better.${best(problem, value)}${best(dual, value)}`,
	'amount-is-rate': ({ column, amount, under }) =>
		say`${column} has the value ${amount} in the plan; in the dual it stands in the objective row, under ${under}: what each unit of ${under} would change.`,
	'rate-is-amount': ({ column, basic, amount }) =>
		say`What each unit of ${column} would change stands in the objective row; in the dual it is the value of ${basic}, ${amount}.`,
	traded: ({ row, column, dualRow, dualColumn }) =>
		say`Row ${row}, column ${column}: in the dual row ${dualRow}, column ${dualColumn}. Rows and columns have traded places.`
};

/** What is found of a dual, in words. @param problem what the dual is taken of */
export const dualWords = (problem: Problem, found: DualFinding): Sentence => words(DUALS, found, problem);
