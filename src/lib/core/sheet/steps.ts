import { perform } from '../move/kinds';
import { moveOf } from '../move/next';
import type { Move, Way } from '../move/types';
import { decide } from '../method/decide';
import { nameOfRule, type Rule } from '../method/rule';
import { stated, type Position } from '../position/position';
import type { Problem } from '../problem/types';

/** The steps whose tableaux a sheet prints: those of a trail, or of a run by a rule. */

/** A position with the move that led to it; null where the problem is only stated. */
export interface SheetStep {
	readonly position: Position;
	readonly move: Move | null;
}

/** tableaux that a sheet prints at most */
export const MOST_TABLEAUX = 30;

/** The run of a method from the problem as stated to its end, as far as a sheet prints it. */
export function stepsOf(problem: Problem, way: Way, rule: Rule): SheetStep[] {
	const steps: SheetStep[] = [{ position: stated(problem), move: null }];
	let move: Move | null = { kind: 'begin', way, equalities: 'one-row', standing: true };
	while (move && steps.length <= MOST_TABLEAUX) {
		const result = perform(steps[steps.length - 1].position, move);
		if (!result.ok) break;
		const { work } = result.position;
		steps.push({ position: result.position, move });
		move = work && moveOf(work, decide(work, rule), nameOfRule(rule));
	}
	return steps;
}
