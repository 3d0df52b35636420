import { en } from '../../language/language';
import type { DesignRequest } from '../types';
import { conflictOf } from '../../answer/conflict';
import { isZero } from '../../number/rational';
import { isBound, ownerOf } from '../../problem/row-owner';
import { bindsAt } from '../../problem/use';
import { needsBest, other, type WishKind } from './wish';

const KINDS = ['unique', 'several', 'infeasible', 'unbounded'] as const;

const WORDS: Record<(typeof KINDS)[number], string> = {
	unique: en`exactly one plan is best`,
	several: en`several plans are best`,
	infeasible: en`no plan is feasible`,
	unbounded: en`the objective is unbounded`
};

/** What kind of answer there is. */
const ZEROS_FEASIBLE = en`with ≤ only and right-hand sides from 0 the plan of zeros is feasible`;
const keepsZeros = ({ relations }: DesignRequest): boolean =>
	relations?.every((relation) => relation === '<=') ?? false;

export const answer: WishKind<'answer'> = {
	kind: 'answer',
	group: 'answer',
	first: { kind: 'answer', is: 'unique' },
	cost: 2,
	controls: [{ kind: 'choice', field: 'is', label: en`answer`, of: KINDS }],
	says: ({ is }) => WORDS[is],
	decide({ answer: { status }, best }, { is }) {
		if (is === 'infeasible' || is === 'unbounded') return status === is ? is : null;
		return best && best.unique === (is === 'unique') ? is : null;
	},
	quickly: ({ answer }, { is }) =>
		is === 'infeasible' ? answer === 'none' : is === 'unbounded' ? answer === 'open' : answer === is,
	against({ is }, request) {
		if (request.plan && is === 'infeasible')
			return en`a plan shall be feasible, so the problem cannot be infeasible`;
		if (request.plan?.shall === 'best' && is === 'unbounded')
			return en`a plan shall be best, so the objective cannot be unbounded`;
		if (is === 'infeasible' && keepsZeros(request)) return ZEROS_FEASIBLE;
		const isBox = request.numbers.from > 0 && request.relations?.every((relation) => relation === '<=');
		if (is === 'unbounded' && isBox)
			return en`with ≤ only and positive coefficients every variable has an end`;
		const several = request.wishes.some((wish) => wish.kind === 'answer' && wish.is !== is);
		return several ? en`there are two wishes for different answers` : null;
	}
};

export const bestDimension: WishKind<'best-dimension'> = {
	kind: 'best-dimension',
	group: 'answer',
	first: { kind: 'best-dimension', exactly: 2 },
	cost: 3,
	controls: [{ kind: 'count', field: 'exactly', label: en`dimension`, least: 0, most: 7 }],
	says: ({ exactly }) =>
		en`the best plans are ${[en`one corner`, en`an edge`, en`a face`][exactly] ?? en`a face of dimension ${exactly}`}`,
	decide: ({ best }, { exactly }) => (best?.dimension === exactly ? exactly : null),
	against({ exactly }, request) {
		if (exactly >= request.variables) return en`${request.variables} variables have no such face`;
		const is = other(request, 'answer')?.is;
		if (is === (exactly > 0 ? 'unique' : 'several')) return en`the answer shall be another one`;
		return needsBest(request);
	}
};

export const conflict: WishKind<'conflict'> = {
	kind: 'conflict',
	group: 'answer',
	first: { kind: 'conflict', exactly: 2 },
	cost: 3,
	controls: [{ kind: 'count', field: 'exactly', label: en`how many rows`, least: 1, most: 8 }],
	says: ({ exactly }) =>
		exactly === 1 ? en`one constraint alone has no plan` : en`${exactly} constraints exclude one another`,
	decide({ answer: { status }, problem }, { exactly }) {
		if (status !== 'infeasible') return null;
		const rows = conflictOf(problem, {})?.filter((name) => !isBound(ownerOf(name)));
		return rows?.length === exactly ? rows.join(' ') : null;
	},
	against({ exactly }, request) {
		const is = other(request, 'answer')?.is;
		if (is !== undefined && is !== 'infeasible') return en`the answer shall be ${is}`;
		if (request.plan) return en`a plan shall be feasible, so no rows exclude each other`;
		if (keepsZeros(request)) return ZEROS_FEASIBLE;
		return exactly > request.constraints ? en`there are only ${request.constraints} constraints` : null;
	}
};

export const noZero: WishKind<'no-zero'> = {
	kind: 'no-zero',
	group: 'answer',
	first: { kind: 'no-zero' },
	cost: 3,
	says: () => en`no amount of the best plan is 0`,
	decide: ({ best }) =>
		best?.vertices.length && best.vertices.every((plan) => [...plan.values()].every((own) => !isZero(own)))
			? true
			: null,
	against: (_wish, request) =>
		request.plan?.shall === 'best' && request.plan.point.includes(0)
			? en`the best plan that was chosen has a 0`
			: needsBest(request)
};

export const allUsed: WishKind<'all-used'> = {
	kind: 'all-used',
	group: 'answer',
	first: { kind: 'all-used', but: 1 },
	cost: 3,
	controls: [{ kind: 'count', field: 'but', label: en`how many are not`, least: 0, most: 8 }],
	says: ({ but }) =>
		but === 0
			? en`all constraints bind at the best plan`
			: en`all constraints but ${but} bind at the best plan`,
	decide({ best, problem }, { but }) {
		if (!best?.unique) return null;
		const [plan] = best.vertices;
		const left = problem.constraints.filter((row) => !bindsAt(row, plan));
		return left.length === but ? left.map(({ name }) => name).join(' ') || true : null;
	},
	against({ but }, request) {
		if (but > request.constraints) return en`there are only ${request.constraints} constraints`;
		if (other(request, 'answer')?.is === 'several')
			return en`is about one best plan, and several are wished for`;
		return needsBest(request);
	}
};
