import { inwardRemark } from '../commentary/cuts';
import { mustBeWhole, tightened } from '../integer/whole';
import { isInteger } from '../number/rational';
import { effectiveBounds } from '../problem/types';
import * as messages from './messages';
import type { Position } from './position';
import type { InwardMove, MoveKind } from './types';

const hasFractionalBounds = ({ problem }: Position): boolean =>
	problem.variables.some((variable) => {
		if (!mustBeWhole(variable)) return false;
		const { lower, upper } = effectiveBounds(variable);
		return [lower, upper].some((bound) => bound && !isInteger(bound));
	});

export const inward: MoveKind<InwardMove> = {
	perform(position) {
		if (position.work) return { ok: false, why: messages.begunAlready };
		// where an edit of the statement made the bounds whole meanwhile, nothing changes and the trail goes on
		return { ok: true, position: { ...position, problem: tightened(position.problem) } };
	},
	label: () => messages.boundsInward,
	tell: (before, _move, after) => inwardRemark(before.problem, after.problem),
	offers: (position) =>
		!position.work && hasFractionalBounds(position)
			? [{ move: { kind: 'inward' }, says: messages.offerInward }]
			: []
};
