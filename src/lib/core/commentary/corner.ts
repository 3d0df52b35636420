import { isTight, planAt, sidesOf, type Side } from '../geometry/sides';
import { rank, type Vector } from '../number/linear-algebra';
import { gcd, isZero, numerator, rational, sign, ZERO, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import type { CornerFinding, PutIn, StatedSide } from './picture-findings';

/** What is found of a corner of the region, and of the sides that meet there. */

/** A side as its author states it. */
export function statedAs(problem: Problem, { owner, rhs }: Side): StatedSide {
	if (owner.kind === 'constraint') {
		const { terms, relation, rhs: own } = problem.constraints.find(({ name }) => name === owner.name)!;
		return { constraint: owner.name, terms, relation, rhs: own };
	}
	const isLower = owner.kind === 'lower';
	return {
		constraint: null,
		terms: new Map([[owner.name, rational(1)]]),
		relation: isLower ? '>=' : '<=',
		rhs: isLower ? rhs.neg() : rhs
	};
}

/** The names of a problem's variables, in their order. */
export const namesOf = (problem: Problem) => problem.variables.map(({ name }) => name);

/** What an equation gives for a variable once the other is known. */
function putIn({ terms, rhs }: StatedSide, known: string, value: Rational, name: string): PutIn {
	const [taken, factor] = [terms.get(known) ?? ZERO, terms.get(name) ?? ZERO];
	const part = taken.mul(value);
	const rest = rhs.sub(part);
	return {
		name,
		factor,
		rhs,
		known: isZero(part) ? null : { factor: taken, value },
		rest,
		value: rest.div(factor)
	};
}

/** The least whole-number ratio that makes two coefficients the same size: `[m, n]` with m·|a| = n·|b|. */
function balance(a: Rational, b: Rational): [Rational, Rational] {
	const [top, bottom] = [numerator(b.abs()) * a.d, numerator(a.abs()) * b.d];
	const common = gcd(top, bottom);
	return [rational(top / common), rational(bottom / common)];
}

/** How two equations in two variables are solved: by putting in, where one names a variable alone, or by adding. */
function solved(problem: Problem, p: StatedSide, q: StatedSide): CornerFinding {
	const [x, y] = namesOf(problem);
	const both = [p, q] as const;
	const single = both.find(({ terms }) => terms.size === 1);
	if (single) {
		const [[name, factor]] = single.terms;
		const value = single.rhs.div(factor);
		const then = putIn(single === p ? q : p, name, value, name === x ? y : x);
		return { code: 'solved-by-putting-in', both, name, value, then };
	}
	const of = ({ terms }: StatedSide, name: string) => terms.get(name) ?? ZERO;
	const times = balance(of(p, y), of(q, y));
	const isTaken = sign(of(p, y)) === sign(of(q, y));
	const [m, n] = [times[0], isTaken ? times[1].neg() : times[1]];
	const factor = of(p, x).mul(m).add(of(q, x).mul(n));
	const rest = p.rhs.mul(m).add(q.rhs.mul(n));
	const value = rest.div(factor);
	return {
		code: 'solved-by-adding',
		both,
		name: x,
		times,
		isTaken,
		factor,
		rest,
		value,
		then: putIn(p, x, value, y)
	};
}

/** The sides whose lines go through a point: a row `0 = 0` has none, and a variable whose bounds are one number has one. */
export const linesAt = (problem: Problem, at: Vector): Side[] =>
	sidesOf(problem).filter(
		(side, _i, all) =>
			side.row.some((value) => !isZero(value)) &&
			isTight(side, at) &&
			!(
				side.owner.kind === 'upper' &&
				all.some(
					({ owner, rhs }) =>
						owner.kind === 'lower' && owner.name === side.owner.name && rhs.neg().equals(side.rhs)
				)
			)
	);

/** The sides that meet at a corner; where more than needed do, which of them determine it; and the objective there. */
export function cornerFound(problem: Problem, at: Vector): CornerFinding[] {
	const width = problem.variables.length;
	const tight = linesAt(problem, at);
	const sides = tight.map((side) => statedAs(problem, side));
	const found: CornerFinding[] = [{ code: width === 1 ? 'end-of-line' : 'sides-meet', at, sides }];
	const pairs = tight.flatMap((a, i) =>
		tight
			.slice(i + 1)
			.flatMap((b, k) => (rank([a.row, b.row], width) === 2 ? [[sides[i], sides[i + 1 + k]] as const] : []))
	);
	if (width === 2 && pairs.length) found.push(solved(problem, ...pairs[0]));
	if (width === 3) found.push({ code: 'sides-leave-one-point', at, sides });
	if (tight.length > width)
		found.push(
			width === 2 ? { code: 'degenerate-pairs', pairs } : { code: 'degenerate-corner', needed: width }
		);
	const { objective } = problem;
	const value = objectiveAt(problem, planAt(problem, at));
	return [...found, { code: 'objective-there', at, value, objective, names: namesOf(problem) }];
}
