import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { toText } from '../../number/rational';
import { sameProblem, type Problem } from '../types';
import { oneLetterAway } from './notices';
import { printStatement } from './print';
import { KEYWORDS, SPOKEN } from './tokens';
import { messageText } from './messages';
import { readStatement } from './read';

const problem = (text: string): Problem => {
	const reading = readStatement(text);
	expect(reading.diagnostics.filter((d) => d.severity === 'error')).toEqual([]);
	return reading.problem!;
};
const terms = (map: ReadonlyMap<string, { toFraction(): string }>) =>
	[...map].map(([name, v]) => `${v.toFraction()} ${name}`).join(' + ');
const row = (text: string) => {
	const [r] = problem(`max q = x + y\n${text}`).constraints;
	return `${r.name}: ${terms(r.terms)} ${r.relation} ${toText(r.rhs)}`;
};
/** The findings of a text, each with the words it points at. */
const findings = (text: string) =>
	readStatement(text).diagnostics.map((d) => [d.severity, d.code, text.slice(d.from, d.to)]);

describe('what can be written', () => {
	test.each([
		['a: 3x + 2y <= 12', 'a: 3 x + 2 y <= 12'],
		['a: 5/2 x - .5 y ≥ 1.25', 'a: 5/2 x + -1/2 y >= 5/4'],
		['a: 2(x + 3(y - 1)) <= 4', 'a: 2 x + 6 y <= 10'],
		['a: (1/2 + 1/3) * x = 2·3', 'a: 5/6 x = 6'],
		['a: 3 x + 4 >= 2 y - x', 'a: 4 x + -2 y >= -4'],
		['x + y =< 4', 'r1: 1 x + 1 y <= 4'],
		['a: -(x - y) / 2 ⩽ −3', 'a: -1/2 x + 1/2 y <= -3'],
		['a: x * 2 + 3 * y <= 1 # as always', 'a: 2 x + 3 y <= 1'],
		['a [kg]: x +\n y <= 4', 'a: 1 x + 1 y <= 4'],
		['a: 0 x <= 4', 'a:  <= 4'],
		['a: x - x + y <= 4', 'a: 1 y <= 4']
	])('%s', (text, read) => expect(row(text)).toBe(read));

	test('names in any script, units, bounds, domains, title and story', () => {
		const p = problem(
			'title "A \\"good\\" week"\nstory "Two kinds"\nmin Kosten [Taler] = 2 größe + 3 高さ + 3 "max" + 1 β1\nlager [m²]: größe + 高さ ≥ 3\n' +
				'größe [Stück] integer to 7\n-2 ≤ 高さ ≤ 5/2\n"max" free\nβ1 binary\nα, γ ≤ 0\nδ >= 0'
		);
		expect(p).toMatchObject({
			title: 'A "good" week',
			story: 'Two kinds',
			objective: { name: 'Kosten', unit: 'Taler', sense: 'min' }
		});
		const shown = p.variables.map((v) => [
			v.name,
			v.lower && toText(v.lower),
			v.upper && toText(v.upper),
			v.domain,
			v.unit
		]);
		expect(shown).toEqual([
			['größe', '0', '7', 'integer', 'Stück'],
			['高さ', '-2', '5/2', 'continuous', undefined],
			['max', null, null, 'continuous', undefined],
			['β1', '0', null, 'binary', undefined],
			['α', null, '0', 'continuous', undefined],
			['γ', null, '0', 'continuous', undefined],
			['δ', '0', null, 'continuous', undefined]
		]);
	});

	test('a single variable against a number is a row; against zero it is a sign', () => {
		const p = problem('max z = x + y\nx <= 4\nx >= 0\ny <= 0\nlow: x >= 0');
		expect(p.constraints.map((r) => r.name)).toEqual(['r1', 'low']);
		expect(p.variables.map((v) => [v.lower && toText(v.lower), v.upper && toText(v.upper)])).toEqual([
			['0', null],
			[null, '0']
		]);
	});

	test('printing and reading again gives the same problem', () => {
		const words = fc.oneof(
			fc.constantFrom('x', 'Max', 'größe', 'x_1', "y'", '変数', 'e5', 'Z', 'x12', 'd'),
			fc.constantFrom(...SPOKEN, ...Object.keys(KEYWORDS), 'And', 'ALL')
		);
		fc.assert(
			fc.property(
				anyProblem(),
				anyProblem({ whole: true }),
				fc.uniqueArray(words, { minLength: 8, maxLength: 8 }),
				fc.boolean(),
				(a, b, [goal, ...names], units) => {
					for (const p of [a, b]) {
						const rename = (name: string) => names[Number(name.slice(1)) - 1] ?? name;
						const again = <T extends { terms: Problem['objective']['terms'] }>(o: T): T => ({
							...o,
							terms: new Map([...o.terms].map(([n, v]) => [rename(n), v]))
						});
						const named: Problem = {
							...p,
							...(units ? { title: 'A "title" \\ here', story: 'two\nlines' } : {}),
							variables: p.variables.map((v, i) => ({
								...v,
								name: rename(v.name),
								...(units && i === 0 ? { unit: 'dozen (12)' } : {})
							})),
							objective: { ...again(p.objective), name: goal },
							constraints: p.constraints.map((row, i) => ({ ...again(row), name: names[3 + i] }))
						};
						const text = printStatement(named);
						expect(sameProblem(problem(text), named), text).toBe(true);
					}
				}
			),
			{ numRuns: 2000 }
		);
	});
});

