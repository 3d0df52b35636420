import { placed, VERBATIM_PARTS, type Placed } from './placed';

/** Lines that tell rather than state: what names mean, sentences, headings, comments of other languages. They are passed over, and that is told. */

const NAME = "\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*";
const WORD = "[\\p{L}\\p{M}'’-]+";
/** words, with a unit or a remark in brackets, and no arithmetic */
const PHRASE = `${WORD}(?:[ \\t]+${WORD})*(?:[ \\t]*\\([^()\\n=<>≤≥]*\\))?`;
const MEANING = `(${NAME})[ \\t]*(?:=|:=|:|(?<=[ \\t])(?:is|be|are|denotes|means|represents|stands[ \\t]+for)(?=[ \\t]))[ \\t]*(${PHRASE})`;
/** words that say a relation or a domain, so that a line with one is no mere sentence */
const SAYS =
	/\b(?:at|most|least|than|exceed|equals?|exactly|integers?|integral|int|binary|free|urs|unrestricted|non-?negative|nonnegative|whole|subject|such|from|to|limited|between|max\w*|min\w*|title|story|bounds?|end|generals?|mindestens|h(?:ö|oe)chstens|plus|moins|menos|m[áa]ximo|m[íi]nimo|ganzzahlig|entiers?|enter[oa]s?)\b/iu;

/** Which lines say what the names mean: `x = bowls`, `where b = bowls, v = vases`, `Let x be the number of bowls`. */
function meanings(code: string, count: ReadonlyMap<string, number>): Placed[] {
	const whole = new RegExp(
		`^([ \\t]*)((?:(?:where|let|with|and|here)[ \\t,:]+)?${MEANING}(?:[ \\t]*(?:[,;]|[ \\t]and(?=[ \\t]))[ \\t]*(?:and[ \\t]+|let[ \\t]+)?${MEANING})*[ \\t]*[.;]?)[ \\t]*$`,
		'gimu'
	);
	const each = new RegExp(MEANING, 'giu');
	const found: Placed[] = [];
	for (const match of code.matchAll(whole)) {
		const [, indent, line] = match;
		const isMeant = [...line.matchAll(each)].every(([, name, phrase]) => {
			const words = phrase.match(/\p{L}[\p{L}\p{M}\p{Nd}_'’]*/gu) ?? [];
			if (SAYS.test(phrase) || (count.get(name) ?? 0) < 2) return false;
			return words.length > 1 || (count.get(words[0] ?? '') === 1 && !/:(?!=)/.test(line));
		});
		if (isMeant) found.push(placed(match.index + indent.length, line.length, '', 'meaning'));
	}
	return found;
}

/** Sentences: four words or more, and nothing that counts or compares. */
function sentences(code: string): Placed[] {
	const pattern = new RegExp(
		`^([ \\t]*)(${WORD}[,;]?(?:[ \\t]+${WORD}[,;]?){3,}(?:[ \\t]*[.!?:])?(?:[ \\t]+${WORD}[^\\n=<>≤≥+*]*)?)$`,
		'gmu'
	);
	return [...code.matchAll(pattern)]
		.filter(([, , line]) => !SAYS.test(line) && !/[\d"]/.test(line))
		.map((match) => placed(match.index + match[1].length, match[2].length, '', 'prose'));
}

/** Headings that say nothing of their own: `Objective:`, `Decision variables`, `Non-negativity`. */
function headings(code: string): Placed[] {
	const alone =
		/^([ \t]*)((?:objective(?:[ \t]+function)?|decision[ \t]+variables?|(?:and[ \t]+)?non-?[ \t]?negativity(?:[ \t]+(?:constraints?|conditions?))?|sign[ \t]+(?:constraints?|restrictions?)|model|(?:linear|integer)[ \t]+program(?:me)?|lp|ilp)[ \t]*[:.]?)[ \t]*$/gim;
	const before = /^([ \t]*)(objective(?:[ \t]+function)?[ \t]*[:.]?[ \t]+)(?=\\?(?:max|min))/gim;
	const signs = /^([ \t]*)(non-?[ \t]?negativity[ \t]*:[ \t]*)(?=\S)/gim;
	return [alone, before, signs].flatMap((pattern) =>
		[...code.matchAll(pattern)].map((match) =>
			placed(match.index + match[1].length, match[2].length, '', 'rows')
		)
	);
}

/** Comments as programs write them: `// clay`. */
const comments = (source: string): Placed[] =>
	[...source.matchAll(/(^|[ \t])\/\/(?!\/)/gm)]
		.filter(({ index }) => !insideVerbatim(source, index))
		.map((match) => placed(match.index + match[1].length, 2, '#', 'mark'));

/** Whether a place lies in a comment, a quoted text or a unit of its line. */
function insideVerbatim(source: string, at: number): boolean {
	const start = source.lastIndexOf('\n', at - 1) + 1;
	const line = source.slice(start).split('\n', 1)[0];
	return [...line.matchAll(VERBATIM_PARTS)].some(
		({ index, 0: text }) => start + index <= at && at < start + index + text.length
	);
}

/**
 * The stretches of a text that only tell.
 * @param source the text
 * @param code the text with what is verbatim blotted out, place by place
 * @param count how often each name stands
 */
export function linesThatTell(source: string, code: string, count: ReadonlyMap<string, number>): Placed[] {
	return [...comments(source), ...headings(code), ...meanings(code, count), ...sentences(code)];
}
