import * as yup from 'yup';
import { withoutConstraints } from '../../geometry/sides';
import { polyhedron } from '../../geometry/polyhedron';
import type { DesignRequest } from '../types';
import { other, type WishKind } from './wish';

/** Wishes about the region of the relaxation: its corners, whether it ends, whether a constraint does nothing. */

const isEmpty = (request: DesignRequest): string | null =>
	other(request, 'answer')?.is === 'infeasible' ? 'an infeasible problem has no corner' : null;

export const corners: WishKind<'corners'> = {
	kind: 'corners',
	cost: 5,
	fields: { exactly: yup.number().integer().min(0).max(500).required() },
	properties: { exactly: { type: 'integer', minimum: 0 } },
	says: ({ exactly }) => `the region has ${exactly} corners`,
	decide: ({ region }, { exactly }) => (region.vertices.length === exactly ? exactly : null),
	against({ exactly }, request) {
		if (request.wishes.some((wish) => wish.kind === 'corners' && wish.exactly !== exactly))
			return 'there are two wishes for different numbers of corners';
		// with signs for all variables a region that is not empty has a corner; in the plane each side gives one at most
		if (exactly === 0 && (request.plan || (other(request, 'answer')?.is ?? 'infeasible') !== 'infeasible'))
			return 'a feasible problem with signs has a corner';
		if (request.variables === 2 && exactly > request.constraints + 2)
			return `two variables and ${request.constraints} constraints make ${request.constraints + 2} corners at most`;
		return exactly > 0 ? isEmpty(request) : null;
	}
};

export const wholeCorners: WishKind<'whole-corners'> = {
	kind: 'whole-corners',
	cost: 5,
	fields: {},
	properties: {},
	says: () => 'all corners are whole',
	decide: ({ region }) =>
		region.vertices.length > 0 && region.vertices.every(({ at }) => at.every(({ d }) => d === 1n))
			? region.vertices.length
			: null,
	against(_wish, request) {
		if (other(request, 'fractional'))
			return 'the relaxation’s best plan is a corner, and shall be fractional';
		if (other(request, 'rounding')) return 'the best plan is a corner, and a whole one is its own rounding';
		return isEmpty(request);
	}
};

export const bounded: WishKind<'bounded'> = {
	kind: 'bounded',
	cost: 5,
	fields: { is: yup.boolean().required() },
	properties: { is: { type: 'boolean' } },
	says: ({ is }) => (is ? 'the region is bounded' : 'the region goes on without end'),
	decide: ({ region }, { is }) =>
		region.dimension >= 0 && (region.rays.length + region.lines.length === 0) === is ? is : null,
	against: ({ is }, request) =>
		is && other(request, 'answer')?.is === 'unbounded'
			? 'a bounded region has no objective without end'
			: isEmpty(request)
};

export const redundant: WishKind<'redundant'> = {
	kind: 'redundant',
	cost: 7,
	fields: { is: yup.boolean().required() },
	properties: { is: { type: 'boolean' } },
	says: ({ is }) => (is ? 'a constraint does nothing' : 'every constraint does something'),
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
	against: (_wish, request) => isEmpty(request)
};

export const degenerate: WishKind<'degenerate'> = {
	kind: 'degenerate',
	cost: 5,
	fields: { is: yup.boolean().required() },
	properties: { is: { type: 'boolean' } },
	says: ({ is }) => (is ? 'some corner is degenerate' : 'no corner is degenerate'),
	decide({ problem, region }, { is }) {
		if (region.vertices.length === 0) return null;
		const most = Math.max(...region.vertices.map(({ tight }) => tight.length));
		return most > problem.variables.length === is ? is : null;
	},
	against({ is }, request) {
		if (request.wishes.some((wish) => wish.kind === 'degenerate' && wish.is !== is))
			return 'there are two wishes that exclude each other';
		const rows = other(request, 'binding')?.rows.length ?? 0;
		if (!is && rows > request.variables)
			return 'more constraints bind at the best plan than there are variables';
		return isEmpty(request);
	}
};
