import { dualValues } from '../answer/multipliers';
import { tiedColumns } from '../answer/ties';
import type { Decision, Work } from '../method/types';
import type { Position } from '../position/position';
import { isInteger, isZero, sign, ZERO } from '../number/rational';
import { joined, say } from '../sentence/sentence';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { negativeRows, tightestRows } from '../tableau/ratio';
import { riseOf } from '../tableau/rise';
import { columnOf, cost, entryAt, isArtificial, rhs, type Tableau } from '../tableau/tableau';
import {
	called,
	MOST_TERMS,
	objectiveEquation,
	objectiveIn,
	reason,
	rowEquation,
	type Reason
} from './reason';
import { startReasons } from './start-reasons';

/**
 * Why the rules of the methods are as they are, answered with the numbers that stand here. What a reason quotes is data beside it, so that it can be
 * checked by other routes.
 */

/** Reasons for a pivot of the primal method: the column, the row, and what a larger ratio would do. */
function primalReasons(t: Tableau, goal: Goal, row: number, position: number): Reason[] {
	const entering = columnOf(t, t.nonbasic[position]);
	const { name, sense } = t.form.problem.objective;
	const list: Reason[] = [];
	const equation = objectiveIn(t);
	const rate = equation.terms.get(t.nonbasic[position]) ?? ZERO;
	if (goal.kind === 'objective') {
		const others = [...equation.terms].filter(
			([column, own]) => column !== t.nonbasic[position] && sign(own) * (sense === 'max' ? 1 : -1) > 0
		);
		list.push(
			reason(
				'improves',
				say`Why does ${entering} improve ${name}?`,
				[
					say`While the rows hold, ${objectiveEquation(t)}. The non-basic variables are 0; each unit of ${entering} changes ${name} by ${rate}.`,
					others.length
						? say`${joined(others.slice(0, MOST_TERMS).map(([column]) => say`${columnOf(t, column)}`))} would improve it too: any of them may enter, and the rule only says which one does.`
						: say`No other variable would.`
				],
				[{ is: 'objective', ...equation }]
			)
		);
	}
	const down = t.basis.map((_, i) => i).filter((i) => sign(entryAt(t, i, position)) > 0);
	const free = t.basis.map((_, i) => i).find((i) => sign(entryAt(t, i, position)) <= 0);
	list.push(
		reason('positive', say`Why are only some rows compared?`, [
			say`${joined(down.slice(0, 3).map((i) => rowEquation(t, i, position)))}: as ${entering} rises ${down.length > 1 ? 'these fall' : 'this falls'} and will reach 0.`,
			...(free === undefined
				? []
				: [say`${rowEquation(t, free, position)}: this does not fall, so it sets no limit.`])
		])
	);
	const limit = rhs(t, row).div(entryAt(t, row, position));
	const larger = down
		.filter((i) =>
			rhs(t, i)
				.div(entryAt(t, i, position))
				.gt(limit)
		)
		.sort((a, b) =>
			rhs(t, a)
				.div(entryAt(t, a, position))
				.compare(rhs(t, b).div(entryAt(t, b, position)))
		)[0];
	const at = larger === undefined ? limit.add(1) : rhs(t, larger).div(entryAt(t, larger, position));
	const amount = rhs(t, row).sub(entryAt(t, row, position).mul(at));
	list.push(
		reason(
			'smallest',
			say`Why the smallest ratio?`,
			[
				say`${rowEquation(t, row, position)}, so ${entering} can rise to ${limit} before ${columnOf(t, t.basis[row])} is 0.`,
				say`${larger === undefined ? say`One further, at ${at},` : say`With the ratio of ${columnOf(t, t.basis[larger])}, at ${at},`} ${columnOf(t, t.basis[row])} would be ${amount}: ${called(t, row)}, and the point would be outside the region.`
			],
			[{ is: 'beyond', basic: t.basis[row], entering: t.nonbasic[position], at, amount }],
			larger === undefined
				? undefined
				: { says: say`Take ${columnOf(t, t.basis[larger])} out all the same`, row: larger, position }
		)
	);
	const tight = tightestRows(t, position);
	if (tight.length > 1)
		list.push(
			reason('tie', say`Why is the next corner degenerate?`, [
				say`${joined(tight.map((i) => say`${columnOf(t, t.basis[i])}`))} reach 0 together, at ${limit}. Only one of them leaves; the other stays basic with the value 0.`
			])
		);
	if (isZero(limit))
		list.push(
			reason('zero', say`Why does this step not move?`, [
				say`${columnOf(t, t.basis[row])} is 0 already and would fall at once, so ${entering} cannot rise at all: the basis changes, the point does not.`,
				say`Steps of length 0 can come back to a basis that was here before, and then for ever. Bland’s rule, which takes the first variable that may enter and the first that may leave, never comes back: so it ends.`
			])
		);
	return list;
}

