import type { ReadingKind } from '../messages';
import type { TokenKind } from './token';
import { matchAt } from '../sticky';

/** Words that are more than names: relations, domains, connectives and senses, in the languages that are read. */

export interface Phrase {
	readonly kind: TokenKind;
	readonly length: number;
	readonly says: string;
	readonly habit: ReadingKind;
}

const END = "(?![\\p{L}\\p{Nd}_']|-\\p{L})";
const words = (text: string): string => text.replace(/ /g, '[ \\t]+');
/** what may stand before a relation in words */
const MUST =
	'(?:(?:is|are|must|should|shall|may|can|has|have|needs?|stays?|remains?|lies?|will|be|to|always|also|amounts?|comes?|totals?|makes? up|accounts? for) )*';
const IS = '(?:is|are|becomes?|should be|shall be|must be)';
const NOT =
	"(?:(?:can(?:not|'t|’t| not)|must(?: not|n't|n’t)|may not|should not|shall not|does not|do not|is not(?: allowed to)?|are not(?: allowed to)?|will not) ?(?:be )?)";

const rule = (kind: TokenKind, says: string, habit: ReadingKind, pattern: string, isBare = false) => ({
	kind,
	says,
	habit,
	pattern: new RegExp(isBare ? pattern : words(pattern) + END, 'iuy')
});

/** fractions in words, with what they divide by */
const FRACTIONS: readonly (readonly [string, number])[] = [
	['third', 3],
	['quarter', 4],
	['fourth', 4],
	['fifth', 5],
	['tenth', 10]
];

