import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaims } from '../../../../tests/support/claims';
import { anyNotation } from '../../../../tests/support/notations';
import { anyProblem } from '../../../../tests/support/problems';
import { decide } from '../method/decide';
import type { Finding } from '../method/findings';
import { ruleNamed, RULE_NAMES } from '../method/rule';
import { offers, perform, tell } from '../move/kinds';
import { moveOf } from '../move/next';
import { pivotMove } from '../move/pivot';
import { stated, type Position } from '../position/position';
import { WAYS, type Move } from '../move/types';
import { fitted } from '../notation/column-names';
import { PROFILES, type Notation } from '../notation/notation';
import { claimsOf, plainText } from '../sentence/sentence';
import { readStatement } from '../problem/statement/read';
import { readPlan } from '../tableau/tableau';
import type { Remark } from './findings';
import { remarkWords } from './messages';
import { standRemarks } from './stand';

/** A method's finding by its code and what it is about. */
const named = (found: Finding) =>
	[found.code, 'row' in found && found.row, 'column' in found && found.column].join(' ');

/** A column with a larger entry in the objective row is not taken, since M stands in it. */
const M_FIRST = 'max z = -x - 2 y\nr1: 2 x + y = 1\nr2: -y <= 1\nr3: 4 y <= -1\nr4: 0 x <= 0\nx >= 0\ny free';
const APART: Notation = { ...PROFILES[0].notation, bigM: 'two-rows' };

test('every claim of every sentence is true of what the board shows, for right and wrong moves, in five profiles and random notations', () => {
	const seen = new Map<string, number>();
	const kindsSeen = new Set<string>();
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom(...WAYS),
			fc.constantFrom(...RULE_NAMES),
			fc.array(fc.nat(97), { minLength: 5, maxLength: 12 }),
			anyNotation,
			(problem, way, rule, numbers, random) => {
				const notations = [...PROFILES.map(({ notation }) => notation), random].map((own) =>
					fitted(own, problem)
				);
				let position: Position = stated(problem);
				const read = (remarks: readonly Remark[]) => {
					for (const { sentences } of remarks.map(remarkWords))
						for (const sentence of sentences)
							for (const notation of notations) {
								checkClaims(sentence, notation, seen);
								// the words say what is claimed
								const words = plainText(sentence, notation);
								for (const claim of claimsOf(sentence, notation))
									if ('sign' in claim && /entr(?:y|ies)/.test(words)) expect(words).toContain(claim.sign);
							}
				};
				const take = (move: Move): boolean => {
					const result = perform(position, move);
					if (!result.ok) return false;
					const remark = tell(position, move, result.position);
					read([remark]);
					const decided = position.work && decide(position.work, ruleNamed(rule));
					// what is told as the reason of a step by rule is what decided it
					if (decided?.kind === 'pivot' && move.kind === 'pivot' && move.by === rule)
						for (const found of remark.found)
							if ('because' in found && found.because)
								expect(decided.because.map(named)).toContain(named(found.because));
					kindsSeen.add(move.kind);
					({ position } = result);
					read(
						standRemarks(position, decide(position.work!, ruleNamed(rule)), offers(position, ruleNamed(rule)))
					);
					return true;
				};
				if (!take({ kind: 'begin', way, equalities: numbers[0] % 2 ? 'one-row' : 'two-rows' })) return;
				for (const n of numbers) {
					const work = position.work!;
					const t = work.tableau;
					const wrong = t.nonbasic.flatMap((enter) =>
						t.basis.map((leave) => pivotMove(work, enter, leave, 'hand'))
					);
					const [row] = position.problem.constraints;
					const asked = moveOf(work, decide(work, ruleNamed(rule)), rule);
					const change: Move | null = row
						? { kind: 'change', change: { rhs: row.name, value: String((n % 13) - 6) } }
						: null;
					const move = n % 4 === 0 && wrong.length ? wrong[n % wrong.length] : n % 7 === 1 ? change : asked;
					if (move) take(move);
				}
				expect(readPlan(position.work!.tableau).size).toBe(problem.variables.length);
			}
		),
		{ numRuns: 500, examples: [[readStatement(M_FIRST).problem!, 'big-m', 'dantzig', [0, 23, 5], APART]] }
	);
	for (const is of ['sign', 'value', 'most', 'none', 'ratio', 'rate', 'feasible', 'dual-feasible'])
		expect([is, (seen.get(is) ?? 0) > 100]).toEqual([is, true]);
	expect([...kindsSeen].sort()).toEqual(['begin', 'change', 'phase', 'pivot']);
});
