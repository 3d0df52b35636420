import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { decide } from '../method/decide';
import { comparison } from '../method/comparison';
import { beginWork } from '../method/solve';
import { advance } from '../method/decide';
import { type Work } from '../method/types';
import { DANTZIG } from '../method/rule';
import { ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { cost, goalValue, readPlan, rhs } from '../tableau/tableau';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import { anyNotation } from '../../../../tests/support/notations';
import { addressOf, addressText, board, signOf } from './board';
import { PLAIN, type Notation } from './notation';

const problem = (text: string) => readStatement(text).problem!;
const artificial = (text: string) =>
	standardForm(problem(text), { start: 'artificial', equalities: 'one-row' });
const MIXED = 'min cost = 2 x + 3 y\nneed: x + y >= 4\nfix: x - y = 1\nmost: x <= 6';
const texts = (values: readonly Rational[]) => values.map((v) => v.toFraction());

test('a board has names, entries and objective rows as they are written', () => {
	const work = beginWork(artificial(MIXED), 'two-phase');
	const { columns, rows, goals } = board(work.tableau, PLAIN);
	expect(columns.map(({ name }) => name)).toEqual(['x', 'y', 's1', 's3', 'a1', 'a2']);
	expect(rows.map(({ name, entries, rhs }) => [name, texts(entries).join(' '), rhs.toFraction()])).toEqual([
		['a1', '1 1 -1 0 1 0', '4'],
		['a2', '1 -1 0 0 0 1', '1'],
		['s3', '1 0 0 1 0 0', '6']
	]);
	expect(goals.map(({ name, cells }) => [name, texts(cells.map(({ plain }) => plain)).join(' ')])).toEqual([
		['−cost', '2 3 0 0 0 0'],
		['−w', '-2 0 1 0 0 0']
	]);
	const [big] = board(beginWork(artificial(MIXED), 'big-m').tableau, PLAIN).goals;
	expect(big.cells.map(({ plain, m }) => `${plain.toFraction()} ${m!.toFraction()}`)).toEqual([
		'2 -2',
		'3 0',
		'0 1',
		'0 0',
		'0 0',
		'0 0'
	]);
	expect(big.cells.map(signOf)).toEqual([-1, 1, 1, 0, 0, 0]);
	expect(big.value.m!.toFraction()).toBe('-5');
});

test('rows without a basic variable have no name, and what holds their place is not shown', () => {
	const form = standardForm(problem(MIXED), { start: 'vacant', equalities: 'one-row' });
	const { columns, rows } = board(beginWork(form, 'primal').tableau, PLAIN);
	expect(columns.map(({ name }) => name)).toEqual(['x', 'y', 's1', 's3']);
	expect(rows.map(({ basic, name }) => [basic?.name ?? null, name])).toEqual([
		[null, ''],
		[null, ''],
		['s3', 's3']
	]);
});

/** The tableau's equations hold at its basic solution, read off the board alone. */
function readBack(work: Work): void {
	const t = work.tableau;
	const { columns, rows, goals } = board(t, PLAIN);
	const value = (name: string) => rows.find((row) => row.name === name)?.rhs ?? ZERO;
	for (const row of rows) {
		if (!row.basic) continue;
		const left = row.entries.reduce((sum, entry, k) => sum.add(entry.mul(value(columns[k].name))), ZERO);
		expect(left.equals(row.rhs)).toBe(true);
	}
	columns.forEach(({ basic, name }, k) => {
		const unit = rows.map((row) => (row.name === name ? '1' : '0'));
		if (basic) expect(rows.map((row) => row.entries[k].toFraction())).toEqual(unit);
	});
	const plan = readPlan(t);
	for (const { variable, offset, parts } of t.form.substitutions) {
		const made = parts.reduce(
			(sum, { column, factor }) => sum.add(value(t.form.columns[column].name).mul(factor)),
			offset
		);
		expect(made.equals(plan.get(variable)!)).toBe(true);
	}
	for (const { goal, cells, value: shown } of goals) {
		expect(shown.plain.equals(goalValue(t, goal))).toBe(true);
		columns.forEach(({ index }, k) => {
			expect(cells[k].plain.equals(cost(t, goal, index))).toBe(true);
			if (cells[k].m) expect(cells[k].m!.equals(cost(t, BIG_M, index))).toBe(true);
		});
	}
}

test('read back, a board says what its tableau says, in every part of every method', () => {
	const parts = new Set<string>();
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom('two-phase' as const, 'big-m' as const, 'repair' as const),
			(any, method) => {
				const start = method === 'repair' ? ('slack' as const) : ('artificial' as const);
				let work: Work | null = beginWork(standardForm(any, { start, equalities: 'one-row' }), method);
				for (let i = 0; i < 12 && work; i++) {
					parts.add(work.part);
					readBack(work);
					work = advance(work, decide(work, DANTZIG));
				}
			}
		),
		{ numRuns: 250 }
	);
	expect([...parts].sort()).toEqual(['big-m', 'phase-one', 'phase-two', 'primal', 'repair']);
});

