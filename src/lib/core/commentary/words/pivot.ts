import { en } from '../../language/language';
import type { Finding } from '../../method/findings';
import * as method from '../../method/messages';
import type { Choice } from '../../method/types';
import type { OfCode } from '../../sentence/coded';
import type { Catalogue } from '../../sentence/catalogue';
import type { WrittenCell } from '../../sentence/claim';
import {
	byLayout,
	claim,
	entrySign,
	entryValue,
	INFEASIBILITY_NAME,
	joined,
	NOTHING_SAID,
	say,
	type Sentence
} from '../../sentence/sentence';
import { OBJECTIVE, type Goal } from '../../tableau/goal';
import { columnOf, cost, entryAt, rhs, type Tableau } from '../../tableau/tableau';
import type { Change, UnitRate, Way } from '../change';
import type { PivotFinding } from '../pivot-findings';
import { columnMeaning, quantity } from './plan';

/** The words of what a pivot did, why it was that one, and what it broke. */

const name = (t: Tableau, index: number): Sentence => say`${columnOf(t, index)}`;
const meaning = (t: Tableau, index: number): Sentence => columnMeaning(t.form, columnOf(t, index));
const why = (t: Tableau, because: Finding | null): Sentence =>
	because ? method.findingWords(t, because) : say`chosen by hand`;

/** What each unit of the entering variable does to what the part of the method works for. */
function perUnit(t: Tableau, { of, goal, way, by, change }: UnitRate, entering: number): Sentence {
	const WHAT: Record<UnitRate['of'], Sentence> = {
		objective: say`${t.form.problem.objective.name}`,
		infeasibility: say`${INFEASIBILITY_NAME}`,
		artificials: say`the artificial variables`
	};
	const what = WHAT[of];
	const inAll = of === 'artificials' ? en` in all` : '';
	const RATES: Record<UnitRate['way'], () => Sentence> = {
		stays: () => say`each unit leaves ${what} as it is`,
		rises: () => say`each unit raises ${what} by ${by}${inAll}`,
		falls: () => say`each unit lowers ${what} by ${by}${inAll}`,
		'is-least': () => say`each unit would lower ${what} by ${by}, but it is 0 already`
	};
	const told =
		of === 'artificials' ? NOTHING_SAID : claim({ code: 'rate', t, goal, column: entering, change });
	return say`${RATES[way]()}${told}`;
}

/** The quotients of right-hand sides and entries of the entering column. */
const columnLines = (t: Tableau, { slot, entering }: Choice, rows: readonly number[]) =>
	rows.map((row): method.RatioLine => {
		const [top, bottom] = [rhs(t, row), entryAt(t, row, slot)];
		const [over, under] = [
			{ row, column: 'rhs' },
			{ row, column: entering }
		] as const satisfies WrittenCell[];
		return { name: name(t, t.basis[row]), top, bottom, value: top.div(bottom), over, under };
	});

/** The quotients of the objective row and a row. */
const rowLines = (t: Tableau, { row }: Choice, positions: readonly number[]) =>
	positions.map((slot): method.RatioLine => {
		const column = t.nonbasic[slot];
		const [top, bottom] = [cost(t, OBJECTIVE, column), entryAt(t, row, slot).abs()];
		const [over, under] = [
			{ row: OBJECTIVE, column },
			{ row, column }
		];
		return { name: name(t, column), top, bottom, value: top.div(bottom), over, under };
	});

/** `profit rises by 30 thalers to 30 thalers` */
function moved(what: Sentence, { way, by, to }: Change, unit?: string): Sentence {
	const MOVED: Record<Way, () => Sentence> = {
		stays: () => say`${what} stays at ${quantity(to, unit)}`,
		rises: () => say`${what} rises by ${quantity(by, unit)} to ${quantity(to, unit)}`,
		falls: () => say`${what} falls by ${quantity(by, unit)} to ${quantity(to, unit)}`
	};
	return MOVED[way]();
}

/** What became of the objective, and of the sum of artificial variables where there is one. */
function objectiveMoved({
	objective: { name: objective, unit },
	change,
	sum,
	stood
}: OfCode<PivotFinding, 'objective-moved'>): Sentence {
	const still = stood ? say`: the step has length 0, the corner is degenerate` : NOTHING_SAID;
	const own = say`${moved(say`${objective}`, change, unit)}${still}`;
	if (!sum) return say`So ${own}.`;
	const what =
		sum.goal.kind === 'infeasibility' ? say`${INFEASIBILITY_NAME}` : say`the sum of the artificial variables`;
	return say`So ${moved(what, sum.change)}; ${own}.`;
}

