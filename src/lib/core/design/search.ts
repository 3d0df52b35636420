import { rational } from '../number/rational';
import { printStatement } from '../problem/statement/print';
import { isFeasible, type Plan, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { Candidate } from './candidate';
import { Proposer } from './proposal';
import { Seeded } from './seeded';
import type { Designed, DesignRequest, Find, Kept, PlanKept } from './types';
import { kindOfWish } from './wishes/kinds';
import { WishSample } from './wish-sample';
import { type Met, type NearFind } from './types';

/** one in so many candidates that fail is judged by all wishes */
const SAMPLED = 8;

/** What is told while a design runs. */
export interface DesignProgress {
	readonly tried: number;
	readonly missed: Readonly<Record<string, number>>;
	/** of a sample of what was missed: which wishes came true at once, and what came nearest */
	readonly met: Met;
	readonly near: readonly NearFind[];
}

/** The plan that was chosen first, where a candidate keeps it; null where it does not, undefined where none was chosen. */
function planKept(candidate: Candidate, { plan }: DesignRequest): PlanKept | null | undefined {
	if (!plan) return undefined;
	const { problem } = candidate;
	const amounts: Plan = new Map(problem.variables.map(({ name }, j) => [name, rational(plan.point[j])]));
	if (!isFeasible(problem, amounts)) return null;
	const kept: PlanKept = { kind: 'plan', point: plan.point.map(String), shall: plan.shall, value: true };
	if (plan.shall === 'feasible') return kept;
	const { objective } = candidate.answer;
	return objective?.equals(objectiveAt(problem, amounts)) ? kept : null;
}

/** A problem judged by all wishes, the cheapest first; the first that it does not keep, by its kind. */
export function judged(problem: Problem, request: DesignRequest): Find | { readonly missed: string } {
	const candidate = new Candidate(problem);
	const plan = planKept(candidate, request);
	if (plan === null) return { missed: 'plan' };
	const ordered = [...request.wishes.entries()].sort(
		([, a], [, b]) => kindOfWish(a.kind).cost - kindOfWish(b.kind).cost
	);
	const promises = new Map<number, Kept>();
	for (const [i, wish] of ordered) {
		const own = kindOfWish(wish.kind).decide(candidate, wish, request);
		const value = wish.not ? (own === null ? false : null) : own;
		if (value === null) return { missed: wish.kind };
		promises.set(i, { ...wish, value });
	}
	const kept = request.wishes.map((_, i) => promises.get(i)!);
	return { problem, promises: plan ? [plan, ...kept] : kept };
}

/**
 * Looks for problems that keep all wishes: the same ones for the same request, as far as the time reaches.
 * @param shouldStop asked now and then; true ends the search with what was found
 * @param onFind told of each find
 * @param onProgress told now and then how it goes
 */
export function design(
	request: DesignRequest,
	shouldStop: () => boolean,
	onFind: (find: Find) => void = () => {},
	onProgress: (progress: DesignProgress) => void = () => {}
): Designed {
	const proposer = new Proposer(request, new Seeded(request.seed));
	const problems: Find[] = [];
	const seen = new Set<string>();
	const missed: Record<string, number> = {};
	const sample = new WishSample(request);
	let tried = 0;
	const progress = (): DesignProgress => ({
		tried,
		missed: { ...missed },
		met: sample.met,
		near: sample.near
	});
	while (problems.length < request.count) {
		if (shouldStop()) break;
		tried += 1;
		const problem = proposer.next();
		if (!problem) continue;
		const found = judged(problem, request);
		if ('missed' in found) {
			missed[found.missed] = (missed[found.missed] ?? 0) + 1;
			if (tried % SAMPLED === 0 && found.missed !== 'plan' && !sample.isFull) sample.add(problem);
		} else {
			const text = printStatement(problem);
			if (seen.has(text)) continue;
			seen.add(text);
			problems.push(found);
			onFind(found);
		}
		if (tried % 256 === 0) onProgress(progress());
	}
	onProgress(progress());
	return { problems, ...progress() };
}

/** How much a student writes: digits of all entries of all tableaux, of a run as suits the problem. Less is more pleasant. */
export const effort = (problem: Problem): number => new Candidate(problem).run()?.digits ?? 0;
