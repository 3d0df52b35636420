import { en } from '../../language/language';
import { METHODS } from '../../method/solve';
import { RULE_NAMES, ruleNamed, takesFirst } from '../../method/rule';
import { knowsCycle } from '../known-cycles';
import type { DesignRequest, WishOf } from '../types';
import { limitWords, needsCorner, other, within, type WishKind } from './wish';
import { methodWords, ruleWords } from './words';

/** Wishes about a run of the method: how it starts, how long it is, what its numbers are like. */

const pivotsWords = (wanted: { exactly?: number; atMost?: number }): string =>
	(wanted.exactly ?? wanted.atMost) === 1
		? en`the run takes ${limitWords(wanted)} pivot`
		: en`the run takes ${limitWords(wanted)} pivots`;

/** The run that wishes about a run are about: that of the wish for pivots, that of a cycle, or as suits the problem. */
export const wishedRun = (request: Pick<DesignRequest, 'wishes'>) => {
	const cycling = other(request, 'cycle');
	if (cycling) return { method: 'primal' as const, rule: cycling.rule };
	const { method, rule } = other(request, 'pivots') ?? {};
	return { method: method ?? ('auto' as const), rule: rule ?? ('dantzig' as const) };
};

export const pivots: WishKind<'pivots'> = {
	kind: 'pivots',
	group: 'method',
	first: { kind: 'pivots', exactly: 2 },
	cost: 4,
	controls: [
		{ kind: 'limit', label: en`how many`, least: 0, most: 60 },
		{ kind: 'choice', field: 'method', label: en`method`, of: METHODS, otherwise: 'auto' },
		{ kind: 'choice', field: 'rule', label: en`rule`, of: RULE_NAMES, otherwise: 'dantzig' }
	],
	says: ({ exactly, atMost, method, rule }) =>
		`${pivotsWords({ exactly, atMost })}${method && method !== 'auto' ? ` (${methodWords(method)})` : ''}${rule && rule !== 'dantzig' ? ` (${ruleWords(rule)})` : ''}`,
	decide(candidate, { exactly, atMost, method, rule }) {
		const own = candidate.pivots(method, rule);
		return own === null ? null : within(own, { exactly, atMost });
	},
	against({ exactly, method, rule }, request) {
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
		return clash ? en`there are two wishes for different numbers of pivots` : null;
	}
};

/** “at pivot 2”, or what holds of any */
const atPivot = {
	kind: 'count',
	field: 'at',
	label: en`at pivot`,
	least: 1,
	most: 60,
	isOptional: true
} as const;

/** Whether there is a tie, at a pivot or at any, as it is wished. */
const tiesAs = (
	ties: readonly number[] | undefined,
	{ is, at }: WishOf<'tie' | 'entering-tie'>
): boolean | null => (ties && (at === undefined ? ties.length > 0 : ties.includes(at)) === is ? is : null);

/** Why there is no such pivot. */
const lacksPivot = ({ is, at }: WishOf<'tie' | 'entering-tie'>, request: DesignRequest): string | null => {
	const { exactly, atMost } = other(request, 'pivots') ?? {};
	const most = exactly ?? atMost;
	return is && at !== undefined && most !== undefined && at > most
		? en`there shall be only ${most} pivots`
		: null;
};

export const tie: WishKind<'tie'> = {
	kind: 'tie',
	group: 'method',
	first: { kind: 'tie', is: true },
	cost: 6,
	controls: [{ kind: 'yes', field: 'is' }, atPivot],
	says: ({ is, at }) =>
		at === undefined
			? en`${is ? en`some` : en`no`} ratio test is a tie`
			: en`the ratio test of pivot ${at} is ${is ? 'a' : en`no`} tie`,
	decide(candidate, wish, request) {
		const { method, rule } = wishedRun(request);
		return tiesAs(candidate.run(method, rule)?.ties, wish);
	},
	against: lacksPivot
};

export const enteringTie: WishKind<'entering-tie'> = {
	kind: 'entering-tie',
	group: 'method',
	first: { kind: 'entering-tie', is: true },
	cost: 6,
	controls: [{ kind: 'yes', field: 'is' }, atPivot],
	says: ({ is, at }) =>
		en`${at === undefined ? (is ? en`at some pivot` : en`at no pivot`) : en`at pivot ${at}`} the rule finds ${at !== undefined && !is ? en`no ` : ''}two columns equally good to enter`,
	decide(candidate, wish, request) {
		const { method, rule } = wishedRun(request);
		return tiesAs(candidate.run(method, rule)?.enteringTies, wish);
	},
	against: (wish, request) =>
		wish.is && takesFirst(ruleNamed(wishedRun(request).rule))
			? en`Bland’s rule goes by the index, which no two columns share`
			: lacksPivot(wish, request)
};

