import type { Bare, ByCode } from '../sentence/coded';
import { pointKey } from '../geometry/point-key';
import { polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { sidesOf, withoutConstraints, type Side } from '../geometry/sides';
import { dot, wholeVector, type Vector } from '../number/linear-algebra';
import { sign } from '../number/rational';
import type { Problem } from '../problem/types';

/** What is found of the finished picture: what each constraint takes away, and how its lines lie to one another. */

/** What a constraint takes from the region that the others leave. */
export type RemovedFinding = ByCode<{
	'others-conflict': Bare;
	'takes-all': Bare;
	'takes-corners': { corners: readonly Vector[] };
	'takes-nothing': Bare;
	'takes-no-corner': Bare;
}>;

const ways = ({ directions, lines }: Polyhedron): Vector[] => [
	...directions,
	...lines.flatMap((line) => [line, line.map((value) => value.neg())])
];

/**
 * What a constraint takes from the region that the others leave.
 * @param after the region of the problem
 * @param name a constraint; null is answered where there is none of that name
 */
export function removedBy(problem: Problem, after: Polyhedron, name: string): RemovedFinding | null {
	const own = sidesOf(problem).find(({ owner }) => owner.kind === 'constraint' && owner.name === name);
	if (!own) return null;
	const before = polyhedron(withoutConstraints(problem, [name]));
	if (before.dimension < 0) return { code: 'others-conflict' };
	if (after.dimension < 0) return { code: 'takes-all' };
	const kept = new Set(after.vertices.map(({ at }) => pointKey(at)));
	const corners = before.vertices.map(({ at }) => at).filter((at) => !kept.has(pointKey(at)));
	if (corners.length) return { code: 'takes-corners', corners };
	const same =
		before.dimension === after.dimension &&
		before.vertices.length === after.vertices.length &&
		ways(before).every((way) => {
			const turn = sign(dot(own.row, way));
			return own.equality ? turn === 0 : turn <= 0;
		}) &&
		before.points.every((at) => sign(dot(own.row, at).sub(own.rhs)) <= 0);
	return { code: same ? 'takes-nothing' : 'takes-no-corner' };
}

/** Constraints whose lines are the same, or parallel. */
export interface Relatives {
	readonly code: 'same-line' | 'parallel';
	readonly constraints: readonly string[];
}

/** A key for the direction of a side's normal: the same for parallel sides. */
function normalKey({ row }: Side): string {
	const whole = wholeVector(row);
	const first = whole.find((part) => part !== 0n) ?? 0n;
	return (first < 0n ? whole.map((part) => -part) : whole).join(' ');
}

/** Groups of sides with the same key, in the order in which they come. */
function grouped(sides: readonly Side[], keyOf: (side: Side) => string): Side[][] {
	const groups = new Map<string, Side[]>();
	for (const side of sides) groups.set(keyOf(side), [...(groups.get(keyOf(side)) ?? []), side]);
	return [...groups.values()];
}

/** Lines that coincide, and lines that are parallel. */
export function relativesOf(problem: Problem): Relatives[] {
	const sides = sidesOf(problem).filter(
		({ row, owner }) => owner.kind === 'constraint' && row.some((value) => sign(value) !== 0)
	);
	const named = (group: readonly Side[]) => group.map(({ owner }) => owner.name);
	return grouped(sides, normalKey).flatMap((group): Relatives[] => {
		const places = grouped(group, ({ row, rhs }) =>
			rhs.div(row.find((value) => sign(value) !== 0)!).toFraction()
		);
		const same = places.filter((own) => own.length > 1);
		return [
			...same.map((own) => ({ code: 'same-line', constraints: named(own) }) as const),
			...(places.length > 1
				? [{ code: 'parallel', constraints: named(places.map(([first]) => first)) } as const]
				: [])
		];
	});
}
