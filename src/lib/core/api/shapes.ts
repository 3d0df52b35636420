import { NODE_CODES, WAY_CODES } from '../integer/messages';
import { FINDING_CODES, START_CODES } from '../method/messages';
import { METHODS, type MethodName } from '../method/solve';
import { PARTS } from '../method/types';
import { problemSchema, type ProblemJson } from '../problem/format';
import {
	anyText,
	as,
	byKey,
	bySchema,
	count,
	described,
	finite,
	flag,
	list,
	named,
	nullable,
	oneOf,
	optional,
	record,
	text,
	type Of,
	type RecordOf,
	type Shape
} from '../problem/shape';
import { WISH_NAMES } from '../design/wishes/kinds';
import type { TableauJson } from '../tableau/written';

/** What the API answers, described once: types of the code and schemas of the API's description come from here. What it is asked stands beside what reads it. */

const { $schema: _, ...problem } = problemSchema;
export const PROBLEM: Shape<ProblemJson> = named('Problem', bySchema(problem));

/** a number in lowest terms */
const RATIONAL = text(Infinity, 1, '^-?\\d+(/\\d+)?$');
export const NUMBER = named('Rational', RATIONAL);
const NO_END = nullable(NUMBER);

/** Numbers by name, as texts. */
export type NumbersJson = Record<string, string>;
export const numbersByName = as<NumbersJson>(byKey(NUMBER));

const METHOD = oneOf(METHODS.filter((method): method is Exclude<MethodName, 'auto'> => method !== 'auto'));

const INTERVAL = record({ low: NO_END, high: NO_END });
export type IntervalJson = Of<typeof INTERVAL>;

const RANGING = record({ degenerate: flag, objective: byKey(INTERVAL), rhs: byKey(INTERVAL) });
export type RangingJson = Of<typeof RANGING>;

/** a bound other than 0 that the plan meets: which, its dual value, and the interval over which that holds */
const BOUND = record({ side: oneOf(['lower', 'upper']), dual: NUMBER, low: NO_END, high: NO_END });
export type BoundJson = Of<typeof BOUND>;

const SIDE = record({
	rate: described(
		NO_END,
		'the change of the objective for each unit; null where there is no best plan at once'
	),
	for: described(NO_END, 'for so many units; null has no end')
});
export type SideJson = Of<typeof SIDE>;

const MARGINAL = record({ more: SIDE, less: SIDE });
export type MarginalJson = Of<typeof MARGINAL>;

const OPTIMAL_SET = record({
	unique: flag,
	dimension: count,
	vertices: list(numbersByName),
	rays: list(numbersByName),
	lines: optional(list(numbersByName)),
	complete: optional(oneOf([false]))
});

const TERMS = { terms: numbersByName, rhs: NUMBER };
const CUT = record({
	kind: oneOf(['gomory-fractional', 'gomory-mixed-integer', 'chvatal-gomory']),
	row: anyText,
	nonbasic: record({ ...TERMS, relation: oneOf(['>=']) }),
	original: nullable(record({ ...TERMS, relation: oneOf(['<=', '>=']) }))
});
export type CutJson = Of<typeof CUT>;
export type OptimalSetJson = Of<typeof OPTIMAL_SET>;

const CERTIFICATE = record({
	kind: oneOf(['optimal', 'infeasible', 'unbounded']),
	multipliers: optional(numbersByName),
	variable: optional(described(anyText, 'whose bounds alone exclude each other')),
	point: optional(numbersByName),
	ray: optional(numbersByName)
});
export type CertificateJson = Of<typeof CERTIFICATE>;

/** rows and columns of a tableau together */
export const MOST_LINES = 2_000;
/** @param number how its numbers are written */
export const tableauOf = (number: Shape<string>) => {
	const row = { entries: list(number, MOST_LINES), rhs: number };
	return as<TableauJson>(
		record({
			columns: list(anyText, MOST_LINES),
			rows: list(record({ basic: anyText, ...row }), MOST_LINES),
			objective: list(record({ name: oneOf(['z', 'w', 'M']), ...row }), 3, 1)
		})
	);
};
const TABLEAU_RECORD = tableauOf(NUMBER);
export const TABLEAU = named('Tableau', TABLEAU_RECORD);

