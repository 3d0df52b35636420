import { toText } from '../../number/rational';
import { pluralsOf } from '../names';
import type { Problem } from '../types';
import type { Diagnostic, Fix } from './diagnostics';
import { nameText } from './print';
import { message, type Message } from './messages';
import type { RowRead } from './reading';

/**
 * Findings about a right statement that are worth a second look: a variable twice in one row, a name that occurs
 * once and is one letter away from another, a variable that no constraint limits.
 */
export function notices(problem: Problem, objective: RowRead, rows: readonly RowRead[]): Diagnostic[] {
	const all = [objective, ...rows];
	const near = nearNames(all, objective, problem);
	return [
		...all.flatMap((row) => repeated(row, row === objective)),
		...near,
		...unconstrained(problem, objective, rows, near)
	];
}

const notice = (
	at: { from: number; to: number },
	code: Diagnostic['code'],
	message: Message,
	fixes: readonly Fix[] = []
): Diagnostic => ({
	from: at.from,
	to: at.to,
	severity: 'notice',
	code,
	message,
	...(fixes.length > 0 ? { fixes } : {})
});

function repeated(row: RowRead, isObjective: boolean): Diagnostic[] {
	const seen = new Map<string, number>();
	for (const { name } of row.body.mentions) seen.set(name, (seen.get(name) ?? 0) + 1);
	return [...seen]
		.filter(([, times]) => times > 1)
		.map(([name, times]) => {
			const second = row.body.mentions.filter((m) => m.name === name)[1];
			const sum = toText(row.body.terms.get(name)!);
			return notice(
				second,
				'repeated-variable',
				message('repeated', name, times, isObjective ? null : row.name, sum)
			);
		});
}

/** letters of other scripts that cannot be told from Latin ones */
const LOOK_ALIKES: Readonly<Record<string, string>> = Object.fromEntries(
	[...'аaеeоoрpсcхxуyіiѕsАAВBЕEКKМMНHОOРPСCТTХXΑAΒBΕEΖZΗHΙIΚKΜMΝNΟOΡPΤTΥYΧXοoνvχx']
		.map((letter, i, all) => [letter, all[i + 1]] as const)
		.filter((_, i) => i % 2 === 0)
);
const inLatin = (name: string): string => [...name].map((letter) => LOOK_ALIKES[letter] ?? letter).join('');

const MOST_COMPARED = 250;

function nearNames(rows: readonly RowRead[], objective: RowRead, problem: Problem): Diagnostic[] {
	const mentions = rows.flatMap((row) => row.body.mentions);
	const count = new Map<string, number>();
	for (const { name } of mentions) count.set(name, (count.get(name) ?? 0) + 1);
	const found: Diagnostic[] = [];
	// comparing every pair of names is for statements that a person reads
	if (count.size > MOST_COMPARED) return found;
	const plain = new Map<string, string>();
	for (const name of count.keys()) if (/^[\p{Script=Latin}\p{Nd}_']+$/u.test(name)) plain.set(name, name);
	const told = new Set<string>();
	/** all places of one name take the other */
	const same = (name: string, other: string): Fix[] => [
		{
			says: message('sameVariable', other),
			edits: mentions
				.filter((own) => own.name === name)
				.map(({ from, to }) => ({ from, to, insert: nameText(other) }))
		}
	];
	const inGoal = new Set(objective.body.mentions.map(({ name }) => name));
	for (const mention of mentions) {
		const twin = plain.get(inLatin(mention.name));
		if (twin && twin !== mention.name && !told.has(mention.name)) {
			told.add(mention.name);
			found.push(
				notice(mention, 'near-name', message('lookAlike', mention.name, twin), same(mention.name, twin))
			);
			continue;
		}
		if (count.get(mention.name) !== 1) continue;
		const factors = factorsOf(mention.name, count);
		if (factors) {
			found.push(notice(mention, 'near-name', message('asOneName', mention.name, ...factors)));
			continue;
		}
		const near = [...count.keys()].find(
			(other) =>
				other !== mention.name &&
				(oneLetterAway(mention.name, other) || pluralsOf(mention.name).includes(other))
		);
		// of two names that are near each other, one is told of
		if (near && told.has(near)) continue;
		if (near) {
			told.add(mention.name);
			found.push(
				notice(mention, 'near-name', message('nearName', mention.name, near), same(mention.name, near))
			);
		} else if (!inGoal.has(mention.name) && rows.length > 2 && !standsInEquality(mention.name, problem))
			found.push(notice(mention, 'lonely-name', message('lonely', mention.name)));
	}
	return found;
}

/** Two other variables whose names make up a name, as x and y make up xy. */
function factorsOf(name: string, names: ReadonlyMap<string, number>): [string, string] | null {
	for (let at = 1; at < name.length; at++) {
		const [first, second] = [name.slice(0, at), name.slice(at)];
		if (names.has(first) && names.has(second)) return [first, second];
	}
	return null;
}

/**
 * Whether a name that occurs once is the slack that an author wrote into an equality: then each equality has such a name of its own, and is a system in
 * standard form.
 */
function standsInEquality(name: string, { constraints }: Problem): boolean {
	const equalities = constraints.filter(({ relation }) => relation === '=');
	const isAlone = (own: string) => constraints.filter(({ terms }) => terms.has(own)).length === 1;
	return (
		equalities.some(({ terms }) => terms.has(name)) &&
		equalities.every(({ terms }) => [...terms.keys()].some(isAlone))
	);
}

function unconstrained(
	problem: Problem,
	objective: RowRead,
	rows: readonly RowRead[],
	near: readonly Diagnostic[]
): Diagnostic[] {
	const limited = new Set(rows.flatMap((row) => row.body.mentions.map((mention) => mention.name)));
	// a problem that is only begun: the table shows that it is empty
	if (rows.length > 0 && limited.size === 0) return [];
	return (
		problem.variables
			// one that may be another by a slip is told of once
			.filter(
				({ name }) =>
					!limited.has(name) && !near.some(({ message: { about } }) => about.some((own) => own === name))
			)
			.map((variable) => {
				const at = objective.body.mentions.find((mention) => mention.name === variable.name);
				return notice(at ?? objective.at, 'unconstrained', message('unconstrained', variable.name));
			})
	);
}

/**
 * Whether two names look like one name mistyped: the same but for the case of letters, or one letter changed, added, left out or
 * swapped with its neighbour. Names that differ in their digits (x1, x2) or are very short (x, y) are different on purpose.
 */
export function oneLetterAway(a: string, b: string): boolean {
	if (a.toLowerCase() === b.toLowerCase()) return a !== b;
	const [p, q] = [[...a.toLowerCase()], [...b.toLowerCase()]];
	if (p.length > q.length) return oneLetterAway(b, a);
	if (p.length < 3 || q.length - p.length > 1) return false;
	let start = 0;
	while (start < p.length && p[start] === q[start]) start++;
	const digit = (c: string | undefined) => c !== undefined && /\p{Nd}/u.test(c);
	if (p.length < q.length) return !digit(q[start]) && same(p.slice(start), q.slice(start + 1));
	if (digit(p[start]) && digit(q[start])) return false;
	if (same(p.slice(start + 1), q.slice(start + 1))) return true;
	return (
		p[start] === q[start + 1] && p[start + 1] === q[start] && same(p.slice(start + 2), q.slice(start + 2))
	);
}

const same = (a: readonly string[], b: readonly string[]) =>
	a.length === b.length && a.every((c, i) => c === b[i]);
