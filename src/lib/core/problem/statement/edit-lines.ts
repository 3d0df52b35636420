import { ZERO } from '../../number/rational';
import { numbered } from '../names';
import type { Constraint, Variable } from '../types';
import { declaration, nameText, rowLine } from './print';
import { goalOf, rowOf, setTerm } from './edit-row';
import type { Reading } from './reading';
import type { TextEdit } from './text-edit';

/** Edits of a statement that add, take out or move whole lines, or write what is said of a variable. */

/**
 * Says something else of a variable: its unit, bounds or domain. The lines that speak of it are written anew, each line about several
 * variables as one line each; where none speaks of it, one is added at the end.
 */
export function restate(text: string, reading: Reading, next: Variable): TextEdit[] {
	const edits = redeclared(text, reading, next.name, next);
	return edits.length ? edits : [say(text, next)];
}

/**
 * The lines that speak of a variable written anew, each line about several variables as one line each.
 * @param next what is said of it now, in the first of those lines; null to say nothing any more
 */
function redeclared(
	text: string,
	{ problem, declarations }: Reading,
	name: string,
	next: Variable | null
): TextEdit[] {
	const said = new Map(problem?.variables.map((own) => [own.name, own]));
	const about = declarations.filter(({ names }) => names.includes(name));
	return about.map(({ from, to, names }, i) => {
		const lines = names
			.map((other) => (other !== name ? said.get(other)! : i === 0 ? next : null))
			.flatMap((own) => (own ? [declaration(own, true)!] : []));
		return lines.length ? { from, to, insert: lines.join('\n') } : wholeLine(text, from, to);
	});
}

/** Says of a variable what there is to say, in a line of its own at the end. */
export const say = (text: string, variable: Variable): TextEdit => atEnd(text, declaration(variable, true)!);

/** Takes a variable out of every line that speaks of it; lines about several keep the others, comments stay. */
export function withoutSaying(text: string, { declarations, places }: Reading, name: string): TextEdit[] {
	return declarations
		.filter(({ names }) => names.includes(name))
		.flatMap(({ from, to, names }): TextEdit[] => {
			if (names.every((other) => other === name)) return [wholeLine(text, from, to)];
			return places
				.filter((own) => own.kind === 'variable' && own.name === name && own.from >= from && own.to <= to)
				.map((own) => {
					// with its unit and the comma that joins it to the next, or to the one before
					const after = /^\s*(?:\[[^\]\n]*\])?\s*,\s*/.exec(text.slice(own.to, to));
					if (after) return { from: own.from, to: own.to + after[0].length, insert: '' };
					const unit = /^\s*\[[^\]\n]*\]/.exec(text.slice(own.to, to))?.[0] ?? '';
					const before = /,\s*$/.exec(text.slice(from, own.from))?.[0] ?? '';
					return { from: own.from - before.length, to: own.to + unit.length, insert: '' };
				});
		});
}

const atEnd = (text: string, line: string): TextEdit => ({
	from: text.length,
	to: text.length,
	insert: `${text.endsWith('\n') || text === '' ? '' : '\n'}${line}\n`
});

/** The end of the line that a place ends in. */
const lineEnd = (text: string, at: number): number => {
	const end = text.indexOf('\n', at);
	return end < 0 ? text.length : end;
};

/**
 * Takes a stretch out with its line, or from its line where something else stands there.
 * @param withComment whether a comment behind it goes, too
 */
