import { en } from '$lib/core/language';
import { type Rational, takeApart, toText, ZERO } from '$lib/core/number';
import { rhsFor, rowsAt } from '$lib/core/design';
import { meantBy } from '$lib/core/spreadsheet';
import {
	readCell,
	renameGoal,
	setCoefficient,
	setCost,
	setRhs,
	setUnit,
	setVariable,
	type Domain,
	type Plan,
	type Relation,
	type Variable
} from '$lib/core/problem';
import { nameTyped, renameEverywhere } from '$lib/desk/renaming';
import type { TableText } from '$lib/desk/table-text';

/**
 * The cells of the technology table: what each holds, as `kind|row|variable`. Kinds are `variable`, `row`, `goal` (the objective's name), `unit` (of a row; of the objective
 * without one), `unit-of` (of a variable), `cost`, `use`, `rhs`, `lower`, `upper` and `domain`; around a plan also `amount` (of a variable) and `left`
 * (of a row).
 */

/** A plan that a problem is made around: its amounts, and how one is set. */
export interface Around {
	readonly plan: Plan;
	set(name: string, value: Rational): void;
}

/** the relation that a row gets when its sign is pressed */
export const NEXT: Record<Relation, Relation> = { '<=': '>=', '>=': '=', '=': '<=' };
export const WORDS: Record<Relation, string> = { '<=': en`at most`, '>=': en`at least`, '=': en`exactly` };

/** the domain that a variable gets when its word is pressed */
export const NEXT_DOMAIN: Record<Domain, Domain> = {
	continuous: 'integer',
	integer: 'binary',
	binary: 'continuous'
};
export const DOMAIN_WORDS: Record<Domain, string> = {
	continuous: en`any part`,
	integer: en`whole`,
	binary: en`0 or 1`
};

/** the two ways to turn max and min: with the same coefficients, or with their signs turned */
export const SENSES = [
	{ key: 'same', value: false },
	{ key: 'negated', value: true }
];

/** The cells of a block as spreadsheets copy it: tabs between cells, a line for each row. */
export const tabbedCells = (text: string): string[][] =>
	text
		.replace(/\r/g, '')
		.trimEnd()
		.split('\n')
		.map((line) => line.split('\t'));

/** Whether a cell holds a coefficient or an amount. */
export const isNumberCell = (cell: string): boolean => /^(?:cost|use|rhs|amount|left)\|/.test(cell);

const isNameCell = (cell: string): boolean => /^(?:row|variable|goal)\|/.test(cell);

/**
 * Puts a block of cells into the statement, all of them or none. Names come last: until then the cells are known by the old ones.
 * @returns the first cell that cannot be taken, and why; null where all were
 */
export function changeBlock(
	lesson: TableText,
	block: readonly { readonly cell: string; readonly typed: string }[],
	around?: Around
): { cell: string; why: string } | null {
	const before = lesson.text;
	const numbers = block.filter(({ cell }) => !isNameCell(cell));
	const names = block.filter(({ cell }) => isNameCell(cell));
	return lesson.asOne(() => {
		for (const { cell, typed } of [...numbers, ...names]) {
			const why = changeCell(lesson, cell, typed, undefined, around);
			if (why === null) continue;
			lesson.write(before);
			return { cell, why };
		}
		return null;
	});
}

const DECIMAL = /^-?\d*\.\d+$/;

/**
 * A number as its cell shows it: a decimal where the statement has one, or where decimals are chosen and it is one exactly; else a fraction.
 * @param row a constraint; null for the objective
 * @param part a variable, or the amount
 */
export function cellNumber(
	{ text, reading, notation }: TableText,
	row: string | null,
	part: string | 'amount',
	value: Rational
): string {
	const source = reading.rows.find((own) =>
		row === null ? own.kind === 'objective' : own.kind === 'constraint' && own.name === row
	);
	const own = source?.terms?.filter(({ name }) => name === part) ?? [];
	const at = part === 'amount' ? source?.right : own.length === 1 ? own[0].factor : null;
	const written = at && text.slice(at.from, at.to);
	if (written && DECIMAL.test(written))
		return value.s < 0n && !written.startsWith('-') ? `-${written}` : written;
	if (/^decimal|^comma/.test(notation.numbers)) {
		const shown = takeApart(value, 'decimal6');
		if (!shown.cut) return (shown.negative ? '-' : '') + shown.digits.replaceAll('\u202f', '');
	}
	return toText(value);
}

