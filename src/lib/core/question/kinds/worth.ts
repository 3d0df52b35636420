import { solveLinear } from '../../answer/answer';
import { dualProblem } from '../../answer/dual-problem';
import { ranging } from '../../answer/ranging';
import { summedRows } from '../../answer/check';
import { weakBound } from '../../answer/complementary';
import { isZero, ONE, rational, toText, ZERO, type Rational } from '../../number/rational';
import { isOneRate, marginal } from '../../parametric/marginal';
import { withNumber } from '../../problem/varied';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Constraint } from '../../problem/types';
import { objectiveAt, usesOf, writePlan } from '../../problem/use';
import { asksForWhole } from '../../problem/whole';
import type { Answer, QuestionKind, Situation, Slip } from '../types';
import { without } from './shared';

/** Questions about what the last tableau says of prices: dual values, one unit more, intervals, signs of the dual. */

const isOptimal = ({ isLast, answer, tableau }: Situation): boolean =>
	isLast && answer.status === 'optimal' && answer.tableau === tableau;

const rowAt = ({ problem, pick }: Situation): Constraint | undefined =>
	problem.constraints[pick(problem.constraints.length)];

export const dualValue: QuestionKind = {
	answers: 'number',
	ask(situation) {
		const row = rowAt(situation);
		const { answer, problem } = situation;
		if (!isOptimal(situation) || !row || !answer.duals || !answer.solution) return null;
		// where one more and one less are worth different amounts, the dual value is not one number
		if (!isOneRate(marginal(answer.tableau!, row.name))) return null;
		const right = answer.duals.get(row.name)!;
		const slack = usesOf(problem, answer.solution).find((use) => use.row.name === row.name)!.slack;
		const slips: Slip[] = [
			{ answer: toText(right.neg()), code: 'wrong-sign' },
			{ answer: toText(slack), code: 'slack-read' },
			{ answer: toText(row.rhs), code: 'amount-read' }
		];
		return { given: { row: row.name }, right: [toText(right)], slips: without([toText(right)], slips) };
	}
};

export const oneMore: QuestionKind = {
	answers: 'number',
	ask(situation) {
		const row = rowAt(situation);
		const { answer, problem } = situation;
		if (!isOptimal(situation) || !row || !answer.duals || !answer.objective) return null;
		const after = solveLinear(withNumber(problem, { rhs: row.name }, row.rhs.add(ONE)));
		if (after.status !== 'optimal' || !after.objective) return null;
		const right = toText(after.objective.sub(answer.objective));
		const dual = answer.duals.get(row.name)!;
		const slips: Slip[] = [
			{ answer: toText(dual), code: 'beyond-interval' },
			{ answer: toText(dual.neg()), code: 'wrong-sign' },
			{ answer: toText(after.objective), code: 'new-value' }
		];
		return { given: { row: row.name }, right: [right], slips: without([right], slips) };
	}
};

export const interval: QuestionKind = {
	answers: 'interval',
	ask(situation) {
		if (!isOptimal(situation)) return null;
		const { answer, problem, pick } = situation;
		const ranges = ranging(answer.tableau!);
		// at a degenerate plan the interval of the basis is not that of the answer
		if (ranges.degenerate) return null;
		const names = [
			...problem.constraints.map(({ name }) => ({ row: name })),
			...problem.variables.map(({ name }) => ({ column: name }))
		];
		const given: { row?: string; column?: string } = names[pick(names.length)];
		const range = given.row ? ranges.rhs.get(given.row) : ranges.objective.get(given.column!);
		if (!range) return null;
		const now = given.row
			? problem.constraints.find(({ name }) => name === given.row)!.rhs
			: (problem.objective.terms.get(given.column!) ?? ZERO);
		const ends = (low: Rational | null, high: Rational | null): Answer => [
			low && toText(low),
			high && toText(high)
		];
		const right = ends(range.low, range.high);
		const slips: Slip[] = [
			{
				answer: ends(range.low && range.low.sub(now), range.high && range.high.sub(now)),
				code: 'changes-instead'
			},
			{ answer: ends(null, range.high), code: 'no-lower-end' }
		];
		return { given, right: [right], slips: without([right], slips) };
	}
};

export const dualSign: QuestionKind = {
	answers: 'sign',
	about: 'statement',
	ask(situation) {
		const row = rowAt(situation);
		if (!row || situation.step > 0) return null;
		const { sense } = situation.problem.objective;
		const right =
			row.relation === '=' ? 'free' : (row.relation === '<=') === (sense === 'max') ? '>= 0' : '<= 0';
		const slips: Slip[] = [
			{
				answer: right === '>= 0' ? '<= 0' : '>= 0',
				code: row.relation === '=' ? 'equation-has-no-sign' : 'turned'
			},
			{ answer: 'free', code: 'only-equations-are-free' }
		];
		return { given: { row: row.name }, right: [right], slips: without([right], slips) };
	}
};

