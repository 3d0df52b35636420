import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { readStatement } from '../problem/statement/read';
import { effectiveBounds, type Problem } from '../problem/types';
import { runLinear } from '../answer/answer';
import { kindOf, Properties } from './kind';

const kind = (text: string) => kindOf(readStatement(text).problem!);

test('each kind is told as what it is', () => {
	expect(kind('max z = 3 x + 5 y\na: x ≤ 4\nb: 2 y ≤ 12\nc: 3 x + 2 y ≤ 18')).toEqual({
		status: 'optimal',
		conflict: [],
		bounded: true,
		unique: true,
		degenerate: null,
		redundant: [],
		fractional: null,
		start: 'slacks',
		complete: true
	});
	expect(kind('max z = x + y\na: x + y ≤ 4\nb: x ≤ 9\nc: x ≤ 4')).toMatchObject({
		unique: false,
		degenerate: 'best',
		redundant: ['b', 'c']
	});
	expect(kind('min z = x + y\na: x + y ≥ 3/2\nx, y integer')).toMatchObject({
		start: 'dual',
		bounded: false,
		unique: false,
		fractional: [expect.stringMatching(/[xy]/)]
	});
	expect(kind('max z = x\na: x - y ≤ 4\ne: x + y = 9')).toMatchObject({
		start: 'artificial',
		status: 'optimal'
	});
	expect(kind('max z = x\na: x - y ≤ 4')).toMatchObject({
		status: 'unbounded',
		unique: null,
		bounded: false
	});
	expect(kind('max z = x\na: x + y ≤ 4\nb: x ≥ 3\nc: y ≥ 2\nd: x ≤ 90')).toMatchObject({
		status: 'infeasible',
		conflict: ['a', 'b', 'c']
	});
	expect(kind('max z = x\nx from 5 to 2')).toMatchObject({ conflict: ['x.lower', 'x.upper'] });
	expect(kind('max z = x\na: x ≥ 2\nx binary')).toMatchObject({ conflict: ['a', 'x.upper'] });
});

/** Whether the members named exclude each other, by themselves. */
function conflicts(problem: Problem, names: readonly string[]): boolean {
	const only: Problem = {
		...problem,
		constraints: problem.constraints.filter(({ name }) => names.includes(name)),
		variables: problem.variables.map((own) => {
			const { lower, upper } = effectiveBounds(own);
			return {
				...own,
				domain: 'continuous',
				lower: names.includes(`${own.name}.lower`) ? lower : null,
				upper: names.includes(`${own.name}.upper`) ? upper : null
			};
		})
	};
	return runLinear(only).status === 'infeasible';
}

test('a conflict is one, and each of its members is needed; what is redundant changes no corner', () => {
	let infeasible = 0;
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const { status, conflict, redundant } = kindOf(problem);
			if (status === 'infeasible') {
				infeasible += 1;
				expect(conflicts(problem, conflict)).toBe(true);
				for (const left of conflict)
					expect(
						conflicts(
							problem,
							conflict.filter((name) => name !== left)
						)
					).toBe(false);
			}
			const corners = (own: Problem) =>
				allCorners(own)
					.map((plan) => [...plan.values()].join())
					.sort();
			for (const name of redundant) {
				const rest = { ...problem, constraints: problem.constraints.filter((row) => row.name !== name) };
				expect(corners(rest)).toEqual(corners(problem));
			}
		}),
		{ numRuns: 150 }
	);
	expect(infeasible).toBeGreaterThan(5);
});

test('a property asked for alone is what the whole says of it, in whatever order they are asked for', () => {
	const names = [
		'redundant',
		'bounded',
		'unique',
		'conflict',
		'degenerate',
		'fractional',
		'start',
		'status'
	] as const;
	fc.assert(
		fc.property(anyProblem({ whole: true }), fc.shuffledSubarray([...names]), (problem, order) => {
			const all = kindOf(problem);
			const own = new Properties(problem);
			for (const name of order) expect([name, own[name]]).toEqual([name, all[name]]);
		}),
		{ numRuns: 60 }
	);
});
