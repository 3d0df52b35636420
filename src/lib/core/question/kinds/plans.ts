import { optimalSet } from '../../answer/optimal-set';
import { isInteger, rational, toText } from '../../number/rational';
import { asksForWhole } from '../../problem/whole';
import type { Plan, Problem } from '../../problem/types';
import { brokenAt, notAllowed, planFromTexts, rounded, writePlan } from '../../problem/use';
import type { Answer, Consequence, Kind, Question, Slip } from '../types';
import { without } from './pivoting';

/** Questions about plans: which constraints one violates, the best corner, whether rounding keeps it feasible. */

const brokenNames = (problem: Problem, plan: Plan): string[] =>
	brokenAt(problem, plan)
		.filter(({ bound }) => bound === null)
		.map(({ name }) => name);

/** What a plan violates, and by how much. */
function violations(problem: Problem, plan: Plan): Consequence | null {
	const broken = brokenAt(problem, plan).map(({ name, by }) => [name, toText(by)]);
	return broken.length > 0 ? { violates: Object.fromEntries(broken) as Record<string, string> } : null;
}
const givenPlan = ({ given }: Question): Plan => planFromTexts(given.plan ?? {});

export const feasible: Kind = {
	answers: 'names',
	withProblem: true,
	ask({ problem, answer, step, pick }) {
		if (step > 0) return null;
		const about = answer.solution ? rounded(answer.solution) : new Map<string, ReturnType<typeof rational>>();
		const plan: Plan = new Map(
			problem.variables.map(({ name }) => [name, (about.get(name) ?? rational(2)).add(rational(pick(5) - 2))])
		);
		const within: Plan = new Map(
			[...plan].map(([name, amount]) => [name, amount.s < 0n ? rational(0) : amount])
		);
		const right = brokenNames(problem, within);
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
		if (typeof answer !== 'object' || Array.isArray(answer)) return null;
		const plan = planFromTexts(answer as Record<string, string>);
		const problem = question.problem!;
		const broken = violations(problem, plan);
		if (broken) return broken;
		let total = problem.objective.constant;
		for (const [name, coefficient] of problem.objective.terms)
			total = total.add(coefficient.mul(plan.get(name) ?? rational(0)));
		return { value: toText(total) };
	}
};

export const rounding: Kind = {
	answers: 'yes-no',
	withProblem: true,
	ask({ problem, answer, isLast }) {
		if (!isLast || answer.status !== 'optimal' || !answer.solution || !asksForWhole(problem)) return null;
		const whole = problem.variables.filter(({ domain }) => domain !== 'continuous').map(({ name }) => name);
		if (whole.every((name) => isInteger(answer.solution!.get(name) ?? rational(0)))) return null;
		const near = rounded(answer.solution);
		const plan: Plan = new Map(
			[...answer.solution].map(([name, amount]) => [name, whole.includes(name) ? near.get(name)! : amount])
		);
		const isFeasible = brokenAt(problem, plan).length === 0 && notAllowed(problem, plan).length === 0;
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
