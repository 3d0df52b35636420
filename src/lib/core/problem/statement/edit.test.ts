import { unitPowers } from './units';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { rational, ZERO } from '../../number/rational';
import { MIRRORED } from '../relation';
import { sameProblem, withoutZeros, type Constraint, type Problem, type Terms } from '../types';
import { readCell } from './cell';
import * as edit from './edits';
import { declaration, printStatement } from './print';
import { readStatement } from './read';
import { type Reading } from './reading';
import { applyEdits, type TextEdit } from './text-edit';

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
	expect(after(TEXT, (t, r) => edit.rename(t, r, 'variable', 'vases', 'jugs'))).toBe(
		TEXT.replaceAll('vases', 'jugs')
	);
	expect(after(TEXT, (t, r) => edit.rename(t, r, 'constraint', 'kiln', 'oven'))).toBe(
		TEXT.replace('kiln: vases', 'oven: vases')
	);
	expect(after(TEXT, (t, r) => edit.removeRow(t, r, 'kiln'))).toBe(TEXT.replace('\nkiln: vases <= 8', ''));
	const row = { terms: new Map([['bowls', rational(2)]]), relation: '<=', rhs: rational(9) } as const;
	expect(after(TEXT, (t, r) => edit.addRow(t, r, row).edits)).toBe(
		TEXT.replace('<= 8', '<= 8\nr4: 2 bowls ≤ 9')
	);
	expect(after(TEXT, (t, r) => edit.addVariable(t, r).edits)).toBe(`${TEXT}\nx3 from 0\n`);
});

test('a row turned, a relation changed and a sense turned say what they should', () => {
	const read = (text: string) => readStatement(text).problem!;
	expect(read(after(TEXT, (t, r) => edit.turnRow(t, r, 'kiln'))).constraints[2]).toMatchObject({
		relation: '>='
	});
	expect(read(after(TEXT, (t, r) => edit.setRelation(t, r, 'kiln', '='))).constraints[2].relation).toBe('=');
	const [same, negated] = [false, true].map(
		(n) => read(after(TEXT, (t, r) => edit.turnSense(t, r, n))).objective
	);
	expect([same, negated].map(({ sense, terms }) => [sense, terms.get('bowls')!.toFraction()])).toEqual([
		['min', '30'],
		['min', '-30']
	]);
});

/** A statement of a problem as somebody may write it: rows with and without names, comments, what is said of variables in lines of all kinds. */
function written(problem: Problem, choice: (most: number) => number): string {
	const lines = printStatement(problem)
		.trim()
		.split('\n')
		.map((line, i) => {
			const [, body] = /^r\d+: (.*)$/.exec(line) ?? [];
			const isSign = body !== undefined && /^[^+]* [≤≥] 0$/.test(body.replace(/ - /g, ' + '));
			const bare = body === undefined || isSign || choice(2) ? line : body;
			return choice(2) ? bare : `${bare}  # note ${i}`;
		});
	const names = problem.variables.map(({ name }) => name);
	const all = names.length > 1 && problem.variables.every(({ domain }) => domain === 'continuous');
	// said of all before it is said of each
	if (all && choice(2))
		lines.push(`${names.join(', ')} ≥ 0`, ...problem.variables.map((v) => declaration(v, true)!));
	if (all && choice(2)) lines.splice(1, 0, `${names.join(', ')} from 0 # all of them`);
	return lines.join('\n');
}

