import { alone, attempt, database, type StoreResult } from './storage';
import { addVersion, BETWEEN_VERSIONS, removeVersions } from './versions';

/** The lessons kept in this browser: each under an id, and a list of what they are, so that a large collection opens at once. */

/** A lesson as it is stored; the lesson itself is unchecked. */
export interface KeptLesson {
	readonly id: string;
	/** changes with every save, so that a tab can tell whether another has saved since */
	readonly revision: string;
	/** milliseconds since 1970 */
	readonly edited: number;
	/** the time of the last version, so that a save need not read them all; left out where it is not known */
	readonly versioned?: number;
	readonly lesson: unknown;
}

/** What the list of lessons shows of one, and finds it by. */
export interface LessonSummary {
	readonly id: string;
	readonly title: string;
	readonly tags: readonly string[];
	readonly edited: number;
	/** `2 variables, 3 constraints` */
	readonly size: string;
	/** its words in small letters, for the search */
	readonly words: string;
}

/** A lesson that was removed, and when. */
interface Gone extends KeptLesson {
	readonly summary: LessonSummary;
	readonly removed: number;
}

/** what became of a save: kept, or another tab has saved another state since */
export type Saved = { readonly kept: KeptLesson } | { readonly other: KeptLesson };

/** under which the whole list stood before each of its entries had a key of its own */
const FIRST_LIST = 'index';
/** where the only lesson stood before there was a collection */
const FIRST_KEY = 'open-lesson';
const DAYS_KEPT = 30;

const lessons = database('mathesis', 'lessons');
const lists = database('mathesis-lists', 'lists');
const removedLessons = database('mathesis-removed', 'removed');
const damaged = database('mathesis-damaged', 'damaged');

/** An id or revision that no other has. */
export const freshId = (): string => {
	const bytes = crypto.getRandomValues(new Uint8Array(12));
	return [...bytes].map((byte) => byte.toString(36).padStart(2, '0')).join('');
};

/** The list, each entry kept under its lesson's id; one that was kept as a whole is taken apart. */
async function index(): Promise<readonly LessonSummary[]> {
	const whole = await lists.getItem<LessonSummary[]>(FIRST_LIST);
	if (whole) {
		for (const summary of whole)
			if (!(await lists.getItem(summary.id))) await lists.setItem(summary.id, summary);
		await lists.removeItem(FIRST_LIST);
	}
	return lists.all<LessonSummary>();
}

/** What is in the collection, last edited first; never throws. */
export const fetchIndex = (): Promise<StoreResult<readonly LessonSummary[]>> =>
	attempt(async () => [...(await index())].sort((a, b) => b.edited - a.edited), 'listed');

/** A lesson of the collection, unchecked, or null; never throws. */
export const fetchLesson = (id: string): Promise<StoreResult<KeptLesson | null>> =>
	attempt(() => lessons.getItem<KeptLesson>(id), 'read');

/** The lesson that an earlier version of the application kept as its only one, once. */
export const takeFirst = (): Promise<StoreResult<unknown>> =>
	attempt(async () => {
		const first = await lessons.getItem(FIRST_KEY);
		if (first !== null) await lessons.removeItem(FIRST_KEY);
		return first;
	}, 'read');

/** Keeps the state before a save as a version, where the last one is old enough; gives the time of the last one there is then. */
function versionBefore({ id, edited, versioned, lesson }: KeptLesson, now: number): Promise<number> | number {
	if (versioned !== undefined && now - versioned < BETWEEN_VERSIONS) return versioned;
	return addVersion(id, { at: edited, lesson }, now);
}

/**
 * Keeps a lesson, and from time to time the state before as a version; never throws, and answers when the store does.
 * @param isKnown whether a revision is one that this tab has seen or sent. Where the store has another, nothing is written.
 * @param revision what this state is known by from now on
 */
export const keepLesson = (
	lesson: unknown,
	summary: LessonSummary,
	isKnown: (revision: string) => boolean,
	revision = freshId()
): Promise<StoreResult<Saved>> =>
	attempt(
		() =>
			alone(async (): Promise<Saved> => {
				const before = await lessons.getItem<KeptLesson>(summary.id);
				if (before && !isKnown(before.revision)) return { other: before };
				const kept = {
					id: summary.id,
					revision,
					edited: summary.edited,
					...(before ? { versioned: await versionBefore(before, summary.edited) } : {}),
					lesson
				};
				await lessons.setItem(summary.id, kept);
				await lists.setItem(summary.id, summary);
				return { kept };
			}),
		'saved',
		null
	);

/** Keeps many lessons that come from a file, all or none in the list; never throws. */
export const keepMany = (
	all: readonly { lesson: unknown; summary: LessonSummary }[]
): Promise<StoreResult<number>> =>
	attempt(
		() =>
			alone(async () => {
				for (const { lesson, summary } of all)
					await lessons.setItem(summary.id, {
						id: summary.id,
						revision: freshId(),
						edited: summary.edited,
						lesson
					});
				for (const { summary } of all) await lists.setItem(summary.id, summary);
				return all.length;
			}),
		'saved',
		60_000
	);

/** Takes a lesson out of the collection; it can be put back for thirty days; never throws. */
export const removeLesson = (id: string, now: number): Promise<StoreResult<null>> =>
	attempt(
		() =>
			alone(async () => {
				const summary = (await index()).find((own) => own.id === id);
				const kept = await lessons.getItem<KeptLesson>(id);
				if (kept && summary)
					await removedLessons.setItem(id, { ...kept, summary, removed: now } satisfies Gone);
				await lists.removeItem(id);
				await lessons.removeItem(id);
				const old: string[] = [];
				await removedLessons.iterate<Gone, void>(({ removed }, key) => {
					if (now - removed > DAYS_KEPT * 86_400_000) old.push(key);
				});
				for (const key of old) await Promise.all([removedLessons.removeItem(key), removeVersions(key)]);
				return null;
			}),
		'removed'
	);

/** Puts a removed lesson back; false where it is gone for good; never throws. */
export const restoreLesson = (id: string): Promise<StoreResult<boolean>> =>
	attempt(
		() =>
			alone(async () => {
				const gone = await removedLessons.getItem<Gone>(id);
				if (!gone) return false;
				const { summary, removed: _, ...kept } = gone;
				await lessons.setItem(id, kept);
				await lists.setItem(summary.id, summary);
				await removedLessons.removeItem(id);
				return true;
			}),
		'put back'
	);

/** Every lesson of the collection, unchecked; never throws. */
export const fetchAll = (): Promise<StoreResult<readonly KeptLesson[]>> =>
	attempt(
		async () => {
			const all: KeptLesson[] = [];
			await lessons.iterate<KeptLesson, void>((kept, key) => {
				if (key !== FIRST_KEY) all.push(kept);
			});
			return all.sort((a, b) => b.edited - a.edited);
		},
		'read',
		30_000
	);

/** Puts a lesson that cannot be read aside, so that saving does not overwrite it; never throws. */
export const setAside = (data: unknown): Promise<StoreResult<unknown>> =>
	attempt(() => damaged.setItem(freshId(), data), 'set aside');
