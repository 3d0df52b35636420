import { say, type Sentence } from '../sentence/sentence';
import type { Rational } from '../number/rational';
import { isBound } from '../problem/row-owner';
import type { Column, Owner } from './types';

/** Every sentence of the way to standard form. */

/** A row by what owns it: `clay`, `the bound of x`. */
export const rowName = (owner: Owner): Sentence =>
	isBound(owner) ? say`the bound of ${owner.name}` : say`${{ constraint: owner.name }}`;

export const fixed = (name: string, value: Rational): Sentence =>
	say`${name} can only be ${value}, so that number takes its place.`;

export const shifted = (name: string, lower: Rational, column: Column): Sentence =>
	say`${name} is at least ${lower}: ${name} = ${lower} + ${column} with ${column} ≥ 0.`;

export const mirrored = (name: string, upper: Rational, column: Column): Sentence =>
	say`${name} is at most ${upper} and has no lower bound: ${name} = ${upper} − ${column} with ${column} ≥ 0.`;

export const splitVariable = (name: string, plus: Column, minus: Column): Sentence =>
	say`${name} may have either sign: ${name} = ${plus} − ${minus} with both ≥ 0.`;

export const splitEquality = (owner: Owner): Sentence =>
	say`${rowName(owner)} is an equality: it says ≤ and ≥ at once, and is written as these two rows.`;

export const boundRow = (owner: Owner): Sentence =>
	say`The upper bound of ${owner.name} becomes a row of its own.`;

export const turnedToAtMost = (owner: Owner): Sentence =>
	say`${rowName(owner)} is multiplied by −1, so that it reads ≤ and its slack can be basic.`;

export const turnedNegative = (owner: Owner): Sentence =>
	say`${rowName(owner)} has a negative right-hand side and is multiplied by −1.`;

export const turnedZero = (owner: Owner): Sentence =>
	say`${rowName(owner)} has the right-hand side 0: multiplied by −1 it reads ≤ 0 and needs no artificial variable.`;

export const slack = (owner: Owner, column: Column): Sentence =>
	say`${column} is what ${rowName(owner)} leaves unused; with it the row is an equation.`;

export const surplus = (owner: Owner, column: Column): Sentence =>
	say`${column} is what ${rowName(owner)} gets beyond its demand; without it the row is an equation.`;

const lacks = (owner: Owner, equality: boolean): Sentence =>
	equality
		? say`${rowName(owner)} has no slack to start from`
		: say`${rowName(owner)} is ≥: where all variables are 0 its surplus would be negative, so it cannot start the basis`;

export const artificial = (owner: Owner, column: Column, equality: boolean): Sentence =>
	say`${lacks(owner, equality)}. The artificial variable ${column} is basic there instead; the row is met only once it is 0.`;

export const vacant = (owner: Owner, equality: boolean): Sentence =>
	say`${lacks(owner, equality)}. The row has no basic variable yet.`;

export const maximise = (name: string): Sentence =>
	say`The least ${name} is where −${name} is greatest, so −${name} is maximised.`;

const KINDS: Record<Column['kind'], string> = {
	structural: 'a decision variable',
	slack: 'the slack of',
	surplus: 'the surplus of',
	artificial: 'the artificial variable of',
	vacant: 'no variable: the place of the one that is missing in'
};

/** Where a column comes from, in words. */
export function originOf({ kind, owner, id }: Column): Sentence {
	if (kind === 'structural')
		return id.startsWith('x-:')
			? say`the negative part of the decision variable ${owner.name}`
			: say`from the decision variable ${owner.name}`;
	return say`${KINDS[kind]} ${rowName(owner)}`;
}
