import { offerWords } from '../commentary/words/offer';
import { whyNoCut } from './cut';
import { noCutWords, refusalParagraph } from './messages';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { certify } from '../answer/certificate';
import { checkCertificate } from '../answer/check';
import { standingProblem } from '../answer/multipliers';
import { remarkWords } from '../commentary/messages';
import { plainText, paragraphText } from '../sentence/sentence';
import { standRemarks } from '../commentary/stand';
import { wholeHull } from '../geometry/hull';
import { branchAndBound } from '../integer/branch';
import { wholePoints } from '../integer/compare';
import { isWhole } from '../problem/whole';
import { decide } from '../method/decide';
import { DANTZIG } from '../method/rule';
import { compare } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, type Plan, type Problem } from '../problem/types';
import { columnOf, objectiveValue, readPlan, rhs } from '../tableau/tableau';
import { offers, perform, tell } from './kinds';
import { moveOf } from './next';
import { stated, type Position } from '../position/position';
import type { Stop } from './replay';
import { roundsOf, touchOf } from './rounds';
import type { Move } from './types';

/** Moves one after the other, with the stops they led to. */
class Walk {
	readonly stops: Stop[];
	constructor(problem: Problem) {
		this.stops = [{ node: { id: 0, parent: null, move: null }, position: stated(problem) }];
	}
	get at(): Position {
		return this.stops.at(-1)!.position;
	}
	get told(): string {
		const [before, now] = this.stops.slice(-2);
		return paragraphText(remarkWords(tell(before.position, now.node.move!, now.position)));
	}
	/** what a move that cannot be made is answered; null where it was made */
	take(move: Move): string | null {
		const result = perform(this.at, move);
		if (!result.ok) return paragraphText(refusalParagraph(result.why));
		const id = this.stops.length;
		this.stops.push({ node: { id, parent: id - 1, move }, position: result.position });
		return null;
	}
	begin(): this {
		this.take({ kind: 'begin', way: 'auto', equalities: 'one-row' });
		return this.solve();
	}
	/** pivots by rule to the end */
	solve(): this {
		for (let i = 0; i < 60; i++) {
			const work = this.at.work!;
			const move = moveOf(work, decide(work, DANTZIG), 'dantzig');
			if (!move) break;
			this.take(move);
		}
		return this;
	}
	get plan(): Plan {
		return readPlan(this.at.work!.tableau);
	}
	get ended(): string | null {
		const decision = decide(this.at.work!, DANTZIG);
		return decision.kind === 'end' ? decision.end.status : null;
	}
}
const of = (text: string) => readStatement(text).problem!;
const LOADS = of(
	'max profit = 5 bowls + 8 vases\nshelves: bowls + vases <= 6\nfiring: 5 bowls + 9 vases <= 45\nbowls, vases integer'
);

test('after cuts and branches the multipliers prove the answer from the rows that stand there, each by its own name', () => {
	const proved = { optimal: 0, infeasible: 0, cut: 0 };
	fc.assert(
		fc.property(anyProblem({ whole: true }), fc.array(fc.nat(), { maxLength: 6 }), (problem, choices) => {
			const walk = new Walk(problem);
			if (offers(walk.at, DANTZIG).some(({ move }) => move.kind === 'inward')) walk.take({ kind: 'inward' });
			walk.begin();
			for (const pick of choices) {
				const ways = offers(walk.at, DANTZIG).filter(
					({ move }) => move.kind === 'cut' || move.kind === 'branch'
				);
				if (ways.length === 0) break;
				walk.take(ways[pick % ways.length].move);
				walk.solve();
			}
			const decision = decide(walk.at.work!, DANTZIG);
			if (decision.kind !== 'end' || decision.end.status === 'unbounded') return;
			const standing = standingProblem(decision.end.tableau.form)!;
			const certificate = certify(decision.end)!;
			expect(checkCertificate(standing, certificate)).toBe(true);
			if (certificate.kind === 'unbounded') return;
			proved[certificate.kind] += 1;
			const used = [...certificate.multipliers].filter(([, value]) => value.n !== 0n);
			if (used.some(([name]) => name.startsWith('cut '))) proved.cut += 1;
		}),
		{ numRuns: 600 }
	);
	for (const count of Object.values(proved)) expect(count).toBeGreaterThan(8);
	const walk = new Walk(of('max z = x\nr: 2 x <= 1\nq: 3 x >= 1\nx to 9 integer')).begin();
	walk.take(offers(walk.at, DANTZIG).find(({ move }) => move.kind === 'cut')!.move);
	walk.solve();
	const [{ sentences }] = standRemarks(walk.at, decide(walk.at.work!, DANTZIG), []).map(remarkWords);
	expect(plainText(sentences.at(-1)!)).toBe(
		'Take q and −3 times cut 1, and add them: 0 ≥ 1, which is never true. So there is no feasible plan.'
	);
});

