import * as yup from 'yup';
import { design, type DesignProgress } from '../design/search';
import {
	FORM_PARTS,
	type Designed,
	type DesignRequest,
	type Find,
	type FormPart,
	type Kept,
	type PlanKept,
	type Wish,
	type WishName
} from '../design/types';
import { neverMet } from '../design/wish-sample';
import { fieldsOf } from '../design/wishes/controls';
import { kindOfWish, WISH_KINDS, WISH_NAMES } from '../design/wishes/kinds';
import { NumberError, parseRational } from '../number/rational';
import { writeProblem } from '../problem/codec';
import type { ProblemJson } from '../problem/format';
import { InputError, validate, type Issue } from '../problem/json';
import { among, collect, whole } from './fields';
import type { Control } from './solve';

/** What POST /api/v1/design answers. */
export interface DesignJson {
	readonly problems: readonly {
		readonly problem: ProblemJson;
		readonly promises: readonly (Kept | PlanKept)[];
	}[];
	readonly tried: number;
	readonly missed: Readonly<Record<string, number>>;
	/** where fewer were found than wanted: what came nearest, and a smallest set of wishes that no candidate of a sample kept at once */
	readonly nearest?: readonly NearJson[];
	readonly neverMet?: readonly number[];
}

/** A problem that keeps all wishes but some, by their places. */
export interface NearJson {
	readonly problem: ProblemJson;
	readonly misses: readonly number[];
}

/** How a search goes, as it crosses from a worker. */
export type ProgressJson = Omit<DesignProgress, 'near'> & { readonly near: readonly NearJson[] };

const nearJson = (near: DesignProgress['near']): NearJson[] =>
	near.map(({ problem, misses }) => ({ problem: writeProblem(problem), misses }));

export const MOST_FINDS = 50;
const MAX_MILLISECONDS = 30_000;
const MOST_WISHES = 30;

const FORM_WANTED = `must be tidy, any, or a list of ${FORM_PARTS.join(', ')}`;
const isForm = (form: unknown): boolean =>
	form === undefined ||
	form === 'tidy' ||
	form === 'any' ||
	(Array.isArray(form) && form.every((part) => FORM_PARTS.includes(part as FormPart)));
const readForm = (form: 'tidy' | 'any' | readonly FormPart[] = 'tidy'): readonly FormPart[] =>
	form === 'tidy' ? FORM_PARTS : form === 'any' ? [] : form;

const WANTED = 'must be an object with variables and constraints';
const schema = yup
	.object({
		variables: whole(2, 8).test('needed', 'must be a whole number from 2 to 8', (v) => v !== undefined),
		constraints: whole(2, 8).test('needed', 'must be a whole number from 2 to 8', (v) => v !== undefined),
		sense: among(['max', 'min']),
		relations: yup.array(among(['<=', '>=', '='])).typeError('must be a list of relations'),
		numbers: yup
			.object()
			.default(undefined)
			.typeError('must be an object with from, to and rhs')
			.nonNullable('must be an object with from, to and rhs'),
		plan: yup
			.object({
				point: yup
					.array()
					.typeError('must be a list of whole numbers')
					.required('must be a list of whole numbers'),
				shall: among(['feasible', 'best'])
			})
			.default(undefined)
			.typeError('must be an object with point and shall')
			.nullable(),
		wishes: yup
			.array()
			.typeError('must be a list of wishes')
			.max(MOST_WISHES, `must be at most ${MOST_WISHES} wishes`),
		form: yup.mixed().test('form', FORM_WANTED, isForm),
		seed: whole(-(2 ** 53) + 1, 2 ** 53 - 1),
		count: whole(1, MOST_FINDS),
		limit: yup
			.object({ milliseconds: whole(1, MAX_MILLISECONDS) })
			.default(undefined)
			.typeError('must be an object')
			.nonNullable('must be an object')
	})
	.typeError(WANTED)
	.required(WANTED);

/** A whole number that may be written as text, as all numbers of the format may. */
function wholeNumber(value: unknown, path: string, from: number, to: number): number {
	const message = `must be a whole number from ${from} to ${to}`;
	try {
		if (typeof value === 'string' || typeof value === 'number') {
			const own = parseRational(String(value));
			const number = Number(own.valueOf());
			if (own.d === 1n && number >= from && number <= to) return number;
		}
	} catch (error) {
		if (!(error instanceof NumberError)) throw error;
	}
	throw new InputError([{ path, message }]);
}

const MOST = 100_000;

function readNumbers(
	raw: Record<string, unknown> | undefined,
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
	const from =
		raw?.from === undefined ? (isOpen ? -9 : 0) : wholeNumber(raw.from, 'numbers.from', -MOST, MOST);
	const to = raw?.to === undefined ? Math.max(9, from) : wholeNumber(raw.to, 'numbers.to', -MOST, MOST);
	const rhs = raw?.rhs === undefined ? 99 : wholeNumber(raw.rhs, 'numbers.rhs', 0, MOST);
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
		collect(issues, () =>
			validate(
				yup
					.object({
						kind: yup.string(),
						not: yup.boolean(),
						...fieldsOf(kindOfWish(kind as WishName).controls ?? [])
					})
					.noUnknown('has a field that this kind of wish does not have'),
				raw,
				path
			)
		);
	});
	if (issues.length) throw new InputError(issues);
	return list as Wish[];
}

/** Wishes that contradict themselves, one another, or the rest of a request. */
export function contradictions(request: DesignRequest): Issue[] {
	return request.wishes.flatMap((wish, i) => {
		// what must not be is hardly ever impossible: the search shows it
		const wanted = { ...request, wishes: request.wishes.filter(({ not }) => !not) };
		const limit = kindOfWish(wish.kind).controls?.some(({ kind }) => kind === 'limit');
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
	validate(schema, data);
	const raw = data as Record<string, unknown> & {
		variables: number;
		constraints: number;
		relations?: DesignRequest['relations'];
		plan?: { point: readonly unknown[]; shall?: 'feasible' | 'best' } | null;
		form?: 'tidy' | 'any' | readonly FormPart[];
		limit?: { milliseconds?: number };
	};
	const { variables, constraints } = raw;
	if (raw.relations && raw.relations.length !== constraints)
		throw new InputError([
			{ path: 'relations', message: `must be ${constraints} relations, one for each constraint` }
		]);
	if (raw.plan && raw.plan.point.length !== variables)
		throw new InputError([
			{ path: 'plan.point', message: `must be ${variables} amounts, one for each variable` }
		]);
	const wishes = readWishes((raw.wishes ?? []) as unknown[]);
	const request: DesignRequest = {
		variables,
		constraints,
		sense: (raw.sense ?? 'max') as DesignRequest['sense'],
		relations: raw.relations ?? null,
		numbers: readNumbers(raw.numbers as Record<string, unknown> | undefined, wishes, raw.relations ?? null),
		plan: raw.plan
			? {
					point: raw.plan.point.map((value, j) => wholeNumber(value, `plan.point[${j}]`, 0, MOST)),
					shall: raw.plan.shall ?? 'feasible'
				}
			: null,
		wishes,
		form: readForm(raw.form),
		seed: (raw.seed ?? 1) as number,
		count: (raw.count ?? 1) as number
	};
	const against = contradictions(request);
	if (against.length) throw new InputError(against);
	return { request, milliseconds: raw.limit?.milliseconds ?? 10_000 };
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
	control: (milliseconds: number) => Control,
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
