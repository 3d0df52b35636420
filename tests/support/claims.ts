import { expect } from 'vitest';
import { solveLinear } from '../../src/lib/core/answer/answer';
import { wholePoints } from '../../src/lib/core/integer/compare';
import { board, signOf, type Board, type BoardCell } from '../../src/lib/core/notation/board';
import type { Notation } from '../../src/lib/core/notation/notation';
import { compare, isZero, rational, type Rational } from '../../src/lib/core/number/rational';
import { numberOf, withNumber } from '../../src/lib/core/problem/varied';
import { evaluate, holds, isFeasible, type Plan, type Problem } from '../../src/lib/core/problem/types';
import type { Claim, ProblemClaim, TableauClaim, WrittenCell } from '../../src/lib/core/sentence/claim';
import { claimsOf, type Sentence } from '../../src/lib/core/sentence/sentence';
import { BIG_M } from '../../src/lib/core/tableau/goal';
import { columnValue, type Tableau } from '../../src/lib/core/tableau/tableau';
import { bestOf } from './problems';

/**
 * What sentences claim, decided by what stands on the board, by solving again or by enumeration: nothing here knows how sentences are made.
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
	/** what a column comes to when another one is raised, from the rows' equations alone */
	const amount = (j: number, raised: number | null, by: Rational): Rational => {
		if (j === raised) return columnValue(t, j).add(by);
		const row = t.basis.indexOf(j);
		if (row < 0 || raised === null) return columnValue(t, j);
		const entry = at({ row, column: raised }).plain;
		return columnValue(t, j).add(entry.mul(by).mul(notation.layout === 'dictionary' ? 1 : -1));
	};
	/** the same as a plan in the author's variables */
	const plan = (raised: number | null, by: Rational): Plan =>
		new Map(
			t.form.substitutions.map(({ variable, offset, parts }) => [
				variable,
				parts.reduce((sum, { column, factor }) => sum.add(amount(column, raised, by).mul(factor)), offset)
			])
		);
	return { shown, entries, at, open, amount, plan };
}

