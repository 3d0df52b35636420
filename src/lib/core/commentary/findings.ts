import type { Bare, ByCode } from '../sentence/coded';
import type { Cut } from '../integer/cut';
import type { Column } from '../form/types';
import type { Finding } from '../method/findings';
import type { Part, Trouble } from '../method/types';
import type { Rational } from '../number/rational';
import type { Objective, Terms } from '../problem/types';
import type { Broken } from '../problem/use';
import type { Goal } from '../tableau/goal';
import type { Tableau } from '../tableau/tableau';
import type { ConstraintUse } from './change';
import type { OfferFinding } from './offer-findings';
import type { BuildHeading, PictureFinding } from './picture-findings';
import type { PivotFinding, PreviewFinding } from './pivot-findings';
import type { WholeFinding } from './whole-findings';

/**
 * What is found of a step and of where it leads, as data: codes with what they are about. Rows, positions and columns are the kernel's of the tableau
 * `t` beside them. The words of each code stand in `messages.ts`.
 */

/** A constraint, bound or cut on whose line a basic solution lies. */
export type TightLine =
	| { readonly constraint: string; readonly terms: Terms }
	| { readonly variable: string; readonly value: Rational; readonly terms: Terms };

/** Where a basic solution is. */
export type PlaceFinding = ByCode<{
	/** the plan, and what it breaks; where there are other than two variables */
	'plan-now': { t: Tableau; broken: readonly Broken[] };
	'point-outside': { t: Tableau; on: readonly TightLine[]; broken: readonly Broken[] };
	'point-corner': { t: Tableau; on: readonly TightLine[] };
	/** a corner only since there are cuts */
	'point-cut-corner': { t: Tableau; on: readonly TightLine[] };
	'point-inside': { t: Tableau; on: readonly TightLine[] };
	'objective-now': { t: Tableau };
}>;

/** What a start is, or another basis, another part of a method, another problem. */
export type BeginFinding = ByCode<{
	'slacks-basic': Bare;
	'artificials-stand-in': { columns: readonly Column[] };
	/** variables of the problem that appear in one row only, and are basic there */
	'own-columns-basic': { columns: readonly { readonly column: Column; readonly constraint: string }[] };
	'rows-without-basic': { constraints: readonly string[] };
	'negative-basics': { t: Tableau; rows: readonly number[] };
	/** what the sum of the artificial variables, or M, is for */
	'artificial-goal': { goal: Goal; objective: Objective; artificials: readonly Column[] };
	/** how the row of that goal arises from the rows of the artificial variables */
	'goal-row': { t: Tableau; goal: Goal; rows: readonly number[] };
	/** how a minimum is worked, and how the value’s cell is read */
	'sense-worked': { objective: Objective };
	/** columns, some of whose first names may be taken */
	'names-taken': { columns: readonly Column[] };
	'relaxation-only': Bare;
	'basis-stands-already': Bare;
	exchanged: { exchanges: readonly { readonly enter: Column; readonly leave: Column }[] };
	/** basic columns with a cost, which go from the objective row */
	'priced-out': { columns: readonly Column[]; objective: Objective };
	/** artificial variables that were added, with their values and rows */
	'artificials-measure': {
		added: readonly {
			readonly column: Column;
			readonly value: Rational;
			readonly constraint: string;
		}[];
	};
	'improving-enter': { objective: Objective };
	'carried-along': { objective: Objective };
	'dual-begins': { t: Tableau };
	'repair-begins': Bare;
	'constraint-added': { constraint: string };
	'rhs-changed': { constraint: string; from: Rational; to: Rational };
	'cost-changed': { variable: string; from: Rational; to: Rational };
	'made-infeasible': {
		t: Tableau;

		rows: readonly number[];
		/** whether the basis was feasible before */
		was: boolean;
	};
	/** what goes on; `was` where what it needs was true before, too */
	'dual-goes-on': { t: Tableau; was: boolean };
	'repair-goes-on': { t: Tableau };
	'primal-goes-on': { t: Tableau; was: boolean };
	'optimal-at-once': { t: Tableau; was: boolean };
}>;

/** What is true where one stands. */
export type StandFinding = ByCode<{
	'not-begun': Bare;
	'numbers-covered': { count: number };
	'went-round': { steps: number };
	/** what the method at work found at a tableau */
	method: { t: Tableau; found: Finding };
	'split-negative': Bare;
	'artificial-negative': Bare;
	'dual-would-repair': { t: Tableau };
	/** what can be done */
	'ways-on': { ways: readonly OfferFinding[] };
	/** the best plan, of what it is the best */
	'best-plan': { t: Tableau; of: 'problem' | 'relaxation' | 'branch' };
	'constraints-used': { uses: readonly ConstraintUse[] };
	'objective-at-best': { t: Tableau };
	/** columns whose pivot keeps the objective; `moves` where one of them leads to another plan */
	'columns-tie': { columns: readonly Column[]; moves: boolean };
	'not-whole': { variables: readonly string[] };
	'rises-for-ever': { t: Tableau; slot: number };
	'direction-improves': { t: Tableau; slot: number };
	'bounds-exclude': { variable: string | null };
	/** constraints times numbers whose sum no plan satisfies (Farkas 1902) */
	'sum-contradicts': {
		rows: readonly { readonly constraint: string; readonly times: Rational }[];
		terms: Terms;
		rhs: Rational;
		/** the most that signs and bounds let the left side be; null where they do not limit it */
		most: Rational | null;
	};
}>;

export type RemarkFinding =
	PlaceFinding | BeginFinding | PivotFinding | PreviewFinding | StandFinding | WholeFinding | PictureFinding;

/** What a remark is about. */
export type Heading =
	| ByCode<{
			start: Bare;
			basis: { columns: readonly Column[] };
			exchange: { enter: Column; leave: Column };
			'becomes-basic': { column: Column };
			artificials: { count: number };
			part: { part: Part };
			changed: Bare;
			cut: { number: number; row: Cut['row'] };
			'cut-composed': { number: number };
			'cuts-dropped': { numbers: readonly number[] };
			branch: { variable: string; relation: '<=' | '>='; value: Rational };
			'whole-bounds': Bare;
			'nothing-begun': Bare;
			covered: Bare;
			cycle: Bare;
			next: Bare;
			/** the method at work cannot go on; `inRegion` as above */
			stuck: { trouble: Trouble; inRegion: boolean };
			optimal: Bare;
			unbounded: Bare;
			infeasible: Bare;
			/** a pivot, or a column that rises, before it is done */
			'if-exchanged': { enter: Column; leave: Column };
			'if-rises': { column: Column };
	  }>
	| BuildHeading;

/** A remark: what it is about, how it is meant, and what was found, in the order in which it is told. */
export interface Remark {
	readonly tone: 'step' | 'warning' | 'conclusion' | 'hint';
	readonly heading: Heading;
	readonly found: readonly RemarkFinding[];
}
