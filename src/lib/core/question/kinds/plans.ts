import { optimalSet } from '../../answer/optimal-set';
import { rational, toText, ZERO, type Rational } from '../../number/rational';
import { asksForWhole, isWhole, mustBeWhole } from '../../problem/whole';
import { brokenConstraints, evaluate, type Plan } from '../../problem/types';
import { brokenAt, isAllowed, objectiveAt, planFromTexts, rounded, writePlan } from '../../problem/use';
import { planIn } from '../answers';
import type { Answer, QuestionKind, Question, Situation, Slip } from '../types';
import { violations, without } from './shared';

/** Questions about plans: which constraints one violates, the best corner, whether rounding keeps it feasible. */

const givenPlan = ({ given }: Question): Plan => planFromTexts(given.plan ?? {});

/** A plan near the best one, in whole numbers that are not negative. */
function planNear({ problem, answer, pick }: Situation): Plan {
	const about = answer.solution ? rounded(answer.solution) : new Map<string, Rational>();
	return new Map(
		problem.variables.map(({ name }) => {
			const amount = (about.get(name) ?? rational(2)).add(rational(pick(5) - 2));
			return [name, amount.s < 0n ? ZERO : amount];
		})
	);
}

export const feasible: QuestionKind = {
	answers: 'names',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, step } = situation;
		if (step > 0 || problem.constraints.length === 0) return null;
		const within = planNear(situation);
		const right = [...brokenConstraints(problem, within)];
		const all = problem.constraints.map(({ name }) => name);
		const slips: Slip[] = [
			{ answer: [], code: 'none-found' },
			{ answer: all.filter((name) => !right.includes(name)), code: 'satisfied-named' }
		];
		return { given: { plan: writePlan(within) }, right: [right], slips: without([right], slips) };
	},
	consequence: (question) => violations(question.problem!, givenPlan(question))
};

export const violation: QuestionKind = {
	answers: 'number',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, step, pick } = situation;
		if (step > 0 || problem.constraints.length === 0) return null;
		const plan = planNear(situation);
		const broken = brokenAt(problem, plan).filter(({ bound }) => !bound);
		const one = broken.length > 0 ? broken[pick(broken.length)] : null;
		const row = one
			? problem.constraints.find(({ name }) => name === one.name)!
			: problem.constraints[pick(problem.constraints.length)];
		const right = one ? toText(one.by) : '0';
		const left = evaluate(row.terms, plan);
		const slips: Slip[] = [
			{ answer: toText(left), code: 'left-side' },
			{ answer: toText(left.sub(row.rhs).abs()), code: 'is-satisfied' },
			{ answer: '0', code: 'is-violated' }
		];
		return {
			given: { plan: writePlan(plan), row: row.name },
			right: [right],
			slips: without([right], slips)
		};
	}
};

export const planValue: QuestionKind = {
	answers: 'number',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, step } = situation;
		if (step > 0 || problem.variables.length === 0) return null;
		const plan = planNear(situation);
		const { terms, constant } = problem.objective;
		const right = toText(objectiveAt(problem, plan));
		const sum = problem.variables.reduce((all, { name }) => all.add(plan.get(name)!), ZERO);
		const slips: Slip[] = [
			{ answer: toText(evaluate(terms, plan)), code: 'constant-forgotten' },
			{ answer: toText(sum.add(constant)), code: 'coefficients-forgotten' }
		];
		return { given: { plan: writePlan(plan) }, right: [right], slips: without([right], slips) };
	}
};

export const bestCorner: QuestionKind = {
	answers: 'plan',
	about: 'statement',
	withProblem: true,
	ask({ problem, answer, step }) {
		if (step > 0 || problem.variables.length !== 2 || answer.status !== 'optimal' || !answer.tableau)
			return null;
		const right = optimalSet(answer.tableau).vertices.map(writePlan);
		if (right.length === 0) return null;
		const origin = Object.fromEntries(problem.variables.map(({ name }) => [name, '0']));
		const isFeasible = violations(problem, planFromTexts(origin)) === null;
		const slip = { answer: origin, code: isFeasible ? 'start' : 'outside' };
		return { given: {}, right, slips: without(right, [slip]) };
	},
	consequence(question, answer) {
		const plan = planIn(answer);
		const problem = question.problem!;
		if (!plan) return null;
		return violations(problem, plan) ?? { value: toText(objectiveAt(problem, plan)) };
	}
};

export const rounding: QuestionKind = {
	answers: 'yes-no',
	about: 'statement',
	withProblem: true,
	ask({ problem, answer, isLast }) {
		if (!isLast || answer.status !== 'optimal' || !answer.solution || !asksForWhole(problem)) return null;
		if (isWhole(problem, answer.solution)) return null;
		const whole = new Set(problem.variables.filter(mustBeWhole).map(({ name }) => name));
		const near = rounded(answer.solution);
		const plan: Plan = new Map(
			[...answer.solution].map(([name, amount]) => [name, whole.has(name) ? near.get(name)! : amount])
		);
		const isFeasible = isAllowed(problem, plan);
		const right: Answer = isFeasible ? 'yes' : 'no';
		return {
			given: { plan: writePlan(plan) },
			right: [right],
			slips: [
				{ answer: isFeasible ? 'no' : 'yes', code: isFeasible ? 'rounding-can-stay' : 'rounding-can-leave' }
			]
		};
	},
	consequence: (question) => violations(question.problem!, givenPlan(question))
};
