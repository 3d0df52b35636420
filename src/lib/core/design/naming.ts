import type { Problem, Relation, Sense, Terms } from '../problem/types';

/** What the variables and constraints of a designed problem are called. */

interface Name {
	readonly name: string;
	readonly unit?: string;
}

/** Names of a problem's parts. */
export interface Names {
	readonly objective: Name;
	readonly variables: readonly Name[];
	readonly constraints: readonly Name[];
}

export const NAMINGS = ['pottery', 'letters', 'lesson'] as const;
export type NamesFrom = (typeof NAMINGS)[number];

const PRODUCTS = ['bowls', 'vases', 'tiles', 'jugs', 'plates', 'cups', 'lamps', 'pots'];
const MEANS: readonly Name[] = [
	{ name: 'clay', unit: 'kg' },
	{ name: 'wheel', unit: 'hours' },
	{ name: 'kiln', unit: 'hours' },
	{ name: 'glaze', unit: 'litres' },
	{ name: 'shelves', unit: 'places' },
	{ name: 'packing', unit: 'hours' },
	{ name: 'painting', unit: 'hours' },
	{ name: 'crates', unit: 'pieces' }
];
const DEMANDS = ['orders', 'market', 'school', 'inn', 'fair', 'shop', 'temple', 'gifts'];

/** Names of a problem of the pottery: means where a row is a limit, demands where it must be reached. */
export function potteryNames(variables: number, relations: readonly Relation[], sense: Sense): Names {
	const [means, demands] = [[...MEANS], [...DEMANDS]];
	return {
		objective: { name: sense === 'max' ? 'profit' : 'cost', unit: 'thalers' },
		variables: PRODUCTS.slice(0, variables).map((name) => ({ name, unit: 'dozen' })),
		constraints: relations.map((relation, i) =>
			relation === '>='
				? { name: demands.shift() ?? `demand${i + 1}` }
				: (means.shift() ?? { name: `means${i + 1}` })
		)
	};
}

/** Names in running letters: x1 to xn, r1 to rm, z. */
export const letterNames = (variables: number, constraints: number): Names => ({
	objective: { name: 'z' },
	variables: Array.from({ length: variables }, (_, j) => ({ name: `x${j + 1}` })),
	constraints: Array.from({ length: constraints }, (_, i) => ({ name: `r${i + 1}` }))
});

/** The names and units of a problem; null where it has not as many parts. */
export const namesFor = (problem: Problem, variables: number, constraints: number): Names | null =>
	problem.variables.length < variables || problem.constraints.length < constraints
		? null
		: {
				objective: problem.objective,
				variables: problem.variables.slice(0, variables),
				constraints: problem.constraints.slice(0, constraints)
			};

/** A problem under other names and units, its parts in their order. */
export function named(problem: Problem, { objective, variables, constraints }: Names): Problem {
	const called = new Map(problem.variables.map(({ name }, j) => [name, variables[j].name]));
	const terms = (own: Terms): Terms => new Map([...own].map(([name, value]) => [called.get(name)!, value]));
	const unit = (own: Name) => (own.unit ? { unit: own.unit } : {});
	return {
		variables: problem.variables.map((own, j) => ({
			...own,
			name: variables[j].name,
			...unit(variables[j])
		})),
		objective: {
			...problem.objective,
			name: objective.name,
			...unit(objective),
			terms: terms(problem.objective.terms)
		},
		constraints: problem.constraints.map((own, i) => ({
			...own,
			name: constraints[i].name,
			...unit(constraints[i]),
			terms: terms(own.terms)
		}))
	};
}
