import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { compare, isZero, ONE, rational, sign, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { effectiveBounds, evaluate, holds, type Plan } from '../problem/types';
import { stages } from './stages';
import { standardForm } from './standard';
import { type Form, type FormOptions, type MixedTerm, type System } from './types';
import { OWN_NAMES } from '../problem/keys';

const problem = readStatement(
	'min cost = 2 x + 3 y - z\na: x + y >= 4\nb: x - z = -2\nx from 1 to 6\ny free'
).problem!;

const written = ({ columns, rows }: Form) =>
	rows.map(({ entries, rhs, start }) => [
		[...entries].map(([j, value]) => `${value.toFraction()} ${columns[j].name}`).join(' + '),
		rhs.toFraction(),
		columns[start].name
	]);

test('by hand: bounds, a free variable, an equality, and artificial variables', () => {
	const form = standardForm(problem, { start: 'artificial', equalities: 'one-row' });
	expect(written(form)).toEqual([
		["1 x' + 1 y⁺ + -1 y⁻ + -1 s1 + 1 a1", '3', 'a1'],
		["-1 x' + 1 z + 1 a2", '3', 'a2'],
		["1 x' + 1 s3", '5', 's3']
	]);
	expect([...form.costs.values()].map((cost) => cost.toFraction())).toEqual(['-2', '-3', '3', '1']);
	expect(form.constant.toFraction()).toBe('-2');
	expect(form.changes.map(({ kind, owner }) => `${kind} ${owner?.name ?? ''}`.trim())).toEqual([
		'shift x',
		'split-variable y',
		'bound-row x',
		'negate-row b',
		'surplus a',
		'slack x',
		'artificial a',
		'artificial b',
		'maximise'
	]);
});

test('by hand: slacks everywhere, an equality as two rows; lasting keys name the columns', () => {
	const keys = { variables: new Map([['x', 'first']]), constraints: new Map([['b', 'old b']]) };
	const form = standardForm(problem, { start: 'slack', equalities: 'two-rows' }, keys);
	expect(written(form)).toEqual([
		["-1 x' + -1 y⁺ + 1 y⁻ + 1 s1", '-3', 's1'],
		["1 x' + -1 z + 1 s2", '-3', 's2'],
		["-1 x' + 1 z + 1 s2'", '3', "s2'"],
		["1 x' + 1 s4", '5', 's4']
	]);
	expect(form.columns.map(({ id }) => id)).toEqual([
		'x:first',
		'x:y',
		'x-:y',
		'x:z',
		's:a',
		's:old b',
		's:old b:2',
		's:bound:first'
	]);
	expect(form.rows.map(({ factor }) => factor)).toEqual([-1, 1, -1, 1]);
});

const anyOptions = fc.record<FormOptions>({
	start: fc.constantFrom('slack', 'artificial', 'vacant'),
	equalities: fc.constantFrom('one-row', 'two-rows')
});

/** Whether a row of a system holds for structural amounts, its own slack or surplus taking up what is left and artificial ones at zero. */
function isKept(
	{ terms, relation, rhs }: System['rows'][number],
	at: (term: MixedTerm) => Rational
): boolean {
	const helper = terms.find(({ of }) => 'id' in of && (of.kind === 'slack' || of.kind === 'surplus'));
	const left = terms.reduce((sum, term) => sum.add(term.coefficient.mul(at(term))), ZERO);
	if (!helper) return holds(left, relation, rhs);
	return sign(rhs.sub(left).div(helper.coefficient)) >= 0;
}

test('on every stage of the way the problem allows the same plans, with the same objective', () => {
	fc.assert(
		fc.property(
			anyProblem(),
			anyOptions,
			fc.array(fc.nat({ max: 7 }), { minLength: 8 }),
			(any, options, amounts) => {
				const form = standardForm(any, options);
				const structural = new Map(
					form.columns.map(({ id }, j) => [id, rational(amounts[j % 8], 1 + (j % 2))])
				);
				const plan: Plan = new Map(
					form.substitutions.map(({ variable, offset, parts }) => [
						variable,
						parts.reduce(
							(sum, { column, factor }) => sum.add(structural.get(form.columns[column].id)!.mul(factor)),
							offset
						)
					])
				);
				const at = ({ of }: MixedTerm): Rational =>
					'variable' in of
						? plan.get(of.variable)!
						: of.kind === 'structural'
							? structural.get(of.id)!
							: ZERO;
				const kept = any.constraints.every(({ terms, relation, rhs }) =>
					holds(evaluate(terms, plan), relation, rhs)
				);
				const { terms, constant } = any.objective;
				const value = evaluate(terms, plan, constant);
				for (const { change, system } of stages(any, options, OWN_NAMES)) {
					const rows = system.rows.filter(({ owner }) => owner.kind === 'constraint');
					expect([change.kind, rows.every((row) => isKept(row, at))]).toEqual([change.kind, kept]);
					for (const row of system.rows.filter(({ owner }) => owner.kind === 'upper')) {
						const { upper } = effectiveBounds(any.variables.find(({ name }) => name === row.owner.name)!);
						expect(isKept(row, at)).toBe(compare(plan.get(row.owner.name)!, upper!) <= 0);
					}
					const shown = system.objective.reduce(
						(sum, term) => sum.add(term.coefficient.mul(at(term))),
						system.constant
					);
					expect(shown.equals(system.negated ? value.neg() : value)).toBe(true);
				}
			}
		),
		{ numRuns: 150 }
	);
});

test('every row starts with a unit column without cost, and with what its start promises', () => {
	fc.assert(
		fc.property(anyProblem(), anyOptions, (any, options) => {
			const { columns, rows, costs, substitutions } = standardForm(any, options);
			expect(new Set(columns.map(({ id }) => id)).size).toBe(columns.length);
			expect(new Set(columns.map(({ name }) => name)).size).toBe(columns.length);
			for (const { start, entries, rhs } of rows) {
				expect(entries.get(start)!.equals(ONE)).toBe(true);
				expect(rows.filter((other) => !isZero(other.entries.get(start) ?? ZERO))).toHaveLength(1);
				expect(costs.has(start)).toBe(false);
				if (options.start !== 'slack') expect(sign(rhs)).toBeGreaterThanOrEqual(0);
				const kinds = options.start === 'slack' ? ['slack', 'vacant'] : ['slack', options.start];
				expect(kinds).toContain(columns[start].kind);
			}
			// the lower bound is kept by the columns themselves
			for (const { variable, offset, parts } of substitutions) {
				const { lower } = effectiveBounds(any.variables.find(({ name }) => name === variable)!);
				if (lower)
					expect([offset.equals(lower), parts.every(({ factor }) => factor === 1)]).toEqual([true, true]);
			}
		}),
		{ numRuns: 150 }
	);
});
