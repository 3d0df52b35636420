import { offerWords } from '../commentary/words/offer';
import { refusalParagraph } from './messages';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { remarkWords } from '../commentary/messages';
import { paragraphText, plainText } from '../sentence/sentence';
import { readStatement } from '../problem/statement/read';
import { evaluate } from '../problem/types';
import { columnOf, objectiveValue, readPlan, rhs } from '../tableau/tableau';
import { basisOfCorner } from './basis';
import { offers, perform, tell } from './kinds';
import { stated } from '../position/position';
import { BLAND } from '../method/rule';
import type { Move } from './types';

const at = (text: string) => stated(readStatement(text).problem!);

test('a basis that stands there already is offered first, needs no artificial variable, and prices the objective out', () => {
	const root = at('max z = 2 x1 + x3\nr1: x1 + 2 x3 = 8\nr2: x1 + x2 <= 5');
	const [first] = offers(root, BLAND);
	expect(plainText(offerWords(first.found))).toBe(
		'Start from the basis that stands there already: x3 and s2'
	);
	const begun = perform(root, first.move);
	if (!begun.ok) throw new Error(paragraphText(refusalParagraph(begun.why)));
	const t = begun.position.work!.tableau;
	expect(t.basis.map((j, row) => `${columnOf(t, j).id} ${rhs(t, row).toFraction()}`)).toEqual([
		'x:x3 4',
		's:r2 5'
	]);
	expect(objectiveValue(t).toFraction()).toBe('4');
	expect(paragraphText(remarkWords(tell(root, first.move, begun.position)))).toContain(
		'x3 is eliminated using its own row'
	);
	// nothing stands alone in a row with the right sign: not offered
	expect(offers(at('max z = x\nr: x + y = 4\nq: x - y = 1'), BLAND)[0].move.kind).toBe('begin');
});

test('columns that depend on one another are refused with the combination, too few with the number needed', () => {
	const root = at('max z = x + y\nr: x + 2 y + w <= 8\nq: 2 x + 4 y <= 9');
	const why = (columns: string[]) => {
		const result = perform(root, { kind: 'basis', columns });
		return result.ok ? '' : paragraphText(refusalParagraph(result.why));
	};
	expect(why(['x:x', 'x:y'])).toContain('the column of y is 2 times that of x');
	expect(why(['x:x'])).toContain('2 are needed, 1 is chosen');
	expect(why(['x:x', 'x:w', 's:r'])).toContain('2 are needed, 3 are chosen');
	expect(why(['x:x', 'nothing'])).toContain('no longer has');
	expect(why(['x:x', 's:r'])).toBe('');
});

test('the basis of any corner is reached from the start and from any basis, and its plan is that corner', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const answer = solveLinear(problem);
			if (answer.status !== 'optimal') return;
			const root = stated(problem);
			const corner = answer.solution!;
			const move = basisOfCorner(root, corner);
			// an optimal basic solution is a corner of the form, so it has a basis
			const reached = move && perform(root, move);
			if (!reached?.ok) throw new Error('no basis of the corner');
			const t = reached.position.work!.tableau;
			expect([...readPlan(t)].map(([name, value]) => value.equals(corner.get(name)!))).not.toContain(false);
			expect(
				objectiveValue(t).equals(evaluate(problem.objective.terms, corner, problem.objective.constant))
			).toBe(true);
			const back: Move = { kind: 'basis', columns: t.basis.map((j) => columnOf(t, j).id) };
			const begin = perform(root, { kind: 'begin', way: 'auto', equalities: 'one-row' });
			if (!begin.ok || t.basis.some((j) => columnOf(t, j).kind === 'vacant')) return;
			const again = perform(begin.position, back);
			if (again.ok) expect(readPlan(again.position.work!.tableau)).toEqual(readPlan(t));
		}),
		{ numRuns: 150 }
	);
});
