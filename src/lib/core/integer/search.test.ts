import { nodeWords, wayWords } from './messages';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem, bestOf } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { plainText } from '../sentence/sentence';
import { nodeFound, roundingFound, searchFound } from '../commentary/integer-findings';
import { integerWords } from '../commentary/words/integers';
import { compare, parseRational, rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { isFeasible, type Problem } from '../problem/types';
import { brokenAt, isAllowed } from '../problem/use';
import { beginSearch, branchAndBound } from './branch';
import { combined } from './combined';
import { compareWays, wholePoints } from './compare';
import { cuttingPlanes } from './cuts';
import { latticeConflict, provesNoWholePlan } from './lattice';
import { leafProof } from './proof';
import { roundings } from './rounding';
import type { Search } from './search';
import { BRANCHING_RULES, DIRECTIONS, NODE_RULES, type SearchRules } from './search-types';

const stated = (text: string): Problem => readStatement(text).problem!;
const LOADS = stated(
	'max profit = 5 bowls + 8 vases\nshelves: bowls + vases <= 6\nfiring: 5 bowls + 9 vases <= 45\nbowls, vases integer'
);

function begun(problem: Problem): Search | null {
	const start = beginSearch(problem, solveLinear(problem));
	return 'search' in start ? start.search : null;
}
/** Drives a search to its end by rules, open nodes closed by their parent's bound where that is enough. */
function driven(search: Search, rules: SearchRules): Search {
	while (search.advance(rules) !== null);
	return search;
}
const anyRules: fc.Arbitrary<SearchRules> = fc.record({
	node: fc.constantFrom(...NODE_RULES),
	branching: fc.constantFrom(...BRANCHING_RULES),
	first: fc.constantFrom(...DIRECTIONS)
});

describe('the search', () => {
	test('by any rules ends at the best of all whole points, and every leaf is proved by multipliers', () => {
		let leaves = 0;
		fc.assert(
			fc.property(anyProblem({ whole: true }), anyRules, (problem, rules) => {
				const search = begun(problem);
				if (!search) return;
				driven(search, rules);
				const points = wholePoints(problem, 5_000);
				if ('tooMany' in points) return;
				const best = bestOf(problem, points.feasible);
				expect(search.isDone).toBe(true);
				expect(search.incumbent === null).toBe(best === null);
				if (best) {
					expect(compare(search.incumbent!.objective, best)).toBe(0);
					expect(isAllowed(problem, search.incumbent!.solution)).toBe(true);
				}
				for (const { id, state, turn } of search.nodes) {
					if (state === 'branched') continue;
					expect(leafProof(search, id)).toMatchObject({ holds: true });
					if (turn > 0) leaves += 1;
				}
			}),
			{ numRuns: 200 }
		);
		expect(leaves).toBeGreaterThan(40);
	});

	test('a node’s relaxation from its parent’s tableau is that of the problem with its bounds', () => {
		fc.assert(
			fc.property(anyProblem({ whole: true, variables: 3 }), anyRules, (problem, rules) => {
				const search = begun(problem);
				if (!search) return;
				for (let i = 0; i < 12; i++) {
					const id = search.next(rules.node);
					if (id === null) break;
					search.solve(id);
					const { bound, solution } = search.nodes[id];
					const proof = { problem: withBounds(search, id) };
					const anew = solveLinear(proof.problem);
					expect(bound?.toFraction()).toBe(anew.objective?.toFraction());
					if (solution) expect(isFeasible(proof.problem, solution)).toBe(true);
					search.judge(id, rules);
				}
			}),
			{ numRuns: 150 }
		);
	});

	test('is done again from its decisions, with or without what the relaxations gave, and goes on as the first would', () => {
		let [branched, stopped] = [0, 0];
		fc.assert(
			fc.property(
				anyProblem({ whole: true, variables: 3 }),
				anyRules,
				fc.nat(12),
				fc.boolean(),
				(problem, rules, steps, isTold) => {
					const [first, again] = [begun(problem), begun(problem)];
					if (!first || !again) return;
					for (let i = 0; i < steps; i++) first.advance(rules);
					for (const decision of first.decisions) {
						const { bound, solution, fractional, pivots, turn } = first.nodes[decision.node];
						const found = { bound, solution, fractional, pivots };
						expect(again.take(decision, isTold && turn > 0 ? found : undefined)).toBe(true);
					}
					expect(again.nodes).toEqual(first.nodes);
					expect(again.pivots).toBe(first.pivots);
					if (!first.isDone) stopped += 1;
					driven(first, rules);
					driven(again, rules);
					expect(again.nodes).toEqual(first.nodes);
					expect(again.history).toEqual(first.history);
					expect(again.decisions).toEqual(first.decisions);
					branched += first.decisions.filter(({ split }) => split).length;
				}
			),
			{ numRuns: 200 }
		);
		expect(branched).toBeGreaterThan(20);
		expect(stopped).toBeGreaterThan(3);
		const search = begun(LOADS)!;
		expect(search.take({ node: 1 })).toBe(false);
		expect(search.take({ node: 0, split: 'plates' })).toBe(false);
		// solved, and waits for what follows
		expect(search.nodes[0].state).toBe('solved');
	});

	test('by hand: any open node, any fractional variable; what follows is known before it is shown', () => {
		const search = begun(LOADS)!;
		search.solve(0);
		expect(search.nodes[0]).toMatchObject({ state: 'solved', fractional: ['bowls', 'vases'] });
		expect(search.verdict(0)).toBe('branched');
		const rules: SearchRules = { node: 'depth-first', branching: 'first', first: 'up' };
		expect(search.judge(0, rules, 'vases')).toEqual([1, 2]);
		expect(search.nodes[1].branching).toMatchObject({ variable: 'vases', relation: '<=' });
		// up first: the newest is the upper one
		expect(search.next('depth-first')).toBe(2);
		expect(search.next('breadth-first')).toBe(1);
		search.solve(1);
		const told = nodeFound(search, search.nodes[1])
			.map((own) => plainText(integerWords(LOADS, own)))
			.join(' ');
		expect(told).toContain('Node 1: vases ≤ 3.');
		expect(told).toContain('Is it closed, and why, or is it branched on?');
		expect(
			searchFound(search)
				.map((own) => plainText(integerWords(LOADS, own)))
				.join(' ')
		).toBe('2 nodes solved, 1 open. There is no incumbent yet. No integer plan can be better than 41.');
	});

	test('the variable nearest to a half is branched on, wherever it stands', () => {
		for (const goal of ['x + y', 'y + x']) {
			const search = begun(stated(`max z = ${goal}\na: 2 x <= 5\nb: 4 y <= 5\nx, y integer`))!;
			search.solve(0);
			expect(search.nodes[0].fractional.length).toBe(2);
			expect(search.splitOf(0, 'most-fractional')).toBe('x');
		}
	});

	test('bounds that are not whole, and variables without any, are made ready first', () => {
		const search = begun(
			stated('max z = x + y\na: 2 x + 2 y <= 9\nx from 1/2 to 7/2\ny from 1/3\nx, y integer')
		)!;
		driven(search, { node: 'best-bound', branching: 'first', first: 'down' });
		expect(search.incumbent!.objective.toFraction()).toBe('4');
		const free = begun(
			stated('max z = 2 x - y\na: 3 x - 2 y <= 4\nb: x + y <= 5\nc: x - y >= -7\nx, y integer\nx, y free')
		);
		if (free) driven(free, { node: 'breadth-first', branching: 'most-fractional', first: 'up' });
		expect(free?.isDone).toBe(true);
	});
});

describe('whole variables that nothing bounds', () => {
	const whole = { lower: null, upper: null, domain: 'integer' as const };
	const line = fc.tuple(fc.constantFrom(-5, -3, -2, 2, 3, 4), fc.integer({ min: -12, max: 12 }));

	test('give the least of the greatest of some lines, at a whole x, however x is written', () => {
		let fractional = 0;
		fc.assert(
			fc.property(fc.array(line, { minLength: 2, maxLength: 4 }), anyRules, (lines, rules) => {
				const problem: Problem = {
					variables: [
						{ name: 'w', lower: null, upper: null, domain: 'continuous' },
						{ name: 'x', ...whole }
					],
					objective: { sense: 'min', name: 'z', terms: new Map([['w', rational(1)]]), constant: rational(0) },
					constraints: lines.map(([slope, height], i) => ({
						name: `r${i}`,
						terms: new Map([
							['w', rational(1)],
							['x', rational(-slope)]
						]),
						relation: '>=',
						rhs: rational(height)
					}))
				};
				const search = begun(problem);
				if (!search) return;
				driven(search, rules);
				const worst = (x: number) => Math.max(...lines.map(([slope, height]) => slope * x + height));
				const least = Math.min(...Array.from({ length: 81 }, (_, i) => worst(i - 40)));
				expect(search.incumbent!.objective.equals(least)).toBe(true);
				expect(isAllowed(problem, search.incumbent!.solution)).toBe(true);
				for (const { id, state } of search.nodes)
					if (state !== 'branched') expect(leafProof(search, id)!.holds).toBe(true);
				if (search.nodes[0].state === 'branched') fractional += 1;
			}),
			{ numRuns: 120 }
		);
		expect(fractional).toBeGreaterThan(20);
	});

	test('end where equations have no whole solution, with the combination; and are stopped where nothing ends them', () => {
		const free = 'x, y, u free\nx, y, u integer';
		const ended = (rows: string) => branchAndBound(stated(`max z = 6 x - 3 y\n${rows}\n${free}`));
		expect(ended('r: 6 x - 3 y = 10')).toMatchObject({ status: 'infeasible' });
		expect(cuttingPlanes(stated(`max z = x\nr: 6 x - 3 y = 10\n${free}`))).toMatchObject({
			status: 'infeasible'
		});
		const { reason, ...stopped } = ended('a: 3 x - 3 y <= 2\nb: 3 x - 3 y >= 1\nc: x + y <= 7');
		expect(stopped.status).toBe('stopped');
		expect(plainText(wayWords(reason!))).toContain('the region leaves x, y and u without an end');
		const search = begun(stated(`max z = 6 x - 3 y\nr: 6 x - 3 y = 10\n${free}`))!;
		driven(search, { node: 'best-bound', branching: 'first', first: 'down' });
		expect(plainText(nodeWords(search.nodes[0].why!))).toBe(
			'infeasible: 1/3 times r reads 2 x − y = 10/3: at integer plans the left side is a whole number, and 10/3 is none'
		);
		const proof = leafProof(search, 0)!;
		expect(proof.holds).toBe(true);
		const [part] = proof.lattice!.parts;
		const wrong = { ...proof.lattice!, parts: [{ ...part, multiplier: rational(1, 2) }] };
		expect(provesNoWholePlan(search.problem, wrong)).toBe(false);
	});

	test('equations have a whole solution exactly where no combination shows that they have none', () => {
		let none = 0;
		const number = fc.integer({ min: -4, max: 4 });
		const rows = fc.array(fc.tuple(number, number, number), { minLength: 2, maxLength: 2 });
		fc.assert(
			fc.property(rows, fc.integer({ min: 2, max: 5 }), (matrix, modulus) => {
				// modulo a number small enough to try all plans: a further variable takes the multiples of it
				const names = matrix.map((_, i) => `k${i}`);
				const problem: Problem = {
					variables: ['x', 'y', ...names].map((name) => ({ name, ...whole })),
					objective: { sense: 'max', name: 'z', terms: new Map(), constant: rational(0) },
					constraints: matrix.map(([a, b, c], i) => ({
						name: `r${i}`,
						terms: new Map(
							[
								['x', rational(a)] as const,
								['y', rational(b)] as const,
								[names[i], rational(modulus)] as const
							].filter(([, value]) => value.n !== 0n)
						),
						relation: '=',
						rhs: rational(c)
					}))
				};
				const residues = Array.from({ length: modulus }, (_, i) => i);
				const isSolvable = residues.some((x) =>
					residues.some((y) => matrix.every(([a, b, c]) => (a * x + b * y - c) % modulus === 0))
				);
				const conflict = latticeConflict(problem);
				expect(conflict === null).toBe(isSolvable);
				if (conflict) expect(provesNoWholePlan(problem, conflict)).toBe(true);
				if (conflict) none += 1;
			}),
			{ numRuns: 300 }
		);
		expect(none).toBeGreaterThan(20);
	});
});

function withBounds(search: Search, id: number): Problem {
	return search.branchingsOf(id).reduce<Problem>((problem, { variable, relation, value }, i) => {
		const row = { name: `branch ${i}`, terms: new Map([[variable, rational(1)]]), relation, rhs: value };
		return { ...problem, constraints: [...problem.constraints, row] };
	}, search.problem);
}

test('roundings are judged: what they break, and how far the feasible ones are from the best', () => {
	const plan = new Map([
		['bowls', parseRational('9/4')],
		['vases', parseRational('15/4')]
	]);
	const list = roundings(LOADS, plan, [
		new Map([
			['bowls', rational(0)],
			['vases', rational(5)]
		])
	]);
	expect(list).toHaveLength(5);
	expect(list[0]).toMatchObject({ isNearest: true });
	expect(list[0].broken.map(({ name, by }) => `${name} ${by.toFraction()}`)).toEqual(['firing 1']);
	expect(list.at(-1)).toMatchObject({ isPointed: true, broken: [] });
	// a whole plan has no roundings, and nothing is said of them
	expect(roundingFound(LOADS, [], rational(40))).toEqual([]);
	const told = roundingFound(LOADS, list.slice(0, 4), rational(40)).map((own) =>
		plainText(integerWords(LOADS, own))
	);
	expect(told).toEqual([
		'Rounding to the nearest leaves the region: it violates firing by 1.',
		'Rounding down stays in the region, but is worse than the best integer plan by 6.',
		'None of these roundings is optimal: profit = 40 is possible.'
	]);
	expect(brokenAt(LOADS, new Map([['bowls', rational(-1)]])).map(({ name }) => name)).toEqual(['bowls']);
});

test('composed cuts hold at every whole point, whatever the multipliers', () => {
	let cuts = 0;
	fc.assert(
		fc.property(
			anyProblem({ whole: true, variables: 2 }),
			fc.array(fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 1, max: 6 })), {
				minLength: 8,
				maxLength: 8
			}),
			(problem, numbers) => {
				const multipliers = new Map(
					problem.constraints.map(({ name, relation }, i) => {
						const [top, bottom] = numbers[i % numbers.length];
						return [name, rational(relation === '>=' ? -top : top, bottom)];
					})
				);
				const made = combined(problem, multipliers);
				const points = wholePoints(problem, 2_000);
				if ('kind' in made || 'tooMany' in points) return;
				cuts += 1;
				for (const plan of points.feasible) {
					const left = [...made.cut.terms].reduce(
						(sum, [name, value]) => sum.add(value.mul(plan.get(name)!)),
						rational(0)
					);
					expect(compare(left, made.cut.rhs)).not.toBe(1);
				}
			}
		),
		{ numRuns: 300 }
	);
	expect(cuts).toBeGreaterThan(50);
	const rows = stated('max z = x + y\na: 2 x + 2 y <= 5\nb: x >= 1\nx, y integer');
	expect(combined(rows, new Map([['b', rational(1)]]))).toMatchObject({ kind: 'sign', constraint: 'b' });
	expect(combined(rows, new Map())).toMatchObject({ kind: 'nothing' });
	const mixed = stated('max z = x + y\na: 2 x + 2 y <= 5\nx integer');
	expect(combined(mixed, new Map([['a', rational(1, 2)]]))).toMatchObject({
		kind: 'not-whole',
		variable: 'y'
	});
	const free = stated('max z = x\na: 2 x <= 5\nx free integer');
	expect(combined(free, new Map([['a', rational(1, 3)]]))).toMatchObject({ kind: 'no-bound', variable: 'x' });
	const half = combined(rows, new Map([['a', rational(1, 2)]]));
	expect('cut' in half && [...half.cut.terms.values(), half.cut.rhs].map(String)).toEqual(['1', '1', '2']);
});

