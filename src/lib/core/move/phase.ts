import { phaseRemark } from '../commentary/begin';
import { decide, handOver } from '../method/decide';
import { isDualFeasible } from '../method/dual';
import { openVacancies } from '../tableau/vacancy';
import { refused } from '../position/position';
import type { Part, Work } from '../method/types';
import { PARTS } from '../method/types';
import { isZero, ZERO, type Rational } from '../number/rational';
import { isArtificial, isPrimalFeasible, rhs, type Tableau } from '../tableau/tableau';
import type { Refusal } from '../position/refusal';
import * as messages from './messages';
import type { MoveKind, PhaseMove } from './types';

/** The sum of the artificial variables that are basic. */
const artificialSum = (t: Tableau): Rational =>
	t.basis.reduce((sum, column, row) => (isArtificial(t, column) ? sum.add(rhs(t, row)) : sum), ZERO);

const hasArtificials = (t: Tableau): boolean => t.basis.some((column) => isArtificial(t, column));

/** What keeps a part of a method from taking over; null where nothing does. */
function hindrance({ tableau: t, part }: Work, to: Part): Refusal | null {
	if (to === part) return { code: 'part-at-work', part: to };
	if (to === 'phase-one' || to === 'big-m') {
		if (!hasArtificials(t)) return { code: 'no-artificials' };
		const vacant = openVacancies(t);
		if (vacant.length > 0) return { code: 'still-vacant', rows: vacant.map((row) => t.form.rows[row].owner) };
	} else {
		const sum = artificialSum(t);
		if (!isZero(sum)) return { code: 'artificials-not-zero', sum };
	}
	return null;
}

/** Whether it makes sense to offer that a part takes over. */
function isWorthwhile(work: Work, to: Part): boolean {
	const { tableau: t, part } = work;
	if (hindrance(work, to)) return false;
	const feasible = isPrimalFeasible(t);
	switch (to) {
		case 'phase-one':
		case 'big-m':
			return part === 'primal' && !isZero(artificialSum(t));
		case 'phase-two':
			return part === 'phase-one' || part === 'big-m' || (part === 'primal' && hasArtificials(t));
		case 'primal':
			return feasible && (part === 'dual' || part === 'repair');
		case 'dual':
			return !feasible && isDualFeasible(t);
		case 'repair':
			return !feasible || openVacancies(t).length > 0;
	}
}

export const phase: MoveKind<PhaseMove> = {
	perform(position, { to }) {
		const { work } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		const why = hindrance(work, to);
		return why ? refused(why) : { ok: true, position: { ...position, work: handOver(work, to) } };
	},
	label: ({ to }) => messages.PART_NAMES[to],
	tell: (before, _move, after) => phaseRemark(before.work!, after.work!),
	offers({ work }, rule) {
		if (!work) return [];
		const decision = decide(work, rule);
		const next = decision.kind === 'hand-over' ? decision.to : null;
		return PARTS.filter((to) => to === next || isWorthwhile(work, to)).map((to) => ({
			move: { kind: 'phase', to },
			found: { code: 'go-on-with', part: to, onlyFills: to === 'repair' && isPrimalFeasible(work.tableau) }
		}));
	}
};
