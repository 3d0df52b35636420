import { findingWords } from '../method/messages';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyNotation } from '../../../../tests/support/notations';
import { anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { decide, advance } from '../method/decide';
import { beginWork } from '../method/solve';
import { type Work } from '../method/types';
import { DANTZIG } from '../method/rule';
import { isZero, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { limitRow } from '../move/limit';
import type { Problem, Sense, Terms } from '../problem/types';
import { BIG_M, columnGoal, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { cost, entry, goalValue, hasGoal, rhs } from '../tableau/tableau';
import { decidePrimal } from '../method/primal';
import { plainText } from '../sentence/sentence';
import { board, type Board, type BoardCell } from './board';
import { columnName, fitted, steppedAside } from './column-names';
import { notationText } from './words';
import { CHOICES, goalFactor, PLAIN, PROFILES, type Notation } from './notation';

describe('names', () => {
	const names = ['x', 'y', 'u', 'v', 'w', 'x1', 'x2', 'x3', 'x4', 's1', 'a1', 'z', 'M', 's', "x'"];

	test('no two columns, variables, objectives or sums of a problem are called the same, in any notation, whatever moves add', () => {
		let aside = 0;
		fc.assert(
			fc.property(
				anyProblem(),
				fc.shuffledSubarray(names, { minLength: 4, maxLength: 4 }),
				anyNotation,
				fc.constantFrom('slack', 'artificial', 'vacant'),
				fc.boolean(),
				(any, called, chosen, start, isFixed) => {
					const [goal, ...own] = called;
					const rename = (name: string) => own[Number(name.slice(1)) - 1];
					const terms = (list: Terms) => new Map([...list].map(([name, value]) => [rename(name), value]));
					const problem: Problem = {
						...any,
						variables: any.variables.map((variable, i) => ({
							...variable,
							...(isFixed && i === 0 ? { lower: ZERO, upper: ZERO } : {}),
							name: rename(variable.name)
						})),
						objective: { ...any.objective, name: goal, terms: terms(any.objective.terms) },
						constraints: any.constraints.map((row) => ({ ...row, terms: terms(row.terms) }))
					};
					const notation = fitted(chosen, problem);
					const form = standardForm(problem, { start, equalities: isFixed ? 'two-rows' : 'one-row' });
					const slack = { id: 's+:new', name: `s${problem.constraints.length + 1}` };
					const row = { terms: new Map(), relation: '<=', rhs: ZERO } as const;
					const { column } = limitRow(form, { kind: 'constraint', name: 'new' }, row, slack);
					const columns = [...form.columns, column].filter(({ kind }) => kind !== 'vacant');
					const taken = new Set([...problem.variables.map(({ name }) => name), goal, notation.infeasibility]);
					expect(taken.size).toBe(problem.variables.length + 2);
					for (const each of columns) {
						const name = columnName(notation, each);
						if (each.kind === 'structural' && name === each.owner.name) continue;
						expect([name, taken.has(name)]).toEqual([name, false]);
						taken.add(name);
					}
					if (steppedAside(notation, columns).length > 0) aside += 1;
				}
			),
			{ numRuns: 1500 }
		);
		expect(aside).toBeGreaterThan(50);
	});

	test('a minimum worked as one turns its own row and that of M, and no other', () => {
		const own: Notation = { ...PLAIN, minimum: 'minimised' };
		const factors = [OBJECTIVE, BIG_M, INFEASIBILITY, columnGoal(0)].map((goal) =>
			goalFactor(own, goal, 'min')
		);
		const asMaximum = goalFactor(own, OBJECTIVE, 'max');
		expect(factors).toEqual([-asMaximum, -asMaximum, asMaximum, asMaximum]);
	});

	test('a family that meets a name goes on with the next one, which is said', () => {
		const problem = readStatement('max z = x + y + v\na: x <= 4\nb: y <= 4\nc: x + v <= 4').problem!;
		const letters = fitted(PROFILES[1].notation, problem);
		const { columns } = standardForm(problem);
		const called = (notation: Notation) => columns.map((column) => columnName(notation, column)).join(' ');
		expect(called(letters)).toBe('x y v u w a');
		expect(letters.infeasibility).toBe("w'");
		const surpluses = { ...PLAIN, index: 'letters', slack: 'e', surplus: 'v', infeasibility: 'w' } as const;
		expect(fitted(surpluses, problem).infeasibility).toBe("w'");
		expect(called({ ...PLAIN, index: 'running', slack: 'x' })).toBe('x y v x4 x5 x6');
	});
});

/** What the written row of an objective is about, from the profile's own rules: +1 for z (or w), −1 for its negative. */
function quantity(notation: Notation, goal: Goal, sense: Sense): 1 | -1 {
	if (goal === INFEASIBILITY) return notation.phaseOne === 'minimised' ? 1 : -1;
	return sense === 'max' || notation.minimum === 'minimised' ? 1 : -1;
}

/** A board over one denominator with its numbers divided by it: all of them must have been whole. */
function divided(shown: Board): Board {
	const { common } = shown;
	if (!common) return shown;
	const over = (value: Rational): Rational => {
		expect(value.d).toBe(1n);
		return value.div(common);
	};
	const cell = ({ plain, m }: BoardCell) => ({ plain: over(plain), m: m && over(m) });
	return {
		...shown,
		rows: shown.rows.map((row) => ({ ...row, entries: row.entries.map(over), rhs: over(row.rhs) })),
		goals: shown.goals.map((goal) => ({ ...goal, cells: goal.cells.map(cell), value: cell(goal.value) })),
		costs: shown.costs && { ...shown.costs, z: shown.costs.z.map(cell) }
	};
}

/** The board read by the profile's own rules must be the tableau's equations: `z + Σ minusD · x = z0`, or `w` likewise. */
function readBack(work: Work, notation: Notation): void {
	const t = work.tableau;
	const { sense } = t.form.problem.objective;
	const shown = divided(board(t, notation));
	const isDictionary = notation.layout === 'dictionary';
	shown.rows.forEach((row, i) => {
		expect(row.rhs.equals(rhs(t, i))).toBe(true);
		shown.columns.forEach(({ index }, k) => {
			// a dictionary row reads: basic = rhs + Σ entries · column
			const own = isDictionary ? row.entries[k].neg() : row.entries[k];
			expect(own.equals(entry(t, i, index))).toBe(true);
		});
	});
	const missing = t.form.columns.flatMap((_, j) =>
		shown.columns.some(({ index }) => index === j) ? [] : [j]
	);
	const short = isDictionary || notation.layout === 'condensed';
	for (const j of missing)
		expect(t.form.columns[j].kind === 'vacant' || (short && t.basis.includes(j))).toBe(true);
	for (const goal of shown.goals) {
		// a row of its own for M is written with the objective's signs
		const whose = goal.goal === BIG_M ? OBJECTIVE : goal.goal;
		const about = quantity(notation, whose, sense);
		// underneath: Q + Σ cost · x = value, where Q is z for a maximum, −z for a minimum, −w in phase one
		const under = whose === OBJECTIVE && sense === 'max' ? 1 : -1;
		const read = (cell: Rational): Rational => {
			// q + Σ e · x = v, or Σ e · x − q = −v, or q = v + Σ e · x
			const ofQuantity = notation.entries === 'z-plus' && !isDictionary ? cell : cell.neg();
			return ofQuantity.mul(about * under);
		};
		goal.cells.forEach((cell, k) => {
			expect(read(cell.plain).equals(cost(t, goal.goal, shown.columns[k].index))).toBe(true);
			if (cell.m) expect(read(cell.m).equals(cost(t, BIG_M, shown.columns[k].index))).toBe(true);
			const { index } = shown.columns[k];
			const ofM = hasGoal(t, BIG_M) && goal.goal === OBJECTIVE ? cost(t, BIG_M, index) : ZERO;
			expect(cell.m === null || cell.m.equals(0) === isZero(ofM)).toBe(true);
			const leading = isZero(ofM) ? cost(t, goal.goal, index) : ofM;
			expect(goal.improving[k]).toBe(leading.s < 0n && !isZero(leading));
		});
		const value = goalValue(t, goal.goal).mul(under);
		const shownValue =
			isDictionary || notation.value === 'equation'
				? value.mul(about).mul(notation.entries === 'minus-z' && !isDictionary ? -1 : 1)
				: value;
		expect(goal.value.plain.equals(shownValue)).toBe(true);
	}
	const { costs } = shown;
	if (!costs) return;
	const goal = shown.goals.find((own) => own.goal === costs.goal)!;
	const sum = (cells: readonly BoardCell[], part: 'plain' | 'm', k: number) =>
		cells.reduce((all, cell, i) => all.add((cell[part] ?? ZERO).mul(shown.rows[i].entries[k])), ZERO);
	shown.columns.forEach((_, k) => {
		for (const part of ['plain', 'm'] as const) {
			const z = costs.z[k][part] ?? ZERO;
			const c = costs.above[k][part] ?? ZERO;
			expect(z.equals(sum(costs.beside, part, k))).toBe(true);
			const difference = notation.entries === 'z-plus' ? z.sub(c) : c.sub(z);
			if (goal.cells[k][part] || part === 'plain')
				expect(difference.equals(goal.cells[k][part] ?? ZERO)).toBe(true);
		}
	});
}

test('in every notation the board means the equations of the tableau: phase one, big M and every step between', () => {
	fc.assert(
		fc.property(
			anyProblem(),
			anyNotation,
			fc.constantFrom('two-phase' as const, 'big-m' as const),
			(problem, notation, method) => {
				let work: Work | null = beginWork(
					standardForm(problem, { start: 'artificial', equalities: 'one-row' }),
					method
				);
				for (let i = 0; work && i < 12; i++) {
					readBack(work, notation);
					work = advance(work, decide(work, DANTZIG));
				}
			}
		),
		{ numRuns: 500 }
	);
});

const problem = readStatement('min cost = 2 x + 3 y\nneed: x + y >= 4\nmost: x <= 3').problem!;

describe('profiles that come along', () => {
	const row = (notation: Notation) => {
		const work = beginWork(
			standardForm(problem, { start: 'artificial', equalities: 'one-row' }),
			'two-phase'
		);
		const { columns, goals } = board(work.tableau, notation);
		return {
			names: columns.map(({ name }) => name).join(' '),
			goals: goals.map(
				({ name, cells, value }) =>
					`${name}: ${cells.map(({ plain }) => plain.toFraction()).join(' ')} | ${value.plain.toFraction()}`
			)
		};
	};
	test.each([
		[0, 'x y s1 s2 a1', ['−cost: 2 3 0 0 0 | 0', '−w: -1 -1 1 0 0 | -4']],
		[1, 'x y u v a1', ['−cost: 2 3 0 0 0 | 0', '−w: -1 -1 1 0 0 | -4']],
		[2, 'x y x3 x4 x5', ['cost: 2 3 0 0 0 | 0', 'w: -1 -1 1 0 0 | -4']],
		[3, 'x y s1 s2 a1', ['cost: 2 3 0 0 0 | 0', '−w: 1 1 -1 0 0 | 4']],
		[4, 'x y s1', ['cost: 2 3 0 | 0', '−w: 1 1 -1 | -4']]
	])('profile %i', (index, names, goals) => {
		expect(row(PROFILES[index].notation)).toEqual({ names, goals });
	});

	test('sentences follow the signs', () => {
		const work = beginWork(standardForm(problem, { start: 'artificial', equalities: 'one-row' }), 'big-m');
		const because = decidePrimal({ ...work, part: 'primal' }, DANTZIG).because;
		const told = (notation: Notation) =>
			because.map((found) => plainText(findingWords(work.tableau, found), notation)).join(' ');
		expect(hasGoal(work.tableau, BIG_M)).toBe(true);
		const first = told(PLAIN);
		const other = told({ ...PLAIN, entries: 'minus-z' });
		if (first.includes('negative')) expect(other).toContain('positive');
		expect(told({ ...PLAIN, entries: 'minus-z', minimum: 'minimised' })).toBe(
			told({ ...PLAIN, minimum: 'maximised' }).replaceAll('−cost', 'cost')
		);
	});

	test('the sum of phase one is called as the course calls it', () => {
		const work = beginWork(
			standardForm(problem, { start: 'artificial', equalities: 'one-row' }),
			'two-phase'
		);
		const own = { ...PLAIN, phaseOne: 'minimised', infeasibility: 'r' } as const;
		expect(board(work.tableau, own).goals.map(({ name }) => name)).toEqual(['−cost', 'r']);
	});

	test('letters go on after z, and long ones keep their number', () => {
		const slack = { id: 's', name: 's3', kind: 'slack', owner: { kind: 'constraint', name: 'a' } } as const;
		expect(columnName({ ...PLAIN, index: 'letters', slack: 'y' }, slack)).toBe('a');
		expect(columnName({ ...PLAIN, index: 'letters', slack: 'sl' }, slack)).toBe('sl3');
		expect(columnName({ ...PLAIN, slack: 'h' }, slack)).toBe('h3');
		expect(columnName({ ...PLAIN, index: 'running', slack: 'x' }, { ...slack, order: 7 })).toBe('x7');
	});
});

test('a notation in a line names its profile, and tells any two notations apart', () => {
	for (const { name, notation } of PROFILES) expect(notationText(notation)).toBe(`Notation: ${name}.`);
	expect(notationText({ ...PLAIN, goalPlace: 'above' })).toBe(
		'Notation: Last row, improving is negative. Objective row stands: above.'
	);
	fc.assert(
		fc.property(
			anyNotation,
			fc.constantFrom(...(Object.keys(CHOICES) as (keyof typeof CHOICES)[])),
			(notation, choice) => {
				const other = CHOICES[choice].find((variant) => variant !== notation[choice])!;
				expect(notationText({ ...notation, [choice]: other })).not.toBe(notationText(notation));
			}
		)
	);
});
