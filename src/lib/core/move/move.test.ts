import { refusalParagraph } from './messages';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { checkCertificate } from '../answer/check';
import { certify } from '../answer/certificate';
import { paragraphText } from '../sentence/sentence';
import { echelon } from '../number/linear-algebra';
import { decide } from '../method/decide';
import { run } from '../method/run';
import { BLAND, DANTZIG } from '../method/rule';
import { compare, ONE, rational, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate } from '../problem/types';
import { INFEASIBILITY, type Goal } from '../tableau/goal';
import {
	columnOf,
	cost,
	entry,
	goalValue,
	hasGoal,
	objectiveValue,
	readPlan,
	rhs,
	type Tableau
} from '../tableau/tableau';
import { labelOf, offers, perform, tell } from './kinds';
import { moveOf } from './next';
import { pivotMove } from './pivot';
import { stated, type Position } from '../position/position';
import { cameBackTo, replay } from './replay';
import { extend, isSoundTrail, pathTo, withoutBranch, type Trail } from './trail';
import type { Move } from './types';

const numbers = fc.array(fc.nat(1000), { minLength: 6, maxLength: 18 });

/** A move that could be made here, picked by a number: offered, a pivot by hand, or a number changed. */
function pick(position: Position, n: number): Move {
	const offered = offers(position, n % 2 ? DANTZIG : BLAND);
	const { work } = position;
	const kind = n % 5;
	if (!work || (kind < 2 && offered.length > 0)) return offered[n % offered.length].move;
	const t = work.tableau;
	if (kind < 4 && t.nonbasic.length > 0 && t.basis.length > 0)
		return pivotMove(work, t.nonbasic[n % t.nonbasic.length], t.basis[(n >> 3) % t.basis.length], 'hand');
	const { constraints, variables } = position.problem;
	const value = String((n % 13) - 3);
	if (n % 3 === 0 && constraints.length > 0)
		return { kind: 'change', change: { rhs: constraints[n % constraints.length].name, value } };
	const { name } = variables[n % variables.length];
	if (n % 3 === 1) return { kind: 'change', change: { cost: name, value } };
	const relation = (['<=', '>=', '='] as const)[n % 3];
	return {
		kind: 'change',
		change: { add: { name: `added${n}`, terms: { [name]: '2' }, relation, rhs: value } }
	};
}

const shown = (rows: readonly (readonly Rational[])[], width: number): string =>
	echelon(rows, width)
		.rows.map((row) => row.map((v) => v.toFraction()).join(' '))
		.join('\n');

/** A tableau says what its form says, row for row taken together; and its objective rows what their goals say. */
function expectEquivalent(t: Tableau): void {
	const width = t.form.columns.length;
	const columns = t.form.columns.map((_, j) => j);
	const own = t.basis.map((_, i) => [...columns.map((j) => entry(t, i, j)), rhs(t, i)]);
	const form = t.form.rows.map((row) => [...columns.map((j) => row.entries.get(j) ?? ZERO), row.rhs]);
	expect(shown(own, width + 1)).toBe(shown(form, width + 1));
	for (const goal of t.goals) {
		const c = (j: number) =>
			goal.kind === 'objective'
				? (t.form.costs.get(j) ?? ZERO)
				: columnOf(t, j).kind === 'artificial'
					? ONE.neg()
					: ZERO;
		const priced = (of: (row: number) => Rational) =>
			t.basis.reduce((sum, basic, row) => sum.add(c(basic).mul(of(row))), ZERO);
		for (const j of columns)
			expect(cost(t, goal, j).equals(priced((row) => entry(t, row, j)).sub(c(j)))).toBe(true);
		const constant = goal.kind === 'objective' ? t.form.constant : ZERO;
		expect(goalValue(t, goal as Goal).equals(priced((row) => rhs(t, row)).add(constant))).toBe(true);
	}
}

