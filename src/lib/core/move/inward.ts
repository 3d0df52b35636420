import { inwardRemark } from '../commentary/whole';
import { tightened, withImpliedBounds } from '../integer/whole';
import { mustBeWhole } from '../problem/whole';
import { isInteger } from '../number/rational';
import { effectiveBounds, sameProblem, type Problem } from '../problem/types';
import * as messages from './messages';
import { refused, type Position } from '../position/position';
import type { InwardMove, MoveKind } from './types';

/** Whole bounds for whole variables: rounded inward, or, where there are none, as the constraints imply them. */
const withWholeBounds = (problem: Problem): Problem => withImpliedBounds(tightened(problem));

/** Whether a bound of a whole variable is fractional, or one that has none can be given one. */
const canBeGiven = ({ problem }: Position): boolean => {
	const needs = problem.variables.some((variable) => {
		if (!mustBeWhole(variable)) return false;
		const { lower, upper } = effectiveBounds(variable);
		return (!lower && !upper) || [lower, upper].some((bound) => bound && !isInteger(bound));
	});
	return needs && !sameProblem(problem, withWholeBounds(problem));
};

export const inward: MoveKind<InwardMove> = {
	perform(position) {
		if (position.work) return refused({ code: 'bounds-in-use' });
		// where an edit of the statement made the bounds whole meanwhile, nothing changes and the trail goes on
		return { ok: true, position: { ...position, problem: withWholeBounds(position.problem) } };
	},
	label: () => messages.boundsInward,
	tell: (before, _move, after) => inwardRemark(before.problem, after.problem),
	offers: (position) =>
		!position.work && canBeGiven(position)
			? [{ move: { kind: 'inward' }, found: { code: 'whole-bounds' } }]
			: []
};
