import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { advance, decide } from '../method/decide';
import { DANTZIG } from '../method/rule';
import { beginWork } from '../method/solve';
import type { Work } from '../method/types';
import { ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { addressText, board } from './board';
import { boardEquations, type Equation } from './equations';
import { PROFILES } from './notation';

const DICTIONARY = PROFILES[4].notation;
const of = (work: Work, covered?: ReadonlySet<string>) =>
	boardEquations(board(work.tableau, DICTIONARY, covered));

/** What an equation gives at a basic solution: the number without M, and that before M. */
const valueAt = ({ constant, terms }: Equation, amounts: ReadonlyMap<string, Rational>): string[] =>
	(['plain', 'm'] as const).map((part) =>
		terms
			.reduce((sum, { sign, size, column }) => {
				const factor = size ? (size[part] ?? ZERO) : part === 'plain' ? ZERO.add(1) : ZERO;
				return sum.add(factor.mul(sign).mul(amounts.get(column.name) ?? ZERO));
			}, constant.number[part] ?? ZERO)
			.toFraction()
	);

test('each dictionary’s equations hold at the basic solutions of all others of its run, with M and without', () => {
	expect(DICTIONARY.layout).toBe('dictionary');
	fc.assert(
		fc.property(anyProblem(), fc.constantFrom('two-phase' as const, 'big-m' as const), (problem, way) => {
			let work: Work = beginWork(standardForm(problem, { start: 'artificial', equalities: 'one-row' }), way);
			const run = [work];
			for (let i = 0; i < 6; i++) {
				const decision = decide(work, DANTZIG);
				// an objective row is another one from phase two on
				if (decision.kind !== 'pivot') break;
				run.push((work = advance(work, decision)!));
			}
			const first = of(run[0]);
			for (const later of run) {
				const now = of(later);
				const amounts = new Map(now.map(({ name, constant }) => [name, constant.number.plain]));
				for (const equation of first) {
					const own = now.find(({ kind, name }) => kind === equation.kind && name === equation.name);
					const there = own?.constant.number;
					expect(valueAt(equation, amounts)).toEqual([
						(there?.plain ?? ZERO).toFraction(),
						(there?.m ?? ZERO).toFraction()
					]);
				}
			}
		}),
		{ numRuns: 60 }
	);
});

test('a term knows its sign and size, what may be pivoted on, what improves and what is covered', () => {
	const problem = readStatement(
		'max profit = 3 bowls + 2 vases\nclay: bowls <= 4\nwheel: 2 bowls - vases <= 6'
	).problem!;
	const work = beginWork(standardForm(problem, { start: 'slack', equalities: 'one-row' }), 'primal');
	const [{ constant }] = of(work);
	const covered = new Set([addressText(constant.address)]);
	const [clay, wheel, profit] = of(work, covered);
	const said = ({ terms }: Equation) =>
		terms.map(({ sign, size, pivots, improving }) => [
			sign,
			size?.plain.toFraction() ?? null,
			pivots,
			improving
		]);
	expect(said(clay)).toEqual([
		[-1, null, true, false],
		[0, null, false, false]
	]);
	expect(said(wheel)).toEqual([
		[-1, '2', true, false],
		[1, null, true, false]
	]);
	expect(said(profit)).toEqual([
		[1, '3', false, true],
		[1, '2', false, true]
	]);
	expect([clay, wheel, profit].map((own) => own.constant.covered)).toEqual([true, false, false]);
});
