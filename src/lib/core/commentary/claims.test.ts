import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyNotation } from '../../../../tests/support/notations';
import { anyProblem } from '../../../../tests/support/problems';
import { decide } from '../method/decide';
import type { Finding } from '../method/findings';
import { ruleNamed, RULE_NAMES } from '../method/rule';
import { offers, perform, tell } from '../move/kinds';
import { moveOf } from '../move/next';
import { pivotMove } from '../move/pivot';
import { stated, type Position } from '../position/position';
import { WAYS, type Move } from '../move/types';
import { board, signOf, type Board, type BoardCell } from '../notation/board';
import { fitted } from '../notation/column-names';
import { PROFILES, type Notation } from '../notation/notation';
import { isZero, type Rational } from '../number/rational';
import type { Claim, WrittenCell } from '../sentence/claim';
import { claimsOf, plainText } from '../sentence/sentence';
import { readStatement } from '../problem/statement/read';
import { BIG_M } from '../tableau/goal';
import { columnValue, readPlan, type Tableau } from '../tableau/tableau';
import { evaluate } from '../problem/types';
import type { Remark } from './findings';
import { remarkWords } from './messages';
import { standRemarks } from './stand';

/**
 * Every claim of a sentence, checked against the tableau as the board writes it: nothing here knows how sentences are made, only how a board is read.
 */

const signed = (cell: BoardCell) => (['negative', 'zero', 'positive'] as const)[signOf(cell) + 1];

/** The written numbers, undivided: a board over one denominator says them times that. */
function reader(t: Tableau, notation: Notation) {
	const shown: Board = board(t, notation);
	const over = (value: Rational) => (shown.common ? value.div(shown.common) : value);
	const goalOf = (kind: string) => shown.goals.find(({ goal }) => goal.kind === kind);
	/** the entries of a row of the board under its columns; of M, its part of the objective row where it has no row of its own */
	const entries = (row: WrittenCell['row']): BoardCell[] => {
		if (typeof row === 'number')
			return shown.rows[row].entries.map((plain) => ({ plain: over(plain), m: null }));
		const own = goalOf(row.kind);
		if (own) return own.cells.map(({ plain, m }) => ({ plain: over(plain), m: m && over(m) }));
		return goalOf('objective')!.cells.map(({ m }) => ({ plain: over(m!), m: null }));
	};
	const at = ({ row, column }: WrittenCell): BoardCell => {
		if (column === 'rhs') return { plain: over(shown.rows[row as number].rhs), m: null };
		return entries(row)[shown.columns.findIndex(({ index }) => index === column)];
	};
	/** places of columns that may be chosen */
	const open = shown.columns.flatMap(({ index, basic }, k) => (basic || t.barred.has(index) ? [] : [k]));
	return { shown, entries, at, open };
}

function check(claim: Claim, notation: Notation): void {
	const { t } = claim;
	const { shown, entries, at, open } = reader(t, notation);
	const isRightSide = (own: BoardCell) => own.m === null;
	switch (claim.is) {
		case 'sign':
			expect(signed(at(claim.cell))).toBe(claim.sign);
			return;
		case 'value':
			expect(at(claim.cell).plain.equals(claim.value)).toBe(true);
			return;
		case 'most': {
			const own = at(claim.cell);
			expect(signed(own)).toBe(claim.sign);
			const others =
				claim.cell.column === 'rhs'
					? shown.rows.map((_, row) => at({ row, column: 'rhs' }))
					: open
							.filter((k) => !claim.beside?.includes(shown.columns[k].index))
							.map((k) => entries(claim.cell.row)[k]);
			for (const column of claim.beside ?? []) expect(isZero(at({ row: BIG_M, column }).plain)).toBe(false);
			const far = (cell: BoardCell) => {
				// where M stands in the same row, its coefficient is compared first
				const leading =
					cell.m && !isZero(cell.m) ? cell.m : isRightSide(own) || isZero(own.m!) ? cell.plain : null;
				return leading && (claim.sign === 'negative' ? leading.neg() : leading);
			};
			const most = far(own)!;
			for (const other of others) {
				const value = far(other);
				if (value) expect(value.lte(most)).toBe(true);
			}
			return;
		}
		case 'none': {
			const list =
				'column' in claim.of
					? shown.rows.map((_, row) => at({ row, column: (claim.of as { column: number }).column }))
					: open.map((k) => entries((claim.of as { row: number }).row)[k]);
			for (const cell of list) expect(signed(cell)).not.toBe(claim.sign);
			return;
		}
		case 'ratio':
			expect(at(claim.over).plain.div(at(claim.under).plain).abs().equals(claim.value)).toBe(true);
			return;
		case 'rate': {
			// the quantity after raising the column by one, from the rows' equations alone
			const { form } = t;
			const value = (raised: boolean) => {
				const amount = (j: number): Rational => {
					if (j === claim.column) return columnValue(t, j).add(raised ? 1 : 0);
					const row = t.basis.indexOf(j);
					if (row < 0) return columnValue(t, j);
					const entry = at({ row, column: claim.column }).plain;
					const turned = notation.layout === 'dictionary' ? entry : entry.neg();
					return columnValue(t, j).add(raised ? turned : 0);
				};
				if (claim.goal.kind !== 'objective')
					return form.columns.reduce(
						(sum, { kind }, j) => (kind === 'artificial' ? sum.add(amount(j)) : sum),
						columnValue(t, claim.column).mul(0)
					);
				const plan = new Map(
					form.substitutions.map(({ variable, offset, parts }) => [
						variable,
						parts.reduce((sum, { column, factor }) => sum.add(amount(column).mul(factor)), offset)
					])
				);
				return evaluate(form.problem.objective.terms, plan);
			};
			expect(value(true).sub(value(false)).equals(claim.change)).toBe(true);
			return;
		}
		case 'feasible':
			expect(shown.rows.every((_, row) => signed(at({ row, column: 'rhs' })) !== 'negative')).toBe(
				claim.holds
			);
			return;
		case 'dual-feasible': {
			const { improving } = shown.goals.find(({ goal }) => goal.kind === 'objective')!;
			expect(open.every((k) => !improving[k])).toBe(claim.holds);
		}
	}
}