export const artificial: WishKind<'artificial'> = {
	kind: 'artificial',
	group: 'method',
	first: { kind: 'artificial', exactly: 1 },
	cost: 1,
	controls: [{ kind: 'count', field: 'exactly', label: en`how many`, least: 0, most: 8 }],
	says: ({ exactly }) =>
		exactly === 0
			? en`no artificial variable is needed`
			: exactly === 1
				? en`1 artificial variable is needed`
				: en`${exactly} artificial variables are needed`,
	decide: ({ artificials }, { exactly }) => (artificials === exactly ? exactly : null),
	against({ exactly }, request) {
		if (exactly > request.constraints) return en`there are only ${request.constraints} constraints`;
		const need = request.relations?.filter((relation) => relation === '=').length ?? 0;
		const may = request.relations?.filter((relation) => relation !== '<=').length ?? request.constraints;
		if (exactly < need) return en`each equation needs an artificial variable`;
		if (exactly > may) return en`a row ≤ with a right-hand side that is not negative needs none`;
		return request.wishes.some((wish) => wish.kind === 'artificial' && wish.exactly !== exactly)
			? en`there are two wishes for different numbers of artificial variables`
			: null;
	}
};

export const denominator: WishKind<'denominator'> = {
	kind: 'denominator',
	group: 'method',
	first: { kind: 'denominator', atMost: 1 },
	cost: 6,
	controls: [{ kind: 'count', field: 'atMost', label: en`largest denominator`, least: 1, most: 10_000 }],
	says: ({ atMost }) =>
		atMost === 1 ? en`no tableau has a fraction` : en`no tableau has a denominator above ${atMost}`,
	decide(candidate, { atMost }, request) {
		const { method, rule } = wishedRun(request);
		const own = candidate.run(method, rule)?.denominator;
		return own !== undefined && own <= BigInt(atMost) ? Number(own) : null;
	}
};

export const start: WishKind<'start'> = {
	kind: 'start',
	group: 'method',
	first: { kind: 'start', is: 'dual' },
	cost: 4,
	controls: [{ kind: 'choice', field: 'is', label: en`method`, of: METHODS.filter((own) => own !== 'auto') }],
	says: ({ is }) => en`the method that suits it is ${methodWords(is)}`,
	decide: (candidate, { is }) => (candidate.run()?.run.method === is ? is : null)
};

export const zeroStep: WishKind<'zero-step'> = {
	kind: 'zero-step',
	group: 'method',
	first: { kind: 'zero-step' },
	cost: 6,
	says: () => en`some pivot has the ratio 0 and changes nothing`,
	decide(candidate, _wish, request) {
		const { method, rule } = wishedRun(request);
		return candidate.run(method, rule)?.hasZeroStep ? true : null;
	}
};

export const phaseOneDegenerate: WishKind<'phase-one-degenerate'> = {
	kind: 'phase-one-degenerate',
	group: 'method',
	first: { kind: 'phase-one-degenerate' },
	cost: 6,
	says: () => en`phase one ends with an artificial variable in the basis, at 0`,
	decide: (candidate, _wish, request) =>
		candidate.run('two-phase', wishedRun(request).rule)?.endsPhaseOneDegenerate ? true : null,
	against: (_wish, request) =>
		other(request, 'artificial')?.exactly === 0 || request.relations?.every((own) => own === '<=')
			? en`without artificial variables there is no phase one`
			: needsCorner(request)
};

export const cycle: WishKind<'cycle'> = {
	kind: 'cycle',
	group: 'method',
	first: { kind: 'cycle', rule: 'dantzig' },
	cost: 6,
	controls: [{ kind: 'choice', field: 'rule', label: en`by`, of: RULE_NAMES }],
	says: ({ rule }) =>
		en`${ruleWords(rule)} comes back to a basis it had before (made from a known cycle, with its numbers)`,
	decide(candidate, { rule }) {
		const outcome = candidate.run('primal', rule)?.run.outcome;
		return outcome?.status === 'cycle' ? outcome.length : null;
	},
	against({ rule }, request) {
		if (takesFirst(ruleNamed(rule))) return en`Bland’s rule never comes back to a basis (Bland 1977)`;
		if (rule === 'lexicographic')
			return en`where ties are decided lexicographically no basis comes back (Dantzig, Orden and Wolfe 1955)`;
		if (other(request, 'degenerate')?.is === false) return en`a basis comes back only at a degenerate corner`;
		return knowsCycle(request)
			? null
			: en`cycles to start from are known for rows ≤, and for three variables and four rows, four and three, or more`;
	}
};

export const morePivots: WishKind<'more-pivots'> = {
	kind: 'more-pivots',
	group: 'method',
	first: { kind: 'more-pivots', rule: 'dantzig', than: 'greatest-improvement' },
	cost: 6,
	controls: [
		{ kind: 'choice', field: 'rule', label: en`rule`, of: RULE_NAMES },
		{ kind: 'choice', field: 'than', label: en`than by`, of: RULE_NAMES }
	],
	says: ({ rule, than }) => en`${ruleWords(rule)} takes more pivots than ${ruleWords(than)}`,
	decide(candidate, { rule, than }) {
		const [one, two] = [rule, than].map((own) => candidate.run('auto', own)?.run.pivots);
		return one !== undefined && two !== undefined && one > two ? en`${one} and ${two}` : null;
	},
	against: ({ rule, than }) => (rule === than ? en`one rule takes as many pivots as itself` : null)
};
