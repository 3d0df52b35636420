import type { Form } from '../form/types';
import { isZero, ONE, type Rational } from '../number/rational';
import {
	cell,
	dropGoal,
	goalIndex,
	goalValue,
	pivot,
	rowCount,
	startTableau,
	type Tableau
} from '../tableau/tableau';
import { primal } from './primal';
import { choiceAt, costSign } from './rules';
import { DANTZIG, type Method, type Outcome, type Phase, type Rule, type Step } from './types';

const isArtificial = (t: Tableau, column: number): boolean => t.form.columns[column].kind === 'artificial';

/** The first tableau with artificial variables; one that has left does not come back. */
function artificialStart(form: Form, goal: 'w' | 'M'): Tableau {
	const t = startTableau(form, ['z', goal]);
	return { ...t, barred: new Set(form.columns.flatMap((c, j) => (c.kind === 'artificial' ? [j] : []))) };
}

/** Rows that hold no demand of their own: an artificial variable is basic at zero and nothing can replace it. */
export function redundantRows(t: Tableau): number[] {
	return t.basis.flatMap((column, row) =>
		isArtificial(t, column) && replacement(t, row) === null ? [row] : []
	);
}

function replacement(t: Tableau, row: number): number | null {
	for (let k = 0; k < t.nonbasic.length; k++) if (!t.barred.has(t.nonbasic[k]) && cell(t, row, k)) return k;
	return null;
}

/** Exchanges artificial variables that are still basic, at zero, for others wherever their row allows it. */
function* driveOut(start: Tableau): Generator<Step, Tableau> {
	let tableau = start;
	for (let row = 0; row < rowCount(tableau); row++) {
		if (!isArtificial(tableau, tableau.basis[row])) continue;
		const position = replacement(tableau, row);
		if (position === null) continue;
		const choice = choiceAt(tableau, row, position);
		tableau = pivot(tableau, row, position);
		yield {
			kind: 'pivot',
			phase: 'drive-out',
			tableau,
			choice,
			note: 'An artificial variable was still basic, at zero; any entry of its row that is not zero lets it leave.'
		};
	}
	return tableau;
}

/** From the end of phase one (or of big-M) to the end: artificials out, their goal row dropped, then the objective alone. */
function* withoutArtificials(start: Tableau, goal: 'w' | 'M', note: string, rule: Rule): Method {
	const clean = yield* driveOut(start);
	const tableau = dropGoal(clean, goal);
	const redundant = redundantRows(tableau).map((row) => tableau.form.rows[row].owner.name);
	const rest = redundant.length
		? ` ${redundant.join(', ')} repeats what other rows say and limits nothing.`
		: '';
	yield { kind: 'phase', phase: 'phase-two', tableau, note: note + rest };
	return yield* primal(tableau, { goals: [goalIndex(tableau, 'z')], rule, phase: 'phase-two' });
}

/**
 * The two-phase method: phase one maximises w = −Σ artificials from the artificial basis; where it ends below zero the problem
 * is infeasible, else phase two goes on with the objective.
 */
export function* twoPhase(form: Form, rule: Rule = DANTZIG): Method {
	let tableau = artificialStart(form, 'w');
	const goal = goalIndex(tableau, 'w');
	yield { kind: 'start', phase: 'phase-one', tableau };
	const outcome = yield* primal(tableau, { goals: [goal], rule, phase: 'phase-one' });
	if (outcome.status !== 'optimal') return outcome;
	tableau = outcome.tableau;
	if (!isZero(goalValue(tableau, goal)))
		return { status: 'infeasible', tableau, row: null } satisfies Outcome;
	return yield* withoutArtificials(
		tableau,
		'w',
		'Phase one ends with all artificial variables at zero: the basis is feasible. Their columns and row w are dropped; phase two begins.',
		rule
	);
}

/** Whether a column still lowers the artificials. */
const helps = (t: Tableau, goal: number): boolean =>
	t.nonbasic.some((column, k) => !t.barred.has(column) && costSign(t, [goal], k) < 0);

/**
 * The big-M method with M kept symbolic: a cost is compared first by its coefficient of M (row M), then by its number (row z).
 */
export function* bigM(form: Form, rule: Rule = DANTZIG): Method {
	let tableau = artificialStart(form, 'M');
	const [z, m] = [goalIndex(tableau, 'z'), goalIndex(tableau, 'M')];
	const phase: Phase = 'big-m';
	yield { kind: 'start', phase, tableau };
	let outcome = yield* primal(tableau, { goals: [m, z], rule, phase });
	// a column may run off while artificials are positive and another column could still lower them
	if (outcome.status === 'unbounded' && helps(outcome.tableau, m))
		outcome = yield* primal(outcome.tableau, { goals: [m], rule, phase });
	if (outcome.status === 'cycle') return outcome;
	tableau = outcome.tableau;
	if (!isZero(goalValue(tableau, m))) return { status: 'infeasible', tableau, row: null };
	if (outcome.status === 'unbounded') {
		const stuck = tableau.basis.some(
			(column, row) => isArtificial(tableau, column) && movesBy(tableau, row, outcome.position)
		);
		if (!stuck) return outcome;
	}
	return yield* withoutArtificials(
		tableau,
		'M',
		'No artificial variable is positive: M has done its work. The artificial columns and row M are dropped.',
		rule
	);
}

/** Whether the basic variable of a row changes when the column at a position rises. */
const movesBy = (t: Tableau, row: number, position: number): boolean => !!cell(t, row, position);

/** The multipliers of phase one (or of the M row) for each form row: y with y·A ≥ 0 and y·b < 0 where it ended below zero. */
export function artificialMultipliers(t: Tableau, entryOf: (column: number) => Rational): Rational[] {
	return t.form.rows.map(({ start }) => {
		const value = entryOf(start);
		return isArtificial(t, start) ? value.sub(ONE) : value;
	});
}
