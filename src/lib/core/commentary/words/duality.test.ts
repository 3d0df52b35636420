import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaims } from '../../../../../tests/support/claims';
import { anyProblem } from '../../../../../tests/support/problems';
import { solveLinear } from '../../answer/answer';
import { fromPlan, pairsOf, weakBound } from '../../answer/complementary';
import { dualTableau, twinCell } from '../../answer/complementary-bases';
import { DUAL_FORMS, writtenDual } from '../../answer/dual-steps';
import { PROFILES } from '../../notation/notation';
import { rational, toText, ZERO } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import { readStatement } from '../../problem/statement/read';
import { claimsOf, linear, plainText, type Sentence } from '../../sentence/sentence';
import { columnValue, objectiveValue } from '../../tableau/tableau';
import {
	combinationFound,
	dualStepFound,
	fromPlanFound,
	gapFound,
	pairFound,
	proofFound,
	twinFound
} from '../dual-findings';
import { dualWords } from './duality';

test('what is said of a row or column of the dual is what stands in it', () => {
	const seen = new Set<string>();
	fc.assert(
		fc.property(anyProblem(), fc.constantFrom(...DUAL_FORMS), (problem, form) => {
			const written = writtenDual(problem, form);
			const { primal, dual } = written;
			for (const step of written.steps) {
				const said = plainText(dualWords(primal, dualStepFound(written, step)));
				seen.add(step.kind);
				const isMax = primal.objective.sense === 'max';
				if (step.kind === 'objective')
					expect(said).toContain(`the ${isMax ? 'lowest' : 'highest'} such bound`);
				if (step.kind === 'row') {
					const { lower, upper } = dual.problem.variables.find(({ name }) => name === step.variable)!;
					expect(said).toMatch(lower ? /So \S+ ≥ 0\.$/ : upper ? /So \S+ ≤ 0\.$/ : /So \S+ is free\.$/);
					if (!lower && !upper) continue;
					expect(said).toContain(` is ${RELATION_SIGNS[step.relation]} in a ${primal.objective.sense}imum: `);
					expect(said.includes('more of it')).toBe(step.relation === '<=');
				} else if (step.kind === 'column') {
					const row = dual.problem.constraints.find(({ name }) => name === step.variable)!;
					const own = `${plainText(linear(row.terms))} ${RELATION_SIGNS[row.relation]} ${toText(row.rhs).replace('-', '−')}.`;
					expect(said.endsWith(own)).toBe(true);
					// the bound of a maximum lies above every plan, that of a minimum below
					const side = isMax ? 'below' : 'above';
					if (row.relation !== '=')
						expect(said).toContain(`Then the sum is never ${side} ${primal.objective.name}`);
					const { lower, upper } = primal.variables.find(({ name }) => name === step.variable)!;
					if (row.relation === '=') expect(said).toContain('can be positive or negative');
					else if (lower && !upper && lower.equals(0)) expect(said).toMatch(/^Because \S+ ≥ 0/);
					else if (upper && !lower && upper.equals(0)) expect(said).toMatch(/^Because \S+ ≤ 0/);
				}
			}
		}),
		{ numRuns: 300 }
	);
	expect([...seen].sort()).toEqual(['column', 'objective', 'row']);
});