function checkTableau(claim: TableauClaim, notation: Notation): void {
	const { t } = claim;
	const { shown, entries, at, open, amount, plan } = reader(t, notation);
	const isRightSide = (own: BoardCell) => own.m === null;
	switch (claim.code) {
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
			const value = (by: Rational) =>
				claim.goal.kind === 'objective'
					? evaluate(t.form.problem.objective.terms, plan(claim.column, by))
					: t.form.columns.reduce(
							(sum, { kind }, j) => (kind === 'artificial' ? sum.add(amount(j, claim.column, by)) : sum),
							rational(0)
						);
			expect(
				value(rational(1))
					.sub(value(rational(0)))
					.equals(claim.change)
			).toBe(true);
			return;
		}
		case 'amount':
			expect(amount(claim.column, claim.raised, claim.by).equals(claim.value)).toBe(true);
			return;
		case 'broken': {
			const row = t.form.problem.constraints.find(({ name }) => name === claim.constraint)!;
			const left = evaluate(row.terms, plan(claim.raised, claim.by));
			expect(holds(left, row.relation, row.rhs)).toBe(false);
			return;
		}
		case 'objective': {
			const { terms, constant } = t.form.problem.objective;
			expect(
				evaluate(terms, plan(null, rational(0)))
					.add(constant)
					.equals(claim.value)
			).toBe(true);
			return;
		}
		case 'tied': {
			const change = (by: number) =>
				evaluate(t.form.problem.objective.terms, plan(claim.column, rational(by)));
			expect(change(1).equals(change(0))).toBe(true);
			const stops = t.basis.some(
				(basic) => isZero(columnValue(t, basic)) && amount(basic, claim.column, rational(1)).s < 0n
			);
			expect(!stops).toBe(claim.rises);
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

/** The best value of integer plans, by looking at all of them; null where there is none, undefined where they are too many. */
function bestWhole(problem: Problem): Rational | null | undefined {
	const points = wholePoints(problem, 3_000);
	return 'tooMany' in points ? undefined : bestOf(problem, points.feasible);
}

/** The problem with artificial variables in some rows, each unit of them charged. */
function charged(problem: Problem, rows: readonly string[], charge: Rational): Problem {
	const { sense, terms } = problem.objective;
	const added = problem.constraints.flatMap(({ name }) =>
		rows.includes(name) ? [{ row: name, plus: `+${name}`, minus: `-${name}` }] : []
	);
	const own = sense === 'max' ? charge.neg() : charge;
	return {
		...problem,
		variables: [
			...problem.variables,
			...added
				.flatMap(({ plus, minus }) => [plus, minus])
				.map((name) => ({ name, lower: rational(0), upper: null, domain: 'continuous' as const }))
		],
		objective: {
			...problem.objective,
			terms: new Map([
				...terms,
				...added.flatMap(({ plus, minus }) => [[plus, own] as const, [minus, own] as const])
			])
		},
		constraints: problem.constraints.map((row) => {
			const pair = added.find(({ row: name }) => name === row.name);
			return pair
				? {
						...row,
						terms: new Map([
							...row.terms,
							[pair.plus, rational(1)] as const,
							[pair.minus, rational(-1)] as const
						])
					}
				: row;
		})
	};
}

function checkProblem(claim: ProblemClaim): void {
	const { problem } = claim;
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	switch (claim.code) {
		case 'worth': {
			const before = solveLinear(problem).objective!;
			const moved = withNumber(problem, claim.of, numberOf(problem, claim.of).add(claim.by));
			const after = solveLinear(moved).objective;
			expect(after ? after.sub(before).toFraction() : null).toBe(claim.change && claim.change.toFraction());
			return;
		}
		case 'best':
			expect(solveLinear(problem).objective?.toFraction()).toBe(claim.value.toFraction());
			return;
		case 'status':
			expect(solveLinear(problem).status).toBe(claim.status);
			return;
		case 'bound': {
			const answer = solveLinear(problem);
			expect(answer.status).not.toBe('unbounded');
			const best = claim.whole ? bestWhole(problem) : answer.objective;
			if (best) expect(compare(best, claim.value) * turn).toBeLessThanOrEqual(0);
			return;
		}
		case 'best-whole': {
			const best = bestWhole(problem);
			if (best !== undefined) expect(best && best.toFraction()).toBe(claim.value && claim.value.toFraction());
			return;
		}
		case 'optimal-plan': {
			const { objective } = solveLinear(problem);
			const value = evaluate(problem.objective.terms, claim.plan).add(problem.objective.constant);
			expect(isFeasible(problem, claim.plan) && !!objective?.equals(value)).toBe(claim.holds);
			return;
		}
		case 'side': {
			const row = problem.constraints.find(({ name }) => name === claim.constraint)!;
			const left = evaluate(row.terms, claim.plan);
			expect(left.equals(claim.value)).toBe(true);
			expect(holds(left, row.relation, row.rhs)).toBe(claim.holds);
			return;
		}
		case 'enough': {
			// a hair more than that, and the rows are met at the best plan
			const { status, objective } = solveLinear(problem);
			if (status !== 'optimal') return;
			const more = solveLinear(charged(problem, claim.rows, claim.charge.add(rational(1, 997))));
			expect(more.objective?.toFraction()).toBe(objective!.toFraction());
		}
	}
}

/** Expects a claim to be true, of the tableau as it is written in a notation or of its problem. */
export function checkClaim(claim: Claim, notation: Notation): void {
	if ('problem' in claim) checkProblem(claim);
	else checkTableau(claim, notation);
}

/**
 * Expects every claim of a sentence to be true.
 * @param seen counts claims by what they are
 */
export function checkClaims(sentence: Sentence, notation: Notation, seen: Map<string, number>): void {
	for (const own of claimsOf(sentence, notation)) {
		checkClaim(own, notation);
		seen.set(own.code, (seen.get(own.code) ?? 0) + 1);
	}
}
