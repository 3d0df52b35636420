import fc from 'fast-check';
import { expect, test } from 'vitest';
import { solveLinear } from '../answer/answer';
import { compare, rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, isFeasible, type Plan, type Problem } from '../problem/types';
import { branchAndBound } from './branch';
import { coversAt } from './covers';

const NAMES = ['a', 'b', 'c', 'd', 'e'];
const linear = (values: readonly number[]) => values.map((value, i) => `${value} ${NAMES[i]}`).join(' + ');
/** Four binary variables and one from 0 to 3, whole or not, with rows of any sign and relation. */
const anyBinary: fc.Arbitrary<Problem> = fc
	.record({
		costs: fc.array(fc.integer({ min: -5, max: 9 }), { minLength: 5, maxLength: 5 }),
		rows: fc.array(
			fc.tuple(
				fc.array(fc.integer({ min: -6, max: 9 }), { minLength: 5, maxLength: 5 }),
				fc.constantFrom('<=', '>=', '='),
				fc.integer({ min: -4, max: 16 })
			),
			{ minLength: 1, maxLength: 3 }
		),
		last: fc.constantFrom('e integer', '')
	})
	.map(({ costs, rows, last }) => {
		const lines = rows.map(([row, relation, rhs]) => `${linear(row)} ${relation} ${rhs}`);
		const kinds = ['e from 0 to 3', 'a, b, c, d binary', ...(last ? [last] : [])];
		return readStatement([`max z = ${linear(costs)}`, ...lines, ...kinds].join('\n')).problem!;
	});

test('a cover is broken by the plan it was made for, and by no integer plan', () => {
	let covers = 0;
	fc.assert(
		fc.property(anyBinary, (problem) => {
			const { solution } = solveLinear(problem);
			if (!solution) return;
			const found = coversAt(problem, solution);
			covers += found.length;
			for (const { terms, rhs, row } of found) {
				expect(problem.constraints.map(({ name }) => name)).toContain(row);
				expect(compare(evaluate(terms, solution), rhs)).toBe(1);
				for (let bits = 0; bits < 16; bits++)
					for (let halves = 0; halves <= 6; halves++) {
						const plan: Plan = new Map([
							...NAMES.slice(0, 4).map((name, i) => [name, rational((bits >> i) & 1)] as const),
							['e', rational(halves, 2)]
						]);
						if (isFeasible(problem, plan)) expect(compare(evaluate(terms, plan), rhs)).not.toBe(1);
					}
			}
		}),
		{ numRuns: 700 }
	);
	expect(covers).toBeGreaterThan(15);
});

/** `weight + 10` for each weight: bounds of the relaxation alone hardly close a node. */
function correlated(seed: number): { problem: Problem; best: number } {
	let state = seed;
	const next = () => (state = (state * 48_271) % 2_147_483_647);
	const weights = Array.from({ length: 30 }, () => 10 + (next() % 90));
	const room = Math.floor(weights.reduce((a, b) => a + b) / 2);
	const sum = (of: (weight: number) => number) => weights.map((w, i) => `${of(w)} x${i}`).join(' + ');
	const names = weights.map((_, i) => `x${i}`).join(', ');
	const text = `max z = ${sum((w) => w + 10)}\nr: ${sum((w) => w)} <= ${room}\n${names} binary`;
	// the best value for each load (Bellman 1957)
	const values = new Array<number>(room + 1).fill(0);
	for (const w of weights)
		for (let load = room; load >= w; load--) values[load] = Math.max(values[load], values[load - w] + w + 10);
	return { problem: readStatement(text).problem!, best: values[room] };
}

test('a long search begins again with covers, ends at the best plan, and loses nothing where it is stopped', () => {
	let withCovers = 0;
	for (let seed = 1; seed <= 8; seed++) {
		const { problem, best } = correlated(seed * 1_009);
		const found: number[] = [];
		const result = branchAndBound(problem, {
			maxSteps: 10_000,
			mostNodes: 0,
			onFound: ({ objective }) => objective && found.push(Number(objective.n))
		});
		expect(result).toMatchObject({ status: 'optimal' });
		expect(result.objective!.toFraction()).toBe(String(best));
		expect(found).toEqual([...found].sort((a, b) => a - b));
		if (!result.covers) continue;
		withCovers += 1;
		const stopped = branchAndBound(problem, { maxSteps: 2_100, mostNodes: 0 });
		if (stopped.status === 'stopped') expect(compare(stopped.bound!, rational(best))).not.toBe(-1);
		const before = branchAndBound(problem, { maxSteps: 1_999, mostNodes: 0 });
		if (before.objective) expect(compare(stopped.objective!, before.objective)).not.toBe(-1);
	}
	expect(withCovers).toBeGreaterThan(1);
});