const STEP_RECORD = record({
	kind: oneOf(['start', 'pivot', 'phase', 'cut']),
	phase: oneOf([1, 2]),
	part: oneOf([...PARTS, 'drive-out']),
	entering: optional(anyText),
	leaving: optional(anyText),
	note: optional(described(anyText, 'what happened besides, in English')),
	noteCodes: optional(described(list(oneOf(FINDING_CODES)), 'the same as codes')),
	basis: list(anyText),
	point: numbersByName,
	objective: NUMBER,
	tableau: TABLEAU
});
export type StepJson = Of<typeof STEP_RECORD>;
const STEP = named('Step', STEP_RECORD);

const NODE = record({
	id: count,
	parent: nullable(count),
	branching: described(
		nullable(record({ variable: anyText, relation: oneOf(['<=', '>=']), value: NUMBER })),
		'the bound that this node adds to its parent’s'
	),
	status: oneOf(['optimal', 'infeasible', 'unbounded', 'stopped', 'unsolved']),
	bound: described(NO_END, 'no integer plan below this node is better'),
	solution: nullable(numbersByName),
	closed: described(nullable(anyText), 'why it is closed or branched on, in English; null while it is open'),
	closedCode: described(nullable(oneOf(NODE_CODES)), 'the same as a code')
});
export type NodeJson = Of<typeof NODE>;

const COVER = described(
	record({ row: anyText, ...TERMS, relation: oneOf(['<=']) }),
	'a cover inequality that the search of a long tree added, and the constraint that implies it'
);
export type CoverJson = Of<typeof COVER>;

const STATUS = oneOf(['optimal', 'infeasible', 'unbounded', 'stopped']);
const LINEAR = {
	status: STATUS,
	reason: optional(described(anyText, 'why it was stopped, or went otherwise than asked, in English')),
	reasonCode: optional(described(oneOf(WAY_CODES), 'the same as a code')),
	objective: optional(NUMBER),
	solution: optional(numbersByName),
	method: METHOD,
	why: described(anyText, 'why this method is taken, in English'),
	whyCode: described(oneOf(START_CODES), 'the same as a code'),
	pivots: count
};
/** The part of an answer that every status has, and what an optimum adds. */
export type LinearJson = RecordOf<typeof LINEAR>;

const SOLVE_ANSWER = record({
	...LINEAR,
	// an answer that was ended from outside has only what it had found
	method: optional(METHOD),
	why: optional(LINEAR.why),
	whyCode: optional(LINEAR.whyCode),
	duals: optional(numbersByName),
	reducedCosts: optional(numbersByName),
	optimalSet: optional(OPTIMAL_SET),
	ranging: optional(RANGING),
	marginal: optional(
		described(
			as<Record<string, MarginalJson>>(byKey(MARGINAL)),
			'what one more and one less of each right-hand side are worth; those that the time did not reach are counted in `omitted`'
		)
	),
	bounds: optional(
		described(
			as<Record<string, BoundJson>>(byKey(BOUND)),
			'bounds other than 0 that the plan meets, by variable'
		)
	),
	certificate: optional(CERTIFICATE),
	relaxation: optional(
		record({ status: STATUS, objective: optional(NUMBER), solution: optional(numbersByName) })
	),
	bound: optional(described(NUMBER, 'of a search that was stopped: no integer plan can be better')),
	nodes: optional(list(NODE)),
	covers: optional(list(COVER)),
	cuts: optional(list(CUT)),
	steps: optional(list(STEP)),
	omitted: optional(
		described(
			record({
				steps: optional(count),
				nodes: optional(count),
				cuts: optional(count),
				vertices: optional(count),
				rays: optional(count),
				marginal: optional(count)
			}),
			'how many entries of a list were left out because the answer would have been too long'
		)
	)
});
/** An answer to a request to solve. */
export type SolveJson = Of<typeof SOLVE_ANSWER>;

const CONVERT_ANSWER = record({ content: anyText, notes: list(anyText) });

