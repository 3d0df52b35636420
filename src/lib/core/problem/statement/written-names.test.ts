import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Problem } from '../types';
import { readStatement } from './read';

/** Names of all kinds, and what is said of variables in all ways. */

const of = <T>(...choices: T[]) => fc.constantFrom(...choices);
const NAMES = [
	['bowls', 'vases', 'jugs'],
	['oak tables', 'pine chairs', 'desks'],
	['t-shirts', 'mugs', 'caps'],
	['Tische', 'Stühle', 'Betten'],
	['a', 'b', 'c'],
	['xA', 'xB', 'xC'],
	['x₁', 'x₂', 'x₃'],
	['s', 't', 'u'],
	['E', 'F', 'G']
];
/** of the first variable, or of all: what is said, as bounds and domain */
const SAID: readonly (readonly [says: string, first: string, others: string])[] = [
	['', '0 - continuous', '0 - continuous'],
	...['# ≥ 0', 'all variables non-negative', '#& are non-negative'].map(
		(says) => [says, '0 - continuous', '0 - continuous'] as const
	),
	...['# integer', 'all variables are integers', '# ≥ 0 and integer', '#& are integers', 'integer: #'].map(
		(says) => [says, '0 - integer', '0 - integer'] as const
	),
	...['1 integer', '1 must be a whole number', '1 ∈ ℤ'].map(
		(says) => [says, '0 - integer', '0 - continuous'] as const
	),
	...['1 free', '1 is unrestricted in sign', '1 may be negative'].map(
		(says) => [says, '- - continuous', '0 - continuous'] as const
	),
	...['2 ≤ 1 ≤ 7', '1 must lie between 2 and 7', '1 ∈ [2, 7]'].map(
		(says) => [says, '2 7 continuous', '0 - continuous'] as const
	),
	...['1 binary', '1 ∈ {0, 1}', '1 = 0 or 1'].map((says) => [says, '0 1 binary', '0 - continuous'] as const)
];
const GOALS = [
	'max z = #',
	'Maximise #',
	'Maximise profit: #',
	'The potter wants to maximise #',
	'max # (profit)',
	'max # [thalers]',
	'Profit: # → max',
	'Maximise the total profit #'
];

test('a name is the same variable wherever it stands, and what is said of it holds for it alone', () => {
	const habits = fc.record({
		names: of(...NAMES),
		said: of(...SAID),
		goal: of(...GOALS),
		costs: fc.array(fc.integer({ min: 11, max: 39 }), { minLength: 3, maxLength: 3 }),
		uses: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 3 }),
		isMinus: fc.boolean(),
		scale: of(1, 0.1),
		isComma: fc.boolean(),
		label: of('', 'clay: ', 'Clay (kg): ', '(1) ', 'Machine A: ', '• '),
		relation: of('≤', 'is at most', 'may not be more than', 'should not exceed'),
		unit: of('', ' hours', ' kg per week', ' [kg]', ' (clay)', ' €')
	});
	fc.assert(
		fc.property(habits, (own) => {
			const number = (value: number) => {
				const text = String(Math.round(value * own.scale * 10) / 10);
				return text === '1' ? '' : `${own.isComma ? text.replace('.', ',') : text} `;
			};
			const sum = (values: readonly number[]) =>
				values
					.map(
						(value, i) =>
							`${i === 0 ? '' : i === 1 && own.isMinus ? ' - ' : ' + '}${number(value)}${own.names[i]}`
					)
					.join('');
			const [first, second, third] = own.names;
			const says = own.said[0]
				.replace(/(?<![\d,] ?)1(?![\d)}])/, () => first)
				.replace('#&', () => `${first}, ${second} and ${third}`)
				.replace('#', () => own.names.join(', '));
			const row = `${own.label}${sum(own.uses)} ${own.relation} 240${own.unit}`;
			const text = [own.goal.replace('#', () => sum(own.costs)), row, says].filter(Boolean).join('\n');
			const { problem, diagnostics } = readStatement(text);
			expect(problem, text).not.toBeNull();
			if (diagnostics.some(({ code }) => code === 'ambiguous')) return;
			const plain = own.names.map((name) =>
				name.replace(/[ -]/g, '_').replace(/[₁₂₃]/, (digit) => String('₀₁₂₃'.indexOf(digit)))
			);
			const terms = (of: Problem['objective']['terms']) =>
				[...of].map(([name, value]) => [name, value.valueOf()]);
			const wanted = (values: readonly number[]) =>
				values.map((value, i) => [
					plain[i],
					(i === 1 && own.isMinus ? -1 : 1) * (Math.round(value * own.scale * 10) / 10)
				]);
			expect(terms(problem!.objective.terms), text).toEqual(wanted(own.costs));
			expect(terms(problem!.constraints[0].terms), text).toEqual(wanted(own.uses));
			expect(
				problem!.variables.map(({ name, lower, upper, domain }) => [
					name,
					`${lower?.toFraction() ?? '-'} ${upper?.toFraction() ?? (domain === 'binary' ? '1' : '-')} ${domain}`
				]),
				text
			).toEqual(plain.map((name, i) => [name, own.said[i === 0 ? 1 : 2]]));
		}),
		{ numRuns: 1200 }
	);
});
