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
	list: 'Several statements are on one line; each is read by itself',
	latex: 'Read as a LaTeX source',
	joined: 'A line that continues is joined to the one before',
	comment: 'Read as a comment',
	numbering: 'Line numbers are ignored',
	sense: 'The objective is read from another order of words',
	declared: 'A unit beside a variable is declared in a line of its own',
	meaning: 'Text that only says what names mean is ignored; units and meanings have places of their own',
	prose: 'Text that states no objective or constraint is ignored',
	strict:
		'A strict inequality is read as ≤ or ≥, since its border does not belong to it. For integers, write the next whole number',
	power: 'Raised digits are powers',
	matrix: 'Vectors and the matrix are written out'
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

/** What a choice of readings is called. */
function calledChoice(text: string, kind: ReadingKind): string {
	if (kind === 'mark') return text.trim() ? 'a minus sign' : 'a bullet';
	if (kind === 'number') return text;
	if (kind === 'numbering') return text.trim() ? 'a factor' : 'a count';
	if (/^\[.*\]$/.test(text.trim())) return 'a unit';
	return /^ · /.test(text) ? 'a variable' : `“${text.trim()}”`;
}

const MESSAGES = {
	/* what is stated */
	empty: () => 'Nothing is stated yet. Begin with an objective, such as: max profit = 3 x1 + 5 x2',
	noObjective: () => 'No objective yet. Add a line that begins with max or min.',
	secondObjective: () =>
		'This is a second objective. Keep one, and turn the other into a row or a # comment.',
	objectiveLimit: () => 'The objective has no limit of its own. Put this relation in a row below.',
	tooMany: (variables: number, rows: number): string =>
		`At most ${variables} variables and ${rows} rows fit in one statement.`,
	tooLong: (most: number): string => `The statement has more than ${most} characters. Shorten it.`,
	tooDeep: (most: number): string => `More than ${most} brackets are open here. Close some before.`,

	/* rows and bounds */
	noRelation: () => 'This row has no relation. Say what it is limited by: ≤, ≥ or = and an amount.',
	manyRelations: () => 'Too many relations in one row. Write a row for each.',
	chain: () => 'Two relations in one line bound a single variable, as in 2 ≤ x ≤ 10. Write two rows instead.',
	boundIsNumber: () => 'A bound is a number. A limit that depends on a variable is a row.',
	missingRight: () => 'The right side is missing. Write a number or an expression.',
	missingLeft: () => 'The left side is missing, or this relation is one too many.',
	colon: () => 'A name stands before the colon, and only one colon in a row. Write it as in clay: 2 x ≤ 4.',

	/* names */
	sameName: (name: string): string => `Two rows are called “${name}”. Give this one another name.`,
	badName: (name: string, long: boolean): string =>
		`“${name}” ${long ? 'has more than 40 characters; shorten it' : 'is not a name; use a letter, then letters, digits, _ or ’'}.`,
	keyword: (word: string): string =>
		`“${word}” has a meaning of its own here. To use it as a name, put it in double quotes.`,
	raisedDigits: () =>
		'Raised digits are not read: a linear program has no powers. Write an index plainly, as in x1.',

	/* expressions */
	badNumber: (why: string): string => `This number ${why}.`,
	comma: () => 'A comma is not read inside a number. Write a decimal point, and no thousands mark.',
	powersOfTen: () => 'Powers of ten are not read. Write the number out.',
	either: () =>
		'“or” between rows is no linear constraint: both hold at once here. A binary variable can say which of them has to.',
	product: (first: string, second: string, written: boolean): string => {
		const tail = written
			? 'a linear program adds multiples of single variables. Give one of them as a number.'
			: 'if two terms are meant, write + or − between them; if one name is meant, join it with _.';
		return `“${first}” and “${second}” stand side by side, a product of variables: ${tail}`;
	},
	numberAfter: (first: string, second: string, constant: boolean): string => {
		const fix = constant
			? 'Write · for a product, or + for a sum.'
			: /^\d/.test(first)
				? 'Write + for a sum, or begin a remark with #.'
				: `Write the number first: ${second} ${first}.`;
		return `A number cannot follow “${first}” directly. ${fix}`;
	},
	variableDivision: (divisor: string): string =>
		`“${divisor}” is a variable under a fraction line. Multiply the whole row by it, if that leaves every term linear.`,
	zeroDivision: () => 'This divides by zero. Write another divisor.',
	power: (source: string, constant: boolean): string => {
		const fix = constant
			? 'Write the number out, or as a product.'
			: 'A linear program has no powers of a variable; write the term with its first power only.';
		return `“${source}” is a power. ${fix}`;
	},

	/* marks and brackets */
	unfinished: (sign: string): string =>
		`This line ends with “${sign}”, so the next one was read as its continuation. Finish it, or take “${sign}” away.`,
	missingAfter: (sign: string): string =>
		`Something is missing after “${sign}”: a number, a name or a bracket.`,
	openBracket: () => 'A bracket is still open here. Close it with “)”.',
	strayBracket: () => 'This bracket closes nothing. Take it away, or open one before.',
	openUnit: () => 'A unit is still open here. Close it with “]”.',
	unexpected: (first: string): string =>
		`“${first}” is not expected here. Write one statement a line: an objective, a row, or a variable’s bounds.`,
	leastOrMost: (word: string): string =>
		`“${word}( … )” is not linear. Put a new variable t in its place and say t ≤ (for a least) or t ≥ (for a greatest) each of the terms, a row for each.`,
	absoluteValue: () =>
		'An absolute value is linear only where it is at most a number: |x − y| ≤ 4. Otherwise write two rows, or a binary variable for the choice between them.',
	stopsEarly: () => 'This line stops too early. Finish it, or begin it with # to make it a comment.',

	/* notices */
	repeated: (name: string, times: number, row: string | null, sum: string): string => {
		const where = row === null ? 'the objective' : `row ${row}`;
		return `${name} stands ${times === 2 ? 'twice' : `${times} times`} in ${where}; read together as ${sum} ${name}.`;
	},
	nearName: (name: string, near: string): string =>
		`${name} occurs only here and is one letter away from ${near}. Is ${near} meant?`,
	lookAlike: (name: string, other: string): string =>
		`${name} looks like ${other}, but is written with other letters. Is ${other} meant?`,
	lonely: (name: string): string =>
		`${name} occurs only here, and not in the objective. Is it meant as a variable?`,
	objectiveLimited: (name: string): string => `${name} is the objective: this row limits its expression.`,
	twoRows: (first: string, second: string): string =>
		`This row has two limits: it is read as two rows, ${first} and ${second}.`,
	lowerBound: (name: string, value: string): string =>
		`Read as the lower bound of ${name}: it is at least ${value}, and no longer at least 0. With a name before it, it is a row.`,
	lowerRow: (name: string, value: string): string =>
		`${name} ≥ ${value} is read as a row; ${name} is at least 0 as well.`,
	asBound: (name: string): string => `It is the lower bound of ${name}`,
	sameVariable: (name: string): string => `It is ${name}`,
	tighterBound: (name: string, value: string): string =>
		`${name} is also said to be at least ${value}, which is tighter: that holds.`,
	unconstrained: (name: string): string => `${name} is in no constraint.`,

	/* other habits of writing */
	rewrite: () => 'Rewrite',
	rewriteAll: () => 'Rewrite all',
	choose: (text: string, kind: ReadingKind): string => `It is ${calledChoice(text, kind)}`,
	/** How something written by another habit was read. */
	readAs: (kind: ReadingKind, written: string, means: string, times: number): string => {
		if (kind === 'label' && !written && means)
			return `“${means.replace(/\s*[:=]$/, '')}” beside its row is read as its name${times > 1 ? ` (${times} places)` : ''}.`;
		const how =
			(ALWAYS.has(kind) || !written ? PASSED[kind] : null) ??
			(means ? `“${written}” is read as “${means}”` : (PASSED[kind] ?? `“${written}” is ignored`));
		return how + (times > 1 ? ` (${times} places).` : '.');
	},
	/** What stands in one or several places and can be read in two ways. */
	ambiguous: (written: string, choices: readonly string[], times: number, kind: ReadingKind): string =>
		`“${written.trim()}” is read as ${calledChoice(choices[0], kind)}${times > 1 ? ` (${times} places)` : ''}.`,
	/** A sentence that seems to restrict something. */
	sentence: (text: string): string =>
		`“${text}” seems to restrict something, and is not read. Write it as a row, or begin it with # to make it a comment.`,
	matrix: (what: 'numbers' | 'sizes'): string =>
		what === 'numbers'
			? 'A problem in vectors needs its numbers: add lines such as c = [3, 5], A = [1 0; 0 2; 3 2] and b = [4, 12, 18].'
			: 'The sizes do not fit: the matrix needs a column for each entry of the objective and a row for each right-hand side.',
	notLinear: (what: 'either' | 'condition' | 'parity'): string =>
		({
			either:
				'“Either … or …” is no linear row: both rows hold at once here. Add a binary variable d, and write the rows as … ≤ … + M d and … ≤ … + M (1 − d) with a large number for M.',
			condition:
				'“If … then …” is no linear row. With a binary variable d for the condition, write what follows from it with M d or M (1 − d), M a large number.',
			parity:
				'Even, odd and multiples are no linear rows. Add a whole variable k: even is x = 2 k, odd is x = 2 k + 1.'
		})[what],
	aboutVariables: () =>
		'Only a line about one variable, or a list of them, can end with integer, binary, free, from or to.',

	/* units */
	unitMisfit: (name: string, row: string, product: string, unit: string): string =>
		`${name} in ${row} gives ${product}, but ${row} is in ${unit}. Check the unit of the coefficient.`,
	amountMisfit: (row: string, has: string, unit: string): string =>
		`The amount of ${row} is in ${has}, but ${row} is in ${unit}.`
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
