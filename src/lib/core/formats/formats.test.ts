import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { compare, rational } from '../number/rational';
import { InputError } from '../problem/json';
import { readStatement } from '../problem/statement/read';
import { sameProblem, type Problem } from '../problem/types';
import { convert } from './convert';
import { readCsv, writeCsv } from '../spreadsheet/csv';
import { decimalText, endingMultiple, endsAsDecimal } from './decimals';
import { latexName, writeLatex } from './latex';
import { readMps } from './mps-read';
import { writeMps } from './mps-write';

const problemOf = (text: string): Problem => readStatement(text).problem!;
const faultOf = (read: () => unknown): string => {
	try {
		read();
	} catch (error) {
		if (error instanceof InputError) return error.issues[0].message;
		throw error;
	}
	return 'no fault';
};

describe('the trade’s interchange format', () => {
	const CLASSIC = `* a comment
NAME          Fair orders
ROWS
 N  cost
 L  clay
 G  order
 E  sets
 N  spare
COLUMNS
    bowls     cost         30.0   clay          2.5
    bowls     order         1     sets          1E0
    MARKER                 'MARKER'                 'INTORG'
    vases     cost         4.5D1   clay          4
    vases     sets         -1     spare         9
    MARKER                 'MARKER'                 'INTEND'
    tiles     order         1
RHS
    RHS       clay        100     order        12
    RHS       cost        -7
RANGES
    RNG       clay         40     order         8
    RNG       sets         -3
BOUNDS
 UP BND       bowls        -2
 LI BND       vases         1
 UI BND       vases         9
 MI BND       tiles
ENDATA
`;

	test('sections, markers, ranges and bounds are read as they are meant', () => {
		const notes: string[] = [];
		const problem = readMps(CLASSIC, notes);
		const expected = problemOf(`title "Fair orders"
min cost = 30 bowls + 45 vases + 7 + 0 tiles
clay: 2.5 bowls + 4 vases <= 100
clay_range: 2.5 bowls + 4 vases >= 60
order: bowls + tiles >= 12
order_range: bowls + tiles <= 20
sets: bowls - vases <= 0
sets_range: bowls - vases >= -3
bowls free to -2
vases from 1 to 9 integer
tiles free`);
		expect(sameProblem(problem, expected)).toBe(true);
		expect(notes.join('\n')).toMatch(
			/second objective, “spare”[^]*negative upper bound[^]*range of clay[^]*range of sets/
		);
	});

	test('an entry that is given twice counts together', () => {
		const twice = CLASSIC.replace(
			'    bowls     order         1',
			'    bowls     clay          1.5   cost          2\n    bowls     order         1'
		);
		const { objective, constraints } = readMps(twice, []);
		expect(objective.terms.get('bowls')!.equals(32)).toBe(true);
		expect(
			constraints
				.find(({ name }) => name === 'clay')!
				.terms.get('bowls')!
				.equals(4)
		).toBe(true);
	});

	test('fixed fields may have blanks in names; senses, signs and sets without names are read too', () => {
		const fixed = ` N  THE COST
 L  ROW ONE
COLUMNS
    COL ONE   THE COST         2.0     ROW ONE          1.0
RHS
    RHS       ROW ONE          4.0
BOUNDS
 FR BND       COL ONE
ENDATA`;
		const notes: string[] = [];
		const { variables, objective, constraints } = readMps(
			`NAME          BLANKS\nOBJSENSE\n    MAX\nROWS\n${fixed}`,
			notes
		);
		expect([variables[0].name, variables[0].lower, objective.sense, constraints[0].name]).toEqual([
			'COL_ONE',
			null,
			'max',
			'ROW_ONE'
		]);
		expect(notes).toContain('The variable “COL ONE” is called COL_ONE.');
		const bare = readMps(
			'NAME\nOBJSENSE MAXIMIZE\nROWS\n N z\n L a\nCOLUMNS\n x z 3 a 1\nRHS\n a 4\nBOUNDS\n UP x 2.5\n BV y\nENDATA'.replace(
				'\n BV y',
				''
			),
			[]
		);
		expect(sameProblem(bare, problemOf('max z = 3 x\na: x <= 4\nx to 2.5'))).toBe(true);
	});

	test.each([
		['', 'ENDATA'],
		['ROWS\n N z\n', 'ENDATA'],
		['ROWS\n X z\nENDATA', 'line 2: “X” is no kind of row'],
		['ROWS\n N z\nCOLUMNS\n x y 3\nENDATA', 'line 4: there is no row “y”'],
		['ROWS\n N z\nCOLUMNS\n x z three\nENDATA', 'line 4: “three” is not a number'],
		['ROWS\n N z\nCOLUMNS\n x z 1e999\nENDATA', 'more than 200 digits'],
		['ROWS\n N z\nBOUNDS\n UP B x 3\nENDATA', 'line 4: there is no column “x”'],
		['ROWS\n N z\n N z\nENDATA', 'line 3: the row “z” is there twice'],
		['SHAPES\nENDATA', 'line 1: the section “SHAPES” is not known'],
		['ROWS\n L a\nENDATA', 'there is no objective']
	])('%j is refused with its line', (text, message) => {
		expect(faultOf(() => readMps(text, []))).toContain(message);
	});

	test('what is written reads back the same, but for what the notes say', () => {
		let exact = 0;
		fc.assert(
			fc.property(fc.oneof(anyProblem(), anyProblem({ whole: true })), fc.boolean(), (problem, fixed) => {
				const notes: string[] = [];
				const back = readMps(writeMps(problem, fixed, notes), []);
				if (notes.length === 0) {
					expect(sameProblem(back, problem)).toBe(true);
					exact += 1;
				}
				// a row multiplied is the same row; only numbers that were rounded may move the answer
				if (notes.some((note) => note.includes('rounded'))) return;
				const [a, b] = [solveLinear(problem), solveLinear(back)];
				expect(b.status).toBe(a.status);
				if (a.objective) expect(compare(a.objective, b.objective!)).toBe(0);
			}),
			{ numRuns: 400 }
		);
		expect(exact).toBeGreaterThan(80);
	});

	test('long names are shortened for the fixed form, and the notes say how', () => {
		const problem = problemOf(
			'max contribution = 2 bowls_for_the_fair\nclay_in_store: bowls_for_the_fair <= 4'
		);
		const notes: string[] = [];
		const text = writeMps(problem, true, notes);
		expect(notes).toEqual([
			'The variable bowls_for_the_fair is called X1: the fixed form has eight characters for a name.',
			'The constraint contribution is called R1: the fixed form has eight characters for a name.',
			'The constraint clay_in_store is called R2: the fixed form has eight characters for a name.'
		]);
		expect(text.split('\n')).toContain('    X1        R2                   1');
	});
});

