import { en } from '../../language/language';
import { ranging } from '../../answer/ranging';
import { isZero, rational } from '../../number/rational';
import { bindsAt } from '../../problem/use';
import { OBJECTIVE } from '../../tableau/goal';
import { cost, isArtificial, rhs } from '../../tableau/tableau';
import { needsBest, type WishKind } from './wish';

/** Wishes about dual values and intervals. */

export const dualDenominator: WishKind<'dual-denominator'> = {
	kind: 'dual-denominator',
	group: 'dual values',
	first: { kind: 'dual-denominator', atMost: 4 },
	cost: 3,
	controls: [{ kind: 'count', field: 'atMost', label: en`largest denominator`, least: 1, most: 10_000 }],
	says: ({ atMost }) => en`no dual value has a denominator above ${atMost}`,
	decide({ answer }, { atMost }) {
		if (!answer.duals) return null;
		const most = [...answer.duals.values()].reduce((own, { d }) => (d > own ? d : own), 1n);
		return most <= BigInt(atMost) ? Number(most) : null;
	},
	against: (_wish, request) => needsBest(request)
};

export const interval: WishKind<'interval'> = {
	kind: 'interval',
	group: 'dual values',
	first: { kind: 'interval', atLeast: 10 },
	cost: 4,
	controls: [{ kind: 'count', field: 'atLeast', label: en`width`, least: 1, most: 10_000 }],
	says: ({ atLeast }) => en`the range of each binding right-hand side is at least ${atLeast} wide`,
	decide({ answer, best, problem }, { atLeast }) {
		if (!answer.tableau || !best?.unique) return null;
		const [plan] = best.vertices;
		const { rhs: ranges } = ranging(answer.tableau);
		const widths = problem.constraints.flatMap((row) => {
			if (!bindsAt(row, plan)) return [];
			const { low, high } = ranges.get(row.name)!;
			return [low && high ? high.sub(low) : null];
		});
		const ends = widths.flatMap((own) => own ?? []);
		const least = ends.length ? ends.reduce((a, b) => (b.lt(a) ? b : a)) : null;
		if (widths.length === 0 || least?.lt(rational(atLeast))) return null;
		return least ? least.toFraction() : en`no end`;
	},
	against: (_wish, request) => needsBest(request)
};

export const worthlessLimit: WishKind<'worthless-limit'> = {
	kind: 'worthless-limit',
	group: 'dual values',
	first: { kind: 'worthless-limit' },
	cost: 3,
	says: () => en`a binding constraint has the dual value 0`,
	decide({ answer, best, problem }) {
		if (!answer.duals || !best?.unique) return null;
		const [plan] = best.vertices;
		const row = problem.constraints.find((own) => isZero(answer.duals!.get(own.name)!) && bindsAt(own, plan));
		return row?.name ?? null;
	},
	against: (_wish, request) => needsBest(request)
};

export const bothDegenerate: WishKind<'both-degenerate'> = {
	kind: 'both-degenerate',
	group: 'dual values',
	first: { kind: 'both-degenerate' },
	cost: 3,
	says: () => en`the last tableau is degenerate, primal and dual`,
	decide({ answer: { status, tableau: t } }) {
		if (status !== 'optimal' || !t) return null;
		const isPrimal = t.basis.some((column, row) => !isArtificial(t, column) && isZero(rhs(t, row)));
		const isDual = t.nonbasic.some((column) => !t.barred.has(column) && isZero(cost(t, OBJECTIVE, column)));
		return isPrimal && isDual ? true : null;
	},
	against: (_wish, request) => needsBest(request)
};
