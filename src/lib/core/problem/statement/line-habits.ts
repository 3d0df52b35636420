import { linesThatTell } from './line-prose';
import { rowHabits } from './line-rows';
import { placed, VERBATIM_PARTS, type Placed } from './placed';
import { KEYWORDS, SPOKEN } from './tokens';

/** Habits that show in a whole line or text: labels of several words, bullets, lists with an ellipsis, units behind an amount, headings of sections. */

const NAME = "\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*";
/** a relation, or the word that one in words ends with */
const RELATION =
	'(?:<=|>=|=<|=>|[≤≥⩽⩾=]|(?<=[ \\t])(?:most|least|than|to|exceed|exactly|equals|h(?:ö|oe)chstens|mindestens|plus|moins|menos|m[áa]ximo|m[íi]nimo)(?=[ \\t]))';
const NUMBER = '[-−+]?\\d+(?:[.,]\\d+)*(?:[ \\t]*/[ \\t]*\\d+)?';

const isWord = (name: string): boolean =>
	Object.hasOwn(KEYWORDS, name.toLowerCase()) || SPOKEN.has(name.toLowerCase());

/** How often each name stands in a text, names of rows aside. */
function counted(code: string): ReadonlyMap<string, number> {
	const count = new Map<string, number>();
	const rows = code.replace(/^[^\n:=<>≤≥]*:(?!=)/gm, '');
	for (const [name] of rows.matchAll(new RegExp(NAME, 'gu'))) count.set(name, (count.get(name) ?? 0) + 1);
	return count;
}

/** A row up to its amount, and words behind it, bare or in brackets; in brackets also a count. */
const BEHIND = new RegExp(
	`^([ \\t]*)((?:[^\\n:=<>≤≥]*:)?[^\\n:]*?${RELATION}[ \\t]*${NUMBER})([ \\t]*)(?:\\((${NAME}(?:[ \\t]+${NAME})*|\\d{1,2})\\)|(${NAME}(?:[ \\t]+${NAME}){0,3})(?:[ \\t]*\\((${NAME}(?:[ \\t]+${NAME})*)\\))?)[ \\t.,;]*$`,
	'gmu'
);
/** words that join what stands behind an amount to something else */
const JOINS =
	/^(?:and|or|if|for|all|each|every|where|with|is|are|be|must|to|at|by|in|on|when|then|that|than|because|since|so|total|only)$/i;

/** Words that stand behind amounts and nowhere else: units or remarks, however often. */
function onlyBehind(code: string, count: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
	const behind = new Map<string, number>();
	for (const [, , row, , bracketed, bare, remark] of code.matchAll(BEHIND)) {
		if (/^\s*(?:max|min)/i.test(row)) continue;
		for (const word of [bracketed, bare, remark].filter(Boolean).join(' ').split(/\s+/))
			behind.set(word, (behind.get(word) ?? 0) + 1);
	}
	return new Map([...behind].filter(([word, times]) => count.get(word) === times));
}

