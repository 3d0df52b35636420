import { describe, expect, test } from 'vitest';
import { BLOCKS } from '../../../../tests/support/written-blocks';
import { printStatement } from '../problem/statement/print';
import { readStatement } from '../problem/statement/read';
import { sameProblem, type Problem } from '../problem/types';
import { isWholeTable, readBlock } from './block';

const EXPECTED = readStatement(`max profit [thalers] = 30 bowls + 45 vases
clay [kg]: 5/2 bowls + 4 vases ≤ 100
orders: bowls + vases ≥ 12
crate: vases = 7`).problem!;

const SAME: Record<string, string> = {
	'tabs, heads, units':
		'\tbowls\tvases\t\tamount\tunit\nmax profit\t30\t45\t\t\tthalers\nclay\t2.5\t4\t≤\t100\tkg\norders\t1\t1\t>=\t12\ncrate\t0\t1\t=\t7\n',
	'semicolons and decimal commas':
		';bowls;vases;rel;rhs;unit\r\nprofit;30;45;;;thalers\r\nclay;2,5;4;<=;100;kg\r\norders;1,0;1;>=;12;\r\ncrate;;1;=;7;\r\n',
	'columns of blanks':
		'            bowls  vases      amount  unit\nmax profit     30     45                  thalers\nclay          2.5      4  ≤   100     kg\norders          1      1  >=  12\ncrate           0      1  =   7\n',
	'commas, objective last':
		',bowls,vases,,amount,unit\nclay,5/2,4,<=,100,kg\norders,1,1,≥,12,\ncrate,,1,=,7,\nmax profit,30,45,,,thalers\n'
};

test.each(Object.entries(SAME))('a block from a spreadsheet is understood: %s', (name, text) => {
	const { problem, fault } = readBlock(text);
	expect(fault).toBeNull();
	expect(problem && sameProblem(problem, EXPECTED), name).toBe(true);
	expect(isWholeTable(text)).toBe(true);
});

test('an activity called B holds no amounts, a last column b does; relations may stand in the cells of the amounts', () => {
	const printed = (text: string) => printStatement(readBlock(text).problem!).trim();
	const wanted = 'max Profit = 5 A + 4 B\nLabour: 2 A + B ≤ 100';
	expect(printed('Product\tA\tB\tAvailable\nLabour\t2\t1\t100 hours\nProfit\t5\t4')).toBe(wanted);
	expect(printed('\tA\tB\tb\nProfit\t5\t4\t\nLabour\t2\t1\t100')).toBe(wanted);
	expect(printed('        A   B   RHS\nProfit  5   4   0\nLabour  2   1   ≤ 100')).toBe(wanted);
});

test('the rows of a simplex tableau are equations, and that is told', () => {
	const { problem, notes } = readBlock('Basis\tx\ts\tRHS\nz\t-3\t0\t0\ns\t1\t1\t4');
	expect(problem!.constraints.map(({ relation }) => relation)).toEqual(['=']);
	expect(notes.join()).toContain('basis of a tableau');
});

test('what is understood otherwise than meant can be set right', () => {
	const bare = '30\t45\n2\t4\t100\n1\t1\t12';
	expect(isWholeTable(bare)).toBe(false);
	expect(readBlock(bare).fault?.message).toContain('objective');
	const { problem, layout } = readBlock(bare, { objective: 0, sense: 'min', relation: '>=' });
	expect([layout.hasHeads, layout.hasNames]).toEqual([false, false]);
	expect(problem?.objective.sense).toBe('min');
	expect(
		problem?.constraints.map(({ name, relation, rhs }) => `${name} ${relation} ${rhs.toFraction()}`)
	).toEqual(['r1 >= 100', 'r2 >= 12']);
	// a comma may part cells or digits
	expect(readBlock('max z;1,5;2\na;1;2;<=;3').problem?.objective.terms.get('x1')?.toFraction()).toBe('3/2');
	expect(
		readBlock('max z;1,500;2\na;1;2;<=;3', { decimalComma: true })
			.problem?.objective.terms.get('x1')
			?.toFraction()
	).toBe('3/2');
});

