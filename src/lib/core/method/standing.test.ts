import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { perform, tell } from '../move/kinds';
import { stated } from '../position/position';
import { readStatement } from '../problem/statement/read';
import { paragraphText } from '../sentence/sentence';
import { remarkWords } from '../commentary/messages';
import { isArtificial, isPrimalFeasible } from '../tableau/tableau';
import type { Move } from '../move/types';

const BEGIN: Move = { kind: 'begin', way: 'auto', equalities: 'one-row', standing: true };
const SYSTEM = 'max z = 3 x + 2 y + u\na: x + y + u = 4\nb: x + 3 y + 2 v = 6\nc: x <= 3';

test('a start begins from the basis that stands there, priced out, and says so; without being asked to it adds artificial variables', () => {
	const position = stated(readStatement(SYSTEM).problem!);
	const begun = perform(position, BEGIN);
	if (!begun.ok) throw new Error();
	const { tableau, part } = begun.position.work!;
	expect([part, tableau.basis.map((j) => tableau.form.columns[j].name)]).toEqual([
		'primal',
		['u', 'v', 's3']
	]);
	const said = paragraphText(remarkWords(tell(position, BEGIN, begun.position)));
	expect(said).toContain('u appears only in a and v appears only in b, so they are basic there');
	expect(said).toContain('eliminated using its own row');
	const old = perform(position, { ...BEGIN, standing: undefined } as Move);
	expect(old.ok && old.position.work!.part).toBe('phase-one');
	expect(readStatement(SYSTEM).diagnostics.map(({ code }) => code)).not.toContain('lonely-name');
});

test('from a standing basis the same optimum is reached as with artificial variables', () => {
	let seen = 0;
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const [own, other] = [solveLinear(problem), solveLinear(problem, { method: 'two-phase' })];
			expect([own.status, own.objective?.toFraction()]).toEqual([
				other.status,
				other.objective?.toFraction()
			]);
			const begun = perform(stated(problem), BEGIN);
			if (!begun.ok || begun.position.work!.part !== 'primal') return;
			const { tableau } = begun.position.work!;
			expect(isPrimalFeasible(tableau)).toBe(true);
			expect(tableau.basis.some((j) => isArtificial(tableau, j))).toBe(false);
			if (tableau.basis.some((j) => tableau.form.columns[j].kind === 'structural')) seen += 1;
		}),
		{ numRuns: 500 }
	);
	expect(seen).toBeGreaterThan(3);
});
