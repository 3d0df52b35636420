import { design, type DesignProgress } from '../design/search';
import {
	FORM_PARTS,
	type Designed,
	type DesignRequest,
	type Find,
	type FormPart,
	type KeptWish,
	type PlanKept,
	type Wish,
	type WishName
} from '../design/types';
import { neverMet } from '../design/wish-sample';
import { isLimited } from '../design/wishes/controls';
import { kindOfWish, WISH_KINDS, WISH_NAMES } from '../design/wishes/kinds';
import { writeProblem } from '../problem/codec';
import type { ProblemJson } from '../problem/format';
import { collect, InputError, inputReader, type Issue } from '../problem/json';
import type { Of } from '../problem/shape';
import { DESIGN_REQUEST, wishShape, type FormWanted } from './design-request';
import type { NearJson } from './shapes';
import type { RunControl } from './solve';

/** What POST /api/v1/design answers. */
export interface DesignJson {
	readonly problems: readonly {
		readonly problem: ProblemJson;
		readonly promises: readonly (KeptWish | PlanKept)[];
	}[];
	readonly tried: number;
	readonly missed: Readonly<Record<string, number>>;
	/** where fewer were found than wanted: what came nearest, and a smallest set of wishes that no candidate of a sample kept at once */
	readonly nearest?: readonly NearJson[];
	readonly neverMet?: readonly number[];
}

/** How a search goes, as it crosses from a worker. */
export type ProgressJson = Omit<DesignProgress, 'near'> & { readonly near: readonly NearJson[] };

const nearJson = (near: DesignProgress['near']): NearJson[] =>
	near.map(({ problem, misses }) => ({ problem: writeProblem(problem), misses }));

type Given = Of<typeof DESIGN_REQUEST>;

const partsOf = (form: FormWanted): readonly FormPart[] =>
	form === 'tidy' ? FORM_PARTS : form === 'any' ? [] : form;

const read = inputReader(DESIGN_REQUEST);

/** A whole number that was checked, and may be written as text. */
const numberOf = (value: string | number): number => Number(value);

function readNumbers(
	raw: Given['numbers'],
	wishes: readonly Wish[],
	relations: DesignRequest['relations']
): DesignRequest['numbers'] {
	// rows ≥ alone exclude one another only where some numbers are negative
	const hasUpper = relations?.some((relation) => relation !== '>=') ?? true;
	const isOpen = wishes.some(
		(wish) =>
			wish.kind === 'one-way-out' ||
			(wish.kind === 'conflict' && (!hasUpper || wish.exactly === 1)) ||
			(wish.kind === 'answer' && (wish.is === 'unbounded' || (wish.is === 'infeasible' && !hasUpper)))
	);
	const from = raw.from === undefined ? (isOpen ? -9 : 0) : numberOf(raw.from);
	const to = raw.to === undefined ? Math.max(9, from) : numberOf(raw.to);
	const rhs = numberOf(raw.rhs);
	if (from > to) throw new InputError([{ path: 'numbers.to', message: 'must not be below from' }]);
	if (from === 0 && to === 0)
		throw new InputError([{ path: 'numbers.to', message: 'must leave a coefficient that is not 0' }]);
	return { from, to, rhs };
}

/** Wishes as they were written, each by its kind's own fields. */
function readWishes(list: readonly unknown[]): Wish[] {
	const issues: Issue[] = [];
	list.forEach((raw, i) => {
		const path = `wishes[${i}]`;
		if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
			return issues.push({ path, message: 'must be an object with a kind' });
		const { kind } = raw as { kind?: unknown };
		if (typeof kind !== 'string' || !Object.hasOwn(WISH_KINDS, kind))
			return issues.push({ path: `${path}.kind`, message: `must be one of ${WISH_NAMES.join(', ')}` });
		collect(issues, () => inputReader(wishShape(kind as WishName))(raw, path));
	});
	if (issues.length) throw new InputError(issues);
	return list as Wish[];
}

/** Wishes that contradict themselves, one another, or the rest of a request. */
export function contradictions(request: DesignRequest): Issue[] {
	return request.wishes.flatMap((wish, i) => {
		// what must not be is hardly ever impossible: the search shows it
		const wanted = { ...request, wishes: request.wishes.filter(({ not }) => !not) };
		const limit = isLimited(kindOfWish(wish.kind).controls ?? []);
		const { exactly, atMost } = wish as { exactly?: number; atMost?: number };
		if (limit && exactly === undefined && atMost === undefined)
			return [{ path: `wishes[${i}]`, message: 'needs exactly or atMost' }];
		if (limit && exactly !== undefined && atMost !== undefined && exactly > atMost)
			return [{ path: `wishes[${i}]`, message: 'exactly is more than atMost' }];
		const message = wish.not ? null : (kindOfWish(wish.kind).against?.(wish, wanted) ?? null);
		return message ? [{ path: `wishes[${i}]`, message }] : [];
	});
}

/**
 * Reads a request to design.
 * @throws InputError with the faults and their paths; for wishes that contradict themselves, too
 */
export function readDesignRequest(data: unknown): { request: DesignRequest; milliseconds: number } {
	const raw = read(data);
	const { variables, constraints } = raw;
	if (raw.relations && raw.relations.length !== constraints)
		throw new InputError([
			{ path: 'relations', message: `must be ${constraints} relations, one for each constraint` }
		]);
	if (raw.plan && raw.plan.point.length !== variables)
		throw new InputError([
			{ path: 'plan.point', message: `must be ${variables} amounts, one for each variable` }
		]);
	const wishes = readWishes(raw.wishes ?? []);
	const request: DesignRequest = {
		variables,
		constraints,
		sense: raw.sense,
		relations: raw.relations ?? null,
		numbers: readNumbers(raw.numbers, wishes, raw.relations ?? null),
		plan: raw.plan ? { point: raw.plan.point.map(numberOf), shall: raw.plan.shall } : null,
		wishes,
		form: partsOf(raw.form),
		seed: raw.seed,
		count: raw.count
	};
	const against = contradictions(request);
	if (against.length) throw new InputError(against);
	return { request, milliseconds: raw.limit.milliseconds };
}

/** A find as the API answers it. */
export const findJson = ({ problem, promises }: Find): DesignJson['problems'][number] => ({
	problem: writeProblem(problem),
	promises
});

/** What was found as the API answers it: where fewer were found than wanted, with the nearest and what was never met. */
export function designJson(request: DesignRequest, found: Designed): DesignJson {
	const { problems, tried, missed, met, near } = found;
	const answer = { problems: problems.map(findJson), tried, missed };
	if (problems.length >= request.count) return answer;
	const never = neverMet(met, request.wishes.length);
	return { ...answer, nearest: nearJson(near), ...(never ? { neverMet: never } : {}) };
}

/**
 * Answers a request to design.
 * @param control made for the time that the request gives
 * @throws InputError for input that is not valid
 */
export function answerDesign(
	data: unknown,
	control: (milliseconds: number) => RunControl,
	told: {
		onFind?: (find: DesignJson['problems'][number]) => void;
		onProgress?: (progress: ProgressJson) => void;
	} = {}
): DesignJson {
	const { request, milliseconds } = readDesignRequest(data);
	const { shouldStop } = control(milliseconds);
	return designJson(
		request,
		design(
			request,
			() => shouldStop?.(0) !== null && shouldStop !== undefined,
			(find) => told.onFind?.(findJson(find)),
			(progress) => told.onProgress?.({ ...progress, near: nearJson(progress.near) })
		)
	);
}