test('a cell that cannot be read is told where it stands', () => {
	const { problem, fault } = readBlock('\tx\ty\t\tamount\nmax z\t1\tmany\t\t\nr\t1\t1\t<=\t4');
	expect([problem, fault?.row, fault?.column]).toEqual([null, 1, 2]);
	expect(fault?.message).toContain('“many”');
	expect(
		readBlock('\tx\ty\t\tamount\nmax z\t1\t2\t\t\nr\t1\t1\tabout\t4\ns\t1\t1\t<=\t4\nt\t1\t1\t<=\t4').fault
	).toMatchObject({ row: 2, column: 3 });
	expect(readBlock('').fault?.message).toContain('no cells');
});

test('cells are read as people write them, and nothing is decided by a comma that proves nothing', () => {
	const body = 'hours\t3\t2\tat most\t3,600\nclay\t-\t(1)\tmaximum\t40 €\nshare\t40 %\t1\tat least\t$5';
	const { problem, layout, notes } = readBlock(
		`\tbowls\tvases\t\tamount\nmax profit\t$30\t45 €\t\t\n${body}`
	);
	expect(layout.decimalComma).toBe(false);
	expect(notes.join()).toContain('3,600 is 3600');
	const told = problem!.constraints.map(({ name, terms, relation, rhs }) =>
		[
			name,
			...[...terms].map(([own, value]) => `${value.toFraction()} ${own}`),
			relation,
			rhs.toFraction()
		].join(' ')
	);
	expect(told).toEqual([
		'hours 3 bowls 2 vases <= 3600',
		'clay -1 vases <= 40',
		'share 2/5 bowls 1 vases >= 5'
	]);
	expect(readBlock('\tx\ty\t\tb\nmax\t2,5\t1\t\t\nr\t1\t1\t<=\t3,600').layout.decimalComma).toBe(true);
	const table = '| | x | y | | b |\n|---|---:|---|---|---|\n| max z | 3 | 2 | | |\n| r | 1 | 1 | <= | 4 |';
	expect(readBlock(table).problem?.constraints[0].rhs.toFraction()).toBe('4');
});

test('columns and rows have the roles that were given, totals are left out and told, and amounts are asked for, not guessed', () => {
	const text = '\tbowls\tjugs\ttotal\tin store\nmax z\t3\t2\t\t7\nclay\t1\t1\t2\t4\ntotal\t4\t3\t2\t11';
	const asked = readBlock(text);
	expect(asked.problem).toBeNull();
	expect(asked.fault?.message).toContain('which column holds the amounts');
	const { problem, notes, roles } = readBlock(text, { columns: { 4: 'amount' } });
	expect(roles).toEqual(['name', 'activity', 'activity', 'nothing', 'amount']);
	expect(problem?.constraints.map(({ name, rhs }) => `${name} ${rhs.toFraction()}`)).toEqual(['clay 4']);
	expect(notes.join(' ')).toContain(
		'Row 4 (total) is left out: it is a result. Column 4 (total) is left out.'
	);
	const all = readBlock(text, { columns: { 4: 'amount', 3: 'activity' }, leftOut: { 3: false } }).problem;
	expect([all?.variables.length, all?.constraints.length]).toEqual([3, 2]);
});

describe.each([
	['tabs', '\t'],
	['semicolons', ';']
])('blocks as people keep them, between %s', (_, sign) => {
	test.each(BLOCKS)('%j', (block, means) => {
		const text = block
			.split('\n')
			.map((line) =>
				line
					.split(' ')
					.map((cell) => (cell === '.' ? '' : cell.replaceAll('_', ' ')))
					.join(sign)
			)
			.join('\n');
		const { problem, fault } = readBlock(text);
		if (means === null) {
			expect([problem, fault !== null]).toEqual([null, true]);
			return;
		}
		expect(fault).toBeNull();
		const bare = (own: Problem): Problem => ({
			...own,
			objective: { ...own.objective, unit: undefined },
			constraints: own.constraints.map(({ unit: _unit, ...row }) => row)
		});
		expect(printStatement(bare(problem!))).toBe(printStatement(bare(readStatement(means).problem!)));
	});
});

