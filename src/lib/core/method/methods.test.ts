import { findingWords, startWords } from './messages';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allCorners, anyProblem, bestOf } from '../../../../tests/support/problems';
import { changeSentence } from '../sentence/form-words';
import { plainText } from '../sentence/sentence';
import { detail, solveLinear } from '../answer/answer';
import { checkCertificate } from '../answer/check';
import { dualProblem } from '../answer/dual-problem';
import { echelon } from '../number/linear-algebra';
import { compare, ZERO } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, isFeasible, type Problem } from '../problem/types';
import { startTableau } from '../tableau/build';
import { OBJECTIVE } from '../tableau/goal';
import { entry, rhs, type Tableau } from '../tableau/tableau';
import { judgePivot } from './hand';
import { CannotStart, METHODS, prepare, type MethodName } from './solve';
import type { Step } from './types';
import type { EnteringRule } from './rule';

const RULES: EnteringRule[] = ['dantzig', 'bland', 'greatest-improvement', 'steepest-edge'];
const problemOf = (text: string): Problem => readStatement(text).problem!;

function tryMethod(problem: Problem, method: MethodName, entering: EnteringRule = 'bland') {
	try {
		return solveLinear(problem, { method, rule: { entering, ties: 'lexicographic' }, maxSteps: 500 });
	} catch (error) {
		if (error instanceof CannotStart) return null;
		throw error;
	}
}

/** A tableau's equations as rows of an echelon form: two tableaux say the same exactly if these agree. */
function space(t: Tableau): string {
	const width = t.form.columns.length;
	const rows = t.basis.map((_, i) => [...t.form.columns.map((_, j) => entry(t, i, j)), rhs(t, i)]);
	return echelon(rows, width + 1)
		.rows.map((row) => row.map((v) => v.toFraction()).join(' '))
		.join('\n');
}

describe('methods on random problems', () => {
	test('all methods, the corners one by one, and the dual agree, and every certificate checks', () => {
		const counts: Record<string, number> = {};
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const answer = solveLinear(problem);
				counts[answer.status] = (counts[answer.status] ?? 0) + 1;
				expect(checkCertificate(problem, answer.certificate!)).toBe(true);
				for (const method of METHODS) {
					const other = tryMethod(problem, method);
					if (!other) continue;
					expect([method, other.status]).toEqual([method, answer.status]);
					if (answer.objective) expect(compare(other.objective!, answer.objective)).toBe(0);
					expect(checkCertificate(problem, other.certificate!)).toBe(true);
				}
				const corners = allCorners(problem);
				if (answer.status === 'infeasible') expect(corners).toEqual([]);
				const best = bestOf(problem, corners);
				if (answer.status === 'optimal' && best) expect(compare(best, answer.objective!)).toBe(0);
				const dual = solveLinear(dualProblem(problem).problem);
				if (answer.status === 'optimal') expect(compare(dual.objective!, answer.objective!)).toBe(0);
				else expect(dual.status).not.toBe('optimal');
			}),
			{ numRuns: 2500 }
		);
		// the family reaches every kind of answer
		for (const status of ['optimal', 'infeasible', 'unbounded']) expect(counts[status]).toBeGreaterThan(50);
	});

	test('every rule reaches the same optimum', () => {
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const answer = solveLinear(problem);
				for (const entering of RULES) {
					const other = solveLinear(problem, { rule: { entering, ties: 'lexicographic' } });
					expect(other.status).toBe(answer.status);
					if (answer.objective) expect(compare(other.objective!, answer.objective)).toBe(0);
				}
			}),
			{ numRuns: 300 }
		);
	});

	test('every tableau of every trace says the same as the first', () => {
		fc.assert(
			fc.property(anyProblem(), fc.constantFrom(...METHODS), (problem, method) => {
				let first: string | null = null;
				let form: unknown = null;
				try {
					const { steps } = prepare(problem, method);
					for (const step of steps) {
						if (step.kind === 'start' && step.tableau.form !== form)
							[first, form] = [null, step.tableau.form];
						first ??= space(step.tableau);
						expect(space(step.tableau)).toBe(first);
					}
				} catch (error) {
					if (!(error instanceof CannotStart)) throw error;
				}
			}),
			{ numRuns: 300 }
		);
	});

	test('the optimal set is all of it: its corners are the best corners, its rays keep feasible and optimal', () => {
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const answer = solveLinear(problem);
				if (answer.status !== 'optimal') return;
				const { optimalSet } = detail(answer)!;
				const value = (plan: ReadonlyMap<string, typeof ZERO>) =>
					evaluate(problem.objective.terms, plan, problem.objective.constant);
				const key = (plan: ReadonlyMap<string, typeof ZERO>) =>
					[...plan.values()].map((v) => v.toFraction()).join();
				const best = allCorners(problem).filter((plan) => compare(value(plan), answer.objective!) === 0);
				if (optimalSet.lines.length) expect(allCorners(problem)).toEqual([]);
				else expect(optimalSet.vertices.map(key).sort()).toEqual(best.map(key).sort());
				for (const ray of [...optimalSet.rays, ...optimalSet.lines]) {
					const far = new Map(
						[...optimalSet.vertices[0]].map(([name, v]) => [name, v.add(ray.get(name)!.mul(1000))])
					);
					expect(isFeasible(problem, far)).toBe(true);
					expect(compare(value(far), answer.objective!)).toBe(0);
				}
			}),
			{ numRuns: 600 }
		);
	});

	test('within its range a change of one number keeps the basis: objective and plan follow', () => {
		const inside = (low: typeof ZERO | null, high: typeof ZERO | null, now: typeof ZERO) => {
			const ends = [low ?? now.sub(7), high ?? now.add(7)];
			return [...ends, ends[0].add(ends[1]).div(2)];
		};
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const answer = solveLinear(problem);
				if (answer.status !== 'optimal') return;
				const { ranging } = detail(answer)!;
				const { objective } = problem;
				for (const [name, { low, high }] of ranging.objective)
					for (const c of inside(low, high, objective.terms.get(name) ?? ZERO)) {
						const changed = {
							...problem,
							objective: { ...objective, terms: new Map([...objective.terms, [name, c]]) }
						};
						const again = solveLinear(changed);
						const expected = evaluate(changed.objective.terms, answer.solution!, objective.constant);
						expect(again.status).toBe('optimal');
						expect(compare(again.objective!, expected)).toBe(0);
					}
				for (const [name, { low, high }] of ranging.rhs) {
					const row = problem.constraints.find((r) => r.name === name)!;
					for (const b of inside(low, high, row.rhs)) {
						const changed = {
							...problem,
							constraints: problem.constraints.map((r) => (r === row ? { ...r, rhs: b } : r))
						};
						const expected = answer.objective!.add(answer.duals!.get(name)!.mul(b.sub(row.rhs)));
						expect(compare(solveLinear(changed).objective!, expected)).toBe(0);
					}
				}
			}),
			{ numRuns: 400 }
		);
	});
});