test('any moves in any order: every tableau says what the problem says, and a rule ends what hands began', () => {
	const seen: Record<string, number> = {};
	fc.assert(
		fc.property(anyProblem(), numbers, (problem, acts) => {
			let position = stated(problem);
			for (const n of acts) {
				const move = pick(position, n);
				const result = perform(position, move);
				seen[result.ok ? move.kind : 'refused'] = (seen[result.ok ? move.kind : 'refused'] ?? 0) + 1;
				if (!result.ok) {
					expect(paragraphText(refusalParagraph(result.why)).length).toBeGreaterThan(10);
					continue;
				}
				expect(tell(position, move, result.position).found.length).toBeGreaterThan(0);
				({ position } = result);
				expectEquivalent(position.work!.tableau);
				const { tableau } = position.work!;
				const plan = readPlan(tableau);
				const { terms, constant } = position.problem.objective;
				expect(objectiveValue(tableau).equals(evaluate(terms, plan, constant))).toBe(true);
			}
			if (!position.work || position.cuts.length > 0) return;
			const steps = run(position.work, { entering: 'bland', ties: 'lexicographic' });
			let last = steps.next();
			for (let i = 0; !last.done && i < 400; i++) last = steps.next();
			expect(last.done).toBe(true);
			if (!last.done || last.value.status === 'cycle') throw new Error('a run by Bland’s rule did not end');
			const answer = solveLinear(position.problem);
			expect(last.value.status).toBe(answer.status);
			expect(checkCertificate(position.problem, certify(last.value)!)).toBe(true);
			if (answer.objective) expect(compare(objectiveValue(last.value.tableau), answer.objective)).toBe(0);
		}),
		{ numRuns: 1000 }
	);
	for (const kind of ['begin', 'pivot', 'phase', 'artificial', 'change', 'refused'])
		expect([kind, (seen[kind] ?? 0) > 40]).toEqual([kind, true]);
});

test('what was done is done again from the kept moves, through JSON', () => {
	fc.assert(
		fc.property(anyProblem({ whole: true }), numbers, (problem, acts) => {
			let trail: Trail = { nodes: [{ id: 0, parent: null, move: null }], current: 0 };
			let position = stated(problem);
			for (const n of acts) {
				const move = pick(position, n);
				const result = perform(position, move);
				if (!result.ok) continue;
				trail = extend(trail, move);
				({ position } = result);
			}
			const kept = JSON.parse(JSON.stringify(trail)) as Trail;
			expect(isSoundTrail(kept)).toBe(true);
			const { stops, broken } = replay(stated(problem), pathTo(kept, kept.current));
			expect(broken).toBeNull();
			const again = stops.at(-1)!.position;
			expect(again.cuts).toEqual(position.cuts);
			expect(again.work?.part).toBe(position.work?.part);
			expect(again.work?.tableau.basis).toEqual(position.work?.tableau.basis);
			const names = { column: () => [], constraint: () => [], variable: () => [] };
			for (const { node } of stops.slice(1)) expect(labelOf(node.move!, names).length).toBeGreaterThan(0);
		}),
		{ numRuns: 300 }
	);
});

test('an artificial variable that is added in phase one counts in its row at once', () => {
	let position = stated(readStatement('max z = x\na: 0 x = 1\nb: x = 2').problem!);
	const moves: Move[] = [
		{ kind: 'begin', way: 'by-hand', equalities: 'one-row' },
		{ kind: 'artificial', column: 'a:b' },
		{ kind: 'phase', to: 'phase-one' },
		{ kind: 'artificial', column: 'a:a' }
	];
	for (const move of moves) {
		const result = perform(position, move);
		if (result.ok) ({ position } = result);
	}
	const t = position.work!.tableau;
	expectEquivalent(t);
	expect(hasGoal(t, INFEASIBILITY) && goalValue(t, INFEASIBILITY).toFraction()).toBe('-3');
});

const text = (label: readonly { kind: string }[]) => label.map((p) => ('text' in p ? p.text : '·')).join('');

