import { en } from '../../language/language';
import { planAt } from '../../geometry/sides';
import { metCount } from '../../problem/use';
import { withoutConstraints } from '../../geometry/sides';
import { outline, polyhedron, type Polyhedron } from '../../geometry/polyhedron';
import { approximate, max, min, rational, ZERO, type Rational } from '../../number/rational';
import type { Problem } from '../../problem/types';
import type { DesignRequest } from '../types';
import { isWholePoint } from '../plane';
import { leastApart } from '../spread';
import { limitWords, needsCorner, other, within, type WishKind } from './wish';

/** Wishes about the region of the relaxation: its corners, whether it ends, whether a constraint does nothing. */

export const corners: WishKind<'corners'> = {
	kind: 'corners',
	group: 'region',
	first: { kind: 'corners', exactly: 5 },
	cost: 5,
	controls: [{ kind: 'count', field: 'exactly', label: en`how many`, least: 0, most: 500 }],
	says: ({ exactly }) => en`the region has ${exactly} corners`,
	decide: ({ region }, { exactly }) => (region.vertices.length === exactly ? exactly : null),
	quickly: ({ corners: all }, { exactly }) => all.length === exactly,
	against({ exactly }, request) {
		if (request.wishes.some((wish) => wish.kind === 'corners' && wish.exactly !== exactly))
			return en`there are two wishes for different numbers of corners`;
		// with signs for all variables a region that is not empty has a corner; in the plane each side gives one at most
		if (exactly === 0 && (request.plan || (other(request, 'answer')?.is ?? 'infeasible') !== 'infeasible'))
			return en`a feasible problem with signs has a corner`;
		if (request.variables === 2 && exactly > request.constraints + 2)
			return en`two variables and ${request.constraints} constraints make ${request.constraints + 2} corners at most`;
		return exactly > 0 ? needsCorner(request) : null;
	}
};

export const wholeCorners: WishKind<'whole-corners'> = {
	kind: 'whole-corners',
	group: 'region',
	first: { kind: 'whole-corners' },
	cost: 5,
	says: () => en`all corners are whole`,
	decide: ({ region }) =>
		region.vertices.length > 0 && region.vertices.every(({ at }) => at.every(({ d }) => d === 1n))
			? region.vertices.length
			: null,
	quickly: ({ corners: all }) => all.length > 0 && all.every(isWholePoint),
	against(_wish, request) {
		if (other(request, 'fractional'))
			return en`the relaxation’s best plan is a corner, and shall be fractional`;
		if (other(request, 'rounding')) return en`the best plan is a corner, and a whole one is its own rounding`;
		return needsCorner(request);
	}
};

export const bounded: WishKind<'bounded'> = {
	kind: 'bounded',
	group: 'region',
	first: { kind: 'bounded', is: true },
	cost: 5,
	controls: [{ kind: 'yes', field: 'is' }],
	says: ({ is }) => (is ? en`the region is bounded` : en`the region is unbounded`),
	decide: ({ region }, { is }) =>
		region.dimension >= 0 && (region.rays.length + region.lines.length === 0) === is ? is : null,
	quickly: ({ corners: all, rays }, { is }) => all.length > 0 && (rays.length === 0) === is,
	against: ({ is }, request) =>
		is && other(request, 'answer')?.is === 'unbounded'
			? en`a bounded region has no objective without end`
			: needsCorner(request)
};

export const redundant: WishKind<'redundant'> = {
	kind: 'redundant',
	group: 'region',
	first: { kind: 'redundant', is: true },
	cost: 7,
	controls: [{ kind: 'yes', field: 'is' }],
	says: ({ is }) => (is ? en`a constraint is redundant` : en`no constraint is redundant`),
	decide({ problem, region }, { is }) {
		if (region.dimension < 0) return null;
		const idle = problem.constraints.find((row) => {
			const without = polyhedron(withoutConstraints(problem, [row.name]));
			const same =
				without.vertices.length === region.vertices.length && without.rays.length === region.rays.length;
			return (
				same &&
				without.vertices.every(({ at }) =>
					region.vertices.some((own) => own.at.every((value, i) => value.equals(at[i])))
				) &&
				without.rays.every(({ direction }) =>
					region.rays.some((own) => own.direction.every((value, i) => value.equals(direction[i])))
				)
			);
		});
		return (idle !== undefined) === is ? (idle?.name ?? false) : null;
	},
	against: (_wish, request) => needsCorner(request)
};

export const degenerate: WishKind<'degenerate'> = {
	kind: 'degenerate',
	group: 'region',
	first: { kind: 'degenerate', is: true },
	cost: 5,
	controls: [{ kind: 'yes', field: 'is' }],
	says: ({ is }) => (is ? en`some corner is degenerate` : en`no corner is degenerate`),
	decide({ problem, region }, { is }) {
		if (region.vertices.length === 0) return null;
		const most = Math.max(...region.vertices.map(({ at }) => metCount(problem, planAt(problem, at))));
		return most > problem.variables.length === is ? is : null;
	},
	quickly: ({ corners: all }, { is }) => all.length > 0 && all.some(({ lines }) => lines.length > 2) === is,
	against({ is }, request) {
		if (request.wishes.some((wish) => wish.kind === 'degenerate' && wish.is !== is))
			return en`there are two wishes that exclude each other`;
		const rows = other(request, 'binding')?.rows.length ?? 0;
		if (!is && rows > request.variables)
			return en`more constraints bind at the best plan than there are variables`;
		return needsCorner(request);
	}
};

