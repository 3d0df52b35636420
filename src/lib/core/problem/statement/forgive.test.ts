import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { rational } from '../../number/rational';
import { sameProblem } from '../types';
import * as edit from './edits';
import { printStatement } from './print';
import { readStatement } from './read';
import { applyEdits } from './text-edit';

const IN_OUR_FORM = readStatement(`max Z = 3 x1 + 5/2 x2
r1: x1 ≤ 4
r2: 2 x2 ≤ 1200
r3: 3 x1 - 2 x2 ≥ 18
x1, x2 integer`).problem!;

/** Each says the same in another way of writing. */
const HABITS: Record<string, string> = {
	board: `Maximise Z = 3x₁ + 2½x₂
subject to
x₁ ≤ 4,
2x₂ ≤ 1200;
3x₁ – 2x₂ ≥ 18.
x₁, x₂ ≥ 0 and integer`,
	notes: `Max. Z: 3*x1 + 2.5 x2 s.t.
x1 at most 4; 2x2 is at most 1 200
3·x1 − 2x2 >= 18 and
x1, x2 ∈ Z.`,
	'one line': `max Z = 3x1 + 2,5x2 s.t. x1 <= 4, 2x2 <= 1200, 3x1 - 2x2 >= 18, x1 and x2 are integers`,
	arrow:
		`Z = 3x1 + 5/2 x2 → max
such that (whatever #
`.replace('(whatever #', '') +
		`(1) x1 ≤ 4
(2) 2x2 ≤ 1200
(3) 3x1 − 2x2 ≥ 18
x1, x2 whole numbers`,
	latex: String.raw`\begin{align*}
\max \quad & Z(x_1, x_2) = 3x_{1} + \tfrac{5}{2}\,x_2 \\[2pt]
\text{s.t.} \quad & x_1 \le 4, \\
& 2x_2 \leqslant 1\,200, \\
& 3x_{1} - 2 \cdot x_{2} \geq 18, \\
& x_1, x_2 \ge 0, \; x_1, x_2 \in \mathbb{Z}
\end{align*}`
};

