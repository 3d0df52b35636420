import fc from 'fast-check';
import { expect, test } from 'vitest';
import { rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { readBlock } from './block';

/** Tables of one problem, in all ways in which they are laid out. */

const of = <T>(...choices: T[]) => fc.constantFrom(...choices);
const four = <T>(one: fc.Arbitrary<T>) => fc.array(one, { minLength: 4, maxLength: 4 });
const HABITS = fc.record({
	names: of(
		['bowls', 'vases', 'jugs', 'plates'],
		['x1', 'x2', 'x3', 'x4'],
		['Oak table', 'Chair', 'Desk', 'Long shelf']
	),
	activities: fc.integer({ min: 2, max: 4 }),
	resources: fc.integer({ min: 1, max: 4 }),
	costs: four(fc.integer({ min: 1, max: 40 })),
	uses: four(four(fc.integer({ min: 0, max: 9 }))),
	amounts: four(fc.integer({ min: 10, max: 2400 })),
	relations: four(of('<=', '>=', '=')),
	goal: of(
		'max',
		'min',
		'max profit',
		'min profit',
		'profit (max)',
		'profit (min)',
		'Minimise',
		'Profit',
		'Objective',
		'Unit profit',
		'Cost per unit'
	),
	isGoalLast: fc.boolean(),
	relationIn: of('column', 'cell', 'glued'),
	amountHead: of('RHS', 'Available', 'amount', 'Limit', 'b', ''),
	corner: of('', 'Resource', 'constraint'),
	units: of('none', 'column', 'name'),
	scale: of(1, 0.5),
	comma: fc.boolean(),
	zero: of('0', '', '–'),
	isTurned: fc.boolean(),
	separator: of('\t', ';', ',', '|', 'framed'),
	title: of('', 'Production plan\n')
});
type Habits = typeof HABITS extends fc.Arbitrary<infer Own> ? Own : never;
const RESOURCES = ['clay', 'wheel', 'kiln', 'labour'];
const isMinimum = ({ goal }: Habits) => /min|cost/i.test(goal);

/** The table as a text. */
function laidOut(own: Habits): string {
	const number = (value: number) => String(value * own.scale).replace('.', own.comma ? ',' : '.');
	const cell = (value: number) => (value === 0 ? own.zero : number(value));
	const across = <T>(list: readonly T[]) => list.slice(0, own.activities);
	const isApart = own.relationIn === 'column';
	const head = [own.corner, ...across(own.names), ...(isApart ? ['relation'] : []), own.amountHead];
	const goal = [own.goal, ...across(own.costs).map(cell), ...(isApart ? [''] : []), ''];
	const rows = RESOURCES.slice(0, own.resources).map((name, i) => {
		const [relation, amount] = [own.relations[i], number(own.amounts[i])];
		const limit = isApart ? [relation, amount] : [relation + (own.relationIn === 'cell' ? ' ' : '') + amount];
		return [own.units === 'name' ? `${name} (kg)` : name, ...across(own.uses[i]).map(cell), ...limit];
	});
	const grid = [head, ...(own.isGoalLast ? [...rows, goal] : [goal, ...rows])];
	if (own.units === 'column')
		grid.forEach((row) => row.push(row === head ? 'unit' : row === goal ? '' : 'kg'));
	const turned = own.isTurned ? head.map((_, j) => grid.map((row) => row[j])) : grid;
	const lines = turned.map((row) =>
		own.separator === 'framed' ? `| ${row.join(' | ')} |` : row.join(own.separator)
	);
	if (own.separator === 'framed') lines.splice(1, 0, `|${'---|'.repeat(turned[0].length)}`);
	return (own.separator === '\t' ? own.title : '') + lines.join('\n');
}

test('a table is read as the same problem, however it is laid out', () => {
	fc.assert(
		fc.property(HABITS, (own) => {
			const used = own.uses.slice(0, own.resources).map((row) => row.slice(0, own.activities));
			if (used.some((row) => !row.some(Boolean)) || used[0].some((_, j) => !used.some((row) => row[j])))
				return;
			// a comma cannot be both
			if (own.separator === ',' && own.comma && own.scale < 1) return;
			const exact = (value: number) => rational(value, 1 / own.scale).toFraction();
			const sum = (values: readonly number[]) =>
				values
					.flatMap((value, j) => (value ? [`${exact(value)} ${own.names[j].replace(' ', '_')}`] : []))
					.sort();
			const wanted = {
				goal: [isMinimum(own) ? 'min' : 'max', ...sum(own.costs.slice(0, own.activities))],
				rows: used.map((row, i) => [RESOURCES[i], ...sum(row), own.relations[i], exact(own.amounts[i])])
			};
			const terms = (of: Problem['objective']['terms']) =>
				[...of].map(([name, value]) => `${value.toFraction()} ${name}`).sort();
			const text = laidOut(own);
			const { problem, fault } = readBlock(text);
			expect(fault, text).toBeNull();
			const { objective, constraints } = problem!;
			expect(
				{
					goal: [objective.sense, ...terms(objective.terms)],
					rows: constraints.map((row) => [row.name, ...terms(row.terms), row.relation, row.rhs.toFraction()])
				},
				text
			).toEqual(wanted);
		}),
		{ numRuns: 1500 }
	);
});