test('after any edit of any statement the problem read is the one asked for, nothing else has moved, and comments stay', () => {
	const done = new Map<string, number>();
	fc.assert(
		fc.property(
			anyProblem(),
			fc.array(fc.nat(60), { minLength: 40, maxLength: 40 }),
			fc.constantFrom(0, 0, 1, -1, 3, 7),
			(any, numbers, n) => {
				let at = 0;
				const choice = (most: number) => numbers[at++ % numbers.length] % most;
				const text = written(any, choice);
				const reading = readStatement(text);
				if (!reading.problem) throw new Error(text);
				const { problem } = reading;
				const { variables, constraints, objective } = problem;
				const variable = variables[choice(variables.length)];
				const { name } = variable;
				const row = constraints[choice(Math.max(1, constraints.length))];
				const value = rational(n, 1 + choice(2));
				const terms = (own: Terms) => withoutZeros(new Map(own).set(name, value));
				const change = {
					lower: [null, ZERO, rational(-3)][choice(3)],
					upper: [null, rational(4)][choice(2)],
					...(choice(2) ? { unit: 'kg' } : {})
				};
				const rest = variables.filter((own) => own !== variable);
				const without = (own: Terms) => new Map([...own].filter(([other]) => other !== name));
				const rows = (next: (own: Constraint) => Constraint) => ({
					...problem,
					constraints: constraints.map((own) => (own === row ? next(own) : own))
				});
				const cases: Record<string, () => [TextEdit[], Problem]> = {
					cost: () => [
						edit.setCost(text, reading, name, value),
						{ ...problem, objective: { ...objective, terms: terms(objective.terms) } }
					],
					variable: () => [
						edit.setVariable(text, reading, name, (own) => ({ ...own, ...change })),
						{
							...problem,
							variables: variables.map((own) => (own === variable ? { ...own, ...change } : own))
						}
					],
					remove: () => [
						edit.removeVariable(text, reading, name),
						{
							...problem,
							variables: rest,
							objective: { ...objective, terms: without(objective.terms) },
							constraints: constraints.map((own) => ({ ...own, terms: without(own.terms) }))
						}
					],
					order: () => [
						edit.orderVariables(text, reading, [...rest.map((own) => own.name), name]),
						{ ...problem, variables: [...rest, variable] }
					],
					rename: () => [
						edit.rename(text, reading, 'variable', name, 'all'),
						{
							...problem,
							variables: variables.map((own) => (own === variable ? { ...own, name: 'all' } : own)),
							objective: { ...objective, terms: renamed(objective.terms, name) },
							constraints: constraints.map((own) => ({ ...own, terms: renamed(own.terms, name) }))
						}
					],
					...(row && {
						rhs: () => [edit.setRhs(text, reading, row.name, value), rows((own) => ({ ...own, rhs: value }))],
						use: () => [
							edit.setCoefficient(text, reading, row.name, name, value),
							rows((own) => ({ ...own, terms: terms(own.terms) }))
						],
						relation: () => [
							edit.setRelation(text, reading, row.name, '>='),
							rows((own) => ({ ...own, relation: '>=' }))
						],
						turn: () => [
							edit.turnRow(text, reading, row.name),
							rows((own) => ({
								...own,
								terms: new Map([...own.terms].map(([key, v]) => [key, v.neg()])),
								relation: MIRRORED[own.relation],
								rhs: own.rhs.neg()
							}))
						],
						unit: () => [edit.setUnit(text, reading, row.name, 'kg'), rows((own) => ({ ...own, unit: 'kg' }))]
					})
				};
				const kinds = Object.keys(cases);
				const kind = kinds[choice(kinds.length)];
				const [edits, wanted] = cases[kind]();
				const now = applyEdits(text, edits);
				const read = readStatement(now).problem;
				if (!read || !sameProblem(read, wanted)) throw new Error(`${kind} ${name}\n${text}\n——\n${now}`);
				for (const note of text.match(/# .*/g) ?? [])
					if (!now.includes(note)) throw new Error(`${kind} ${name}: ${note} is gone\n${text}\n——\n${now}`);
				done.set(kind, (done.get(kind) ?? 0) + 1);
			}
		),
		{ numRuns: 2000 }
	);
	for (const [kind, count] of done) expect([kind, count > 50]).toEqual([kind, true]);
	expect(done.size).toBe(10);
});

const renamed = (terms: Terms, from: string): Terms =>
	new Map([...terms].map(([name, value]) => [name === from ? 'all' : name, value]));

test('a row that would become a sign stays a row, and what is said of a variable later overrules nothing', () => {
	const set = (text: string) => after(text, (t, r) => edit.setRhs(t, r, 'r1', ZERO));
	expect(set('max z = x\nx <= 4 # most')).toBe('max z = x\nr1: x <= 0 # most');
	expect(
		after('max z = x + y\nx, y >= 0 integer\ny from -3 # below', (t, r) =>
			edit.setVariable(t, r, 'x', (own) => ({ ...own, upper: rational(9) }))
		)
	).toContain('y from -3 # below');
	const cancelling = 'max z = x + y\na: x - x + y <= 4\nb: 0 x + 2 y >= 1';
	const left = after(cancelling, (t, r) => edit.removeVariable(t, r, 'x'));
	expect(readStatement(left).problem!.variables.map(({ name }) => name)).toEqual(['y']);
	expect(after('max z = 2 x\nx <= 4', (t, r) => edit.orderVariables(t, r, ['x']))).toBe(
		'max z = 2 x\nx <= 4'
	);
});

test('cells take fractions, decimals and short arithmetic, and nothing else', () => {
	const read = (text: string) => readCell(text)?.toFraction() ?? null;
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
	expect(after(TEXT, (t, r) => edit.setUnit(t, r, 'clay', 'tons'))).toBe(TEXT.replace('[kg]', '[tons]'));
	expect(after(TEXT, (t, r) => edit.setUnit(t, r, 'kiln', 'hours'))).toBe(
		TEXT.replace('kiln', 'kiln [hours]')
	);
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

test('units divide by “per” as by a stroke, and a coefficient that has one keeps its 1', () => {
	expect(unitPowers('kg per dozen')).toEqual(unitPowers('kg/dozen'));
	expect([...unitPowers('kg per dozen')]).toEqual([
		['kg', 1],
		['dozen', -1]
	]);
	const text = 'max z = x\nclay [kg]: 5/2 [kg/dozen] x <= 4\nx [dozen] from 0';
	expect(after(text, (t, r) => edit.setCoefficient(t, r, 'clay', 'x', rational(1)))).toBe(
		text.replace('5/2 [', '1 [')
	);
});

test('a minimum becomes a maximum, and a maximum a minimum', () => {
	for (const [from, to] of [
		['max', 'min'],
		['min', 'max']
	]) {
		const text = `${from} z = 2 x - y\na: x + y <= 4`;
		const turned = readStatement(applyEdits(text, edit.turnSense(text, readStatement(text), false))).problem!;
		expect([turned.objective.sense, String(turned.objective.terms.get('x'))]).toEqual([to, '2']);
	}
});