/** Reasons for a pivot of the dual method: the row first, then the ratio. */
function dualReasons(t: Tableau, row: number, position: number): Reason[] {
	const leaving = columnOf(t, t.basis[row]);
	const entering = columnOf(t, t.nonbasic[position]);
	const ratio = (k: number) => cost(t, OBJECTIVE, t.nonbasic[k]).div(entryAt(t, row, k).abs());
	const others = t.nonbasic.flatMap((column, k) =>
		k !== position && !t.barred.has(column) && sign(entryAt(t, row, k)) < 0 && ratio(k).gt(ratio(position))
			? [k]
			: []
	);
	const [worse] = others;
	const { name, sense } = t.form.problem.objective;
	const better = sense === 'max' ? 'raise' : 'lower';
	return [
		reason('row-first', say`Why is the row chosen first?`, [
			say`${leaving} = ${rhs(t, row)} is negative: this row is what is wrong with the plan. No variable would ${better} ${name}, so the column cannot be chosen by the objective.`
		]),
		reason(
			'dual-ratio',
			say`Why that ratio?`,
			[
				worse === undefined
					? say`Only ${entering} can make ${leaving} rise without costing more: no other column does.`
					: say`${entering} costs ${ratio(position)} of ${name} for each unit that ${leaving} rises, ${columnOf(t, t.nonbasic[worse])} ${ratio(worse)}. Were the dearer one taken, ${entering} would ${better} ${name} afterwards: the tableau would not be dual feasible any more.`
			],
			[],
			worse === undefined
				? undefined
				: { says: say`Take ${columnOf(t, t.nonbasic[worse])} all the same`, row, position: worse }
		)
	];
}

/** Reasons at an optimum: why it is one, whether it is the only one, what the numbers beside it are worth. */
function optimalReasons(t: Tableau): Reason[] {
	const { name, sense } = t.form.problem.objective;
	const equation = objectiveIn(t);
	const tied = tiedColumns(t);
	const list = [
		reason(
			'optimal',
			say`Why is this the best?`,
			[
				say`While the rows hold, ${objectiveEquation(t)}. ${equation.terms.size ? say`No variable may be negative, so whatever a plan does, ${name} is ${sense === 'max' ? 'at most' : 'at least'} ${equation.value}; here the non-basic variables are 0 and it is just that.` : say`No variable changes it any more.`}`
			],
			[{ is: 'objective', ...equation }]
		),
		reason('corner', say`Why is a best plan found at a corner?`, [
			say`Inside the region, or within an edge, one could go on in a direction in which ${name} does not get worse until something stops: that is a corner. Every basic solution that is feasible is one.`
		])
	];
	const duals = dualValues(t);
	const worth = t.form.problem.constraints.find(({ name: row }) => !isZero(duals.get(row) ?? ZERO));
	if (worth)
		list.push(
			reason('dual', say`Why do the dual values stand in the objective row?`, [
				say`One more of ${{ constraint: worth.name }} is as if its slack could be −1: by the equation above that changes ${name} by ${duals.get(worth.name)!}.`
			])
		);
	const moving = tied.find((column) => {
		const { limit } = riseOf(t, column);
		return limit === null || !isZero(limit);
	});
	if (tied.length)
		list.push(
			reason('several', say`Why can there be other best plans?`, [
				moving === undefined
					? say`${columnOf(t, tied[0])} does not stand in the equation of ${name}, but it cannot rise either: a step along it has length 0.`
					: say`${columnOf(t, moving)} does not stand in the equation of ${name}: it may rise without changing it, and here it can.`
			])
		);
	return list;
}

