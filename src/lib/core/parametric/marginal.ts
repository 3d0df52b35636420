import { ZERO, type Rational } from '../number/rational';
import type { Tableau } from '../tableau/tableau';
import { follow, hasLength, type Leg } from './follow';

/** What a right-hand side is really worth to one side of where it is, whatever basis is at hand. */
export interface OneSide {
	/** by how much the objective changes for each unit; null where there is no best plan at once on that side */
	readonly rate: Rational | null;
	/** for so many units; null has no end */
	readonly for: Rational | null;
	/** the change for one whole unit, which a break within it makes another than the rate; null where there is no best plan one unit on */
	readonly unit: Rational | null;
}

/** One unit more, and one less. */
export interface Marginal {
	readonly more: OneSide;
	readonly less: OneSide;
}

function oneSide(t: Tableau, row: string, direction: 1 | -1): OneSide {
	let start: Leg | null = null;
	/** once the rate has changed and a whole unit is behind, nothing more is asked */
	const isEnough = (leg: Leg): boolean => {
		if (!hasLength(leg)) return false;
		start ??= leg;
		return !leg.rate.equals(start.rate) && leg.to!.abs().gte(1);
	};
	const legs = follow(t, { rhs: row }, direction, () => true, isEnough)!.legs.filter(hasLength);
	if (legs.length === 0) return { rate: null, for: null, unit: null };
	const [first] = legs;
	// neighbours with one rate are one stretch
	const end = legs.find(({ rate }, i) => i === legs.length - 1 || !legs[i + 1].rate.equals(rate))!.to;
	const there = legs.find(({ to }) => to === null || to.abs().gte(1));
	const reached = there && there.value.add(there.rate.mul(there.from.neg().add(direction)));
	return {
		rate: first.rate.mul(direction),
		for: end && end.abs(),
		unit: reached ? reached.sub(first.value) : null
	};
}

/**
 * What one unit more and one unit less of a right-hand side are worth, exactly, also where the optimum is degenerate or has several dual values (one-sided
 * derivatives; Aucamp and Steinberg 1982).
 * @param t an optimal tableau without cuts, artificial columns barred
 * @param row a constraint of its problem
 */
export const marginal = (t: Tableau, row: string): Marginal => ({
	more: oneSide(t, row, 1),
	less: oneSide(t, row, -1)
});

/** Whether one more and one less are worth the same, up to the sign. */
export const isOneRate = ({ more, less }: Marginal): boolean =>
	more.rate !== null && less.rate !== null && more.rate.add(less.rate).equals(ZERO);
