import { count, list, record, text, type Of } from './shape';
import type { Keys } from './keys';
import { sameConstraint, type Constraint, type Problem } from './types';
import { primed } from './names';

/** names that are remembered, of each sort */
const MAX_LASTING = 500;

/** A name with the key that stays when it changes, and which of the looks is its own. */
const LASTING = record({ key: text(80), name: text(40), look: count });
export type Lasting = Of<typeof LASTING>;
const lasting = list(LASTING, MAX_LASTING);

/** Who is who in a problem that is edited; those that are gone are remembered, in case they come back. */
export const BOOK = record({ variables: lasting, constraints: lasting, gone: lasting });
export type LastingBook = Of<typeof BOOK>;

export const EMPTY_BOOK: LastingBook = { variables: [], constraints: [], gone: [] };

/** so many that are gone are remembered */
const MOST_GONE = 100;

const sameContent = (a: Constraint, b: Constraint): boolean => sameConstraint({ ...a, name: b.name }, b);

/** The first number that is not taken. */
function firstFree(taken: ReadonlySet<number>): number {
	let look = 0;
	while (taken.has(look)) look += 1;
	return look;
}

/** Which old constraint each new one is: the same name and content, else the same content, else the same name. */
function matchConstraints(old: readonly Constraint[], now: readonly Constraint[]): (number | null)[] {
	const match: (number | null)[] = now.map(() => null);
	const free = new Set(old.keys());
	const pass = (same: (a: Constraint, b: Constraint) => boolean) =>
		now.forEach((row, i) => {
			if (match[i] !== null) return;
			for (const k of free)
				if (same(old[k], row)) {
					match[i] = k;
					free.delete(k);
					return;
				}
		});
	pass(sameConstraint);
	pass(sameContent);
	pass((a, b) => a.name === b.name);
	return match;
}

/** Which old variable each new one is: the same name; else, where all others are still in their places, the one in its place. */
function matchVariables(old: readonly Lasting[], now: readonly { name: string }[]): (Lasting | null)[] {
	const byName = new Map(old.map((own) => [own.name, own]));
	const names = new Set(now.map(({ name }) => name));
	const inPlace = old.length === now.length;
	return now.map(({ name }, i) => byName.get(name) ?? (inPlace && !names.has(old[i].name) ? old[i] : null));
}

/**
 * Follows an edit: who stays who, who is new, who is gone.
 * @param before the problem that the book belongs to; null where there was none
 */
export function follow(book: LastingBook, before: Problem | null, now: Problem): LastingBook {
	const byName = new Map(book.constraints.map((own) => [own.name, own]));
	const old = (before ?? now).constraints.filter(({ name }) => byName.has(name));
	const match = matchConstraints(old, now.constraints);
	const found = now.constraints.map((row, i): Lasting | null => {
		const k = match[i];
		return k === null ? null : { ...byName.get(old[k].name)!, name: row.name };
	});
	const looks = new Set(found.flatMap((own) => (own ? [own.look] : [])));
	const gone = new Map(book.gone.map((own) => [own.name, own]));
	const taken = new Set([...book.constraints, ...book.gone].map(({ key }) => key));
	const constraints = now.constraints.map(({ name }, i): Lasting => {
		const own = found[i];
		if (own) return own;
		const again = gone.get(name);
		const key = again?.key ?? primed(name, taken);
		const look = again && !looks.has(again.look) ? again.look : firstFree(looks);
		looks.add(look);
		taken.add(key);
		return { key, name, look };
	});
	const present = new Set(constraints.map(({ key }) => key));
	const variables = matchVariables(book.variables, now.variables);
	const variableKeys = new Set(variables.flatMap((own) => (own ? [own.key] : [])));
	return {
		constraints,
		variables: now.variables.map(({ name }, look): Lasting => {
			const own = variables[look];
			if (own) return { ...own, name };
			const key = primed(name, variableKeys);
			variableKeys.add(key);
			return { key, name, look };
		}),
		gone: [...book.constraints, ...book.gone].filter(({ key }) => !present.has(key)).slice(0, MOST_GONE)
	};
}

/** The keys that a form makes its columns' ids from. */
export const keysOf = (book: LastingBook): Keys => ({
	variables: new Map(book.variables.map(({ name, key }) => [name, key])),
	constraints: new Map(book.constraints.map(({ name, key }) => [name, key]))
});