export const dualRelation: QuestionKind = {
	answers: 'choice',
	about: 'statement',
	ask({ problem, step, pick }) {
		if (step > 0) return null;
		const { name } = problem.variables[pick(problem.variables.length)];
		const { relation } = dualProblem(problem).problem.constraints.find((own) => own.name === name)!;
		const slips: Slip[] = [
			{
				answer: RELATION_SIGNS[relation === '>=' ? '<=' : '>='],
				code: relation === '=' ? 'free-gives-equation' : 'turned'
			},
			{ answer: '=', code: 'only-free-gives-equation' },
			{ answer: '≤', code: 'free-gives-equation' }
		];
		const right = RELATION_SIGNS[relation];
		return {
			given: { column: name, choices: Object.values(RELATION_SIGNS) },
			right: [right],
			slips: without([right], slips)
		};
	}
};

export const dualNumber: QuestionKind = {
	answers: 'number',
	about: 'statement',
	ask({ problem, step, pick }) {
		if (step > 0 || problem.constraints.length === 0) return null;
		const row = problem.constraints[pick(problem.constraints.length)];
		const { name: column } = problem.variables[pick(problem.variables.length)];
		const inRow = row.terms.get(column) ?? ZERO;
		const inObjective = problem.objective.terms.get(column) ?? ZERO;
		// a coefficient of the dual, a right-hand side, a coefficient of its objective
		const [given, right, mixed] = [
			[{ row: row.name, column }, inRow, inObjective] as const,
			[{ column }, inObjective, row.rhs] as const,
			[{ row: row.name }, row.rhs, inObjective] as const
		][pick(3)];
		const slips: Slip[] = [
			{ answer: toText(mixed), code: 'other-place' },
			{ answer: toText(right.neg()), code: 'wrong-sign' }
		];
		return { given, right: [toText(right)], slips: without([toText(right)], slips) };
	}
};

export const complementary: QuestionKind = {
	answers: 'names',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { answer, problem } = situation;
		if (!isOptimal(situation) || !answer.solution || problem.constraints.length === 0) return null;
		const slack = usesOf(problem, answer.solution).filter((use) => !isZero(use.slack));
		const right = slack.map(({ row }) => row.name);
		const all = problem.constraints.map(({ name }) => name);
		const slips: Slip[] = [
			{ answer: all.filter((name) => !right.includes(name)), code: 'binding-named' },
			{ answer: all, code: 'all-named' },
			{ answer: [], code: 'none-found' }
		];
		return {
			given: { plan: writePlan(answer.solution), choices: all },
			right: [right],
			slips: without([right], slips)
		};
	}
};

/** multipliers that are tried until some give a bound, or give none, as it was drawn */
const MOST_TRIES = 12;

export const multiplierBound: QuestionKind = {
	answers: 'number',
	about: 'statement',
	withProblem: true,
	ask({ problem, step, pick }) {
		const { sense } = problem.objective;
		// bounds of variables could take part in the sum
		const isPlain = problem.variables.every(({ lower, upper }) => lower && isZero(lower) && !upper);
		if (step > 0 || !isPlain || problem.constraints.length === 0 || asksForWhole(problem)) return null;
		const wantsBound = pick(3) > 0;
		const multipliers = () =>
			new Map(
				problem.constraints.map(({ name, relation }) => {
					const size = rational(pick(4));
					const isTurned = relation !== '=' && (relation === '<=') !== (sense === 'max');
					return [name, isTurned ? size.neg() : size];
				})
			);
		let chosen = multipliers();
		for (let i = 0; i < MOST_TRIES; i++) {
			if ((weakBound(problem, chosen).bound !== null) === wantsBound) break;
			chosen = multipliers();
		}
		if ([...chosen.values()].every(isZero)) return null;
		const { bound } = weakBound(problem, chosen);
		const sum = summedRows(problem, chosen).rhs.add(problem.objective.constant);
		const right = bound ? toText(bound) : 'none';
		const slips: Slip[] = [
			{ answer: toText(sum), code: 'not-covered' },
			{ answer: 'none', code: 'is-covered' }
		];
		return { given: { weights: writePlan(chosen) }, right: [right], slips: without([right], slips) };
	}
};

export const planStays: QuestionKind = {
	answers: 'yes-no',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { answer, problem, pick } = situation;
		if (!isOptimal(situation) || !answer.solution) return null;
		const { name } = problem.variables[pick(problem.variables.length)];
		const range = ranging(answer.tableau!).objective.get(name);
		if (!range) return null;
		const now = problem.objective.terms.get(name) ?? ZERO;
		// inside the interval, or beyond one of its ends
		const inside = range.high ? now.add(range.high.sub(now).div(2)) : now.add(ONE);
		const beyond = range.high ? range.high.add(ONE) : range.low && range.low.sub(ONE);
		const changed = pick(2) === 0 || !beyond ? inside : beyond;
		if (changed.equals(now)) return null;
		const other = withNumber(problem, { objective: name }, changed);
		const after = solveLinear(other);
		const stays = after.status === 'optimal' && after.objective!.equals(objectiveAt(other, answer.solution));
		return {
			given: { column: name, number: toText(changed), plan: writePlan(answer.solution) },
			right: [stays ? 'yes' : 'no'],
			slips: [{ answer: stays ? 'no' : 'yes', code: stays ? 'inside-interval' : 'outside-interval' }]
		};
	}
};
