import { en } from '../language/language';
import type { NumberStyle } from '../number/show';
import { CHOICES, PROFILES, type Notation } from './notation';

/** What the choices of a notation are called, and a notation in a line. */

export const CHOICE_LABELS: Readonly<Record<keyof typeof CHOICES, string>> = {
	entries: en`Objective row`,
	value: en`Cell of the value`,
	minimum: en`A minimum is`,
	phaseOne: en`Phase one`,
	goalPlace: en`Objective row stands`,
	goalColumn: en`The objective’s own column`,
	basis: en`Basic variables`,
	rhs: en`Right-hand side`,
	ratios: en`Ratios`,
	layout: en`Layout`,
	index: en`Slacks are numbered`,
	mark: en`The advised pivot is`,
	operations: en`Row operations`,
	bigM: en`Big M`
};

type Variant = (typeof CHOICES)[keyof typeof CHOICES][number];
export const VARIANT_LABELS: Readonly<Record<Variant, string>> = {
	'z-plus': en`z + … = value (a maximum is done without negative entries)`,
	'minus-z': en`… − z = −value (a maximum is done without positive entries)`,
	equation: en`as the row’s equation has it`,
	objective: en`always the objective`,
	maximised: en`maximised as its negative`,
	minimised: en`worked as a minimum`,
	below: en`below`,
	above: en`above`,
	hidden: en`left out`,
	shown: en`shown`,
	named: en`named at the left`,
	unnamed: en`not named; unit columns marked`,
	last: en`in the last column`,
	first: en`in the first column`,
	full: en`all columns`,
	condensed: en`non-basic columns only`,
	extended: en`c above and beside, z and the difference below`,
	dictionary: en`dictionary: equations of the basic variables`,
	constraint: en`by the constraint`,
	running: en`running on from the variables`,
	letters: en`letters in a row`,
	circled: en`circled`,
	boxed: en`boxed`,
	bold: en`bold`,
	'one-row': en`one row, p + qM`,
	'two-rows': en`a row of its own for M`,
	multiples: 'R1 ← R1 − 2 R2',
	'old-minus': en`new row = old row − entry × new pivot row`,
	rectangle: en`rectangle rule: old − row × column ÷ pivot`
};

export const NUMBER_LABELS: Readonly<Record<NumberStyle, string>> = {
	fraction: en`fractions`,
	mixed: en`mixed numbers`,
	decimal: en`decimals`,
	decimal1: en`decimals, one digit`,
	decimal2: en`decimals, two digits`,
	decimal3: en`decimals, three digits`,
	decimal6: en`decimals, six digits`,
	comma: en`decimals, with a comma`,
	common: en`whole numbers over one denominator`
};

const CHOICE_NAMES = Object.keys(CHOICES) as (keyof typeof CHOICES)[];
export const LETTER_LABELS = {
	slack: en`Slacks`,
	surplus: en`Surpluses`,
	artificial: en`Artificial variables`,
	infeasibility: en`Sum of the artificial variables`
} as const;
const LETTER_NAMES = Object.keys(LETTER_LABELS) as (keyof typeof LETTER_LABELS)[];

/** What a notation has otherwise than another, in words. */
function differences(own: Notation, other: Notation): string[] {
	return [
		...CHOICE_NAMES.flatMap((choice) =>
			own[choice] === other[choice] ? [] : [`${CHOICE_LABELS[choice]}: ${VARIANT_LABELS[own[choice]]}`]
		),
		...(own.numbers === other.numbers ? [] : [en`Numbers: ${NUMBER_LABELS[own.numbers]}`]),
		...LETTER_NAMES.flatMap((letter) =>
			own[letter] === other[letter] ? [] : [`${LETTER_LABELS[letter]}: ${own[letter]}`]
		)
	];
}

/**
 * A notation in a line of text, for files: the profile that comes nearest to it, and what it has otherwise.
 * @example `Notation: Last row, improving is negative. Objective row stands: above.`
 */
export function notationText(notation: Notation): string {
	const told = PROFILES.map((profile) => ({
		name: profile.name,
		parts: differences(notation, profile.notation)
	}));
	const [nearest] = told.sort((a, b) => a.parts.length - b.parts.length);
	return en`Notation: ${[nearest.name, ...nearest.parts].join('. ')}.`;
}
