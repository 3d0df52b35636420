import { runLinear, solveLinear, type LinearAnswer, type LinearRun } from '../answer/answer';
import { optimalSet, type OptimalSet } from '../answer/optimal-set';
import { standardForm } from '../form/standard';
import { polyhedron, type Polyhedron } from '../geometry/polyhedron';
import { beginSearch, branchAndBound, type BranchResult } from '../integer/branch';
import { cuttingPlanes, type CutsResult } from '../integer/cuts';
import { SEARCH_RULES, type NodeRule } from '../integer/search-types';
import { asksForWhole } from '../problem/whole';
import { CannotStart, type MethodName } from '../method/solve';
import { leastAlong } from '../method/admissible';
import { goalsOf } from '../method/primal';
import { bestEntering } from '../method/rules';
import { type Choice, type Step } from '../method/types';
import { ruleNamed, type RuleName } from '../method/rule';
import { isZero, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { tightestRows } from '../tableau/ratio';
import { cost, entryAt, goalValue, isArtificial, rhs, type Tableau } from '../tableau/tableau';

/** pivots after which a run is no exercise any more */
const MOST_PIVOTS = 60;
/** nodes after which a tree is none either */
const MOST_NODES = 120;

/** What a run of a method is like. */
export interface RunSeen {
	readonly run: LinearRun;
	/** the largest denominator of any entry in any tableau */
	readonly denominator: bigint;
	/** the largest numerator, without its sign */
	readonly numerator: bigint;
	/** the pivots, counted from 1, whose ratio test was a tie */
	readonly ties: readonly number[];
	/** the pivots for which the rule found several columns equally good to enter */
	readonly enteringTies: readonly number[];
	/** digits that a student would write: of all entries of all tableaux */
	readonly digits: number;
	/** the pivots, as `entering leaving` by ids of columns */
	readonly way: readonly string[];
	/** the first pivot, with the tableau it is made on */
	readonly first: { readonly tableau: Tableau; readonly choice: Choice } | null;
	/** whether some pivot of the method moves nothing: its ratio is zero */
	readonly hasZeroStep: boolean;
	/** whether an artificial variable is still basic, at zero, when phase one ends */
	readonly endsPhaseOneDegenerate: boolean;
}

const digitsOf = (value: Rational): number =>
	isZero(value) ? 1 : String(value.n).length + (value.d === 1n ? 0 : String(value.d).length + 1);

/** A problem that is being judged: what is found out of it is found once, and only where somebody asks. */
export class Candidate {
	readonly problem: Problem;
	#answer: LinearAnswer | null = null;
	#set: OptimalSet | null = null;
	#whole: BranchResult | null = null;
	#cuts: CutsResult | null = null;
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

	/** the search for an optimal integer plan, by the rules that solving uses */
	get whole(): BranchResult {
		return (this.#whole ??= branchAndBound(this.problem, { maxSteps: 40 * MOST_PIVOTS }));
	}

	/** the same by cutting planes alone */
	get cuts(): CutsResult {
		return (this.#cuts ??= cuttingPlanes(this.problem, { maxSteps: 10 * MOST_PIVOTS }));
	}

	/** Nodes of the tree by a rule for the next node; null where it does not end soon, or cannot begin. */
	nodesBy(node: NodeRule): number | null {
		const begun = beginSearch(this.problem, this.answer);
		if (!('search' in begun)) return null;
		const { search } = begun;
		while (search.made < MOST_NODES && search.advance({ ...SEARCH_RULES, node }) !== null);
		return search.made < MOST_NODES ? search.made : null;
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

/** Whether several rows, in the dual method several columns, attain the least ratio of a pivot. */
function hasRatioTie(t: Tableau, { row, entering }: Choice, part: Step['part']): boolean {
	const slot = t.nonbasic.indexOf(entering);
	if (part === 'drive-out' || part === 'repair') return false;
	if (part !== 'dual') return tightestRows(t, slot).length > 1;
	return leastAlong(t, row).length > 1;
}

function look(problem: Problem, method: MethodName, rule: RuleName): RunSeen | null {
	let [denominator, numerator, digits, hasZeroStep, endsPhaseOneDegenerate] = [1n, 0n, 0, false, false];
	const [ties, enteringTies]: [number[], number[]] = [[], []];
	let first: RunSeen['first'] = null;
	let before: Tableau | null = null;
	const way: string[] = [];
	const take = (value: Rational) => {
		if (value.d > denominator) denominator = value.d;
		const size = value.n < 0n ? -value.n : value.n;
		if (size > numerator) numerator = size;
		digits += digitsOf(value);
	};
	try {
		const run = runLinear(problem, {
			method,
			rule: ruleNamed(rule),
			maxSteps: MOST_PIVOTS,
			onStep: ({ tableau: t, choice, part }) => {
				t.basis.forEach((_, row) => {
					take(rhs(t, row));
					t.nonbasic.forEach((_own, k) => take(entryAt(t, row, k)));
				});
				for (const goal of t.goals) {
					take(goalValue(t, goal));
					for (const column of t.nonbasic) take(cost(t, goal, column));
				}
				if (choice && before) {
					if (hasRatioTie(before, choice, part)) ties.push(way.length + 1);
					if (part !== 'dual' && part !== 'drive-out' && part !== 'repair')
						if (bestEntering(before, goalsOf(before, part), ruleNamed(rule).entering).length > 1)
							enteringTies.push(way.length + 1);
					first ??= { tableau: before, choice };
					if (part === 'drive-out') endsPhaseOneDegenerate = true;
					else if (isZero(rhs(before, choice.row))) hasZeroStep = true;
				}
				if (part === 'phase-two' && t.basis.some((column) => isArtificial(t, column)))
					endsPhaseOneDegenerate = true;
				if (choice) way.push(`${t.form.columns[choice.entering].id} ${t.form.columns[choice.leaving].id}`);
				before = t;
			}
		});
		return {
			run,
			denominator,
			numerator,
			ties,
			enteringTies,
			digits,
			way,
			first,
			hasZeroStep,
			endsPhaseOneDegenerate
		};
	} catch (error) {
		if (error instanceof CannotStart) return null;
		throw error;
	}
}
