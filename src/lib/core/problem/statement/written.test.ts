import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { REFUSED, TEXTS, TWO } from '../../../../../tests/support/written-texts';
import { ZERO } from '../../number/rational';
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

const anyOf = (...habits: string[]) => fc.constantFrom(...habits);
const HABITS = fc.record({
	before: anyOf(
		'',
		'Exercise 3.1\n',
		'**Problem.** ',
		'A potter has this problem:\n',
		'LP:\n',
		'Question 2 (10 points)\n\n'
	),
	goal: anyOf(
		'max z = #',
		'Maxim: z = #',
		'z = # → max',
		'Maxim the profit z = #',
		'Maxim #',
		'z(x1) = # → max!',
		'Maxim\n#',
		'# should be maximised',
		'z = # (max)'
	),
	between: anyOf(
		'\n',
		'\nsubject to\n',
		'\nSubject to:\n',
		' s.t.\n',
		' where\n',
		'\nNebenbedingungen:\n',
		', so that\n'
	),
	separator: anyOf('\n', ';\n', ',\n', ' and\n', '\n\n'),
	mark: anyOf(
		'',
		'(1) ',
		'1. ',
		'1) ',
		'• ',
		'- ',
		'(row) ',
		'[row] ',
		'Row 1: ',
		'row) ',
		'row = ',
		'row | '
	),
	relation: anyOf(
		'≤ ≥ =',
		'<= >= =',
		'is at most|is at least|is exactly',
		'must not exceed|must be at least|must equal'
	),
	unit: anyOf(
		'',
		' hours',
		' [h]',
		'h',
		' (in kg)',
		' kg/day',
		' (resource row)',
		' <- row',
		' (row in h)',
		' # row'
	),
	letters: anyOf('x', 'x', '𝑥', 'x_', 'x_{'),
	times: anyOf('', ' ', '*', ' · '),
	after: anyOf(
		'',
		'\nall variables ≥ 0',
		'\nx_j ≥ 0, j = 1, …, n',
		'\nx_j ≥ 0 ∀j',
		'\nSolve it graphically.',
		'\nwith all variables non-negative',
		'\nOptimal solution: ?',
		'\nNon-negativity: all ≥ 0'
	)
});
type Habits = typeof HABITS extends fc.Arbitrary<infer Own> ? Own : never;
const ROW_NAMES = 'alpha beta gamma delta epsilon zeta eta theta'.split(' ');

/** The lines of a statement with variables x1, x2, …, written by such habits. */
function writtenBy(habit: Habits, [goal, ...rows]: readonly string[]): string {
	const [, sense, sum] = /^(max|min) z = (.*)$/.exec(goal)!;
	const expression = (text: string) => text.replace(/(\d) (x\d)/g, `$1${habit.times}$2`);
	const relations = habit.relation.split(habit.relation.includes('|') ? '|' : ' ');
	const lines = rows.map((line, i) => {
		const [, left, relation, right] = /^\w+: (.*) ([≤≥=]) (\S+)$/.exec(line)!;
		const own = (text: string) => text.replace('1', String(i + 1)).replace('row', ROW_NAMES[i]);
		return `${own(habit.mark)}${expression(left)} ${relations['≤≥='.indexOf(relation)]} ${right}${own(habit.unit)}`;
	});
	const first = habit.goal
		.replace('Maxim', sense === 'max' ? 'Maximise' : 'Minimise')
		.replace('max', sense)
		.replace('#', expression(sum));
	const text = habit.before + first + habit.between + lines.join(habit.separator) + habit.after;
	return text.replace(/x(\d)/g, (_, digit: string) =>
		habit.letters === '𝑥'
			? `𝑥${'₀₁₂₃₄₅₆₇₈'[Number(digit)]}`
			: habit.letters + digit + (/\{/.test(habit.letters) ? '}' : '')
	);
}

test('a problem written by any habits together is read as the same, or asked about', () => {
	/** what is stated, but for names */
	const meaning = ({ objective, constraints, variables }: Problem) => {
		const sum = (terms: Problem['objective']['terms']) =>
			[...terms].map(([name, value]) => `${value.toFraction()} ${name.replace('_', '')}`).sort();
		return {
			goal: [objective.sense, ...sum(objective.terms)],
			rows: constraints.map(({ terms, relation, rhs }) => [...sum(terms), relation, rhs.toFraction()]),
			bounds: variables.map(
				({ lower, upper, domain }) => `${lower?.toFraction()} ${upper?.toFraction()} ${domain}`
			)
		};
	};
	let [read, all] = [0, 0];
	fc.assert(
		fc.property(anyProblem({ whole: true }), HABITS, (own, habit) => {
			const sums = [own.objective, ...own.constraints];
			if (sums.some(({ terms }) => terms.size < 2)) return;
			const named = new Map(own.variables.map(({ name }, i) => [name, `x${i + 1}`]));
			const inOrder = <T extends { readonly terms: Problem['objective']['terms'] }>(of: T) => ({
				...of,
				terms: new Map([...of.terms].map(([name, value]) => [named.get(name)!, value]))
			});
			const goal = { ...inOrder(own.objective), name: 'z', constant: ZERO, unit: undefined };
			const rows = own.constraints.map((row, i) => ({ ...inOrder(row), name: `r${i + 1}`, unit: undefined }));
			const used = new Set([goal, ...rows].flatMap(({ terms }) => [...terms.keys()]));
			const plain: Problem = {
				variables: [...used].map((name) => ({ name, lower: ZERO, upper: null, domain: 'continuous' })),
				objective: goal,
				constraints: rows
			};
			const lines = printStatement(plain).trim().split('\n');
			const written = writtenBy(
				habit,
				lines.filter((line) => /^max|^min|[≤≥=]/.test(line))
			);
			const { problem, diagnostics } = readStatement(written);
			const isAsked = diagnostics.some(({ code }) => code === 'ambiguous');
			if (problem && !isAsked) expect(meaning(problem), written).toEqual(meaning(plain));
			if (!problem) expect(diagnostics.some(({ severity }) => severity === 'error')).toBe(true);
			read += problem ? 1 : 0;
			all += 1;
		}),
		{ numRuns: 1500 }
	);
	expect(read).toBeGreaterThan(0.97 * all);
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

test.each([
	'bowls outnumber vases',
	'5 bowls have been ordered',
	'two bowls for one vase',
	'bowls at 10 or below',
	'bowls use 2 kg and vases 3 kg of 40 kg clay',
	'storage for 20 pieces',
	'not more than 3 of either',
	'at most 30 percent bowls',
	'in total at most 20 pieces',
	'limit bowls to 10'
])('%s: what restricts and is no row is refused, and never half read', (text) => {
	expect(readStatement(`max 3 bowls + 2 vases\nbowls + vases <= 40\n${text}`).problem).toBeNull();
});

test('a table in the place of a statement is told as one, whatever stands between its cells', () => {
	for (const between of ['\t', '   ', '|', ';', ',']) {
		const text = [
			['', 'bowls', 'vases', 'RHS'],
			['profit', '30', '45', ''],
			['clay', '2', '4', '100']
		]
			.map((row) => row.join(between))
			.join('\n');
		expect(readStatement(text).diagnostics.map(({ message }) => message.name)).toContain('table');
	}
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
	const told = readStatement('max 3x + 2y\nx + y <= 4\nwhole 2').diagnostics;
	expect(told.map(({ message }) => messageText(message)).join()).toContain('“whole” is not expected here');
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
