import { en } from '../../language/language';
import { gcd, isZero, numerator, rational, sign, ZERO, type Rational } from '../../number/rational';
import type { Catalogue } from '../../sentence/catalogue';
import { inBrackets, joined, linear, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import type { CornerFinding, StatedSide } from '../picture-findings';
import { quantity } from './plan';
import { equation, nameOfLine, pointSentence, products } from './points';

/** The words of corners: what meets there, and how the coordinates follow. */

/** The least whole-number ratio that makes two coefficients the same size: `[m, n]` with m·|a| = n·|b|. */
function balance(a: Rational, b: Rational): [Rational, Rational] {
	const [top, bottom] = [numerator(b.abs()) * a.d, numerator(a.abs()) * b.d];
	const common = gcd(top, bottom);
	return [rational(top / common), rational(bottom / common)];
}

/** What one equation gives for a variable once the other is known: `3 y = 12 − 2·3 = 6, so y = 2`. */
function putIn({ terms, rhs }: StatedSide, known: string, value: Rational, other: string): Sentence {
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

/** Two equations of which neither names one variable alone, solved by elimination. */
function solvedByAdding([p, q]: readonly [StatedSide, StatedSide], [x, y]: readonly string[]): Sentence {
	const of = ({ terms }: StatedSide, name: string) => terms.get(name) ?? ZERO;
	const [m, n] = balance(of(p, y), of(q, y));
	const same = sign(of(p, y)) === sign(of(q, y));
	const turn = same ? n.neg() : n;
	const factor = of(p, x).mul(m).add(of(q, x).mul(turn));
	const rest = p.rhs.mul(m).add(q.rhs.mul(turn));
	const value = rest.div(factor);
	const times = (by: Rational, which: string): Sentence =>
		by.equals(1) ? say`the ${which}` : say`${by} times the ${which}`;
	const so = factor.equals(1) ? NOTHING_SAID : say`, so ${x} = ${value}`;
	return say`${equation(p)} and ${equation(q)}: ${times(m, 'first')} ${same ? en`minus` : en`plus`} ${times(n, 'second')} leaves ${linear(new Map([[x, factor]]))} = ${rest}${so}; then ${putIn(p, x, value, y)}.`;
}

export const CORNERS: Catalogue<CornerFinding> = {
	'basic-at-corner': ({ columns }) =>
		say`Basic and not 0 there: ${joined(columns.map((column) => say`${column}`))}.`,
	'end-of-line': ({ at, sides }) =>
		say`${joined(sides.map(equation), en` and `)} gives the end ${pointSentence(at)}.`,
	'sides-meet': ({ at, sides }) => say`At ${pointSentence(at)} ${joined(sides.map(nameOfLine))} meet.`,
	'solved-by-putting-in': ({ single, other, both: [p, q], names: [x, y] }) => {
		const [name, factor] = [...single.terms][0];
		const value = single.rhs.div(factor);
		return say`${equation(p)} and ${equation(q)}: with ${name} = ${value}, ${putIn(other, name, value, name === x ? y : x)}.`;
	},
	'solved-by-adding': ({ both, names }) => solvedByAdding(both, names),
	'sides-leave-one-point': ({ at, sides }) =>
		say`${joined(sides.map(equation))} together leave only ${pointSentence(at)}.`,
	'degenerate-pairs': ({ pairs }) =>
		say`More lines than two meet here, so the corner is degenerate; each of these pairs gives it: ${joined(
			pairs.map(([a, b]) => say`${nameOfLine(a)} with ${nameOfLine(b)}`),
			'; ',
			'; '
		)}.`,
	'degenerate-corner': ({ needed }) => say`More than ${needed} meet here, so the corner is degenerate.`,
	'objective-there': ({ at, value, objective: { name, unit, terms, constant }, names }) => {
		const fixed = isZero(constant) ? NOTHING_SAID : say` ${sign(constant) < 0 ? '−' : '+'} ${constant.abs()}`;
		return say`${name} = ${products(terms, names, at)}${fixed} = ${quantity(value, unit)} here.`;
	}
};