test('cuts of every kind on every path hold at all whole points and fail at the point they were made for', () => {
	let made = 0;
	fc.assert(
		fc.property(
			anyProblem({ whole: true }),
			fc.array(
				fc.tuple(fc.nat(), fc.constantFrom(undefined, 'fractional' as const, 'mixed-integer' as const)),
				{
					minLength: 1,
					maxLength: 4
				}
			),
			(problem, choices) => {
				const points = wholePoints(problem, 2_000);
				if ('tooMany' in points) return;
				const walk = new Walk(problem);
				if (offers(walk.at, DANTZIG).some(({ move }) => move.kind === 'inward'))
					walk.take({ kind: 'inward' });
				walk.begin();
				for (const [pick, cut] of choices) {
					const rows = offers(walk.at, DANTZIG).flatMap(({ move }) => (move.kind === 'cut' ? [move] : []));
					if (rows.length === 0) return;
					const { plan } = walk;
					const refused = walk.take({ ...rows[pick % rows.length], ...(cut ? { cut } : {}) });
					if (refused) {
						expect([cut, refused]).toEqual(['fractional', expect.stringContaining('need not be whole')]);
						return;
					}
					const { original } = walk.at.cuts.at(-1)!;
					if (!original) return;
					made += 1;
					const keeps = (own: Plan) =>
						compare(evaluate(original.terms, own), original.rhs) * (original.relation === '>=' ? 1 : -1) >= 0;
					for (const point of points.feasible) expect(keeps(point)).toBe(true);
					expect(keeps(plan)).toBe(false);
					expect(walk.told).toContain('The present point violates it by');
					walk.solve();
					if (walk.ended !== 'optimal') return;
				}
			}
		),
		{ numRuns: 400 }
	);
	expect(made).toBeGreaterThan(30);
});

test('a cut is told line by line: the row, its parts, the argument, and the author’s variables', () => {
	const walk = new Walk(LOADS).begin();
	expect(walk.take({ kind: 'cut', row: 'x:bowls' })).toBeNull();
	for (const line of [
		'The row as an equation: bowls + 9/4 s1 − 1/4 s2 = 9/4.',
		'Whole parts to the left, parts from 0 up to 1 to the right: bowls + 2 s1 − s2 − 2 = 1/4 − 1/4 s1 − 3/4 s2.',
		'At an integer plan the left side is a whole number, so the right side is one, too. It is at most 1/4, which is below 1: so it is at most 0.',
		'In it, s1 = 6 − bowls − vases and s2 = 45 − 5 bowls − 9 vases.',
		'In the variables of the problem: 4 bowls + 7 vases ≤ 35.',
		'Its slack c1 = −1/4 is basic and negative; the dual simplex method goes on.'
	])
		expect(walk.told).toContain(line);
	walk.solve();
	expect(walk.told).toContain(
		'This is a corner that the cuts made, (7/3, 11/3) where shelves and cut 1 meet.'
	);
	const halves = new Walk(of('max z = x + y\na: 1/2 x + 1/3 y <= 7/4\nb: x <= 5/2\nx, y integer')).begin();
	const [first] = offers(halves.at, DANTZIG).filter(({ move }) => move.kind === 'cut');
	halves.take(first.move);
	expect(halves.told).toContain('multiplied to whole coefficients');
});