test('what is compared: down the column, or along the row in the dual method, as the method chooses', () => {
	const compared = new Set<string>();
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom('two-phase' as const, 'dual' as const, 'repair' as const),
			(any, method) => {
				const start = method === 'two-phase' ? ('artificial' as const) : ('slack' as const);
				let work: Work | null = beginWork(standardForm(any, { start, equalities: 'two-rows' }), method);
				for (let i = 0; i < 8 && work; i++) {
					const decision = decide(work, DANTZIG);
					const shown = comparison(work, decision, null);
					if (decision.kind === 'pivot' && !decision.driveOut && shown) {
						const { row, slot } = decision.choice;
						const least = shown.ratios[shown.along === 'row' ? slot : row];
						compared.add(`${shown.along} ${work.part}`);
						// a row without a basic variable, or an artificial one that must go, needs no ratio
						const { kind } = work.tableau.form.columns[decision.choice.leaving];
						if (kind !== 'vacant' && !(kind === 'artificial' && work.part === 'repair'))
							expect(least.least).toBe(true);
						if (shown.along === 'row') expect(rhs(work.tableau, row).s < 0n).toBe(true);
					}
					work = advance(work, decision);
				}
			}
		),
		{ numRuns: 250 }
	);
	expect([...compared].sort()).toEqual([
		'column phase-one',
		'column phase-two',
		'column primal',
		'column repair',
		'row dual'
	]);
	const t = beginWork(artificial(MIXED), 'two-phase');
	expect(
		comparison(t, decide(t, DANTZIG), 1)!.ratios.map(({ value }) => value?.toFraction() ?? null)
	).toEqual(['4', null, null]);
	expect([OBJECTIVE, INFEASIBILITY].map(({ kind }) => kind)).toEqual(t.tableau.goals.map(({ kind }) => kind));
});

test('columns that may not enter are set aside when the row that worked on them is gone, not before', () => {
	let work: Work = beginWork(artificial(MIXED), 'two-phase');
	const aside = () =>
		board(work.tableau, PLAIN).columns.flatMap((column) => (column.aside ? [column.name] : []));
	while (work.part === 'phase-one') {
		expect(aside()).toEqual([]);
		work = advance(work, decide(work, DANTZIG))!;
	}
	expect(aside()).toEqual(['a1', 'a2']);
});

test('an address names the same number in every notation, each cell has its own, and a text gives it back', () => {
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), anyNotation, anyNotation, (any, one, other) => {
			let work = beginWork(standardForm(any), 'primal');
			for (let i = 0; i < 3; i++) {
				const next = decide(work, DANTZIG);
				if (next.kind !== 'pivot') break;
				work = advance(work, next)!;
			}
			const [a, b] = [one, other].map((own) => numbersAt(work, { ...own, numbers: 'fraction' }));
			for (const [address, value] of a) {
				const { row, column } = addressOf(address);
				expect(addressText({ row, column })).toBe(address);
				if (b.has(address)) expect([address, b.get(address)]).toEqual([address, value]);
			}
		}),
		{ numRuns: 100 }
	);
});

/** The size of each number of a board by its address. */
function numbersAt({ tableau }: Work, notation: Notation): Map<string, string> {
	const { rows, goals, across } = board(tableau, notation);
	const found = new Map<string, string>();
	const put = (row: string, column: string, value: Rational) => {
		const address = addressText({ row, column });
		expect(found.has(address)).toBe(false);
		found.set(address, value.abs().toFraction());
	};
	for (const place of across) {
		if (place.kind === 'own') continue;
		for (const { key, entries, rhs } of rows)
			put(key, place.column, place.kind === 'rhs' ? rhs : entries[place.at]);
		for (const { goal, cells, value } of goals)
			put(goal.kind, place.column, (place.kind === 'rhs' ? value : cells[place.at]).plain);
	}
	return found;
}
