import { en } from '../../language/language';
import { solveLinear } from '../../answer/answer';
import { largerRatios, nonbasicRead } from '../../method/slips';
import { isZero, ONE, rational } from '../../number/rational';
import { isFeasible } from '../../problem/types';
import { samePlan } from '../../problem/use';
import { negativeRows } from '../../tableau/ratio';
import { columnOf, entryAt, readPlan, rhs } from '../../tableau/tableau';
import { wishedRun } from './method';
import { needsBest, type WishKind } from './wish';

/** Wishes that a student's slip has a consequence which the class can see. */

export const largerRatio: WishKind<'larger-ratio'> = {
	kind: 'larger-ratio',
	group: 'mistakes that show',
	first: { kind: 'larger-ratio', atLeast: 25 },
	cost: 6,
	controls: [{ kind: 'count', field: 'atLeast', label: en`hundredths`, least: 1, most: 1_000 }],
	says: ({ atLeast }) =>
		en`at the first pivot the second ratio is at least ${atLeast} % larger, so that taking it leaves the region`,
	decide(candidate, { atLeast }, request) {
		const { method, rule } = wishedRun(request);
		const first = candidate.run(method, rule)?.first;
		if (!first) return null;
		const { tableau: t, choice } = first;
		const slot = t.nonbasic.indexOf(choice.entering);
		// where the dual method goes first it compares along the row, and no ratio leaves the region
		const [next] = negativeRows(t).length > 0 ? [] : largerRatios(t, slot);
		if (!next) return null;
		const least = rhs(t, next.least).div(entryAt(t, next.least, slot));
		if (isZero(least)) return null;
		return next.ratio.gte(least.mul(rational(100 + atLeast, 100)))
			? en`${next.ratio.toFraction()} for ${least.toFraction()}`
			: null;
	}
};

export const misreadColumn: WishKind<'misread-column'> = {
	kind: 'misread-column',
	group: 'mistakes that show',
	first: { kind: 'misread-column' },
	cost: 4,
	says: () =>
		en`reading a non-basic variable off at a 1 of its column gives a plan that violates a constraint`,
	decide({ answer: { status, tableau: t, solution }, problem }) {
		if (status !== 'optimal' || !t || !solution) return null;
		const read = nonbasicRead(t, (value) => value.equals(ONE));
		const shows = read.find(({ plan }) => !isFeasible(problem, plan));
		return shows ? columnOf(t, shows.column).owner.name : null;
	},
	against: (_wish, request) => needsBest(request)
};

export const wrongSign: WishKind<'wrong-sign'> = {
	kind: 'wrong-sign',
	group: 'mistakes that show',
	first: { kind: 'wrong-sign' },
	cost: 4,
	says: () => en`with the signs of the objective row reversed the method ends at another corner`,
	decide({ answer, problem }) {
		if (!answer.solution) return null;
		const { objective } = problem;
		const terms = new Map([...objective.terms].map(([name, value]) => [name, value.neg()]));
		const { status, tableau } = solveLinear({ ...problem, objective: { ...objective, terms } });
		if (status !== 'optimal' || !tableau) return null;
		const plan = readPlan(tableau);
		return samePlan(plan, answer.solution)
			? null
			: `(${[...plan.values()].map((own) => own.toFraction()).join(', ')})`;
	},
	against: (_wish, request) => needsBest(request)
};
