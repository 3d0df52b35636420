import { columnsOf, type TableauCell } from '../../answer/complementary-bases';
import { columnValue, objectiveValue, type Tableau } from '../../tableau/tableau';
import type { FromPlan, Pair, WeakBound } from '../../answer/complementary';
import type { Certificate } from '../../answer/certificate';
import type { DualStep, WrittenDual } from '../../answer/dual-steps';
import type { Multipliers } from '../../answer/multipliers';
import { summedRows } from '../../answer/check';
import { isZero, sign, type Rational } from '../../number/rational';
import { isBound, ownerOf } from '../../problem/row-owner';
import { RELATION_SIGNS } from '../../problem/relation';
import { withoutZeros, type Plan, type Problem, type Relation } from '../../problem/types';
import { claim, inBrackets, joined, linear, say, type Sentence } from '../../sentence/sentence';

/** What is said of the dual: how it is written, the bound that any dual values give, and complementary slackness. */

const OTHER = { max: 'minimum', min: 'maximum' } as const;
const WORD = { max: 'maximum', min: 'minimum' } as const;

/** The relation that bounds the objective from the side that is wanted: from above for a maximum. */
const wantedOf = ({ objective }: Problem): Relation => (objective.sense === 'max' ? '<=' : '>=');

/** Why a step of the dual is as it is. */
export function dualStepSentence({ primal, dual, counted }: WrittenDual, step: DualStep): Sentence {
	const { objective } = primal;
	const isMax = objective.sense === 'max';
	const goal = objective.name;
	const wanted = wantedOf(primal);
	if (step.kind === 'counted') {
		const all = [...counted].map(
			([name, own]) => say`${own.variable} = ${own.from} ${own.sign > 0 ? '+' : '−'} ${name}`
		);
		return say`Variables are counted from their bounds, ${joined(all)}: then these bounds are signs and need no rows. What the bounds alone bring, ${objective.constant}, stands in both objectives.`;
	}
	if (step.kind === 'objective')
		return say`Multiply each row by a number and add them up: this bounds the ${goal} of every plan. The dual asks for the ${isMax ? 'lowest' : 'highest'} such bound, so a ${WORD[objective.sense]} has a ${OTHER[objective.sense]} as its dual. The right-hand sides become its coefficients.`;
	if (step.kind === 'row') {
		const { row, variable, relation, sign } = step;
		const owner = ownerOf(row);
		const said = isBound(owner) ? say`The ${owner.kind} bound of ${owner.name}` : say`${{ constraint: row }}`;
		if (sign === 0)
			return say`${said} is an equation: it may be multiplied by any number and stays one. So ${variable} is free.`;
		const hurts =
			relation === '<='
				? isMax
					? say`more of it never hurts`
					: say`more of it never raises the least ${goal}`
				: isMax
					? say`asking for more never helps`
					: say`asking for more never makes it cheaper`;
		const why =
			relation === wanted
				? say`times a number that is not negative it stays ${RELATION_SIGNS[relation]}, as the bound needs`
				: say`only times a number that is not positive it becomes ${RELATION_SIGNS[wanted]}, as the bound needs`;
		return say`${said} is ${RELATION_SIGNS[relation]} in a ${WORD[objective.sense]}: ${why}; ${hurts}. So ${variable} ${sign > 0 ? '≥' : '≤'} 0.`;
	}
	const { variable, relation } = step;
	const row = dual.problem.constraints.find(({ name }) => name === variable)!;
	const own = say`${linear(row.terms)} ${RELATION_SIGNS[relation]} ${row.rhs}`;
	if (relation === '=')
		return say`${variable} may have either sign, so the rows together must have just its ${row.rhs} of ${goal}, or a plan could pass the bound: ${own}.`;
	const isUsual = (relation === '>=') === isMax;
	const sign = isUsual ? '≥' : '≤';
	return say`As ${variable} ${sign} 0, the rows together must have ${relation === '>=' ? 'at least' : 'at most'} its ${row.rhs} of ${goal} for each unit; then the sum never lies ${isMax ? 'below' : 'above'} ${goal}: ${own}.`;
}