/** A method's finding by its code and what it is about. */
const named = (found: Finding) =>
	[found.code, 'row' in found && found.row, 'column' in found && found.column].join(' ');

/** A column with a larger entry in the objective row is not taken, since M stands in it. */
const M_FIRST = 'max z = -x - 2 y\nr1: 2 x + y = 1\nr2: -y <= 1\nr3: 4 y <= -1\nr4: 0 x <= 0\nx >= 0\ny free';
const APART: Notation = { ...PROFILES[0].notation, bigM: 'two-rows' };

test('every claim of every sentence is true of what the board shows, for right and wrong moves, in five profiles and random notations', () => {
	const seen = new Map<string, number>();
	const kindsSeen = new Set<string>();
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom(...WAYS),
			fc.constantFrom(...RULE_NAMES),
			fc.array(fc.nat(97), { minLength: 5, maxLength: 12 }),
			anyNotation,
			(problem, way, rule, numbers, random) => {
				const notations = [...PROFILES.map(({ notation }) => notation), random].map((own) =>
					fitted(own, problem)
				);
				let position: Position = stated(problem);
				const read = (remarks: readonly Remark[]) => {
					for (const { sentences } of remarks.map(remarkWords))
						for (const sentence of sentences)
							for (const notation of notations)
								for (const claim of claimsOf(sentence, notation)) {
									check(claim, notation);
									// the words say what is claimed
									const words = plainText(sentence, notation);
									if ('sign' in claim && /entr(?:y|ies)/.test(words)) expect(words).toContain(claim.sign);
									seen.set(claim.is, (seen.get(claim.is) ?? 0) + 1);
								}
				};
				const take = (move: Move): boolean => {
					const result = perform(position, move);
					if (!result.ok) return false;
					const remark = tell(position, move, result.position);
					read([remark]);
					const decided = position.work && decide(position.work, ruleNamed(rule));
					// what is told as the reason of a step by rule is what decided it
					if (decided?.kind === 'pivot' && move.kind === 'pivot' && move.by === rule)
						for (const found of remark.found)
							if ('because' in found && found.because)
								expect(decided.because.map(named)).toContain(named(found.because));
					kindsSeen.add(move.kind);
					({ position } = result);
					read(
						standRemarks(position, decide(position.work!, ruleNamed(rule)), offers(position, ruleNamed(rule)))
					);
					return true;
				};
				if (!take({ kind: 'begin', way, equalities: numbers[0] % 2 ? 'one-row' : 'two-rows' })) return;
				for (const n of numbers) {
					const work = position.work!;
					const t = work.tableau;
					const wrong = t.nonbasic.flatMap((enter) =>
						t.basis.map((leave) => pivotMove(work, enter, leave, 'hand'))
					);
					const [row] = position.problem.constraints;
					const asked = moveOf(work, decide(work, ruleNamed(rule)), rule);
					const change: Move | null = row
						? { kind: 'change', change: { rhs: row.name, value: String((n % 13) - 6) } }
						: null;
					const move = n % 4 === 0 && wrong.length ? wrong[n % wrong.length] : n % 7 === 1 ? change : asked;
					if (move) take(move);
				}
				expect(readPlan(position.work!.tableau).size).toBe(problem.variables.length);
			}
		),
		{ numRuns: 500, examples: [[readStatement(M_FIRST).problem!, 'big-m', 'dantzig', [0, 23, 5], APART]] }
	);
	for (const is of ['sign', 'value', 'most', 'none', 'ratio', 'rate', 'feasible', 'dual-feasible'])
		expect([is, (seen.get(is) ?? 0) > 100]).toEqual([is, true]);
	expect([...kindsSeen].sort()).toEqual(['begin', 'change', 'phase', 'pivot']);
});
