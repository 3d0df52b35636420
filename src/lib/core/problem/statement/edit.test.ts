import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { rational } from '../../number/rational';
import { sameProblem, type Problem } from '../types';
import * as values from './edit';
import * as lines from './edit-lines';
import { printStatement } from './print';
import { readStatement, type Reading } from './read';
import { applyEdits, type TextEdit } from './text-edit';

const edit = { ...values, ...lines };
const TEXT = `title "Fair"  # what for
# the objective
max   profit [thalers] = 30 bowls+45 vases   # per dozen

clay [kg]:  5/2 bowls +
  4 vases ≤ 100   # from the pit
bowls + vases >= 3 # at least a few
kiln: vases <= 8
bowls [dozen] from 0`;
const after = (text: string, make: (text: string, reading: Reading) => TextEdit[]) =>
	applyEdits(text, make(text, readStatement(text)));

test('an edit touches what it says, and comments and layout of the rest stay', () => {
	expect(after(TEXT, (t, r) => edit.setCoefficient(t, r, 'kiln', 'bowls', rational(1, 3)))).toBe(
		TEXT.replace('kiln: vases <= 8', 'kiln: vases + 1/3 bowls <= 8')
	);
	expect(after(TEXT, (t, r) => edit.setRhs(t, r, 'r2', rational(5)))).toBe(
		TEXT.replace('bowls + vases >= 3', 'bowls + vases >= 5')
	);
	expect(after(TEXT, (t, r) => edit.setCost(t, r, 'vases', rational(0)))).toBe(
		TEXT.replace('30 bowls+45 vases', '30 bowls')
	);
	expect(after(TEXT, (_, r) => edit.rename(r, 'variable', 'vases', 'jugs'))).toBe(
		TEXT.replaceAll('vases', 'jugs')
	);
	expect(after(TEXT, (_, r) => edit.rename(r, 'constraint', 'kiln', 'oven'))).toBe(
		TEXT.replace('kiln: vases', 'oven: vases')
	);
	expect(after(TEXT, (t, r) => edit.removeRow(t, r, 'kiln'))).toBe(TEXT.replace('\nkiln: vases <= 8', ''));
	expect(after(TEXT, (t, r) => edit.addRow(t, r).edits)).toBe(TEXT.replace('<= 8', '<= 8\nr4: bowls ≤ 0'));
	expect(after(TEXT, (t, r) => edit.addVariable(t, r).edits)).toBe(`${TEXT}\nx3 from 0\n`);
});

test('a row turned, a relation changed and a sense turned say what they should', () => {
	const read = (text: string) => readStatement(text).problem!;
	expect(read(after(TEXT, (t, r) => edit.turnRow(t, r, 'kiln'))).constraints[2]).toMatchObject({
		relation: '>='
	});
	expect(read(after(TEXT, (t, r) => edit.setRelation(t, r, 'kiln', '='))).constraints[2].relation).toBe('=');
	const [same, negated] = [false, true].map(
		(n) => read(after(TEXT, (_, r) => edit.turnSense(r, n))).objective
	);
	expect([same, negated].map(({ sense, terms }) => [sense, terms.get('bowls')!.toFraction()])).toEqual([
		['min', '30'],
		['min', '-30']
	]);
});

test('any edit of any statement gives the problem with just that changed', () => {
	fc.assert(
		fc.property(anyProblem(), fc.nat(), fc.nat(), fc.integer({ min: -9, max: 9 }), (problem, i, j, n) => {
			const text = printStatement(problem);
			const reading = readStatement(text);
			const { name } = problem.variables[j % problem.variables.length];
			const value = rational(n, 2);
			const same = (edited: string, expected: Problem) => {
				const { problem: now } = readStatement(edited);
				// a variable whose last mention goes may go, too, or change its place
				const names = (p: Problem) =>
					p.variables
						.map((v) => v.name)
						.sort()
						.join();
				if (now && names(now) === names(expected))
					expect(sameProblem({ ...now, variables: expected.variables }, expected)).toBe(true);
			};
			const terms = new Map(problem.objective.terms).set(name, value);
			const costs = new Map([...terms].filter(([, v]) => v.n !== 0n));
			const order = (map: ReadonlyMap<string, typeof value>) =>
				new Map(
					problem.variables.flatMap((v) => (map.get(v.name) ? [[v.name, map.get(v.name)!] as const] : []))
				);
			same(
				after(text, (t, r) => edit.setCost(t, r, name, value)),
				{
					...problem,
					objective: { ...problem.objective, terms: order(costs) }
				}
			);
			if (problem.constraints.length === 0) return;
			const row = problem.constraints[i % problem.constraints.length];
			same(applyEdits(text, edit.setRhs(text, reading, row.name, value)), {
				...problem,
				constraints: problem.constraints.map((own) => (own === row ? { ...own, rhs: value } : own))
			});
		}),
		{ numRuns: 300 }
	);
});