describe('starts and choices by hand', () => {
	test('two-phase takes artificial variables only where they are needed, and shows a redundant row', () => {
		const problem = problemOf('max z = x + y\na: x + y = 4\nb: 2 x + 2 y = 8\nc: x <= 3\nd: x - y >= -9');
		const steps: Step[] = [];
		const answer = solveLinear(problem, { method: 'two-phase', onStep: (step) => steps.push(step) });
		const { columns } = steps[0].tableau.form;
		expect(columns.filter((c) => c.kind === 'artificial').map((c) => c.name)).toEqual(['a1', 'a2']);
		const { at, found } = steps.find((step) => step.kind === 'phase')!.note!;
		expect(found.map((own) => plainText(findingWords(at, own))).join(' ')).toContain(
			'b repeats what other rows say'
		);
		expect(answer.objective!.toFraction()).toBe('4');
	});

	test('a method that cannot start says why', () => {
		const refused = (text: string, method: MethodName) => {
			try {
				return prepare(problemOf(text), method) && '';
			} catch (error) {
				return error instanceof CannotStart ? plainText(startWords(error.reason)) : '';
			}
		};
		expect(refused('max z = x\na: x = 4', 'primal')).toContain('an equality has no slack');
		expect(refused('max z = x\na: x >= 4', 'primal')).toContain('a slack would be negative');
		expect(refused('max z = x\na: x <= 4', 'dual')).toContain('dual feasible');
	});

	test('a pivot by hand is judged by what it breaks', () => {
		const t = startTableau(
			prepare(problemOf('max z = 3 x + 2 y\na: x + y <= 4\nb: 2 x - y <= 2'), 'primal').form
		);
		expect(judgePivot(t, [OBJECTIVE], 0, 0)).toMatchObject({ breaksFeasibility: true, negativeEntry: false });
		expect(judgePivot(t, [OBJECTIVE], 0, 0)!.newlyNegative.map(({ value }) => value.toFraction())).toEqual([
			'-6'
		]);
		expect(judgePivot(t, [OBJECTIVE], 1, 0)).toMatchObject({
			breaksFeasibility: false,
			smallerRatio: null,
			gain: 1
		});
		expect(judgePivot(t, [OBJECTIVE], 1, 1)).toMatchObject({ breaksFeasibility: true, negativeEntry: true });
		const zero = startTableau(prepare(problemOf('max z = x + y\na: x <= 4'), 'primal').form);
		expect(judgePivot(zero, [OBJECTIVE], 0, 1)).toBeNull();
	});

	test('each change on the way to standard form has its reason', () => {
		const text =
			'min c = x + y + u + v\na: x + y >= 2\nb: u - v = -1\nx free\ny from 1 to 5\nu free to 3\nv from 2 to 2';
		const form = prepare(problemOf(text), 'two-phase').form;
		expect([...new Set(form.changes.map((change) => change.kind))].sort()).toEqual([
			'artificial',
			'bound-row',
			'fix',
			'maximise',
			'mirror',
			'negate-row',
			'shift',
			'slack',
			'split-variable',
			'surplus'
		]);
		expect(prepare(problemOf('max z = x\na: x = 2'), 'repair').form.changes[0].kind).toBe('split-equality');
		expect(form.changes.every((change) => plainText(changeSentence(change)).length > 20)).toBe(true);
	});
});
