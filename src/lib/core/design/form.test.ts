import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners } from '../../../../tests/support/problems';
import { answerDesign } from '../api/design';
import { answerRegion } from '../api/region';
import { solveLinear } from '../answer/answer';
import { isZero, rational } from '../number/rational';
import { writeProblem } from '../problem/codec';
import { readProblem } from '../problem/json';
import type { Problem } from '../problem/types';
import { bindsAt } from '../problem/use';
import { Candidate } from './candidate';
import { problemOfDraft } from './draft';
import { FORM_PARTS, type ProblemDraft, type Wish, type WishName } from './types';
import { planeOf } from './plane';
import { kindOfWish } from './wishes/kinds';

const looks = (most: number) => () => {
	let left = most;
	return { shouldStop: () => (left-- > 0 ? null : ({ code: 'long' } as const)) };
};
const found = (request: object, most = 6_000): Problem[] =>
	answerDesign(request, looks(most)).problems.map(({ problem }) =>
		readProblem(JSON.parse(JSON.stringify(problem)), '')
	);

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? (a < 0n ? -a : a) : gcd(b, a % b));
const size = (value: bigint) => (value < 0n ? -value : value);

/** Good form by other routes than the designer's: the region of the API, corners enumerated, ratios of coefficients. */
function expectTidy(problem: Problem): void {
	const names = problem.variables.map(({ name }) => name);
	const rows = problem.constraints.map(({ terms }) => names.map((name) => terms.get(name) ?? rational(0)));
	const isWhole = problem.variables[0].domain === 'integer';
	expect(answerRegion({ problem: writeProblem(problem) }).redundant).toEqual([]);
	rows.forEach((row, i) => {
		const { rhs } = problem.constraints[i];
		expect(isZero(rhs)).toBe(false);
		const used = row.filter((value) => !isZero(value));
		if (used.length === 1) expect(size(used[0].n)).toBe(1n);
		else expect([...row, ...(isWhole ? [rhs] : [])].reduce((own, { n }) => gcd(own, n), 0n)).toBe(1n);
		for (const other of rows.slice(0, i)) {
			const minors = row.flatMap((a, j) => row.map((_, k) => a.mul(other[k]).sub(row[k].mul(other[j]))));
			expect(minors.every(isZero)).toBe(false);
		}
	});
	expect(
		rows.filter((row) => row.filter((value) => !isZero(value)).length === 1).length * 2
	).toBeLessThanOrEqual(rows.length);
	expect(names.every((name) => problem.objective.terms.has(name))).toBe(true);
	const { status, solution } = solveLinear(problem, { method: 'two-phase' });
	if (status !== 'optimal') return;
	const { unique } = new Candidate(problem).best!;
	if (unique) expect([...solution!.values()].some(isZero)).toBe(false);
	if (problem.constraints.length > 4) return;
	const corners = allCorners(problem).map((plan) => names.map((name) => plan.get(name)!));
	const reach = names.map((_, j) => {
		const along = corners.map((at) => Number(at[j].valueOf()));
		return Math.max(...along) - Math.min(...along) || 1;
	});
	corners.forEach((p, i) =>
		corners.slice(0, i).forEach((q) => {
			const apart = Math.hypot(...p.map((value, j) => Number(value.sub(q[j]).valueOf()) / reach[j]));
			expect(apart).toBeGreaterThan(0.0799);
		})
	);
}
test('finds are in good form unless it is not asked for, whatever is wished', () => {
	const wishes: Wish[][] = [
		[],
		[{ kind: 'answer', is: 'unique' }, { kind: 'whole-plan' }, { kind: 'pivots', atMost: 4 }],
		[{ kind: 'answer', is: 'several' }],
		[{ kind: 'answer', is: 'unbounded' }],
		[{ kind: 'fractional' }, { kind: 'rounding', is: 'infeasible' }],
		[{ kind: 'artificial', exactly: 1 }]
	];
	let count = 0;
	fc.assert(
		fc.property(
			fc.constantFrom(...wishes),
			fc.constantFrom([2, 3], [2, 5], [3, 3]),
			fc.integer({ min: 1, max: 1e6 }),
			(own, [variables, constraints], seed) => {
				for (const problem of found({ variables, constraints, wishes: own, seed, count: 2 }, 1_500)) {
					expectTidy(problem);
					count += 1;
				}
			}
		),
		{ numRuns: 40 }
	);
	expect(count).toBeGreaterThan(50);
	const any = found({ variables: 2, constraints: 4, form: 'any', seed: 5, count: 20 });
	expect(any.length).toBe(20);
	expect(any.some((problem) => answerRegion({ problem: writeProblem(problem) }).redundant.length > 0)).toBe(
		true
	);
});

test('a part that a wish or the request contradicts is not asked for', () => {
	const isFound = (request: object) =>
		found({ constraints: 3, variables: 2, count: 1, ...request }).length === 1;
	expect(isFound({ wishes: [{ kind: 'redundant', is: true }] })).toBe(true);
	expect(isFound({ wishes: [{ kind: 'degenerate', is: true }] })).toBe(true);
	expect(isFound({ wishes: [{ kind: 'answer', is: 'infeasible' }] })).toBe(true);
	expect(isFound({ wishes: [{ kind: 'pivots', exactly: 1 }] })).toBe(true);
	expect(isFound({ wishes: [{ kind: 'zero-step' }] })).toBe(true);
	expect(isFound({ plan: { point: [0, 4], shall: 'best' } })).toBe(true);
	expect(isFound({ sense: 'min', relations: ['<=', '<=', '<='] })).toBe(true);
	expect(isFound({ wishes: [{ kind: 'corners', exactly: 3 }], relations: ['<=', '<=', '<='] })).toBe(true);
});

