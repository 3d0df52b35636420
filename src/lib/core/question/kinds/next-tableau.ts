import { parseRational, rational, sign, toText, type Rational } from '../../number/rational';
import { tableauJson, type TableauJson } from '../../tableau/written';
import { numberIn } from '../answers';
import { cellName, cellsOf, partsOf, withCells } from '../cells';
import type { QuestionKind, Situation, Slip } from '../types';
import { nameOfColumn, without } from './shared';

/** Questions about the whole tableau after the next pivot: all of its entries, or the one that is wrong. */

/** The next pivot by names, and the tableaux before and after; null where none comes, or rows or columns come or go with it. */
function pivotOf({ tableau, next, after }: Situation) {
	if (!next || !after || after.basis.length !== tableau.basis.length) return null;
	const [before, then] = [tableauJson(tableau), tableauJson(after)];
	if (before.columns.join() !== then.columns.join() || before.objective.length !== then.objective.length)
		return null;
	return {
		before,
		then,
		given: {
			entering: nameOfColumn(tableau, next.entering),
			leaving: nameOfColumn(tableau, tableau.basis[next.row])
		}
	};
}

export const nextTableau: QuestionKind = {
	answers: 'cells',
	ask(situation) {
		const pivot = pivotOf(situation);
		return pivot && { given: pivot.given, right: [Object.fromEntries(cellsOf(pivot.then))], slips: [] };
	},
	consequence({ right, tableau, given }, answer) {
		const [cells] = right as readonly Readonly<Record<string, string>>[];
		const own = answer as Readonly<Record<string, string>>;
		const written = Object.entries(cells).filter(([cell]) => Object.hasOwn(own, cell));
		const wrong = written.flatMap(([cell, value]) => {
			const [typed, wanted] = [numberIn(own[cell]), numberIn(value)];
			return typed && wanted?.equals(typed) ? [] : [cell];
		});
		const missing = Object.keys(cells).length - written.length;
		if (wrong.length === 0) return { wrong, missing };
		const { row } = partsOf(wrong[0]);
		const isPivotRow = row === given.entering;
		const before = new Map(cellsOf(tableau)).get(
			cellName(isPivotRow ? given.leaving! : row, given.entering!)
		);
		const how = isPivotRow ? ('divide' as const) : ('subtract' as const);
		return { wrong, missing, ...(before === undefined ? {} : { operation: { row, how, by: before } }) };
	}
};

/** What an entry is after a usual mistake: the row not changed, added instead of subtracted, one too large. */
function mistaken(before: TableauJson, then: TableauJson, cell: string): Rational {
	const right = parseRational(new Map(cellsOf(then)).get(cell)!);
	const was = new Map(cellsOf(before)).get(cell);
	const old = was === undefined ? right : parseRational(was);
	if (!old.equals(right)) return old;
	return sign(right) === 0 ? rational(1) : right.neg();
}

export const wrongEntry: QuestionKind = {
	answers: 'cell',
	ask(situation) {
		const pivot = pivotOf(situation);
		if (!pivot) return null;
		const { before, then, given } = pivot;
		const basic = new Set(then.rows.map((row) => row.basic));
		// a mistake in a unit column would be seen without reckoning
		const places = cellsOf(then).map(([cell]) => cell);
		const open = places.filter((cell) => !basic.has(partsOf(cell).column));
		const cell = open[situation.pick(open.length)];
		const after = withCells(then, { [cell]: toText(mistaken(before, then, cell)) });
		// entries that a pivot changes, and that are right
		const others = open.filter((own) => own !== cell && partsOf(own).row === partsOf(cell).row);
		const slips: Slip[] = others.slice(0, 3).map((own) => ({ answer: own, code: 'is-right' }));
		return { given: { ...given, after }, right: [cell], slips: without([cell], slips) };
	}
};
