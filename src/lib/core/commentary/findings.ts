import type { Cut } from '../integer/cut';
import type { Column } from '../form/types';
import type { Finding } from '../method/findings';
import type { Part, Trouble } from '../method/types';
import type { Multipliers } from '../answer/multipliers';
import type { Rational } from '../number/rational';
import type { Objective, Problem, Terms } from '../problem/types';
import type { Broken } from '../problem/use';
import type { Sentence } from '../sentence/sentence';
import type { Goal } from '../tableau/goal';
import type { Tableau } from '../tableau/tableau';
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
export type PlaceFinding =
	/** the plan, and what it breaks; where there are other than two variables */
	| { readonly code: 'plan-now'; readonly t: Tableau; readonly broken: readonly Broken[] }
	| {
			readonly code: 'point-outside';
			readonly t: Tableau;
			readonly on: readonly TightLine[];
			readonly broken: readonly Broken[];
	  }
	| { readonly code: 'point-corner'; readonly t: Tableau; readonly on: readonly TightLine[] }
	/** a corner only since there are cuts */
	| { readonly code: 'point-cut-corner'; readonly t: Tableau; readonly on: readonly TightLine[] }
	| { readonly code: 'point-inside'; readonly t: Tableau; readonly on: readonly TightLine[] }
	| { readonly code: 'objective-now'; readonly t: Tableau };

/** What a start is, or another basis, another part of a method, another problem. */
export type BeginFinding =
	| { readonly code: 'slacks-basic' }
	| { readonly code: 'artificials-stand-in'; readonly columns: readonly Column[] }
	/** variables of the problem that appear in one row only, and are basic there */
	| {
			readonly code: 'own-columns-basic';
			readonly columns: readonly { readonly column: Column; readonly constraint: string }[];
	  }
	| { readonly code: 'rows-without-basic'; readonly constraints: readonly string[] }
	| { readonly code: 'negative-basics'; readonly t: Tableau; readonly rows: readonly number[] }
	/** what the sum of the artificial variables, or M, is for */
	| {
			readonly code: 'artificial-goal';
			readonly goal: Goal;
			readonly objective: Objective;
			readonly artificials: readonly Column[];
	  }
	/** how the row of that goal arises from the rows of the artificial variables */
	| { readonly code: 'goal-row'; readonly t: Tableau; readonly goal: Goal; readonly rows: readonly number[] }
	/** how a minimum is worked, and how the value’s cell is read */
	| { readonly code: 'sense-worked'; readonly objective: Objective }
	/** columns, some of whose first names may be taken */
	| { readonly code: 'names-taken'; readonly columns: readonly Column[] }
	| { readonly code: 'relaxation-only' }
	| { readonly code: 'basis-stands-already' }
	| {
			readonly code: 'exchanged';
			readonly exchanges: readonly { readonly enter: Column; readonly leave: Column }[];
	  }
	/** basic columns with a cost, which go from the objective row */
	| { readonly code: 'priced-out'; readonly columns: readonly Column[]; readonly objective: Objective }
	/** artificial variables that were added, with their values and rows */
	| {
			readonly code: 'artificials-measure';
			readonly added: readonly {
				readonly column: Column;
				readonly value: Rational;
				readonly constraint: string;
			}[];
	  }
	| { readonly code: 'improving-enter'; readonly objective: Objective }
	| { readonly code: 'carried-along'; readonly objective: Objective }
	| { readonly code: 'dual-begins'; readonly t: Tableau }
	| { readonly code: 'repair-begins' }
	| { readonly code: 'constraint-added'; readonly constraint: string }
	| {
			readonly code: 'rhs-changed';
			readonly constraint: string;
			readonly from: Rational;
			readonly to: Rational;
	  }
	| {
			readonly code: 'cost-changed';
			readonly variable: string;
			readonly from: Rational;
			readonly to: Rational;
	  }
	| {
			readonly code: 'made-infeasible';
			readonly t: Tableau;
			readonly rows: readonly number[];
			/** whether the basis was feasible before */
			readonly was: boolean;
	  }
	/** what goes on; `was` where what it needs was true before, too */
	| { readonly code: 'dual-goes-on'; readonly t: Tableau; readonly was: boolean }
	| { readonly code: 'repair-goes-on'; readonly t: Tableau }
	| { readonly code: 'primal-goes-on'; readonly t: Tableau; readonly was: boolean }
	| { readonly code: 'optimal-at-once'; readonly t: Tableau; readonly was: boolean };

