import { isZero, ONE, sign, type Rational } from '../number/rational';
import { marginal, type OneSide } from '../parametric/marginal';
import type { Each, Bare, ByCode } from '../sentence/coded';
import type { WorthClaim as Worth } from '../sentence/claim';
import type { Tableau } from '../tableau/tableau';

/** Whether one more of an amount would be bought, or taken on, at a price. `words/ranges.ts` has the words. */

/** Whether one unit more would be bought, or of a requirement taken on, at a price, and how many. */
export type PriceFinding =
	| ByCode<{
			'no-plan-with-more': { row: string; worth: Worth };
			'more-does-not-improve': { row: string; worth: Worth };
			'more-costs-nothing': { row: string; worth: Worth };
	  }>
	| Each<
			| 'worth-more'
			| 'worth-the-price'
			| 'worth-less'
			| 'costs-less-than-paid'
			| 'costs-what-is-paid'
			| 'costs-more-than-paid',
			{
				readonly row: string;
				readonly worth: Worth;
				/** by how much one more improves the objective, or makes it worse where it is taken on */
				readonly size: Rational;
				/** how far that is from the price */
				readonly apart: Rational;
				readonly then: ThenFinding;
			}
	  >;

/** How long a gain or loss holds. */
export type ThenFinding = ByCode<{
	'rate-changes': { row: string; first: Rational; each: Rational };
	'every-further': Bare;
	'holds-for': { room: Rational };
	'holds-for-one': Bare;
}>;

/** How a change of the objective improves it: below 0 where it makes it worse. */
const gainOf = ({ form: { problem } }: Tableau, change: Rational): Rational =>
	problem.objective.sense === 'max' ? change : change.neg();

/** What is asked of one more of a right-hand side: of a resource whether it is bought, of a requirement whether it is taken on for a payment. */
export function askedOfOneMore(t: Tableau, row: string, more?: OneSide): 'buy' | 'take-on' {
	const { relation } = t.form.problem.constraints.find(({ name }) => name === row)!;
	if (relation !== '=') return relation === '<=' ? 'buy' : 'take-on';
	const { unit } = more ?? marginal(t, row).more;
	return unit && sign(gainOf(t, unit)) < 0 ? 'take-on' : 'buy';
}

/** Whether one unit more of a right-hand side would be bought at a price, or taken on when that is paid for it, and how many. */
export function priceFound(t: Tableau, row: string, price: Rational): PriceFinding {
	const { more } = marginal(t, row);
	const { problem } = t.form;
	const worth: Worth = { problem, code: 'worth', of: { rhs: row }, by: ONE, change: more.unit };
	if (!more.unit || !more.rate) return { code: 'no-plan-with-more', row, worth };
	const gain = gainOf(t, more.unit);
	const isBought = askedOfOneMore(t, row, more) === 'buy';
	if (isBought && sign(gain) <= 0) return { code: 'more-does-not-improve', row, worth };
	if (!isBought && isZero(gain) && sign(price) > 0) return { code: 'more-costs-nothing', row, worth };
	const size = gain.abs();
	const then = ((): ThenFinding => {
		if (!more.unit.equals(more.rate))
			return { code: 'rate-changes', row, first: more.for!, each: more.rate.abs() };
		if (!more.for) return { code: 'every-further' };
		return more.for.gt(1) ? { code: 'holds-for', room: more.for } : { code: 'holds-for-one' };
	})();
	const order = price.compare(size);
	const [less, same, above] = isBought
		? (['worth-more', 'worth-the-price', 'worth-less'] as const)
		: (['costs-more-than-paid', 'costs-what-is-paid', 'costs-less-than-paid'] as const);
	const code = order < 0 ? less : order === 0 ? same : above;
	return { code, row, worth, size, apart: size.sub(price).abs(), then };
}
