import type { MethodName } from '../method/solve';
import type { RuleName } from '../method/rule';
import type { Problem, Relation, Sense } from '../problem/types';

/** What a design is asked for, and what it finds. */

/** A wish, by its kind; see the files of `wishes/` for what each means. `not`: the problem must not keep it. */
export type Wish = WishedKind & { readonly not?: boolean };

type WishedKind =
	| { readonly kind: 'answer'; readonly is: 'unique' | 'several' | 'infeasible' | 'unbounded' }
	| { readonly kind: 'whole-plan' }
	| { readonly kind: 'whole-value' }
	| { readonly kind: 'whole-duals' }
	| { readonly kind: 'fractional' }
	| { readonly kind: 'rounding'; readonly is: 'infeasible' }
	| { readonly kind: 'corners'; readonly exactly: number }
	| { readonly kind: 'whole-corners' }
	| { readonly kind: 'bounded'; readonly is: boolean }
	| { readonly kind: 'redundant'; readonly is: boolean }
	| { readonly kind: 'degenerate'; readonly is: boolean }
	| {
			readonly kind: 'pivots';
			readonly exactly?: number;
			readonly atMost?: number;
			readonly method?: MethodName;
			readonly rule?: RuleName;
	  }
	| Tie<'tie' | 'entering-tie'>
	| { readonly kind: 'artificial'; readonly exactly: number }
	| { readonly kind: 'denominator'; readonly atMost: number }
	| { readonly kind: 'binding'; readonly rows: readonly string[] }
	| Plain<
			| 'no-common-factor'
			| 'no-negative'
			| 'one-way-out'
			| 'no-zero'
			| 'zero-step'
			| 'phase-one-degenerate'
			| 'worthless-limit'
			| 'both-degenerate'
			| 'no-rounding'
			| 'depth-worse'
			| 'misread-column'
			| 'wrong-sign'
			| 'transport'
	  >
	| AtLeast<'zeros' | 'fits-page' | 'interval' | 'gap' | 'larger-ratio'>
	| Limited<'whole-points' | 'nodes' | 'cuts'>
	| { readonly kind: 'area-per-point'; readonly atMost: number }
	| { readonly kind: 'dual-denominator'; readonly atMost: number }
	| { readonly kind: 'best-dimension'; readonly exactly: number }
	| { readonly kind: 'conflict'; readonly exactly: number }
	| { readonly kind: 'all-used'; readonly but: number }
	| { readonly kind: 'start'; readonly is: Exclude<MethodName, 'auto'> }
	| { readonly kind: 'cycle'; readonly rule: RuleName }
	| { readonly kind: 'more-pivots'; readonly rule: RuleName; readonly than: RuleName };

// one member of the union for each kind, so that each has its own kind of wish
type Plain<K extends string> = K extends string ? { readonly kind: K } : never;
type AtLeast<K extends string> = K extends string ? { readonly kind: K; readonly atLeast: number } : never;
type Tie<K extends string> = K extends string
	? {
			readonly kind: K;
			readonly is: boolean;
			/** the pivot, counted from 1; any where it is left out */ readonly at?: number;
		}
	: never;
type Limited<K extends string> = K extends string
	? { readonly kind: K; readonly exactly?: number; readonly atMost?: number }
	: never;

export type WishName = Wish['kind'];
export type WishOf<K extends WishName> = Extract<Wish, { kind: K }>;

/** A wish that came true, with the value that holds. */
export type KeptWish = Wish & { readonly value: string | number | boolean };

/** What makes an exercise tidy, whatever it is about; see `form.ts`. */
export const FORM_PARTS = [
	'idle-row',
	'parallel-rows',
	'common-factor',
	'single-variable',
	'zero',
	'zero-plan',
	'near-corners',
	'ugly-numbers'
] as const;
export type FormPart = (typeof FORM_PARTS)[number];

/** Coefficients are whole numbers from `from` to `to`; right-hand sides from 0 to `rhs`, unless a plan asks for more. */
export interface Numbers {
	readonly from: number;
	readonly to: number;
	readonly rhs: number;
}

/** A plan that is chosen first: whole amounts, one for each variable. */
export interface WishedPlan {
	readonly point: readonly number[];
	readonly shall: 'feasible' | 'best';
}

export interface DesignRequest {
	readonly variables: number;
	readonly constraints: number;
	readonly sense: Sense;
	/** one for each constraint; null: as it comes */
	readonly relations: readonly Relation[] | null;
	readonly numbers: Numbers;
	readonly plan: WishedPlan | null;
	readonly wishes: readonly Wish[];
	/** the parts of good form that are asked for, unless a wish contradicts them */
	readonly form: readonly FormPart[];
	readonly seed: number;
	/** how many problems are wanted */
	readonly count: number;
}

/** A problem in small numbers, whole or with a few decimals, before it is one. */
export interface ProblemDraft {
	readonly rows: number[][];
	readonly relations: Relation[];
	readonly rhs: number[];
	readonly costs: number[];
}

/** A problem that keeps what was wished. */
export interface Find {
	readonly problem: Problem;
	readonly promises: readonly (KeptWish | PlanKept)[];
}

/** The plan that was chosen first, as it is kept. */
export type PlanKept = {
	readonly kind: 'plan';
	readonly point: readonly string[];
	readonly shall: WishedPlan['shall'];
	readonly value: boolean;
};

/** A candidate that keeps all wishes but some. */
export interface NearFind {
	readonly problem: Problem;
	/** places of the wishes that it does not keep */
	readonly misses: readonly number[];
}

/** Of how many candidates of the sample just these wishes came true: a bit for each wish. */
export type Met = Readonly<Record<number, number>>;

export interface Designed {
	readonly problems: readonly Find[];
	/** candidates that were looked at */
	readonly tried: number;
	/** of how many each wish was the first that failed, by its kind */
	readonly missed: Readonly<Record<string, number>>;
	/** of a sample of what was missed: which wishes came true at once, and what came nearest */
	readonly met: Met;
	readonly near: readonly NearFind[];
}