test('decimals that end are exact, others are rounded half up at fifteen digits', () => {
	expect(
		[rational(5, 8), rational(-7, 20), rational(12), rational(-1, 3), rational(2, 3)].map(decimalText)
	).toEqual(['0.625', '-0.35', '12', '-0.333333333333333', '0.666666666666667']);
	expect([rational(1, 40), rational(1, 6)].map(endsAsDecimal)).toEqual([true, false]);
	expect(endingMultiple([rational(1, 6), rational(3, 20), rational(2, 7)])).toBe(21n);
});

describe('the technology table', () => {
	test('what is written reads back the same', () => {
		fc.assert(
			fc.property(fc.oneof(anyProblem(), anyProblem({ whole: true })), (problem) => {
				expect(sameProblem(readCsv(writeCsv(problem, []), []), problem)).toBe(true);
			}),
			{ numRuns: 300 }
		);
		const units = problemOf(
			'max profit [thalers] = 3 bowls + 4 + 0 vases\nclay [kg]: bowls <= 4\nbowls [dozen] free to 7'
		);
		expect(sameProblem(readCsv(writeCsv(units, []), []), units)).toBe(true);
	});

	test('a table from a spreadsheet: tabs, decimal commas, signs as they are written there', () => {
		const notes: string[] = [];
		const table =
			'\tbowls\tvases\tRelation\tAmount\nMaximise profit\t30\t45\nclay\t2,5\t4\t<=\t100\n\t\t\t\t\nwheel\t2\t1,5\t=<\t63\n\t1\t\t≥\t−3\n';
		const problem = readCsv(table, notes);
		const expected = problemOf(
			'max profit = 30 bowls + 45 vases\nclay: 2.5 bowls + 4 vases <= 100\nwheel: 2 bowls + 1.5 vases <= 63\nr3: bowls >= -3'
		);
		expect(sameProblem(problem, expected)).toBe(true);
		expect(notes).toContain('A comma is read as the decimal mark.');
	});

	test.each([
		['', 'row 1, column 1'],
		['name,x\nmax z,3', 'row 1, column 1'],
		['name,x,relation,amount\nmax z,3\na,2,about,4', 'row 3, column 3: “about” is no relation'],
		['name,x,relation,amount\nmax z,three', 'row 2, column 2: “three” is not a number'],
		['name,x,relation,amount\na,2,<=,4', 'no row begins with max or min'],
		['name,x,relation,amount\nmax z,3\nmin y,4', 'row 3, column 1: this is a second objective'],
		['name,x,relation,amount\nmax z,3\ndomain,whole', 'row 3, column 2: “whole” is no domain']
	])('%j is refused with its place', (text, message) => {
		expect(faultOf(() => readCsv(text, []))).toContain(message);
	});
});

