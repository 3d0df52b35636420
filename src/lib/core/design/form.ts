import { en } from '../language/language';
import { isRedundant } from '../kind/kind';
import { isZero } from '../number/rational';
import { bindsAt } from '../problem/use';
import type { Candidate } from './candidate';
import type { Plane } from './plane';
import { leastApart } from './spread';
import type { DesignRequest, ProblemDraft, FormPart } from './types';
import { asksWhole } from './wishes/kinds';
import { hasNoBest, other } from './wishes/wish';

/**
 * Good form: what a teacher would mend in an exercise before handing it out, whatever it is about. A request asks for it unless it says otherwise, and a
 * part that a wish contradicts is not asked for: a redundant constraint that is wished for may be there.
 */

/** Each part as it is asked for. */
export const FORM_WORDS: Readonly<Record<FormPart, string>> = {
	'idle-row': en`every constraint cuts something off`,
	'parallel-rows': en`no two constraints are parallel`,
	'common-factor': en`the numbers of a constraint have no common factor`,
	'single-variable': en`most constraints have more than one variable`,
	zero: en`no right-hand side and no objective coefficient is 0`,
	'zero-plan': en`no amount of the best plan is 0`,
	'near-corners': en`the corners are far enough apart to be told from one another`,
	'ugly-numbers': en`the numbers on the way stay small`
};

/** hundredths of the picture that two corners are apart */
const LEAST_APART = 8;
/** on the way, where the exercise is of a size that is worked by hand */
const MOST_DENOMINATOR = 4;
/** an exercise for cuts or branches needs fractions */
const MOST_DENOMINATOR_WHOLE = 12;
const MOST_NUMERATOR = 999n;
const BY_HAND = { variables: 3, constraints: 4 };
/** coefficients with which small numbers on the way are still to be found */
const MOST_BY_HAND = 20;
/** with smaller right-hand sides no plan of whole amounts fits */
const LEAST_RHS = 5;

const divisor = (a: number, b: number): number => (b === 0 ? Math.abs(a) : divisor(b, a % b));

const hasNoPlan = (request: DesignRequest): boolean =>
	other(request, 'answer')?.is === 'infeasible' || other(request, 'conflict') !== undefined;

/** Whether fewer corners are wished than constraints in two variables make where each has an edge of its own. */
function hasTooFewCorners(request: DesignRequest): boolean {
	const { variables, constraints, relations, numbers } = request;
	const wished = other(request, 'corners')?.exactly;
	if (wished === undefined || variables !== 2) return false;
	const hasBothAxes = numbers.from >= 0 && (relations?.every((own) => own === '<=') ?? false);
	return wished < (hasBothAxes ? constraints + 2 : constraints - 1);
}

/** Whether the numbers leave fewer directions than there are constraints in two variables, or the zeros that are wished do. */
function hasFewDirections({
	variables,
	constraints,
	numbers: { from, to },
	...rest
}: DesignRequest): boolean {
	const zeros = other(rest, 'zeros')?.atLeast ?? 0;
	// rows with one variable only, at least, and as many directions for them as there are variables
	if (2 * constraints - (variables * constraints - zeros) > variables) return true;
	if (variables > 2 || to - from >= constraints) return variables > 2 && from === to;
	const all = Array.from({ length: to - from + 1 }, (_, i) => from + i);
	const slopes = new Set(
		all.flatMap((a) =>
			all.flatMap((b) => {
				const common = divisor(a, b) * (a < 0 || (a === 0 && b < 0) ? -1 : 1);
				return common === 0 ? [] : [`${a / common} ${b / common}`];
			})
		)
	);
	return slopes.size < constraints;
}

/** The parts that a request asks for and that none of its wishes contradicts. */
export function formAsked(request: DesignRequest): ReadonlySet<FormPart> {
	const { form, numbers, plan, variables, constraints, relations, sense } = request;
	const asks = (...kinds: readonly Parameters<typeof other>[1][]) =>
		kinds.some((kind) => other(request, kind) !== undefined);
	const { exactly, atMost } = other(request, 'pivots') ?? {};
	const isDegenerate =
		other(request, 'degenerate')?.is ||
		other(request, 'tie')?.is ||
		asks('zero-step', 'phase-one-degenerate', 'worthless-limit', 'both-degenerate');
	const rowsThatBind = Math.min(other(request, 'binding')?.rows.length ?? constraints, constraints);
	const equations = relations?.filter((relation) => relation === '=').length ?? 0;
	const isCrowded =
		hasFewDirections(request) || equations > variables || numbers.to <= 0 || numbers.rhs < LEAST_RHS;
	const largest = Math.max(Math.abs(numbers.from), Math.abs(numbers.to));
	const against: Readonly<Record<FormPart, boolean>> = {
		'idle-row':
			isDegenerate || isCrowded || other(request, 'redundant')?.is === true || hasTooFewCorners(request),
		'parallel-rows': isCrowded,
		'common-factor': numbers.from === numbers.to && largest > 1,
		'single-variable': asks('zeros') || largest <= 1,
		zero: numbers.rhs === 0 || numbers.to <= 0 || asks('zero-step', 'phase-one-degenerate'),
		'zero-plan':
			isDegenerate ||
			isCrowded ||
			hasTooFewCorners(request) ||
			asks('transport', 'misread-column') ||
			(plan?.point.includes(0) ?? false) ||
			rowsThatBind < variables ||
			(exactly ?? atMost ?? variables) < variables ||
			// nothing then speaks for more than 0
			(sense === 'min' && numbers.from >= 0 && (relations?.every((own) => own === '<=') ?? false)),
		'near-corners':
			variables > BY_HAND.variables ||
			constraints > BY_HAND.constraints ||
			isCrowded ||
			hasNoPlan(request) ||
			isDegenerate ||
			asks('fits-page', 'corners'),
		'ugly-numbers':
			variables > BY_HAND.variables ||
			constraints > BY_HAND.constraints ||
			largest > MOST_BY_HAND ||
			isCrowded ||
			asks('denominator', 'more-pivots', 'conflict', 'gap', 'depth-worse', 'nodes', 'cuts')
	};
	// the numbers of a known cycle are what they are
	const isGiven = asks('cycle');
	return new Set(isGiven ? [] : form.filter((part) => !against[part]));
}

