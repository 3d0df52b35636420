import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { evaluate } from '../problem/types';
import { parametricRun, piecesOf, solvedPosition } from './parametric-run';
import { withLength } from '../parametric/stretch';
import { valueFunction, valueOn, type ValuePiece } from '../parametric/value-function';
import { numberOf, withNumber, type Varied } from '../problem/varied';

test('the stretches of a parametric run are the pieces of the value function, and their plans are the best ones', () => {
	const seen = { stretches: 0, infeasible: 0, unbounded: 0, endless: 0 };
	fc.assert(
		fc.property(anyProblem(), fc.nat(5), fc.boolean(), fc.boolean(), (problem, n, isRow, isUp) => {
			if (isRow && problem.constraints.length === 0) return;
			const answer = solveLinear(problem);
			if (answer.status !== 'optimal') return;
			const varied: Varied = isRow
				? { rhs: problem.constraints[n % problem.constraints.length].name }
				: { objective: problem.variables[n % problem.variables.length].name };
			const start = numberOf(problem, varied);
			const run = parametricRun(solvedPosition(problem, answer.tableau!), varied, isUp ? 1 : -1);
			const whole = valueFunction(problem, varied, null, null);
			const [down, up] = [-1, 1].map((way) =>
				parametricRun(solvedPosition(problem, answer.tableau!), varied, way as 1 | -1)
			);
			const outline = (list: readonly ValuePiece[]) =>
				list.map(({ from, to, status, line }) => [
					from?.toFraction(),
					to?.toFraction(),
					status,
					// where there is one number only, nothing says how the value changes beside it
					from && to?.equals(from) ? null : line?.slope.toFraction(),
					line && valueOn({ from, to, status, line }, from ?? to ?? start)!.toFraction()
				]);
			expect(outline(piecesOf(varied, down, up)!)).toEqual(outline(whole));
			const pieces = valueFunction(problem, varied, isUp ? start : null, isUp ? null : start);
			for (const { from, to, plan, value } of run) {
				const at = withNumber(problem, varied, from);
				expect(value.equals(solveLinear(at).objective!)).toBe(true);
				expect(value.equals(evaluate(at.objective.terms, plan, at.objective.constant))).toBe(true);
				if (to) expect(isUp ? to.gte(from) : to.lte(from)).toBe(true);
			}
			const last = run.at(-1)!;
			const inOrder = isUp ? pieces : [...pieces].reverse();
			const end = inOrder.findIndex(({ status }) => status !== 'optimal');
			// the run ends where no best plan is left, and says why
			if (end < 0) expect([last.to, last.beyond]).toEqual([null, null]);
			else {
				expect(last.beyond).toBe(inOrder[end].status);
				expect(last.to!.equals((isUp ? inOrder[end].from : inOrder[end].to)!)).toBe(true);
			}
			// every breakpoint of the function is an end of a stretch
			for (const { from, to, status } of pieces) {
				const at = isUp ? to : from;
				if (status === 'optimal' && at && !at.equals(start))
					expect(run.some((own) => own.to?.equals(at))).toBe(true);
			}
			for (const own of withLength(run).slice(1)) {
				const piece = pieces.find(
					({ from, to }) => (!from || own.from.gte(from)) && (!to || own.from.lte(to))
				)!;
				expect(valueOn(piece, own.from)!.equals(own.value)).toBe(true);
			}
			seen.stretches += run.length - 1;
			if (last.beyond) seen[last.beyond] += 1;
			else seen.endless += 1;
		}),
		{ numRuns: 1200 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(8);
});