describe('branches', () => {
	test('add one bound, lose no integer plan together, and end where the problem with that bound ends', () => {
		const walk = new Walk(LOADS).begin();
		const branches = offers(walk.at, DANTZIG).filter(({ move }) => move.kind === 'branch');
		expect(branches.map(({ found }) => plainText(offerWords(found)))).toEqual([
			'Branch: bowls ≤ 2',
			'Branch: bowls ≥ 3',
			'Branch: vases ≤ 3',
			'Branch: vases ≥ 4'
		]);
		walk.take(branches[1].move);
		expect(walk.told).toContain('bowls = 9/4 is not whole.');
		expect(walk.told).toContain('can be no better than 165/4');
		walk.solve();
		expect([
			objectiveValue(walk.at.work!.tableau).toFraction(),
			walk.plan.get('bowls')!.toFraction()
		]).toEqual(['39', '3']);
		expect(walk.at.problem.constraints.at(-1)!.name).toBe('bowls ≥ 3');
	});
	test('what is no branch is refused', () => {
		const walk = new Walk(of('max z = x + y\na: 2 x + 2 y <= 5\nx integer'));
		const branch = (variable: string, value: string): Move => ({
			kind: 'branch',
			variable,
			relation: '<=',
			value
		});
		expect(walk.take(branch('x', '1'))).toContain('Choose a way to start first');
		walk.take({ kind: 'begin', way: 'primal', equalities: 'one-row' });
		expect(walk.take(branch('x', '1'))).toContain('not optimal');
		walk.solve();
		expect(walk.take(branch('y', '1'))).toContain('need not be whole');
		expect(walk.take(branch('x', '1/2'))).toContain('takes a whole number');
		expect(walk.take(branch('q', '1'))).toContain('q');
		expect(walk.take(branch('x', '1'))).toBeNull();
		walk.solve();
		expect(walk.take(branch('x', '1'))).toContain('holds here already');
	});
	test('after cuts they are possible, too: cuts at the root, then branching', () => {
		const walk = new Walk(LOADS).begin();
		walk.take({ kind: 'cut', row: 'objective' });
		walk.solve();
		const [branch] = offers(walk.at, DANTZIG).filter(({ move }) => move.kind === 'branch');
		expect(walk.take(branch.move)).toBeNull();
		walk.solve();
		for (const [row, column] of walk.at.work!.tableau.basis.entries())
			expect([
				columnOf(walk.at.work!.tableau, column).name,
				rhs(walk.at.work!.tableau, row).s >= 0n
			]).toContain(true);
	});
});

test('cuts that do not bind any more are dropped, and the tableau stays that of the same point', () => {
	const walk = new Walk(LOADS).begin();
	for (let i = 0; i < 2; i++) {
		walk.take(offers(walk.at, DANTZIG).find(({ move }) => move.kind === 'cut')!.move);
		walk.solve();
	}
	const { plan } = walk;
	const value = objectiveValue(walk.at.work!.tableau);
	const canDrop = () => offers(walk.at, DANTZIG).some(({ move }) => move.kind === 'drop');
	expect(canDrop()).toBe(true);
	expect(walk.take({ kind: 'drop' })).toBeNull();
	expect(canDrop()).toBe(false);
	expect(walk.told).toContain('satisfies it with room to spare');
	expect(walk.at.cuts.map(({ dropped }) => dropped ?? false)).toEqual([true, false]);
	expect(walk.plan).toEqual(plan);
	expect(objectiveValue(walk.at.work!.tableau).equals(value)).toBe(true);
	expect(walk.take({ kind: 'drop' })).toContain('still binds');
	// the run goes on from there to the same integer plan
	for (let i = 0; i < 12 && walk.ended === 'optimal'; i++) {
		const cut = offers(walk.at, DANTZIG).find(({ move }) => move.kind === 'cut');
		if (!cut) break;
		walk.take(cut.move);
		walk.solve();
	}
	expect(objectiveValue(walk.at.work!.tableau).toFraction()).toBe('40');
});

test('why a relaxation that is solved gives no cut', () => {
	const why = (text: string) => {
		const walk = new Walk(readStatement(text).problem!).begin();
		return whyNoCut(walk.at, walk.ended as 'optimal');
	};
	expect(why('max z = x\na: x >= 1/2\nx integer').code).toBe('nothing-to-cut-off');
	expect(why('max z = x\na: x >= 3\nb: x <= 2\nx integer').code).toBe('no-plan-at-all');
	expect(why('max z = x + y\na: x + y <= 2\nx, y integer').code).toBe('all-whole');
	const split = why('max z = x + y\na: 2 x + 2 y <= 5\nb: x - y <= 1\nx free\nx, y integer');
	expect(split).toEqual({ code: 'columns-not-whole', variables: ['x'] });
	expect(plainText(noCutWords(split))).toContain(
		'x is measured from a bound that is not whole, or split in two'
	);
	// x is not whole in any plan: cuts leave nothing
	const walk = new Walk(readStatement('max z = x\na: 3 x = 2\nx integer').problem!).begin();
	walk.take(offers(walk.at, DANTZIG).find(({ move }) => move.kind === 'cut')!.move);
	walk.solve();
	expect(whyNoCut(walk.at, walk.ended as 'optimal').code).toBe('cuts-leave-nothing');
});

