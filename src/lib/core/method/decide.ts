import { addGoal, dropGoal } from '../tableau/build';
import { BIG_M, INFEASIBILITY, type Goal } from '../tableau/goal';
import { hasGoal, pivot } from '../tableau/tableau';
import { decideBigM, decidePhaseOne } from './artificial';
import { decideDual } from './dual';
import { decidePrimal } from './primal';
import { decideRepair } from './repair';
import type { Decision, Part, Work } from './types';
import type { Rule } from './rule';

const DECIDERS: Record<Part, (work: Work, rule: Rule) => Decision> = {
	primal: decidePrimal,
	'phase-one': decidePhaseOne,
	'phase-two': decidePrimal,
	'big-m': decideBigM,
	dual: decideDual,
	repair: decideRepair
};

/**
 * What the method at work does next, and why, from where it stands alone: also in the middle of a run that was begun by hand.
 * @param work a tableau and the part of a method that works on it
 * @param rule how to choose where there is a choice
 */
export const decide = (work: Work, rule: Rule): Decision => DECIDERS[work.part](work, rule);

/** The objective row that a part of a method needs besides the objective's. */
const OWN_GOALS: Partial<Record<Part, Goal>> = { 'phase-one': INFEASIBILITY, 'big-m': BIG_M };

/** Another part takes over: it brings its own objective row, and those that only served the one before are gone. */
export function handOver({ tableau }: Work, to: Part): Work {
	const own = OWN_GOALS[to];
	const others = [INFEASIBILITY, BIG_M].filter((goal) => goal !== own && hasGoal(tableau, goal));
	const rest = others.reduce(dropGoal, tableau);
	return { tableau: own && !hasGoal(rest, own) ? addGoal(rest, own) : rest, part: to };
}

/** Where a decision leads; null for an end, or where the method is stuck. */
export function advance(work: Work, decision: Decision): Work | null {
	if (decision.kind === 'pivot')
		return { ...work, tableau: pivot(work.tableau, decision.choice.row, decision.choice.slot) };
	return decision.kind === 'hand-over' ? handOver(work, decision.to) : null;
}
