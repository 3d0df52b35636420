import { csvParseRows } from 'd3-dsv';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { advance, decide } from '../method/decide';
import { beginWork } from '../method/solve';
import { DANTZIG } from '../method/rule';
import { addresses, addressText, board, rowKey } from '../notation/board';
import { completed, PLAIN, PROFILES } from '../notation/notation';
import { readStatement } from '../problem/statement/read';
import { startTableau } from '../tableau/build';
import { rowOperations } from '../tableau/operations';
import { pivot } from '../tableau/tableau';
import { RUN_FORMATS, runText, tableauText } from './run';

const stated = (text: string) => readStatement(text).problem!;
const KILN = stated(
	'max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18'
);

test('a covered number is in no export, in any notation; all others are as they were', () => {
	// rows are found by their names
	const all = [PLAIN, ...PROFILES.map(({ notation }) => ({ ...notation, basis: 'named' as const }))];
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom(...all),
			fc.infiniteStream(fc.boolean()),
			(problem, notation, coins) => {
				const t = startTableau(standardForm(problem));
				const shown = board(t, notation);
				const covered = new Set(addresses(shown).filter(() => coins.next().value));
				const [bare, asked] = [undefined, covered].map((own) => tableauText(t, notation, 'csv', own));
				if (notation.layout === 'dictionary') {
					expect(asked!.split('?').length - 1).toBe(covered.size);
					return;
				}
				const names = ['', ...shown.across.map(({ column }) => column)];
				const keys = new Map([
					...shown.rows.map(({ key, name }) => [name, key] as const),
					...shown.goals.map(({ goal, name }) => [name, goal.kind] as const)
				]);
				const [was, now] = [bare, asked].map((text) => csvParseRows(text!));
				was.forEach((line, i) =>
					line.forEach((text, j) => {
						const key = keys.get(line[0]);
						const isCovered = key !== undefined && covered.has(addressText({ row: key, column: names[j] }));
						expect(now[i][j]).toBe(isCovered ? '?' : text);
					})
				);
			}
		),
		{ numRuns: 150 }
	);
});

describe('a tableau as text', () => {
	const t = startTableau(standardForm(KILN));
	test('in the places of the notation', () => {
		expect(csvParseRows(tableauText(t, PLAIN, 'csv'))).toEqual([
			['', 'cups', 'jugs', 's1', 's2', 's3', 'rhs'],
			['s1', '1', '0', '1', '0', '0', '4'],
			['s2', '0', '2', '0', '1', '0', '12'],
			['s3', '3', '2', '0', '0', '1', '18'],
			['gain', '-3', '-5', '0', '0', '0', '0']
		]);
		const turned = completed({
			entries: 'minus-z',
			goalPlace: 'above',
			rhs: 'first',
			goalColumn: 'shown',
			layout: 'condensed'
		});
		expect(csvParseRows(tableauText(t, turned, 'csv'))).toEqual([
			['', 'gain', 'rhs', 'cups', 'jugs'],
			['gain', '-1', '0', '3', '5'],
			['s1', '0', '4', '1', '0'],
			['s2', '0', '12', '0', '2'],
			['s3', '0', '18', '3', '2']
		]);
		expect(tableauText(t, PROFILES[4].notation, 'text')).toBe(
			's1    =  4 - cups\ns2    =  12 - 2 jugs\ns3    =  18 - 3 cups - 2 jugs\ngain  =  0 + 3 cups + 5 jugs\n'
		);
		expect(tableauText(t, PLAIN, 'markdown').split('\n')[2]).toBe('| s1 | 1 | 0 | 1 | 0 | 0 | 4 |');
		expect(csvParseRows(tableauText(t, PROFILES[3].notation, 'csv'))[0]).toEqual([
			'c',
			'3',
			'5',
			'0',
			'0',
			'0',
			''
		]);
	});

	test('LaTeX has as many cells in each row, rules where they belong, and nothing that it does not know', () => {
		for (const { notation } of PROFILES) {
			const text = tableauText(t, notation, 'latex');
			expect(text).not.toMatch(/[−≤≥\u202f]/);
			if (notation.layout === 'dictionary') continue;
			const rows = text.split('\n').filter((line) => line.includes('&'));
			expect(new Set(rows.map((line) => line.split('&').length)).size).toBe(1);
			expect(text.match(/\\hline/g)).toHaveLength(2);
		}
	});
});

test('a run with its sentences, in every format and profile', () => {
	let work = beginWork(
		standardForm(stated('min cost = 2 x + 3 y\nneed: x + y >= 4\nfix: x - y = 1'), {
			start: 'artificial',
			equalities: 'one-row'
		}),
		'big-m'
	);
	const steps = [
		{
			tableau: work.tableau,
			remarks: [
				{ tone: 'step' as const, heading: [{ kind: 'text' as const, text: 'Start ≥ 0' }], sentences: [] }
			]
		}
	];
	for (let next = advance(work, decide(work, DANTZIG)); next; next = advance(work, decide(work, DANTZIG))) {
		work = next;
		steps.push({ tableau: work.tableau, remarks: [] });
	}
	for (const format of RUN_FORMATS)
		for (const { notation } of PROFILES) {
			const text = runText(steps, notation, format);
			expect(text).toContain('Start');
			expect(text).toContain('M');
			if (format === 'latex') expect(text.match(/\\begin/g)!.length).toBe(text.match(/\\end/g)!.length);
			// a display within a box that fits the line would not compile
			if (format === 'latex') expect(text).not.toMatch(/[−≤≥]|align\*/);
		}
});

test('the pivot that is made from a tableau is marked, with the ratios of its column; a covered one stays covered', () => {
	const t = startTableau(standardForm(KILN));
	const step = { tableau: t, remarks: [], pivot: { row: 1, slot: 1 } };
	expect(
		csvParseRows(runText([step], PLAIN, 'csv'))
			.slice(1)
			.map((row) => row.at(-1))
	).toEqual(['ratio', '–', '6', '9', '']);
	expect(runText([step], PLAIN, 'markdown')).toContain('| s2 | 0 | **2** | 0 | 1 | 0 | 12 | 6 |');
	expect(runText([step], PLAIN, 'text').match(/\[.*?\]/g)).toEqual(['[2]']);
	expect(runText([step], PLAIN, 'latex').match(/\\boxed\{.*?\}/g)).toEqual(['\\boxed{2}']);
	const covered = new Set([addressText({ row: rowKey(t, 1), column: t.form.columns[t.nonbasic[1]].id })]);
	expect(runText([{ ...step, covered }], PLAIN, 'text')).toContain('[?]');
});

test('row operations, done in order, make the new tableau from the old one', () => {
	fc.assert(
		fc.property(anyProblem(), fc.nat(), (problem, seed) => {
			const t = startTableau(standardForm(problem));
			const places = t.basis.flatMap((_, row) =>
				t.nonbasic.flatMap((_column, slot) =>
					t.kernel.cells[row * t.kernel.width + slot] ? [{ row, slot }] : []
				)
			);
			if (places.length === 0) return;
			const { row, slot } = places[seed % places.length];
			const operations = rowOperations(t, pivot(t, row, slot), row, slot);
			const [first, ...others] = operations;
			expect(first.kind).toBe('divide');
			first.after.forEach((value, k) => expect(value.equals(first.before[k].mul(first.factor))).toBe(true));
			for (const { kind, factor, before, pivotRow, after } of others) {
				expect(kind).toBe('subtract');
				after.forEach((value, k) => expect(value.equals(before[k].sub(factor.mul(pivotRow[k])))).toBe(true));
			}
		}),
		{ numRuns: 300 }
	);
});