describe('LaTeX', () => {
	test('a problem with a wide row is made to fit the line, a narrow one is a display; both are read back', () => {
		const names = ['bowls', 'vases', 'candleholders', 'teapots', 'lamps', 'plates'];
		const sum = (count: number) =>
			names
				.slice(0, count)
				.map((name, i) => `${i + 3} ${name}`)
				.join(' + ');
		for (const [count, isWide] of [
			[2, false],
			[6, true]
		] as const) {
			const problem = problemOf(
				`max profit [thalers] = ${sum(count)}\nclay [kg]: ${sum(count)} <= 100\nkiln: bowls >= 3`
			);
			const text = writeLatex(problem, []);
			expect([text.includes('\\resizebox'), text.includes('align*')]).toEqual([isWide, !isWide]);
			expect(sameProblem(readStatement(text).problem!, problem)).toBe(true);
		}
	});

	test('names, numbers and rows as mathematics', () => {
		expect(['x', 'x12', 'bowls', 'größe', 'a_b'].map(latexName)).toEqual([
			'x',
			'x_{12}',
			'\\mathit{bowls}',
			'\\text{größe}',
			'\\text{a\\_b}'
		]);
		const notes: string[] = [];
		const text = writeLatex(
			problemOf('title "50 % off"\nmax z [t] = 3 x1 - 5/2 x2 + 4\nclay: x1 + x2 <= 4\nx2 free integer'),
			notes
		);
		expect(text).toBe(
			'% title "50 % off"\n% needs \\usepackage{amsmath}\n\\begin{align*}\n' +
				'\\max\\quad & z\\,\\text{[t]} = 3\\,x_{1} - \\tfrac{5}{2}\\,x_{2} + 4 \\\\\n' +
				'\\text{clay:}\\quad & x_{1} + x_{2} \\le 4 \\\\\n' +
				' & x_{2} \\text{ free integer} \\\\\n' +
				' & x_{1} \\ge 0\n\\end{align*}\n'
		);
		expect(notes).toEqual([]);
	});

	test('what is written is read back as the same problem', () => {
		const name = fc.constantFrom('x', 'bowls', 'to', 'größe', 'x_1', "y'", '変数', 'a2b', 'vases3');
		fc.assert(
			fc.property(
				anyProblem(),
				anyProblem({ whole: true }),
				fc.uniqueArray(name, { minLength: 3, maxLength: 3 }),
				fc.constantFrom('', 'kg', 'a_b %', '10 kg/dozen'),
				(a, b, names, unit) => {
					for (const problem of [a, b]) {
						const rename = (own: string) => names[Number(own.slice(1)) - 1];
						const terms = (own: Problem['objective']['terms']) =>
							new Map([...own].map(([key, value]) => [rename(key), value]));
						const units = unit ? { unit } : {};
						const named: Problem = {
							...(unit ? { title: 'A "title" % here' } : {}),
							variables: problem.variables.map((v) => ({ ...v, ...units, name: rename(v.name) })),
							objective: { ...problem.objective, ...units, terms: terms(problem.objective.terms) },
							constraints: problem.constraints.map((row) => ({ ...row, ...units, terms: terms(row.terms) }))
						};
						const text = writeLatex(named, []);
						const { problem: again } = readStatement(text);
						expect(again && sameProblem(again, named), text).toBe(true);
					}
				}
			),
			{ numRuns: 300 }
		);
	});
});

test('every pair of formats that the agreement names converts', () => {
	const start = 'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases ≤ 100\n';
	const json = convert({ from: 'statement', to: 'json', content: start }).content;
	for (const via of ['statement', 'mps', 'csv', 'latex'] as const) {
		const there = convert({ from: 'json', to: via, content: json }).content;
		expect(convert({ from: via, to: 'json', content: there }).content).toBe(json);
	}
	expect(convert({ from: 'json', to: 'mps-fixed', content: json }).content).toMatch(/^NAME/);
});

test('CSV has lines of bounds, domains and units only where there are any', () => {
	const heads = (statement: string) =>
		writeCsv(readStatement(statement).problem!, [])
			.split('\n')
			.map((line) => line.split(',')[0]);
	expect(heads('max z = x + y\na: x + y <= 4')).toEqual(['name', 'max z', 'a', '']);
	expect(heads('max z = x + y\na: x + y <= 4\nx from 1\ny [kg] to 3 integer')).toEqual([
		'name',
		'max z',
		'a',
		'unit of activity',
		'lower',
		'upper',
		'domain',
		''
	]);
});

test('cells that a spreadsheet would run are harmless in CSV and read back, and a row named max is a row', () => {
	const problem = readStatement(
		'max z = x + y\n"max" [=1+1]: x + y <= 4\nr [@sum]: x >= 1\nx [-cmd] from 0'
	).problem!;
	const notes: string[] = [];
	const text = writeCsv(problem, notes);
	for (const cell of text.split(/[,\n]/)) expect(cell).not.toMatch(/^"?[=@](?!$)|^"?-[a-z]/);
	expect(notes.join()).toContain('3 cells begin like a formula');
	expect(sameProblem(readCsv(text, []), problem)).toBe(true);
});
