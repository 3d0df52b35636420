import { affineColumns } from '../form/affine';
import { compare, isZero, ONE, ZERO } from '../number/rational';
import { effectiveBounds, type Plan, type Problem } from '../problem/types';
import { bindsAt, brokenAt } from '../problem/use';
import { columnValue, readPlan, type Tableau } from '../tableau/tableau';
import type { PlaceFinding, TightLine } from './findings';

/** Where a basic solution is. */

/** The constraints and bounds on whose lines a plan lies; bounds that are one number are one line. */
export function tightLines(problem: Problem, plan: Plan): TightLine[] {
	const rows = problem.constraints
		.filter((row) => row.terms.size > 0 && bindsAt(row, plan))
		.map((row) => ({ constraint: row.name, terms: row.terms }));
	const bounds = problem.variables.flatMap((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		const value = plan.get(variable.name) ?? ZERO;
		return [lower, upper].flatMap((bound, i) =>
			bound && compare(bound, value) === 0 && !(i === 1 && lower?.equals(bound))
				? [{ variable: variable.name, value: bound, terms: new Map([[variable.name, ONE]]) }]
				: []
		);
	});
	return [...rows, ...bounds];
}

/** The cuts that hold with equality at a basic solution. */
function tightCuts(t: Tableau): TightLine[] {
	const lines = affineColumns(t.form);
	return t.form.columns.flatMap(({ owner }, j) => {
		const line = lines[j];
		if (owner.kind !== 'cut' || !line || !isZero(columnValue(t, j))) return [];
		return [{ constraint: owner.name, terms: line.terms }];
	});
}

/** Whether lines in the plane meet in one point: two of them have different directions. */
function crossing(lines: readonly TightLine[], [x, y]: readonly string[]): boolean {
	const normals = lines.map(({ terms }) => [terms.get(x) ?? ZERO, terms.get(y) ?? ZERO]);
	return normals.some(([a, b], i) => normals.slice(i).some(([c, d]) => !isZero(a.mul(d).sub(b.mul(c)))));
}

/**
 * Where a basic solution is: for two variables the lines it lies on, and whether it is a corner (with a free variable it need not be one); for others
 * the plan.
 */
export function placeOf(t: Tableau): PlaceFinding {
	const { problem } = t.form;
	const plan = readPlan(t);
	const broken = brokenAt(problem, plan);
	if (problem.variables.length !== 2) return { code: 'plan-now', t, broken };
	const names = problem.variables.map(({ name }) => name);
	const own = tightLines(problem, plan);
	const on = [...own, ...tightCuts(t)];
	if (broken.length > 0) return { code: 'point-outside', t, on, broken };
	if (crossing(own, names)) return { code: 'point-corner', t, on };
	return { code: crossing(on, names) ? 'point-cut-corner' : 'point-inside', t, on };
}
