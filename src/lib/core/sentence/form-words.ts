import { en } from '../language/language';
import { isNegativePart } from '../problem/column-id';
import type { Column, FormChange, Owner } from '../form/types';
import { isBound } from '../problem/row-owner';
import { say, type Sentence } from './sentence';

/** The way to standard form in words. */

/** A row by what owns it: `clay`, `the bound of x`. */
export const rowWords = (owner: Owner): Sentence =>
	isBound(owner) ? say`the bound of ${owner.name}` : say`${{ constraint: owner.name }}`;

const lacks = (owner: Owner, equality: boolean): Sentence =>
	equality
		? say`${rowWords(owner)} has no slack to start from`
		: say`${rowWords(owner)} is ≥: where all variables are 0 its surplus would be negative, so it cannot start the basis`;

/** A change on the way to standard form, with its reason. */
export function changeSentence(change: FormChange): Sentence {
	const column = change.column!;
	if (change.kind === 'maximise')
		return say`The least ${change.objective} is where −${change.objective} is greatest, so −${change.objective} is maximised.`;
	const { owner } = change;
	const { name } = owner;
	switch (change.kind) {
		case 'fix':
			return say`${name} can only be ${change.bound}, so that number takes its place.`;
		case 'shift':
			return say`${name} is at least ${change.bound}: ${name} = ${change.bound} + ${column} with ${column} ≥ 0.`;
		case 'mirror':
			return say`${name} is at most ${change.bound} and has no lower bound: ${name} = ${change.bound} − ${column} with ${column} ≥ 0.`;
		case 'split-variable':
			return say`${name} may have either sign: ${name} = ${column} − ${change.minus} with both ≥ 0.`;
		case 'split-equality':
			return say`${rowWords(owner)} is an equality: it says ≤ and ≥ at once, and is written as these two rows.`;
		case 'bound-row':
			return say`The upper bound of ${name} becomes a row of its own.`;
		case 'negate-row':
			if (change.why === 'at-most')
				return say`${rowWords(owner)} is multiplied by −1, so that it reads ≤ and its slack can be basic.`;
			return change.why === 'negative'
				? say`${rowWords(owner)} has a negative right-hand side and is multiplied by −1.`
				: say`${rowWords(owner)} has the right-hand side 0: multiplied by −1 it reads ≤ 0 and needs no artificial variable.`;
		case 'slack':
			return say`${column} is the slack of ${rowWords(owner)}: the difference between its two sides. With it the row is an equation.`;
		case 'surplus':
			return say`${column} is the surplus of ${rowWords(owner)}: by how much its left side is larger. Without it the row is an equation.`;
		case 'artificial':
			return say`${lacks(owner, change.isEquality)}. The artificial variable ${column} is basic there instead; the row is satisfied only when it is 0.`;
		case 'vacant':
			return say`${lacks(owner, change.isEquality)}. The row has no basic variable yet.`;
	}
}

const KINDS: Record<Column['kind'], string> = {
	structural: en`a decision variable`,
	slack: en`the slack of`,
	surplus: en`the surplus of`,
	artificial: en`the artificial variable of`,
	vacant: en`no variable: the place of the one that is missing in`
};

/** Where a column comes from, in words. */
export function originOf({ kind, owner, id }: Column): Sentence {
	if (kind === 'structural')
		return isNegativePart(id)
			? say`the negative part of the decision variable ${owner.name}`
			: say`from the decision variable ${owner.name}`;
	return say`${KINDS[kind]} ${rowWords(owner)}`;
}
