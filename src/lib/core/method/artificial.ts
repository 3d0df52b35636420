import { ONE, type Rational } from '../number/rational';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { redundantRows } from '../tableau/vacancy';
import { cell, goalRow, goalValue, isArtificial, rhsCell, type Tableau } from '../tableau/tableau';
import type { Finding } from './findings';
import { advise, driveOut, feasibilityTrouble, primalPivot, unbounded } from './primal';
import { improvingSlots } from './rules';
import type { Decision, Work } from './types';
import type { Rule } from './rule';

/** Once the artificials are zero: those still basic leave wherever their row allows it, then the second phase follows. */
function finish(t: Tableau, done: Finding): Decision {
	const out = driveOut(t);
	if (out) return out;
	return { kind: 'hand-over', to: 'phase-two', because: [done, ...redundancy(t)] };
}

/** The rows that say nothing new, where there are any. */
export function redundancy(t: Tableau): Finding[] {
	const rows = redundantRows(t);
	return rows.length === 0 ? [] : [{ code: 'redundant', rows }];
}

const infeasible = (t: Tableau, goal: Goal): Decision => ({
	kind: 'end',
	end: { status: 'infeasible', tableau: t, row: null },
	because: [{ code: 'artificials-remain', value: goalValue(t, goal) }]
});

const isDone = (t: Tableau, goal: Goal): boolean => !rhsCell(t, goalRow(t, goal));

/** Phase one (Dantzig, Orden and Wolfe 1955): maximises −Σ artificials; below zero at its end the problem is infeasible. */
export function decidePhaseOne({ tableau: t }: Work, rule: Rule): Decision {
	const trouble = feasibilityTrouble(t, true);
	if (trouble) return trouble;
	if (isDone(t, INFEASIBILITY)) return finish(t, { code: 'phase-one-done' });
	const goals = [INFEASIBILITY];
	const advice = advise(t, goals, rule);
	// minus a sum of non-negative variables has a limit, so no column can raise it for ever
	return advice.kind === 'pivot' ? primalPivot(t, advice.choice, goals, rule) : infeasible(t, INFEASIBILITY);
}

/** Whether raising a column for ever would move an artificial variable that is basic. */
const movesArtificial = (t: Tableau, slot: number): boolean =>
	t.basis.some((column, row) => isArtificial(t, column) && !!cell(t, row, slot));

/** The big-M method (Charnes 1952), M symbolic: a cost is compared first by its coefficient of M, then by its number. */
export function decideBigM({ tableau: t }: Work, rule: Rule): Decision {
	const trouble = feasibilityTrouble(t, true);
	if (trouble) return trouble;
	const goals = [BIG_M, OBJECTIVE];
	if (!isDone(t, BIG_M) && improvingSlots(t, [BIG_M]).length === 0) return infeasible(t, BIG_M);
	const advice = advise(t, goals, rule);
	if (advice.kind === 'pivot') return primalPivot(t, advice.choice, goals, rule);
	if (advice.kind === 'unbounded' && !movesArtificial(t, advice.slot)) return unbounded(t, advice.slot);
	return finish(t, { code: 'big-m-done' });
}

/** The multipliers of phase one (or of M) for each form row: y with y·A ≥ 0 and y·b < 0 where it ended below zero. */
export function artificialMultipliers(t: Tableau, entryOf: (column: number) => Rational): Rational[] {
	return t.form.rows.map(({ start }) => {
		const value = entryOf(start);
		return isArtificial(t, start) ? value.sub(ONE) : value;
	});
}