test('the trail branches, comes back to a known step, and loses a branch with all that follows', () => {
	const begin: Move = { kind: 'begin', way: 'primal', equalities: 'one-row' };
	const [a, b] = ['x', 'y'].map((v): Move => ({ kind: 'pivot', enter: `x:${v}`, leave: 's:r', by: 'hand' }));
	let trail: Trail = { nodes: [{ id: 0, parent: null, move: null }], current: 0 };
	trail = extend(extend(trail, begin), a);
	trail = extend({ ...trail, current: 1 }, b);
	expect(trail.nodes.map(({ id, parent }) => [id, parent])).toEqual([
		[0, null],
		[1, 0],
		[2, 1],
		[3, 1]
	]);
	const again = extend({ ...trail, current: 1 }, { ...(a as Move & { kind: 'pivot' }), by: 'bland' });
	expect(again).toEqual({ ...trail, current: 2 });
	expect(withoutBranch({ ...trail, current: 3 }, 1)).toEqual({ nodes: [trail.nodes[0]], current: 0 });
	expect(withoutBranch(trail, 2).nodes.map(({ id }) => id)).toEqual([0, 1, 3]);
	expect(isSoundTrail({ ...trail, nodes: [...trail.nodes, trail.nodes[1]] })).toBe(false);
	expect(isSoundTrail({ ...trail, current: 9 })).toBe(false);
	expect(isSoundTrail({ nodes: [{ id: 0, parent: null, move: begin }], current: 0 })).toBe(false);
});

test('a basis that comes back is recognised, but not across a change', () => {
	const beale = {
		variables: [1, 2, 3, 4].map((i) => ({
			name: `x${i}`,
			lower: ZERO,
			upper: null,
			domain: 'continuous' as const
		})),
		objective: {
			sense: 'max' as const,
			name: 'z',
			constant: ZERO,
			terms: new Map([
				['x1', rational(3, 4)],
				['x2', rational(-20)],
				['x3', rational(1, 2)],
				['x4', rational(-6)]
			])
		},
		constraints: [
			[
				[1, 4],
				[-8, 1],
				[-1, 1],
				[9, 1]
			],
			[
				[1, 2],
				[-12, 1],
				[-1, 2],
				[3, 1]
			],
			[
				[0, 1],
				[0, 1],
				[1, 1],
				[0, 1]
			]
		].map((row, i) => ({
			name: `r${i + 1}`,
			relation: '<=' as const,
			rhs: i === 2 ? ONE : ZERO,
			terms: new Map(row.map(([n, d], j) => [`x${j + 1}`, rational(n, d)]))
		}))
	};
	let trail: Trail = { nodes: [{ id: 0, parent: null, move: null }], current: 0 };
	let position = stated(beale);
	const go = (move: Move) => {
		const result = perform(position, move);
		if (!result.ok) throw new Error('not possible');
		({ position } = result);
		trail = extend(trail, move);
		return cameBackTo(replay(stated(beale), pathTo(trail, trail.current)).stops);
	};
	expect(go({ kind: 'begin', way: 'primal', equalities: 'one-row' })).toBeNull();
	for (let i = 1; i <= 6; i++) {
		const decision = decide(position.work!, DANTZIG);
		if (decision.kind !== 'pivot') throw new Error('no pivot');
		const { entering, leaving } = decision.choice;
		const back = go(pivotMove(position.work!, entering, leaving, 'dantzig'));
		expect(back?.node.id ?? null).toBe(i === 6 ? 1 : null);
	}
	expect(go({ kind: 'change', change: { rhs: 'r3', value: '2' } })).toBeNull();
	expect(
		text(labelOf(trail.nodes.at(-1)!.move!, { column: () => [], constraint: () => [], variable: () => [] }))
	).toBe('right-hand side of : ·');
});

test('what a move adds has names and ids of its own, whatever the author’s are', () => {
	const clash = readStatement(
		'max z = 5 s3 + 8 c1\na: s3 + c1 <= 6\nb: 5 s3 + 9 c1 <= 45\ns3, c1 integer'
	).problem!;
	let position = stated(clash);
	const go = (move: Move) => {
		const result = perform(position, move);
		if (!result.ok) throw new Error('not possible');
		({ position } = result);
		const { columns } = position.work!.tableau.form;
		for (const of of [columns.map(({ id }) => id), columns.map(({ name }) => name)])
			expect(new Set(of).size).toBe(columns.length);
	};
	go({ kind: 'begin', way: 'primal', equalities: 'one-row' });
	const added = (name: string) => ({ add: { name, terms: { s3: '1' }, relation: '=' as const, rhs: '2' } });
	go({ kind: 'change', change: added('d') });
	go({ kind: 'change', change: added('f') });
	position = stated(clash);
	go({ kind: 'begin', way: 'primal', equalities: 'one-row' });
	while (decide(position.work!, DANTZIG).kind === 'pivot') go(offers(position, DANTZIG)[0].move);
	go({ kind: 'cut', row: 'x:s3' });
	go({ kind: 'cut', row: 'x:c1' });
});

