import type { Column, Owner } from '../form/types';
import type { ChosenMethod } from '../method/solve';
import type { Part } from '../method/types';
import type { Rational } from '../number/rational';
import type { Bare, ByCode } from '../sentence/coded';

/** How a method can begin; `auto` is the one that suits the problem. */
export type Way = ChosenMethod | 'auto' | 'by-hand';

/** What can be done where one stands, as data. The moves that do it stand in `move/`. */
export type OfferFinding = ByCode<{
	/** `inTwoRows` where each equality becomes two inequalities */
	start: { way: Way; inTwoRows: boolean };
	/** columns that are a basis already */
	'start-from-basis': { columns: readonly Column[] };
	exchange: { enter: Column; leave: Column };
	/** a column for a row that has no basic variable */
	'fill-row': { column: Column };
	/** a part of a method that goes on; `onlyFills` where it has nothing to do but to give every row a basic variable */
	'go-on-with': { part: Part; onlyFills: boolean };
	'add-artificial': { row: Owner };
	'add-artificials': Bare;
	'cut-from-row': { basic: Column };
	'cut-from-objective': Bare;
	'drop-cuts': Bare;
	branch: { variable: string; relation: '<=' | '>='; value: Rational };
	'whole-bounds': Bare;
}>;
