import type { Column, Form } from '../form/types';
import { affineColumns } from '../form/affine';
import { compare, isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import {
	effectiveBounds,
	evaluate,
	isFeasible,
	type Constraint,
	type Plan,
	type Problem,
	type Terms
} from '../problem/types';
import { isBound } from '../problem/row-owner';
import { bindsAt, brokenAt } from '../problem/use';
import { columnValue, objectiveValue, readPlan, type Tableau } from '../tableau/tableau';
import { joined, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';

/** A unit for one of it, as English makes it: `hours` for 1 is `hour`; a unit that is no plain plural stays. */
export function singular(unit: string): string {
	if (!/^\p{Ll}{4,}$/u.test(unit) || !unit.endsWith('s') || /(?:ss|us|is)$/.test(unit)) return unit;
	if (/ies$/.test(unit) && unit.length > 4) return `${unit.slice(0, -3)}y`;
	return unit.slice(0, /(?:ss|x|ch|sh)es$/.test(unit) ? -2 : -1);
}

/** A number with its unit, where it has one: `12 dozen`. */
export const quantity = (value: Rational, unit: string | undefined): Sentence =>
	unit ? say`${value} ${value.abs().equals(1) ? singular(unit) : unit}` : say`${value}`;

/** `bowls = 12 dozen and vases = 8 dozen`; variables at zero are left out where that keeps it short. */
export function planSentence(problem: Problem, plan: Plan): Sentence {
	const many = problem.variables.length > 4;
	const told = problem.variables.filter((v) => !many || !isZero(plan.get(v.name) ?? ZERO));
	if (told.length === 0) return say`every variable is 0`;
	const parts = told.map((v) => say`${v.name} = ${quantity(plan.get(v.name) ?? ZERO, v.unit)}`);
	return many && told.length < problem.variables.length ? say`${joined(parts)}, all others 0` : joined(parts);
}

/** `profit = 720 thalers` at a tableau's basic solution. */
export function objectiveSentence(t: Tableau): Sentence {
	const { name, unit } = t.form.problem.objective;
	return say`${name} = ${quantity(objectiveValue(t), unit)}`;
}

/** What a plan makes of a constraint, in the words of its kind. */
function useSentence(row: Constraint, plan: Plan): Sentence | null {
	if (row.relation === '=') return null;
	const rest = row.rhs.sub(evaluate(row.terms, plan)).mul(row.relation === '<=' ? 1 : -1);
	const subject = { constraint: row.name };
	if (isZero(rest))
		return row.relation === '<=' ? say`${subject} is used up` : say`${subject} is met exactly`;
	const size = quantity(rest.abs(), row.unit);
	if (sign(rest) < 0) return say`${subject} is violated by ${size}`;
	return row.relation === '<=' ? say`${subject} has ${size} left` : say`${subject} is exceeded by ${size}`;
}

/** How each constraint fares under a plan. */
export function usesSentence(problem: Problem, plan: Plan): Sentence | null {
	const parts = problem.constraints.flatMap((row) => {
		const sentence = useSentence(row, plan);
		return sentence ? [sentence] : [];
	});
	return parts.length ? say`${joined(parts, '; ', '; ')}.` : null;
}

/** A constraint or bound that holds with equality at a plan, named, with its left side. */
interface Tight {
	readonly says: Sentence;
	readonly terms: Terms;
}

function tightLines(problem: Problem, plan: Plan): Tight[] {
	const rows = problem.constraints
		.filter((row) => row.terms.size > 0 && bindsAt(row, plan))
		.map((row) => ({ says: say`${{ constraint: row.name }}`, terms: row.terms }));
	const bounds = problem.variables.flatMap((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		const value = plan.get(variable.name) ?? ZERO;
		// bounds that are one number are one line
		return [lower, upper].flatMap((bound, i) =>
			bound && compare(bound, value) === 0 && !(i === 1 && lower?.equals(bound))
				? [{ says: say`${variable.name} = ${bound}`, terms: new Map([[variable.name, ONE]]) }]
				: []
		);
	});
	return [...rows, ...bounds];
}

/** The cuts that hold with equality at a basic solution. */
function tightCuts(t: Tableau): Tight[] {
	const lines = affineColumns(t.form);
	return t.form.columns.flatMap(({ owner }, j) => {
		const line = lines[j];
		if (owner.kind !== 'cut' || !line || !isZero(columnValue(t, j))) return [];
		return [{ says: say`${{ constraint: owner.name }}`, terms: line.terms }];
	});
}

/** The constraints and bounds that hold with equality at a plan. */
export const tightNames = (problem: Problem, plan: Plan): Sentence[] =>
	tightLines(problem, plan).map(({ says }) => says);

/** Whether lines in the plane meet in one point: two of them have different directions. */
function crossing(lines: readonly Tight[], [x, y]: readonly [string, string]): boolean {
	const normals = lines.map(({ terms }) => [terms.get(x) ?? ZERO, terms.get(y) ?? ZERO]);
	return normals.some(([a, b], i) => normals.slice(i).some(([c, d]) => !isZero(a.mul(d).sub(b.mul(c)))));
}

/**
 * Where a basic solution is: for two variables its coordinates, the lines it lies on, and whether it is a corner (with a free
 * variable it need not be one); for others the plan.
 */
export function placeSentence(t: Tableau): Sentence {
	const { problem } = t.form;
	const plan = readPlan(t);
	if (problem.variables.length !== 2) {
		const broken = isFeasible(problem, plan)
			? NOTHING_SAID
			: say` It is not in the region: ${brokenBy(problem, plan)}.`;
		return say`The plan is now ${planSentence(problem, plan)}.${broken}`;
	}
	const [x, y] = problem.variables.map(({ name }) => name);
	const at = say`(${plan.get(x)!}, ${plan.get(y)!})`;
	const own = tightLines(problem, plan);
	const lines = [...own, ...tightCuts(t)];
	const names = joined(lines.map(({ says }) => says));
	const on = lines.length === 0 ? say`` : lines.length > 1 ? say` where ${names} meet` : say` on ${names}`;
	if (!isFeasible(problem, plan))
		return say`The point ${at}${on} is not in the region: ${brokenBy(problem, plan)}.`;
	if (crossing(own, [x, y])) return say`This is the corner ${at}${on}.`;
	return crossing(lines, [x, y])
		? say`This is a corner that the cuts made, ${at}${on}.`
		: say`This is the point ${at}${on}; it is in the region, but no corner of it.`;
}

/** Which constraints and bounds a plan breaks, and by how much. */
export const brokenBy = (problem: Problem, plan: Plan): Sentence =>
	joined(
		brokenAt(problem, plan).map(({ name, bound, by, unit }) => {
			if (!bound) return say`${{ constraint: name }} is broken by ${quantity(by, unit)}`;
			return say`${name} is ${bound.relation === '>=' ? 'below' : 'above'} ${bound.value}`;
		})
	);

/** What a column stands for: `the amount of bowls`, `what clay leaves unused`. */
export function columnMeaning(form: Form, column: Column): Sentence {
	const { owner } = column;
	if (column.kind === 'vacant')
		return say`the place without a basic variable in row ${{ constraint: owner.name }}`;
	if (owner.kind === 'variable') return say`${column}`;
	if (isBound(owner)) return say`${column} (the room below the bound of ${owner.name})`;
	if (owner.kind === 'cut') return say`${column} (the slack of ${owner.name})`;
	const row = form.problem.constraints.find((r) => r.name === owner.name);
	const word = column.kind === 'artificial' ? 'artificial' : row?.relation === '>=' ? 'surplus' : 'slack';
	return say`${column} (the ${word} of ${{ constraint: owner.name }})`;
}
