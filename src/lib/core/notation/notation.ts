import type { Column } from '../form/types';
import type { Rational } from '../number/rational';
import { showNumber, type NumberStyle } from '../number/show';
import type { Objective } from '../problem/types';
import type { Goal } from '../tableau/goal';

/**
 * How a course writes what is underneath the same for all: names, numbers, and the places of a tableau. Everything that shows a
 * tableau or a sentence asks the functions here; there is one profile so far, and others add fields.
 */
export interface Notation {
	readonly numbers: NumberStyle;
}

/** The profile that tests, files and screen readers use where nobody chose another. */
export const PLAIN: Notation = { numbers: 'fraction' };

/** A number in one line of text, in the notation's style. */
export const shownText = (notation: Notation, value: Rational): string => showNumber(value, notation.numbers);

/** What a column is called. */
export const columnName = (_notation: Notation, column: Column): string => column.name;

/** What an objective row is called: the quantity that it maximises. */
export function goalName(_notation: Notation, goal: Goal, objective: Objective): string {
	if (goal.kind === 'objective') return objective.sense === 'max' ? objective.name : `−${objective.name}`;
	if (goal.kind === 'infeasibility') return '−w';
	return goal.kind === 'big-m' ? 'M' : 'next';
}

/** What phase one's sum of artificial variables is called. */
export const INFEASIBILITY_NAME = 'w';
