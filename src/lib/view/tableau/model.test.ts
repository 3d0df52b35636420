import { expect, test } from 'vitest';
import { slackStart } from '$lib/core/method/slack-start';
import { readStatement } from '$lib/core/problem/statement/read';
import { pivot, startTableau } from '$lib/core/tableau/tableau';
import { keepSame } from '$lib/core/keep';
import { shownRatios, shownTableau } from './model';

const tableauOf = (text: string) => {
	const start = slackStart(readStatement(text).problem!);
	if (!start.ready) throw new Error('no slack start');
	return startTableau(start.form);
};
const texts = (values: readonly { toFraction(): string }[]) => values.map((v) => v.toFraction());

test('every column is shown in its place, basic ones as unit columns, with the row of the objective', () => {
	const t = pivot(tableauOf('min cost = x - 2 y\na: x + 2 y <= 8\nb: x <= 3'), 0, 1);
	const shown = shownTableau(t);
	expect(shown.columns.map(({ name }) => name)).toEqual(['x', 'y', 's1', 's2']);
	expect(
		shown.rows.map(({ name, entries, rhs }) => [
			name,
			...texts(entries.map((e) => e.value)),
			rhs.toFraction()
		])
	).toEqual([
		['y', '1/2', '1/2', '4'],
		['s2', '1', '0', '3']
	]);
	expect(shown.columns.map(({ place }) => place)).toEqual([0, -1, 1, -1]);
	expect([shown.goalName, shown.goalValue.toFraction(), ...texts(shown.columns.map((c) => c.cost))]).toEqual([
		'−cost',
		'8',
		'2',
		'0',
		'1',
		'0'
	]);
	expect(shown.rows[1].pointed).toEqual({ kind: 'constraint', name: 'b' });
});

test('only the entries of non-basic columns can be pivoted on, and the rule points at one', () => {
	const t = tableauOf('max z = x + 2 y\na: x + 2 y <= 8\nb: x <= 3');
	const shown = shownTableau(t, 'fraction', {
		considered: 0,
		advised: { row: 0, entering: 1 },
		reached: { row: 1, column: 0 }
	});
	expect(shown.rows.map(({ entries }) => entries.map((e) => e.key))).toEqual([
		['0:0', '0:1'],
		['1:0', '1:1']
	]);
	expect(shown.rows[0].entries.map((e) => e.advised)).toEqual([false, true]);
	expect(shown.rows[1].entries.filter((e) => e.reached).map((e) => e.exchange)).toEqual(['x in, s2 out']);
	expect([shown.ratiosOf, ...texts(shown.rows.map(({ ratio }) => ratio!.value!))]).toEqual(['x', '8', '3']);
});

test('rows that say the same are kept, so that they are not drawn again', () => {
	const before = shownTableau(tableauOf('max z = x + y\na: x + 2 y <= 8\nb: x <= 3'));
	const after = keepSame(before, shownTableau(tableauOf('max z = x + y\na: x + 2 y <= 80\nb: x <= 3')));
	expect(after.columns).toBe(before.columns);
	expect(after.rows[0]).not.toBe(before.rows[0]);
	expect(after.rows[0].entries).toBe(before.rows[0].entries);
	expect(after.rows[0].rhs.toFraction()).toBe('80');
	expect(after.rows[1]).toBe(before.rows[1]);
});

test('the least ratios are marked; without a feasible basis there are none', () => {
	const t = tableauOf('max z = x + y\na: x + 2 y <= 8\nb: 2 x <= 16\nc: -x <= 3');
	expect(shownRatios(t, 0)!.map(({ value, least }) => [value?.toFraction(), least])).toEqual([
		['8', true],
		['8', true],
		[undefined, false]
	]);
	expect(shownRatios(t, -1)).toBeNull();
	expect(shownRatios(pivot(t, 2, 0), 1)).toBeNull();
});
