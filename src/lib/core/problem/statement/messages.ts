import { en } from '../../language/language';

/** What is read otherwise than it is written, by habits: each is told once. */
export type ReadingKind =
	| 'rows'
	| 'sense'
	| 'ends'
	| 'list'
	| 'joined'
	| 'domain'
	| 'relation'
	| 'latex'
	| 'index'
	| 'name'
	| 'number'
	| 'parameter'
	| 'mark'
	| 'comment'
	| 'numbering'
	| 'unit'
	| 'label'
	| 'declared'
	| 'meaning'
	| 'prose'
	| 'strict'
	| 'power'
	| 'matrix';

/** Everything that is said about a statement that cannot be read, or is worth a second look. */

const PASSED: Partial<Record<ReadingKind, string>> = {
	list: en`Several statements are on one line; each is read by itself`,
	latex: en`Read as a LaTeX source`,
	joined: en`A line that continues is joined to the one before`,
	comment: en`Read as a comment`,
	numbering: en`Line numbers are ignored`,
	sense: en`The objective is read from another order of words`,
	unit: en`A unit behind the objective is read as its unit`,
	declared: en`A unit beside a variable is declared in a line of its own`,
	meaning: en`Text that only says what names mean is ignored; units and meanings have places of their own`,
	prose: en`Text that states no objective or constraint is ignored`,
	strict: en`A strict inequality is read as ≤ or ≥, since its border does not belong to it. For integers, write the next whole number`,
	power: en`Raised digits are powers`,
	matrix: en`Vectors and the matrix are written out`
};
/** kinds that are told by what they are, not by what stands there */
const ALWAYS: ReadonlySet<ReadingKind> = new Set([
	'list',
	'joined',
	'comment',
	'declared',
	'latex',
	'meaning',
	'prose',
	'strict',
	'power',
	'matrix'
]);

/** Something that was read otherwise than it stands, in so many places. */
export interface ReadPart {
	readonly written: string;
	readonly means: string;
	readonly places: number;
}
/** so many of them are told in a notice */
export const MOST_READ = 3;
const inPlaces = (places: number): string => (places > 1 ? en` (${places} places)` : '');

/** What a choice of readings is called. */
function calledChoice(text: string, kind: ReadingKind): string {
	if (kind === 'mark') return text.trim() ? en`a minus sign` : en`a bullet`;
	if (kind === 'number') return text;
	if (kind === 'numbering') return text.trim() ? en`a factor` : en`a count`;
	if (/^\[.*\]$/.test(text.trim())) return en`a unit`;
	return /^ · /.test(text) ? en`a variable` : `“${text.trim()}”`;
}

