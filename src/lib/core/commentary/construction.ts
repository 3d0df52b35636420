import { bestFace, valuesOf } from '../geometry/best';
import {
	intercepts,
	keptProblem,
	testHolds,
	testPoint,
	type BuildStep,
	type StepKind
} from '../geometry/construction';
import { pointKey } from '../geometry/corner-key';
import { polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { keepsSide, rowOf, sidesOf, type Side } from '../geometry/sides';
import { dot, type Vector } from '../number/linear-algebra';
import { isZero, sign, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { RELATION_SIGNS } from '../problem/relation';
import { cornerSentences, equation, lineWord, namesOf, pointSentence, products, statedAs } from './corner';
import { quantity } from './plan';
import { joined, linear, NOTHING_SAID, say, type Remark, type Sentence } from '../sentence/sentence';

/** Points in a row; many are cut short. */
export const listOf = (points: readonly Vector[]): Sentence => {
	const most = 8;
	const shown = points.slice(0, most).map(pointSentence);
	return points.length > most
		? say`${joined(shown, ', ', ', ')} and ${points.length - most} more`
		: joined(shown);
};

/** What a constraint cuts off from the region so far. */
function cutSentences(problem: Problem, before: Polyhedron, after: Polyhedron, side: Side): Sentence[] {
	const { says } = statedAs(problem, side);
	if (before.dimension < 0) return [say`The region was empty before; it stays so.`];
	if (after.dimension < 0)
		return [say`Nothing is left: no point keeps ${says} together with what was there before.`];
	const lost = before.vertices.filter(({ at }) => !keepsSide(side, at)).map(({ at }) => at);
	const known = new Set(before.vertices.map(({ at }) => pointKey(at)));
	const gained = after.vertices.filter(({ at }) => !known.has(pointKey(at))).map(({ at }) => at);
	const same =
		lost.length === 0 &&
		gained.length === 0 &&
		before.dimension === after.dimension &&
		before.points.every((at) => keepsSide(side, at)) &&
		[...before.directions, ...before.lines.flatMap((line) => [line, line.map((v) => v.neg())])].every(
			(way) => {
				const turn = sign(dot(side.row, way));
				return side.equality ? turn === 0 : turn <= 0;
			}
		);
	if (same) return [say`${says} cuts off nothing from the region so far: it is redundant beside the others.`];
	const removed = lost.length
		? say`${says} cuts off ${lost.length === 1 ? 'the corner' : 'the corners'} ${listOf(lost)}`
		: say`${says} cuts off a part of the region, but no corner`;
	const made = gained.length
		? say`${removed}; ${gained.length === 1 ? 'a new corner appears' : 'new corners appear'} at ${listOf(gained)}.`
		: say`${removed}.`;
	const wasOpen = before.directions.length + before.lines.length > 0;
	const isOpen = after.directions.length + after.lines.length > 0;
	return wasOpen && !isOpen ? [made, say`Now the region has an end in every direction.`] : [made];
}

const SHAPES = ['a single point', 'a segment', 'a polygon', 'a solid body'];
const OPEN_SHAPES = ['', 'a half-line', 'unbounded', 'unbounded'];

/** What a region is. */
export function shapeSentence(
	{ dimension, directions, lines, vertices }: Polyhedron,
	width: number
): Sentence {
	if (dimension < 0) return say`The region is empty: no plan keeps all constraints.`;
	const open = directions.length + lines.length > 0;
	const shape = dimension === 1 && lines.length ? 'a whole line' : (open ? OPEN_SHAPES : SHAPES)[dimension];
	const corners =
		vertices.length === 0
			? 'without a corner'
			: `with ${vertices.length} ${width === 1 ? 'end' : 'corner'}${vertices.length === 1 ? '' : 's'}`;
	return dimension === 0 ? say`The region is a single point.` : say`The region is ${shape} ${corners}.`;
}

function sliceSentence(
	problem: Problem,
	region: Polyhedron,
	held: readonly { readonly name: string; readonly amount: Rational }[]
): Sentence {
	const { name, unit, sense } = problem.objective;
	const with_ = say`With ${joined(held.map((own) => say`${own.name} = ${own.amount}`))}`;
	const best = region.dimension < 0 ? null : bestFace(problem, region);
	const only = say`This is a slice and not the whole problem, which may do better.`;
	if (!best) return say`${with_} there is no plan. ${only}`;
	if (best.way) return say`${with_} ${name} improves for ever. ${only}`;
	return say`${with_} ${name} is ${sense === 'max' ? 'greatest' : 'least'} at ${pointSentence(best.points[0])}: ${quantity(best.value!, unit)}. ${only}`;
}

/**
 * The conclusion that the picture allows.
 * @param held variables that are held fast, where the picture is a slice: it says nothing of the whole problem then
 */
export function conclusionSentences(
	problem: Problem,
	region: Polyhedron,
	held: readonly { readonly name: string; readonly amount: Rational }[] = []
): Sentence[] {
	if (held.length > 0) return [sliceSentence(problem, region, held)];
	const { name, unit, sense } = problem.objective;
	const best = bestFace(problem, region);
	const word = sense === 'max' ? 'greatest' : 'least';
	if (region.dimension < 0) return [say`There is no plan to choose from, so there is no best one.`];
	if (best.way)
		return [
			say`${name} improves for ever in the direction ${pointSentence(best.way)}, which stays in the region: the problem is unbounded.`
		];
	const value = quantity(best.value!, unit);
	const { points, rays } = best;
	const [first, second] = points;
	const lines = region.lines.length > 0;
	if (lines)
		return [
			say`${name} is ${word} at ${pointSentence(first)} and at every point of the whole line ${pointSentence(first)} + t·${pointSentence(region.lines[0])}, in both directions: ${value}.`
		];
	if (rays.length === 0 && points.length === 1)
		return [say`${name} is ${word} at ${pointSentence(first)}: ${value}. No other plan is as good.`];
	if (rays.length === 0 && points.length === 2) {
		const way = second.map((v, i) => v.sub(first[i]));
		return [
			say`${name} is ${word} at ${pointSentence(first)} and at ${pointSentence(second)}, and all along the edge between them: ${value}.`,
			say`Every best plan is ${pointSentence(first)} + t·${pointSentence(way)} with 0 ≤ t ≤ 1.`
		];
	}
	if (rays.length === 1 && points.length === 1)
		return [
			say`${name} is ${word} from ${pointSentence(first)} on along a half-line without end: ${value}.`,
			say`Every best plan is ${pointSentence(first)} + t·${pointSentence(rays[0])} with t ≥ 0.`
		];
	return [say`${name} is ${word} all over the face with the corners ${listOf(points)}: ${value}.`];
}

const HEADINGS: Partial<Record<StepKind, Sentence>> = {
	axes: say`The axes`,
	region: say`The region`,
	direction: say`The direction of the objective`,
	slide: say`The line slides`,
	conclusion: say`The conclusion`
};

/** What a step of the construction is called. */
export function stepHeading(problem: Problem, step: BuildStep, corner: Vector | null): Sentence {
	if (step.kind === 'corner' && corner) return say`Corner ${pointSentence(corner)}`;
	if (step.side === null)
		return step.kind === 'slide' && problem.variables.length === 3
			? say`The plane slides`
			: (HEADINGS[step.kind] ?? NOTHING_SAID);
	const { says } = statedAs(problem, sidesOf(problem)[step.side]);
	const word = lineWord(problem.variables.length);
	if (step.kind === 'line') return say`${says}: its ${word}`;
	if (step.kind === 'test') return say`${says}: which side stays`;
	return step.kind === 'cut' ? say`${says}: what it cuts off` : says;
}

function lineSentences(problem: Problem, side: Side): Sentence[] {
	const stated = statedAs(problem, side);
	const names = namesOf(problem);
	const word = lineWord(names.length);
	const head =
		stated.relation === '='
			? say`${equation(stated)} is a ${word}.`
			: say`${linear(stated.terms)} ${RELATION_SIGNS[stated.relation]} ${stated.rhs}: its border is the ${word} ${equation(stated)}.`;
	const points = intercepts(side);
	if (stated.terms.size === 1) {
		const [name, factor] = [...stated.terms][0];
		const others = names.filter((other) => other !== name);
		const where = others.length
			? say` whatever ${joined(others.map((other) => say`${other}`))} is`
			: NOTHING_SAID;
		return [head, say`It is ${name} = ${stated.rhs.div(factor)}${where}.`];
	}
	const told = points.map((at) => {
		const on = names.filter((_, i) => isZero(at[i]));
		const off = names.flatMap((name, i) => (isZero(at[i]) ? [] : [{ name, i }]));
		if (off.length !== 1) return say`it goes through ${pointSentence(at)}`;
		const [{ name, i }] = off;
		const zero = joined(on.map((other) => say`${other} = 0`));
		const factor = stated.terms.get(name)!;
		const works = factor.equals(1)
			? say`${name} = ${at[i]}`
			: say`${linear(new Map([[name, factor]]))} = ${stated.rhs}, so ${name} = ${at[i]}`;
		return say`with ${zero}, ${works}: the point ${pointSentence(at)}`;
	});
	return [head, say`Two points draw it: ${joined(told, '; ', '; ')}.`].map((sentence, i) =>
		i === 1 && names.length === 3 ? say`Where it meets the axes: ${joined(told, '; ', '; ')}.` : sentence
	);
}

function testSentences(problem: Problem, side: Side): Sentence[] {
	const stated = statedAs(problem, side);
	const at = testPoint(side);
	const left = dot(rowOf(problem, stated.terms), at);
	const holds = testHolds(side);
	return [
		say`Try ${pointSentence(at)}: ${products(stated.terms, namesOf(problem), at)} = ${left}, and ${left} ${RELATION_SIGNS[stated.relation]} ${stated.rhs} is ${holds ? 'true' : 'false'}.`,
		holds
			? say`So the side with ${pointSentence(at)} stays.`
			: say`So the side without ${pointSentence(at)} stays.`
	];
}

function directionSentences(problem: Problem): Sentence[] {
	const { name, terms, sense } = problem.objective;
	const way = rowOf(problem, terms).map((value) => (sense === 'max' ? value : value.neg()));
	const word = lineWord(problem.variables.length);
	if (way.length === 1)
		return [
			say`${name} gets better to the ${sign(way[0]) > 0 ? 'right' : 'left'}, where ${problem.variables[0].name} ${sign(way[0]) > 0 ? 'grows' : 'falls'}.`
		];
	return [
		say`${name} = ${linear(terms)} ${sense === 'max' ? 'grows' : 'falls'} fastest in the direction ${pointSentence(way)}.`,
		say`All points with the same ${name} lie on a ${word} across it; a better ${name} is a parallel ${word} further on.`
	];
}

function slideSentences(problem: Problem, region: Polyhedron): Sentence[] {
	const { name, objective } = { ...problem.objective, objective: problem.objective };
	const values = valuesOf(problem, objective, region);
	if (!values) return [];
	const from = objective.sense === 'max' ? values.low : values.high;
	const to = objective.sense === 'max' ? values.high : values.low;
	const word = lineWord(problem.variables.length);
	const start = from ? say`from ${name} = ${from} on` : say`towards better values`;
	return [
		to
			? say`The ${word} slides ${start}; it touches the region for the last time at ${name} = ${to}.`
			: say`The ${word} slides ${start} and never leaves the region.`
	];
}

/**
 * What is said at a step of the construction.
 * @param problem the problem whose steps these are, as it was given to `construction`
 * @param corners its corners by their keys
 * @param held variables that are held fast, where it is a slice of the whole problem
 */
export function buildRemark(
	problem: Problem,
	step: BuildStep,
	corners: ReadonlyMap<string, Vector>,
	held: Parameters<typeof conclusionSentences>[2] = []
): Remark {
	const corner = step.corner === null ? null : (corners.get(step.corner) ?? null);
	const side = step.side === null ? null : sidesOf(problem)[step.side];
	const width = problem.variables.length;
	const names = problem.variables.map(({ name, unit }) => (unit ? `${name} in ${unit}` : name));
	const sentences = (): Sentence[] => {
		switch (step.kind) {
			case 'axes':
				if (width === 1) return [say`Every plan is a point of a line: ${names[0]}.`];
				return [
					say`Every plan is a point: ${names[0]} to the right, ${names[1]} ${width === 2 ? 'upwards' : 'to the back'}${width === 3 ? `, ${names[2]} upwards` : ''}.`
				];
			case 'bound': {
				const { says, terms, rhs } = statedAs(problem, side!);
				const [name] = [...terms.keys()];
				return [say`${says}: everything on the other side of ${name} = ${rhs} is out.`];
			}
			case 'line':
				return lineSentences(problem, side!);
			case 'test':
				return testSentences(problem, side!);
			case 'cut': {
				const before = polyhedron(
					keptProblem(
						problem,
						step.kept.filter((i) => i !== step.side)
					)
				);
				const after = polyhedron(keptProblem(problem, step.kept));
				const only =
					side!.equality && side!.row.some((value) => !isZero(value))
						? [say`Only the points on the ${lineWord(width)} itself stay.`]
						: [];
				return [...only, ...cutSentences(problem, before, after, side!)];
			}
			case 'region':
				return [shapeSentence(polyhedron(problem), width)];
			case 'corner':
				return corner ? cornerSentences(problem, corner) : [];
			case 'direction':
				return directionSentences(problem);
			case 'slide':
				return slideSentences(problem, polyhedron(problem));
			case 'conclusion':
				return conclusionSentences(problem, polyhedron(problem), held);
		}
	};
	return {
		tone: step.kind === 'conclusion' ? 'conclusion' : 'step',
		heading: stepHeading(problem, step, corner),
		sentences: sentences()
	};
}
