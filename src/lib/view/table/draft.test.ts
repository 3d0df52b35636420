import { expect, test } from 'vitest';
import { printStatement } from '$lib/core/problem/statement/print';
import { draftOf, newRowOf, problemOfTable, type TableDraft } from './draft';

const filled = (change: (draft: TableDraft) => void) => {
	const draft = draftOf(2, 2);
	change(draft);
	const read = problemOfTable(draft);
	return 'fault' in read ? read.fault : printStatement(read.problem);
};

test('an empty table grows into a statement, and a resource counts once it has an amount', () => {
	expect(filled(() => {})).toBe('x1 from 0\nx2 from 0\nmax z = 0\n');
	const named = (draft: TableDraft) => {
		draft.names[0] = 'bowls';
		draft.costs = ['30', '2.5'];
		draft.rows[0].uses = ['2', ''];
	};
	expect(filled(named)).toBe('max z = 30 bowls + 5/2 x2\n');
	expect(filled((draft) => (named(draft), (draft.rows[0].amount = '60')))).toBe(
		'max z = 30 bowls + 5/2 x2\nr1: 2 bowls ≤ 60\n'
	);
});

test('what cannot be taken is told by its field, and another size keeps what was typed', () => {
	expect(filled((draft) => (draft.names = ['a', 'a']))).toMatchObject({ field: 'name of activity 2' });
	expect(filled((draft) => (draft.costs[1] = 'many'))).toMatchObject({ field: 'objective per x2' });
	const draft = draftOf(2, 1);
	draft.names[1] = 'jugs';
	expect(draftOf(3, 2, draft).names).toEqual(['', 'jugs', '']);
});

test('a new resource of a problem does nothing without an amount, and gets a name that is free', () => {
	const { problem } = problemOfTable(draftOf(1, 0)) as Extract<
		ReturnType<typeof problemOfTable>,
		{ problem: unknown }
	>;
	const row = { name: '', uses: ['3'], relation: '<=' as const, amount: '', unit: '' };
	expect(newRowOf(row, problem)).toBeNull();
	expect(newRowOf({ ...row, amount: '4' }, problem)).toMatchObject({ name: 'r1' });
	expect(newRowOf({ ...row, uses: ['x'], amount: '4' }, problem)).toHaveProperty('why');
});
