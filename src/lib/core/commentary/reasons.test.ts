import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaims } from '../../../../tests/support/claims';
import { anyNotation } from '../../../../tests/support/notations';
import { anyProblem } from '../../../../tests/support/problems';
import { decide } from '../method/decide';
import { DANTZIG } from '../method/rule';
import { perform } from '../move/kinds';
import { moveOf } from '../move/next';
import { stated, type Position } from '../position/position';
import { WAYS, type Move } from '../move/types';
import { fitted } from '../notation/column-names';
import { PROFILES } from '../notation/notation';
import { readStatement } from '../problem/statement/read';
import { plainText } from '../sentence/sentence';
import { columnValue, cost } from '../tableau/tableau';
import { pivotMove } from '../move/pivot';
import { OBJECTIVE } from '../tableau/goal';
import { reasonWords } from './messages';
import type { Trial } from './reason-findings';
import { reasonsAt } from './reasons';

/** The wrong choice that a reason offers can be made, and spoils what the method keeps. */
function spoils(position: Position, { row, slot: place }: Trial): void {
	const { tableau: t, part } = position.work!;
	const made = perform(position, pivotMove(position.work!, t.nonbasic[place], t.basis[row], 'hand'));
	if (!made.ok) throw new Error('the wrong choice cannot be made');
	const after = made.position.work!.tableau;
	const isSpoiled =
		part === 'dual'
			? after.nonbasic.some((column) => !after.barred.has(column) && cost(after, OBJECTIVE, column).s < 0n)
			: after.basis.some((column) => columnValue(after, column).s < 0n);
	expect(isSpoiled).toBe(true);
}

const TIED = 'max z = x + y\na: x <= 4\nb: x + y <= 4\nc: y <= 3';

test('the numbers of every reason are those of the tableau, whatever the method', () => {
	const seen = new Map<string, number>();
	const claims = new Map<string, number>();
	fc.assert(
		fc.property(anyProblem(), fc.constantFrom(...WAYS), anyNotation, (problem, way, random) => {
			const notations = [PROFILES[0].notation, fitted(random, problem)];
			let position: Position = stated(problem);
			let move: Move | null = { kind: 'begin', way, equalities: 'one-row' };
			for (let i = 0; move && i < 20; i++) {
				const result = perform(position, move);
				if (!result.ok) return;
				({ position } = result);
				const decision = decide(position.work!, DANTZIG);
				for (const found of reasonsAt(position, decision)) {
					const { code, question, answer, trial } = reasonWords(found);
					seen.set(code, (seen.get(code) ?? 0) + 1);
					expect(plainText(question)).toMatch(/^Why .*\?$/);
					expect(plainText(answer)).toMatch(/^[^−].*\.$/s);
					expect(plainText(answer)).not.toMatch(/undefined|\+ −|− −| {2}/);
					for (const own of notations) checkClaims(answer, own, claims);
					if (trial) spoils(position, trial);
				}
				move = moveOf(position.work!, decision, 'dantzig');
			}
		}),
		// ties are rare at random
		{ numRuns: 1500, examples: [[readStatement(TIED).problem!, 'primal', PROFILES[0].notation]] }
	);
	const wanted = [
		'improves-sum',
		'slack-starts',
		'surplus-cannot-start',
		'phase-one',
		'big-m',
		'improves',
		'rows-compared',
		'smallest-ratio',
		'next-degenerate',
		'length-zero',
		'row-first',
		'dual-ratio',
		'best',
		'dual-value',
		'several-best',
		'no-end',
		'sum-remains',
		'row-excludes',
		'exact'
	];
	for (const id of wanted) expect([id, (seen.get(id) ?? 0) > 0]).toEqual([id, true]);
	for (const is of [
		'rate',
		'objective',
		'amount',
		'broken',
		'tied',
		'worth',
		'best',
		'status',
		'side',
		'enough'
	])
		expect([is, (claims.get(is) ?? 0) > 3]).toEqual([is, true]);
});

test('reasons read as a teacher says them', () => {
	const problem = readStatement(
		'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nwheel: 2 bowls + 3/2 vases <= 63\nkiln: bowls + 4 vases <= 88'
	).problem!;
	const begun = perform(stated(problem), { kind: 'begin', way: 'primal', equalities: 'one-row' });
	if (!begun.ok) throw new Error('cannot begin');
	const said = reasonsAt(begun.position, decide(begun.position.work!, DANTZIG))
		.map(reasonWords)
		.map(({ question, answer }) => `${plainText(question)} ${plainText(answer)}`);
	expect(said).toMatchInlineSnapshot(`
		[
		  "Why does vases improve profit? While the rows hold, profit = 0 + 30 bowls + 45 vases. The non-basic variables are 0; each unit of vases changes profit by 45. bowls would improve it too: any of them may enter, and the rule only says which one does.",
		  "Why are only some rows compared? s1 = 100 − 4 vases, s2 = 63 − 3/2 vases and s3 = 88 − 4 vases: as vases rises these fall and will reach 0.",
		  "Why the smallest ratio? s3 = 88 − 4 vases, so vases can increase to 22 before s3 reaches 0. With the ratio of s1, at 25, s3 would be −12: kiln would be violated, and the point would lie outside the region.",
		  "Why can a slack start the basis? With the non-basic variables at 0, s1 = 100, which is not negative: nothing of clay is used yet, and all of it is left.",
		  "Why do the entries of the objective row have these signs? The objective row is an equation with all variables on one side: profit − 30 bowls − 45 vases = 0. So an entry that improves profit is negative.",
		]
	`);
});
