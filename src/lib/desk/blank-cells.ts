import { ZERO } from '$lib/core/number/rational';
import { numbered } from '$lib/core/problem/names';
import type { NewRow } from '$lib/core/problem/statement/edit-lines';
import { removeRow } from '$lib/core/problem/statement/edits';
import type { Reading } from '$lib/core/problem/statement/reading';
import { readStatement } from '$lib/core/problem/statement/read';
import { applyEdits } from '$lib/core/problem/statement/text-edit';
import { sameProblem, type Problem } from '$lib/core/problem/types';

/** The cells of a table that nobody has filled in, by their keys: names that stand for themselves, and amounts. */
export type BlankCells = ReadonlySet<string>;

/** a line that says of a variable only that there is one */
const PLAIN = /^\S+ from 0$/;

/** An empty table before it has activities and resources. */
export const NOTHING = { text: 'max z = 0', blank: new Set(['goal|']) as BlankCells };

export const NO_BLANKS: BlankCells = new Set();

/** A resource with nothing in it. */
export const EMPTY_ROW: NewRow = { terms: new Map(), relation: '<=', rhs: ZERO };

/** The cells with and without one of them. */
export const withCell = (blank: BlankCells, cell: string): BlankCells => new Set([...blank, cell]);
export const withoutCell = (blank: BlankCells, cell: string): BlankCells =>
	new Set([...blank].filter((own) => own !== cell));

/** A name that no variable or constraint has. */
export function freeName({ variables, constraints }: Problem, kind: 'variable' | 'constraint'): string {
	const all = kind === 'variable' ? variables : constraints;
	return numbered(kind === 'variable' ? 'x' : 'r', all.length + 1, new Set(all.map(({ name }) => name)));
}

/** Which of some cells are still blank after a change: those whose names are there; a resource that got its name has no more of an amount than before. */
export function stillBlank(cells: Iterable<string>, before: Problem, now: Problem): BlankCells {
	const names = {
		variable: new Set(now.variables.map(({ name }) => name)),
		row: new Set(now.constraints.map(({ name }) => name))
	};
	const at = before.constraints.findIndex(({ name }, i) => name !== now.constraints[i]?.name);
	const old = before.constraints[at]?.name;
	const isRenamed = at >= 0 && before.constraints.length === now.constraints.length && !names.row.has(old!);
	const kept = [...cells].flatMap((cell) => {
		const [kind, name] = cell.split('|');
		if (kind === 'goal') return now.objective.name === before.objective.name ? [cell] : [];
		if (kind === 'variable') return names.variable.has(name) ? [cell] : [];
		if (names.row.has(name)) return [cell];
		return isRenamed && kind === 'rhs' && name === old ? [`rhs|${now.constraints[at].name}`] : [];
	});
	return new Set(kept);
}

/** Whether nobody has filled anything in. */
export const isUntouched = ({ variables, objective, constraints }: Problem, blank: BlankCells): boolean =>
	blank.has('goal|') &&
	objective.terms.size === 0 &&
	objective.sense === 'max' &&
	variables.every(({ name }) => blank.has(`variable|${name}`)) &&
	constraints.every(({ name }) => blank.has(`row|${name}`) && blank.has(`rhs|${name}`));

/** A table's text without the resources that have no amount. */
export const filledIn = (text: string, reading: Reading, blank: BlankCells): string =>
	(reading.problem?.constraints ?? [])
		.filter(({ name }) => blank.has(`rhs|${name}`))
		.reduce((now, { name }) => {
			const read = now === text ? reading : readStatement(now);
			return applyEdits(now, removeRow(now, read, name));
		}, text);

/** The same statement without lines that say of a variable only that there is one, where the others say that. */
export function shortened(text: string): string {
	const lines = text.split('\n').filter((line) => !PLAIN.test(line));
	const short = lines.join('\n').trim();
	const [all, less] = [text, short].map((own) => readStatement(own).problem);
	return all && less && sameProblem(all, less) ? short : text.trim();
}
