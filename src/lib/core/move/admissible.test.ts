import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { decide } from '../method/decide';
import { goalsOf } from '../method/primal';
import { isUnmet } from '../method/repair';
import { ruleNamed, RULE_NAMES } from '../method/rule';
import { costSign, improvingSlots } from '../method/rules';
import type { Work } from '../method/types';
import { stated, type Position } from '../position/position';
import { readStatement } from '../problem/statement/read';
import { negativeRows } from '../tableau/ratio';
import { cell, isArtificial, isPrimalFeasible, pivot, readPlan, rhsCell } from '../tableau/tableau';
import { admissible } from './admissible';
import { perform } from './kinds';
import { choiceOf } from './pivot';
import type { Move, PivotMove } from './types';

/** Whether a pivot is allowed, judged by making it. */
function isAllowed({ tableau: t, part }: Work, row: number, k: number, leavesAtZero: boolean): boolean {
	const after = pivot(t, row, k);
	const goals = goalsOf(t, part);
	const isNegative = (column: number) =>
		after.basis.some((own, i) => own === column && rhsCell(after, i) < 0);
	if (leavesAtZero) return isArtificial(t, t.basis[row]) && !rhsCell(t, row);
	if (part === 'dual')
		return rhsCell(t, row) < 0 && improvingSlots(after, goals).length === 0 && !isNegative(t.nonbasic[k]);
	return costSign(t, goals, k) < 0 && cell(t, row, k) > 0 && isPrimalFeasible(after);
}

test('just the pivots that keep what the method relies on are allowed, and the rule takes one of them', () => {
	const seen = { several: 0, dual: 0, leaving: 0, repair: 0 };
	const way = fc.constantFrom('auto', 'two-phase', 'big-m', 'repair');
	fc.assert(
		fc.property(anyProblem(), way, fc.constantFrom(...RULE_NAMES), (problem, begun, name) => {
			const rule = ruleNamed(name);
			const begin = perform(stated(problem), { kind: 'begin', way: begun, equalities: 'one-row' } as Move);
			let position: Position | null = begin.ok ? begin.position : null;
			for (let step = 0; position && step < 6; step++) {
				const work: Work = position.work!;
				const { tableau: t } = work;
				const decision = decide(work, rule);
				if (decision.kind !== 'pivot') break;
				const list = admissible(position, rule);
				const places = list.map(({ move }) => choiceOf(t, move as PivotMove)!);
				const isListed = (row: number, k: number) => places.some((own) => own.row === row && own.slot === k);
				const preferred = list.filter(({ isPreferred }) => isPreferred);
				expect(preferred.map(({ move }) => choiceOf(t, move as PivotMove))).toEqual([decision.choice]);
				const fills = decision.because.some(({ code }) => code === 'fills-vacancy');
				if (fills) expect(places.every(({ row }) => isUnmet(t, row))).toBe(true);
				else if (work.part === 'repair') {
					seen.repair += 1;
					for (const { row, slot: k } of places) {
						const after = pivot(t, row, k);
						const before = negativeRows(t).map((own) => t.basis[own]);
						for (const own of negativeRows(after))
							expect([...before, t.nonbasic[k]]).toContain(after.basis[own]);
					}
				} else
					for (const row of t.basis.keys())
						t.nonbasic.forEach((column, k) => {
							if (t.barred.has(column) || !cell(t, row, k)) return expect(isListed(row, k)).toBe(false);
							expect(isListed(row, k)).toBe(isAllowed(work, row, k, !!decision.driveOut));
						});
				if (places.length > 1) seen.several += 1;
				if (work.part === 'dual') seen.dual += 1;
				if (decision.driveOut) seen.leaving += 1;
				const result = perform(position, preferred[0].move);
				position = result.ok ? result.position : null;
				if (decision.driveOut) expect(readPlan(position!.work!.tableau)).toEqual(readPlan(t));
			}
		}),
		{ numRuns: 2500 }
	);
	expect(Math.min(...Object.values(seen))).toBeGreaterThan(0);
});

test('at an optimum of an integer problem its branches and cuts are allowed', () => {
	const { problem } = readStatement('max z = 5 x + 4 y\na: 6 x + 4 y <= 24\nb: x + 2 y <= 6\nx, y integer');
	const rule = ruleNamed('dantzig');
	let position = stated(problem!);
	const go = (move: Move) => {
		const result = perform(position, move);
		if (result.ok) position = result.position;
	};
	go({ kind: 'begin', way: 'primal', equalities: 'one-row' } as Move);
	const preferred = () => admissible(position, rule).find(({ isPreferred }) => isPreferred)?.move;
	for (let move = preferred(); move; move = preferred()) go(move);
	const kinds = admissible(position, rule).map(({ move }) =>
		move.kind === 'branch' ? `${move.variable} ${move.relation} ${move.value}` : move.kind
	);
	expect(kinds).toEqual(['y <= 1', 'y >= 2', 'cut']);
});