describe('what boards, notes and sources write', () => {
	test.each(Object.entries(HABITS))('%s', (_, text) => {
		const { problem, diagnostics } = readStatement(text);
		expect(diagnostics.filter(({ severity }) => severity === 'error')).toEqual([]);
		expect(problem && sameProblem(problem, IN_OUR_FORM)).toBe(true);
		// every reading is told, and rewriting them all gives the same problem with nothing left to tell
		const told = diagnostics.filter(({ code }) => code === 'reading');
		expect(told.length).toBeGreaterThan(0);
		const all = told[0].fixes!.find(({ says }) => says.name === 'rewriteAll') ?? told[0].fixes![0];
		const again = readStatement(applyEdits(text, all.edits));
		expect(again.problem && sameProblem(again.problem, IN_OUR_FORM)).toBe(true);
		expect(again.diagnostics.filter(({ code }) => code === 'reading')).toEqual([]);
	});

	test.each(Object.entries(HABITS))('the places of %s are those of what was written', (_, text) => {
		const reading = readStatement(text);
		const renamed = applyEdits(text, edit.rename(text, reading, 'variable', 'x2', 'vases'));
		const { problem } = readStatement(renamed);
		expect(problem?.variables.map(({ name }) => name)).toEqual(['x1', 'vases']);
		const changed = readStatement(
			applyEdits(text, edit.setCoefficient(text, reading, 'r3', 'x2', rational(7)))
		);
		expect(changed.problem?.constraints[2].terms.get('x2')?.toFraction()).toBe('7');
	});

	test('what may mean two things is read as the likelier, told, and both ways to write it are there', () => {
		const text = 'max z = x\nr: x ≤ 1,500';
		const { problem, diagnostics } = readStatement(text);
		expect(problem?.constraints[0].rhs.toFraction()).toBe('1500');
		expect(diagnostics[0]).toMatchObject({ code: 'ambiguous', severity: 'notice' });
		const answers = diagnostics[0].fixes!.map(({ edits }) => readStatement(applyEdits(text, edits)).problem);
		expect(answers.map((own) => own!.constraints[0].rhs.toFraction())).toEqual(['1500', '3/2']);
		// where another number shows which it is, nothing is asked
		const rhs = (sum: string) => readStatement(`max z = ${sum}\nr: x ≤ 1,500`).problem?.constraints[0].rhs;
		expect([rhs('2,5 x'), rhs('2.5 x')].map((own) => own?.toFraction())).toEqual(['3/2', '1500']);
		const counted = readStatement('max z = x\nr: x ≤ 5 (2)');
		const ways = counted.diagnostics[0].fixes!.map(({ edits }) =>
			readStatement(applyEdits('max z = x\nr: x ≤ 5 (2)', edits)).problem?.constraints[0].rhs.toFraction()
		);
		expect([counted.problem?.constraints[0].rhs.toFraction(), ...ways]).toEqual(['5', '5', '10']);
		const reals = readStatement('max z = x + y\nx + y ≤ 3\nx ≥ 0\ny ∈ ℝ');
		const doubt = reals.diagnostics.find(({ code }) => code === 'ambiguous');
		expect([reals.problem?.variables[1].lower, doubt?.fixes?.length]).toEqual([null, 2]);
	});

	test('names and labels of our own that look like habits stay what they are', () => {
		const text = `max z = urs + with + st
st: urs + with ≤ 4
minimum: urs ≥ 1
maxload [kg]: 2 with ≤ 9
constraints: with + st ≤ 7
`;
		const { problem, diagnostics } = readStatement(text);
		expect(diagnostics.filter(({ code }) => code === 'reading')).toEqual([]);
		expect(problem?.constraints.map(({ name }) => name)).toEqual(['st', 'minimum', 'maxload', 'constraints']);
		fc.assert(
			fc.property(anyProblem(), (own) => {
				expect(
					readStatement(printStatement(own)).diagnostics.filter(({ code }) => code === 'reading')
				).toEqual([]);
			})
		);
	});

	test('any text is read without trouble, and its places lie in it', () => {
		const piece = fc.constantFrom(
			...Object.values(HABITS).flatMap((text) => text.split(/(?=[\s,])/)),
			'\\',
			'{',
			'}',
			'½',
			',',
			'$',
			'%'
		);
		fc.assert(
			fc.property(fc.array(piece, { maxLength: 40 }), (pieces) => {
				const text = pieces.join('');
				const { diagnostics, places } = readStatement(text);
				for (const { from, to } of [...diagnostics, ...places])
					expect(0 <= from && from <= to && to <= text.length).toBe(true);
			}),
			{ numRuns: 500 }
		);
	});
});

test('units of coefficients and amounts are compared with those of their rows', () => {
	const misfits = (row: string) =>
		readStatement(`max z = bowls\n${row}\nbowls [dozen] from 0`).diagnostics.filter(
			({ code }) => code === 'unit'
		).length;
	expect(misfits('clay [kg]: 5/2 [kg/dozen] bowls ≤ 100 [kg]')).toBe(0);
	expect(misfits('clay [kg]: 5/2 [kg per dozen] bowls ≤ 100')).toBe(0);
	expect(misfits('clay [kg]: 5/2 [hours/dozen] bowls ≤ 100 [kg]')).toBe(1);
	expect(misfits('clay [kg]: 5/2 [kg] bowls ≤ 100 [hours]')).toBe(2);
	expect(misfits('clay: 5/2 [kg] bowls ≤ 100 [hours]')).toBe(0);
});

test('what is no linear row is told once, by what it is, also behind a label', () => {
	const said = (row: string) =>
		readStatement(`max z = 3 x + 2 y\na: 2 x + y <= 100\n${row}`)
			.diagnostics.filter(({ severity }) => severity === 'error')
			.map(({ message }) => [message.name, ...message.about].join(' '));
	for (const lead of ['', 'rule: ', '(b) ', '2. ']) {
		expect(said(`${lead}either x <= 3 or y <= 4`)).toEqual(['notLinear either']);
		expect(said(`${lead}if x > 3 then y = 0`)).toEqual(['notLinear condition']);
		expect(said(`${lead}x and y must be even`)).toEqual(['notLinear parity']);
	}
});
