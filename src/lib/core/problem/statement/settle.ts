import { sameProblem, sameVariable, type Constraint, type Problem } from '../types';
import { orderVariables, say, withoutSaying } from './edit-lines';
import { nameText, printStatement } from './print';
import { readStatement } from './read';
import { type Reading } from './reading';
import { rowNames } from './rows';
import { applyEdits, type TextEdit } from './text-edit';

/** Edits that are read back: what a small edit says beside what it shall say is put right before it is made. */

/** Constraints by the names that they get when they are read: those without a label are called by their places. */
export function namedAsRead(reading: Reading, constraints: readonly Constraint[]): Constraint[] {
	const isLabelled = ({ name }: Constraint) =>
		reading.rows.some((row) => row.kind === 'constraint' && row.name === name && row.label !== null);
	const names = rowNames(constraints.map((row) => (isLabelled(row) ? row.name : null)));
	return constraints.map((row, i) => ({ ...row, name: names[i] }));
}

/** Names rows that would be read as a sign or bound of their variable: `x ≤ 0` is one, `r1: x ≤ 0` is a row. */
function labelled(reading: Reading, edits: readonly TextEdit[], wanted: Problem): TextEdit[] {
	const rows = wanted.constraints.filter(({ terms }) => terms.size <= 1);
	const labels = reading.rows.flatMap(({ kind, name, label, from }) =>
		kind === 'constraint' && label === null && rows.some((row) => row.name === name)
			? [{ from, label: `${nameText(name)}: ` }]
			: []
	);
	const isReplaced = (from: number) => edits.some((edit) => edit.from === from && edit.to > from);
	return [
		...edits.map((edit) => {
			const own = labels.find(({ from }) => from === edit.from && edit.to > from);
			return own ? { ...edit, insert: own.label + edit.insert } : edit;
		}),
		...labels.flatMap(({ from, label }) => (isReplaced(from) ? [] : [{ from, to: from, insert: label }]))
	];
}

/** Says of each variable what is wanted, in a line of its own, where the text says something else. */
function restated(text: string, wanted: Problem): string {
	let now = text;
	let reading = readStatement(now);
	for (const variable of wanted.variables) {
		const own = reading.problem?.variables.find(({ name }) => name === variable.name);
		if (!reading.problem || (own && sameVariable(own, variable))) continue;
		const bare = applyEdits(now, withoutSaying(now, reading, variable.name));
		now = applyEdits(bare, [say(bare, variable)]);
		reading = readStatement(now);
	}
	return now;
}

/** Puts the variables in the order that is wanted, where the text mentions them in another. */
function ordered(text: string, wanted: Problem): string {
	const reading = readStatement(text);
	const names = wanted.variables.map(({ name }) => name);
	return applyEdits(text, orderVariables(text, reading, names));
}

/** What makes one text of another, as one edit. */
function difference(before: string, after: string): TextEdit[] {
	if (before === after) return [];
	let from = 0;
	while (from < before.length && before[from] === after[from]) from += 1;
	let end = 0;
	const most = Math.min(before.length, after.length) - from;
	while (end < most && before.at(-1 - end) === after.at(-1 - end)) end += 1;
	return [{ from, to: before.length - end, insert: after.slice(from, after.length - end) }];
}

/**
 * Edits that give the problem that is wanted, and nothing else: where the text after small edits reads otherwise, rows are named, variables said and put
 * in order; where even that does not help, the statement is printed anew.
 * @param edits small edits of a text
 * @param wanted the problem that shall be read afterwards
 */
export function settled(
	text: string,
	reading: Reading,
	edits: readonly TextEdit[],
	wanted: Problem | null
): TextEdit[] {
	if (!wanted) return [...edits];
	const isRight = (now: string) => {
		const { problem } = readStatement(now);
		return problem !== null && sameProblem(problem, wanted);
	};
	const first = applyEdits(text, edits);
	if (isRight(first)) return [...edits];
	const repairs = [
		(): string => applyEdits(text, labelled(reading, edits, wanted)),
		(now: string) => restated(now, wanted),
		(now: string) => ordered(now, wanted)
	];
	let now = first;
	for (const repair of repairs) {
		now = repair(now);
		if (isRight(now)) return difference(text, now);
	}
	return difference(text, printStatement(wanted));
}
