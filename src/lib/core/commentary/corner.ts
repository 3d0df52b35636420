import { isTight, planAt, sidesOf, type Side } from '../geometry/sides';
import { rowName } from '../problem/row-owner';
import { rank, type Vector } from '../number/linear-algebra';
import { gcd, isZero, numerator, rational, sign, ZERO, type Rational } from '../number/rational';
import type { Problem, Relation, Terms } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { quantity } from './plan';
import { inBrackets, joined, linear, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';

/** A point as it is said: `(24, 12)`; on a number line the number alone. */
export const pointSentence = (at: Vector): Sentence =>
	at.length === 1
		? say`${at[0]}`
		: say`(${joined(
				at.map((value) => say`${value}`),
				', ',
				', '
			)})`;

/** What the set of points with equality is called: a point, line, plane or hyperplane. */
export const lineWord = (variables: number): string =>
	['point', 'line', 'plane'][variables - 1] ?? 'hyperplane';

export interface Stated {
	readonly says: Sentence;
	readonly isBound: boolean;
	readonly terms: Terms;
	readonly relation: Relation;
	readonly rhs: Rational;
}

/** A side as its author states it. */
export function statedAs(problem: Problem, { owner, rhs }: Side): Stated {
	if (owner.kind === 'constraint') {
		const row = problem.constraints.find(({ name }) => name === owner.name)!;
		return { ...row, says: say`${{ constraint: owner.name }}`, isBound: false };
	}
	const lower = owner.kind === 'lower';
	return {
		says: say`${owner.name} ${lower ? '≥' : '≤'} ${lower ? rhs.neg() : rhs}`,
		terms: new Map([[owner.name, rational(1)]]),
		isBound: true,
		relation: lower ? '>=' : '<=',
		rhs: lower ? rhs.neg() : rhs
	};
}

/** A constraint by its name, a bound (`x.lower`) as it is stated: `x ≥ 0`. */
export function sideSentence(problem: Problem, name: string): Sentence {
	const side = sidesOf(problem).find(({ owner }) => rowName(owner) === name);
	return side ? statedAs(problem, side).says : say`${name}`;
}

/** A constraint's name; of a bound its line. */
const nameOfLine = (stated: Stated): Sentence => (stated.isBound ? equation(stated) : stated.says);

/** The equation of a side's line. */
export const equation = ({ terms, rhs }: Stated): Sentence => say`${linear(terms)} = ${rhs}`;

/** `2·24 + 3·(−1)` */
export function products(terms: Terms, names: readonly string[], at: Vector): Sentence {
	const parts = [...terms].map(
		([name, factor], i) =>
			say`${i === 0 ? say`${factor}` : inBrackets(factor)}·${inBrackets(at[names.indexOf(name)])}`
	);
	return parts.length ? joined(parts, ' + ', ' + ') : say`0`;
}

/** The names of a problem's variables, in their order. */
export const namesOf = (problem: Problem) => problem.variables.map(({ name }) => name);

/** The least whole-number ratio that makes two coefficients the same size: `[m, n]` with m·|a| = n·|b|. */
function balance(a: Rational, b: Rational): [Rational, Rational] {
	const [top, bottom] = [numerator(b.abs()) * a.d, numerator(a.abs()) * b.d];
	const common = gcd(top, bottom);
	return [rational(top / common), rational(bottom / common)];
}

/** What one equation gives for a variable once the other is known: `3 y = 12 − 2·3 = 6, so y = 2`. */
function putIn({ terms, rhs }: Stated, known: string, value: Rational, other: string): Sentence {
	const [factor, wanted] = [terms.get(known) ?? ZERO, terms.get(other) ?? ZERO];
	const part = factor.mul(value);
	const rest = rhs.sub(part);
	const written = inBrackets(value);
	const told = isZero(part)
		? say`${rhs}`
		: say`${rhs} ${sign(factor) < 0 ? '+' : '−'} ${factor.abs()}·${written} = ${rest}`;
	return wanted.equals(1)
		? say`${other} = ${told}`
		: say`${linear(new Map([[other, wanted]]))} = ${told}, so ${other} = ${rest.div(wanted)}`;
}

/** How two equations in two variables are solved, step by step, by substitution or elimination. */
export function solvedSentence(problem: Problem, p: Stated, q: Stated): Sentence {
	const [x, y] = namesOf(problem);
	const single = [p, q].find(({ terms }) => terms.size === 1);
	const both = say`${equation(p)} and ${equation(q)}`;
	if (single) {
		const [name, factor] = [...single.terms][0];
		const value = single.rhs.div(factor);
		return say`${both}: with ${name} = ${value}, ${putIn(single === p ? q : p, name, value, name === x ? y : x)}.`;
	}
	const of = ({ terms }: Stated, name: string) => terms.get(name) ?? ZERO;
	const [m, n] = balance(of(p, y), of(q, y));
	const same = sign(of(p, y)) === sign(of(q, y));
	const turn = same ? n.neg() : n;
	const factor = of(p, x).mul(m).add(of(q, x).mul(turn));
	const rest = p.rhs.mul(m).add(q.rhs.mul(turn));
	const value = rest.div(factor);
	const times = (by: Rational, which: string): Sentence =>
		by.equals(1) ? say`the ${which}` : say`${by} times the ${which}`;
	const so = factor.equals(1) ? NOTHING_SAID : say`, so ${x} = ${value}`;
	return say`${both}: ${times(m, 'first')} ${same ? 'minus' : 'plus'} ${times(n, 'second')} leaves ${linear(new Map([[x, factor]]))} = ${rest}${so}; then ${putIn(p, x, value, y)}.`;
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

/** The sides that meet at a corner; where more than needed do, which of them determine it. */
export function cornerSentences(problem: Problem, at: Vector): Sentence[] {
	const width = problem.variables.length;
	const tight = linesAt(problem, at);
	const told = tight.map((side) => statedAs(problem, side));
	const value = objectiveAt(problem, planAt(problem, at));
	const where =
		width === 1
			? say`${joined(told.map(equation), ' and ')} gives the end ${pointSentence(at)}.`
			: say`At ${pointSentence(at)} ${joined(told.map(nameOfLine))} meet.`;
	const sentences = [where];
	const pairs = tight.flatMap((a, i) =>
		tight.slice(i + 1).flatMap((b, k) => (rank([a.row, b.row], width) === 2 ? [[i, i + 1 + k] as const] : []))
	);
	if (width === 2 && pairs.length)
		sentences.push(solvedSentence(problem, told[pairs[0][0]], told[pairs[0][1]]));
	if (width === 3)
		sentences.push(say`${joined(told.map(equation))} together leave only ${pointSentence(at)}.`);
	if (tight.length > width) {
		const choices = pairs.map(([i, j]) => say`${nameOfLine(told[i])} with ${nameOfLine(told[j])}`);
		sentences.push(
			width === 2
				? say`More lines than two meet here, so the corner is degenerate; each of these pairs gives it: ${joined(choices, '; ', '; ')}.`
				: say`More than ${width} meet here, so the corner is degenerate.`
		);
	}
	const { name, unit, terms, constant } = problem.objective;
	const sum = products(terms, namesOf(problem), at);
	const fixed = isZero(constant) ? NOTHING_SAID : say` ${sign(constant) < 0 ? '−' : '+'} ${constant.abs()}`;
	sentences.push(say`${name} = ${sum}${fixed} = ${quantity(value, unit)} here.`);
	return sentences;
}