/** The largest whole number whose square is not above a number that is not negative. */
function wholeRoot(value: Rational): number {
	let root = Math.floor(Math.sqrt(approximate(value)));
	while (
		rational(root + 1)
			.mul(root + 1)
			.lte(value)
	)
		root += 1;
	while (rational(root).mul(root).gt(value)) root -= 1;
	return root;
}

export const fitsPage: WishKind<'fits-page'> = {
	kind: 'fits-page',
	group: 'region',
	first: { kind: 'fits-page', atLeast: 10 },
	cost: 6,
	controls: [{ kind: 'count', field: 'atLeast', label: en`hundredths of the picture`, least: 1, most: 100 }],
	says: ({ atLeast }) => en`corners are at least ${atLeast} % of the picture apart`,
	decide({ region }, { atLeast }) {
		const apart = leastApart(region);
		const share = apart && wholeRoot(apart.mul(10_000));
		return share !== null && share >= atLeast ? share : null;
	},
	against(_wish, request) {
		if (request.variables > 3) return en`only a region of two or three variables has a picture`;
		return needsCorner(request);
	}
};

/** boxes with more whole points than that are not counted */
const MOST_POINTS = 20_000;

/** The whole points of a bounded region, counted one by one; null where there are too many, or no end. */
function countPoints(problem: Problem, { vertices, rays }: Polyhedron): number | null {
	if (vertices.length === 0 || rays.length > 0) return null;
	const along = (j: number) => vertices.map(({ at }) => at[j]);
	const ranges = problem.variables.map((_, j) => [
		Math.ceil(approximate(along(j).reduce(min).ceil())),
		Math.floor(approximate(along(j).reduce(max).floor()))
	]);
	if (ranges.reduce((all, [low, high]) => all * Math.max(0, high - low + 1), 1) > MOST_POINTS) return null;
	// candidates have whole coefficients, so ordinary whole numbers are exact here
	const rows = problem.constraints.map(({ terms, relation, rhs }) => ({
		factors: problem.variables.map(({ name }) => Number(terms.get(name) ?? 0)),
		relation,
		rhs: Number(rhs)
	}));
	const at: number[] = [];
	const count = (): number => {
		if (at.length === ranges.length)
			return rows.every(({ factors, relation, rhs }) => {
				const left = factors.reduce((sum, own, j) => sum + own * at[j], 0);
				return relation === '<=' ? left <= rhs : relation === '>=' ? left >= rhs : left === rhs;
			})
				? 1
				: 0;
		let sum = 0;
		const [low, high] = ranges[at.length];
		for (let value = low; value <= high; value++) {
			at.push(value);
			sum += count();
			at.pop();
		}
		return sum;
	};
	return count();
}

const onPaper = ({ variables }: DesignRequest): string | null =>
	variables > 3 ? en`is about a region of two or three variables` : null;

export const wholePoints: WishKind<'whole-points'> = {
	kind: 'whole-points',
	group: 'region',
	first: { kind: 'whole-points', atMost: 30 },
	cost: 7,
	controls: [{ kind: 'limit', label: en`how many`, least: 0, most: MOST_POINTS }],
	says: (wish) => en`the region has ${limitWords(wish)} whole points`,
	decide({ problem, region }, wish) {
		const count = countPoints(problem, region);
		return count === null ? null : within(count, wish);
	},
	against: (_wish, request) => onPaper(request) ?? needsCorner(request)
};

export const areaPerPoint: WishKind<'area-per-point'> = {
	kind: 'area-per-point',
	group: 'region',
	first: { kind: 'area-per-point', atMost: 2 },
	cost: 7,
	controls: [{ kind: 'count', field: 'atMost', label: en`area`, least: 1, most: 1_000 }],
	says: ({ atMost }) => en`there is at least one whole point for every ${atMost} of the region's area`,
	decide({ problem, region }, { atMost }) {
		if (problem.variables.length !== 2 || region.dimension < 2) return null;
		const count = countPoints(problem, region);
		if (!count) return null;
		const ring = outline(region).map((i) => region.vertices[i].at);
		const twice = ring.reduce((sum, [x, y], i) => {
			const [u, v] = ring[(i + 1) % ring.length];
			return sum.add(x.mul(v).sub(u.mul(y)));
		}, ZERO);
		const own = twice.abs().div(2 * count);
		return own.lte(atMost) ? own.toFraction() : null;
	},
	against: (_wish, request) => (request.variables > 2 ? en`is about two variables` : needsCorner(request))
};

export const oneWayOut: WishKind<'one-way-out'> = {
	kind: 'one-way-out',
	group: 'answer',
	first: { kind: 'one-way-out' },
	cost: 5,
	says: () => en`the objective is unbounded, though the region has three corners and only one direction`,
	decide: ({ answer, region }) =>
		answer.status === 'unbounded' && region.vertices.length >= 3 && region.rays.length === 1
			? region.vertices.length
			: null,
	against(_wish, request) {
		const is = other(request, 'answer')?.is;
		if (is !== undefined && is !== 'unbounded') return en`the answer shall be ${is}, not unbounded`;
		return request.plan?.shall === 'best' ? en`a plan shall be best, so the objective has an end` : null;
	}
};