test('a table of transport costs is a problem whose activities are the ways, whichever side the sources stand on', () => {
	const { problem, notes } = readBlock(
		'To\\From\tW1\tW2\tSupply\nF1\t8\t6\t35\nF2\t9\t12\t50\nDemand\t45\t20\t'
	);
	expect(printStatement(problem!).trim()).toBe(
		[
			'min cost = 8 F1_W1 + 6 F1_W2 + 9 F2_W1 + 12 F2_W2',
			'F1: F1_W1 + F1_W2 ≤ 35',
			'F2: F2_W1 + F2_W2 ≤ 50',
			'W1: F1_W1 + F2_W1 ≥ 45',
			'W2: F1_W2 + F2_W2 ≥ 20'
		].join('\n')
	);
	expect(notes.join()).toContain('transport costs');
	const turned = readBlock('\tF1\tF2\tDemand\nW1\t8\t9\t45\nW2\t6\t12\t20\nSupply\t35\t50\t65');
	expect(turned.problem!.constraints.map(({ name, relation }) => name + relation)).toEqual([
		...['W1>=', 'W2>=', 'F1<=', 'F2<=']
	]);
	expect(turned.problem!.objective.terms.get('F2_W1')?.toFraction()).toBe('9');
	const numbered = readBlock('\t1\t2\tSupply (t)\n1\t8\t\t35\n2\t9\t12\t50\nDemand (t)\t45\t20\t').problem!;
	expect(printStatement(numbered).trim()).toBe(
		'min cost = 8 x1_1 + 9 x2_1 + 12 x2_2\nfrom_1 [t]: x1_1 ≤ 35\nfrom_2 [t]: x2_1 + x2_2 ≤ 50\nto_1 [t]: x1_1 + x2_1 ≥ 45\nto_2 [t]: x2_2 ≥ 20'
	);
	// a technology table with capacities is none
	expect(
		readBlock('\tA\tB\tCapacity\nclay\t2\t1\t9\nkiln\t1\t1\t8\nprofit\t3\t2\t').problem!.variables
	).toHaveLength(2);
});

test('more cells than a problem may have are refused before they are read', () => {
	const wide = (rows: number) =>
		[['', ...Array.from({ length: 300 }, (_, j) => `x${j}`), '<=', '9'].join('\t')]
			.concat(
				Array.from({ length: rows }, (_, i) => [`r${i}`, ...Array(300).fill('1'), '<=', '9'].join('\t'))
			)
			.join('\n');
	expect(readBlock(wide(200)).fault?.message).toContain('more cells than a problem may have');
	expect(readBlock(wide(20)).fault?.message ?? '').not.toContain('more cells');
});

test('two rows of one name are told at the second of them', () => {
	const { problem, fault } = readBlock('\tA\tB\tRHS\nclay\t2\t1\t9\nclay\t1\t1\t8\nprofit\t3\t2\t');
	expect([problem, fault?.row, fault?.column]).toEqual([null, 2, 0]);
	expect(fault?.message).toContain('Two rows are called “clay”');
	// what only leads to rows is no name, however often it stands there
	const led = readBlock('max\t3\t2\t\t\ns.t.\t1\t1\t<=\t4\ns.t.\t1\t3\t<=\t6').problem!;
	expect(led.constraints.map(({ name }) => name)).toEqual(['r1', 'r2']);
});

test('a first line of prices is no head, and what only leads to rows no name', () => {
	const { problem } = readBlock('Profit\t$7.00\t$5.00\ns.t.\t4\t3\t<=\t240\nPaint\t2\t1\t<=\t100');
	expect(printStatement(problem!).trim()).toBe(
		'max Profit = 7 x1 + 5 x2\nr1: 4 x1 + 3 x2 ≤ 240\nPaint: 2 x1 + x2 ≤ 100'
	);
});
