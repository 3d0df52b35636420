import { en } from '../language/language';
import type { Rational } from '../number/rational';
import { showNumber, type NumberStyle } from '../number/show';
import type { Objective, Sense } from '../problem/types';
import type { Goal } from '../tableau/goal';

/** Every choice of a notation with its variants, the plain one first. */
export const CHOICES = {
	/** entries of an objective row: `z + Σ entries · x = value`, or `Σ entries · x − z = value` */
	entries: ['z-plus', 'minus-z'],
	/** the value's cell as the row's equation has it, or always the objective itself */
	value: ['equation', 'objective'],
	/** a minimum: the negative is maximised, or it is worked as a minimum */
	minimum: ['maximised', 'minimised'],
	/** phase one: minus the sum of the artificial variables is maximised, or their sum minimised */
	phaseOne: ['maximised', 'minimised'],
	goalPlace: ['below', 'above'],
	/** whether the objective's own unit column is shown */
	goalColumn: ['hidden', 'shown'],
	/** whether the basic variables are named beside the rows; else their unit columns are marked */
	basis: ['named', 'unnamed'],
	rhs: ['last', 'first'],
	ratios: ['shown', 'hidden'],
	/** all columns; only the non-basic ones; with c and z beside; as equations of the basic variables */
	layout: ['full', 'condensed', 'extended', 'dictionary'],
	/** numbers of slacks, surpluses and artificial variables: by the constraint, running on, or letters in a row */
	index: ['constraint', 'running', 'letters'],
	/** how the pivot that is advised is marked */
	mark: ['circled', 'boxed', 'bold'],
	/** row operations as multiples (`R1 ← R1 − 2 R2`), as old row minus a multiple, or entry by entry by the rectangle rule */
	operations: ['multiples', 'old-minus', 'rectangle'],
	/** big M: one objective row of numbers `p + qM`, or a row of its own for the coefficients of M */
	bigM: ['one-row', 'two-rows']
} as const;

type Choices = { readonly [K in keyof typeof CHOICES]: (typeof CHOICES)[K][number] };

/**
 * How a course writes what is underneath the same for all: names, numbers, and the places of a tableau. Everything that shows a
 * tableau or a sentence asks the functions here.
 */
export interface Notation extends Choices {
	readonly numbers: NumberStyle;
	/** letters of slack, surplus and artificial variables */
	readonly slack: string;
	readonly surplus: string;
	readonly artificial: string;
	/** what the sum of the artificial variables in phase one is called */
	readonly infeasibility: string;
}

/** The profile that tests, files and screen readers use where nobody chose another. */
export const PLAIN: Notation = {
	numbers: 'fraction',
	entries: 'z-plus',
	value: 'equation',
	minimum: 'maximised',
	phaseOne: 'maximised',
	goalPlace: 'below',
	goalColumn: 'hidden',
	basis: 'named',
	rhs: 'last',
	ratios: 'shown',
	layout: 'full',
	index: 'constraint',
	mark: 'circled',
	operations: 'multiples',
	bigM: 'one-row',
	slack: 's',
	surplus: 's',
	artificial: 'a',
	infeasibility: 'w'
};

/** Profiles that come along, named by what they do. */
export const PROFILES: readonly { readonly name: string; readonly notation: Notation }[] = [
	{ name: en`Last row, improving is negative`, notation: PLAIN },
	{
		name: en`The objective’s own column, slacks as letters`,
		notation: { ...PLAIN, goalColumn: 'shown', index: 'letters', slack: 'u', surplus: 'u', basis: 'unnamed' }
	},
	{
		name: en`Worked as a minimum, slacks running on`,
		notation: {
			...PLAIN,
			entries: 'minus-z',
			minimum: 'minimised',
			phaseOne: 'minimised',
			index: 'running',
			slack: 'x',
			surplus: 'x',
			artificial: 'x',
			basis: 'unnamed'
		}
	},
	{
		name: en`With c above and c − z below`,
		notation: { ...PLAIN, layout: 'extended', entries: 'minus-z', value: 'objective', minimum: 'minimised' }
	},
	{
		name: en`Dictionary: basic variables as equations`,
		notation: { ...PLAIN, layout: 'dictionary', entries: 'minus-z', value: 'objective', minimum: 'minimised' }
	}
];

/** A notation with what it leaves out taken from the plain one: lessons kept before had fewer choices. */
export const completed = (partial: Partial<Notation>): Notation => ({ ...PLAIN, ...partial });

/** A number in one line of text, in the notation's style. */
export const shownText = (notation: Notation, value: Rational): string => showNumber(value, notation.numbers);

/** Whether an objective row (that of M is a part of the objective's) is written for the quantity that is maximised underneath, or (a minimum worked as one) for its negative. */
const isTurned = (notation: Notation, goal: Goal, sense: Sense): boolean =>
	goal.kind === 'infeasibility'
		? notation.phaseOne === 'minimised'
		: goal.kind !== 'column' && sense === 'min' && notation.minimum === 'minimised';

/** What the entries of an objective row are multiplied by to be written: underneath, improving entries are negative. */
export function goalFactor(notation: Notation, goal: Goal, sense: Sense): 1 | -1 {
	const own = notation.entries === 'z-plus' && notation.layout !== 'dictionary' ? 1 : -1;
	return isTurned(notation, goal, sense) ? (-own as 1 | -1) : own;
}

/** What an objective row's value is multiplied by to be written. */
export function valueFactor(notation: Notation, goal: Goal, sense: Sense): 1 | -1 {
	const turned = isTurned(notation, goal, sense) ? -1 : 1;
	if (notation.layout === 'dictionary') return turned;
	if (notation.value === 'objective') return goal.kind === 'objective' && sense === 'max' ? 1 : -1;
	return (notation.entries === 'z-plus' ? turned : -turned) as 1 | -1;
}

/** What an objective row is called: the quantity that its equation is about. */
export function goalName(notation: Notation, goal: Goal, objective: Objective): string {
	const turned = isTurned(notation, goal, objective.sense);
	if (goal.kind === 'objective')
		return objective.sense === 'max' || turned ? objective.name : `−${objective.name}`;
	if (goal.kind === 'infeasibility') return turned ? notation.infeasibility : `−${notation.infeasibility}`;
	return goal.kind === 'big-m' ? 'M' : 'next';
}

/** `negative` or `positive`: the sign, as it is written, of entries of an objective row that improve. */
export const improvingSign = (notation: Notation, goal: Goal, sense: Sense): 'negative' | 'positive' =>
	goalFactor(notation, goal, sense) > 0 ? 'negative' : 'positive';
