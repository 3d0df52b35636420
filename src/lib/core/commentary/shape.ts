import { pointKey } from '../geometry/corner-key';
import { polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { sidesOf, withoutConstraints, type Side } from '../geometry/sides';
import { dot, wholeVector, type Vector } from '../number/linear-algebra';
import { sign } from '../number/rational';
import type { Problem } from '../problem/types';
import { shapeFound } from './construction';
import { shapeSentence } from './words/picture';
import { listOf } from './words/points';
import { joined, say, type Sentence } from '../sentence/sentence';

/**
 * What a constraint removes from the region that the others leave: said of the finished picture.
 * @param after the region of the problem
 */
export function removedSentence(problem: Problem, after: Polyhedron, name: string): Sentence {
	const own = sidesOf(problem).find(({ owner }) => owner.kind === 'constraint' && owner.name === name);
	if (!own) return say``;
	const before = polyhedron(withoutConstraints(problem, [name]));
	if (before.dimension < 0) return say`the others exclude one another already`;
	if (after.dimension < 0) return say`removes all that the others leave`;
	const kept = new Set(after.vertices.map(({ at }) => pointKey(at)));
	const lost = before.vertices.map(({ at }) => at).filter((at) => !kept.has(pointKey(at)));
	if (lost.length) return say`removes ${lost.length === 1 ? 'the corner' : 'the corners'} ${listOf(lost)}`;
	const same =
		before.dimension === after.dimension &&
		before.vertices.length === after.vertices.length &&
		ways(before).every((way) => {
			const turn = sign(dot(own.row, way));
			return own.equality ? turn === 0 : turn <= 0;
		}) &&
		before.points.every((at) => sign(dot(own.row, at).sub(own.rhs)) <= 0);
	return same ? say`removes nothing: redundant` : say`removes a part without a corner`;
}

const ways = ({ directions, lines }: Polyhedron): Vector[] => [
	...directions,
	...lines.flatMap((line) => [line, line.map((value) => value.neg())])
];

/** A key for the direction of a side's normal: the same for parallel sides. */
function normalKey({ row }: Side): string {
	const whole = wholeVector(row);
	const first = whole.find((part) => part !== 0n) ?? 0n;
	return (first < 0n ? whole.map((part) => -part) : whole).join(' ');
}

/** Lines that coincide, and lines that are parallel. */
function relatives(problem: Problem): Sentence[] {
	const sides = sidesOf(problem).filter(
		({ row, owner }) => owner.kind === 'constraint' && row.some((value) => sign(value) !== 0)
	);
	const groups = new Map<string, Side[]>();
	for (const side of sides) groups.set(normalKey(side), [...(groups.get(normalKey(side)) ?? []), side]);
	const word = problem.variables.length === 3 ? 'plane' : 'line';
	const named = (group: readonly Side[]) =>
		joined(group.map(({ owner }) => say`${{ constraint: owner.name }}`));
	return [...groups.values()].flatMap((group) => {
		if (group.length < 2) return [];
		const places = new Map<string, Side[]>();
		for (const side of group) {
			const lead = side.row.find((value) => sign(value) !== 0)!;
			const at = side.rhs.div(lead).toFraction();
			places.set(at, [...(places.get(at) ?? []), side]);
		}
		const same = [...places.values()].filter((own) => own.length > 1);
		return [
			...same.map((own) => say`${named(own)} are the same ${word}.`),
			...(places.size > 1 ? [say`${named([...places.values()].map(([first]) => first))} are parallel.`] : [])
		];
	});
}

/** What a region is, in words: its shape, its corners, the edges that go on for ever, and lines that coincide or are parallel. */
export function shapeOf(problem: Problem, region: Polyhedron): Sentence {
	const width = problem.variables.length;
	const corners =
		region.vertices.length > 0 && region.dimension > 0
			? [say`${width === 1 ? 'Ends' : 'Corners'}: ${listOf(region.vertices.map(({ at }) => at))}.`]
			: region.dimension === 0
				? [say`It is ${listOf(region.points)}.`]
				: [];
	const open = region.rays.length
		? [say`It goes on for ever along ${listOf(region.rays.map(({ direction }) => direction))}.`]
		: [];
	const told = [
		shapeSentence(shapeFound(region, width)),
		...corners,
		...open,
		...(width > 1 ? relatives(problem) : [])
	];
	return joined(told, ' ', ' ');
}
