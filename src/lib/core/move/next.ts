import type { Decision, Work } from '../method/types';
import type { RuleName } from '../method/rule';
import { pivotMove } from './pivot';
import type { Move } from './types';

/**
 * The move that a decision of the method at work asks for.
 * @param rule what the decision was made by
 * @returns null at an end, or where the method is stuck
 */
export function moveOf(work: Work, decision: Decision, rule: RuleName): Move | null {
	if (decision.kind === 'hand-over') return { kind: 'phase', to: decision.to };
	if (decision.kind !== 'pivot') return null;
	return pivotMove(work, decision.choice.entering, decision.choice.leaving, rule);
}