test('a trail with branches and added constraints goes on where a variable has another name, and a branch is called by its bound', () => {
	const named = (first: string) =>
		readStatement(
			`max z = 5 ${first} + 8 b\nr: ${first} + b <= 6\nq: 5 ${first} + 9 b <= 45\n${first}, b integer`
		).problem!;
	const keys = (first: string) => ({
		variables: new Map([[first, 'v1']]),
		constraints: new Map<string, string>()
	});
	const moves: Move[] = [];
	let position = stated(named('a'), keys('a'));
	const go = (move: Move) => {
		const result = perform(position, move);
		if (!result.ok) throw new Error(paragraphText(refusalParagraph(result.why)));
		({ position } = result);
		moves.push(JSON.parse(JSON.stringify(move)) as Move);
	};
	const solve = () => {
		for (;;) {
			const move = moveOf(position.work!, decide(position.work!, DANTZIG), 'dantzig');
			if (!move) return;
			go(move);
		}
	};
	go({ kind: 'begin', way: 'auto', equalities: 'one-row' });
	solve();
	go({ kind: 'branch', variable: 'v1', relation: '<=', value: '2' });
	solve();
	const branch = position.keys.constraints.get('a ≤ 2')!;
	go({ kind: 'change', change: { rhs: branch, value: '1' } });
	expect(position.problem.constraints.at(-1)!.name).toBe('a ≤ 1');
	expect(position.work!.tableau.form.rows.some(({ owner }) => owner.name === 'a ≤ 1')).toBe(true);
	go({ kind: 'change', change: { rhs: branch, value: '2' } });
	go({
		kind: 'change',
		change: { add: { name: 'd', terms: { v1: '1', b: '1' }, relation: '>=', rhs: '3' } }
	});
	solve();
	const path = (list: readonly Move[]) => [
		{ id: 0, parent: null, move: null },
		...list.map((move, i) => ({ id: i + 1, parent: i, move }))
	];
	const renamed = replay(stated(named('bowls'), keys('bowls')), path(moves));
	expect(renamed.broken).toBeNull();
	const { problem, work } = renamed.stops.at(-1)!.position;
	expect(problem.constraints.map(({ name }) => name)).toEqual(['r', 'q', 'bowls ≤ 2', 'd']);
	expect(objectiveValue(work!.tableau).equals(objectiveValue(position.work!.tableau))).toBe(true);
	// as older lessons name the slack of a branch
	const old = JSON.parse(JSON.stringify(moves).replaceAll(`s+:${branch}`, 's+:a ≤ 2')) as Move[];
	expect(JSON.stringify(old)).not.toBe(JSON.stringify(moves));
	expect(replay(stated(named('a'), keys('a')), path(old)).broken).toBeNull();
});

test('a pivot by hand is marked where it leaves the region, and only where the method at work stays in it', () => {
	const seen = { inside: 0, outside: 0 };
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const begun = perform(stated(problem), { kind: 'begin', way: 'primal', equalities: 'one-row' });
			if (!begun.ok || !begun.position.work) return;
			const { work } = begun.position;
			const t = work.tableau;
			const isIn = (own: Tableau) => own.basis.every((_, row) => compare(rhs(own, row), ZERO) >= 0);
			for (const enter of t.nonbasic)
				for (const leave of t.basis) {
					const move = pivotMove(work, enter, leave, 'hand');
					const made = perform(begun.position, { ...move, outside: true });
					if (!made.ok) continue;
					const leaves = isIn(t) && !isIn(made.position.work!.tableau);
					expect(move.outside ?? false).toBe(leaves);
					for (const part of ['dual', 'repair'] as const)
						expect(pivotMove({ ...work, part }, enter, leave, 'hand').outside).toBeUndefined();
					seen[leaves ? 'outside' : 'inside'] += 1;
				}
		}),
		{ numRuns: 80 }
	);
	expect(Math.min(seen.inside, seen.outside)).toBeGreaterThan(10);
});
