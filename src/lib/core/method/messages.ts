import { en } from '../language/language';
import type { OfCode } from '../sentence/coded';
import { codesOf, words, type Catalogue } from '../sentence/catalogue';
import type { WrittenCell } from '../sentence/claim';
import {
	byLayout,
	byNotation,
	claim,
	entrySign,
	inBrackets,
	INFEASIBILITY_NAME,
	joined,
	NOTHING_SAID,
	say,
	signsOf,
	type Sentence
} from '../sentence/sentence';
import { goalFactor, improvingSign, type Notation } from '../notation/notation';
import { isZero, type Rational } from '../number/rational';
import { isBound } from '../problem/row-owner';
import { BIG_M, OBJECTIVE, type Goal } from '../tableau/goal';
import { columnOf, cost, hasGoal, rhs, type Tableau } from '../tableau/tableau';
import type { Finding, StartFinding } from './findings';
import type { EnteringRule } from './rule';

/** The words of what methods find, and of the ratios that they compare. */

const goalOf = (t: Tableau, goal: Goal): Sentence => say`${{ goal, objective: t.form.problem.objective }}`;
/** How entries of an objective row that improve are written: negative or positive. */
const improving = (t: Tableau, goal: Goal): Sentence =>
	say`${{ sign: 'improving', goal, objective: t.form.problem.objective }}`;

/** The sign, as it is written, of what improves in an objective row. */
const writtenSign = (t: Tableau, goal: Goal, notation: Notation) =>
	improvingSign(notation, goal, t.form.problem.objective.sense);

/** Columns in which M stands: where the objective decides they are not compared, since M comes first. */
const columnsWithM = (t: Tableau, goal: Goal): number[] =>
	goal.kind === 'objective' && hasGoal(t, BIG_M)
		? t.nonbasic.filter((column) => !t.barred.has(column) && !isZero(cost(t, BIG_M, column)))
		: [];

/** Why a rule takes a column. */
function entersBy(t: Tableau, { rule, goal, column, moves }: OfCode<Finding, 'enters-by'>): Sentence {
	const row = goalOf(t, goal);
	const ofM = goal.kind === 'big-m' ? say` coefficient of M` : NOTHING_SAID;
	const objective = goal.kind === 'big-m' ? goalOf(t, OBJECTIVE) : row;
	const cell = { row: goal, column } as const;
	const withM = columnsWithM(t, goal);
	const most = byNotation(signsOf(goal), (notation) =>
		claim({ code: 'most', t, cell, sign: writtenSign(t, goal, notation), beside: withM })
	);
	const sign = byNotation(signsOf(goal), (notation) =>
		claim({ code: 'sign', t, cell, sign: writtenSign(t, goal, notation) })
	);
	const among = withM.length > 0 ? say`of the columns whose coefficient of M is 0, ` : NOTHING_SAID;
	const reasons: Record<EnteringRule, Sentence> = {
		dantzig: say`${among}its${ofM.length ? ofM : en` entry`} in row ${objective} is the most ${improving(t, goal)}${most}`,
		bland: say`${among}it is the first ${withM.length > 0 ? '' : en`column `}with a ${improving(t, goal)}${ofM.length ? ofM : en` entry`} in row ${objective} (Bland’s rule)${sign}`,
		'greatest-improvement': moves
			? say`its pivot improves ${row} most`
			: say`no pivot improves ${row} here, and its column is the first that would`,
		'steepest-edge': say`its edge climbs most steeply`
	};
	return say`because ${reasons[rule]}`;
}

/** One line of a comparison of ratios: what it is called, and the entries that are divided. */
export interface RatioLine {
	readonly name: Sentence;
	readonly top: Rational;
	readonly bottom: Rational;
	readonly value: Rational;
	readonly over: WrittenCell;
	readonly under: WrittenCell;
}

/** A quotient of a right-hand side and an entry, of sizes where the entry is written with the other sign. */
const quotient = (t: Tableau, { name, top, bottom, value, over, under }: RatioLine): Sentence => {
	const told = claim({ code: 'ratio', t, over, under, value });
	const plain = say`${name}: ${top} ÷ ${inBrackets(bottom)} = ${value}${told}`;
	const sized = say`${name}: |${top} ÷ ${inBrackets(bottom.neg())}| = ${value}${told}`;
	return say`${byLayout(plain, sized)}`;
};
const lines = (t: Tableau, compared: readonly RatioLine[]): Sentence =>
	joined(
		compared.map((line) => quotient(t, line)),
		'; ',
		'; '
	);