test('what is said of bounds, gaps, plans and certificates is so, and no pair of an optimum reads as one that cannot stand', () => {
	const claims = new Map<string, number>();
	const seen = { bound: 0, open: 0, best: 0, worse: 0 };
	const check = (sentences: readonly Sentence[]) =>
		sentences.forEach((own) => checkClaims(own, PROFILES[0].notation, claims));
	fc.assert(
		fc.property(
			anyProblem(),
			fc.array(fc.integer({ min: -2, max: 3 }), { minLength: 4 }),
			(problem, numbers) => {
				const answer = solveLinear(problem);
				const tried = new Map(problem.constraints.map(({ name }, i) => [name, rational(numbers[i])]));
				const bound = weakBound(problem, tried);
				check(combinationFound(problem, tried, bound).map((line) => dualWords(problem, line)));
				seen[bound.bound ? 'bound' : 'open'] += 1;
				if (answer.certificate) check([dualWords(problem, proofFound(answer.certificate))]);
				if (answer.status !== 'optimal' || !answer.duals) return;
				for (const pair of pairsOf(problem, answer.solution!, answer.duals))
					expect(plainText(dualWords(problem, pairFound(pair)))).not.toMatch(
						/and yet|though each|not allow|not feasible/
					);
				check([dualWords(problem, gapFound(answer.objective!, bound.bound ?? answer.objective!))]);
				for (const plan of [answer.solution!, new Map(problem.variables.map(({ name }) => [name, ZERO]))]) {
					const end = dualWords(problem, fromPlanFound(plan, fromPlan(problem, plan)).at(-1)!);
					check([end]);
					for (const own of claimsOf(end, PROFILES[0].notation))
						if (own.code === 'optimal-plan') seen[own.holds ? 'best' : 'worse'] += 1;
				}
			}
		),
		{ numRuns: 600 }
	);
	for (const count of [...Object.values(seen), ...claims.values()]) expect(count).toBeGreaterThan(10);
	expect([...claims.keys()].sort()).toEqual(['best', 'bound', 'optimal-plan', 'status']);
});

test('the numbers of two last tableaux, a certificate and a pair that cannot stand read as a teacher says them', () => {
	const problem = readStatement('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18').problem!;
	const { tableau } = solveLinear(problem);
	const written = writtenDual(problem, 'stated', 'y', 'kept');
	const dual = dualTableau(tableau!, solveLinear(written.dual.problem).tableau!, written);
	const said = (row: number | null, column: number | null) => {
		const twin = twinCell(dual, { row, column })!;
		return plainText(dualWords(problem, twinFound(tableau!, dual.tableau, { row, column }, twin)));
	};
	expect(said(null, null)).toBe(
		`Both have the value ${toText(objectiveValue(dual.tableau))}: neither can be better.`
	);
	const [x] = tableau!.form.columns.keys();
	expect(said(x, null)).toContain(`x has the value ${toText(columnValue(tableau!, x))} in the plan`);
	expect(said(null, tableau!.nonbasic[0])).toContain('in the dual it is the value of');
	expect(said(x, tableau!.nonbasic[0])).toMatch(
		/^Row x, column .+: in the dual row .+ Rows and columns have traded places\.$/
	);
	const none = readStatement('max z = x\na: x <= 1\nb: x >= 2').problem!;
	expect(plainText(dualWords(none, proofFound(solveLinear(none).certificate!)))).toMatch(
		/^No plan is feasible: .+ · a \+ .+ · b asks for more than any plan can give\./
	);
	const open = readStatement('min z = x - y\na: x >= 1').problem!;
	expect(plainText(dualWords(open, proofFound(solveLinear(open).certificate!)))).toMatch(
		/^z is unbounded: from any feasible plan one can change y by \S+, again and again, and it gets smaller without limit\./
	);
	const plan = new Map([
		['x', rational(1)],
		['y', rational(1)]
	]);
	const duals = new Map(['a', 'b', 'c'].map((name) => [name, rational(1)]));
	expect(pairsOf(problem, plan, duals).map((pair) => plainText(dualWords(problem, pairFound(pair)))))
		.toMatchInlineSnapshot(`
			[
			  "a has 3 left and yet the dual value 1. At an optimal plan one of the two is 0.",
			  "b has 10 left and yet the dual value 1. At an optimal plan one of the two is 0.",
			  "c has 13 left and yet the dual value 1. At an optimal plan one of the two is 0.",
			  "x is 1 away from its bound, though each unit of it brings 1 less than what it uses is worth. At an optimal plan one of the two is 0.",
			  "These dual values are not feasible: y would still improve z by 1 per unit.",
			]
		`);
});
