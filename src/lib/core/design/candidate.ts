import { runLinear, solveLinear, type LinearAnswer, type LinearRun } from '../answer/answer';
import { optimalSet, type OptimalSet } from '../answer/optimal-set';
import { standardForm } from '../form/standard';
import { polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { branchAndBound } from '../integer/branch';
import { asksForWhole } from '../integer/whole';
import { CannotStart, type MethodName } from '../method/solve';
import { ruleNamed, type RuleName } from '../method/types';
import { isZero, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { tightestRows } from '../tableau/ratio';
import { cost, entryAt, goalValue, rhs, type Tableau } from '../tableau/tableau';

/** pivots after which a run is no exercise any more */
const MOST_PIVOTS = 60;

/** What a run of a method is like. */
export interface RunSeen {
	readonly run: LinearRun;
	/** the largest denominator of any entry in any tableau */
	readonly denominator: bigint;
	/** whether some ratio test was a tie */
	readonly hasTie: boolean;
	/** digits that a student would write: of all entries of all tableaux */
	readonly digits: number;
	/** the pivots, as `entering leaving` by ids of columns */
	readonly way: readonly string[];
}

const digitsOf = (value: Rational): number =>
	isZero(value) ? 1 : String(value.n).length + (value.d === 1n ? 0 : String(value.d).length + 1);

/** A problem that is being judged: what is found out of it is found once, and only where somebody asks. */
export class Candidate {
	readonly problem: Problem;
	#answer: LinearAnswer | null = null;
	#set: OptimalSet | null = null;
	#region: Polyhedron | null = null;
	readonly #runs = new Map<string, RunSeen | null>();

	constructor(problem: Problem) {
		this.problem = problem;
	}

	/** the relaxation, solved */
	get answer(): LinearAnswer {
		return (this.#answer ??= solveLinear(this.problem, { maxSteps: MOST_PIVOTS }));
	}

	/** all best plans; null where there is none */
	get best(): OptimalSet | null {
		const { status, tableau } = this.answer;
		return status === 'optimal' && tableau ? (this.#set ??= optimalSet(tableau)) : null;
	}

	get region(): Polyhedron {
		return (this.#region ??= polyhedron(this.problem));
	}

	/** artificial variables that a start with them needs */
	get artificials(): number {
		const { columns } = standardForm(this.problem, { start: 'artificial', equalities: 'one-row' });
		return columns.filter(({ kind }) => kind === 'artificial').length;
	}

	/** A run of the relaxation by a method and rule; null where the method has nothing to start from. */
	run(method: MethodName = 'auto', rule: RuleName = 'dantzig'): RunSeen | null {
		const key = `${method} ${rule}`;
		const known = this.#runs.get(key);
		if (known !== undefined) return known;
		const seen = look(this.problem, method, rule);
		this.#runs.set(key, seen);
		return seen;
	}

	/** The pivots that solving reports: of a problem with whole numbers those of the whole search. */
	pivots(method: MethodName = 'auto', rule: RuleName = 'dantzig'): number | null {
		if (!asksForWhole(this.problem)) return this.run(method, rule)?.run.pivots ?? null;
		try {
			const result = branchAndBound(this.problem, {
				method,
				rule: ruleNamed(rule),
				maxSteps: 40 * MOST_PIVOTS
			});
			return result.status === 'stopped' ? null : result.pivots;
		} catch (error) {
			if (error instanceof CannotStart) return null;
			throw error;
		}
	}
}

function look(problem: Problem, method: MethodName, rule: RuleName): RunSeen | null {
	let [denominator, hasTie, digits] = [1n, false, 0];
	let before: Tableau | null = null;
	const way: string[] = [];
	const take = (value: Rational) => {
		if (value.d > denominator) denominator = value.d;
		digits += digitsOf(value);
	};
	try {
		const run = runLinear(problem, {
			method,
			rule: ruleNamed(rule),
			maxSteps: MOST_PIVOTS,
			onStep: ({ tableau: t, choice }) => {
				t.basis.forEach((_, row) => {
					take(rhs(t, row));
					t.nonbasic.forEach((_own, k) => take(entryAt(t, row, k)));
				});
				for (const goal of t.goals) {
					take(goalValue(t, goal));
					for (const column of t.nonbasic) take(cost(t, goal, column));
				}
				const entered = choice && before ? before.nonbasic.indexOf(choice.entering) : -1;
				if (entered >= 0 && tightestRows(before!, entered).length > 1) hasTie = true;
				if (choice) way.push(`${t.form.columns[choice.entering].id} ${t.form.columns[choice.leaving].id}`);
				before = t;
			}
		});
		return { run, denominator, hasTie, digits, way };
	} catch (error) {
		if (error instanceof CannotStart) return null;
		throw error;
	}
}