/** Whether two rows have the same direction, or opposite ones. */
const areParallel = (one: readonly number[], two: readonly number[]): boolean =>
	one.every((value, j) => one.every((own, k) => value * two[k] === own * two[j]));

/**
 * The first part of good form that a draft is found to lack by its numbers alone; null where nothing is found.
 * @param plane the draft's region, where it is known
 * @param isWhole whether the variables are whole numbers: 2 x + 4 y <= 33 then says more than its half
 */
export function untidyDraft(
	{ rows, relations, rhs, costs }: ProblemDraft,
	plane: Plane | null,
	asked: ReadonlySet<FormPart>,
	isWhole: boolean
): FormPart | null {
	if (asked.has('zero') && (rhs.includes(0) || costs.includes(0))) return 'zero';
	const used = rows.map((row) => row.filter((value) => value !== 0));
	const isDivisible = (own: readonly number[], i: number) =>
		own.length === 1
			? // 7 x <= 79 is x <= 79/7
				Math.abs(own[0]) !== 1
			: (isWhole ? [...own, rhs[i]] : own).reduce(divisor, 0) > 1;
	if (asked.has('common-factor') && used.some(isDivisible)) return 'common-factor';
	const single = used.filter((own) => own.length === 1).length;
	if (asked.has('single-variable') && 2 * single > rows.length) return 'single-variable';
	if (
		asked.has('parallel-rows') &&
		rows.some((row, i) => rows.slice(0, i).some((own) => areParallel(row, own)))
	)
		return 'parallel-rows';
	if (asked.has('idle-row')) {
		// −x ≤ 9 holds by the sign of x, also where the others have no plan
		const holdsBySign = rows.some(
			(row, i) => relations[i] === '<=' && rhs[i] >= 0 && row.every((value) => value <= 0)
		);
		if (holdsBySign || (plane?.idle && plane.idle.length > 0)) return 'idle-row';
	}
	if (
		asked.has('zero-plan') &&
		plane &&
		plane.best.length > 0 &&
		plane.best.every((i) => plane.corners[i].at.slice(0, 2).includes(0))
	)
		return 'zero-plan';
	return null;
}

/** The first part of good form that a problem lacks; null where it has all. */
export function untidy(
	candidate: Candidate,
	request: DesignRequest,
	asked: ReadonlySet<FormPart>
): FormPart | null {
	const { problem } = candidate;
	if (asked.has('zero-plan') && !hasNoBest(request)) {
		const { best } = candidate;
		if (best && !best.vertices.some((plan) => [...plan.values()].every((own) => !isZero(own))))
			return 'zero-plan';
	}
	if (
		asked.has('idle-row') &&
		candidate.answer.status !== 'infeasible' &&
		problem.constraints.some((row) => isRedundant(problem, row, {}))
	)
		return 'idle-row';
	if (asked.has('near-corners')) {
		const apart = leastApart(candidate.region);
		if (apart && apart.mul(10_000).lt(LEAST_APART * LEAST_APART)) return 'near-corners';
	}
	if (asked.has('ugly-numbers')) {
		const seen = candidate.run();
		const most = asksWhole(request) ? MOST_DENOMINATOR_WHOLE : MOST_DENOMINATOR;
		if (seen && (seen.denominator > BigInt(most) || seen.numerator > MOST_NUMERATOR)) return 'ugly-numbers';
	}
	return null;
}

/**
 * How pleasant a problem is to work by hand: what a student writes, so that less is better. Digits of all entries of all tableaux of the run that suits it;
 * a large denominator costs as much as several entries, because every entry of the next row is brought to it; corners that can hardly be told apart cost
 * as much as a tableau.
 */
export function roughness(candidate: Candidate): number {
	const seen = candidate.run();
	if (!seen) return 0;
	const apart = candidate.problem.variables.length <= BY_HAND.variables ? leastApart(candidate.region) : null;
	const isCrowded = apart !== null && apart.mul(10_000).lt(4 * LEAST_APART * LEAST_APART);
	return seen.digits + 3 * (Math.min(Number(seen.denominator), 30) - 1) + (isCrowded ? 15 : 0);
}

/** What a problem looks like apart from its numbers: which variables each constraint has, with which relation, and which constraints end the best plan. */
export function shapeOf(candidate: Candidate): string {
	const { problem, best } = candidate;
	const plan = best?.vertices[0];
	const lines = problem.constraints.map(
		(row) =>
			`${problem.variables.map(({ name }) => (row.terms.has(name) ? 'x' : '0')).join('')}${row.relation}${plan && bindsAt(row, plan) ? '!' : ''}`
	);
	return lines.sort().join(' ');
}
