import { rational } from '../number/rational';
import { printStatement } from '../problem/statement/print';
import { isFeasible, type Plan, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { Candidate } from './candidate';
import { problemOfDraft } from './draft';
import { formAsked, roughness, shapeOf, untidy, untidyDraft } from './form';
import { type Plane, planeOf } from './plane';
import { Proposer } from './proposal';
import { Seeded } from './seeded';
import type {
	Designed,
	DesignRequest,
	ProblemDraft,
	Find,
	FormPart,
	KeptWish,
	Met,
	NearFind,
	PlanKept,
	Wish
} from './types';
import { asksWhole, kindOfWish } from './wishes/kinds';
import { WishSample } from './wish-sample';

/** one in so many candidates that fail is judged by all wishes */
const SAMPLED = 8;
/** finds that look like an earlier one and wait, until the best of them is shown */
const MOST_WAITING = 12;
/** what is counted where good form, not a wish, was missed */
const FORM_MISSED = 'form';
const NOT_SAMPLED: ReadonlySet<string> = new Set(['plan', FORM_MISSED]);

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

/** A problem judged by good form and all wishes, the cheapest first; the first that it does not keep, by its kind. */
function judged(
	candidate: Candidate,
	request: DesignRequest,
	form: ReadonlySet<FormPart>,
	ordered: readonly (readonly [number, Wish])[]
): Find | { readonly missed: string } {
	const plan = planKept(candidate, request);
	if (plan === null) return { missed: 'plan' };
	const promises = new Map<number, KeptWish>();
	for (const [i, wish] of ordered) {
		const own = kindOfWish(wish.kind).decide(candidate, wish, request);
		const value = wish.not ? (own === null ? false : null) : own;
		if (value === null) return { missed: wish.kind };
		promises.set(i, { ...wish, value });
	}
	if (untidy(candidate, request, form)) return { missed: FORM_MISSED };
	const kept = request.wishes.map((_, i) => promises.get(i)!);
	return { problem: candidate.problem, promises: plan ? [plan, ...kept] : kept };
}

/** The wishes with their places, the cheapest to judge first. */
const byCost = ({ wishes }: DesignRequest): (readonly [number, Wish])[] =>
	[...wishes.entries()].sort(([, a], [, b]) => kindOfWish(a.kind).cost - kindOfWish(b.kind).cost);

/** What a draft is seen not to keep before it is a problem, by its kind; null where nothing is seen. */
function missedEarly(
	draft: ProblemDraft,
	plane: Plane | null,
	request: DesignRequest,
	form: ReadonlySet<FormPart>,
	ordered: readonly (readonly [number, Wish])[]
): string | null {
	if (untidyDraft(draft, plane, form, asksWhole(request))) return FORM_MISSED;
	const missed =
		plane &&
		ordered.find(([, wish]) => {
			const own = kindOfWish(wish.kind).quickly?.(plane, wish);
			return own !== undefined && own === (wish.not ?? false);
		});
	return missed?.[1].kind ?? null;
}

/** Lets finds through that look different from one another; of those that look alike the most pleasant, once a few wait. */
class Variety {
	readonly #shapes = new Set<string>();
	#waiting: { readonly find: Find; readonly roughness: number }[] = [];

	/** The find to be shown now: this one, one that waited, or none. */
	next(find: Find, candidate: Candidate): Find | null {
		const shape = shapeOf(candidate);
		if (!this.#shapes.has(shape)) {
			this.#shapes.add(shape);
			return find;
		}
		this.#waiting.push({ find, roughness: roughness(candidate) });
		return this.#waiting.length >= MOST_WAITING ? this.rest(1)[0] : null;
	}

	/** The most pleasant of those that wait. */
	rest(count: number): Find[] {
		this.#waiting.sort((a, b) => a.roughness - b.roughness);
		return this.#waiting.splice(0, count).map(({ find }) => find);
	}
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
	const form = formAsked(request);
	const ordered = byCost(request);
	const variety = form.size > 0 ? new Variety() : null;
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
	const take = (find: Find | null) => {
		if (!find) return;
		problems.push(find);
		onFind(find);
	};
	while (problems.length < request.count) {
		if (shouldStop()) break;
		tried += 1;
		const draft = proposer.next();
		if (!draft) continue;
		const plane = planeOf(draft, request.sense);
		const early = missedEarly(draft, plane, request, form, ordered);
		const candidate = early === null ? new Candidate(problemOfDraft(draft, request)) : null;
		const found = candidate ? judged(candidate, request, form, ordered) : { missed: early! };
		if ('missed' in found) {
			missed[found.missed] = (missed[found.missed] ?? 0) + 1;
			if (tried % SAMPLED === 0 && !NOT_SAMPLED.has(found.missed) && !sample.isFull)
				sample.add(problemOfDraft(draft, request));
		} else {
			const text = printStatement(found.problem);
			if (seen.has(text)) continue;
			seen.add(text);
			take(variety ? variety.next(found, candidate!) : found);
		}
		if (tried % 256 === 0) onProgress(progress());
	}
	for (const find of variety?.rest(request.count - problems.length) ?? []) take(find);
	onProgress(progress());
	return { problems, ...progress() };
}

/** How much a student writes, as digits of all entries of all tableaux of the run that suits the problem, and how pleasant it is; see `roughness`. */
export function workOf(problem: Problem): { readonly digits: number; readonly roughness: number } {
	const candidate = new Candidate(problem);
	return { digits: candidate.run()?.digits ?? 0, roughness: roughness(candidate) };
}