test('the ways are compared: all come to the same best plan, and say what they took', () => {
	const told: string[] = [];
	const ways = compareWays(LOADS, {}, ({ way }) => told.push(way));
	expect(told).toEqual(['enumeration', 'branching', 'cuts', 'cuts-then-branching']);
	expect(ways.map(({ objective }) => objective?.toFraction())).toEqual(['40', '40', '40', '40']);
	expect(ways[0]).toMatchObject({ points: 42, pivots: null });
	expect(ways[1].nodes).toBeGreaterThan(3);
	expect(ways[2].rounds).toBeGreaterThan(0);
	const five = stated(
		'max z = 5 x + 4 y + 3 u\na: 2 x + 3 y + u <= 5\nb: 4 x + y + 2 u <= 11\nc: 3 x + 4 y + 2 u <= 8\nd: 7 x + 5 y + 6 u <= 17\nx, y, u integer'
	);
	const [, , cuts, both] = compareWays(five);
	expect([cuts.rounds! > 3, both.rounds, both.objective!.equals(cuts.objective!)]).toEqual([true, 3, true]);
	// the third round has its pivots: where it is enough, nothing is branched on
	const three = stated('max z = x + 5 y\na: 6 x + 7 y <= 9\nb: x + y <= 36\nx, y integer');
	expect(compareWays(three).at(-1)).toMatchObject({ status: 'optimal', rounds: 3, nodes: 0, pivots: 4 });
	const [endless] = compareWays(stated('max z = x\na: x - y <= 1\nx, y integer'), { maxSteps: 200 });
	expect(endless).toMatchObject({ way: 'enumeration', status: 'impossible' });
});