/** What an amount is followed by at the end of a line: a unit, or in brackets the row's name. It stands nowhere else but behind amounts. */
function behindAmounts(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const found: Placed[] = [];
	const behind = onlyBehind(code, count);
	const isUnit = (word: string): boolean => behind.has(word) && !isWord(word) && !JOINS.test(word);
	for (const match of code.matchAll(BEHIND)) {
		const [, indent, row, blank, bracketed, bare, remark] = match;
		const line = match.index + indent.length;
		const at = line + row.length;
		if (/^\s*(?:max|min)/i.test(row)) continue;
		if (bare !== undefined) {
			const words = bare.split(/\s+/);
			if (!words.every(isUnit)) continue;
			// one that stands once could be a variable; a product without a sign, such as 3 x, has its name elsewhere too
			const isAlone = words.length === 1 && behind.get(bare) === 1;
			const choices = isAlone ? [` [${bare}]`, ` · ${bare}`] : undefined;
			if (remark) {
				const rest = match[0].lastIndexOf(')') + 1 - indent.length - row.length;
				// behind a row without a name it is the name, behind one that has one it says nothing more
				if (!row.includes(':') && remark.split(/\s+/).every((word) => count.get(word) === 1))
					found.push(placed(line, 0, `${named(remark)}: `, 'label'));
				found.push(placed(at, rest, ` [${words.join(' ')}]`, 'unit'));
				continue;
			}
			found.push(placed(at, blank.length + bare.length, ` [${words.join(' ')}]`, 'unit', choices));
			continue;
		}
		const length = blank.length + bracketed.length + 2;
		if (/^\d/.test(bracketed)) {
			// 4(1) is a product, 4   (1) counts the line
			if (/[ \t]{2}|\t/.test(blank)) found.push(placed(at, length, '', 'numbering'));
			continue;
		}
		const words = bracketed.split(/\s+/);
		const isNew = words.every((word) => (count.get(word) ?? 0) <= 1);
		if (!isNew && !words.every(isUnit)) continue;
		// a row that has a name already has its unit there, and what stands behind several rows names none
		if (row.includes(':') || !isNew) {
			found.push(placed(at, length, ` [${bracketed}]`, 'unit'));
			continue;
		}
		found.push(placed(line, 0, `${named(bracketed)}: `, 'label'), placed(at, length, '', 'label'));
	}
	return found;
}

