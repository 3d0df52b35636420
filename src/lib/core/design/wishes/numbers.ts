import { en } from '../../language/language';
import { gcd, ZERO, type Rational } from '../../number/rational';
import type { Problem } from '../../problem/types';
import type { WishKind } from './wish';

/** Wishes about the numbers of the statement. */

/** The numbers of each row, and of the objective. */
const lines = ({ constraints, objective }: Problem): Rational[][] => [
	[...objective.terms.values()],
	...constraints.map(({ terms, rhs }) => [...terms.values(), rhs])
];

export const zeros: WishKind<'zeros'> = {
	kind: 'zeros',
	group: 'numbers',
	first: { kind: 'zeros', atLeast: 2 },
	cost: 0,
	controls: [{ kind: 'count', field: 'atLeast', label: en`how many`, least: 0, most: 64 }],
	says: ({ atLeast }) =>
		atLeast === 1
			? en`at least 1 coefficient of the constraints is 0`
			: en`at least ${atLeast} coefficients of the constraints are 0`,
	decide({ problem }, { atLeast }) {
		const all = problem.variables.length * problem.constraints.length;
		const count = problem.constraints.reduce((rest, { terms }) => rest - terms.size, all);
		return count >= atLeast ? count : null;
	},
	against({ atLeast }, { numbers, variables, constraints }) {
		if (atLeast > 0 && (numbers.from > 0 || numbers.to < 0))
			return en`no coefficient from ${numbers.from} to ${numbers.to} is 0`;
		return atLeast > constraints * (variables - 1)
			? en`each row keeps a variable, so at most ${constraints * (variables - 1)} coefficients are 0`
			: null;
	}
};

export const noCommonFactor: WishKind<'no-common-factor'> = {
	kind: 'no-common-factor',
	group: 'numbers',
	first: { kind: 'no-common-factor' },
	cost: 0,
	says: () => en`no row can be divided by a common factor`,
	decide: ({ problem }) =>
		lines(problem).every((line) => line.reduce((own, { n, d }) => gcd(own, n / d), 0n) <= 1n) ? true : null
};

export const noNegative: WishKind<'no-negative'> = {
	kind: 'no-negative',
	group: 'numbers',
	first: { kind: 'no-negative' },
	cost: 0,
	says: () => en`no number of the statement is negative`,
	decide: ({ problem }) => (lines(problem).every((line) => line.every((own) => own.gte(ZERO))) ? true : null),
	against: (_wish, { numbers }) => (numbers.to < 0 ? en`coefficients up to ${numbers.to} are negative` : null)
};
