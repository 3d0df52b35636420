import localforage from 'localforage';

/** What became of an attempt to keep or fetch something. */
export type StoreResult<T> =
	{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

const OPEN = 'open-lesson';
const SET_ASIDE = 'damaged-lesson';

const store = localforage.createInstance({ name: 'mathesis', storeName: 'lessons' });

function explain(error: unknown, doing: string): string {
	const name = error instanceof Error ? error.name : '';
	const text = error instanceof Error ? error.message : String(error);
	if (name === 'QuotaExceededError' || /quota/i.test(text))
		return `The browser’s storage is full, so the lesson could not be ${doing}. The work stays here while this page is open; free some space to keep it.`;
	return `The browser does not let this page store anything, so the lesson could not be ${doing}. The work stays here while this page is open.`;
}

/** A storage call that hangs (it happens in blocked profiles) counts as refused. */
function withinTime<T>(work: Promise<T>, milliseconds = 4000): Promise<T> {
	return new Promise((resolve, reject) => {
		const timer = setTimeout(() => reject(new Error('no answer from storage')), milliseconds);
		work.then(resolve, reject).finally(() => clearTimeout(timer));
	});
}

async function attempt<T>(work: () => Promise<T>, doing: string): Promise<StoreResult<T>> {
	try {
		return { ok: true, value: await withinTime(work()) };
	} catch (error) {
		return { ok: false, message: explain(error, doing) };
	}
}

/** Keeps the open lesson; never throws. */
export const keepLesson = (lesson: unknown): Promise<StoreResult<unknown>> =>
	attempt(() => store.setItem(OPEN, lesson), 'saved');

/** The open lesson as it was kept (unchecked), or null; never throws. */
export const fetchLesson = (): Promise<StoreResult<unknown>> => attempt(() => store.getItem(OPEN), 'read');

/** Puts a lesson that cannot be read aside, so that saving does not overwrite it; never throws. */
export const setAside = (data: unknown): Promise<StoreResult<unknown>> =>
	attempt(() => store.setItem(SET_ASIDE, data), 'set aside');
