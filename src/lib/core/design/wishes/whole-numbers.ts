import { en } from '../../language/language';
import { roundings } from '../../integer/rounding';
import { rational } from '../../number/rational';
import { limitWords, needsFraction, within, type WishKind } from './wish';

/** Wishes about the work for whole numbers: how far the relaxation is away, cuts and nodes. */

export const noRounding: WishKind<'no-rounding'> = {
	kind: 'no-rounding',
	group: 'whole numbers',
	first: { kind: 'no-rounding' },
	cost: 4,
	isWhole: true,
	says: () => en`no rounding of the relaxation’s best plan is feasible`,
	decide({ problem, best }) {
		if (!best?.unique) return null;
		const all = roundings(problem, best.vertices[0]);
		return all.length > 0 && all.every(({ broken }) => broken.length > 0) ? all.length : null;
	},
	against: (_wish, request) => needsFraction(request)
};

export const gap: WishKind<'gap'> = {
	kind: 'gap',
	group: 'whole numbers',
	first: { kind: 'gap', atLeast: 2 },
	cost: 7,
	isWhole: true,
	controls: [{ kind: 'count', field: 'atLeast', label: en`how much`, least: 1, most: 100_000 }],
	says: ({ atLeast }) => en`the best integer value is at least ${atLeast} away from the relaxation's`,
	decide(candidate, { atLeast }) {
		const { objective } = candidate.answer;
		if (!objective || candidate.whole.status !== 'optimal') return null;
		const own = candidate.whole.objective!.sub(objective).abs();
		return own.gte(rational(atLeast)) ? own.toFraction() : null;
	},
	against: (_wish, request) => needsFraction(request)
};

export const cuts: WishKind<'cuts'> = {
	kind: 'cuts',
	group: 'whole numbers',
	first: { kind: 'cuts', exactly: 2 },
	cost: 8,
	isWhole: true,
	controls: [{ kind: 'limit', label: en`how many`, least: 0, most: 50 }],
	says: (wish) =>
		(wish.exactly ?? wish.atMost) === 1
			? en`${limitWords(wish)} cut makes the best plan whole`
			: en`${limitWords(wish)} cuts make the best plan whole`,
	decide(candidate, wish) {
		if (candidate.answer.status !== 'optimal') return null;
		const { status, cuts: all } = candidate.cuts;
		return status === 'optimal' || status === 'infeasible' ? within(all.length, wish) : null;
	},
	against: ({ exactly }, request) => (exactly === undefined || exactly === 0 ? null : needsFraction(request))
};

export const nodes: WishKind<'nodes'> = {
	kind: 'nodes',
	group: 'whole numbers',
	first: { kind: 'nodes', exactly: 5 },
	cost: 7,
	isWhole: true,
	controls: [{ kind: 'limit', label: en`how many`, least: 1, most: 100 }],
	says: (wish) => en`the tree has ${limitWords(wish)} nodes`,
	decide(candidate, wish) {
		const { status, nodesMade } = candidate.whole;
		return status === 'optimal' || status === 'infeasible' ? within(nodesMade, wish) : null;
	},
	against: ({ exactly }, request) => (exactly === undefined || exactly <= 1 ? null : needsFraction(request))
};

export const depthWorse: WishKind<'depth-worse'> = {
	kind: 'depth-worse',
	group: 'whole numbers',
	first: { kind: 'depth-worse' },
	cost: 9,
	isWhole: true,
	says: () => en`depth first takes more nodes than best bound`,
	decide(candidate) {
		if (candidate.answer.status !== 'optimal') return null;
		const [deep, bound] = (['depth-first', 'best-bound'] as const).map((rule) => candidate.nodesBy(rule));
		return deep !== null && bound !== null && deep > bound ? en`${deep} and ${bound}` : null;
	},
	against: (_wish, request) => needsFraction(request)
};
