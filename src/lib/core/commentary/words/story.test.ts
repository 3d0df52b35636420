import { expect, test } from 'vitest';
import { readStatement } from '../../problem/statement/read';
import { constraintInWords, objectiveInWords, variableInWords } from './story';

test('rows and variables as sentences with units', () => {
	const problem = readStatement(`min cost [thalers] = 30 bowls - 45 vases + 7
clay [kg]: 5/2 bowls + 4 vases ≤ 100
lead [hours]: bowls - vases = 4
idle: 0 bowls ≥ 0
bowls [dozen] to 9 integer
vases [loads] free`).problem!;
	const rows = problem.constraints.map((row) =>
		constraintInWords(problem, row, row.name === 'lead' ? 'for the shop' : '', 'fraction')
	);
	expect(rows).toEqual([
		'clay: 5/2 kg for each dozen bowls and 4 kg for each load of vases, at most 100 kg.',
		'lead (for the shop): 1 hour for each dozen bowls, less 1 hour for each load of vases, exactly 4 hours.',
		'idle: nothing, at least 0.'
	]);
	expect(objectiveInWords(problem, 'decimal')).toBe(
		'cost, as small as can be: 30 thalers for each dozen bowls, less 45 thalers for each load of vases, and 7 thalers in any case.'
	);
	expect(problem.variables.map((own) => variableInWords(own, '', 'fraction'))).toEqual([
		'bowls, in dozen: at least 0, at most 9, whole.',
		'vases, in loads: any amount.'
	]);
});