test('the finds of one search do not all look alike', () => {
	const shapes = found({ variables: 2, constraints: 3, wishes: [{ kind: 'whole-plan' }], count: 8 }).map(
		(problem) => {
			const { solution } = solveLinear(problem);
			return problem.constraints
				.map((row) => `${[...row.terms.keys()].sort().join()}${row.relation}${bindsAt(row, solution!)}`)
				.sort()
				.join(' ');
		}
	);
	expect(new Set(shapes).size).toBeGreaterThanOrEqual(5);
});

test('a part can be asked for alone, and what is no part is refused', () => {
	const request = { variables: 2, constraints: 4, form: ['common-factor'], count: 12 };
	for (const { constraints } of found(request))
		for (const { terms, rhs } of constraints.filter((row) => row.terms.size > 1))
			expect([...terms.values(), rhs].reduce((own, { n }) => gcd(own, n), 0n)).toBe(1n);
	expect(() => found({ ...request, form: 'neat' })).toThrow('must be tidy, any, or a list');
	expect(() => found({ ...request, form: ['neat'] })).toThrow(FORM_PARTS.join(', '));
});

test('the plane in whole numbers sees what the exact region shows', () => {
	const number = fc.integer({ min: -4, max: 6 });
	const draft = fc
		.integer({ min: 1, max: 4 })
		.chain((m) =>
			fc.record({
				rows: fc.array(fc.tuple(number, number), { minLength: m, maxLength: m }),
				relations: fc.array(fc.constantFrom<'<=' | '>=' | '='>('<=', '<=', '>=', '='), {
					minLength: m,
					maxLength: m
				}),
				rhs: fc.array(fc.integer({ min: 0, max: 12 }), { minLength: m, maxLength: m }),
				costs: fc.tuple(number, number)
			})
		)
		.filter(({ rows, costs }) => [...rows, costs].every((row) => row.some((value) => value !== 0)));
	const KINDS: readonly WishName[] = [
		'answer',
		'whole-plan',
		'whole-corners',
		'bounded',
		'degenerate',
		'corners'
	];
	const seen = new Map<string, number>();
	fc.assert(
		fc.property(draft, fc.constantFrom('max', 'min'), (own, sense) => {
			const plane = planeOf(own as unknown as ProblemDraft, sense as 'max')!;
			const request = { variables: 2, sense: sense as 'max', wishes: [] };
			const candidate = new Candidate(problemOfDraft(own as unknown as ProblemDraft, request));
			const { redundant } = answerRegion({ problem: writeProblem(candidate.problem) });
			if (plane.idle) expect(plane.idle.map((i) => `r${i + 1}`)).toEqual(redundant);
			const wishes: Wish[] = [
				...KINDS.filter((kind) => kind !== 'corners').map((kind) => kindOfWish(kind).first as Wish),
				{ kind: 'answer', is: 'several' },
				{ kind: 'answer', is: 'infeasible' },
				{ kind: 'answer', is: 'unbounded' },
				{ kind: 'corners', exactly: 3 },
				{ kind: 'degenerate', is: false }
			];
			for (const wish of wishes) {
				const quick = kindOfWish(wish.kind).quickly?.(plane, wish as never);
				const exact = kindOfWish(wish.kind).decide(candidate, wish as never, request as never) !== null;
				if (quick === undefined) continue;
				seen.set(`${wish.kind} ${exact}`, (seen.get(`${wish.kind} ${exact}`) ?? 0) + 1);
				expect(quick, JSON.stringify(wish)).toBe(exact);
			}
		}),
		{ numRuns: 600 }
	);
	for (const kind of KINDS) expect(seen.get(`${kind} false`)).toBeGreaterThan(20);
	expect(planeOf({ rows: [[1000, 1]], relations: ['<='], rhs: [1], costs: [1, 1] }, 'max')).toBeNull();
});

test('where numbers, relations or sizes leave no room for good form, finds come all the same', () => {
	const requests: object[] = [
		{ numbers: { from: 1, to: 1 } },
		{ numbers: { from: 0, to: 1 }, constraints: 5 },
		{ numbers: { from: -9, to: -1 } },
		{ numbers: { from: 2, to: 2 } },
		{ numbers: { from: 0, to: 9, rhs: 1 } },
		{ numbers: { from: 0, to: 1000, rhs: 100_000 } },
		{ sense: 'min', relations: ['=', '=', '='] },
		{ wishes: [{ kind: 'zeros', atLeast: 3 }] },
		{ constraints: 8, relations: Array(8).fill('<=') }
	];
	for (const request of requests)
		expect([
			request,
			found({ variables: 2, constraints: 3, seed: 3, count: 1, ...request }, 30_000).length
		]).toEqual([request, 1]);
});
