import katex from 'katex';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { readStatement } from '$lib/core/problem/statement/read';
import { limitOf, texEachTerm, texName, texSigns, texTerms } from './tex';

test('names: indices, words, other scripts, nothing that KaTeX would take for a command', () => {
	expect(['x1', 'x_12', 'bowls', 'x', 'größe', "y'", 'tall_vases'].map(texName)).toEqual([
		'x_{1}',
		'x_{12}',
		'\\mathit{bowls}',
		'x',
		'\\text{größe}',
		'y^{\\prime}',
		'\\text{tall\u00a0vases}'
	]);
});

test('signs, bounds and domains', () => {
	const { problem } = readStatement(
		'max z = a + b + c + d + e\na from 1 to 2\nb free\nc binary\nd integer\ne to 5'
	);
	expect(texSigns(problem!.variables).map(({ says }) => says)).toEqual([
		'1 ≤ a ≤ 2',
		'b free',
		'c is 0 or 1',
		'd ≥ 0, whole',
		'0 ≤ e ≤ 5'
	]);
});

test('every problem is typeset without an error', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const parts = [
				texTerms(problem.objective.terms, problem.objective.constant),
				...problem.constraints.flatMap((row) => [texTerms(row.terms), limitOf(row.relation, row.rhs).tex]),
				...texSigns(problem.variables).map(({ tex }) => tex)
			];
			for (const tex of parts)
				expect(katex.renderToString(tex, { throwOnError: true, strict: 'ignore' })).toContain('katex');
		}),
		{ numRuns: 150 }
	);
});

test('formulas are spoken as they are read: terms with the signs between them, relations as signs', () => {
	const { objective, constraints } = readStatement('max z = 2 x - 3/2 y + w\na: x + y <= 4').problem!;
	expect(
		texEachTerm(objective.terms)
			.map(({ says }) => says)
			.join(' ')
	).toBe('2 x - 3/2 y + w');
	expect(limitOf(constraints[0].relation, constraints[0].rhs).says).toBe('≤ 4');
});
