import type { Column } from '../form/types';
import { primed } from '../problem/names';
import type { Problem } from '../problem/types';
import type { Notation } from './notation';

/** What columns are called: as the notation has it, and never as something else of the problem is called. */

/** The letter after a letter, so many places on, z followed by a; null where that is no single letter, or all have been used. */
function letterAfter(letter: string, places: number): string | null {
	const first = letter === letter.toUpperCase() ? 65 : 97;
	const code = letter.charCodeAt(0) - first;
	if (letter.length > 1 || code < 0 || code >= 26 || places >= 26) return null;
	return String.fromCharCode(first + ((code + places) % 26));
}

/** The first free name of a family: its letter with numbers from one on. */
function numberedFrom(letter: string, number: number, isTaken: (name: string) => boolean): string {
	while (isTaken(`${letter}${number}`)) number += 1;
	return `${letter}${number}`;
}

/** The first free one of the letters from one on, then of the letter with numbers. */
function letterFrom(letter: string, place: number, isTaken: (name: string) => boolean): string {
	for (let at = place; ; at++) {
		const name = letterAfter(letter, at);
		if (name === null) return numberedFrom(letter, place + 1, isTaken);
		if (!isTaken(name)) return name;
	}
}

/** What a column is called where nobody else has that name. */
function wanted(notation: Notation, column: Column, isTaken: (name: string) => boolean): string {
	const { kind, name, order } = column;
	if (kind === 'structural') return name === column.owner.name ? name : primed(name, { has: isTaken });
	// the place of a missing basic variable is called as the artificial variable that it may become
	const letter = notation[kind === 'vacant' ? 'artificial' : kind];
	if (notation.index === 'running' && order !== undefined) return numberedFrom(letter, order, isTaken);
	// a cut's slack is told from those of the constraints
	const number = column.owner.kind === 'cut' ? undefined : /\d+/.exec(name)?.[0];
	if (number === undefined) return primed(name, { has: isTaken });
	if (notation.index === 'letters' && (kind === 'slack' || kind === 'surplus'))
		return letterFrom(letter, Number(number) - 1, isTaken);
	return primed(name.replace(/^[a-z]+/, letter), { has: isTaken });
}

const known = new WeakMap<Notation, WeakMap<Column, string>>();

/**
 * What a column is called in a notation. Names are given in the columns' order, each from what is still free: the author's names come first, then the
 * objective's and that of phase one's sum.
 */
export function columnName(notation: Notation, column: Column): string {
	let names = known.get(notation);
	if (!names) known.set(notation, (names = new WeakMap()));
	const given = names.get(column);
	if (given !== undefined) return given;
	const chain: Column[] = [];
	for (let at: Column | null = column; at; at = at.after?.column ?? null) chain.push(at);
	const taken = new Set<string>();
	for (const own of chain.reverse()) {
		const isTaken = (other: string) =>
			taken.has(other) || other === notation.infeasibility || !!own.after?.author.has(other);
		const name = names.get(own) ?? wanted(notation, own, isTaken);
		names.set(own, name);
		taken.add(name);
	}
	return names.get(column)!;
}

/** The columns that a notation would call otherwise, were those names not taken. */
export const steppedAside = (notation: Notation, columns: readonly Column[]): Column[] =>
	columns.filter(
		(column) =>
			column.kind !== 'structural' &&
			column.kind !== 'vacant' &&
			columnName(notation, column) !== wanted(notation, column, () => false)
	);

/**
 * The notation with another name for phase one's sum where the author has that name, or slacks as letters in a row come to it; the same notation where
 * all is well.
 */
export function fitted(notation: Notation, { variables, objective, constraints }: Problem): Notation {
	const taken = new Set([...variables, objective].map(({ name }) => name));
	const rows = constraints.length + variables.filter(({ lower, upper }) => lower && upper).length;
	if (notation.index === 'letters')
		for (const letter of [notation.slack, notation.surplus])
			for (let place = 0; place < rows; place++)
				taken.add(letterFrom(letter, place, (name) => taken.has(name)));
	const infeasibility = primed(notation.infeasibility, taken);
	return infeasibility === notation.infeasibility ? notation : { ...notation, infeasibility };
}
