import { en } from '../../language/language';
import { fraction } from '../../integer/cut';
import type { CombineFault } from '../../integer/combined';
import { isInteger, isZero, ONE, sign, type Rational } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Terms } from '../../problem/types';
import type { Catalogue } from '../../sentence/catalogue';
import {
	joined,
	linear,
	NOTHING_SAID,
	say,
	signed,
	signedAfter,
	type Sentence
} from '../../sentence/sentence';
import type { Tableau } from '../../tableau/tableau';
import type { CutRow, InVariables, WholeFinding } from '../whole-findings';
import { quantity } from './plan';

/** The words of cutting planes, line by line, of branches, and of bounds that became whole. */

interface Term {
	readonly says: Sentence;
	readonly value: Rational;
}

const written = (terms: readonly Term[]): Term[] => terms.filter(({ value }) => !isZero(value));

/** ` + 2 s1 − s2` after something, without terms that are 0. */
const plus = (terms: readonly Term[]): Sentence => signedAfter(written(terms));
const minus = (terms: readonly Term[]): Sentence =>
	plus(terms.map((term) => ({ ...term, value: term.value.neg() })));

/** `s1 = 6 − bowls + 2 vases` */
function inVariables({ column, constant, terms }: InVariables): Sentence {
	const own = [...terms].map(([name, value]) => ({ says: say`${name}`, value }));
	return say`${column} = ${isZero(constant) ? signed(written(own)) : say`${constant}${plus(own)}`}`;
}

/** A sum of columns by name, with their coefficients. */
function sum(terms: Terms, t: Tableau): Sentence {
	const byName = new Map(t.form.columns.map((column) => [column.name, column]));
	return signed(
		[...terms].map(([name, value]) => {
			const column = byName.get(name);
			return { says: column ? say`${column}` : say`${name}`, value };
		})
	);
}

const rowName = ({ basic, objective }: CutRow): Sentence =>
	basic ? say`${basic}` : say`${objective.sense === 'min' ? '−' : ''}${objective.name}`;

/** A column with what it was multiplied by: `(2 s1)` is whole where its row was multiplied by 2. */
const unitOf = ({ column, scale }: CutRow['terms'][number]): Sentence =>
	scale.equals(1) ? say`${column}` : say`(${scale} ${column})`;

/** The terms of a row, each with another number. */
const termsOf = (row: CutRow, value: (term: CutRow['terms'][number]) => Rational): Term[] =>
	row.terms.map((term) => ({ says: unitOf(term), value: value(term) }));

/** A term's share of the way from the whole number below to the one above. */
function share({ rhs }: CutRow, term: CutRow['terms'][number]): Sentence {
	const f0 = fraction(rhs);
	const f = fraction(term.value);
	const how = term.whole
		? f.compare(f0) <= 0
			? say`${f} ÷ ${f0}`
			: say`(1 − ${f}) ÷ (1 − ${f0})`
		: sign(term.value) > 0
			? say`${term.value} ÷ ${f0}`
			: say`${term.value.neg()} ÷ (1 − ${f0})`;
	return say`${unitOf(term)}${term.whole ? en` (whole)` : ''}: ${how} = ${term.gain}`;
}

/** Why some constraints give no rounding cut. */
export function faultSentence(fault: CombineFault): Sentence {
	switch (fault.kind) {
		case 'nothing':
			return say`Give at least one constraint a multiplier that is not 0.`;
		case 'sign':
			return say`The multiplier of ${{ constraint: fault.constraint }} must ${fault.relation === '<=' ? en`not be negative` : en`not be positive`}, else the inequality turns round.`;
		case 'not-whole':
			return say`${fault.variable} need not be whole, so the left side need not be whole either: nothing can be rounded.`;
		case 'no-bound':
			return say`${fault.variable} has no lower bound, so its coefficient cannot be rounded down: choose multipliers that make it whole.`;
	}
}

const cutsNamed = (numbers: readonly number[]): Sentence =>
	joined(numbers.map((number) => say`cut ${number}`));