/** The rows combined with any dual values, line by line, and the bound that this gives. */
export function combinationSentences(problem: Problem, duals: Multipliers, bound: WeakBound): Sentence[] {
	const used = problem.constraints.filter(({ name }) => !isZero(duals.get(name)!));
	const { name, sense } = problem.objective;
	const lines = used.map((row) => {
		const y = duals.get(row.name)!;
		const scaled = new Map([...row.terms].map(([own, value]) => [own, value.mul(y)]));
		const relation = y.s < 0n && row.relation !== '=' ? (row.relation === '<=' ? '>=' : '<=') : row.relation;
		return say`${inBrackets(y)} · ${{ constraint: row.name }}: ${linear(scaled)} ${RELATION_SIGNS[relation]} ${row.rhs.mul(y)}`;
	});
	if (bound.wrong.length > 0)
		return [
			...lines,
			say`${joined(bound.wrong.map((own) => say`${{ constraint: own }}`))} ${bound.wrong.length > 1 ? 'are' : 'is'} turned round by ${bound.wrong.length > 1 ? 'their signs' : 'its sign'}: the rows do not add up to a bound.`
		];
	const { terms, rhs } = summedRows(problem, duals);
	const sum = withoutZeros(terms);
	const all = say`Together: ${linear(sum)} ${RELATION_SIGNS[wantedOf(problem)]} ${rhs}.`;
	if (bound.bound === null)
		return [
			...lines,
			all,
			say`${joined(bound.open.map((own) => say`${own}`))} ${bound.open.length > 1 ? 'are' : 'is'} not covered: ${bound.open.length > 1 ? 'they bring' : 'it brings'} ${sense === 'max' ? 'more' : 'less'} ${name} than the rows together count, so there is no bound yet.`
		];
	return [
		...lines,
		all,
		say`So ${name} ${sense === 'max' ? '≤' : '≥'} ${bound.bound} for every plan.${claim({ problem, is: 'bound', value: bound.bound })}`
	];
}

/** Bound and value side by side. */
export function gapSentence(problem: Problem, value: Rational, bound: Rational): Sentence {
	const gap = bound.sub(value).abs();
	const { name } = problem.objective;
	return isZero(gap)
		? say`The plan's ${name} and the bound are both ${value}: so both the plan and the dual values are optimal.${claim({ problem, is: 'best', value })}`
		: say`The plan has ${name} = ${value}, the bound is ${bound}: a gap of ${gap}. The optimal value lies between them.${claim({ problem, is: 'bound', value: bound })}`;
}

/** `each unit of it brings 2 less than what it uses is worth`: a reduced cost, whatever the dual values are. */
function comparedWithRows({ objective }: Problem, worth: Rational): Sentence {
	const [brings, uses] = objective.sense === 'max' ? ['brings', 'uses'] : ['costs', 'supplies'];
	const by = isZero(worth)
		? say`exactly as much as`
		: say`${worth.abs()} ${sign(worth) > 0 ? 'more' : 'less'} than`;
	return say`${brings} ${by} what it ${uses} is worth`;
}

/** A pair of complementary slackness in words. */
export function pairSentence(
	problem: Problem,
	{ kind, name, rest, worth, product, isAllowed }: Pair
): Sentence {
	const goal = problem.objective.name;
	const said = kind === 'constraint' ? say`${{ constraint: name }}` : say`${name}`;
	if (!isAllowed)
		return kind === 'constraint'
			? say`The dual value ${worth} of ${said} has a sign that its relation does not allow.`
			: say`These dual values are not feasible: ${said} would still improve ${goal} by ${worth.abs()} per unit.`;
	if (kind === 'constraint') {
		if (sign(rest) < 0) return say`The plan violates ${said} by ${rest.abs()}, so it is not feasible.`;
		if (!isZero(product))
			return say`${said} has ${rest} left and yet the dual value ${worth}. At an optimal plan one of the two is 0.`;
		if (!isZero(worth)) return say`${said} has the dual value ${worth}, and nothing of it is left.`;
		return isZero(rest)
			? say`Nothing of ${said} is left, and its dual value is 0.`
			: say`${said} has ${rest} left, and its dual value is 0.`;
	}
	const brings = comparedWithRows(problem, worth);
	if (!isZero(product))
		return say`${said} is ${rest} away from its bound, though each unit of it ${brings}. At an optimal plan one of the two is 0.`;
	return isZero(worth)
		? say`Each unit of ${said} ${brings}.`
		: say`${said} is at its bound, and each unit of it ${brings}.`;
}