const MESSAGES = {
	/* what is stated */
	empty: () => en`Nothing is stated yet. Begin with an objective, such as: max profit = 3 x1 + 5 x2`,
	noObjective: () => en`No objective yet. Add a line that begins with max or min.`,
	secondObjective: () =>
		en`This is a second objective. Keep one, and turn the other into a row or a # comment.`,
	objectiveLimit: () => en`The objective has no limit of its own. Put this relation in a row below.`,
	tooMany: (variables: number, rows: number): string =>
		en`At most ${variables} variables and ${rows} rows fit in one statement.`,
	tooLong: (most: number): string => en`The statement has more than ${most} characters. Shorten it.`,
	tooDeep: (most: number): string => en`More than ${most} brackets are open here. Close some before.`,

	/* rows and bounds */
	noRelation: () => en`This row has no relation. Say what it is limited by: ≤, ≥ or = and an amount.`,
	manyRelations: () => en`Too many relations in one row. Write a row for each.`,
	chain: () =>
		en`Two relations in one line bound a single variable, as in 2 ≤ x ≤ 10. Write two rows instead.`,
	boundIsNumber: () => en`A bound is a number. A limit that depends on a variable is a row.`,
	missingRight: () => en`The right side is missing. Write a number or an expression.`,
	missingLeft: () => en`The left side is missing, or this relation is one too many.`,
	colon: () => en`A name stands before the colon, and only one colon in a row. Write it as in clay: 2 x ≤ 4.`,

	/* names */
	sameName: (name: string): string => en`Two rows are called “${name}”. Give this one another name.`,
	badName: (name: string, long: boolean): string =>
		`“${name}” ${long ? en`has more than 40 characters; shorten it` : en`is not a name; use a letter, then letters, digits, _ or ’`}.`,
	keyword: (word: string): string =>
		en`“${word}” has a meaning of its own here. To use it as a name, put it in double quotes.`,
	raisedDigits: () =>
		en`Raised digits are not read: a linear program has no powers. Write an index plainly, as in x1.`,

	/* expressions */
	badNumber: (why: string): string => en`This number ${why}.`,
	comma: () => en`A comma is not read inside a number. Write a decimal point, and no thousands mark.`,
	powersOfTen: () => en`Powers of ten are not read. Write the number out.`,
	either: () =>
		en`“or” between rows is no linear constraint: both hold at once here. A binary variable can say which of them has to.`,
	product: (first: string, second: string, written: boolean): string => {
		const tail = written
			? en`a linear program adds multiples of single variables. Give one of them as a number.`
			: en`if two terms are meant, write + or − between them; if one name is meant, join it with _.`;
		return en`“${first}” and “${second}” stand side by side, a product of variables: ${tail}`;
	},
	numberAfter: (first: string, second: string, constant: boolean): string => {
		const fix = constant
			? en`Write · for a product, or + for a sum.`
			: /^\d/.test(first)
				? en`Write + for a sum, or begin a remark with #.`
				: en`Write the number first: ${second} ${first}.`;
		return en`A number cannot follow “${first}” directly. ${fix}`;
	},
	variableDivision: (divisor: string): string =>
		en`“${divisor}” is a variable under a fraction line. Multiply the whole row by it, if that leaves every term linear.`,
	zeroDivision: () => en`This divides by zero. Write another divisor.`,
	power: (source: string, constant: boolean): string => {
		const fix = constant
			? en`Write the number out, or as a product.`
			: en`A linear program has no powers of a variable; write the term with its first power only.`;
		return en`“${source}” is a power. ${fix}`;
	},

	/* marks and brackets */
	unfinished: (sign: string): string =>
		en`This line ends with “${sign}”, so the next one was read as its continuation. Finish it, or take “${sign}” away.`,
	missingAfter: (sign: string): string =>
		en`Something is missing after “${sign}”: a number, a name or a bracket.`,
	openBracket: () => en`A bracket is still open here. Close it with “)”.`,
	strayBracket: () => en`This bracket closes nothing. Take it away, or open one before.`,
	openUnit: () => en`A unit is still open here. Close it with “]”.`,
	unexpected: (first: string): string =>
		en`“${first}” is not expected here. Write one statement a line: an objective, a row, or a variable’s bounds.`,
	leastOrMost: (word: string): string =>
		en`“${word}( … )” is not linear. Put a new variable t in its place and say t ≤ (for a least) or t ≥ (for a greatest) each of the terms, a row for each.`,
	absoluteValue: () =>
		en`An absolute value is linear only where it is at most a number: |x − y| ≤ 4. Otherwise write two rows, or a binary variable for the choice between them.`,
	stopsEarly: () => en`This line stops too early. Finish it, or begin it with # to make it a comment.`,

	/* notices */
	repeated: (name: string, times: number, row: string | null, sum: string): string => {
		const where = row === null ? en`the objective` : en`row ${row}`;
		return en`${name} stands ${times === 2 ? en`twice` : en`${times} times`} in ${where}; read together as ${sum} ${name}.`;
	},
	nearName: (name: string, near: string): string =>
		en`${name} occurs only here and looks like ${near}. Is ${near} meant?`,
	lookAlike: (name: string, other: string): string =>
		en`${name} looks like ${other}, but is written with other letters. Is ${other} meant?`,
	asOneName: (name: string, first: string, second: string): string =>
		en`${name} is read as one variable. If ${first} · ${second} is meant: a product of variables is not linear.`,
	lonely: (name: string): string =>
		en`${name} occurs only here, and not in the objective. Is it meant as a variable?`,
	objectiveLimited: (name: string): string => en`${name} is the objective: this row limits its expression.`,
	twoRows: (first: string, second: string): string =>
		en`This row has two limits: it is read as two rows, ${first} and ${second}.`,
	lowerBound: (name: string, value: string): string =>
		en`Read as the lower bound of ${name}: it is at least ${value}, and no longer at least 0. With a name before it, it is a row.`,
	atMostZero: (name: string): string =>
		en`Read as the sign of ${name}: it is at most 0, and no longer at least 0. With a name before it, it is a row.`,
	lowerRow: (name: string, value: string): string =>
		en`${name} ≥ ${value} is read as a row; ${name} is at least 0 as well.`,
	asBound: (name: string): string => en`It is the lower bound of ${name}`,
	sameVariable: (name: string): string => en`It is ${name}`,
	tighterBound: (name: string, value: string): string =>
		en`${name} is also said to be at least ${value}, which is tighter: that holds.`,
	unconstrained: (name: string): string => en`${name} is in no constraint.`,

	/* other habits of writing */
	rewrite: () => en`Rewrite`,
	rewriteAll: () => en`Rewrite all`,
	choose: (text: string, kind: ReadingKind): string => en`It is ${calledChoice(text, kind)}`,
	/**
	 * How what is written by another habit was read, or that it is ignored.
	 * @param read the ways in which it is written that are told, of so many
	 * @param places how often it is written in any of them
	 */
	readAs: (kind: ReadingKind, read: readonly ReadPart[], ways: number, places: number): string => {
		const [{ written, means }] = read;
		const isBeside = (own: ReadPart) => kind === 'label' && !own.written && own.means !== '';
		const nameOf = (own: ReadPart) => `“${own.means.replace(/\s*[:=]$/, '')}”`;
		const more = ways > read.length ? en`, and ${ways - read.length} more likewise` : '';
		if (read.length > 1 && read.every(isBeside))
			return en`${read.map(nameOf).join(', ')} beside their rows are read as their names${more}.`;
		if (!isBeside(read[0]) && PASSED[kind] && (ALWAYS.has(kind) || !written || !means))
			return PASSED[kind] + inPlaces(places) + '.';
		const each = read.map((own, i) => {
			const says = isBeside(own)
				? en`${nameOf(own)} beside its row is read as its name`
				: !own.means
					? en`“${own.written}” is ignored`
					: i > 0 && read[i - 1].means && !isBeside(read[i - 1])
						? en`“${own.written}” as “${own.means}”`
						: en`“${own.written}” is read as “${own.means}”`;
			return says + inPlaces(own.places);
		});
		return `${each.join(', ')}${more}.`;
	},
	/** What stands in one or several places and can be read in two ways. */
	ambiguous: (written: string, choices: readonly string[], times: number, kind: ReadingKind): string =>
		en`“${written.trim()}” is read as ${calledChoice(choices[0], kind)}${times > 1 ? en` (${times} places)` : ''}.`,
	/** A sentence that seems to restrict something. */
	sentence: (text: string): string =>
		en`“${text}” seems to restrict something, and is not read. Write it as a row, or begin it with # to make it a comment.`,
	table: () => en`This is a table. “Read the table” on the page Problem makes the problem from it.`,
	matrix: (what: 'numbers' | 'sizes'): string =>
		what === 'numbers'
			? en`A problem in vectors needs its numbers: add lines such as c = [3, 5], A = [1 0; 0 2; 3 2] and b = [4, 12, 18].`
			: en`The sizes do not fit: the matrix needs a column for each entry of the objective and a row for each right-hand side.`,
	notLinear: (
		what: 'either' | 'condition' | 'parity' | 'values' | 'dots' | 'decimals' | 'unequal' | 'whole'
	): string =>
		({
			whole: en`Write out what the total adds up, as in x ≥ 25% of (x + y).`,
			either: en`“Either … or …” is no linear row: both rows hold at once here. Add a binary variable d, and write the rows as … ≤ … + M d and … ≤ … + M (1 − d) with a large number for M.`,
			condition: en`“If … then …” is no linear row. With a binary variable d for the condition, write what follows from it with M d or M (1 − d), M a large number.`,
			parity: en`Even, odd and multiples are no linear rows. Add a whole variable k: even is x = 2 k, odd is x = 2 k + 1.`,
			values: en`A linear row cannot say that a variable takes one of several values. Add a binary variable for each value: x = 1 d1 + 3 d2 + 5 d3 with d1 + d2 + d3 = 1.`,
			unequal: en`“≠” is no linear row. For a whole variable, two rows with a binary variable d say x ≠ 3: x ≤ 2 + M d and x ≥ 4 − M (1 − d) with a large number for M.`,
			decimals: en`A decimal that never ends cannot be read exactly. Write a fraction, such as 1/3.`,
			dots: en`The terms that “…” stands for cannot be worked out from those beside it. Write each of them.`
		})[what],
	aboutVariables: () =>
		en`Only a line about one variable, or a list of them, can end with integer, binary, free, from or to.`,

	/* units */
	unitMisfit: (name: string, row: string, product: string, unit: string): string =>
		en`${name} in ${row} gives ${product}, but ${row} is in ${unit}. Check the unit of the coefficient.`,
	amountMisfit: (row: string, has: string, unit: string): string =>
		en`The amount of ${row} is in ${has}, but ${row} is in ${unit}.`
};
type Messages = typeof MESSAGES;

/** What is said of a stretch of the text, as data: which message it is, and what it is about. */
export type Message = {
	readonly [Name in keyof Messages]: {
		readonly name: Name;
		readonly about: Parameters<Messages[Name]>;
	};
}[keyof Messages];

/** A message as data. */
export const message = <Name extends keyof Messages>(
	name: Name,
	...about: Parameters<Messages[Name]>
): Message => ({ name, about }) as Message;

/** A message in words. */
export function messageText({ name, about }: Message): string {
	const words: (...about: never) => string = MESSAGES[name];
	return words(...(about as never));
}