test('cells take fractions, decimals and short arithmetic, and nothing else', () => {
	const read = (text: string) => edit.readCell(text)?.toFraction() ?? null;
	expect(['5/2', '-0.25', '15.6/1000', '2*(3+4)', '0,5', ' 7 '].map(read)).toEqual([
		'5/2',
		'-1/4',
		'39/2500',
		'14',
		'1/2',
		'7'
	]);
	expect(['', 'x', 'q', '2 x', '1/0', '3 ≤ 4', '1\n2', '# 3'].map(read)).toEqual(Array(8).fill(null));
});

test('lines move with their comments, units and bounds are said where they stand', () => {
	expect(after(TEXT, (t, r) => edit.moveRow(t, r, 'kiln', -1))).toBe(
		TEXT.replace(/(bowls \+ vases >= 3.*)\n(kiln.*)/, '$2\n$1')
	);
	expect(after(TEXT, (t, r) => edit.moveRow(t, r, 'clay', 1))).toBe(
		TEXT.replace(/(clay[^]*pit)\n(bowls.*)/, '$2\n$1')
	);
	expect(after(TEXT, (t, r) => edit.moveRow(t, r, 'kiln', 1))).toBe(TEXT);
	expect(after(TEXT, (_, r) => edit.setUnit(r, 'clay', 'tons'))).toBe(TEXT.replace('[kg]', '[tons]'));
	expect(after(TEXT, (_, r) => edit.setUnit(r, 'kiln', 'hours'))).toBe(TEXT.replace('kiln', 'kiln [hours]'));
	expect(after(TEXT, (t, r) => edit.setVariable(t, r, 'bowls', (v) => ({ ...v, upper: rational(9) })))).toBe(
		TEXT.replace('bowls [dozen] from 0', 'bowls [dozen] to 9')
	);
	expect(after(TEXT, (t, r) => edit.removeVariable(t, r, 'bowls'))).toBe(
		TEXT.replace('30 bowls+45 vases', '45 vases')
			.replace('5/2 bowls +\n  4', '4')
			.replace('bowls + vases', 'vases')
			.replace('\nbowls [dozen] from 0', '')
	);
	const ordered = after(TEXT, (t, r) => edit.orderVariables(t, r, ['vases', 'bowls']));
	const again = after(ordered, (t, r) => edit.orderVariables(t, r, ['bowls', 'vases']));
	expect(
		[ordered, again].map((text) => readStatement(text).problem!.variables.map(({ name }) => name))
	).toEqual([
		['vases', 'bowls'],
		['bowls', 'vases']
	]);
	expect(again.split('\n').length).toBe(ordered.split('\n').length);
});

test('what is said of a variable changes for that one alone, however the lines are written', () => {
	const texts = [
		'x, y, w integer',
		'x, y ≥ 0 integer\ny to 7',
		'2 ≤ y ≤ 9\nx, y [dozen] free',
		'',
		'y integer, x to 4'
	];
	for (const lines of texts) {
		const text = `max z = x + y + w\nr: x + y + w ≤ 4 # all\n${lines}`;
		const before = readStatement(text).problem!;
		for (const { name } of before.variables) {
			const change = { unit: 'kg', lower: rational(1), upper: rational(5), domain: 'continuous' as const };
			const { problem } = readStatement(
				after(text, (t, r) => edit.setVariable(t, r, name, (v) => ({ ...v, ...change })))
			);
			const variables = before.variables.map((v) => (v.name === name ? { ...v, ...change } : v));
			expect(problem && sameProblem(problem, { ...before, variables }), `${lines} ${name}`).toBe(true);
		}
	}
});
