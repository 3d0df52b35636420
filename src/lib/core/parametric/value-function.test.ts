import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { rational, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { valueFunction, valueOn, type ValuePiece } from './value-function';
import { withNumber, type Varied } from '../problem/varied';

const shown = (value: Rational | null) => (value ? value.toFraction() : '∞');
const told = (pieces: readonly ValuePiece[]) =>
	pieces.map(
		({ from, to, status, line }) =>
			`${shown(from)}..${shown(to)} ${status === 'optimal' ? line!.slope.toFraction() : status}`
	);
const POTS = readStatement(
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nkiln: bowls + 2 vases <= 45\nglaze: bowls <= 30'
).problem!;

test('what clay is worth, and how far; where there is none, and where there is enough', () => {
	const pieces = valueFunction(POTS, { rhs: 'clay' }, null, null);
	expect(told(pieces)).toEqual(['∞..0 infeasible', '0..75 12', '75..105 45/4', '105..∞ 0']);
	expect(pieces[2].basis?.toSorted()).toEqual(['bowls', 's2', 'vases']);
	expect(told(valueFunction(POTS, { rhs: 'clay' }, rational(80), rational(90)))).toEqual(['80..90 45/4']);
	expect(told(valueFunction(POTS, { objective: 'bowls' }, rational(0), null))).toEqual([
		'0..45/2 0',
		'45/2..225/8 20',
		'225/8..∞ 30'
	]);
});

test('pieces cover the interval without gaps, and on each the value is what solving there gives', () => {
	const seen = { optimal: 0, infeasible: 0, unbounded: 0, several: 0 };
	const end = fc.oneof(fc.constant(null), fc.integer({ min: -8, max: 8 }));
	fc.assert(
		fc.property(anyProblem(), fc.boolean(), fc.nat(3), end, end, (problem, isRow, pick, a, b) => {
			const rows = problem.constraints;
			if (isRow && rows.length === 0) return;
			const varied: Varied = isRow
				? { rhs: rows[pick % rows.length].name }
				: { objective: problem.variables[pick % problem.variables.length].name };
			const [low, high] = a !== null && b !== null && a > b ? [b, a] : [a, b];
			const [from, to] = [low === null ? null : rational(low), high === null ? null : rational(high)];
			const pieces = valueFunction(problem, varied, from, to);
			expect([shown(pieces[0].from), shown(pieces.at(-1)!.to)]).toEqual([shown(from), shown(to)]);
			pieces.slice(1).forEach((piece, i) => expect(piece.from!.equals(pieces[i].to!)).toBe(true));
			for (const piece of pieces) {
				seen[piece.status] += 1;
				const { from: start, to: stop } = piece;
				const middle =
					start && stop ? start.add(stop).div(2) : start ? start.add(9) : stop ? stop.sub(9) : rational(0);
				const far = start && !stop ? [start.add(1000)] : !start && stop ? [stop.sub(1000)] : [];
				for (const number of [middle, ...far]) {
					const answer = solveLinear(withNumber(problem, varied, number));
					expect(answer.status).toBe(piece.status);
					if (answer.objective) expect(valueOn(piece, number)!.equals(answer.objective)).toBe(true);
				}
				// at its ends an optimal piece holds, too
				for (const number of [start, stop])
					if (number && piece.status === 'optimal')
						expect(
							solveLinear(withNumber(problem, varied, number)).objective!.equals(valueOn(piece, number)!)
						).toBe(true);
			}
			const slopes = pieces.flatMap(({ line }) => (line ? [line.slope] : []));
			if (slopes.length > 1) seen.several += 1;
			// concave for the right-hand side of a maximum, convex for its costs; the other way round for a minimum
			const turn = (problem.objective.sense === 'max') === isRow ? 1 : -1;
			slopes.slice(1).forEach((slope, i) => expect(slopes[i].compare(slope) * turn).toBe(1));
		}),
		{ numRuns: 1500 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(25);
});
