import { expect, test } from 'vitest';
import { solveLinear } from '../answer/answer';
import { isFeasible } from '../problem/types';
import { compare } from '../number/rational';
import { evaluate } from '../problem/types';
import { readStatement } from '../problem/statement/read';
import { rational } from '../number/rational';
import { objectiveAt } from '../problem/use';
import { costsFor, rowsAt } from './by-hand';
import { shapeOf, variants } from './variants';

const looks = (most: number) => () => most-- <= 0;

const EXERCISES = {
	'a whole best plan':
		'max profit [thalers] = 30 bowls + 40 jugs\nclay [kg]: 2 bowls + 3 jugs <= 12\nwheel: 4 bowls + 3 jugs <= 18\nkiln: 2 jugs <= 9',
	'artificial variables':
		'min cost = 2 ash + 3 feldspar\nsilica: ash + feldspar >= 4\nflux: ash + 3 feldspar >= 6\nstore: ash <= 9',
	'no plan': 'max z = x + y\na: x + y <= 4\nb: 2 x + 3 y >= 20',
	'no end': 'max z = x + y\na: x - y <= 4\nb: -2 x + y <= 3'
};

test.each(Object.entries(EXERCISES))(
	'variants keep what the problem promises, and are other problems: %s',
	(_, text) => {
		const { problem } = readStatement(text);
		const found = variants(problem!, 4, 3, 'number', looks(3_000));
		expect(found.length).toBe(4);
		const own = solveLinear(problem!);
		const shapes = new Set([problem!, ...found].map(shapeOf));
		expect(shapes.size).toBe(5);
		for (const other of found) {
			const answer = solveLinear(other, { method: 'auto' });
			expect([answer.status, answer.pivots]).toEqual([own.status, own.pivots]);
			expect(other.constraints.map(({ relation, name }) => name + relation)).toEqual(
				problem!.constraints.map(({ relation, name }) => name + relation)
			);
			expect(other.variables).toEqual(problem!.variables);
			if (!answer.solution || !own.solution) continue;
			const tight = (of: typeof other, plan: typeof answer.solution) =>
				of.constraints
					.filter((row) => compare(evaluate(row.terms, plan!), row.rhs) === 0)
					.map(({ name }) => name);
			expect(tight(other, answer.solution)).toEqual(tight(problem!, own.solution));
		}
	}
);

test('the same pivots in the same order can be asked for, or excluded', () => {
	const { problem } = readStatement(EXERCISES['a whole best plan']);
	expect(variants(problem!, 2, 1, 'same', looks(2_000)).length).toBe(2);
	for (const other of variants(problem!, 1, 1, 'other', looks(200)))
		expect(solveLinear(other).pivots).toBe(solveLinear(problem!).pivots);
});

test('a mix of the rows that bind at a plan makes it a best one, whatever their relations', () => {
	const { problem } = readStatement(
		'max z = 0 x\na: 2 x + y <= 10\nb: x + y >= 7\nc: 3 x - y = 5\nd: x <= 30'
	);
	const plan = new Map([
		['x', rational(3)],
		['y', rational(4)]
	]);
	expect(rowsAt(problem!, plan).map(({ slack, isMet }) => `${slack.toFraction()} ${isMet}`)).toEqual([
		'0 true',
		'0 true',
		'0 true',
		'27 true'
	]);
	for (const sense of ['max', 'min'] as const)
		for (const weights of [
			{ a: 2, b: 1 },
			{ b: 3, c: -2 },
			{ a: 1, c: 1 }
		]) {
			const own = { ...problem!, objective: { ...problem!.objective, sense } };
			const terms = costsFor(
				own,
				new Map(Object.entries(weights).map(([name, weight]) => [name, rational(weight)]))
			);
			const made = { ...own, objective: { ...own.objective, terms } };
			expect(isFeasible(made, plan)).toBe(true);
			expect(solveLinear(made).objective!.equals(objectiveAt(made, plan))).toBe(true);
		}
});