function wholeLine(text: string, from: number, to: number, withComment = false): TextEdit {
	const before = text.lastIndexOf('\n', from - 1);
	const end = lineEnd(text, to);
	const rest = text.slice(to, end);
	const alone =
		!text.slice(before + 1, from).trim() && (withComment ? /^[\s.,;]*(?:#.*)?$/ : /^[\s.,;]*$/).test(rest);
	if (!alone) return { from, to, insert: '' };
	return before < 0
		? { from: 0, to: Math.min(text.length, end + 1), insert: '' }
		: { from: before, to: end, insert: '' };
}

/** A new row, which has a name of its own where it is given none. */
export type NewRow = Omit<Constraint, 'name'> & { readonly name?: string };

/** A new row below the last one. */
export function addRow(text: string, reading: Reading, row: NewRow): { edits: TextEdit[]; name: string } {
	const { problem } = reading;
	if (!problem) return { edits: [], name: '' };
	const taken = new Set(problem.constraints.map(({ name }) => name));
	const name = row.name || numbered('r', problem.constraints.length + 1, taken);
	const last = Math.max(...reading.places.filter(({ kind }) => kind !== 'variable').map(({ to }) => to));
	const at = lineEnd(text, last);
	return { name, edits: [{ from: at, to: at, insert: `\n${rowLine({ ...row, name })}` }] };
}

/** A new variable, declared in a line of its own at the end. */
export function addVariable(text: string, reading: Reading): { edits: TextEdit[]; name: string } {
	const { problem } = reading;
	if (!problem) return { edits: [], name: '' };
	const taken = new Set(problem.variables.map(({ name }) => name));
	const name = numbered('x', problem.variables.length + 1, taken);
	return { name, edits: [atEnd(text, `${name} from 0`)] };
}

/** A variable or constraint gets another name, wherever it is written. */
export function rename(
	reading: Reading,
	kind: 'variable' | 'constraint',
	from: string,
	to: string
): TextEdit[] {
	if (kind === 'constraint') {
		const row = rowOf(reading, from);
		if (!row) return [];
		return [
			row.label
				? { ...row.label, insert: nameText(to) }
				: { from: row.from, to: row.from, insert: `${nameText(to)}: ` }
		];
	}
	const seen = new Set<number>();
	return reading.places.flatMap((own) => {
		if (own.kind !== 'variable' || own.name !== from || seen.has(own.from)) return [];
		seen.add(own.from);
		return [{ from: own.from, to: own.to, insert: nameText(to) }];
	});
}

/** Takes a row out, with its line. */
export function removeRow(text: string, reading: Reading, name: string): TextEdit[] {
	const at = reading.places.find((own) => own.kind === 'constraint' && own.name === name);
	return at ? [wholeLine(text, at.from, at.to, true)] : [];
}

/** Takes a variable out of every row, with what is said of it. */
export function removeVariable(text: string, reading: Reading, name: string): TextEdit[] {
	const { problem } = reading;
	if (!problem) return [];
	// a row may mention it without having it: with the coefficient 0, or where its terms cancel
	const mentions = ({ from, to }: { from: number; to: number }) =>
		reading.places.some(
			(own) => own.kind === 'variable' && own.name === name && own.from >= from && own.to <= to
		);
	const rows = reading.rows.filter((row) => row.kind === 'constraint' && mentions(row));
	return [
		...setTerm(text, reading, null, name, ZERO),
		...rows.flatMap((row) => setTerm(text, reading, row.name, name, ZERO)),
		...redeclared(text, reading, name, null)
	];
}

/**
 * Moves a row one place up or down: it trades lines with its neighbour, each with its comment.
 * @param by −1 for up, 1 for down
 */
export function moveRow(text: string, reading: Reading, name: string, by: 1 | -1): TextEdit[] {
	const rows = reading.places.filter(({ kind }) => kind === 'constraint').sort((a, b) => a.from - b.from);
	const at = rows.findIndex((row) => row.name === name);
	const [first, second] = by < 0 ? [rows[at - 1], rows[at]] : [rows[at], rows[at + 1]];
	if (at < 0 || !first || !second) return [];
	const block = ({ from, to }: { from: number; to: number }) => {
		const begin = text.lastIndexOf('\n', from - 1) + 1;
		return { from: begin, to: lineEnd(text, to) };
	};
	const [a, b] = [block(first), block(second)];
	// rows that share a line trade just their own stretches
	if (a.to > b.from) return trade(text, first, second);
	return trade(text, a, b);
}

const trade = (
	text: string,
	a: { from: number; to: number },
	b: { from: number; to: number }
): TextEdit[] => [
	{ from: a.from, to: a.to, insert: text.slice(b.from, b.to) },
	{ from: b.from, to: b.to, insert: text.slice(a.from, a.to) }
];

/** Puts the variables in another order: the order in which a first line declares them. */
export function orderVariables(text: string, reading: Reading, names: readonly string[]): TextEdit[] {
	if (names.length < 2) return [];
	const first = reading.declarations.find(({ from }) => from < (goalOf(reading)?.from ?? Infinity));
	const bare =
		first &&
		/^[^\n]*$/.test(text.slice(first.from, first.to)) &&
		text
			.slice(first.from, first.to)
			.split(',')
			.every((part) => names.includes(part.trim()));
	const line = names.map(nameText).join(', ');
	if (first && bare) return [{ from: first.from, to: first.to, insert: line }];
	// before anything that mentions a variable
	const at = Math.min(goalOf(reading)?.from ?? 0, ...reading.declarations.map(({ from }) => from));
	return [{ from: at, to: at, insert: `${line}\n` }];
}
