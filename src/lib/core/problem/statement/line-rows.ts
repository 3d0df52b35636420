import { placed, type Placed } from './placed';

/** Rows and objectives that are put together otherwise than in the language: names without a colon or behind, several rows in a line, absolute values, shares. */

const NAME = "\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*";
const NUMBER = '[-−+]?\\d+(?:[.,]\\d+)*(?:[ \\t]*/[ \\t]*\\d+)?';
const RELATION = '(?:<=|>=|=<|=>|[≤≥⩽⩾=<>])';
const hasRelation = (text: string): boolean => /[<>=≤≥⩽⩾]/.test(text);
const isGoal = (line: string): boolean => /^\s*\\?(?:max|min)/i.test(line);
/** words that stand before names and are none */
const NO_LABEL =
	/^(?:max|min|subject|such|so|st|s|title|story|and|where|with|let|under|unter|sous|sujeto|sujeta|integers?|int|binary|free|bounds?|if|or|all|both|each|every|for|the)/iu;

/** `C1 x + y ≤ 4`, `clay 2x + y ≤ 100`: a name that stands nowhere else before a row. */
function namesBefore(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const pattern = new RegExp(`^([ \\t]*)(${NAME})(?=[ \\t]+(?:\\d|\\(|${NAME}))([^\\n:]*)$`, 'gmu');
	return [...code.matchAll(pattern)]
		.filter(([, , name, rest]) => {
			const left = rest.split(/[<>=≤≥⩽⩾]/)[0].trim();
			// one name of several words is read elsewhere, and so is what is said of names
			const isSum = /^(?:[-−]?[\d(]|\p{L}[\p{L}\p{M}\p{Nd}_']*[ \t]*(?:[-−+*·]|$))/u.test(left);
			return hasRelation(rest) && count.get(name) === 1 && isSum && !NO_LABEL.test(name);
		})
		.map((match) => placed(match.index + match[1].length, match[2].length, `${match[2]}:`, 'label'));
}

/** `x + y ≤ 4;  clay` and `x + y ≤ 4 … (1)`: names and counts behind a row, after a mark. */
function namesBehind(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const found: Placed[] = [];
	const dots = /([ \t]*(?:\.{3,}|…+)[ \t.…]*\(?\d{0,2}\)?)[ \t]*$/gm;
	for (const match of code.matchAll(dots)) {
		const line = code.slice(0, match.index).split('\n').at(-1)!;
		if (hasRelation(line)) found.push(placed(match.index, match[1].length, '', 'numbering'));
	}
	const behind = new RegExp(`^([ \\t]*)([^\\n:;,]*)([;,][ \\t]*(${NAME}))[ \\t]*$`, 'gmu');
	for (const match of code.matchAll(behind)) {
		const [, indent, row, mark, name] = match;
		if (!hasRelation(row) || isGoal(row) || count.get(name) !== 1 || NO_LABEL.test(name)) continue;
		const line = match.index + indent.length;
		found.push(placed(line, 0, `${name}: `, 'label'), placed(line + row.length, mark.length, '', 'label'));
	}
	return found;
}

/** `x + y ≤ 4 x + 3 y ≤ 6`: where a number is followed by further terms and a relation, a new row begins behind it. */
function rowsInALine(code: string): Placed[] {
	const found: Placed[] = [];
	for (const match of code.matchAll(/^[^\n]*[<>=≤≥][^\n]*[<>=≤≥][^\n]*$/gm)) {
		const line = match[0];
		const begin = /^\s*\\?(?:max|min)[^=\n]*=/i.exec(line)?.[0].length ?? 0;
		const piece = new RegExp(
			`${RELATION}[ \\t]*(${NUMBER})[ \\t]+(?=(?:\\d[\\d.]*[ \\t]*\\*?[ \\t]*)?${NAME}[^<>=≤≥\\n]*[<>=≤≥])`,
			'gu'
		);
		piece.lastIndex = begin;
		for (let own = piece.exec(line); own; own = piece.exec(line)) {
			// between two numbers a sum is one row with two limits
			const before = line
				.slice(begin, own.index)
				.split(/[<>=≤≥]/)
				.at(-1)!;
			if (!/\p{L}/u.test(before)) continue;
			const end = own.index + own[0].length;
			const blank = own[0].length - own[0].trimEnd().length;
			found.push(placed(match.index + end - blank, blank, '\n', 'list'));
		}
	}
	return found;
}

/** `|x − y| ≤ 4` is the row with two limits −4 and 4. */
function absoluteValues(code: string): Placed[] {
	const pattern = new RegExp(
		`^([ \\t]*(?:${NAME}[ \\t]*:[ \\t]*)?)\\|([^|\\n]+)\\|[ \\t]*(?:<=|=<|[≤⩽<])[ \\t]*(\\d+(?:\\.\\d+)?(?:/\\d+)?)(?=[ \\t]*[,;.]?[ \\t]*$)`,
		'gmu'
	);
	return [...code.matchAll(pattern)].map((match) => {
		const [whole, before, inside, limit] = match;
		const means = `-${limit} ≤ ${inside.trim()} ≤ ${limit}`;
		return placed(match.index + before.length, whole.length - before.length, means, 'relation');
	});
}

/** `x + y between 2 and 4`, `x + y at most 4 and at least 2`: a row with two limits, or the bounds of a variable. */
function twoLimits(code: string): Placed[] {
	const found: Placed[] = [];
	const limits = (from: number, length: number, sum: string, low: string, high: string): Placed =>
		placed(from, length, `${low} ≤ ${sum.trim()} ≤ ${high}`, 'relation');
	const start = `^([ \\t]*(?:[^\\n:]*:[ \\t]*)?)([^\\n:<>=≤≥]*?)[ \\t]+(?:is[ \\t]+|are[ \\t]+|must[ \\t]+be[ \\t]+)?`;
	const between = new RegExp(
		`${start}between[ \\t]+(${NUMBER})[ \\t]+and[ \\t]+(${NUMBER})[ \\t.;,]*$`,
		'gimu'
	);
	for (const match of code.matchAll(between)) {
		const [whole, before, sum, low, high] = match;
		found.push(limits(match.index + before.length, whole.length - before.length, sum, low, high));
	}
	const most = '(?:at[ \\t]+most|no[ \\t]+more[ \\t]+than)[ \\t]+';
	const least = '(?:at[ \\t]+least|no[ \\t]+less[ \\t]+than)[ \\t]+';
	const both = new RegExp(
		`${start}(?:${most}(${NUMBER})[ \\t]+(?:and|but)[ \\t]+${least}(${NUMBER})|${least}(${NUMBER})[ \\t]+(?:and|but)[ \\t]+${most}(${NUMBER}))[ \\t.;,]*$`,
		'gimu'
	);
	for (const match of code.matchAll(both)) {
		const [whole, before, sum, high, low, lowFirst, highLast] = match;
		const from = match.index + before.length;
		found.push(limits(from, whole.length - before.length, sum, low ?? lowFirst, high ?? highLast));
	}
	return found;
}

/** `40% of x + y`: of the whole sum, or of its first term alone. */
function shares(code: string): Placed[] {
	const pattern = new RegExp(
		`(\\d+(?:\\.\\d+)?)[ \\t]?%[ \\t]+of[ \\t]+([^\\n<>=≤≥,;#]*[^\\s<>=≤≥,;.#])`,
		'gu'
	);
	return [...code.matchAll(pattern)].map((match) => {
		const [whole, percent, sum] = match;
		const ofAll = `(${percent}/100) (${sum})`;
		const isSum = /[-−+]/.test(sum) && !/^\(.*\)$/.test(sum);
		return placed(
			match.index,
			whole.length,
			ofAll,
			'number',
			isSum ? [ofAll, `(${percent}/100) ${sum}`] : undefined
		);
	});
}

/** `max z` with `z = 3x + 2y` below; a unit or a name behind the objective's expression. */
function objectives(code: string, source: string, count: ReadonlyMap<string, number>): Placed[] {
	const found: Placed[] = [];
	const bare = new RegExp(`^([ \\t]*(?:max|min)[a-z]*[ \\t]*:?[ \\t]+)(${NAME})[ \\t]*(?=$|\\n)`, 'imu').exec(
		code
	);
	if (bare) {
		const name = bare[2].replace(/'/g, "\\'");
		const below = new RegExp(
			`^([ \\t]*)(${name}[ \\t]*=[ \\t]*([^\\n<>=≤≥]*\\p{L}[^\\n<>=≤≥]*?))[ \\t]*[.,;]?$`,
			'gmu'
		);
		below.lastIndex = bare.index + bare[0].length;
		const defined = below.exec(code);
		if (defined) {
			found.push(
				placed(bare.index + bare[0].length, 0, ` = ${defined[3]}`, 'sense'),
				placed(defined.index + defined[1].length, defined[0].length - defined[1].length, '', 'sense')
			);
		}
	}
	// what is verbatim is looked for in the source: a unit, or a remark in round brackets
	const unit =
		/^([ \t]*(?:max|min)[a-z]*[ \t]*:?[ \t]+)([^\n=#]*?[^\s=#])([ \t]*\[([^\]\n]*[^\]\n\d, ][^\]\n]*)\])[ \t]*$/im.exec(
			source
		);
	if (unit && !/\]\s*$/.test(unit[2])) {
		found.push(
			placed(unit.index + unit[1].length, 0, `z [${unit[4]}] = `, 'unit'),
			placed(unit.index + unit[1].length + unit[2].length, unit[3].length, '', 'unit')
		);
	}
	const remark = new RegExp(
		`^([ \\t]*(?:max|min)[a-z]*[ \\t]*:?[ \\t]+)([^\\n=#]*?[^\\s=#])([ \\t]+\\((${NAME})\\))[ \\t]*$`,
		'imu'
	).exec(code);
	if (remark && count.get(remark[4]) === 1) {
		found.push(
			placed(remark.index + remark[1].length, 0, `${remark[4]} = `, 'label'),
			placed(remark.index + remark[1].length + remark[2].length, remark[3].length, '', 'label')
		);
	}
	return found;
}

/** Units that are written out: `3 €/bowl x`, `40 hrs/week`, `4 units of clay`; `clay (kg): …` */
function unitsWritten(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const found: Placed[] = [];
	const isNew = (words: string): boolean =>
		(words.match(/\p{L}[\p{L}\p{M}\p{Nd}_']*/gu) ?? []).every(
			(word) => count.get(word) === 1 || word === 'of' || word === 'per'
		);
	const money = new RegExp(
		`(?<=\\d)([ \\t]?)([$€£]|${NAME})[ \\t]*(?:/|[ \\t]per[ \\t])[ \\t]*(${NAME})(?=[ \\t]+${NAME})`,
		'gu'
	);
	for (const match of code.matchAll(money)) {
		const [whole, , of, per] = match;
		if ((!/\p{L}/u.test(of) || isNew(of)) && (count.get(per) ?? 0) >= 1)
			found.push(placed(match.index, whole.length, ` [${of}/${per}]`, 'unit'));
	}
	const end = new RegExp(
		`(${RELATION}|most|least|than)([ \\t]*${NUMBER})([ \\t]*(${NAME}[ \\t]*/[ \\t]*${NAME}|${NAME}(?:[ \\t]+(?:of|per)[ \\t]+${NAME})))[ \\t]*[.,;]?[ \\t]*$`,
		'gimu'
	);
	for (const match of code.matchAll(end)) {
		const [, relation, amount, unit, words] = match;
		if (/\bof\b/.test(words) ? isNew(words.split(/\bof\b/)[0]) : isNew(words))
			found.push(placed(match.index + relation.length + amount.length, unit.length, ` [${words}]`, 'unit'));
	}
	const label = new RegExp(`^([ \\t]*)(${NAME})([ \\t]*\\(([^()\\n:]{1,20})\\))(?=[ \\t]*:(?!=))`, 'gmu');
	for (const match of code.matchAll(label)) {
		const [, indent, name, brackets, unit] = match;
		if (isGoal(name)) continue;
		const joined = `${name}_${unit}`.replace(/[^\p{L}\p{M}\p{Nd}_']+/gu, '_');
		const at = match.index + indent.length;
		found.push(
			placed(at, name.length + brackets.length, `${name} [${unit}]`, 'unit', [`${name} [${unit}]`, joined])
		);
	}
	return found;
}

/** What is said of all variables at once: `all variables are non-negative integers`, `all variables ≥ 0`. */
function ofAll(code: string): Placed[] {
	const pattern =
		/^([ \t]*)((?:all|both)[ \t]+(?:the[ \t]+)?(?:decision[ \t]+)?(?:variables|unknowns)\b[^\n]*?)[ \t.;]*$/gim;
	const found: Placed[] = [];
	for (const match of code.matchAll(pattern)) {
		const [, indent, line] = match;
		const names = variablesIn(code.replace(match[0], ''));
		const domain = /\bbinary|0[ \t]*(?:\/|or)[ \t]*1\b/i.test(line)
			? 'binary'
			: /integer|integral|whole/i.test(line)
				? 'integer'
				: /free|unrestricted/i.test(line)
					? 'free'
					: /non-?[ \t]?negative|(?:>=|≥|⩾)[ \t]*0/i.test(line)
						? 'from 0'
						: null;
		if (domain && names.length > 0)
			found.push(placed(match.index + indent.length, line.length, `${names.join(', ')} ${domain}`, 'domain'));
	}
	return found;
}

/** Names behind numbers, signs and at the beginnings of sums: what a text's variables are, for all that is written about them at once. */
function variablesIn(code: string): string[] {
	const rows = code
		.split('\n')
		.filter((line) => hasRelation(line) || isGoal(line))
		.map((line) =>
			line
				.replace(/^\s*\\?(?:max|min)[a-z]*[.:]?\s*(?:[\p{L}\p{Nd}_']+\s*=)?/iu, '')
				.replace(/^[^:]*:(?!=)/, '')
		);
	const names = rows.flatMap((row) => row.match(/\p{L}[\p{L}\p{M}\p{Nd}_']*/gu) ?? []);
	return [...new Set(names)].filter(
		(name) => !NO_LABEL.test(name) && !/^(?:at|most|least|than|no|more|less|is|are)$/i.test(name)
	);
}

/** The stretches of a text in which rows and objectives are put together otherwise; see `line-prose.ts` for the parameters. */
export function rowHabits(source: string, code: string, count: ReadonlyMap<string, number>): Placed[] {
	return [
		...absoluteValues(code),
		...twoLimits(code),
		...ofAll(code),
		...objectives(code, source, count),
		...namesBehind(code, count),
		...namesBefore(code, count),
		...rowsInALine(code),
		...shares(code),
		...unitsWritten(code, count)
	];
}
