import { expect, test } from 'vitest';
import { rational } from '../number/rational';
import { readStatement } from './statement/read';
import {
	isAllowed,
	nearest,
	objectiveAt,
	notAllowed,
	planOf,
	planFromTexts,
	rounded,
	usesOf,
	withAmount,
	writePlan
} from './use';

const problem = readStatement(
	'max profit = 30 bowls + 45 vases - 5\nclay: 5/2 bowls + 4 vases <= 100\norder: bowls + vases >= 12\nsets: bowls - vases = 2\nbowls from 3 to 20'
).problem!;
const plan = (bowls: number, vases: number) =>
	new Map(Object.entries({ bowls: rational(bowls), vases: rational(vases, 2) }));

test('use, slack or violation of every row, and how the use arises', () => {
	const uses = usesOf(problem, plan(24, 21));
	expect(
		uses.map(({ row, used, slack, kept }) => [row.name, used.toFraction(), slack.toFraction(), kept])
	).toEqual([
		['clay', '102', '-2', false],
		['order', '69/2', '45/2', true],
		['sets', '27/2', '-23/2', false]
	]);
	expect(
		uses[0].parts.map(({ perUnit, amount, product }) => [perUnit, amount, product].map((v) => v.toFraction()))
	).toEqual([
		['5/2', '24', '60'],
		['4', '21/2', '42']
	]);
	expect(objectiveAt(problem, plan(24, 21)).toFraction()).toBe('2375/2');
	expect([
		notAllowed(problem, plan(24, 21)),
		notAllowed(problem, plan(2, -1)),
		notAllowed(problem, plan(3, 0))
	]).toEqual([['bowls'], ['bowls', 'vases'], []]);
	const whole = readStatement('max z = x + y\na: x + y <= 9\nx integer').problem!;
	const amounts = (x: string, y: string) => planFromTexts({ x, y });
	expect(notAllowed(whole, amounts('1/2', '1/2'))).toEqual(['x']);
	expect(
		[
			['1/2', '1/2'],
			['9', '1'],
			['1', '1/2']
		].map(([x, y]) => isAllowed(whole, amounts(x, y)))
	).toEqual([false, false, true]);
});

test('rounding goes to the nearest whole amounts, snapping to the nearest plan', () => {
	expect([...rounded(plan(3, 5)).values()].map((v) => v.toFraction())).toEqual(['3', '3']);
	expect(nearest(plan(3, 5), [])).toBeNull();
	expect(nearest(plan(3, 5), [plan(0, 0), plan(4, 4), plan(9, 9)])).toEqual(plan(4, 4));
});

test('a plan begins at the bounds and goes to text and back', () => {
	const start = planOf(problem, new Map());
	expect(writePlan(start)).toEqual({ bowls: '3', vases: '0' });
	const changed = withAmount(start, 'vases', rational(7, 2));
	expect(planFromTexts(writePlan(changed))).toEqual(changed);
	expect(() => planFromTexts({ bowls: 'many' })).toThrow('is not a number');
});
