import { expect, test } from 'vitest';
import { DANTZIG } from '../method/rule';
import { stated } from '../position/position';
import { readStatement } from '../problem/statement/read';
import { offers, perform } from './kinds';
import type { Move, Way } from './types';

const NEEDS = 'max z = x\na: x >= 2\nb: x <= 5';
/** its artificial variable is 0 at once */
const LEVEL = 'max z = x + y\na: x + y = 0\nb: x <= 3';
const ARTIFICIAL: Move = { kind: 'artificial', column: 'a:a' };

test.each<[string, Way, Move[], string[]]>([
	[NEEDS, 'two-phase', [], []],
	[NEEDS, 'two-phase', [{ kind: 'pivot', enter: 'x:x', leave: 'a:a', by: 'dantzig' }], ['phase-two']],
	[LEVEL, 'two-phase', [], ['phase-two']],
	[LEVEL, 'big-m', [], ['phase-two']],
	[LEVEL, 'by-hand', [], ['repair']],
	[LEVEL, 'by-hand', [ARTIFICIAL], ['phase-two']],
	[NEEDS, 'by-hand', [ARTIFICIAL], ['phase-one', 'big-m']],
	['max z = x\nb: x <= 5', 'primal', [], []],
	['min z = x\nb: x <= 5', 'dual', [], ['primal']],
	['min z = x\nb: x >= 5', 'dual', [], ['repair']],
	['min z = x\nb: x >= 5', 'primal', [], ['dual', 'repair']],
	['min z = x\nb: x >= 5', 'repair', [], ['dual']],
	[
		'max z = x\nb: x >= 5\nc: x <= 9',
		'repair',
		[{ kind: 'pivot', enter: 'x:x', leave: 's:b', by: 'hand' }],
		['primal']
	]
])(
	'of %j, begun %s, a part of a method is offered where it has something to do',
	(statement, way, moves, wanted) => {
		let at = stated(readStatement(statement).problem!);
		for (const move of [{ kind: 'begin', way, equalities: 'one-row' } as Move, ...moves]) {
			const result = perform(at, move);
			if (!result.ok) throw new Error(result.why.code);
			at = result.position;
		}
		expect(offers(at, DANTZIG).flatMap(({ move }) => (move.kind === 'phase' ? [move.to] : []))).toEqual(
			wanted
		);
	}
);