/** The row in which a goal's entries are shown, and how those that improve it are written there, or the others. */
function shownRow(t: Tableau, goal: Goal) {
	const { objective } = t.form.problem;
	return {
		row: say`${{ goal: goal.kind === 'big-m' ? OBJECTIVE : goal, objective }}`,
		improving: say`${{ sign: 'improving', goal, objective }}`,
		other: say`${{ sign: 'other', goal, objective }}`
	};
}

function entryHasWrongSign({ t, choice }: OfCode<PivotFinding, 'entry-has-wrong-sign'>): Sentence {
	const { row, entering: column } = choice;
	const told = byLayout(
		claim({ code: 'sign', t, cell: { row, column }, sign: 'negative' }),
		claim({ code: 'sign', t, cell: { row, column }, sign: 'positive' })
	);
	return say`The entry ${entryValue(entryAt(t, row, choice.slot))} in row ${name(t, choice.leaving)} is ${entrySign('negative')}: ${name(t, column)} becomes negative there.${told}`;
}

export const PIVOTS: Catalogue<PivotFinding> = {
	entered: ({ t, choice, because, rate }) =>
		say`${meaning(t, choice.entering)} enters, ${why(t, because)}: ${perUnit(t, rate, choice.entering)}.`,
	left: ({ t, choice }) => say`${meaning(t, choice.leaving)} leaves.`,
	'left-first': ({ t, choice, tied }) => {
		const tie = tied.length
			? say` (a tie with ${joined(tied.map((row) => name(t, t.basis[row])))}: the next corner is degenerate)`
			: NOTHING_SAID;
		return say`${meaning(t, choice.leaving)} reaches 0 first and leaves${tie}.`;
	},
	'left-because': ({ t, choice, because }) => say`${meaning(t, choice.leaving)} leaves: ${why(t, because)}.`,
	'entered-after': ({ t, choice }) => say`${meaning(t, choice.entering)} enters.`,
	'entered-to-repair': ({ t, choice, because }) =>
		because
			? say`${why(t, because)}: ${meaning(t, choice.entering)} enters.`
			: say`${meaning(t, choice.entering)} enters, ${why(t, because)}.`,
	'basic-there': ({ t, choice }) => say`${meaning(t, choice.entering)} becomes basic there.`,
	'took-place': ({ t, choice }) => say`${meaning(t, choice.entering)} takes its place.`,
	'ratios-compared': ({ t, choice, rows }) =>
		method.columnRatios(t, choice.entering, columnLines(t, choice, rows), rows.length < t.basis.length),
	'repair-ratios-compared': ({ t, choice, rows }) => method.repairRatios(t, columnLines(t, choice, rows)),
	'row-ratios-compared': ({ t, choice, positions }) =>
		method.rowRatios(t, choice.row, name(t, choice.leaving), rowLines(t, choice, positions)),
	'objective-moved': objectiveMoved,
	'entry-has-wrong-sign': entryHasWrongSign,
	'ratio-not-least': ({ t, choice, least }) =>
		say`${name(t, choice.leaving)} is not the row to leave: its ratio ${least.own} is larger than ${least.value} of ${name(t, t.basis[least.row])}.`,
	'feasibility-lost': ({ t, after, negative, inRegion }) => {
		const broke = [
			...claim({ code: 'feasible', t, holds: true }),
			...claim({ code: 'feasible', t: after, holds: false })
		];
		const names = joined(negative.map(({ column, value }) => say`${name(t, column)} = ${value}`));
		return inRegion
			? say`A basic variable is negative now: ${names}.${broke}`
			: say`This leaves the region: ${names}.${broke}`;
	},
	'dual-feasibility-lost': ({ t, after, goal }) => {
		const { row, improving } = shownRow(t, goal);
		return goal.kind === 'objective'
			? say`The tableau was dual feasible; this pivot makes an entry of the objective row ${improving} again.${claim({ code: 'dual-feasible', t, holds: true })}${claim({ code: 'dual-feasible', t: after, holds: false })}`
			: say`No entry of row ${row} could improve it any more; this pivot makes one ${improving} again.`;
	},
	'wrong-way': ({ t, choice, goal }) => {
		const { row, other } = shownRow(t, goal);
		const what = goal.kind === 'objective' ? say`the objective` : say`the sum of the artificial variables`;
		return say`This goes the wrong way: the entry of ${name(t, choice.entering)} in row ${row} is ${other}, so ${what} gets worse.`;
	}
};
