import { expect, test } from 'vitest';
import { keepSame } from '$lib/core/keep';
import { readStatement } from '$lib/core/problem/statement/read';
import type { SetFormula } from '../shared/formula';
import { columnWidth } from './typeset';

const formula = (width: number | null): SetFormula => ({
	says: '',
	boxes: [],
	runs: null,
	width: () => width
});

test('a column of formulas is as wide as its widest, in steps, and flows where one may have to break', () => {
	expect(columnWidth([formula(3.1), formula(5.9)])).toBe(8);
	// a digit more leaves it as it is
	expect(columnWidth([formula(3.6), formula(5.9)])).toBe(8);
	expect(columnWidth([formula(3), formula(30)])).toBeNull();
	expect(columnWidth([formula(3), formula(null)])).toBeNull();
});

test('what a changed statement leaves as it was is not set again', () => {
	const read = (rhs: number) => readStatement(`max z = x + y\na: x + 2 y <= ${rhs}\nb: 3 x <= 4`).problem!;
	const before = read(8);
	const after = keepSame(before, read(87));
	expect(after.objective).toBe(before.objective);
	expect(after.variables).toBe(before.variables);
	expect(after.constraints[1]).toBe(before.constraints[1]);
	expect(after.constraints[0]).not.toBe(before.constraints[0]);
	expect(after.constraints[0].terms).toBe(before.constraints[0].terms);
	expect(keepSame(before, read(8))).toBe(before);
	const turned = readStatement('max z = y + x\na: 2 y + x <= 8\nb: 3 x <= 4').problem!;
	expect([...keepSame(before, turned).constraints[0].terms.keys()]).toEqual(['y', 'x']);
});
