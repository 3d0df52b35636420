/** Names: made of several words, and those that are not in use yet. */

/** Several words as one name: low fat is low_fat, t-shirts t_shirts; at most 40 characters. */
export const asName = (text: string): string =>
	text
		.trim()
		.normalize('NFC')
		.replace(/^"|"$/g, '')
		.replace(/[^\p{L}\p{M}\p{Nd}_']+/gu, '_')
		.replace(/^[^\p{L}]+|_+$/gu, '')
		.slice(0, 40);

/** The name itself where it is free, else with as many primes as it takes. */
export function primed(name: string, taken: { has(name: string): boolean }): string {
	let free = name;
	while (taken.has(free)) free += "'";
	return free;
}

/** The prefix with the first number from `from` on that is free. */
export function numbered(prefix: string, from: number, taken: { has(name: string): boolean }): string {
	let number = from;
	while (taken.has(`${prefix}${number}`)) number += 1;
	return `${prefix}${number}`;
}

/** How several of what a name is one of can be called: bowl, bowls; box, boxes; lorry, lorries. None of a name that is no word. */
export const pluralsOf = (name: string): string[] =>
	/^\p{L}{3,}$/u.test(name)
		? [`${name}s`, `${name}es`, ...(name.endsWith('y') ? [`${name.slice(0, -1)}ies`] : [])]
		: [];

/** The other way to write a name with an index: `x1` for `x_1`; null for any other name. */
export const withPlainIndex = (name: string): string | null =>
	/^\p{L}+_\d+$/u.test(name) ? name.replace('_', '') : null;
