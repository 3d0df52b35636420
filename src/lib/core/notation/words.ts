import type { NumberStyle } from '../number/show';
import { CHOICES, PROFILES, type Notation } from './notation';

/** What the choices of a notation are called, and a notation in a line. */

export const CHOICE_LABELS: Readonly<Record<keyof typeof CHOICES, string>> = {
	entries: 'Objective row',
	value: 'Cell of the value',
	minimum: 'A minimum is',
	phaseOne: 'Phase one',
	goalPlace: 'Objective row stands',
	goalColumn: 'The objective’s own column',
	basis: 'Basic variables',
	rhs: 'Right-hand side',
	ratios: 'Ratios',
	layout: 'Layout',
	index: 'Slacks are numbered',
	mark: 'The advised pivot is',
	operations: 'Row operations',
	bigM: 'Big M'
};

type Variant = (typeof CHOICES)[keyof typeof CHOICES][number];
export const VARIANT_LABELS: Readonly<Record<Variant, string>> = {
	'z-plus': 'z + … = value (a maximum is done without negative entries)',
	'minus-z': '… − z = −value (a maximum is done without positive entries)',
	equation: 'as the row’s equation has it',
	objective: 'always the objective',
	maximised: 'maximised as its negative',
	minimised: 'worked as a minimum',
	below: 'below',
	above: 'above',
	hidden: 'left out',
	shown: 'shown',
	named: 'named at the left',
	unnamed: 'not named; unit columns marked',
	last: 'in the last column',
	first: 'in the first column',
	full: 'all columns',
	condensed: 'non-basic columns only',
	extended: 'c above and beside, z and the difference below',
	dictionary: 'dictionary: equations of the basic variables',
	constraint: 'by the constraint',
	running: 'running on from the variables',
	letters: 'letters in a row',
	circled: 'circled',
	boxed: 'boxed',
	bold: 'bold',
	'one-row': 'one row, p + qM',
	'two-rows': 'a row of its own for M',
	multiples: 'R1 ← R1 − 2 R2',
	'old-minus': 'new row = old row − entry × new pivot row',
	rectangle: 'rectangle rule: old − row × column ÷ pivot'
};

export const NUMBER_LABELS: Readonly<Record<NumberStyle, string>> = {
	fraction: 'fractions',
	mixed: 'mixed numbers',
	decimal: 'decimals',
	decimal1: 'decimals, one digit',
	decimal2: 'decimals, two digits',
	decimal3: 'decimals, three digits',
	decimal6: 'decimals, six digits',
	comma: 'decimals, with a comma',
	common: 'whole numbers over one denominator'
};

const CHOICE_NAMES = Object.keys(CHOICES) as (keyof typeof CHOICES)[];
export const LETTER_LABELS = {
	slack: 'Slacks',
	surplus: 'Surpluses',
	artificial: 'Artificial variables',
	infeasibility: 'Sum of the artificial variables'
} as const;
const LETTER_NAMES = Object.keys(LETTER_LABELS) as (keyof typeof LETTER_LABELS)[];

/** What a notation has otherwise than another, in words. */
function differences(own: Notation, other: Notation): string[] {
	return [
		...CHOICE_NAMES.flatMap((choice) =>
			own[choice] === other[choice] ? [] : [`${CHOICE_LABELS[choice]}: ${VARIANT_LABELS[own[choice]]}`]
		),
		...(own.numbers === other.numbers ? [] : [`Numbers: ${NUMBER_LABELS[own.numbers]}`]),
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
	return `Notation: ${[nearest.name, ...nearest.parts].join('. ')}.`;
}
