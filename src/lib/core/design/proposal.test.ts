import type { InputError } from '../problem/json';
import { expect, test } from 'vitest';
import { runLinear, solveLinear } from '../answer/answer';
import { readDesignRequest } from '../api/design';
import { BLAND } from '../method/rule';
import { rational } from '../number/rational';
import { isFeasible, type Plan, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { problemOfDraft } from './draft';
import { Proposer } from './proposal';
import { Seeded } from './seeded';

const SEEDS = 1_000;
const solved = (problem: Problem) => solveLinear(problem, { method: 'two-phase' });
const AT = [3, 4];

/** Each construction, and whether what it makes is so; found by another method than the designer's. */
const CONSTRUCTIONS: readonly [string, object, (problem: Problem) => boolean][] = [
	[
		'infeasible',
		{ wishes: [{ kind: 'answer', is: 'infeasible' }] },
		(own) => solved(own).status === 'infeasible'
	],
	[
		'a conflict of three rows',
		{ constraints: 4, wishes: [{ kind: 'conflict', exactly: 3 }] },
		(own) => solved(own).status === 'infeasible'
	],
	[
		'unbounded',
		{ wishes: [{ kind: 'answer', is: 'unbounded' }] },
		(own) => solved(own).status === 'unbounded'
	],
	[
		'a best plan',
		{ numbers: { from: -40, to: 40, rhs: 900 }, plan: { point: AT, shall: 'best' } },
		(own) => {
			const plan: Plan = new Map(own.variables.map(({ name }, j) => [name, rational(AT[j])]));
			return isFeasible(own, plan) && solved(own).objective!.equals(objectiveAt(own, plan));
		}
	],
	[
		'a cycle',
		{ variables: 5, constraints: 5, wishes: [{ kind: 'cycle', rule: 'dantzig' }] },
		(own) =>
			runLinear(own, { method: 'primal' }).outcome?.status === 'cycle' &&
			solveLinear(own, { rule: BLAND }).status === 'optimal'
	]
];

test.each(CONSTRUCTIONS)('a construction alone keeps its promise: %s', (_, wanted, keeps) => {
	const { request } = readDesignRequest({ variables: 2, constraints: 3, ...wanted });
	const proposer = new Proposer(request, new Seeded(1));
	let [made, kept] = [0, 0];
	for (let i = 0; i < SEEDS; i++) {
		const draft = proposer.next();
		if (!draft) continue;
		const problem = problemOfDraft(draft, request);
		made += 1;
		if (keeps(problem)) kept += 1;
	}
	expect(made).toBeGreaterThan(SEEDS / 10);
	expect(kept).toBe(made);
});

test('coefficients of which none can differ from 0 are refused at their place', () => {
	const refused = (numbers: object) => {
		try {
			readDesignRequest({ variables: 2, constraints: 2, numbers });
			return null;
		} catch (error) {
			return (error as InputError).issues.map(({ path }) => path);
		}
	};
	expect(refused({ from: 0, to: 0 })).toEqual(['numbers.to']);
	expect(refused({ from: 0, to: 1 })).toBeNull();
});
