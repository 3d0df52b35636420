import { attempt, database, type StoreResult } from './storage';

/** Earlier states of lessons, so that one can go back to this morning. */

/** A state of a lesson as it was at a time. */
export interface Version {
	/** milliseconds since 1970 */
	readonly at: number;
	readonly lesson: unknown;
}

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
/** a version is kept when the last one is at least this old */
export const BETWEEN_VERSIONS = 5 * MINUTE;
const MOST_VERSIONS = 80;

const store = database('mathesis-versions', 'versions');

/**
 * Which versions stay: all of the last two hours, then the last of each hour for a day, then the last of each day.
 * @param versions from the oldest to the newest
 */
export function thinned(versions: readonly Version[], now: number): Version[] {
	const slot = ({ at }: Version) => {
		const age = now - at;
		if (age < 2 * HOUR) return `each ${at}`;
		return age < DAY ? `hour ${Math.floor(at / HOUR)}` : `day ${Math.floor(at / DAY)}`;
	};
	return versions
		.filter((own, i) => i === versions.length - 1 || slot(own) !== slot(versions[i + 1]))
		.slice(-MOST_VERSIONS);
}

export const versionsOf = async (id: string): Promise<readonly Version[]> =>
	(await store.getItem<Version[]>(id)) ?? [];

/**
 * Keeps a state as a version; unless it is asked for, only when the last one is old enough.
 * @returns the time of the last version there is then
 */
export async function addVersion(id: string, version: Version, now: number, asked = false): Promise<number> {
	const known = await versionsOf(id);
	const last = known.at(-1);
	if (last && !asked && now - last.at < BETWEEN_VERSIONS) return last.at;
	await store.setItem(id, thinned([...known, version], now));
	return version.at;
}

/** Keeps a state as a version whenever the last one was; never throws. */
export const keepVersion = (id: string, lesson: unknown, now: number): Promise<StoreResult<number>> =>
	attempt(() => addVersion(id, { at: now, lesson }, now, true), 'kept as a version');

export const removeVersions = (id: string): Promise<void> => store.removeItem(id);
