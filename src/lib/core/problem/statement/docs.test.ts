import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { sameProblem } from '../types';
import { readStatement } from './read';

/** Every line of docs/STATEMENT.md that promises how something is read, by its own words, with texts that show it. */
const Z = 'max z = 3 x + 2 y';
const R = `${Z}\nr: x + y <= 4`;
const PROMISES: Readonly<Record<string, readonly (readonly [written: string, means: string])[]>> = {
	'words before the rows': [[`${Z}\nsubject to r: x + y <= 4`, R]],
	'the objective': [
		['Max. z: 3x + 2y\nr: x + y <= 4', R],
		['3x + 2y → max\nr: x + y <= 4', R]
	],
	'several statements in a line': [[`${R}\nx ≥ 0, y ≤ 3`, `${R}\nr2: y <= 3`]],
	domains: [[`${R}\nx, y ∈ ℤ`, `${R}\nx, y integer`]],
	'relations in words': [[`${Z}\nr: x + y is at most 4`, R]],
	numbers: [['max z = 3 x + 2 y\nr: x + 2½ y <= 1.500,5', `${Z}\nr: x + 5/2 y <= 1500.5`]],
	'names and signs': [['max z = 3 x₁ – 2 x₂\nr: x₁ <= 4', 'max z = 3 x1 - 2 x2\nr: x1 <= 4']],
	'ends of lines, numbers that count the lines': [
		[`${Z}\n(1) x + y <= 4;\n(2) x <= 1.`, `${Z}\nr1: x + y <= 4\nr2: x <= 1`]
	],
	'units, labels': [
		[`${Z}\nr: x + y <= 4 hours`, R],
		[`${Z}\nLabor hours: x + y <= 4`, `${Z}\nLabor_hours: x + y <= 4`]
	],
	'bounds, lists': [[`${R}\n0 ≤ x, y ≤ 3`, `${R}\nx to 3\ny to 3`]],
	'names of several words': [
		[
			'max 3 oak tables + 2 chairs\nr: oak tables + chairs <= 4',
			'max z = 3 oak_tables + 2 chairs\nr: oak_tables + chairs <= 4'
		]
	],
	'amounts compared': [
		[`${R}\nx is at most 2 more than y`, `${R}\nr2: x - y <= 2`],
		[`${R}\nat least 2 x per y`, `${R}\nr2: x - 2 y >= 0`]
	],
	'letters for numbers': [[`${Z}\nr: x + M y <= 4\nM = 3`, `${Z}\nr: x + 3 y <= 4`]],
	'numbers in words': [[`${Z}\nr: x + y <= four`, R]],
	'amounts first': [[`${Z}\nr: x + y <= 9\nat most 4 x`, `${Z}\nr: x + y <= 9\nr2: x <= 4`]],
	pages: [[`${Z}\n• x + y <= 4\n`, `${Z}\nr1: x + y <= 4`]],
	'several rows in a line': [[`${Z}\nx + y ≤ 4 x + 3y ≤ 6`, `${Z}\nr1: x + y <= 4\nr2: x + 3 y <= 6`]],
	'names of rows': [[`${Z}\nC1 x + y ≤ 4`, `${Z}\nC1: x + y <= 4`]],
	'the objective elsewhere': [['max z\nz = 3x + 2y\nr: x + y <= 4', R]],
	'units written out': [[`${Z}\nr: x + y ≤ 4 hrs/week`, R]],
	'sums with dots': [['max 3x1 + … + 3x3\nr: x1 <= 4', 'max z = 3 x1 + 3 x2 + 3 x3\nr: x1 <= 4']],
	'ranges and proportions': [
		[`${Z}\nr: x + y in [2, 4]`, `${Z}\nr: 2 <= x + y <= 4`],
		[`${R}\nx : y ≥ 3 : 2`, `${R}\nr2: 2 x - 3 y >= 0`]
	],
	shares: [[`${Z}\nr: x at least 40% of x + y`, `${Z}\nr: 0.6 x - 0.4 y >= 0`]],
	'all at once': [[`${R}\nall variables are non-negative integers`, `${R}\nx, y integer`]],
	'strict inequalities': [[`${Z}\nr: x + y < 4`, R]],
	'what only tells': [[`Let x be the number of bowls.\n${R}`, R]],
	'one of several': [
		[
			'max 3 bowls + 2 boxes\nsubject to clay 2 bowls + 1 box <= 4',
			'max z = 3 bowls + 2 boxes\nclay: 2 bowls + boxes <= 4'
		]
	],
	'other languages': [['Maximiere 3x + 2y\nunter den Nebenbedingungen\nr: x + y höchstens 4', R]],
	LaTeX: [['\\max z = 3x + 2y \\\\ \\text{s.t.} x + y \\leq 4', `${Z}\nr1: x + y <= 4`]],
	'`max profit [thalers] = 30 bowls + 45 vases`': [['max 3 x + 2 y\nr: x + y <= 4', R]],
	'`clay [kg]: 5/2 bowls + 4 vases ≤ 100`': [[`${Z}\nx + y <= 4`, `${Z}\nr1: x + y <= 4`]],
	'`x, y ≥ 0`': [[`${R}\nx, y >= 0`, R]],
	'`2 ≤ x ≤ 10`': [[`${R}\n2 ≤ x ≤ 10`, `${R}\nx from 2 to 10`]],
	'`x, y ≥ 0 integer`': [[`${R}\nx, y ≥ 0 integer`, `${R}\nx, y integer`]],
	'`x, y, z`': [['y, x\nmax z = 3 x + 2 y\nr: x + y <= 4', 'max z = 2 y + 3 x\nr: y + x <= 4']],
	'`x [dozen] from 2 to 10 integer`': [[`${R}\nx from 2 to 10 integer`, `${R}\n2 <= x <= 10\nx integer`]],
	'`title "…"`, `story "…"`': [[`title "a \\"b\\""\n${R}`, `title "a \\"b\\""\n${R}`]],
	'`# …`': [[`# nothing\n${R} # here either`, R]]
};

const promised = readFileSync(new URL('../../../../../docs/STATEMENT.md', import.meta.url), 'utf8')
	.split('\n')
	.filter((line) => line.startsWith('| ') && !/^\| (?:line|habit) \|/.test(line))
	.map((line) => line.split(/(?<!\\) \| /)[0].slice(2));

describe.each(promised)('%s', (promise) => {
	test.each(PROMISES[promise] ?? [[`no test of “${promise}”`, '']])('%j', (written, means) => {
		const [reading, wanted] = [readStatement(written).problem, readStatement(means).problem];
		expect(reading && wanted && sameProblem(reading, wanted)).toBe(true);
	});
});

test('nothing is tested that is not promised', () => {
	expect(Object.keys(PROMISES).filter((own) => !promised.includes(own))).toEqual([]);
});
