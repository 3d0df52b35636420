import { conflictOf } from '../answer/conflict';
import { isRedundant } from '../kind/kind';
import { runLinear, type RunOptions } from '../answer/answer';
import { wholeHull } from '../geometry/hull';
import { facesOf, polyhedron } from '../geometry/polyhedron';
import { planAt, withoutConstraints } from '../geometry/sides';
import { rowName } from '../problem/row-owner';
import { mustBeWhole } from '../problem/whole';
import type { Vector } from '../number/linear-algebra';
import { toText } from '../number/rational';
import { InputError } from '../problem/json';
import type { Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { numbers } from './answer-json';
import { REGION_REQUEST, requestReader } from './requests';
import type { RegionJson } from './shapes';

/** Raised where a request is well formed, but asks for something that cannot be done. */
export class NotPossible extends Error {
	constructor(
		message: string,
		readonly path: string
	) {
		super(message);
	}
}

const MOST_VARIABLES = 3;

const read = requestReader(REGION_REQUEST);

/** @throws InputError with every fault and its path */
function readRequest(data: unknown): Problem {
	const { problem, given } = read(data);
	const known = new Set(problem.constraints.map(({ name }) => name));
	const without = given.without ?? [];
	const unknown = without.flatMap((name, i) =>
		known.has(name) ? [] : [{ path: `without[${i}]`, message: `“${name}” is not among the constraints` }]
	);
	if (unknown.length) throw new InputError(unknown);
	return withoutConstraints(problem, without);
}

/** Whether an empty region stays empty without a constraint. */
const staysEmpty = (problem: Problem, name: string, options: RunOptions): boolean =>
	runLinear(withoutConstraints(problem, [name]), options).status === 'infeasible';

/**
 * The region of a problem of one to three variables (of its relaxation): corners, rays, edges, faces, what is redundant or in conflict.
 * @param data `{ problem, without }`
 * @throws InputError for input that is no problem, NotPossible for other numbers of variables
 */
export function answerRegion(data: unknown, options: RunOptions = {}): RegionJson {
	const problem = readRequest(data);
	const count = problem.variables.length;
	if (count < 1 || count > MOST_VARIABLES)
		throw new NotPossible(
			`A region is described for one to three variables; this problem has ${count}.`,
			'problem.variables'
		);
	const region = polyhedron(problem);
	const empty = region.dimension < 0;
	const amounts = (point: Vector) => numbers(planAt(problem, point));
	const named = (index: number) => rowName(region.sides[index].owner);
	const hull = problem.variables.every(mustBeWhole) ? wholeHull(problem) : null;
	return {
		empty,
		bounded: region.rays.length === 0 && region.lines.length === 0,
		dimension: region.dimension,
		vertices: region.vertices.map(({ at, tight }) => ({
			point: amounts(at),
			objective: toText(objectiveAt(problem, planAt(problem, at))),
			tight: tight.map(named)
		})),
		rays: region.rays.map(({ direction }) => amounts(direction)),
		lines: region.lines.map(amounts),
		edges: region.edges.map((edge) => ({ ...edge })),
		...(count === 3 && region.dimension === 3
			? { faces: facesOf(region).map(({ side, vertices }) => ({ of: named(side), vertices })) }
			: {}),
		redundant: problem.constraints
			.filter((row) => (empty ? staysEmpty(problem, row.name, options) : isRedundant(problem, row, options)))
			.map(({ name }) => name),
		...(empty ? { conflict: conflictOf(problem, options) ?? [] } : {}),
		...(hull ? { hull: { vertices: hull.map(amounts) } } : {})
	};
}
