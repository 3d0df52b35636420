import { wholeVector, type Vector } from '../number/linear-algebra';
import { isZero, rational, ZERO } from '../number/rational';
import { effectiveBounds, type Problem } from '../problem/types';
import { pointKey } from './point-key';
import { sidesOf, type LineOwner, type Side } from './sides';

/** How a region is built up before a class, from the axes to the conclusion. */
export const STEP_KINDS = [
	'axes',
	'bound',
	'line',
	'test',
	'cut',
	'region',
	'corner',
	'direction',
	'slide',
	'conclusion'
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** One step of the construction. */
export interface BuildStep {
	/** the same for the same step of the same problem */
	readonly key: string;
	readonly kind: StepKind;
	/** the constraint or bound it is about, by its index among the problem's sides */
	readonly side: number | null;
	/** the corner it is about, by its key */
	readonly corner: string | null;
	/** the sides that limit the region so far */
	readonly kept: readonly number[];
	/** the corners that have been found so far, by their keys */
	readonly corners: readonly string[];
}

/** Constraints in an order that names some of them first; the others follow as they are stated. */
export function ordered(problem: Problem, order: readonly string[]): Problem {
	const place = new Map(order.map((name, i) => [name, i]));
	const rank = (name: string) => place.get(name) ?? order.length;
	const constraints = [...problem.constraints].sort((a, b) => rank(a.name) - rank(b.name));
	return { ...problem, constraints };
}

/**
 * The steps in which a region of one to three variables is built up: axes, bounds, each constraint with its line, test point and what it
 * cuts off, the region, its corners, the objective's direction, the line sliding, the conclusion.
 * @param problem constraints in the order in which they are to be drawn
 * @param corners the corners of its region, in the order in which they are to be visited
 */
export function construction(problem: Problem, corners: readonly Vector[]): BuildStep[] {
	const steps: BuildStep[] = [];
	const kept: number[] = [];
	const found: string[] = [];
	const add = (kind: StepKind, about: { side?: number; corner?: string; key?: string } = {}) =>
		steps.push({
			key: about.key ?? kind,
			kind,
			side: about.side ?? null,
			corner: about.corner ?? null,
			kept: [...kept],
			corners: [...found]
		});
	add('axes');
	const sides = sidesOf(problem);
	const keyOf = (kind: string, { owner }: Side) => `${kind} ${owner.kind} ${owner.name}`;
	sides.forEach((side, i) => {
		if (side.owner.kind === 'constraint') return;
		kept.push(i);
		add('bound', { side: i, key: keyOf('bound', side) });
	});
	sides.forEach((side, i) => {
		if (side.owner.kind !== 'constraint') return;
		const isLine = side.row.some((value) => !isZero(value));
		if (isLine) add('line', { side: i, key: keyOf('line', side) });
		if (isLine && !side.equality) add('test', { side: i, key: keyOf('test', side) });
		kept.push(i);
		add('cut', { side: i, key: keyOf('cut', side) });
	});
	add('region');
	for (const at of corners) {
		const corner = pointKey(at);
		found.push(corner);
		add('corner', { corner, key: `corner ${corner}` });
	}
	if (problem.objective.terms.size > 0) {
		add('direction');
		if (corners.length > 0) add('slide');
	}
	add('conclusion');
	return steps;
}

/** The problem with only some of its sides: the other constraints left out, the other bounds taken away. */
export function keptProblem(problem: Problem, kept: readonly number[]): Problem {
	const sides = sidesOf(problem);
	const owners = kept.map((i) => sides[i].owner);
	const has = (kind: LineOwner['kind'], name: string) =>
		owners.some((owner) => owner.kind === kind && owner.name === name);
	return {
		...problem,
		constraints: problem.constraints.filter(({ name }) => has('constraint', name)),
		variables: problem.variables.map((variable) => {
			const { lower, upper } = effectiveBounds(variable);
			return {
				...variable,
				lower: has('lower', variable.name) ? lower : null,
				upper: has('upper', variable.name) ? upper : null,
				domain: 'continuous'
			};
		})
	};
}

/** Points through which a side's line (or plane) is drawn: where it crosses the axes; through the origin, another point of the plane. */
export function intercepts({ row, rhs }: Side): Vector[] {
	const crossings = row.flatMap((value, i) =>
		isZero(value) ? [] : [row.map((_, j) => (i === j ? rhs.div(value) : ZERO))]
	);
	if (!isZero(rhs) || crossings.length === 0) return crossings;
	if (row.length !== 2 || crossings.length < 2) return crossings.slice(0, 1);
	const whole = wholeVector(row).map((value) => rational(value));
	const turned = [whole[1], whole[0].neg()];
	return [crossings[0], turned[0].s < 0n ? turned.map((value) => value.neg()) : turned];
}
