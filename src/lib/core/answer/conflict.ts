import { isZero, ONE, ZERO, type Rational } from '../number/rational';
import { withoutConstraints } from '../geometry/sides';
import { primed } from '../problem/names';
import { rowName } from '../problem/row-owner';
import { effectiveBounds, type Plan, type Problem, type Sense, type Terms } from '../problem/types';
import { runLinear, solveLinear, type RunOptions } from './answer';

/** The problem with another objective. */
export const withGoal = (problem: Problem, sense: Sense, terms: Terms): Problem => ({
	...problem,
	objective: { sense, name: 'z', terms, constant: ZERO }
});
/** A member of a conflict: a constraint, or one bound of a variable. */
type Member = { readonly name: string; leaveOut(problem: Problem): Problem };

const members = ({ constraints, variables }: Problem): Member[] => [
	...constraints.map(({ name }): Member => ({
		name,
		leaveOut: (problem) => withoutConstraints(problem, [name])
	})),
	...variables.flatMap((variable) =>
		(['lower', 'upper'] as const)
			.filter((side) => variable[side] !== null)
			.map((side): Member => ({
				name: rowName({ kind: side, name: variable.name }),
				leaveOut: (problem) => ({
					...problem,
					variables: problem.variables.map((own) =>
						own.name === variable.name ? { ...own, [side]: null } : own
					)
				})
			}))
	)
];

/**
 * A smallest set of constraints and bounds in conflict, by leaving out one after the other what is not needed for it (the deletion
 * filter of Chinneck and Dravnieks, 1991).
 * @returns null where the time was up
 */
export function conflictOf(problem: Problem, options: RunOptions): string[] | null {
	// the bounds that a binary variable has by itself take part as bounds
	let rest: Problem = withGoal(
		{
			...problem,
			variables: problem.variables.map((own) => ({ ...own, ...effectiveBounds(own), domain: 'continuous' }))
		},
		'max',
		new Map()
	);
	const proof = solveLinear(rest, options).certificate;
	const needed =
		proof?.kind === 'infeasible'
			? new Set([...proof.multipliers].filter(([, value]) => !isZero(value)).map(([name]) => name))
			: null;
	if (needed)
		for (const { name } of problem.constraints)
			if (!needed.has(name)) rest = withoutConstraints(rest, [name]);
	const conflict: string[] = [];
	for (const member of members(rest)) {
		const smaller = member.leaveOut(rest);
		const { status } = runLinear(smaller, options);
		if (status === 'stopped') return null;
		if (status === 'infeasible') rest = smaller;
		else conflict.push(member.name);
	}
	return conflict;
}

/** How far the constraints of a conflict are apart. */
export interface Gap {
	/** by so much every right-hand side of the conflict has to give way before a plan keeps them all */
	readonly by: Rational;
	/** a plan that keeps them then */
	readonly plan: Plan;
}

/**
 * How far constraints are from being kept together: the least amount by which each of them has to give way (bounds of variables stay).
 * @param names the constraints that give way; the others are left out
 * @returns null where no giving way of these helps, since bounds alone exclude each other
 */
export function gapOf(problem: Problem, names: readonly string[]): Gap | null {
	const slack = primed('t', new Set(problem.variables.map(({ name }) => name)));
	const turned = (row: Problem['constraints'][number], sign: 1 | -1) => ({
		...row,
		terms: new Map([...row.terms, [slack, ONE.mul(sign)]])
	});
	const rows = problem.constraints.filter(({ name }) => names.includes(name));
	const { status, solution, objective } = solveLinear({
		...problem,
		variables: [
			...problem.variables.map((own) => ({ ...own, ...effectiveBounds(own), domain: 'continuous' as const })),
			{ name: slack, lower: ZERO, upper: null, domain: 'continuous' }
		],
		objective: { sense: 'min', name: 'z', terms: new Map([[slack, ONE]]), constant: ZERO },
		constraints: rows.flatMap((row) => [
			...(row.relation === '>='
				? []
				: [{ ...turned(row, -1), name: `${row.name} above`, relation: '<=' as const }]),
			...(row.relation === '<='
				? []
				: [{ ...turned(row, 1), name: `${row.name} below`, relation: '>=' as const }])
		])
	});
	if (status !== 'optimal') return null;
	const plan = new Map([...solution!].filter(([name]) => name !== slack));
	return { by: objective!, plan };
}