export const WHOLE: Catalogue<WholeFinding> = {
	'row-equation': ({ row }) => {
		const scaled = row.terms.some(({ scale }) => !scale.equals(1))
			? say` Rows with fractions were multiplied to whole coefficients, so the slacks in brackets are whole with their factors.`
			: NOTHING_SAID;
		return say`The row as an equation: ${rowName(row)}${plus(termsOf(row, ({ value }) => value))} = ${row.rhs}.${scaled}`;
	},
	'parts-apart': ({ row }) => {
		const right = row.rhs.floor();
		const rest = isZero(right) ? NOTHING_SAID : say` ${sign(right) < 0 ? '+' : '−'} ${right.abs()}`;
		return say`Whole parts to the left, parts from 0 up to 1 to the right: ${rowName(row)}${plus(termsOf(row, ({ value }) => value.floor()))}${rest} = ${fraction(row.rhs)}${minus(termsOf(row, ({ value }) => fraction(value)))}.`;
	},
	'left-side-whole': ({ row }) =>
		say`At an integer plan the left side is a whole number, so the right side is one, too. It is at most ${fraction(row.rhs)}, which is below 1: so it is at most 0.`,
	'fractional-cut': ({ row }) =>
		say`That is the cut: ${signed(written(termsOf(row, ({ value }) => fraction(value))))} ≥ ${fraction(row.rhs)}.`,
	'two-ways': ({ row }) => {
		const f0 = fraction(row.rhs);
		return say`${rowName(row)} is rounded down or up: down, the rest must make up for ${f0}; up, for ${ONE.sub(f0)}. Each term counts with its share of the way.`;
	},
	shares: ({ row }) =>
		say`${joined(
			row.terms.map((term) => share(row, term)),
			'; ',
			'; '
		)}.`,
	'shares-add-up': ({ row }) =>
		say`Either way the shares add up to at least 1: ${signed(written(termsOf(row, ({ gain }) => gain)))} ≥ ${row.least}.`,
	'columns-replaced': ({ columns }) => say`In it, ${joined(columns.map(inVariables))}.`,
	'cut-in-columns': ({ t, cut: { nonbasic } }) => say`So ${sum(nonbasic.terms, t)} ≥ ${nonbasic.rhs}.`,
	'nonbasic-violate': () => say`Every non-basic variable is 0 now, which violates the cut.`,
	'cut-in-variables': ({ cut }) =>
		say`In the variables of the problem: ${linear(cut.terms)} ${RELATION_SIGNS[cut.relation]} ${cut.rhs}.`,
	'cut-not-in-variables': () =>
		say`In the variables of the problem it cannot be written: one of them is split in two.`,
	'broken-here': ({ by }) => say`The present point violates it by ${by}.`,
	'satisfied-here': () => say`The present point satisfies it: this cut does not cut it off.`,
	'slack-basic': ({ column, value }) => {
		const next = sign(value) < 0 ? say` and negative; the dual simplex method goes on` : NOTHING_SAID;
		return say`Its slack ${column} = ${value} is basic${next}.`;
	},
	'rows-added': ({ multipliers, sum: own }) => {
		const used = [...multipliers].filter(([, value]) => !isZero(value));
		const times = joined(used.map(([constraint, value]) => say`${value} times ${{ constraint }}`));
		return say`${times}, added: ${linear(own.terms)} ≤ ${own.rhs}.`;
	},
	'coefficients-rounded': ({ cut }) =>
		say`Coefficients rounded down, which lowers the left side while no variable is below its lower bound: ${linear(cut.terms)} ≤ ${cut.rhs}.`,
	'rhs-whole-already': () => say`The right-hand side is whole already: rounding gains nothing.`,
	'rhs-rounded': ({ cut }) =>
		say`At an integer plan the left side is whole, so it is at most the whole number below: ${linear(cut.terms)} ≤ ${cut.rhs}.`,
	'cannot-compose': ({ fault }) => faultSentence(fault),
	'cuts-not-binding': ({ numbers, stays }) => {
		const them = numbers.length > 1 ? en`them` : en`it`;
		const best = stays ? say`, so without ${them} it stays the best of the relaxation` : NOTHING_SAID;
		return say`The slack of ${cutsNamed(numbers)} is basic and positive: the present point satisfies ${them} with room to spare${best}. The tableau gets smaller; a later point may break ${them} again.`;
	},
	branched: ({ variable, value }) =>
		isInteger(value)
			? say`${variable} = ${value} at this point; other best points of this relaxation need not have it whole.`
			: say`${variable} = ${value} is not whole. An integer plan has ${variable} ≤ ${value.floor()} or ${variable} ≥ ${value.ceil()}; between them there is none, so the two branches together lose no integer plan.`,
	'branch-bound': ({ objective, bound }) =>
		say`Below this branch ${objective.name} can be no better than ${quantity(bound, objective.unit)}, the bound of the relaxation it came from.`,
	'bounds-rounded': ({ bounds }) => {
		const told = bounds.map(({ variable, relation, from, to }) => {
			const sense = RELATION_SIGNS[relation];
			return say`${variable} ${sense} ${from} becomes ${variable} ${sense} ${to}`;
		});
		return say`${joined(told)}. No integer plan is lost.`;
	},
	'bounds-implied': ({ bounds }) =>
		say`The constraints imply ${joined(bounds.map(({ variable, relation, to }) => say`${variable} ${RELATION_SIGNS[relation]} ${to}`))}: said as a bound, it takes no plan away.`,
	'measured-from-whole': () =>
		say`Whole variables are now measured from whole numbers, as cuts and branches need it.`,
	'bounds-whole-already': () => say`All bounds of whole variables are whole already.`
};