test('composed cuts, bounds rounded inward, and what is refused', () => {
	const walk = new Walk(LOADS).begin();
	expect(walk.take({ kind: 'combine', multipliers: { shelves: '-1' } })).toContain('must not be negative');
	expect(walk.take({ kind: 'combine', multipliers: { shelves: 'much' } })).toContain('What was written');
	expect(walk.take({ kind: 'combine', multipliers: { shelves: '9/4', firing: '1/4' } })).toBeNull();
	expect(walk.told).toContain('9/4 times shelves and 1/4 times firing, added: 7/2 bowls + 9/2 vases ≤ 99/4.');
	expect(walk.told).toContain('Coefficients rounded down');
	const idle = new Walk(LOADS).begin();
	expect(idle.take({ kind: 'combine', multipliers: { shelves: '1' } })).toBeNull();
	expect(idle.told).toMatch(/this cut does not cut it off\. Its slack \S+ = \d+ is basic\.$/);
	const bounded = new Walk(of('max z = x\na: 2 x + y <= 9\nx from 1/2 to 7/2\nx, y integer'));
	bounded.begin();
	expect(bounded.take({ kind: 'cut', row: 'x:x' })).toContain('Begin anew with whole bounds');
	expect(bounded.take({ kind: 'inward' })).toContain('Go back to the problem as stated');
	const anew = new Walk(of('max z = x\na: 2 x + y <= 9\nx from 1/2 to 7/2\nx, y integer'));
	expect(anew.take({ kind: 'inward' })).toBeNull();
	expect(anew.told).toContain('x ≥ 1/2 becomes x ≥ 1 and x ≤ 7/2 becomes x ≤ 3.');
	expect(anew.begin().plan.get('x')!.toFraction()).toBe('3');
	// a variable without bounds is split in two, unless the constraints imply one
	const free = 'max z = 2 x - y\na: 3 x - 2 y <= 4\nb: x + y <= 5\nc: x - y >= -7\nx, y free integer';
	const split = new Walk(of(free)).begin();
	split.solve();
	expect(split.take({ kind: 'cut', row: 'objective' })).toContain('split in two');
	const implied = new Walk(of(free));
	expect(implied.take({ kind: 'inward' })).toBeNull();
	expect(implied.told).toContain('The constraints imply x ≤ 3 and y ≤ 6: said as a bound');
	implied.begin().solve();
	for (let i = 0; i < 30 && !isWhole(implied.at.problem, implied.plan); i++) {
		const cut = offers(implied.at, DANTZIG).find(({ move }) => move.kind === 'cut')!;
		expect(implied.take(cut.move)).toBeNull();
		implied.solve();
	}
	expect(objectiveValue(implied.at.work!.tableau).toFraction()).toBe(
		branchAndBound(of(free)).objective!.toFraction()
	);
	const mixed = new Walk(of('max z = 2 x + y\na: 2 x + 3 y <= 7\nx integer')).begin();
	expect(mixed.take({ kind: 'cut', row: 'x:x', cut: 'fractional' })).toContain('Take the mixed-integer cut.');
	expect(mixed.take({ kind: 'cut', row: 'x:x' })).toBeNull();
	expect(mixed.told).toContain('is rounded down or up');
});

test('the record of rounds has the bound after each cut, and how close it comes to the hull', () => {
	const walk = new Walk(
		of('max v = vases\nshelves: 3 bowls + 2 vases <= 6\nsets: -3 bowls + 2 vases <= 0\nbowls, vases integer')
	).begin();
	walk.take({ kind: 'cut', row: 'x:vases' });
	expect(roundsOf(walk.stops)).toMatchObject([{ number: 1, after: null }]);
	walk.solve();
	const rounds = roundsOf(walk.stops);
	expect([rounds[0].before, rounds[0].after].map((value) => value!.toFraction())).toEqual(['3/2', '1']);
	expect(touchOf(walk.at.problem, wholeHull(walk.at.problem)!, rounds[0].cut)).toBe('touches');
});

test('a cut composed before the relaxation is solved has no bound yet, and the method goes on from it', () => {
	const walk = new Walk(LOADS);
	walk.take({ kind: 'begin', way: 'auto', equalities: 'one-row' });
	expect(walk.take({ kind: 'combine', multipliers: { shelves: '1/2' } })).toBeNull();
	expect(roundsOf(walk.stops)[0]).toMatchObject({ before: null, after: null });
	walk.solve();
	expect(walk.ended).toBe('optimal');
	expect(roundsOf(walk.stops)[0].after).not.toBeNull();
});

test('other best plans are told where the plan can move, and only there', () => {
	const told = (text: string) => {
		const walk = new Walk(of(text)).begin();
		return paragraphText(remarkWords(standRemarks(walk.at, decide(walk.at.work!, DANTZIG), [])[0]));
	};
	expect(told('max z = y\na: y <= 3\nb: x + y = 5\nx free')).not.toContain('as good');
	expect(told('max z = 2 x + 2 y\na: x + y <= 4\nb: x <= 3')).toContain('so other plans are as good');
	expect(told('max z = x + y\na: x + y <= 0')).toContain('here the step has length 0');
});
