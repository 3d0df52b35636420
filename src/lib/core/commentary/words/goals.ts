import { en } from '../../language/language';
import { OBJECTIVE, type Goal } from '../../tableau/goal';
import { cell, columnOf, cost, entryAt, goalValue, rhs, type Tableau } from '../../tableau/tableau';
import { goalFactor, valueFactor, type Notation } from '../../notation/notation';
import type { Column } from '../../form/types';
import type { Rational } from '../../number/rational';
import type { Objective } from '../../problem/types';
import {
	byNotation,
	claim,
	INFEASIBILITY_NAME,
	joined,
	NOTHING_SAID,
	say,
	signsOf,
	type Sentence
} from '../../sentence/sentence';

/** The words of the goals of artificial variables, and of how their rows arise. */

const MOST_COLUMNS = 8;

/** `3`, `(−1)`, `(1 − 1 + 2)` */
function added(parts: readonly Rational[]): Sentence {
	if (parts.length === 1 && parts[0].s >= 0n) return say`${parts[0]}`;
	const [first, ...rest] = parts;
	const others = rest.flatMap((part) => (part.s < 0n ? say` − ${part.abs()}` : say` + ${part}`));
	return say`(${first}${others})`;
}

/** What the sum of the artificial variables is for, or what M does to the objective, as the notation works it. */
export function goalSentence(goal: Goal, own: Objective, columns: readonly Column[]): Sentence {
	const artificials = joined(
		columns.map((column) => say`${column}`),
		' + ',
		' + '
	);
	const asked = ({ phaseOne }: Notation): Sentence =>
		phaseOne === 'maximised' ? say`, so −${INFEASIBILITY_NAME} is maximised` : say``;
	const costs = (notation: Notation): Sentence => {
		const isMinimum = own.sense === 'min' && notation.minimum === 'minimised';
		return isMinimum
			? say`M(${artificials}) is added to ${own.name}, which is minimised`
			: say`−M(${artificials}) is added to ${own.sense === 'max' ? '' : '−'}${own.name}, which is maximised`;
	};
	return goal.kind === 'big-m'
		? say`${columns.length > 1 ? en`Each` : en`The`} artificial variable costs M, a number larger than any other: ${byNotation(['minimum'], costs)}.`
		: say`${INFEASIBILITY_NAME} = ${artificials} is minimised${byNotation(['phaseOne'], asked)}.`;
}

/**
 * Where each entry of a row for the artificial variables comes from: minus the sum of their rows, or the sum, as a notation writes it.
 * @param rows the rows of the artificial variables that are basic
 */
export function goalRowSentence(t: Tableau, goal: Goal, rows: readonly number[]): Sentence {
	const from = joined(rows.map((row) => say`${columnOf(t, t.basis[row])}`));
	const columns = t.nonbasic
		.map((column, k) => ({ column, k }))
		.filter(({ column, k }) => !t.barred.has(column) && rows.some((row) => cell(t, row, k)))
		.sort((a, b) => a.column - b.column);
	const { sense } = t.form.problem.objective;
	const written = goal.kind === 'big-m' ? OBJECTIVE : goal;
	const arises = (notation: Notation): Sentence => {
		const factor = goalFactor(notation, written, sense);
		const turn = valueFactor(notation, written, sense);
		// in a dictionary the rows' entries have the other sign, their constants the same
		const isDictionary = notation.layout === 'dictionary';
		const side = isDictionary ? -1 : 1;
		const minus = (by: number) => (by > 0 ? '−' : '');
		const entries = columns.slice(0, MOST_COLUMNS).map(({ column, k }) => {
			const parts = rows.filter((row) => cell(t, row, k)).map((row) => entryAt(t, row, k).mul(side));
			const value = cost(t, goal, column).mul(factor);
			const sum = parts.length > 1 ? say`${minus(factor * side)}${added(parts)} = ` : NOTHING_SAID;
			const told = claim({ code: 'value', t, cell: { row: goal, column }, value });
			return say`${columnOf(t, column)}: ${sum}${value}${told}`;
		});
		const rest = columns.length > MOST_COLUMNS ? say`; and so on` : say``;
		const several = rows.length > 1;
		const total = several ? say`${minus(turn)}${added(rows.map((row) => rhs(t, row)))} = ` : NOTHING_SAID;
		const sources = isDictionary
			? several
				? en`the sum of the right sides`
				: en`the right side`
			: several
				? en`the sum of the rows`
				: en`the row`;
		const isM = goal.kind === 'big-m';
		const made = isM
			? en`the coefficients of M, added to what is in the objective row, are`
			: en`the new row is`;
		return say`${made} ${factor * side > 0 ? en`minus ` : ''}${sources} of ${from}. ${joined(entries, '; ', '; ')}${rest}; right-hand side: ${total}${goalValue(t, goal).mul(turn)}.`;
	};
	return say`${rows.length > 1 ? en`Each` : en`It`} is basic, so it is eliminated using its own row: ${byNotation([...signsOf(goal), 'value'], arises)}`;
}
