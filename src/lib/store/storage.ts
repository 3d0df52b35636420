/** Calls to the browser's storage: none throws, none hangs, and what goes wrong is said for the reader. */

/** What became of an attempt to keep or fetch something. */
export type StoreResult<T> =
	{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

/** What is asked of a database. */
export interface Store {
	getItem<T>(key: string): Promise<T | null>;
	setItem<T>(key: string, value: T): Promise<T>;
	removeItem(key: string): Promise<void>;
	iterate<T, U>(each: (value: T, key: string) => U): Promise<U>;
	/** all values, in no order */
	all<T>(): Promise<T[]>;
}

/**
 * A database with one store. Each kind of thing has a database of its own: a store added to one that another tab has open would close it
 * there, in the middle of what it is doing.
 */
export function database(name: string, storeName: string): Store {
	let opened: Promise<LocalForage> | null = null;
	// the library comes with the first call: the page is there before what it kept
	const open = () =>
		(opened ??= import('localforage').then(({ default: forage }) =>
			// what cannot be kept there is kept nowhere else: a second place would be in no list once the first is back
			forage.createInstance({ name, storeName, driver: forage.INDEXEDDB })
		));
	/** A database that could not be opened is opened anew by the next call. */
	const call = async <T>(work: (store: LocalForage) => Promise<T>): Promise<T> => {
		try {
			return await work(await open());
		} catch (error) {
			opened = null;
			throw error;
		}
	};
	return {
		getItem: (key) => call((store) => store.getItem(key)),
		setItem: (key, value) => call((store) => store.setItem(key, value)),
		removeItem: (key) => call((store) => store.removeItem(key)),
		iterate: (each) => call((store) => store.iterate(each)),
		all: <T>() =>
			call(async (store) => {
				await store.ready();
				if (typeof indexedDB !== 'undefined') return everything<T>(name, storeName);
				const list: T[] = [];
				await store.iterate<T, void>((value) => void list.push(value));
				return list;
			})
	};
}

/** Everything in a store by one request: the library walks entry by entry, which takes a turn of the browser for each. */
function everything<T>(name: string, storeName: string): Promise<T[]> {
	return new Promise((resolve, reject) => {
		const opening = indexedDB.open(name);
		opening.onerror = () => reject(opening.error);
		opening.onsuccess = () => {
			const all = opening.result.transaction(storeName).objectStore(storeName).getAll();
			all.onerror = () => reject(all.error);
			all.onsuccess = () => {
				opening.result.close();
				resolve(all.result as T[]);
			};
		};
	});
}

function explain(error: unknown, doing: string): string {
	const name = error instanceof Error ? error.name : '';
	const text = error instanceof Error ? error.message : String(error);
	if (name === 'QuotaExceededError' || /quota/i.test(text))
		return `The browser’s storage is full, so the lesson could not be ${doing}. The work stays here while this page is open; free some space to keep it.`;
	return `The browser does not let this page store anything, so the lesson could not be ${doing}. The work stays here while this page is open.`;
}

/** milliseconds after which the browser's storage is slow */
export const SLOW = 4_000;

/** A storage call that hangs (it happens in blocked profiles) counts as refused. */
function withinTime<T>(work: Promise<T>, milliseconds: number): Promise<T> {
	return new Promise((resolve, reject) => {
		const timer = setTimeout(() => reject(new Error('no answer from storage')), milliseconds);
		work.then(resolve, reject).finally(() => clearTimeout(timer));
	});
}

/**
 * Makes an attempt.
 * @param doing what is done with the lesson, for the message: `saved`, `read`
 * @param milliseconds after which it counts as refused; null for what would go on all the same, as writing does: it is waited for
 */
export async function attempt<T>(
	work: () => Promise<T>,
	doing: string,
	milliseconds: number | null = SLOW
): Promise<StoreResult<T>> {
	try {
		const value = await (milliseconds === null ? work() : withinTime(work(), milliseconds));
		return { ok: true, value };
	} catch (error) {
		return { ok: false, message: explain(error, doing) };
	}
}

/** One at a time among all tabs, where the browser has a way to ask for that. */
export const alone = <T>(work: () => Promise<T>): Promise<T> =>
	typeof navigator !== 'undefined' && navigator.locks
		? (navigator.locks.request('mathesis-lessons', work) as Promise<T>)
		: work();
