import { en } from '../../language/language';
import { type Rational } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Objective, Problem } from '../../problem/types';
import type { OfCode } from '../../sentence/coded';
import { words, type Catalogue } from '../../sentence/catalogue';
import { joined, linear, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import type {
	BestFinding,
	BuildFinding,
	BuildHeading,
	ObjectiveLineFinding,
	RegionShape
} from '../picture-findings';
import { quantity } from './plan';
import { equation, lineWord, listOf, pointSentence, products, sideName, sideSentence } from './points';

/** The words of the graphical method, step by step, and of the conclusion that the picture allows. */

const SHAPES = [en`a single point`, en`a segment`, en`a polygon`, en`a solid body`];
const OPEN_SHAPES = ['', en`a half-line`, en`unbounded`, en`unbounded`];

const ends = (count: number) => (count === 1 ? en`1 end` : en`${count} ends`);
const cornersIn = (count: number) => (count === 1 ? en`1 corner` : en`${count} corners`);

/** What a region is. */
export function shapeSentence({ dimension, isOpen, hasLine, corners, width }: RegionShape): Sentence {
	if (dimension < 0) return say`The region is empty: no plan satisfies all constraints.`;
	if (dimension === 0) return say`The region is a single point.`;
	const shape = dimension === 1 && hasLine ? en`a whole line` : (isOpen ? OPEN_SHAPES : SHAPES)[dimension];
	const counted =
		corners === 0 ? en`without a corner` : en`with ${width === 1 ? ends(corners) : cornersIn(corners)}`;
	return say`The region is ${shape} ${counted}.`;
}

const extreme = ({ sense }: Objective) => (sense === 'max' ? en`greatest` : en`least`);

export const BEST: Catalogue<BestFinding> = {
	'no-plan-to-choose': () => say`There is no plan to choose from, so there is no best one.`,
	'improves-for-ever': ({ objective, way }) =>
		say`${objective.name} improves without limit in the direction ${pointSentence(way)}, which stays in the region: the problem is unbounded.`,
	'best-on-line': ({ at, way, objective, value }) =>
		say`${objective.name} is ${extreme(objective)} at ${pointSentence(at)} and at every point of the whole line ${pointSentence(at)} + t·${pointSentence(way)}, in both directions: ${quantity(value, objective.unit)}.`,
	'best-at-point': ({ at, objective, value }) =>
		say`${objective.name} is ${extreme(objective)} at ${pointSentence(at)}: ${quantity(value, objective.unit)}. No other plan is as good.`,
	'best-on-edge': ({ from, to, objective, value }) =>
		say`${objective.name} is ${extreme(objective)} at ${pointSentence(from)} and at ${pointSentence(to)}, and all along the edge between them: ${quantity(value, objective.unit)}.`,
	'best-on-half-line': ({ at, objective, value }) =>
		say`${objective.name} is ${extreme(objective)} along a half-line from ${pointSentence(at)}, without end: ${quantity(value, objective.unit)}.`,
	'every-best-plan': ({ at, way, isSegment }) =>
		say`Every best plan is ${pointSentence(at)} + t·${pointSentence(way)} with ${isSegment ? '0 ≤ t ≤ 1' : 't ≥ 0'}.`,
	'best-on-face': ({ corners, objective, value }) =>
		say`${objective.name} is ${extreme(objective)} all over the face with the corners ${listOf(corners)}: ${quantity(value, objective.unit)}.`,
	slice: ({ held, objective, best }) => {
		const fixed = say`With ${joined(held.map((own) => say`${own.name} = ${own.amount}`))}`;
		const only = say`This is a slice and not the whole problem, which may do better.`;
		if (best === 'none') return say`${fixed} there is no plan. ${only}`;
		if (best === 'for-ever') return say`${fixed} ${objective.name} improves without limit. ${only}`;
		return say`${fixed} ${objective.name} is ${extreme(objective)} at ${pointSentence(best.at)}: ${quantity(best.value, objective.unit)}. ${only}`;
	}
};

function plansArePoints({ problem: { variables } }: OfCode<BuildFinding, 'plans-are-points'>): Sentence {
	const names = variables.map(({ name, unit }) => (unit ? en`${name} in ${unit}` : name));
	if (names.length === 1) return say`Every plan is a point of a line: ${names[0]}.`;
	const isSpace = names.length === 3;
	return say`Every plan is a point: ${names[0]} to the right, ${names[1]} ${isSpace ? en`to the back` : en`upwards`}${isSpace ? en`, ${names[2]} upwards` : ''}.`;
}

/** Points that draw a line, each with how it follows; of a plane where it meets the axes. */
function lineThrough({ points, width }: OfCode<BuildFinding, 'line-through'>): Sentence {
	const told = points.map(({ at, follows }) => {
		if (!follows) return say`it goes through ${pointSentence(at)}`;
		const { zeros, name, factor, rhs, value } = follows;
		const works = factor.equals(1)
			? say`${name} = ${value}`
			: say`${linear(new Map([[name, factor]]))} = ${rhs}, so ${name} = ${value}`;
		return say`with ${joined(zeros.map((other) => say`${other} = 0`))}, ${works}: the point ${pointSentence(at)}`;
	});
	const head = width === 3 ? en`Where it meets the axes` : en`Two points draw it`;
	return say`${head}: ${joined(told, '; ', '; ')}.`;
}

function cutsOff({ side, lost, gained }: OfCode<BuildFinding, 'cuts-off'>): Sentence {
	const corners = (points: readonly unknown[]) => (points.length === 1 ? en`corner` : en`corners`);
	const removed = lost.length
		? say`${sideName(side)} cuts off the ${corners(lost)} ${listOf(lost)}`
		: say`${sideName(side)} cuts off a part of the region, but no corner`;
	if (gained.length === 0) return say`${removed}.`;
	const appear = gained.length === 1 ? en`a new corner appears` : en`new corners appear`;
	return say`${removed}; ${appear} at ${listOf(gained)}.`;
}

function slides({ objective: { name }, from, to, width }: OfCode<BuildFinding, 'slides'>): Sentence {
	const start = from ? say`from ${name} = ${from} on` : say`towards better values`;
	return to
		? say`The ${lineWord(width)} slides ${start}; it touches the region for the last time at ${name} = ${to}.`
		: say`The ${lineWord(width)} slides ${start} and never leaves the region.`;
}

export const BUILD: Catalogue<BuildFinding> = {
	'plans-are-points': plansArePoints,
	'bound-leaves-out': ({ side }) =>
		say`${sideName(side)}: everything on the other side of ${equation(side)} is out.`,
	'side-has-line': ({ side, width }) =>
		side.relation === '='
			? say`${equation(side)} is a ${lineWord(width)}.`
			: say`${linear(side.terms)} ${RELATION_SIGNS[side.relation]} ${side.rhs}: its border is the ${lineWord(width)} ${equation(side)}.`,
	'line-at-value': ({ side, names }) => {
		const [name, factor] = [...side.terms][0];
		const others = names.filter((other) => other !== name);
		const where = others.length
			? say` whatever ${joined(others.map((other) => say`${other}`))} is`
			: NOTHING_SAID;
		return say`It is ${name} = ${side.rhs.div(factor)}${where}.`;
	},
	'line-through': lineThrough,
	'test-point': ({ side, at, left, holds, names }) =>
		say`Try ${pointSentence(at)}: ${products(side.terms, names, at)} = ${left}, and ${left} ${RELATION_SIGNS[side.relation]} ${side.rhs} is ${holds ? en`true` : en`false`}.`,
	'side-stays': ({ at, holds }) =>
		say`So the side ${holds ? en`with` : en`without`} ${pointSentence(at)} stays.`,
	'only-line-stays': ({ width }) => say`Only the points on the ${lineWord(width)} itself remain.`,
	'empty-before': () => say`The region was empty before; it stays so.`,
	'nothing-left': ({ side }) =>
		say`Nothing is left: no point keeps ${sideName(side)} together with what was there before.`,
	'cuts-off-nothing': ({ side }) =>
		say`${sideName(side)} cuts off nothing from the region so far: it is redundant beside the others.`,
	'cuts-off': cutsOff,
	'closed-now': () => say`Now the region is bounded.`,
	'region-shape': ({ shape }) => shapeSentence(shape),
	'better-to-side': ({ objective, name, grows }) =>
		say`${objective.name} gets better to the ${grows ? en`right` : en`left`}, where ${name} ${grows ? en`grows` : en`falls`}.`,
	'steepest-way': ({ objective: { name, terms, sense }, way }) =>
		say`${name} = ${linear(terms)} ${sense === 'max' ? en`grows` : en`falls`} fastest in the direction ${pointSentence(way)}.`,
	'equal-lines': ({ objective: { name }, width }) =>
		say`All points with the same ${name} lie on a ${lineWord(width)} across it; a better ${name} is a parallel ${lineWord(width)} further on.`,
	slides
};

/** What a step of the construction is called. */
export function buildHeading({ step, side, corner, width }: BuildHeading): Sentence {
	switch (step) {
		case 'axes':
			return say`The axes`;
		case 'bound':
			return side ? sideName(side) : NOTHING_SAID;
		case 'line':
			return side ? say`${sideName(side)}: its ${lineWord(width)}` : NOTHING_SAID;
		case 'test':
			return side ? say`${sideName(side)}: which side stays` : NOTHING_SAID;
		case 'cut':
			return side ? say`${sideName(side)}: what it cuts off` : NOTHING_SAID;
		case 'region':
			return say`The region`;
		case 'corner':
			return corner ? say`Corner ${pointSentence(corner)}` : NOTHING_SAID;
		case 'direction':
			return say`The direction of the objective`;
		case 'slide':
			return width === 3 ? say`The plane slides` : say`The line slides`;
		case 'conclusion':
			return say`The conclusion`;
	}
}

const slope = (value: Rational | null): Sentence => (value === null ? say`upright` : say`${value}`);

const LINES: Catalogue<ObjectiveLineFinding, Problem> = {
	'stays-best-between': ({ at, slopes: [first, second] }) =>
		say`${pointSentence(at)} stays best while the line's slope is between those of the two edges there, ${slope(first)} and ${slope(second)}.`,
	'values-in-region': ({ low, high }) => {
		if (low && high) return say`between ${low} and ${high} in the region`;
		if (low) return say`at least ${low} in the region, without an upper limit`;
		return high ? say`at most ${high} in the region, without a lower limit` : say`any value in the region`;
	},
	'objective-turned': ({ terms }) => say`The objective is turned to ${linear(terms)}.`,
	'sides-exclude': ({ names, gap }, problem) => {
		const meet = gap
			? say` They would just meet, at ${pointSentence(gap.at)}, if each of the constraints were relaxed by ${gap.by} of its own unit.`
			: NOTHING_SAID;
		return say`${joined(names.map((name) => sideSentence(problem, name)))} exclude one another. Without any one of them, the others can be satisfied.${meet}`;
	},
	'along-best': ({ along, at, value }, { objective: { name } }) =>
		say`t = ${along}: ${pointSentence(at)}, ${name} = ${value}`,
	'others-held': ({ held }) =>
		say`The other variables are held at ${joined(held.map(({ name, amount }) => say`${name} = ${amount}`))}.`
};

/** What is found of the objective's line, or of a picture without a region, in words. */
export const lineWords = (problem: Problem, found: ObjectiveLineFinding): Sentence =>
	words(LINES, found, problem);
