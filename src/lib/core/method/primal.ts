import { OBJECTIVE, type Goal } from '../tableau/goal';
import { fillingSlot, mustVanish, openVacancies } from '../tableau/vacancy';
import { negativeRows } from '../tableau/ratio';
import { cell, goalRow, isArtificial, rhsCell, type Tableau } from '../tableau/tableau';
import { choiceAt, enteringSlot, leavingRow, moves, type Goals } from './rules';
import type { Finding } from './findings';
import type { Choice, Decision, Part, Work } from './types';
import { takesFirst, type Rule } from './rule';

/** What a rule says at a tableau with no negative right-hand side. */
export type Advice =
	| { readonly kind: 'pivot'; readonly choice: Choice }
	| { readonly kind: 'optimal' }
	| { readonly kind: 'unbounded'; readonly slot: number };

/** One decision of the primal simplex method for some objective rows, the most important first. */
export function advise(t: Tableau, goals: Goals, rule: Rule): Advice {
	const slot = enteringSlot(t, goals, rule.entering);
	if (slot === null) return { kind: 'optimal' };
	const row = leavingRow(t, slot, takesFirst(rule) ? 'lowest-index' : rule.ties);
	if (row === null) return { kind: 'unbounded', slot };
	return { kind: 'pivot', choice: choiceAt(t, row, slot) };
}

/** The end where a row demands what no plan can give. */
export const contradiction = (
	t: Tableau,
	row: number,
	code: Extract<Finding['code'], 'row-contradicts' | 'empty-row-contradicts'> = 'row-contradicts'
): Decision => ({
	kind: 'end',
	end: { status: 'infeasible', tableau: t, row },
	because: [{ code, row }]
});

/** A row without any variable left that nevertheless demands something: `0 = 3`. */
function emptyRow(t: Tableau): Decision | null {
	const row = t.basis.findIndex((_, i) => mustVanish(t, i) && rhsCell(t, i) && fillingSlot(t, i) === null);
	return row < 0 ? null : contradiction(t, row, 'empty-row-contradicts');
}

/**
 * What keeps every method without artificial variables from going on; null where nothing does.
 * @param served the part that works on artificial variables does not mind them
 */
export function rowTrouble(t: Tableau, served = false): Decision | null {
	const vacant = openVacancies(t);
	if (vacant.length > 0)
		return { kind: 'stuck', trouble: 'vacant-rows', because: [{ code: 'vacant-rows', rows: vacant }] };
	if (served) return null;
	const empty = emptyRow(t);
	if (empty) return empty;
	const left = t.basis.flatMap((column, row) => (isArtificial(t, column) && rhsCell(t, row) ? [row] : []));
	if (left.length === 0) return driveOut(t);
	return { kind: 'stuck', trouble: 'artificials-left', because: [{ code: 'artificials-left', rows: left }] };
}

/** An artificial variable that is basic, at zero, leaves wherever its row allows it: it could become positive again. */
export function driveOut(t: Tableau): Decision | null {
	for (let row = 0; row < t.basis.length; row++) {
		if (!isArtificial(t, t.basis[row]) || rhsCell(t, row)) continue;
		const slot = fillingSlot(t, row);
		if (slot === null) continue;
		return {
			kind: 'pivot',
			choice: choiceAt(t, row, slot),
			driveOut: true,
			because: [{ code: 'drives-out', row }]
		};
	}
	return null;
}

/** What keeps a method that needs a feasible basis from going on; null where nothing does. */
export function feasibilityTrouble(t: Tableau, served = false): Decision | null {
	const trouble = rowTrouble(t, served);
	if (trouble) return trouble;
	const negative = negativeRows(t);
	if (negative.length === 0) return null;
	return { kind: 'stuck', trouble: 'not-feasible', because: [{ code: 'not-feasible', rows: negative }] };
}

/** A pivot of the primal simplex method as a decision, with its reasons. */
export const primalPivot = (t: Tableau, choice: Choice, goals: Goals, rule: Rule): Decision => ({
	kind: 'pivot',
	choice,
	because: [enteringFinding(t, choice, decidingGoal(t, choice.slot, goals), rule)]
});

/** Why a rule takes the column of a pivot, for an objective row. */
export const enteringFinding = (t: Tableau, choice: Choice, goal: Goal, rule: Rule): Finding => ({
	code: 'enters-by',
	rule: rule.entering,
	goal,
	column: choice.entering,
	moves: moves(t, choice)
});

const decidingGoal = (t: Tableau, slot: number, goals: Goals) =>
	goals.find((goal) => cell(t, goalRow(t, goal), slot)) ?? goals[0];

/** The end of a method at an optimal tableau, with its reason. */
export function optimal(t: Tableau): Decision {
	return {
		kind: 'end',
		end: { status: 'optimal', tableau: t },
		because: [{ code: 'nothing-improves', goal: OBJECTIVE }]
	};
}

/** The end of a method where nothing limits the column at a slot, with its reason. */
export function unbounded(t: Tableau, slot: number): Decision {
	return {
		kind: 'end',
		end: { status: 'unbounded', tableau: t, slot },
		because: [{ code: 'no-limit', column: t.nonbasic[slot] }]
	};
}

const GOALS: Goals = [OBJECTIVE];

/** The primal simplex method (Dantzig 1951), alone or as the second phase. */
export function decidePrimal({ tableau: t }: Work, rule: Rule): Decision {
	const trouble = feasibilityTrouble(t);
	if (trouble) return trouble;
	const advice = advise(t, GOALS, rule);
	if (advice.kind === 'optimal') return optimal(t);
	if (advice.kind === 'unbounded') return unbounded(t, advice.slot);
	return primalPivot(t, advice.choice, GOALS, rule);
}

/** The objective rows that a part of a method works for, the most important first. */
export function goalsOf(t: Tableau, part: Part): Goals {
	if (part === 'phase-one') return t.goals.filter(({ kind }) => kind === 'infeasibility');
	if (part === 'big-m') return [...t.goals.filter(({ kind }) => kind === 'big-m'), OBJECTIVE];
	return [OBJECTIVE];
}
