import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { compare, rational, sign, ZERO } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, type Plan } from '../problem/types';
import { ratios } from '../tableau/ratio';
import {
	cost,
	entryAt,
	isPrimalFeasible,
	objectiveValue,
	pivot,
	readPlan,
	rhs,
	type Tableau
} from '../tableau/tableau';
import { startTableau } from '../tableau/build';
import { OBJECTIVE } from '../tableau/goal';
import { judgePivot } from './hand';
import { advise } from './primal';
import { enteringSlot, improvingSlots, leavingRow } from './rules';
import { BLAND, DANTZIG } from './rule';

const GOALS = [OBJECTIVE];

/** Tableaux along a walk by the largest coefficient, from problems that start with their slacks. */
function walk(text: string): Tableau[];
function walk(t: Tableau): Tableau[];
function walk(from: string | Tableau): Tableau[] {
	const list = [typeof from === 'string' ? startTableau(standardForm(readStatement(from).problem!)) : from];
	for (let i = 0; i < 6; i++) {
		const advice = advise(list.at(-1)!, GOALS, DANTZIG);
		if (advice.kind !== 'pivot') break;
		list.push(pivot(list.at(-1)!, advice.choice.row, advice.choice.slot));
	}
	return list;
}

const costAt = (t: Tableau, k: number) => cost(t, OBJECTIVE, t.nonbasic[k]);

test('each rule chooses what its name says, on fractions and scaled rows too', () => {
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), (problem) => {
			for (const t of walk(startTableau(standardForm(problem)))) {
				const candidates = improvingSlots(t, GOALS);
				expect(candidates).toEqual(t.nonbasic.flatMap((_, k) => (sign(costAt(t, k)) < 0 ? [k] : [])));
				if (candidates.length === 0) continue;
				const dantzig = enteringSlot(t, GOALS, 'dantzig')!;
				for (const k of candidates) expect(compare(costAt(t, dantzig), costAt(t, k))).toBeLessThanOrEqual(0);
				expect(t.nonbasic[enteringSlot(t, GOALS, 'bland')!]).toBe(
					Math.min(...candidates.map((k) => t.nonbasic[k]))
				);
				const gain = (k: number) => {
					const row = leavingRow(t, k, 'lowest-index');
					return row === null
						? null
						: objectiveValue(pivot(t, row, k))
								.sub(objectiveValue(t))
								.mul(problem.objective.sense === 'max' ? 1 : -1);
				};
				const greatest = gain(enteringSlot(t, GOALS, 'greatest-improvement')!);
				for (const k of candidates)
					if (greatest) expect(compare(greatest, gain(k)!)).toBeGreaterThanOrEqual(0);
				const steep = (k: number) => {
					const length = t.basis.reduce(
						(sum, _, row) => sum.add(entryAt(t, row, k).mul(entryAt(t, row, k))),
						rational(1)
					);
					return costAt(t, k).mul(costAt(t, k)).div(length);
				};
				const steepest = steep(enteringSlot(t, GOALS, 'steepest-edge')!);
				for (const k of candidates) expect(compare(steepest, steep(k))).toBeGreaterThanOrEqual(0);
			}
		}),
		{ numRuns: 300 }
	);
});

test('the least ratio leaves, and only such a pivot keeps the basis feasible', () => {
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), (problem) => {
			for (const t of walk(startTableau(standardForm(problem))))
				for (let k = 0; k < t.nonbasic.length; k++) {
					const compared = ratios(t, k);
					const least = compared.reduce<typeof ZERO | null>(
						(a, { value }) => (value && (!a || compare(value, a) < 0) ? value : a),
						null
					);
					const leaving = leavingRow(t, k, 'lowest-index');
					expect(leaving === null).toBe(least === null);
					if (leaving !== null) expect(compare(compared[leaving].value!, least!)).toBe(0);
					t.basis.forEach((_, row) => {
						const judgement = judgePivot(t, GOALS, row, k);
						const size = sign(entryAt(t, row, k));
						expect(judgement === null).toBe(size === 0);
						if (!judgement) return;
						expect(judgement.breaksFeasibility).toBe(!isPrimalFeasible(judgement.after));
						const change = objectiveValue(judgement.after)
							.sub(objectiveValue(t))
							.mul(problem.objective.sense === 'max' ? 1 : -1);
						expect(sign(change)).toBe(judgement.gain);
						const atLeast =
							size > 0 && least !== null && compare(rhs(t, row).div(entryAt(t, row, k)), least) === 0;
						if (atLeast) expect(judgement.breaksFeasibility).toBe(false);
						expect(judgement.smallerRatio !== null).toBe(size > 0 && !atLeast);
					});
				}
		}),
		{ numRuns: 200 }
	);
});

test('ties: the lowest index, or the lexicographically least row', () => {
	const [start] = walk('max z = x\na: x + y <= 4\nb: x + 2 y <= 4\nc: 2 x + y <= 8');
	expect(leavingRow(start, 0, 'lowest-index')).toBe(0);
	// rows over the slack columns, divided by the entry: (1,0,0), (0,1,0), (0,0,1/2); the last is least
	expect(leavingRow(start, 0, 'lexicographic')).toBe(2);
	expect(advise(start, GOALS, BLAND)).toMatchObject({ kind: 'pivot', choice: { row: 0 } });
});

test('a form says what its problem says: every basic solution satisfies the rows with its slacks', () => {
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom('slack' as const, 'artificial' as const, 'vacant' as const),
			fc.constantFrom('one-row' as const, 'two-rows' as const),
			(problem, startKind, equalities) => {
				const form = standardForm(problem, { start: startKind, equalities });
				const t = startTableau(form);
				const plan: Plan = readPlan(t);
				const value = (j: number) => (t.basis.includes(j) ? rhs(t, t.basis.indexOf(j)) : ZERO);
				for (const row of form.rows) {
					const left = [...row.entries].reduce((sum, [j, c]) => sum.add(c.mul(value(j))), ZERO);
					expect(compare(left, row.rhs)).toBe(0);
					if (row.owner.kind !== 'constraint') continue;
					// the author's row, from the plan, differs from its right-hand side by what slack, surplus and artificial say
					const author = problem.constraints.find((r) => r.name === row.owner.name)!;
					const gap = author.rhs.sub(evaluate(author.terms, plan)).mul(row.factor);
					const helpers = [...row.entries].filter(([j]) => form.columns[j].kind !== 'structural');
					expect(
						compare(
							gap,
							helpers.reduce((sum, [j, c]) => sum.add(c.mul(value(j))), ZERO)
						)
					).toBe(0);
				}
				const names = form.columns.map((c) => c.name);
				expect(new Set(names).size).toBe(names.length);
				expect(new Set(form.columns.map((c) => c.id)).size).toBe(names.length);
				if (startKind === 'artificial') expect(isPrimalFeasible(t)).toBe(true);
			}
		),
		{ numRuns: 500 }
	);
});