/** What is true where one stands. */
export type StandFinding =
	| { readonly code: 'not-begun' }
	| { readonly code: 'numbers-covered'; readonly count: number }
	| { readonly code: 'went-round'; readonly steps: number }
	/** what the method at work found at a tableau */
	| { readonly code: 'method'; readonly t: Tableau; readonly found: Finding }
	| { readonly code: 'split-negative' }
	| { readonly code: 'artificial-negative' }
	| { readonly code: 'dual-would-repair'; readonly t: Tableau }
	/** what can be done, as it is offered */
	| { readonly code: 'ways-on'; readonly ways: readonly Sentence[] }
	/** the best plan, of what it is the best */
	| {
			readonly code: 'best-plan';
			readonly t: Tableau;
			readonly of: 'problem' | 'relaxation' | 'branch';
	  }
	| { readonly code: 'constraints-used'; readonly t: Tableau }
	| { readonly code: 'objective-at-best'; readonly t: Tableau }
	/** columns whose pivot keeps the objective; `moves` where one of them leads to another plan */
	| { readonly code: 'columns-tie'; readonly columns: readonly Column[]; readonly moves: boolean }
	| { readonly code: 'not-whole'; readonly variables: readonly string[] }
	| { readonly code: 'rises-for-ever'; readonly t: Tableau; readonly position: number }
	| { readonly code: 'direction-improves'; readonly t: Tableau; readonly position: number }
	| { readonly code: 'bounds-exclude'; readonly variable: string | null }
	/** constraints times numbers whose sum no plan satisfies (Farkas 1902) */
	| { readonly code: 'sum-contradicts'; readonly problem: Problem; readonly multipliers: Multipliers };

export type RemarkFinding =
	PlaceFinding | BeginFinding | PivotFinding | PreviewFinding | StandFinding | WholeFinding | PictureFinding;

/** What a remark is about. */
export type Heading =
	| { readonly code: 'start' }
	| { readonly code: 'basis'; readonly columns: readonly Column[] }
	| { readonly code: 'exchange'; readonly enter: Column; readonly leave: Column }
	| { readonly code: 'becomes-basic'; readonly column: Column }
	| { readonly code: 'artificials'; readonly count: number }
	| { readonly code: 'part'; readonly part: Part }
	| { readonly code: 'changed' }
	| { readonly code: 'cut'; readonly number: number; readonly row: Cut['row'] }
	| { readonly code: 'cut-composed'; readonly number: number }
	| { readonly code: 'cuts-dropped'; readonly numbers: readonly number[] }
	| {
			readonly code: 'branch';
			readonly variable: string;
			readonly relation: '<=' | '>=';
			readonly value: Rational;
	  }
	| { readonly code: 'whole-bounds' }
	| { readonly code: 'nothing-begun' }
	| { readonly code: 'covered' }
	| { readonly code: 'cycle' }
	| { readonly code: 'next' }
	/** the method at work cannot go on; `inRegion` as above */
	| { readonly code: 'stuck'; readonly trouble: Trouble; readonly inRegion: boolean }
	| { readonly code: 'optimal' }
	| { readonly code: 'unbounded' }
	| { readonly code: 'infeasible' }
	/** a pivot, or a column that rises, before it is done */
	| { readonly code: 'if-exchanged'; readonly enter: Column; readonly leave: Column }
	| { readonly code: 'if-rises'; readonly column: Column }
	| BuildHeading;

/** A remark: what it is about, how it is meant, and what was found, in the order in which it is told. */
export interface Remark {
	readonly tone: 'step' | 'warning' | 'conclusion' | 'hint';
	readonly heading: Heading;
	readonly found: readonly RemarkFinding[];
}