const PLACES = list(count);
const REGION_ANSWER = record({
	empty: flag,
	bounded: flag,
	dimension: described(finite, '−1 where it is empty'),
	vertices: list(record({ point: numbersByName, objective: NUMBER, tight: list(anyText) })),
	rays: list(numbersByName),
	lines: list(numbersByName),
	edges: list(
		record({
			vertices: described(PLACES, 'places of its ends: two, or one and a ray'),
			ray: optional(count)
		})
	),
	faces: optional(list(record({ of: anyText, vertices: PLACES }))),
	redundant: list(anyText),
	conflict: optional(list(anyText)),
	hull: optional(record({ vertices: list(numbersByName) }))
});
export type RegionJson = Of<typeof REGION_ANSWER>;

const OWNERS = as<Record<string, string>>(byKey(anyText));
const DUAL_ANSWER = described(
	record({ problem: PROBLEM, variables: OWNERS, constraints: OWNERS }),
	'`variables` says of each dual variable which constraint (or bound, as `x.lower`, `x.upper`) it belongs to, `constraints` of each dual constraint which variable.'
);
export type DualJson = Of<typeof DUAL_ANSWER>;

const PARAMETRIC_ANSWER = record({
	pieces: list(
		record({
			from: NO_END,
			to: NO_END,
			status: oneOf(['optimal', 'infeasible', 'unbounded']),
			objective: optional(
				described(
					record({ at: NUMBER, slope: NUMBER, where: NUMBER }),
					'`at` is the value at `where`: the piece’s `from`, or where that has no end its `to`, or 0'
				)
			),
			basis: optional(list(anyText))
		})
	)
});
export type ParametricJson = Of<typeof PARAMETRIC_ANSWER>;

const SHEET_ANSWER = record({
	files: list(
		record({ name: anyText, type: anyText, content: anyText, encoding: oneOf(['utf-8', 'base64']) })
	)
});

const PLACES_OF_WISHES = described(PLACES, 'wishes by their places in the request');
const NEAR = record({ problem: PROBLEM, misses: PLACES_OF_WISHES });
/** A problem that keeps all wishes but some, by their places. */
export type NearJson = Of<typeof NEAR>;
const PROMISE = described(
	bySchema<object>({
		type: 'object',
		required: ['kind', 'value'],
		properties: {
			kind: { enum: [...WISH_NAMES, 'plan'] },
			value: { type: ['string', 'number', 'boolean'] }
		},
		additionalProperties: true
	}),
	'a wish (or the plan) with its fields, and the value that holds'
);
const DESIGN_ANSWER = described(
	record({
		problems: list(record({ problem: PROBLEM, promises: list(PROMISE) })),
		tried: count,
		missed: byKey(count),
		nearest: optional(list(NEAR)),
		neverMet: optional(PLACES_OF_WISHES)
	}),
	'Fewer problems than `count` where the time is up first. Each promise repeats its wish with the `value` that holds. `missed`: of how many candidates a kind of wish (or `form`) was the first that failed. Then also `nearest`, problems that miss the fewest wishes, and `neverMet`, a smallest set of wishes that no candidate of a sample kept at once: what the sample shows, not a proof.'
);

const HEALTH = record({ status: oneOf(['ok']), working: count, waiting: count });

const ERROR = record({
	type: anyText,
	title: anyText,
	status: count,
	detail: anyText,
	issues: optional(list(record({ path: anyText, message: anyText })))
});

/** Shapes that schemas refer to by name, and what the API answers, by their names in its description. */
export const ANSWER_SHAPES = {
	Problem: bySchema(problem),
	Rational: RATIONAL,
	Tableau: TABLEAU_RECORD,
	Step: STEP_RECORD,
	SolveAnswer: SOLVE_ANSWER,
	ConvertAnswer: CONVERT_ANSWER,
	RegionAnswer: REGION_ANSWER,
	DualAnswer: DUAL_ANSWER,
	ParametricAnswer: PARAMETRIC_ANSWER,
	SheetAnswer: SHEET_ANSWER,
	DesignAnswer: DESIGN_ANSWER,
	Health: HEALTH,
	Error: ERROR
} satisfies Readonly<Record<string, Shape>>;
