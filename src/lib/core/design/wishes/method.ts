import * as yup from 'yup';
import { METHODS } from '../../method/solve';
import { RULE_NAMES } from '../../method/types';
import type { DesignRequest } from '../types';
import { other, type WishKind } from './wish';

/** Wishes about a run of the method: how it starts, how long it is, what its numbers are like. */

/** The run that wishes about numbers are about: that of the wish for pivots, or as suits the problem. */
const runOf = (request: DesignRequest) => {
	const { method, rule } = other(request, 'pivots') ?? {};
	return { method: method ?? ('auto' as const), rule: rule ?? ('dantzig' as const) };
};

const count = yup.number().integer().min(0).max(60);

export const pivots: WishKind<'pivots'> = {
	kind: 'pivots',
	cost: 4,
	fields: {
		exactly: count,
		atMost: count,
		method: yup.string().oneOf(METHODS),
		rule: yup.string().oneOf(RULE_NAMES)
	},
	properties: {
		exactly: { type: 'integer', minimum: 0 },
		atMost: { type: 'integer', minimum: 0 },
		method: { enum: METHODS },
		rule: { enum: RULE_NAMES }
	},
	says: ({ exactly, atMost, method, rule }) =>
		`${exactly ?? `at most ${atMost}`} pivot${exactly === 1 ? '' : 's'}${method && method !== 'auto' ? `, ${method}` : ''}${rule && rule !== 'dantzig' ? `, ${rule}` : ''}`,
	decide(candidate, { exactly, atMost, method, rule }) {
		const own = candidate.pivots(method, rule);
		if (own === null) return null;
		return (exactly === undefined || own === exactly) && (atMost === undefined || own <= atMost) ? own : null;
	},
	against({ exactly, atMost, method, rule }, request) {
		if (exactly === undefined && atMost === undefined) return 'needs exactly or atMost';
		if (exactly !== undefined && atMost !== undefined && exactly > atMost)
			return 'exactly is more than atMost';
		// by different rules the numbers may well differ
		const clash = request.wishes.some(
			(wish) =>
				wish.kind === 'pivots' &&
				(wish.method ?? 'auto') === (method ?? 'auto') &&
				(wish.rule ?? 'dantzig') === (rule ?? 'dantzig') &&
				exactly !== undefined &&
				((wish.exactly !== undefined && wish.exactly !== exactly) ||
					(wish.atMost !== undefined && wish.atMost < exactly))
		);
		return clash ? 'there are two wishes for different numbers of pivots' : null;
	}
};

export const tie: WishKind<'tie'> = {
	kind: 'tie',
	cost: 6,
	fields: { is: yup.boolean().required() },
	properties: { is: { type: 'boolean' } },
	says: ({ is }) => (is ? 'some ratio test is a tie' : 'no ratio test is a tie'),
	decide(candidate, { is }, request) {
		const { method, rule } = runOf(request);
		return candidate.run(method, rule)?.hasTie === is ? is : null;
	}
};

export const artificial: WishKind<'artificial'> = {
	kind: 'artificial',
	cost: 1,
	fields: { exactly: yup.number().integer().min(0).max(8).required() },
	properties: { exactly: { type: 'integer', minimum: 0 } },
	says: ({ exactly }) => `${exactly} artificial variable${exactly === 1 ? '' : 's'}`,
	decide: ({ artificials }, { exactly }) => (artificials === exactly ? exactly : null),
	against({ exactly }, request) {
		if (exactly > request.constraints) return `there are only ${request.constraints} constraints`;
		const need = request.relations?.filter((relation) => relation === '=').length ?? 0;
		const may = request.relations?.filter((relation) => relation !== '<=').length ?? request.constraints;
		if (exactly < need) return 'each equation needs an artificial variable';
		if (exactly > may) return 'a row ≤ with a right-hand side that is not negative needs none';
		return request.wishes.some((wish) => wish.kind === 'artificial' && wish.exactly !== exactly)
			? 'there are two wishes for different numbers of artificial variables'
			: null;
	}
};

export const denominator: WishKind<'denominator'> = {
	kind: 'denominator',
	cost: 6,
	fields: { atMost: yup.number().integer().min(1).max(10_000).required() },
	properties: { atMost: { type: 'integer', minimum: 1 } },
	says: ({ atMost }) =>
		atMost === 1 ? 'no fraction in any tableau' : `no denominator above ${atMost} in any tableau`,
	decide(candidate, { atMost }, request) {
		const { method, rule } = runOf(request);
		const own = candidate.run(method, rule)?.denominator;
		return own !== undefined && own <= BigInt(atMost) ? Number(own) : null;
	}
};