/** The ratios of a column. */
export function columnRatios(
	t: Tableau,
	column: number,
	compared: readonly RatioLine[],
	skipped: boolean
): Sentence {
	if (compared.length === 0)
		return say`No entry of the column is ${entrySign('positive')}, so there is no ratio to compare.${noneIn(t, { column }, 'positive')}`;
	// in a dictionary the entries have the other sign
	const none = byLayout(
		say` Rows with a zero or negative entry set no limit.`,
		say` Equations with a zero or positive coefficient set no limit.`
	);
	return say`Ratios: ${lines(t, compared)}.${skipped ? say`${none}` : NOTHING_SAID}`;
}

/** The claim that no entry of a row or column has a sign, which in a dictionary is written as the other. */
export const noneIn = (
	t: Tableau,
	of: { readonly row: number } | { readonly column: number },
	sign: 'negative' | 'positive'
) =>
	byLayout(
		claim({ code: 'none', t, of, sign }),
		claim({ code: 'none', t, of, sign: sign === 'negative' ? 'positive' : 'negative' })
	);

/** The ratios along a row, at a tableau that is dual feasible. */
export function rowRatios(t: Tableau, row: number, name: Sentence, compared: readonly RatioLine[]): Sentence {
	const negative = entrySign('negative');
	if (compared.length === 0)
		return say`No entry of row ${name} is ${negative}, so no column can enter there.${noneIn(t, { row }, 'negative')}`;
	/** the quotient as it stands in the tableau: its size counts where the objective row is written with the other sign */
	const asWritten = (line: RatioLine) => (notation: Notation) => {
		const factor = goalFactor(notation, OBJECTIVE, t.form.problem.objective.sense);
		const top = line.top.mul(factor);
		const bottom = notation.layout === 'dictionary' ? line.bottom : line.bottom.neg();
		const told = claim({ code: 'ratio', t, over: line.over, under: line.under, value: line.value });
		return say`${line.name}: |${top} ÷ ${inBrackets(bottom)}| = ${line.value}${told}`;
	};
	const shown = compared.map((line) => say`${byNotation(signsOf(OBJECTIVE), asWritten(line))}`);
	return say`Along row ${name}, over its ${negative} entries: ${joined(shown, '; ', '; ')}. With the least of them no entry of the objective row becomes ${improving(t, OBJECTIVE)}.`;
}

/** The ratios of a column that a repair compares: rows with negative right-hand sides count too. */
export const repairRatios = (t: Tableau, compared: readonly RatioLine[]): Sentence =>
	compared.length === 0
		? say`No row sets a limit.`
		: say`Ratios, over rows where entry and right-hand side have ${byLayout(say`the same sign`, say`opposite signs`)}: ${lines(t, compared)}.`;