/** The dual values that follow from a plan, and what they prove. */
export function fromPlanSentences(problem: Problem, plan: Plan, found: FromPlan): Sentence[] {
	const optimal = (holds: boolean) => claim({ problem, is: 'optimal-plan', plan, holds });
	if (found.is === 'not-feasible')
		return [say`The plan violates a constraint or a bound, so it cannot be optimal.${optimal(false)}`];
	const equations = found.equations.map(
		({ variable, terms, rhs }) =>
			say`${variable} lies between its bounds, so its dual constraint holds with equality: ${joined(
				[...terms].map(([row, value]) => say`${inBrackets(value)} · y(${{ constraint: row }})`),
				' + ',
				' + '
			)}${terms.size ? '' : '0'} = ${rhs}.`
	);
	const zero = say`Constraints with slack have the dual value 0.`;
	if (found.is === 'none')
		return [
			zero,
			...equations,
			say`No numbers satisfy these equations, so the plan is not optimal.${optimal(false)}`
		];
	if (found.is === 'several')
		return [
			zero,
			...equations,
			say`These equations have more than one solution: the corner is degenerate, so the plan alone does not determine the dual values.`
		];
	const values = [...found.duals].filter(([, value]) => !isZero(value));
	const told = values.length
		? say`They give ${joined(values.map(([row, value]) => say`${value} for ${{ constraint: row }}`))}, and 0 elsewhere.`
		: say`They give 0 everywhere.`;
	if (found.wrong.length === 0)
		return [
			zero,
			...equations,
			told,
			say`All signs are allowed, so these dual values prove that the plan is optimal.${optimal(true)}`
		];
	return [
		zero,
		...equations,
		told,
		pairSentence(problem, found.wrong[0]),
		say`So the plan is not optimal.${optimal(false)}`
	];
}

/** What proves that there is no plan, or no end, read in the primal and in the dual. */
export function certificateSentence(problem: Problem, certificate: Certificate): Sentence {
	const { name, sense } = problem.objective;
	const status = (own: 'infeasible' | 'unbounded') => claim({ problem, is: 'status', status: own });
	if (certificate.kind === 'infeasible') {
		const used = [...certificate.multipliers].filter(([, value]) => !isZero(value));
		if (used.length === 0)
			return say`The bounds of a variable exclude each other, so no plan is feasible.${status('infeasible')}`;
		const told = joined(
			used.map(([row, value]) => say`${value} · ${{ constraint: row }}`),
			' + ',
			' + '
		);
		return say`No plan is feasible: ${told} asks for more than any plan can give. In the dual, the same numbers are a direction in which the objective improves without limit, if the dual is feasible.${status('infeasible')}`;
	}
	if (certificate.kind === 'optimal') return say`The problem has an optimal plan.`;
	const way = joined(
		[...certificate.ray].filter(([, value]) => !isZero(value)).map(([own, value]) => say`${own} by ${value}`)
	);
	return say`${name} is unbounded: from any feasible plan one can change ${way}, again and again, and it gets ${sense === 'max' ? 'larger' : 'smaller'} without limit. No dual values can bound it, so the dual is infeasible.${status('unbounded')}`;
}

/** What the number of a cell of the primal's last tableau is in the dual's, where it stands with rows and columns traded. */
export function twinSentence(primal: Tableau, dual: Tableau, cell: TableauCell, twin: TableauCell): Sentence {
	const here = columnsOf(primal, cell);
	const there = columnsOf(dual, twin);
	if (!here.row && !here.column)
		return say`The value ${objectiveValue(primal)} stands in both: neither can be better.${claim({ problem: primal.form.problem, is: 'best', value: objectiveValue(primal) })}${claim({ problem: dual.form.problem, is: 'best', value: objectiveValue(dual) })}`;
	if (!here.column)
		return say`${here.row!} has the value ${columnValue(primal, cell.row!)} in the plan; in the dual it stands in the objective row, under ${there.column!}: what each unit of ${there.column!} would change.`;
	if (!here.row)
		return say`What each unit of ${here.column} would change stands in the objective row; in the dual it is the value of ${there.row!}, ${columnValue(dual, twin.row!)}.`;
	return say`Row ${here.row}, column ${here.column}: in the dual row ${there.row!}, column ${there.column!}. Rows and columns have traded places.`;
}
