import * as yup from 'yup';
import { other, type WishKind } from './wish';

const KINDS = ['unique', 'several', 'infeasible', 'unbounded'] as const;

const WORDS: Record<(typeof KINDS)[number], string> = {
	unique: 'one best plan',
	several: 'several best plans',
	infeasible: 'no plan at all',
	unbounded: 'an objective without end'
};

/** What kind of answer there is. */
export const answer: WishKind<'answer'> = {
	kind: 'answer',
	cost: 2,
	fields: { is: yup.string().oneOf(KINDS).required() },
	properties: { is: { enum: KINDS } },
	says: ({ is }) => WORDS[is],
	decide({ answer: { status }, best }, { is }) {
		if (is === 'infeasible' || is === 'unbounded') return status === is ? is : null;
		return best && best.unique === (is === 'unique') ? is : null;
	},
	against({ is }, request) {
		if (request.plan && is === 'infeasible')
			return 'a plan shall be feasible, so the problem cannot be infeasible';
		if (request.plan?.shall === 'best' && is === 'unbounded')
			return 'a plan shall be best, so the objective cannot be unbounded';
		if (is === 'infeasible' && request.relations?.every((relation) => relation === '<='))
			return 'with ≤ only and right-hand sides from 0 the plan of zeros is feasible';
		const isBox = request.numbers.from > 0 && request.relations?.every((relation) => relation === '<=');
		if (is === 'unbounded' && isBox) return 'with ≤ only and positive coefficients every variable has an end';
		const several = request.wishes.some((wish) => wish.kind === 'answer' && wish.is !== is);
		return several ? 'there are two wishes for different answers' : null;
	}
};

/** A reason why a wish about the best plan cannot be kept where there is none. */
export const needsBest = (request: Parameters<typeof other>[0]): string | null => {
	const is = other(request, 'answer')?.is;
	return is === 'infeasible' || is === 'unbounded' ? `there is no best plan where the answer is ${is}` : null;
};
