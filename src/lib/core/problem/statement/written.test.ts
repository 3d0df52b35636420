import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { REFUSED, TEXTS, TWO } from '../../../../../tests/support/written-texts';
import { sameProblem, type Problem } from '../types';
import { printStatement } from './print';
import { messageText } from './messages';
import { readStatement } from './read';

describe.each(Object.entries(TEXTS))('%s', (_, texts) => {
	test.each(texts as [string, string, string?][])('%j', (written, means, told) => {
		const reading = readStatement(written);
		const wanted = readStatement(means).problem!;
		const errors = reading.diagnostics.filter(({ severity }) => severity === 'error');
		expect(errors.map(({ message }) => messageText(message))).toEqual([]);
		const bare = (problem: typeof wanted) => ({
			...problem,
			constraints: problem.constraints.map(({ unit: _unit, ...row }) => row)
		});
		if (!sameProblem(bare(reading.problem!), bare(wanted)))
			expect(printStatement(reading.problem!)).toBe(printStatement(wanted));
		if (told)
			expect(reading.diagnostics.map(({ message }) => messageText(message)).join('\n')).toContain(told);
		for (const { from, to } of [...reading.diagnostics, ...reading.places])
			expect(0 <= from && from <= to && to <= written.length).toBe(true);
	});
});

test.each(REFUSED)('%j is not read, and why is said', (text) => {
	const { problem, diagnostics } = readStatement(text);
	expect(problem).toBeNull();
	expect(diagnostics.some(({ severity }) => severity === 'error')).toBe(true);
});

test('a problem decorated as people do is read as the same, or asked about', () => {
	let [read, all] = [0, 0];
	const anyOf = (...habits: string[]) => fc.constantFrom(...habits);
	const habits = fc.record({
		before: anyOf('', 'Exercise 3\n', 'A potter has this problem.\n', '> ', 'LP model:\n'),
		between: anyOf('', 'subject to\n', 's.t.\n', 'Subject to:\n', 'such that\n'),
		mark: anyOf('', '(#) ', '#. ', '#) ', '[#] ', '• ', 'R#) '),
		relation: anyOf('sign', 'words', 'latex'),
		unit: anyOf('', ' hours', ' kg', 'h', ' [h]', ' hours per week', ' labor hours'),
		end: anyOf('', ';', ',', ' // limit', '   # limit', '   (§)', '.'),
		after: anyOf('', '\nOptimal solution: see below', '\nall variables are non-negative')
	});
	fc.assert(
		fc.property(anyProblem({ whole: true }), habits, (own, habit) => {
			const plain = { ...own, constraints: own.constraints.filter(({ terms }) => terms.size > 1) };
			const lines = printStatement(plain).trim().split('\n');
			const goal = lines.findIndex((line) => /^(?:max|min)/.test(line));
			const words = { '≤': 'is at most', '≥': 'is at least', '=': 'is exactly' };
			let count = 0;
			const text = lines.map((line, i) => {
				const row = /^\w+: (.*) ([≤≥=]) (\S+)$/.exec(line);
				if (!row || i <= goal) return line;
				count += 1;
				const [, left, sign, right] = row;
				const relation =
					habit.relation === 'words'
						? words[sign as '≤']
						: sign.replace(habit.relation === 'latex' ? '≤' : '§', '<=');
				const end = habit.end.replace('§', String(count));
				return `${habit.mark.replace('#', String(count))}${left} ${relation} ${right}${habit.unit}${end}`;
			});
			text.splice(goal + 1, 0, habit.between.trimEnd());
			const written = `${habit.before}${text.filter(Boolean).join(habit.before === '> ' ? '\n> ' : '\n')}${habit.before === '> ' ? '' : habit.after}`;
			const { problem, diagnostics } = readStatement(written);
			const unnamed = (of: Problem) => ({
				...of,
				constraints: of.constraints.map(({ unit: _unit, ...row }, i) => ({ ...row, name: `r${i}` }))
			});
			if (problem) expect(sameProblem(unnamed(problem), unnamed(plain)), written).toBe(true);
			else expect(diagnostics.some(({ severity }) => severity === 'error')).toBe(true);
			read += problem ? 1 : 0;
			all += 1;
		}),
		{ numRuns: 400 }
	);
	expect(read).toBeGreaterThan(0.9 * all);
});

test.each([
	['max min(x, y)\nr: x + y <= 4', 'new variable t'],
	[`${TWO}\nx + y >= 4 or x >= 3`, 'binary variable'],
	[`${TWO}\n|x - y| >= 3`, 'absolute value'],
	['max 3x² + 2y\nr: x + y <= 4', 'is a power'],
	[`${TWO}\nx + y <= 4\nx >= 25% of the total`, 'Write out what the total adds up']
])('%j is no linear problem, and how it may become one is said', (text, says) => {
	const { problem, diagnostics } = readStatement(text);
	expect(problem).toBeNull();
	expect(diagnostics.map(({ message }) => messageText(message)).join('\n')).toContain(says);
});

test('names that nobody meant are told: once and not in the objective, or in letters that only look alike', () => {
	const told = (text: string) =>
		readStatement(text).diagnostics.map(({ code, message }) => `${code}: ${messageText(message)}`);
	expect(told(`${TWO}\na: x + y <= 4\nb: x + q <= 2`)).toContain(
		'lonely-name: q occurs only here, and not in the objective. Is it meant as a variable?'
	);
	expect(told(`${TWO}\na: x + y <= 4\nb: х + y <= 2`).join()).toContain(
		'х looks like x, but is written with other letters'
	);
	expect(told(`max z = 3 x + 2 y + xy\na: x + y <= 4`).join()).toContain('If x · y is meant');
});

test('a number in text that only tells is no question', () => {
	const asked = (text: string) =>
		readStatement(text).diagnostics.filter(({ code }) => code === 'ambiguous').length;
	expect(asked(`The potter has 1,500 bowls in store.\n${TWO}\nx + y <= 4`)).toBe(0);
	expect(asked(`${TWO}\nx + y <= 1,500`)).toBe(1);
});

test('a share of a sum is of all of it or of its first term; in brackets there is no question', () => {
	const read = (of: string) => readStatement(`${TWO}\nx at least 40% of ${of}`);
	expect(read('x + y').diagnostics.map(({ code }) => code)).toContain('ambiguous');
	expect(read('(x + y)').diagnostics.map(({ code }) => code)).not.toContain('ambiguous');
	expect(read('x + y').problem!.constraints).toEqual(read('(x + y)').problem!.constraints);
});

test('what is not expected is named as it is written, also where it was read as something else', () => {
	const told = readStatement(
		'max 3x + 2y\nx + y <= 4\neach vase needs 2 kg of clay and each bowl 3 kg. There are 40 kg of clay.'
	).diagnostics;
	expect(told.map(({ message }) => messageText(message)).join()).toContain('“and” is not expected here');
});

test('what is written between a number and a variable is a unit only where its words are no variables', () => {
	const read = (first: string) =>
		readStatement(`max z = 3 ${first} bowls + 4 vases\nclay: bowls + vases <= 4`);
	for (const unit of ['€/bowl', 'thalers/bowl']) {
		const { problem, diagnostics } = read(unit);
		expect([...problem!.objective.terms.keys()]).toEqual(['bowls', 'vases']);
		expect(diagnostics.map(({ message }) => messageText(message))).toEqual([
			`“${unit}” is read as “[${unit}]”.`
		]);
	}
	expect(read('vases/bowl').problem).toBeNull();
});
