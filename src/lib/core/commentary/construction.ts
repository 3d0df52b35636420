import { bestFace, valuesOf } from '../geometry/best';
import { intercepts, keptProblem, type BuildStep } from '../geometry/construction';
import { testHolds, testPoint } from '../geometry/sides';
import { pointKey } from '../geometry/point-key';
import { keepsAll, polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { keepsSide, rowOf, sidesOf, type Side } from '../geometry/sides';
import { dot, type Vector } from '../number/linear-algebra';
import { isZero, sign } from '../number/rational';
import type { Problem } from '../problem/types';
import { cornerFound, namesOf, statedAs } from './corner';
import type { Remark } from './findings';
import type {
	LinePoint,
	StatedSide,
	BestFinding,
	BuildFinding,
	BuildHeading,
	HeldVariable,
	PictureFinding,
	RegionShape
} from './picture-findings';

/** What is found at each step of the graphical method. */

const isOpen = ({ directions, lines }: Polyhedron): boolean => directions.length + lines.length > 0;

/** What a constraint cuts off from the region so far. */
function cutOff(problem: Problem, before: Polyhedron, after: Polyhedron, own: Side): BuildFinding[] {
	const side = statedAs(problem, own);
	if (before.dimension < 0) return [{ code: 'empty-before' }];
	if (after.dimension < 0) return [{ code: 'nothing-left', side }];
	const lost = before.vertices.filter(({ at }) => !keepsSide(own, at)).map(({ at }) => at);
	const known = new Set(before.vertices.map(({ at }) => pointKey(at)));
	const gained = after.vertices.filter(({ at }) => !known.has(pointKey(at))).map(({ at }) => at);
	const same =
		lost.length === 0 && gained.length === 0 && before.dimension === after.dimension && keepsAll(own, before);
	if (same) return [{ code: 'cuts-off-nothing', side }];
	const closes = isOpen(before) && !isOpen(after);
	return [{ code: 'cuts-off', side, lost, gained }, ...(closes ? [{ code: 'closed-now' } as const] : [])];
}

/** What kind of set a region is. */
export const shapeFound = (region: Polyhedron, width: number): RegionShape => ({
	dimension: region.dimension,
	isOpen: isOpen(region),
	hasLine: region.lines.length > 0,
	corners: region.vertices.length,
	width
});

/** What can be said of a slice: nothing of the whole problem. */
function sliceFound(problem: Problem, region: Polyhedron, held: readonly HeldVariable[]): BestFinding {
	const face = region.dimension < 0 ? null : bestFace(problem, region);
	const best = !face ? 'none' : face.way ? 'for-ever' : { at: face.points[0], value: face.value! };
	return { code: 'slice', held, objective: problem.objective, best };
}

/**
 * The conclusion that the picture allows.
 * @param held variables that are held fast, where the picture is a slice: it says nothing of the whole problem then
 */
export function conclusionFound(
	problem: Problem,
	region: Polyhedron,
	held: readonly HeldVariable[] = []
): BestFinding[] {
	if (held.length > 0) return [sliceFound(problem, region, held)];
	const { objective } = problem;
	if (region.dimension < 0) return [{ code: 'no-plan-to-choose' }];
	const { way, value, points, rays } = bestFace(problem, region);
	if (way) return [{ code: 'improves-for-ever', objective, way }];
	const best = { objective, value: value! };
	const [at, to] = points;
	if (region.lines.length > 0) return [{ code: 'best-on-line', at, way: region.lines[0], ...best }];
	if (rays.length === 0 && points.length === 1) return [{ code: 'best-at-point', at, ...best }];
	if (rays.length === 0 && points.length === 2)
		return [
			{ code: 'best-on-edge', from: at, to, ...best },
			{ code: 'every-best-plan', at, way: to.map((v, i) => v.sub(at[i])), isSegment: true }
		];
	if (rays.length === 1 && points.length === 1)
		return [
			{ code: 'best-on-half-line', at, ...best },
			{ code: 'every-best-plan', at, way: rays[0], isSegment: false }
		];
	return [{ code: 'best-on-face', corners: points, ...best }];
}

/** Where the line of a side is. */
function lineFound(problem: Problem, own: Side): BuildFinding[] {
	const side = statedAs(problem, own);
	const names = namesOf(problem);
	return [
		{ code: 'side-has-line', side, width: names.length },
		side.terms.size === 1
			? { code: 'line-at-value', side, names }
			: {
					code: 'line-through',
					points: intercepts(own).map((at) => linePoint(side, at, names)),
					width: names.length
				}
	];
}

/** How a point of a line follows, where one variable alone is not 0 there. */
function linePoint({ terms, rhs }: StatedSide, at: Vector, names: readonly string[]): LinePoint {
	const off = names.flatMap((name, i) => (isZero(at[i]) ? [] : [{ name, value: at[i] }]));
	if (off.length !== 1) return { at, follows: null };
	const zeros = names.filter((_, i) => isZero(at[i]));
	return { at, follows: { zeros, ...off[0], factor: terms.get(off[0].name)!, rhs } };
}

/** Which side of a line stays, by a point that is tried. */
function testFound(problem: Problem, own: Side): BuildFinding[] {
	const side = statedAs(problem, own);
	const at = testPoint(own);
	const holds = testHolds(own);
	const left = dot(rowOf(problem, side.terms), at);
	return [
		{ code: 'test-point', side, at, left, holds, names: namesOf(problem) },
		{ code: 'side-stays', at, holds }
	];
}

/** In which direction the objective gets better. */
function directionFound({ objective, variables }: Problem, row: Vector): BuildFinding[] {
	const way = row.map((value) => (objective.sense === 'max' ? value : value.neg()));
	return way.length === 1
		? [{ code: 'better-to-side', objective, name: variables[0].name, grows: sign(way[0]) > 0 }]
		: [
				{ code: 'steepest-way', objective, way },
				{ code: 'equal-lines', objective, width: way.length }
			];
}

/** From where to where the objective slides over the region. */
function slideFound(problem: Problem, region: Polyhedron): BuildFinding[] {
	const { objective } = problem;
	const values = valuesOf(problem, objective, region);
	if (!values) return [];
	const [from, to] = objective.sense === 'max' ? [values.low, values.high] : [values.high, values.low];
	return [{ code: 'slides', objective, from, to, width: problem.variables.length }];
}

/** What a step of the construction is about. */
export const stepHeading = (problem: Problem, step: BuildStep, corner: Vector | null): BuildHeading => ({
	code: 'build',
	step: step.kind,
	side: step.side === null ? null : statedAs(problem, sidesOf(problem)[step.side]),
	corner: step.kind === 'corner' ? corner : null,
	width: problem.variables.length
});

/** What a step of the construction shows. */
function stepFound(
	problem: Problem,
	step: BuildStep,
	corner: Vector | null,
	held: readonly HeldVariable[]
): PictureFinding[] {
	const side = step.side === null ? null : sidesOf(problem)[step.side];
	const width = problem.variables.length;
	switch (step.kind) {
		case 'axes':
			return [{ code: 'plans-are-points', problem }];
		case 'bound':
			return [{ code: 'bound-leaves-out', side: statedAs(problem, side!) }];
		case 'line':
			return lineFound(problem, side!);
		case 'test':
			return testFound(problem, side!);
		case 'cut': {
			const others = step.kept.filter((i) => i !== step.side);
			const [before, after] = [others, step.kept].map((kept) => polyhedron(keptProblem(problem, kept)));
			const onLine = side!.equality && side!.row.some((value) => !isZero(value));
			return [
				...(onLine ? [{ code: 'only-line-stays', width } as const] : []),
				...cutOff(problem, before, after, side!)
			];
		}
		case 'region':
			return [{ code: 'region-shape', shape: shapeFound(polyhedron(problem), width) }];
		case 'corner':
			return corner ? cornerFound(problem, corner) : [];
		case 'direction':
			return directionFound(problem, rowOf(problem, problem.objective.terms));
		case 'slide':
			return slideFound(problem, polyhedron(problem));
		case 'conclusion':
			return conclusionFound(problem, polyhedron(problem), held);
	}
}

/**
 * What is found at a step of the construction.
 * @param problem the problem whose steps these are, as it was given to `construction`
 * @param corners its corners by their keys
 * @param held variables that are held fast, where it is a slice of the whole problem
 */
export function buildRemark(
	problem: Problem,
	step: BuildStep,
	corners: ReadonlyMap<string, Vector>,
	held: readonly HeldVariable[] = []
): Remark {
	const corner = step.corner === null ? null : (corners.get(step.corner) ?? null);
	return {
		tone: step.kind === 'conclusion' ? 'conclusion' : 'step',
		heading: stepHeading(problem, step, corner),
		found: stepFound(problem, step, corner, held)
	};
}
