import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../../tests/support/problems';
import { standardForm } from '../../form/standard';
import { beginWork } from '../../method/solve';
import { choiceAt } from '../../method/rules';
import { CHOICES, completed, PROFILES, type Notation } from '../../notation/notation';
import { parseRational } from '../../number/rational';
import { readStatement } from '../../problem/statement/read';
import { startTableau } from '../../tableau/build';
import { rowOperations } from '../../tableau/operations';
import { cell, objectiveValue, pivot } from '../../tableau/tableau';
import { expressing } from './expressing';
import { writtenOperation } from './operations';
import { remarkWords } from '../messages';
import { columnPreview, pivotPreview } from '../preview';
import { plainText, paragraphText } from '../../sentence/sentence';

/** `3 − (1/2) · 4 ÷ (−2) = 4` worked out from its own text: products and quotients before sums. */
function worksOut(text: string): boolean {
	const [left, right] = text.split(' = ');
	const number = (word: string) => parseRational(word.replace('−', '-').replace(/[()\u202f]/g, ''));
	const words = left.split(' ');
	let total = parseRational('0');
	let term = number(words[0]);
	let sign = 1;
	for (let i = 1; i < words.length; i += 2) {
		const next = number(words[i + 1]);
		if (words[i] === '·') term = term.mul(next);
		else if (words[i] === '÷') term = term.div(next);
		else {
			total = total.add(term.mul(sign));
			sign = words[i] === '−' ? -1 : 1;
			term = next;
		}
	}
	return total.add(term.mul(sign)).equals(number(right));
}

test('in every way of writing and with all signs, the arithmetic of a row operation works out as it stands there', () => {
	const notations = PROFILES.flatMap(({ notation }) =>
		CHOICES.operations.map((operations): Notation => ({ ...notation, operations }))
	);
	fc.assert(
		fc.property(anyProblem(), fc.nat(), fc.constantFrom(...notations), (problem, seed, notation) => {
			const t = startTableau(standardForm(problem));
			const places = t.basis.flatMap((_, row) =>
				t.nonbasic.flatMap((__, slot) => (cell(t, row, slot) ? [{ row, slot }] : []))
			);
			if (places.length === 0) return;
			const { row, slot } = places[seed % places.length];
			const operations = rowOperations(t, pivot(t, row, slot), row, slot);
			for (const operation of operations) {
				const written = writtenOperation(operation, operations, notation, problem.objective);
				written.lines.at(-1)!.cells.forEach((_, k) => expect(written.says(k)).toSatisfy(worksOut));
			}
		}),
		{ numRuns: 300 }
	);
});