const UNIT = /^[^[\]\n#"]{0,60}$/;
const NO_NUMBER = (typed: string) =>
	en`“${typed.slice(0, 30)}” is no number. Write 12, 5/2, 0.25 or 15.6/1000.`;

/** A bound as typed; undefined where it is none. */
function boundOf(typed: string): Rational | null | undefined {
	const text = typed.trim();
	if (text === '' || /^(?:none|free|[-−]?\s*(?:∞|inf(?:inity)?))$/i.test(text)) return null;
	return readCell(text) ?? undefined;
}

/** Says something else of a variable. */
function changeVariable(lesson: TableText, name: string, change: (own: Variable) => Variable): null {
	lesson.edit(setVariable(lesson.text, lesson.reading, name, change));
	return null;
}

/**
 * Puts what was typed into a cell of the technology table into the statement.
 * @param group what the keys typed into the cell have in common: they are one act
 * @param around a plan that is kept: a coefficient that changes moves the right-hand side, so that as much is left as before
 * @returns why it cannot be taken; null where it was
 */
export function changeCell(
	lesson: TableText,
	cell: string,
	typed: string,
	group?: string,
	around?: Around
): string | null {
	const [kind, row, variable] = cell.split('|');
	const { text, reading } = lesson;
	if (kind === 'row' || kind === 'variable')
		return renameEverywhere(lesson, kind === 'row' ? 'constraint' : 'variable', row, typed);
	if (kind === 'goal') {
		const read = nameTyped(typed);
		if ('why' in read) return read.why;
		lesson.edit(renameGoal(text, reading, read.name));
		return null;
	}
	if (kind === 'unit' || kind === 'unit-of') {
		const unit = typed.trim();
		if (!UNIT.test(unit)) return en`A unit has at most 60 characters, without brackets, quotes and #.`;
		if (kind === 'unit') lesson.edit(setUnit(text, reading, row || null, unit));
		else changeVariable(lesson, row, ({ unit: _, ...own }) => (unit ? { ...own, unit } : own));
		return null;
	}
	if (kind === 'lower' || kind === 'upper') {
		const bound = boundOf(typed);
		if (bound === undefined)
			return en`“${typed.slice(0, 30)}” is no number. Write none, 12, 5/2, 0.25 or 15.6/1000.`;
		return changeVariable(lesson, row, (own) => ({ ...own, [kind]: bound }));
	}
	if (kind === 'domain') {
		const word = typed.trim().toLowerCase();
		const found = (Object.keys(DOMAIN_WORDS) as Domain[]).find(
			(own) => own === word || DOMAIN_WORDS[own].toLowerCase() === word
		);
		if (!found) return en`“${typed.slice(0, 30)}” is no domain. Write any part, whole or 0 or 1.`;
		return changeVariable(lesson, row, (own) => ({ ...own, domain: found }));
	}
	// $45 and (3) mean the same as in a block from a spreadsheet; letters could be a name
	const meant = /\p{L}/u.test(typed) ? typed.trim() : meantBy(typed.trim());
	const value = meant === '' ? ZERO : readCell(meant);
	if (!value) return NO_NUMBER(typed);
	if (/^[-−]?\d{1,3},\d{3}$/.test(typed.trim()) && lesson.notation.numbers !== 'comma')
		return en`“${typed.trim()}” can be ${typed.trim().replace(',', '')} or ${typed.trim().replace(',', '.')}: write the one that is meant.`;
	const at =
		around && lesson.problem && rowsAt(lesson.problem, around.plan).find((own) => own.row.name === row);
	if (kind === 'amount') {
		around?.set(row, value);
		return null;
	}
	if (kind === 'left') {
		if (at) lesson.edit(setRhs(text, reading, row, rhsFor(at.row.relation, at.left, value)));
		return null;
	}
	if (kind === 'use' && at) {
		const by = value.sub(at.row.terms.get(variable) ?? ZERO).mul(around.plan.get(variable) ?? ZERO);
		lesson.asOne(() => {
			lesson.edit(setCoefficient(text, reading, row, variable, value));
			const kept = rhsFor(at.row.relation, at.left.add(by), at.slack);
			lesson.edit(setRhs(lesson.text, lesson.reading, row, kept));
		});
		return null;
	}
	// what is typed as a decimal stands in the statement as one
	const written = DECIMAL.test(typed.trim()) ? typed.trim() : undefined;
	if (kind === 'rhs') {
		lesson.edit(setRhs(text, reading, row, value, written), group);
		lesson.filled?.(row, typed);
	} else if (kind === 'cost') lesson.edit(setCost(text, reading, variable, value, written), group);
	else lesson.edit(setCoefficient(text, reading, row, variable, value, written), group);
	return null;
}
