import { offerWords } from '../commentary/words/offer';
import { expect, test } from 'vitest';
import { BLAND, DANTZIG } from '../method/rule';
import { decide } from '../method/decide';
import { stated, type Position } from '../position/position';
import { readStatement } from '../problem/statement/read';
import { plainText, paragraphText } from '../sentence/sentence';
import { reasonWords } from '../commentary/messages';
import { reasonsAt } from '../commentary/reasons';
import { offers, perform } from './kinds';
import { refusalParagraph } from './messages';
import { moveOf } from './next';
import { cell } from '../tableau/tableau';
import type { Move } from './types';

const START: Move = { kind: 'begin', way: 'auto', equalities: 'one-row' };

/** Where some moves lead, and what the last one is answered that cannot be made. */
function after(statement: string, ...moves: readonly Move[]): { at: Position; refused: string } {
	let at = stated(readStatement(statement).problem!);
	for (const move of moves) {
		const result = perform(at, move);
		if (!result.ok) return { at, refused: paragraphText(refusalParagraph(result.why)) };
		at = result.position;
	}
	return { at, refused: '' };
}

/** By rule to the end. */
function solved(statement: string, start: Move = START): Position {
	let { at } = after(statement, start);
	for (;;) {
		const move = moveOf(at.work!, decide(at.work!, DANTZIG), 'dantzig');
		if (!move) return at;
		const result = perform(at, move);
		if (!result.ok) throw new Error(paragraphText(refusalParagraph(result.why)));
		at = result.position;
	}
}

const MIX = 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';

test.each([
	[{ kind: 'change', change: { cost: 'gone', value: '1' } }, 'no longer has what this step names (gone)'],
	[{ kind: 'change', change: { cost: 'x', value: '3' } }, 'That is what it is already.'],
	[{ kind: 'change', change: { rhs: 'gone', value: '1' } }, 'no longer has what this step names (gone)'],
	[
		{ kind: 'change', change: { add: { name: 'a', terms: {}, relation: '<=', rhs: '1' } } },
		'called “a” already'
	],
	[{ kind: 'change', change: { add: { name: '3', terms: {}, relation: '<=', rhs: '1' } } }, '“3” is no name'],
	[
		{ kind: 'change', change: { add: { name: 'd', terms: { w: '1' }, relation: '<=', rhs: '1' } } },
		'“w” is not among the variables'
	],
	[{ kind: 'pivot', enter: 'x:x', leave: 's:b', by: 'hand' }, 'The entry of x in row s2 is 0'],
	[{ kind: 'pivot', enter: 's:a', leave: 's:b', by: 'hand' }, 's1 cannot come in for s2 here'],
	[{ kind: 'phase', to: 'primal' }, 'primal simplex method is at work already.'],
	[{ kind: 'phase', to: 'phase-one' }, 'no artificial variable to bring down'],
	[{ kind: 'branch', variable: 'x', relation: '<=', value: '1' }, 'First solve this relaxation'],
	[{ kind: 'combine', multipliers: { a: '-1' } }, 'a'],
	[{ kind: 'drop' }, 'still binds'],
	[{ kind: 'inward' }, 'begun with these bounds'],
	[{ kind: 'basis', columns: ['x:x'] }, '3 are needed, 1 is chosen']
] as [Move, string][])('a move that cannot be made is refused with its reason: %j', (move, words) => {
	expect(after(MIX, START, move).refused).toContain(words);
});

test('cuts that are composed are numbered in their order', () => {
	const whole = 'max z = x + y\na: 2 x + 3 y <= 7\nb: 3 x + y <= 8\nx, y integer';
	const cut = (multipliers: Record<string, string>): Move => ({ kind: 'combine', multipliers });
	const { at } = after(whole, START, cut({ a: '1/2' }), cut({ b: '1/3' }));
	const { columns } = at.work!.tableau.form;
	expect(
		columns.filter(({ owner }) => owner.kind === 'cut').map(({ id, owner }) => [id, owner.name])
	).toEqual([
		['c:1', 'cut 1'],
		['c:2', 'cut 2']
	]);
});

test('a cut from the objective row is offered where the objective must be whole and is not', () => {
	const says = (statement: string) =>
		offers(solved(statement), BLAND).map((offer) => plainText(offerWords(offer.found)));
	const cut = 'Add a cutting plane from the objective row';
	expect(says('max z = x + y\na: 2 x + 2 y <= 3\nx, y integer')).toContain(cut);
	// whole, a cost or constant that is not, a variable that need not be
	expect(says('max z = x + y\na: 2 x + 2 y <= 4\nx, y integer')).not.toContain(cut);
	expect(says('max z = 1/2 x + y\na: 2 x + 2 y <= 3\nx, y integer')).not.toContain(cut);
	expect(says('max z = x + y + 1/2\na: 2 x + 2 y <= 3\nx, y integer')).not.toContain(cut);
	expect(says('max z = x + y\na: 2 x + 2 y <= 3\nx integer')).not.toContain(cut);
});

test('why a row cannot hold names the variables that stand in it, and no others', () => {
	const dual: Move = { kind: 'begin', way: 'dual', equalities: 'one-row' };
	const at = solved('min z = x + y\na: x + y <= 1\nb: x + 2 y >= 3\nc: y <= 1/4', dual);
	const [reason] = reasonsAt(at, decide(at.work!, DANTZIG));
	const said = plainText(reasonWords(reason).answer);
	const t = at.work!.tableau;
	const decision = decide(at.work!, DANTZIG);
	expect(decision.kind === 'end' && decision.end.status).toBe('infeasible');
	expect(said).toMatch(/falls further with [^.]+\. None of these may be negative/);
	const named = /falls further with ([^.]+)\./.exec(said)![1].split(/, | and /);
	const row = decision.kind === 'end' && decision.end.status === 'infeasible' ? decision.end.row! : -1;
	const standing = t.nonbasic
		.filter((_, k) => !!cell(t, row, k))
		.map((column) => t.form.columns[column].name);
	expect(named).toEqual(standing);
});