/** in the order in which they are tried; longer ones first */
const RULES = [
	rule(
		'such',
		'',
		'rows',
		'(?:subject to|with respect to|such that|so that|given that|provided that|on condition that|s\\.[ \\t]?t\\.?|s/t|under|subj(?:ect|\\.)? to|unter den nebenbedingungen|unter|u\\.[ \\t]?d\\.[ \\t]?n\\.?|so ?dass|sous (?:les )?contraintes|sous|s\\.[ \\t]?c\\.?|sujeto a|sujeta a|s\\.[ \\t]?a\\.?)(?: (?:the )?(?:following )?(?:constraints?|restrictions?|conditions?|limits))?(?:[ \\t]*[:,])?(?:(?<=\\.)(?=\\p{L}\\d)|(?![\\p{L}\\p{Nd}_]))',
		true
	),
	rule('such', '', 'rows', '(?:(?:st|subject|where|with)(?=[ \\t]*(?:\\n|$))|st[ \\t]*:)', true),
	rule('between', '', 'relation', `${MUST}(?:between|in the range(?: of| from)?)`),
	// not more than is at most, not less than at least
	rule(
		'relation',
		'≤',
		'relation',
		`${NOT}(?:more than|greater than|above|over|exceed|larger than|surpass|go (?:above|over)|use more than|take more than)`
	),
	rule(
		'relation',
		'≥',
		'relation',
		`${NOT}(?:less than|fewer than|smaller than|below|under|fall (?:below|under))`
	),
	rule(
		'relation',
		'≤',
		'relation',
		`${MUST}(?:at (?:the )?most|no more than|not more than|up to|less than or equal(?: to)?|smaller than or equal(?: to)?|not greater than|no greater than|no larger than|limited to|restricted to|capped at|not exceeding|a? ?maximum of|never (?:more than|above|over)|never exceeds?|h(?:ö|oe)chstens|maximal(?= \\d)|au plus|como m[áa]ximo|a lo sumo)`
	),
	rule(
		'relation',
		'≥',
		'relation',
		`${MUST}(?:at (?:the )?(?:very )?least|no less than|not less than|no fewer than|not fewer than|greater than or equal(?: to)?|larger than or equal(?: to)?|more than or equal to|no smaller than|not below|a? ?minimum of|never (?:less than|below|under)|mindestens|au moins|al menos|como m[íi]nimo)`
	),
	rule('relation', '≤', 'strict', `${MUST}(?:strictly )?(?:less than|fewer than|smaller than|below)`),
	rule(
		'relation',
		'≥',
		'strict',
		`${MUST}(?:strictly )?(?:more than|greater than|larger than|above|exceeds?)`
	),
	rule('relation', '= 0', 'relation', `${MUST}(?:zero|nil)`),
	rule(
		'relation',
		'=',
		'relation',
		`${MUST}(?:equal to|equals?|exactly equal to|exactly|the same as|as (?:many|much) as|genau|exactement|exactamente)`
	),
	rule(
		'relation',
		'=',
		'relation',
		'(?:must be|has to be|have to be|is|are)(?= (?:[\\d.]|twice |double |triple |half |two times |three times ))'
	),
	rule(
		'all',
		'',
		'list',
		'(?:all|both|every|each)(?: of)?(?: the)?(?: decision)? (?:variables?|unknowns|quantities|amounts|of them)'
	),
	rule('all', '', 'list', 'all(?=[ \\t]*(?:[≥⩾>]|=>)=?[ \\t]*0(?![\\d.]))', true),
	rule(
		'each',
		'',
		'list',
		'(?:for(?: all| every| each)|for any|f[üu]r alle|for(?=\\s+[ijkmn]\\s*(?:=|∈|in))|pour tout|para todo)'
	),
	rule('in', '', 'domain', `(?:(?:is|are|lies?) )?in(?=\\s*[\\[{(])`),
	// a, b in N
	rule('in', '', 'domain', 'in(?=[ \\t]+[NZRQ](?:[_^]?\\+)?[ \\t]*(?:[,.;)\\n]|$))', true),
	rule(
		'domain',
		'binary',
		'domain',
		'(?:(?:are|is|be|all|both|must be|has to be|have to be) )*(?:binary|binaries|zero-one|bin(?:är|aires?|ari[oa]s?)|boolean)'
	),
	rule(
		'domain',
		'from 1 integer',
		'domain',
		'(?:(?:are|is|be|all|both|must be|has to be|have to be|a) )*positive (?:integers?|whole numbers?)(?: only)?'
	),
	rule(
		'domain',
		'integer',
		'domain',
		'(?:(?:are|is|be|all|both|must be|has to be|have to be|also|an?(?= (?:non|int|whole))|non-?negative) )*(?:integer(?:-| )valued|whole numbers?|integers?|integral|whole|int|gin|ganzzahlig|ganze zahlen|enti(?:er|ers|ère|ères)|enter[oa]s?)(?: numbers?| values?| only)?'
	),
	rule(
		'domain',
		'free',
		'domain',
		'(?:(?:are|is|be|all|both|must be) )*(?:(?:unrestricted|free|unconstrained)(?: (?:in|of) sign)?|urs|of any sign|any sign|any value|frei|libres?)'
	),
	rule(
		'domain',
		'free',
		'domain',
		'(?:can|may|might|is allowed to|are allowed to) (?:also )?(?:be|become|take|have) (?:negative|any)(?: values?| numbers?| sign)?'
	),
	rule('domain', 'to 0 free', 'domain', `${IS} (?:non(?:-| )?positive|negative(?: or zero)?)`),
	rule(
		'domain',
		'from 0',
		'domain',
		`${IS} (?:(?:strictly )?positive|(?:never|not allowed to be|not permitted to be) negative)`
	),
	rule('domain', 'from 0', 'domain', '(?:(?:are|is|be) )*continuous'),
	rule(
		'domain',
		'from 0',
		'domain',
		"(?:(?:are|is|be|all|both|must be|can(?:not|’t|'t)|may not|must not|not) )*(?:non(?:-| )?neg(?:ative)?|(?<=(?:not|’t|'t)(?: be)? )negative|positive or zero|nichtnegativ)(?: reals?| numbers?)?"
	),
	rule('from', 'from', 'domain', 'from(?=[ \\t]+\\$?[-−]?[\\d.\\\\])', true),
	rule('from', 'to', 'domain', 'to(?=[ \\t]+\\$?[-−]?[\\d.\\\\])', true),
	rule(
		'sense',
		'max',
		'sense',
		`${MUST}(?:maximi[sz]ed|as (?:large|big|high|great) as possible)|${IS} maximal`
	),
	rule(
		'sense',
		'min',
		'sense',
		`${MUST}(?:minimi[sz]ed|as (?:small|low|little|cheap) as possible)|${IS} minimal`
	),
	rule(
		'sense',
		'max',
		'sense',
		"(?:max(?:imi[sz](?:e|ing|ation)|imum|imal)?\\.?|maxim(?:ieren?|iser|izar))(?![\\p{L}\\p{Nd}_'])",
		true
	),
	rule(
		'sense',
		'min',
		'sense',
		"(?:min(?:imi[sz](?:e|ing|ation)|imum|imal)?\\.?|minim(?:ieren?|iser|izar))(?![\\p{L}\\p{Nd}_'])",
		true
	),
	rule(
		'number',
		'2',
		'number',
		'(?:twice|double|two times)(?: (?:as (?:many|much)(?: as)?|the (?:number|amount) of))?'
	),
	rule(
		'number',
		'3',
		'number',
		'(?:thrice|three times|triple)(?: (?:as (?:many|much)(?: as)?|the (?:number|amount) of))?'
	),
	rule(
		'number',
		'1/2',
		'number',
		'(?:(?:one )?half(?: as (?:many|much)(?: as)?| the (?:number|amount) of)?)(?! an? )'
	),
	...FRACTIONS.map(([word, under]) => rule('number', `1/${under}`, 'number', `(?:an?|one) ${word}`)),
	...FRACTIONS.flatMap(([word, under]) => [
		rule('number', `2/${under}`, 'number', `two ${word}s`),
		rule('number', `3/${under}`, 'number', `three ${word}s`)
	]),
	rule('infinity', '', 'domain', '(?:inf|infinity|infty)'),
	rule('sign', '+', 'relation', 'plus'),
	rule('sign', '-', 'relation', 'minus'),
	rule('times', '·', 'relation', 'times'),
	rule('and', ',', 'list', '(?:and|but|und|et|y(?= )(?=never))'),
	rule('or', 'or', 'list', '(?:or|oder|ou)')
];
/** the words that a phrase may begin with: most words are none of them */
const FIRST = new Set(
	(
		'where with stay stays remain remains might become becomes allowed subject such so given provided on s st under subj unter u sous sujeto sujeta is are must should shall may can has have need needs will be to always also amount amounts come comes make makes become becomes account accounts total totals ' +
		'between in cannot mustn does do at no not up less smaller greater larger more limited restricted capped a an maximum minimum never höchstens hoechstens maximal au como ' +
		'mindestens al strictly fewer below above exceed exceeds zero nil equal equals exactly the as genau exactement exactamente all both every each for für fur pour para lie lies ' +
		'continuous binary binaries bin binär binaire binaires binaria binarias binario binarios boolean integer integers integral whole int gin ganzzahlig ganze entier entiers entière entières entero enteros ' +
		'entera enteras unrestricted free unconstrained urs of any frei libre libres non nonneg nonnegative negative positive nichtnegativ from max min maximise maximize maximised maximized minimised minimized maximising maximizing maximisation ' +
		'maximization minimal minimise minimize minimising minimizing minimisation minimization maximieren maximiere maximiser maximizar minimieren minimiere minimiser minimizar twice ' +
		'double two thrice three triple half one inf infinity infty plus minus times and but und et or oder ou over y'
	).split(' ')
);
const WORD = /\p{L}+/uy;
/** what states something: a relation, a domain, a meaning */
const STATES =
	/[<>=≤≥∈]|\bin\b|\bint(?:eger)?s?\b|\bwhole\b|\bbinary\b|\bfree\b|negative\b|\b(?:is|are|denotes?)\b/i;

