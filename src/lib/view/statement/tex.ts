import { en } from '$lib/core/language';
import { LATEX_RELATIONS, latexColumn, latexSum } from '$lib/core/formats';
import { isZero, type NumberStyle, type Rational, showNumber, texNumber } from '$lib/core/number';
import {
	effectiveBounds,
	printTerms,
	RELATION_SIGNS,
	type Relation,
	type Terms,
	type Variable
} from '$lib/core/problem';

const escape = (text: string): string => text.replace(/[\\{}$&#^_%~]/g, (c) => `\\char\`\\${c}`);

/** A name as mathematics: `x1` with an index, a word in italics, other scripts upright. */
export const texName = (name: string): string => latexColumn(name, escape);

/** A linear expression as mathematics. */
export const texTerms = (terms: Terms, constant?: Rational, style: NumberStyle = 'fraction'): string =>
	latexSum(terms, constant, texName, (value) => texNumber(value, style));

/** The terms of a linear expression one by one, in their order and with the signs between them. */
export const texEachTerm = (terms: Terms, style: NumberStyle = 'fraction') =>
	[...terms].map(([name, value], i) => {
		const sum = new Map([[name, value]]);
		const isLater = i > 0;
		const tex = latexSum(isLater ? new Map([[name, value.abs()]]) : sum, undefined, texName, (own) =>
			texNumber(own, style)
		);
		const sign = value.s < 0n ? '-' : '+';
		const spoken = isLater ? `${sign} ${printTerms(new Map([[name, value.abs()]]))}` : printTerms(sum);
		return { name, tex: isLater ? `{}${sign}${tex}` : tex, says: spoken };
	});

/** A formula with the same in plain text. */
export interface Said {
	readonly tex: string;
	readonly says: string;
}

/** A relation with its right-hand side: `≤ 120`. */
export const limitOf = (relation: Relation, rhs: Rational, style: NumberStyle = 'fraction'): Said => ({
	tex: `${LATEX_RELATIONS[relation]}\\; ${texNumber(rhs, style)}`,
	says: `${RELATION_SIGNS[relation]} ${showNumber(rhs)}`
});

function signOf(variable: Variable, style: NumberStyle): Said {
	const { name, domain } = variable;
	const number = (value: Rational) => texNumber(value, style);
	const tex = texName(name);
	if (domain === 'binary') return { tex: `${tex} \\in \\{0, 1\\}`, says: en`${name} is 0 or 1` };
	const { lower, upper } = effectiveBounds(variable);
	const whole =
		domain === 'integer' ? { tex: `,\\ ${tex} \\in \\mathbb{Z}`, says: en`, whole` } : { tex: '', says: '' };
	if (!lower && !upper)
		return { tex: `${tex}\\ \\text{free}${whole.tex}`, says: `${name} free${whole.says}` };
	if (lower && !upper)
		return {
			tex: `${tex} \\ge ${number(lower)}${whole.tex}`,
			says: `${name} ≥ ${showNumber(lower)}${whole.says}`
		};
	const before = lower
		? { tex: `${number(lower)} \\le `, says: `${showNumber(lower)} ≤ ` }
		: { tex: '', says: '' };
	return {
		tex: `${before.tex}${tex} \\le ${number(upper!)}${whole.tex}`,
		says: `${before.says}${name} ≤ ${showNumber(upper!)}${whole.says}`
	};
}

/** The signs, bounds and domains of the variables; ordinary ones together. */
export function texSigns(variables: readonly Variable[], style: NumberStyle = 'fraction'): Said[] {
	const ordinary = (v: Variable) => v.domain === 'continuous' && v.lower && isZero(v.lower) && !v.upper;
	const plain = variables.filter(ordinary).map((v) => v.name);
	const rest = variables.filter((v) => !ordinary(v)).map((v) => signOf(v, style));
	if (plain.length === 0) return rest;
	return [{ tex: `${plain.map(texName).join(', ')} \\ge 0`, says: `${plain.join(', ')} ≥ 0` }, ...rest];
}
