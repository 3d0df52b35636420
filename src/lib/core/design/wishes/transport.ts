import { en } from '../../language/language';
import type { Problem } from '../../problem/types';
import type { DesignRequest } from '../types';
import { other, type WishKind } from './wish';

/** A wish about the structure of a transport problem: amounts from each source to each sink. */

/** How many sources and sinks give so many variables and constraints, of at most eight each; null where none do. Sources are the constraints ≤. */
export function sourcesAndSinks(
	variables: number,
	constraints: number
): { readonly sources: number; readonly sinks: number } | null {
	const sinks = constraints - 2;
	return sinks >= 2 && 2 * sinks === variables ? { sources: 2, sinks } : null;
}

/** Whether each variable stands once, with 1, in just one constraint ≤ and in just one other, and each such pair has its variable. */
function isTransport({ variables, constraints }: Problem): boolean {
	const isSource = ({ relation }: Problem['constraints'][number]) => relation === '<=';
	const pairs = variables.map(({ name }) => {
		const own = constraints.filter(({ terms }) => terms.has(name));
		const isPair = own.length === 2 && isSource(own[0]) !== isSource(own[1]);
		return isPair && own.every(({ terms }) => terms.get(name)!.equals(1))
			? own.map((row) => row.name).join(' ')
			: null;
	});
	const sources = constraints.filter(isSource).length;
	return (
		pairs.every((pair) => pair !== null) &&
		new Set(pairs).size === variables.length &&
		sources * (constraints.length - sources) === variables.length
	);
}

const fits = ({ variables, constraints }: DesignRequest) => sourcesAndSinks(variables, constraints) !== null;

export const transport: WishKind<'transport'> = {
	kind: 'transport',
	group: 'numbers',
	first: { kind: 'transport' },
	cost: 0,
	says: () => en`amounts go from sources to sinks, as in a transport problem`,
	decide: ({ problem }) => (isTransport(problem) ? true : null),
	against(_wish, request) {
		if (!fits(request))
			return en`two sources and two sinks are 4 variables and 4 constraints, two and three 6 and 5, two and four 8 and 6`;
		if (request.numbers.from > 1 || request.numbers.to < 1) return en`its coefficients are 1`;
		if (request.sense === 'max') return en`its costs are as low as possible, so the objective is a minimum`;
		if (request.relations) {
			const { sources } = sourcesAndSinks(request.variables, request.constraints)!;
			const given = request.relations.filter((relation) => relation === '<=').length;
			if (given !== sources) return en`of the relations just ${sources} must be ≤, for the sources`;
		}
		return other(request, 'cycle') ? en`a known cycle has other coefficients` : null;
	}
};
