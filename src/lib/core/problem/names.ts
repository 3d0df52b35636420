/** Names that are not in use yet. */

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