/** A label of several words as a name: `Labor hours` is Labor_hours. */
const named = (label: string): string =>
	label
		.trim()
		.replace(/[^\p{L}\p{M}\p{Nd}_']+/gu, '_')
		.replace(/^[^\p{L}]+|_+$/gu, '')
		.slice(0, 40);

/** Labels that are no names: `Labor hours:`, `Constraint 1:`, `(C1)`, `a)`, `C1.` */
function labels(code: string): Placed[] {
	const found: Placed[] = [];
	const several = new RegExp(
		`^([ \\t]*)(\\p{L}[^\\n:=<>≤≥+*·"\\\\]*?[^\\n:=<>≤≥+*·"\\\\\\s])([ \\t]*):(?!=)`,
		'gmu'
	);
	for (const match of code.matchAll(several)) {
		const [, indent, label] = match;
		const name = named(label);
		// a plain name is one already; words before rows and of the objective are read elsewhere
		if (!/[^\p{L}\p{M}\p{Nd}_']/u.test(label) || !name) continue;
		const rest = code.slice(match.index + match[0].length).split('\n', 1)[0];
		// “Max demand: x ≤ 40” limits something
		if (/^(?:max|min)/i.test(label) && !/[<>≤≥]/.test(rest)) continue;
		if (/^(?:subject|such|so[ \t]+that|s\.|st\b|title|story|unter|sous|sujeto|under|the)/iu.test(label))
			continue;
		found.push(placed(match.index + indent.length, label.length, name, 'label'));
	}
	const bracketed =
		/^([ \t]*)(\(([\p{L}][\p{L}\p{Nd}_']{0,9})\)|([\p{L}]{1,3}\d{0,3})\)|(\p{L}\d{1,3})\.)[ \t]+(?=[-−(\p{L}\d])/gmu;
	for (const match of code.matchAll(bracketed)) {
		const [whole, indent, , first, second, third] = match;
		const rest = code.slice(match.index + whole.length).split('\n', 1)[0];
		if (!/[<>=≤≥]/.test(rest) || /:/.test(rest)) continue;
		const name = first ?? second ?? third;
		found.push(placed(match.index + indent.length, whole.length - indent.length, `${name}: `, 'label'));
	}
	return found;
}

/** Bullets before lines: a dash is one where every row has it. */
function bullets(code: string): Placed[] {
	const rows = code.split('\n').filter((line) => /[<>=≤≥]/.test(line) && !/^\s*(?:max|min)/i.test(line));
	const dashes = rows.length > 1 && rows.every((line) => /^\s*[-–—−][ \t]+/.test(line));
	const found: Placed[] = [];
	for (const match of code.matchAll(/^([ \t]*)([*•‣▪◦–—−-])([ \t]+)(?=\S)/gm)) {
		const [whole, indent, mark] = match;
		if (!dashes && !/[*•‣▪◦]/.test(mark)) continue;
		// a text in the language itself says what it says: dashes are signs, and bullets only where somebody says so
		const own = whole.slice(indent.length);
		const isDash = /[–—−-]/.test(mark);
		found.push(
			placed(
				match.index + indent.length,
				own.length,
				isDash ? own : '',
				'mark',
				isDash ? [own, ''] : undefined
			)
		);
	}
	return found;
}

/** `x1, …, x5` names all between; `x_i ≥ 0, i = 1, 2` and `for all i` those that stand in the text. */
function indices(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const found: Placed[] = [];
	const dots = /(\p{L}[\p{L}_]*?)(\d+),[ \t]*(?:…|\.\.\.|\\[lc]?dots)[ \t]*,[ \t]*\1(\d+)/gu;
	for (const match of code.matchAll(dots)) {
		const [whole, prefix, first, last] = match;
		const [from, to] = [Number(first), Number(last)];
		if (to <= from || to - from > 199) continue;
		const names = Array.from({ length: to - from + 1 }, (_, i) => `${prefix}${from + i}`).join(', ');
		found.push(placed(match.index, whole.length, names, 'list'));
	}
	const general =
		/(\p{L}[\p{L}]*?)_?\{?([ijk])\}?([ \t]*(?:≥|>=|≤|<=|∈|in\b)[^\n,;]*?)[ \t]*(?:,|;|[ \t](?:for\b|∀|f[üu]r\b)[^\n]*?|∀)[ \t]*(?:(?:for(?:[ \t]+(?:all|every|each))?|∀)[ \t]*)?\2(?:[ \t]*(?:=|∈)[ \t]*([^\n;]*))?$/gmu;
	for (const match of code.matchAll(general)) {
		const [whole, prefix, , rest, range = ''] = match;
		const own = [...count.keys()].filter((name) => new RegExp(`^${prefix}_?\\d+$`, 'u').test(name));
		const listed = /\.\.|…/.test(range) ? null : range.match(/\d+/g);
		const names = own.filter((name) => !listed || listed.includes(/\d+$/.exec(name)![0]));
		if (names.length > 0) found.push(placed(match.index, whole.length, `${names.join(', ')}${rest}`, 'list'));
	}
	return found;
}

/** `0 ≤ x, y ≤ 3` bounds all of them; `x ∈ [0, 3]` is both bounds. */
function intervals(code: string, source: string): Placed[] {
	const found: Placed[] = [];
	const list = `${NAME}(?:[ \\t]*,[ \\t]*${NAME})*`;
	const low = `(?:${NUMBER}|[-−](?:∞|inf(?:inity)?))`;
	const high = `(?:${NUMBER}|\\+?(?:∞|inf(?:inity)?))`;
	const said = (names: string, from: string, to: string): string => {
		const start = /∞|inf/i.test(from) ? ' free' : ` from ${from.trim()}`;
		return `${names.trim()}${start}${/∞|inf/i.test(to) ? '' : ` to ${to.trim()}`}`;
	};
	const chain = new RegExp(
		`^([ \\t]*)(${low})[ \\t]*(?:<=|≤|⩽)[ \\t]*(${list})[ \\t]*(?:<=|≤|⩽)[ \\t]*(${high})(?=[ \\t]*[,;.]?[ \\t]*$)`,
		'gmiu'
	);
	for (const match of code.matchAll(chain)) {
		const [whole, indent, from, names, to] = match;
		// one variable between two numbers is said so in the language itself
		if (!names.includes(',') && !/∞|inf/i.test(from + to)) continue;
		found.push(
			placed(match.index + indent.length, whole.length - indent.length, said(names, from, to), 'list')
		);
	}
	// brackets of an interval look like a unit, so they are looked for in the source
	const set = new RegExp(
		`^([ \\t]*)(${list})[ \\t]*(?:∈|\\bin\\b)[ \\t]*[\\[(][ \\t]*(${low})[ \\t]*[,;][ \\t]*(${high})[ \\t]*[\\])]`,
		'gmiu'
	);
	for (const match of source.matchAll(set)) {
		const [whole, indent, names, from, to] = match;
		found.push(
			placed(match.index + indent.length, whole.length - indent.length, said(names, from, to), 'domain')
		);
	}
	const open = new RegExp(
		`^([ \\t]*)(${list})[ \\t]*(>=|≥|⩾|<=|≤|⩽)[ \\t]*([-−+]?)[ \\t]*(?:∞|inf(?:inity)?)(?=[ \\t]*[,;.]?[ \\t]*$)`,
		'gmiu'
	);
	for (const match of code.matchAll(open)) {
		const [whole, indent, names, relation, sign] = match;
		const isLower = />|≥|⩾/.test(relation) && /[-−]/.test(sign);
		found.push(
			placed(
				match.index + indent.length,
				whole.length - indent.length,
				isLower ? `${names} free` : '',
				'domain'
			)
		);
	}
	return found;
}

const SECTION =
	/^[ \t]*(bounds?|constraints?|variables?|generals?|gen|integers?|int|binar(?:y|ies)|bin|free|end)[ \t]*[:.]?[ \t]*$/gim;

/** Headings of sections: names below `General` or `Binary` are whole or binary, `Bounds` and `End` say nothing themselves. */
function sections(code: string): Placed[] {
	const heads = [...code.matchAll(SECTION)];
	return heads.flatMap((head, i): Placed[] => {
		const word = head[1].toLowerCase();
		const domain = /^(?:gen|int)/.test(word)
			? 'integer'
			: /^bin/.test(word)
				? 'binary'
				: word === 'free'
					? 'free'
					: null;
		const found = [placed(head.index, head[0].length, '', 'rows')];
		if (!domain) return found;
		const from = head.index + head[0].length;
		const below = code.slice(from, heads[i + 1]?.index ?? code.length);
		for (const match of below.matchAll(
			new RegExp(`^([ \\t]*)(${NAME}(?:[ \\t,]+${NAME})*)[ \\t,;.]*$`, 'gmu')
		)) {
			const names = match[2].split(/[\s,]+/).join(', ');
			found.push(
				placed(from + match.index + match[1].length, match[2].length, `${names} ${domain}`, 'domain')
			);
		}
		return found;
	});
}

/** `integer x, y` says of the names what `x, y integer` does. */
function domainsFirst(code: string): Placed[] {
	const found: Placed[] = [];
	const pattern = new RegExp(
		`^([ \\t]*)(?:integers?|int|gin|gen|generals?|binary|binaries|bin|free)[ \\t]+(${NAME}(?:[ \\t]*,?[ \\t]+${NAME})*)(?=[ \\t,;.]*$)`,
		'gmiu'
	);
	for (const match of code.matchAll(pattern)) {
		const [whole, indent, names] = match;
		if (names.split(/[\s,]+/).some(isWord)) continue;
		const domain = /^\s*b/i.test(whole) ? 'binary' : /^\s*f/i.test(whole) ? 'free' : 'integer';
		const list = names.split(/[\s,]+/).join(', ');
		found.push(
			placed(match.index + indent.length, whole.length - indent.length, `${list} ${domain}`, 'domain')
		);
	}
	return found;
}

/**
 * What lines and the whole text show of their author's habits, as stretches that do not overlap.
 * @param source any text
 */
export function lineHabits(source: string): Placed[] {
	// what is quoted or a unit still stands there, as something that is no word
	const code = source.replace(VERBATIM_PARTS, (text) => (text[0] === '#' ? ' ' : '"').repeat(text.length));
	const count = counted(code);
	const all = [
		...linesThatTell(source, code, count),
		...sections(code),
		...rowHabits(source, code, count),
		...domainsFirst(code),
		...indices(code, count),
		...intervals(code, source),
		...labels(code),
		...bullets(code),
		...behindAmounts(code, count)
	].sort(([a], [b]) => a - b);
	const kept: Placed[] = [];
	for (const own of all) {
		const last = kept.at(-1);
		if (!last || own[0] >= last[1].to) kept.push(own);
	}
	return kept;
}