/** Reasons where nothing is feasible: a row that contradicts the signs, or a sum of artificial variables that cannot be 0. */
function infeasibleReasons(t: Tableau, row: number | null): Reason[] {
	const question = say`Why is there no plan at all?`;
	if (row === null) {
		const rest = t.basis.find((column, i) => isArtificial(t, column) && !isZero(rhs(t, i)));
		if (rest === undefined) return [];
		const value = rhs(t, t.basis.indexOf(rest));
		return [
			reason(
				'infeasible',
				question,
				[
					say`A plan that satisfies every row has all artificial variables at 0. The least sum is reached here, and ${columnOf(t, rest)} is still ${value}: so no such plan exists.`
				],
				[{ is: 'amount', basic: rest, value }]
			)
		];
	}
	const terms = t.nonbasic.flatMap((column, k) =>
		isZero(entryAt(t, row, k)) || t.barred.has(column) ? [] : [say`${columnOf(t, column)}`]
	);
	const basic = columnOf(t, t.basis[row]);
	return [
		reason(
			'infeasible',
			question,
			[
				terms.length
					? say`Its row says that ${basic} is ${rhs(t, row)} and falls further with ${joined(terms.slice(0, MOST_TERMS))}. None of these may be negative, so ${basic} is ${rhs(t, row)} at most, and it may not be negative either.`
					: say`Its row says that ${basic} is ${rhs(t, row)}, whatever the others are, and it may not be negative.`
			],
			[{ is: 'amount', basic: t.basis[row], value: rhs(t, row) }]
		)
	];
}

/** Why fractions stay as they are: what rounding would do to the amount that suffers most. */
function exactReasons(t: Tableau): Reason[] {
	const row = t.basis.findIndex((_, i) => !isInteger(rhs(t, i).mul(100)));
	if (row < 0) return [];
	const value = rhs(t, row);
	const rounded = value.mul(100).add('1/2').floor().div(100);
	return [
		reason(
			'exact',
			say`Why fractions and not decimals?`,
			[
				say`${columnOf(t, t.basis[row])} is ${value} exactly. Rounded to hundredths it would be off by ${value.sub(rounded).abs()}; each pivot would carry that on, and a 0, a tie or a negative entry could no longer be told from an error.`
			],
			[{ is: 'amount', basic: t.basis[row], value }]
		)
	];
}

/**
 * The reasons that belong to where one stands.
 * @param decision what the method at work would do here
 */
export function reasonsAt({ work }: Position, decision: Decision | null): Reason[] {
	if (!work) return [];
	const { tableau: t, part }: Work = work;
	if (decision?.kind === 'end') {
		if (decision.end.status === 'optimal') return optimalReasons(t);
		if (decision.end.status === 'unbounded') {
			const { position } = decision.end;
			const entering = columnOf(t, t.nonbasic[position]);
			return [
				reason('unbounded', say`Why is there no end?`, [
					say`As ${entering} rises, ${joined(t.basis.slice(0, 3).map((_, i) => rowEquation(t, i, position)))}: no basic variable falls, so nothing stops it, and ${t.form.problem.objective.name} improves with each unit.`
				])
			];
		}
		if (decision.end.status === 'infeasible') return infeasibleReasons(t, decision.end.row);
		return [];
	}
	const start = [...startReasons(t, part), ...exactReasons(t)];
	if (decision?.kind !== 'pivot' || decision.driveOut) return start;
	const { row, position } = decision.choice;
	if (part === 'dual' && negativeRows(t).length > 0) return [...start, ...dualReasons(t, row, position)];
	if (part === 'repair' || negativeRows(t).length > 0) return start;
	const goal: Goal = part === 'phase-one' ? INFEASIBILITY : part === 'big-m' ? BIG_M : OBJECTIVE;
	return [...primalReasons(t, goal, row, position), ...start];
}