const rowOf = (t: Tableau, row: number): Sentence => {
	const { owner } = t.form.rows[row];
	return isBound(owner) ? say`of the bound of ${owner.name}` : say`${{ constraint: owner.name }}`;
};
/** The basic variables of some rows with their amounts. */
export const amounts = (t: Tableau, rows: readonly number[]): Sentence =>
	joined(rows.map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`));

const FINDINGS: Catalogue<Finding, Tableau> = {
	'enters-by': (found, t) => entersBy(t, found),
	'dual-leaves': ({ row, isFirst }, t) =>
		isFirst
			? say`${columnOf(t, t.basis[row])} = ${rhs(t, row)} is the first negative basic variable (Bland’s rule)${claim({ code: 'sign', t, cell: { row, column: 'rhs' }, sign: 'negative' })}`
			: say`${columnOf(t, t.basis[row])} = ${rhs(t, row)} is the most negative basic variable${claim({ code: 'most', t, cell: { row, column: 'rhs' }, sign: 'negative' })}`,
	repairs: ({ row }, t) =>
		say`${columnOf(t, t.basis[row])} = ${rhs(t, row)} must not be negative; a column with a ${entrySign('negative')} entry in its row can raise it`,
	'fills-vacancy': ({ row }, t) => {
		const column = columnOf(t, t.basis[row]);
		return column.kind === 'vacant'
			? say`Row ${rowOf(t, row)} has no basic variable yet; pivot on any entry of it that is not zero.`
			: say`The artificial variable ${column} = ${rhs(t, row)} must become zero; any entry of its row that is not zero lets it leave.`;
	},
	'drives-out': ({ row }, t) =>
		say`The artificial variable ${columnOf(t, t.basis[row])} is still basic, at zero: any entry of its row that is not zero lets it leave.`,
	redundant: ({ rows }, t) =>
		say`${joined(rows.map((row) => rowOf(t, row)))} ${rows.length > 1 ? en`repeat` : en`repeats`} what other rows say and ${rows.length > 1 ? en`limit` : en`limits`} nothing.`,
	'phase-one-done': () =>
		say`Phase one ends with all artificial variables at zero: the basis is feasible. Their columns and row ${INFEASIBILITY_NAME} are set aside; phase two begins.`,
	'big-m-done': () =>
		say`No artificial variable is positive, so M is no longer needed. The artificial columns and the terms with M are set aside.`,
	repaired: () =>
		say`No right-hand side is negative any more: the basis is feasible, and the primal simplex method goes on.`,
	cycled: ({ length }) =>
		say`The same basis came back after ${length} pivots: the rule cycles. Bland’s rule starts over and cannot cycle.`,
	'nothing-improves': ({ goal }, t) =>
		say`No entry of row ${goalOf(t, goal)} is ${improving(t, goal)}, so nothing improves it.${byNotation(
			signsOf(goal),
			(notation) => claim({ code: 'none', t, of: { row: goal }, sign: writtenSign(t, goal, notation) })
		)}`,
	'no-limit': ({ column }, t) =>
		say`No entry of the column of ${columnOf(t, column)} is ${entrySign('positive')}, so no row limits it.${noneIn(t, { column }, 'positive')}`,
	'row-contradicts': ({ row }, t) =>
		say`Row ${columnOf(t, t.basis[row])} cannot hold: ${byLayout(
			say`its right-hand side is ${rhs(t, row)}, and nothing on its left can be negative`,
			say`its constant is ${rhs(t, row)}, and no variable on the right can raise it`
		)}.${noneIn(t, { row }, 'negative')}`,
	'empty-row-contradicts': ({ row }, t) =>
		say`Row ${rowOf(t, row)} has become 0 = ${rhs(t, row)}, which nothing can satisfy.`,
	'artificials-remain': ({ value }) =>
		say`Nothing lowers the artificial variables further, and their sum is still ${value.neg()}: without them, not all rows can be satisfied.`,
	'vacant-rows': ({ rows }, t) =>
		say`${rows.length > 1 ? en`Rows` : en`Row`} ${joined(rows.map((row) => rowOf(t, row)))} ${rows.length > 1 ? en`have` : en`has`} no basic variable yet. Pivot on an entry there, or add an artificial variable.`,
	'not-feasible': ({ rows }, t) =>
		say`${amounts(t, rows)}: this basic solution is not feasible. The ratio test only keeps a feasible basis feasible: first make the negative variables 0 or more.${claim({ code: 'feasible', t, holds: false })}`,
	'artificials-left': ({ rows }, t) =>
		say`${amounts(t, rows)}: while an artificial variable is not zero, its row is not satisfied. Phase one, or big M, makes it 0.`,
	'not-dual-feasible': ({ columns }, t) =>
		say`The dual simplex method needs an objective row without ${improving(t, OBJECTIVE)} entries; ${joined(columns.map((column) => say`${columnOf(t, column)}`))} would still improve the objective.`
};

/** What a method found, in words. @param t the tableau at which it found it */
export const findingWords = (t: Tableau, found: Finding): Sentence => words(FINDINGS, found, t);

/** The codes of what methods find. */
export const FINDING_CODES = codesOf(FINDINGS);

const STARTS: Catalogue<StartFinding> = {
	'as-asked': () => say`as asked`,
	'slacks-feasible': () =>
		say`The slacks are a feasible basis, so the primal simplex method can start at once.`,
	'slacks-dual-feasible': () =>
		say`Some slacks would be negative, but no column improves the objective: the dual simplex method needs no artificial variables.`,
	'basis-stands': () =>
		say`Every row has a slack, or a variable that appears in no other row. They are a feasible basis, so the primal simplex method can start at once.`,
	'needs-phase-one': () =>
		say`The slacks are not a feasible basis, and the tableau is not dual feasible either: phase one finds a feasible basis first.`,
	'primal-cannot-start': ({ hasEquality }) =>
		say`The primal simplex method needs a feasible slack basis, but ${hasEquality ? en`an equality has no slack` : en`a slack would be negative`}.`,
	'dual-cannot-start': () =>
		say`The dual simplex method needs a tableau that is dual feasible; here a column would improve the objective.`
};

/** The codes of why a method begins, or cannot. */
export const START_CODES = codesOf(STARTS);

/** Why a method begins, or cannot, in words. */
export const startWords = (found: StartFinding): Sentence => words(STARTS, found, undefined);
