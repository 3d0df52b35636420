import { NOTHING_SAID, say } from '../sentence/sentence';
import { startRemark } from '../commentary/begin';
import { standardForm } from '../form/standard';
import type { FormOptions } from '../form/types';
import { beginWork, chooseMethod, type ChosenMethod } from '../method/solve';
import type { Work } from '../method/types';
import { standingTableau } from '../method/standing';
import { startTableau } from '../tableau/build';
import type { Tableau } from '../tableau/tableau';
import * as messages from './messages';
import { refused, type Position } from '../position/position';
import { WAYS, type BeginMove, type MoveKind, type Way } from './types';

/** The method that a way to start begins with. */
function methodOf(position: Position, way: Way): ChosenMethod {
	if (way === 'by-hand') return 'primal';
	if (way !== 'auto') return way;
	return chooseMethod(startTableau(standardForm(position.problem)), position.problem).method;
}

/** How rows are written for a way to start. */
function optionsOf(method: ChosenMethod, { way, equalities }: BeginMove): FormOptions {
	if (way === 'by-hand') return { start: 'vacant', equalities };
	return method === 'two-phase' || method === 'big-m'
		? { start: 'artificial', equalities }
		: { start: 'slack', equalities };
}

/** The options of standard form that a way to start leads to at a position. */
export const formOptions = (position: Position, move: BeginMove): FormOptions =>
	standing(position, move)
		? { start: 'vacant', equalities: move.equalities }
		: optionsOf(methodOf(position, move.way), move);

/** The tableau of a basis that stands there already, where a start would else add artificial variables; null where there is none. */
function standing(position: Position, { way, standing: isWanted, equalities }: BeginMove): Tableau | null {
	if (way !== 'auto' || !isWanted || methodOf(position, way) !== 'two-phase') return null;
	return standingTableau(
		startTableau(standardForm(position.problem, { start: 'vacant', equalities }, position.keys))
	);
}

function begun(position: Position, move: BeginMove): Work {
	const tableau = standing(position, move);
	if (tableau) return { part: 'primal', tableau };
	const method = methodOf(position, move.way);
	return beginWork(standardForm(position.problem, optionsOf(method, move), position.keys), method);
}

/** The start with rows that need it left without a basic variable. */
export const begunByHand = (position: Position): Work =>
	begun(position, { kind: 'begin', way: 'by-hand', equalities: 'one-row' });

export const begin: MoveKind<BeginMove> = {
	perform(position, move) {
		if (position.work) return refused({ code: 'already-begun' });
		return { ok: true, position: { ...position, work: begun(position, move) } };
	},
	label({ way, equalities }) {
		const split = equalities === 'two-rows' && way !== 'auto' ? messages.inTwoRows : NOTHING_SAID;
		return say`${messages.WAY_LABELS[way]}${split}`;
	},
	tell: (_before, _move, after) => startRemark(after.work!),
	offers(position) {
		if (position.work) return [];
		const equality = position.problem.constraints.some((row) => row.relation === '=');
		return WAYS.flatMap((way) => {
			const one = {
				move: {
					kind: 'begin',
					way,
					equalities: 'one-row',
					...(way === 'auto' ? { standing: true } : {})
				} as const,
				found: { code: 'start', way, inTwoRows: false } as const
			};
			if (!equality || way === 'auto') return [one];
			const two = {
				move: { kind: 'begin', way, equalities: 'two-rows' } as const,
				found: { code: 'start', way, inTwoRows: true } as const
			};
			return [one, two];
		});
	}
};
