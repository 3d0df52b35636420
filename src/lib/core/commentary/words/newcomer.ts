import { en } from '../../language/language';
import type { Newcomer } from '../../answer/newcomer';
import { isZero, type Rational } from '../../number/rational';
import type { RowTest } from '../../problem/new-row';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Problem } from '../../problem/types';
import { inBrackets, joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import { quantity } from './plan';

/** The words of something new, before it is added: an activity priced out, a constraint tried at the best plan. */

const NEWCOMERS: Readonly<Record<Newcomer['code'], (found: Newcomer, problem: Problem) => Sentence>> = {
	improves: ({ best }, { objective: { name, unit } }) =>
		best
			? say`It would enter and improve ${name} to ${quantity(best, unit)}.`
			: say`It would enter, and ${name} would be unbounded.`,
	degenerate: ({ best }, { objective: { name } }) =>
		say`These dual values would let it enter, but the corner is degenerate: other dual values belong to it too, and ${name} stays ${best!}.`,
	ties: () => say`It would earn exactly what it uses, so it improves nothing.`,
	'stays-out': ({ left }, { objective: { name } }) =>
		say`It would not enter: each unit would make ${name} worse by ${left.abs()}.`
};

/**
 * An activity priced out, and what adding it would do.
 * @param gain its coefficient in the objective
 * @param shares by constraint: what a unit of it uses, and the dual value
 */
export function newcomerWords(
	problem: Problem,
	found: Newcomer,
	gain: Rational,
	shares: readonly { readonly use: Rational; readonly dual: Rational }[]
): Sentence {
	const used = shares.filter(({ use, dual }) => !isZero(use) && !isZero(dual));
	const sum = used.length
		? say`${joined(
				used.map(({ use, dual }) => say`${inBrackets(use)} · ${inBrackets(dual)}`),
				' + ',
				' + '
			)} = `
		: NOTHING_SAID;
	const brings = problem.objective.sense === 'max' ? en`brings` : en`costs`;
	return say`It uses resources worth ${sum}${found.takes} and ${brings} ${gain}, so its reduced cost is ${found.left}. ${NEWCOMERS[found.code](found, problem)}`;
}

/** A constraint tried at the best plan: each of its sides, and whether the plan stays the best. */
export function newRowWords(tests: readonly RowTest[]): Sentence {
	const sides = tests.map(({ used, relation, rhs, isMet }) =>
		isMet
			? say`The best plan has ${used}, which is ${RELATION_SIGNS[relation]} ${rhs}.`
			: say`The best plan has ${used}, which is not ${RELATION_SIGNS[relation]} ${rhs}.`
	);
	const verdict = tests.every(({ isMet }) => isMet)
		? say`It satisfies the constraint, so it stays the best plan.`
		: say`It violates the constraint, so the best plan changes. The dual simplex method can go on from here.`;
	return joined([...sides, verdict], ' ', ' ');
}