describe('errors, each at its place', () => {
	test.each([
		['max z = x * y', 'product', 'x * y'],
		['max z = 2 x y', 'product', '2 x y'],
		['max z = x^2', 'power', 'x^2'],
		['max z = x\na: x + 3', 'no-relation', 'a: x + 3'],
		['max z = x\nmin y = x', 'second-objective', 'min y = x'],
		['max z = x\na: x <= 4\na: x >= 1', 'same-name', 'a'],
		['max z = x\na: x/0 <= 4', 'zero-division', '0'],
		['max z = x\na: 3/(2 - 2) x <= 4', 'zero-division', '(2 - 2)'],
		['max z = x\na: 4/x <= 4', 'variable-division', 'x'],
		['', 'empty', ''],
		['# only a note', 'empty', '# only a note'],
		['a: x <= 4', 'no-objective', 'a: x <= 4'],
		['max z = x 3', 'syntax', '3'],
		['max z = x\nx from y', 'bound', 'from y'],
		[`max z = ${'a'.repeat(41)}`, 'name', 'a'.repeat(41)],
		[`max z = ${'9'.repeat(201)} x`, 'number', '9'.repeat(201)],
		['max z = x\na: (x <= 2', 'syntax', '('],
		['max z = x\na: x + <= 2', 'syntax', '+'],
		['max z = x\n@ x <= 2', 'syntax', '@']
	])('%j', (text, code, words) => {
		const { problem: none, diagnostics } = readStatement(text);
		expect(none).toBeNull();
		const [error] = diagnostics.filter((d) => d.severity === 'error');
		expect(error.code).toBe(code);
		if (code !== 'syntax') expect(text.slice(error.from, error.to)).toBe(words);
		expect(messageText(error.message).length).toBeGreaterThan(30);
	});

	test('an operator left at the end of a line is what is pointed at, not what follows', () => {
		const text = 'max z = x\na: x ≤ 63 +\nb [h]: x ≤ 88';
		expect(findings(text)).toEqual([['error', 'syntax', '+']]);
	});

	test('no text makes the reader throw, and every finding lies inside the text', () => {
		const piece = fc.constantFrom(
			'max',
			'min',
			'x',
			'y1',
			' ',
			'\n',
			'3',
			'.5',
			'/',
			'*',
			'+',
			'-',
			'(',
			')',
			'<=',
			'<',
			'=',
			':',
			',',
			'[',
			']',
			'"',
			'#',
			'^',
			'free',
			'from',
			'€',
			'𝒙',
			'\\'
		);
		fc.assert(
			fc.property(
				fc.oneof(
					fc.array(piece, { maxLength: 30 }).map((p) => p.join('')),
					fc.string()
				),
				(text) => {
					const reading = readStatement(text);
					for (const { from, to } of reading.diagnostics)
						expect(from >= 0 && from <= to && to <= text.length).toBe(true);
					expect(reading.problem === null).toBe(reading.diagnostics.some((d) => d.severity === 'error'));
					if (reading.problem) printStatement(reading.problem);
				}
			),
			{ numRuns: 3000 }
		);
	});
});

describe('notices', () => {
	test('a variable twice in a row, a name one letter away, a variable without a constraint', () => {
		expect(
			findings(
				'max gain = 3 bowls + 5 vases + lids\nclay: bowls + 2 vases + bowls <= 4\nkiln: vasse + bowls <= 3'
			)
		).toEqual([
			['notice', 'unconstrained', 'lids'],
			['notice', 'repeated-variable', 'bowls'],
			['notice', 'near-name', 'vasse']
		]);
		expect(findings('max z = x1 + x2\na: x1 + x2 <= 4\nb: x1 <= 2')).toEqual([]);
	});

	test('which names look alike', () => {
		const pairs = [
			['bowls', 'bowl'],
			['vases', 'vasse'],
			['Clay', 'clay'],
			['tiles', 'titles'],
			['x1', 'x2'],
			['x1', 'x11'],
			['x', 'y'],
			['bowls', 'vases'],
			['ab', 'abc'],
			['jug', 'jar'],
			['jug', 'jag'],
			['bowls', 'bowlses']
		];
		expect(pairs.map(([a, b]) => oneLetterAway(a, b))).toEqual([
			true,
			true,
			true,
			true,
			false,
			false,
			false,
			false,
			false,
			false,
			true,
			false
		]);
	});
});
