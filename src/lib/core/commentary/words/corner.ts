import { en } from '../../language/language';
import { isZero, sign, type Rational } from '../../number/rational';
import type { OfCode } from '../../sentence/coded';
import type { Catalogue } from '../../sentence/catalogue';
import { inBrackets, joined, linear, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import type { CornerFinding, PutIn } from '../picture-findings';
import { quantity } from './plan';
import { equation, nameOfLine, pointSentence, products } from './points';

/** The words of corners: what meets there, and how the coordinates follow. */

/** A number behind a sum that it is taken from, or added to: `− 3`, `+ 3`. */
const minus = (value: Rational): Sentence => say`${sign(value) < 0 ? '+' : '−'} ${value.abs()}`;

/** What one equation gives for a variable once the other is known: `3 y = 12 − 2·3 = 6, so y = 2`. */
function putIn({ name, factor, rhs, known, rest, value }: PutIn): Sentence {
	const told = known ? say`${rhs} ${minus(known.factor)}·${inBrackets(known.value)} = ${rest}` : say`${rhs}`;
	return factor.equals(1)
		? say`${name} = ${told}`
		: say`${linear(new Map([[name, factor]]))} = ${told}, so ${name} = ${value}`;
}

/** Two equations of which neither names one variable alone, solved by elimination. */
function solvedByAdding({
	both: [p, q],
	name,
	times: [m, n],
	isTaken,
	factor,
	rest,
	value,
	then
}: OfCode<CornerFinding, 'solved-by-adding'>): Sentence {
	const times = (by: Rational, which: string): Sentence =>
		by.equals(1) ? say`the ${which}` : say`${by} times the ${which}`;
	const so = factor.equals(1) ? NOTHING_SAID : say`, so ${name} = ${value}`;
	return say`${equation(p)} and ${equation(q)}: ${times(m, 'first')} ${isTaken ? en`minus` : en`plus`} ${times(n, 'second')} leaves ${linear(new Map([[name, factor]]))} = ${rest}${so}; then ${putIn(then)}.`;
}

export const CORNERS: Catalogue<CornerFinding> = {
	'basic-at-corner': ({ columns }) =>
		say`Basic and not 0 there: ${joined(columns.map((column) => say`${column}`))}.`,
	'end-of-line': ({ at, sides }) =>
		say`${joined(sides.map(equation), en` and `)} gives the end ${pointSentence(at)}.`,
	'sides-meet': ({ at, sides }) => say`At ${pointSentence(at)} ${joined(sides.map(nameOfLine))} meet.`,
	'solved-by-putting-in': ({ both: [p, q], name, value, then }) =>
		say`${equation(p)} and ${equation(q)}: with ${name} = ${value}, ${putIn(then)}.`,
	'solved-by-adding': solvedByAdding,
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
		const fixed = isZero(constant) ? NOTHING_SAID : say` ${minus(constant.neg())}`;
		return say`${name} = ${products(terms, names, at)}${fixed} = ${quantity(value, unit)} here.`;
	}
};