test('in a dictionary what is put in works out: each equation, with the entering variable replaced, is the one that follows', () => {
	const notation = completed({ layout: 'dictionary' });
	const linear = (text: string) => {
		const plain = text
			.replaceAll('⁺', 'p')
			.replaceAll('⁻', 'm')
			.replaceAll("'", 'q')
			.replaceAll('\u202f', '');
		const { problem } = readStatement(`max goal = ${plain}\nr: y1 <= 1`);
		const { terms, constant } = problem!.objective;
		return JSON.stringify([
			constant.toFraction(),
			[...terms]
				.filter(([, value]) => value.n !== 0n)
				.map(([name, value]) => `${name} ${value.toFraction()}`)
				.sort()
		]);
	};
	const seen = { minus: 0, plus: 0 };
	fc.assert(
		fc.property(anyProblem(), fc.nat(), (problem, seed) => {
			const t = startTableau(standardForm(problem));
			const places = t.basis.flatMap((_, row) =>
				t.nonbasic.flatMap((__, slot) => (cell(t, row, slot) ? [{ row, slot }] : []))
			);
			if (places.length === 0) return;
			const { row, slot } = places[seed % places.length];
			const after = pivot(t, row, slot);
			const [solved, ...others] = expressing(t, after, choiceAt(t, row, slot), notation).map(({ says }) =>
				plainText(says, notation)
			);
			expect(solved).toContain(', solved for ');
			for (const told of others) {
				const [, replaced, now] = told.split(' = ');
				expect(linear(replaced)).toBe(linear(now));
				seen[/−[^(]*\([^(]*$/.test(replaced) ? 'minus' : 'plus'] += 1;
			}
		}),
		{ numRuns: 300 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(20);
});

const KILN = readStatement(
	'max profit [thalers] = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nkiln: bowls + 2 vases <= 45'
).problem!;

describe('the forms of a course', () => {
	const t = startTableau(standardForm(KILN));
	const operations = rowOperations(t, pivot(t, 1, 1), 1, 1);
	test.each([
		['multiples', ['R2 ← 1/2 R2', 'R1 ← R1 − 4 R2', 'profit ← profit + 45 R2']],
		[
			'old-minus',
			['new R2 = old R2 ÷ 2', 'new R1 = old R1 − 4 new R2', 'new profit = old profit + 45 new R2']
		],
		['rectangle', ['new R2 = old R2 ÷ 2', 'R1: old − 4 · R2 ÷ 2', 'profit: old + 45 · R2 ÷ 2']]
	] as const)('%s', (style, formulas) => {
		const notation = completed({ operations: style });
		const shown = operations.map((own) =>
			plainText(writtenOperation(own, operations, notation, KILN.objective).formula, notation)
		);
		expect(shown).toEqual(formulas);
	});
});

describe('before a pivot', () => {
	const work = beginWork(standardForm(KILN), 'primal');
	const told = (row: number, slot: number) =>
		paragraphText(remarkWords(pivotPreview(work, choiceAt(work.tableau, row, slot))));

	test('the ratio, the change, the plan, and whether it stays feasible', () => {
		expect(told(1, 1)).toBe(
			'Ratio 45 ÷ 2 = 45/2: vases would be 45/2. profit would rise by 2025/2, to 2025/2 thalers: 45/2 times 45. The plan would be bowls = 0 and vases = 45/2. No basic variable would be negative.'
		);
		expect(told(0, 1)).toContain('Ratio 100 ÷ 4 = 25, but s2 has only 45/2: vases would be 25.');
		expect(told(0, 1)).toContain('Not feasible: s2 = −5.');
		const after = pivot(work.tableau, 0, 1);
		expect(told(0, 1)).toContain(`to ${objectiveValue(after).toFraction()}`);
	});

	test('a column: each row’s limit, or why it sets none', () => {
		const shelf = readStatement('max z = x + y\na: x - y <= 2\nb: x <= 4\nc: y <= 3').problem!;
		const own = beginWork(standardForm(shelf), 'primal');
		expect(paragraphText(remarkWords(columnPreview(own, 1)))).toBe(
			's1 sets no limit: it grows with it (entry −1). s2 sets no limit: it does not change (entry 0). s3 lets it increase to 3 ÷ 1 = 3.'
		);
	});
});

test('a row with M is one formula, worked out in two parts that are told apart', () => {
	const problem = readStatement('min cost = 2 x + 3 y\nneed: x + y >= 4\nfix: x - y = 1').problem!;
	const { tableau: t } = beginWork(
		standardForm(problem, { start: 'artificial', equalities: 'one-row' }),
		'big-m'
	);
	const operations = rowOperations(t, pivot(t, 1, 0), 1, 0);
	const told = (bigM: Notation['bigM']) =>
		operations
			.map((own) => writtenOperation(own, operations, completed({ bigM }), problem.objective))
			.map(({ formula, part }) => [plainText(formula), part]);
	const [plain, withM] = [told('two-rows'), told('one-row')];
	expect(plain.map(([, part]) => part)).toEqual([null, null, null, null]);
	expect(withM.slice(0, 2)).toEqual(plain.slice(0, 2));
	expect(withM.slice(2).map(([, part]) => part)).toEqual(['numbers without M', 'coefficients of M']);
	expect(withM[2][0]).toBe(withM[3][0]);
});
