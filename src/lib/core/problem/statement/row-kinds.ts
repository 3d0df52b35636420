import { isZero, sign, type Rational } from '../../number/rational';
import { MIRRORED } from '../relation';
import type { Objective, Relation } from '../types';
import { plus, scale, type Linear } from './linear';

/** What a row is that is more, or less, than a constraint: a bound of its variable, or a limit of the objective. */

/** What a row of one variable says of how small it may be; null where it says something else. */
function lowerBound(body: Linear, relation: Relation): { name: string; value: Rational } | null {
	if (body.mentions.length !== 1) return null;
	const [[name, coefficient]] = [...body.terms];
	if (isZero(coefficient)) return null;
	const value = body.constant.neg().div(coefficient);
	const isLower = (sign(coefficient) < 0 ? MIRRORED[relation] : relation) === '>=';
	return isLower ? { name, value } : null;
}

/** The lower bound below zero that a row of one variable says; null where it says something else. */
export function negativeBound(body: Linear, relation: Relation): { name: string; value: Rational } | null {
	const bound = lowerBound(body, relation);
	return bound && sign(bound.value) < 0 ? bound : null;
}

/** The least amount above zero that a row of one variable asks for; null where it says something else. */
export function positiveBound(body: Linear, relation: Relation): { name: string; value: Rational } | null {
	const bound = lowerBound(body, relation);
	return bound && sign(bound.value) > 0 ? bound : null;
}

/** A side with the objective's expression in the place of its name, and where the name stood; null where it does not, or is a variable. */
export function withObjective(
	side: Linear,
	{ name, terms, constant }: Objective
): { side: Linear; at: { from: number; to: number } } | null {
	const at = terms.has(name) ? undefined : side.mentions.find((own) => own.name === name);
	if (!at) return null;
	const others: Linear = {
		...side,
		terms: new Map([...side.terms].filter(([own]) => own !== name)),
		mentions: side.mentions.filter((own) => own.name !== name)
	};
	const expression: Linear = {
		constant,
		terms,
		mentions: [...terms.keys()].map((own) => ({ ...at, name: own }))
	};
	return { side: plus(others, scale(expression, side.terms.get(name)!)), at };
}