/** a sense with an expression behind it */
const STATES_GOAL = /\b(?:max|min)[a-z]*\b.*[\d\p{L}][ \t]*[+−-]/iu;

/** x + y ≤ 4 where x, y are integers: the word parts two statements of a line. */
function partsLine(source: string, at: number, word: string): boolean {
	if (!/^(?:where|with|given|wobei|mit|avec|donde|con)$/i.test(word)) return false;
	const before = source.slice(source.lastIndexOf('\n', at - 1) + 1, at);
	const [after] = source.slice(at + word.length).split('\n', 1);
	if (/^[ \t]+(?:that|respect)\b/.test(after)) return false;
	return (/[<>=≤≥].*[^\s<>=≤≥]/.test(before) || STATES_GOAL.test(before)) && STATES.test(after);
}

/**
 * A phrase at a place of a text; null where the word there is an ordinary one.
 * @param startsLine whether nothing stands before it in its line
 */
export function phraseAt(source: string, at: number, startsLine: boolean): Phrase | null {
	const first = matchAt(WORD, source, at)?.[0];
	if (first && partsLine(source, at, first))
		return { kind: 'such', length: first.length, says: '', habit: 'rows' };
	if (
		!first ||
		!FIRST.has(first.toLowerCase()) ||
		/(?:[\p{L}\p{Nd}_'’]|\p{L}-)$/u.test(source.slice(Math.max(0, at - 2), at))
	)
		return null;
	for (const { pattern, kind, says, habit } of RULES) {
		const text = matchAt(pattern, source, at)?.[0];
		if (!text) continue;
		// a integer: a variable that is called a
		if (kind === 'domain' && startsLine && /^a[ \t]/i.test(text)) continue;
		// nothing follows: “see below”
		if (
			kind === 'relation' &&
			says !== '= 0' &&
			!/^[ \t]*[^\s.;,!?]/.test(source.slice(at + text.length, at + text.length + 40))
		)
			continue;
		// max1 and min_cost are names, and so is a sense in front of a relation
		// x + y max 4 limits something
		if (
			kind === 'sense' &&
			!startsLine &&
			/^(?:max|min)(?:imum)?$/i.test(text) &&
			/^[ \t]+[\d.,]*\d(?![\d.,]*\d)[ \t]*\p{L}*[ \t]*(?:[,;]|$)/mu.test(
				source.slice(at + text.length).split('\n', 1)[0]
			) &&
			/[\p{L}\d)][ \t]+$/u.test(source.slice(0, at))
		)
			return { kind: 'relation', length: text.length, says: says === 'max' ? '≤' : '≥', habit: 'relation' };
		if (kind === 'sense' && /^[ \t]*(?:[=<>≤≥]|_(?!\{))/.test(source.slice(at + text.length))) return null;
		return { kind, length: text.trimEnd().length, says, habit };
	}
	return null;
}

/** A set that variables lie in, as what is said of them. */
export function setSays(letter: string, mark: string): string {
	if (/[ZNℤℕ]/i.test(letter)) return 'integer';
	return mark && !/^\^[n\d{]/.test(mark) ? 'from 0' : 'free';
}
