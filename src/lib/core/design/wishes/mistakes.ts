import { solveLinear } from '../../answer/answer';
import { isZero, ONE, rational, sign } from '../../number/rational';
import { isFeasible } from '../../problem/types';
import { samePlan, withAmount } from '../../problem/use';
import { ratios } from '../../tableau/ratio';
import { columnOf, entry, readPlan, rhs } from '../../tableau/tableau';
import { runOf } from './method';
import { needsBest, type WishKind } from './wish';

/** Wishes that a student's slip has a consequence which the class can see. */

export const largerRatio: WishKind<'larger-ratio'> = {
	kind: 'larger-ratio',
	group: 'mistakes that show',
	first: { kind: 'larger-ratio', atLeast: 25 },
	cost: 6,
	controls: [{ kind: 'count', field: 'atLeast', label: 'hundredths', least: 1, most: 1_000 }],
	says: ({ atLeast }) =>
		`at the first pivot the second ratio is at least ${atLeast} % larger, so that taking it leaves the region`,
	decide(candidate, { atLeast }, request) {
		const { method, rule } = runOf(request);
		const first = candidate.run(method, rule)?.first;
		if (!first) return null;
		const { tableau: t, choice } = first;
		const position = t.nonbasic.indexOf(choice.entering);
		const all = ratios(t, position)
			.flatMap(({ value }) => (value && sign(value) >= 0 ? [value] : []))
			.sort((a, b) => a.compare(b));
		const [least] = all;
		const next = all.find((own) => least && own.gt(least));
		if (!next || isZero(least)) return null;
		return next.gte(least.mul(rational(100 + atLeast, 100)))
			? `${next.toFraction()} for ${least.toFraction()}`
			: null;
	}
};

export const misreadColumn: WishKind<'misread-column'> = {
	kind: 'misread-column',
	group: 'mistakes that show',
	first: { kind: 'misread-column' },
	cost: 4,
	says: () => 'reading a non-basic variable off at a 1 of its column gives a plan that violates a constraint',
	decide({ answer: { status, tableau: t, solution }, problem }) {
		if (status !== 'optimal' || !t || !solution) return null;
		for (const column of t.nonbasic) {
			const { kind, owner } = columnOf(t, column);
			if (kind !== 'structural') continue;
			const row = t.basis.findIndex((_, i) => entry(t, i, column).equals(ONE) && sign(rhs(t, i)) > 0);
			if (row >= 0 && !isFeasible(problem, withAmount(solution, owner.name, rhs(t, row)))) return owner.name;
		}
		return null;
	},
	against: (_wish, request) => needsBest(request)
};

export const wrongSign: WishKind<'wrong-sign'> = {
	kind: 'wrong-sign',
	group: 'mistakes that show',
	first: { kind: 'wrong-sign' },
	cost: 4,
	says: () => 'with the signs of the objective row reversed the method ends at another corner',
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
