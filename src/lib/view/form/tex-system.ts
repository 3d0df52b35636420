import type { MixedTerm } from '$lib/core/form';
import {
	isZero,
	type NumberStyle,
	ONE,
	type Rational,
	showNumber,
	sign,
	texNumber,
	ZERO
} from '$lib/core/number';
import { texName } from '../statement/tex';

const nameOf = ({ of }: MixedTerm): string => ('variable' in of ? of.variable : of.name);

/** A linear expression in variables and columns as mathematics. */
export function texMixed(
	terms: readonly MixedTerm[],
	constant: Rational = ZERO,
	style: NumberStyle = 'fraction'
): string {
	const parts = [
		...terms.map((term) => ({ value: term.coefficient, tex: texName(nameOf(term)) })),
		...(isZero(constant) ? [] : [{ value: constant, tex: '' }])
	];
	return (
		parts
			.map(({ value, tex }, i) => {
				const minus = sign(value) < 0;
				const size = value.abs();
				const shown = tex && size.equals(ONE) ? tex : `${texNumber(size, style)}${tex ? `\\,${tex}` : ''}`;
				return (i === 0 ? (minus ? '-' : '') : minus ? ' - ' : ' + ') + shown;
			})
			.join('') || '0'
	);
}

/** The same in plain text. */
export function saysMixed(terms: readonly MixedTerm[], constant: Rational = ZERO): string {
	const parts = terms.map((term) => `${showNumber(term.coefficient)} ${nameOf(term)}`);
	return [...parts, ...(isZero(constant) ? [] : [showNumber(constant)])].join(' + ') || '0';
}
