import { optimalSet } from '../../answer/optimal-set';
import { rational, toText, ZERO, type Rational } from '../../number/rational';
import { asksForWhole, isWhole, mustBeWhole } from '../../problem/whole';
import { brokenConstraints, type Plan, type Problem } from '../../problem/types';
import { brokenAt, isAllowed, objectiveAt, planFromTexts, rounded, writePlan } from '../../problem/use';
import { planIn } from '../answers';
import type { Answer, Consequence, Kind, Question, Slip } from '../types';
import { without } from './shared';

/** Questions about plans: which constraints one violates, the best corner, whether rounding keeps it feasible. */

/** What a plan violates, and by how much. */
function violations(problem: Problem, plan: Plan): Consequence | null {
	const broken = brokenAt(problem, plan).map(({ name, by }) => [name, toText(by)]);
	return broken.length > 0 ? { violates: Object.fromEntries(broken) as Record<string, string> } : null;
}
const givenPlan = ({ given }: Question): Plan => planFromTexts(given.plan ?? {});

export const feasible: Kind = {
	answers: 'names',
	about: 'statement',
	withProblem: true,
	ask({ problem, answer, step, pick }) {
		if (step > 0) return null;
		const about = answer.solution ? rounded(answer.solution) : new Map<string, Rational>();
		const plan: Plan = new Map(
			problem.variables.map(({ name }) => [name, (about.get(name) ?? rational(2)).add(rational(pick(5) - 2))])
		);
		const within: Plan = new Map([...plan].map(([name, amount]) => [name, amount.s < 0n ? ZERO : amount]));
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

export const bestCorner: Kind = {
	answers: 'plan',
	about: 'statement',
	withProblem: true,
	ask({ problem, answer, step }) {
		if (step > 0 || problem.variables.length !== 2 || answer.status !== 'optimal' || !answer.tableau)
			return null;
		const right = optimalSet(answer.tableau).vertices.map(writePlan);
		if (right.length === 0) return null;
		const origin = Object.fromEntries(problem.variables.map(({ name }) => [name, '0']));
		return { given: {}, right, slips: without(right, [{ answer: origin, code: 'start' }]) };
	},
	consequence(question, answer) {
		const plan = planIn(answer);
		const problem = question.problem!;
		if (!plan) return null;
		return violations(problem, plan) ?? { value: toText(objectiveAt(problem, plan)) };
	}
};

export const rounding: Kind = {
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
