import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { rational, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { marginal } from './marginal';
import { followedFunction, valueFunction, valueOn, type ValuePiece } from './value-function';
import { withNumber, type Varied } from '../problem/varied';

const shown = (value: Rational | null) => value?.toFraction() ?? '∞';
/** Pieces as texts; one of a single number has a value there, and no slope that could be compared. */
const told = (pieces: readonly ValuePiece[]) =>
	pieces.map((piece) => {
		const { from, to, status, line } = piece;
		const isOne = from && to?.equals(from);
		const value = line && line.value.sub(line.slope.mul(line.where));
		const says =
			isOne && line ? shown(valueOn(piece, from)) : value ? `${shown(value)} + ${shown(line!.slope)} t` : '';
		return `${shown(from)}..${shown(to)} ${status} ${says}`;
	});

test('followed by pivots, the value is the same function that solving anew finds', () => {
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
			const ends = [low, high].map((own) => (own === null ? null : rational(own)));
			const pieces = followedFunction(problem, varied, ends[0], ends[1]);
			expect(told(pieces)).toEqual(told(valueFunction(problem, varied, ends[0], ends[1])));
			for (const { status } of pieces) seen[status] += 1;
			if (pieces.length > 1) seen.several += 1;
		}),
		{ numRuns: 1500 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(25);
});

/** a best corner in which three lines meet: random problems have few */
const threeMeet = () =>
	readStatement('max z = x + y\na: x + 2 y <= 3\nb: 2 x + y <= 3\nc: x + y <= 2').problem!;

test('one more and one less of each right-hand side are worth what solving again a little, as far and one unit on gives', () => {
	const seen = { two: 0, none: 0, broken: 0, ends: 0 };
	const small = rational(1, 100_003);
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const answer = solveLinear(problem);
			if (answer.status !== 'optimal') return;
			for (const { name, rhs } of problem.constraints) {
				const own = marginal(answer.tableau!, name);
				const at = (by: Rational) => solveLinear(withNumber(problem, { rhs: name }, rhs.add(by))).objective;
				for (const [side, direction] of [
					[own.more, 1],
					[own.less, -1]
				] as const) {
					const change = (by: Rational) => at(by.mul(direction))?.sub(answer.objective!) ?? null;
					if (side.rate === null) {
						seen.none += 1;
						expect(change(small)).toBeNull();
						continue;
					}
					expect(shown(change(small))).toBe(shown(side.rate.mul(small)));
					expect(shown(change(rational(1)))).toBe(shown(side.unit));
					const { rate } = side;
					const far = side.for ?? rational(1000);
					expect(shown(change(far))).toBe(shown(rate.mul(far)));
					if (!side.for) continue;
					seen.ends += 1;
					if (side.for.lt(1)) seen.broken += 1;
					const beyond = far.add(small);
					expect(shown(change(beyond))).not.toBe(shown(rate.mul(beyond)));
				}
				if (own.more.rate && own.less.rate && !own.more.rate.add(own.less.rate).equals(0)) seen.two += 1;
			}
		}),
		{ numRuns: 1200, examples: [[threeMeet()]] }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(1);
});

test('where three lines meet in the best corner, one more of a is worth nothing though its dual value is 1/3', () => {
	const problem = threeMeet();
	const { tableau } = solveLinear(problem);
	const told = ({ more, less }: ReturnType<typeof marginal>) =>
		[more, less].map((side) => [side.rate, side.for, side.unit].map((own) => shown(own)));
	expect(told(marginal(tableau!, 'a'))).toEqual([
		['0', '∞', '0'],
		['-1/3', '3/2', '-1/3']
	]);
});
