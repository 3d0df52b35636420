import Fraction from 'fraction.js';

const isPlain = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

const keyOf = (value: unknown): unknown => (isPlain(value) ? value.key : undefined);

/** The part of the old list that belongs to a part of the new one: that of the same key, else that of the same place. */
function partner(before: readonly unknown[], part: unknown, place: number): unknown {
	const key = keyOf(part);
	if (key === undefined || keyOf(before[place]) === key) return before[place];
	return before.find((old) => keyOf(old) === key);
}

/**
 * What was shown before, wherever the new value says the same, down to its smallest parts: a view compares parts by identity,
 * so what stays is not drawn again.
 * @param before the value shown so far, of any shape
 * @param now plain objects, lists, maps with primitive keys, rationals and primitive values, without cycles; left as it is. Parts of lists that have a
 *   `key` are compared with the old part of that key
 * @returns a value equal to `now`, with every equal part taken from `before`
 */
export function keepSame<T>(before: unknown, now: T): T {
	if (Object.is(before, now) || typeof now !== 'object' || now === null) return now;
	if (now instanceof Fraction)
		return before instanceof Fraction && before.equals(now) ? (before as unknown as T) : now;
	if (Array.isArray(now)) return Array.isArray(before) ? (keepList(before, now) as T) : now;
	if (now instanceof Map) return before instanceof Map ? (keepEntries(before, now) as T) : now;
	return isPlain(now) && isPlain(before) ? (keepFields(before, now) as T) : now;
}

/** Remembers what was shown last, and carries its parts over to what is shown next (see `keepSame`). */
export function keeper<T>(): (now: T) => T {
	let last: T | undefined;
	return (now) => (last = keepSame(last, now));
}

// both make a new one only from the first part on that differs: most of what is shown stays

function keepList(before: readonly unknown[], now: readonly unknown[]): readonly unknown[] {
	let parts: unknown[] | null = before.length === now.length ? null : [];
	for (let i = 0; i < now.length; i++) {
		const kept = keepSame(partner(before, now[i], i), now[i]);
		if (!parts && !Object.is(kept, before[i])) parts = before.slice(0, i);
		parts?.push(kept);
	}
	return parts ?? before;
}

/** Maps are the same in the same order only: terms are shown in theirs. */
function keepEntries(before: ReadonlyMap<unknown, unknown>, now: ReadonlyMap<unknown, unknown>) {
	const old = [...before];
	const entries = keepList(old, [...now]);
	return entries === old ? before : new Map(entries as [unknown, unknown][]);
}

type Fields = Record<string, unknown>;

function keepFields(before: Fields, now: Fields): Fields {
	let parts: Fields | null = null;
	let more = 0;
	for (const name in before) if (!(name in now)) more += 1;
	for (const name in now) {
		const kept = keepSame(before[name], now[name]);
		if (!parts && (more > 0 || !Object.is(kept, before[name]) || !(name in before)))
			parts = upTo(name, now, before);
		if (parts) parts[name] = kept;
	}
	return parts ?? (more > 0 ? now : before);
}

/** The old values of the fields that come before a name. */
function upTo(name: string, now: Fields, before: Fields): Fields {
	const parts: Fields = {};
	for (const done in now) {
		if (done === name) break;
		parts[done] = before[done];
	}
	return parts;
}
