import { isDualFeasible } from '../method/dual';
import type { Cut } from '../integer/cut';
import type { Rational } from '../number/rational';
import { ONE, ZERO } from '../number/rational';
import type { Position } from '../position/position';
import { effectiveBounds, evaluate, holds, type Problem } from '../problem/types';
import { columnOf, objectiveValue, readPlan, rhs, type Tableau } from '../tableau/tableau';
import { compositionOf, cutOffFound } from './derivation';
import type { Remark } from './findings';
import type { RoundedBound, WholeFinding } from './whole-findings';

/** What is found of cutting planes, branches and bounds that became whole. */

/** The slack of the row that came last. */
function lastSlack(t: Tableau): WholeFinding {
	const row = t.basis.length - 1;
	return { code: 'slack-basic', column: columnOf(t, t.basis[row]), value: rhs(t, row) };
}

/** Whether a derivation speaks of columns that were multiplied, with their rows, to whole coefficients. */
const isInOtherUnits = (derivation: readonly WholeFinding[]): boolean =>
	derivation.some((found) => 'row' in found && found.row.terms.some(({ scale }) => !scale.equals(ONE)));

/** A cutting plane: how it was derived, what it says of the author's variables, and its row. */
export function cutRemark(
	before: Tableau,
	after: Tableau,
	number: number,
	cut: Cut,
	derivation: readonly WholeFinding[]
): Remark {
	return {
		tone: 'step',
		heading: { code: 'cut', number, row: cut.row },
		found: [
			...derivation,
			...(isInOtherUnits(derivation) ? [{ code: 'cut-in-columns', t: before, cut } as const] : []),
			{ code: 'nonbasic-violate' },
			...cutOffFound(before, cut),
			lastSlack(after)
		]
	};
}

/** What a cut composed of constraints is, and whether it cuts off the present point. */
export function combineRemark(
	before: Position,
	multipliers: ReadonlyMap<string, Rational>,
	after: Position
): Remark {
	const original = after.cuts.at(-1)!.original!;
	const left = evaluate(original.terms, readPlan(before.work!.tableau));
	return {
		tone: 'step',
		heading: { code: 'cut-composed', number: after.cuts.length },
		found: [
			...compositionOf(before.problem, multipliers),
			holds(left, original.relation, original.rhs)
				? { code: 'satisfied-here' }
				: { code: 'broken-here', by: left.sub(original.rhs).abs() },
			lastSlack(after.work!.tableau)
		]
	};
}

/** Which cuts were dropped, and why nothing is lost. */
export function dropRemark(before: Position, after: Position): Remark {
	const numbers = after.cuts.flatMap((cut, i) => (cut.dropped && !before.cuts[i].dropped ? [i + 1] : []));
	const stays = isDualFeasible(after.work!.tableau);
	return {
		tone: 'step',
		heading: { code: 'cuts-dropped', numbers },
		found: [{ code: 'cuts-not-binding', numbers, stays }]
	};
}

/** A branch: what it leaves out, and why no integer plan is lost with its sister. */
export function branchRemark(
	before: Position,
	variable: string,
	relation: '<=' | '>=',
	value: Rational,
	after: Position
): Remark {
	const t = before.work!.tableau;
	return {
		tone: 'step',
		heading: { code: 'branch', variable, relation, value },
		found: [
			{ code: 'branched', variable, value: readPlan(t).get(variable) ?? ZERO },
			{ code: 'branch-bound', objective: before.problem.objective, bound: objectiveValue(t) },
			lastSlack(after.work!.tableau)
		]
	};
}

/** Bounds that became whole. */
export function inwardRemark(before: Problem, after: Problem): Remark {
	const implied: Omit<RoundedBound, 'from'>[] = [];
	const rounded: RoundedBound[] = [];
	before.variables.forEach((own, i) => {
		const [old, fresh] = [own, after.variables[i]].map(effectiveBounds);
		const variable = own.name;
		const sides = [
			{ relation: '>=', from: old.lower, to: fresh.lower },
			{ relation: '<=', from: old.upper, to: fresh.upper }
		] as const;
		if (!old.lower && !old.upper) {
			const first = sides.find(({ to }) => to);
			if (first) implied.push({ variable, relation: first.relation, to: first.to! });
			return;
		}
		for (const { relation, from, to } of sides)
			if (from && to && !from.equals(to)) rounded.push({ variable, relation, from, to });
	});
	return {
		tone: 'step',
		heading: { code: 'whole-bounds' },
		found: [
			...(rounded.length > 0 ? [{ code: 'bounds-rounded', bounds: rounded } as const] : []),
			...(implied.length > 0 ? [{ code: 'bounds-implied', bounds: implied } as const] : []),
			{ code: rounded.length + implied.length > 0 ? 'measured-from-whole' : 'bounds-whole-already' }
		]
	};
}
