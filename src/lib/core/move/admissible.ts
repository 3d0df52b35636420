import { admissiblePivots } from '../method/admissible';
import { decide } from '../method/decide';
import { nameOfRule, type Rule } from '../method/rule';
import type { Decision, Work } from '../method/types';
import { addressText, rowKey } from '../notation/board';
import type { Position } from '../position/position';
import { columnOf } from '../tableau/tableau';
import { branch } from './branch';
import { cut } from './cut';
import { pivotMove } from './pivot';
import type { Move } from './types';

/** A choice that is allowed next, as a move: its columns and rows are named by lasting ids. */
export interface AdmissibleMove {
	readonly move: Move;
	/** whether it is what the rule takes */
	readonly isPreferred: boolean;
}

/**
 * Every choice that is allowed next at a position: the pivots of the method at work, with all ties and all improving columns; at an optimum of an
 * integer problem the branches and the cuts.
 * @param rule which of the pivots is preferred; it prefers none of branches and cuts
 */
export function admissible(position: Position, rule: Rule): AdmissibleMove[] {
	const { work } = position;
	if (!work) return [];
	const { pivots, preferred } = admissiblePivots(work, decide(work, rule));
	return [
		...pivots.map(({ row, entering, leaving }) => {
			const isPreferred = preferred?.row === row && preferred.entering === entering;
			return {
				move: pivotMove(work, entering, leaving, isPreferred ? nameOfRule(rule) : 'hand'),
				isPreferred
			};
		}),
		...[...branch.offers(position, rule), ...cut.offers(position, rule)].map(({ move }) => ({
			move,
			isPreferred: false
		}))
	];
}

/**
 * The addresses of the entries on which the method at work allows a pivot besides the one of the rule: other columns that improve, and ties.
 * @param decision what the method decides there
 */
export function alternatives(work: Work, decision: Decision): ReadonlySet<string> {
	const { tableau: t } = work;
	const { pivots, preferred } = admissiblePivots(work, decision);
	return new Set(
		pivots
			.filter(({ row, entering }) => row !== preferred?.row || entering !== preferred.entering)
			.map(({ row, entering }) => addressText({ row: rowKey(t, row), column: columnOf(t, entering).id }))
	);
}
