import { compare, max, ONE, rational, sign, ZERO, type Rational } from '../number/rational';
import {
	effectiveBounds,
	type Constraint,
	type Plan,
	type Problem,
	type Terms,
	type Variable
} from '../problem/types';
import { mustBeWhole } from '../problem/whole';

/** What a row says of variables that are 0 or 1: of some of them (or of their complements), at most so many. It reads `terms ≤ rhs`. */
export interface Cover {
	/** the constraint that implies it */
	readonly row: string;
	readonly terms: Terms;
	readonly rhs: Rational;
}

/** A variable that is 0 or 1, or its complement, with what it takes of the row's right-hand side. */
interface Item {
	readonly name: string;
	readonly isComplement: boolean;
	readonly weight: Rational;
	/** how much of it a plan takes, between 0 and 1 */
	readonly taken: Rational;
}

function isZeroOrOne(variable: Variable): boolean {
	const { lower, upper } = effectiveBounds(variable);
	return mustBeWhole(variable) && !!lower?.equals(ZERO) && !!upper?.equals(ONE);
}

/** A row `terms ≤ rhs` with positive weights on items: others stand at what takes least of it; null where that has no end. */
function knapsackOf(
	variables: ReadonlyMap<string, Variable>,
	{ terms, rhs }: Pick<Constraint, 'terms' | 'rhs'>,
	plan: Plan
): { items: Item[]; room: Rational } | null {
	const items: Item[] = [];
	let room = rhs;
	for (const [name, value] of terms) {
		if (sign(value) === 0) continue;
		const variable = variables.get(name)!;
		const isComplement = sign(value) < 0;
		const { lower, upper } = effectiveBounds(variable);
		const least = isComplement ? upper : lower;
		if (!least) return null;
		room = room.sub(value.mul(least));
		if (!isZeroOrOne(variable)) continue;
		const at = plan.get(name) ?? ZERO;
		items.push({ name, isComplement, weight: value.abs(), taken: isComplement ? ONE.sub(at) : at });
	}
	return { items, room };
}

/** The extended cover that a plan takes most of; null where it breaks none that is found this way. */
function coverOf(items: readonly Item[], room: Rational): Pick<Cover, 'terms' | 'rhs'> | null {
	const byTaken = [...items].sort((a, b) => compare(b.taken, a.taken) || compare(b.weight, a.weight));
	const cover: Item[] = [];
	let load = ZERO;
	for (const item of byTaken) {
		cover.push(item);
		load = load.add(item.weight);
		if (compare(load, room) > 0) break;
	}
	if (compare(load, room) <= 0 || sign(room) < 0) return null;
	// minimal: without any of them the rest fits, first without those that the plan takes least of
	for (const item of [...cover].reverse()) {
		if (compare(load.sub(item.weight), room) <= 0) continue;
		cover.splice(cover.indexOf(item), 1);
		load = load.sub(item.weight);
	}
	const heaviest = cover.reduce((most, { weight }) => max(most, weight), ZERO);
	const extended = items.filter((item) => cover.includes(item) || compare(item.weight, heaviest) >= 0);
	const taken = extended.reduce((sum, item) => sum.add(item.taken), ZERO);
	const most = rational(cover.length - 1);
	if (compare(taken, most) <= 0) return null;
	const complements = extended.filter(({ isComplement }) => isComplement).length;
	return {
		terms: new Map(extended.map(({ name, isComplement }) => [name, isComplement ? ONE.neg() : ONE])),
		rhs: most.sub(complements)
	};
}

/**
 * Cover inequalities that a plan breaks and no integer plan does (Balas 1975; Hammer, Johnson and Peled 1975): as many variables as a minimal
 * cover has do not fit together, nor do as many where heavier ones take the place of some.
 */
export function coversAt(problem: Problem, plan: Plan): Cover[] {
	const variables = new Map(problem.variables.map((variable) => [variable.name, variable]));
	return problem.constraints.flatMap(({ name, relation, terms, rhs }) => {
		const turned = { terms: new Map([...terms].map(([of, value]) => [of, value.neg()])), rhs: rhs.neg() };
		const rows = [...(relation === '>=' ? [] : [{ terms, rhs }]), ...(relation === '<=' ? [] : [turned])];
		return rows.flatMap((row) => {
			const knapsack = knapsackOf(variables, row, plan);
			const cover = knapsack && coverOf(knapsack.items, knapsack.room);
			return cover ? [{ row: name, ...cover }] : [];
		});
	});
}
