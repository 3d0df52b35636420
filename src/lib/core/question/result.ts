import { en } from '../language/language';
import { count, flag, finite, list, oneOf, record, text, type Of } from '../problem/shape';
import { readerOf } from '../problem/shape-check';
import { MOST_ASKED } from './exercise';
import { KIND_NAMES } from './types';
import { WORDS } from './words';

/** What somebody made of an exercise, to be handed in. The check word shows a slip of copying; whoever wants to can forge it. */

const RESULT = record({
	format: oneOf(['mathesis-result']),
	version: oneOf([1]),
	/** who did it, as they wrote it */
	who: text(200, 0),
	exercise: text(200, 0),
	/** when it was ended, ISO 8601 */
	ended: text(40),
	lines: list(
		record({
			kind: oneOf(KIND_NAMES),
			/** whether it was answered rightly in the end */
			right: flag,
			tries: count,
			hints: count,
			seconds: finite,
			/** codes of the slips that came up */
			slips: list(text(60), 200)
		}),
		MOST_ASKED
	),
	check: text(20)
});
export type ExerciseResult = Of<typeof RESULT>;
export type ResultLine = ExerciseResult['lines'][number];

const read = readerOf(RESULT);

/** A short word that changes with the content (FNV-1a, 32 bits; Fowler, Noll and Vo 1991). */
function checkWord(content: string): string {
	let hash = 0x811c9dc5;
	for (const character of content) hash = Math.imul(hash ^ character.codePointAt(0)!, 0x01000193) >>> 0;
	return hash.toString(36).padStart(7, '0');
}

const wordOf = ({
	who,
	exercise,
	ended,
	lines
}: Omit<ExerciseResult, 'check' | 'format' | 'version'>): string =>
	checkWord(
		JSON.stringify([
			who,
			exercise,
			ended,
			lines.map(({ kind, right, tries, hints, seconds, slips }) => [
				kind,
				right,
				tries,
				hints,
				seconds,
				slips
			])
		])
	);

/** `2026-11-29 10:00`: a time as ISO 8601, shown to the minute. */
export const minuteOf = (time: string): string => time.slice(0, 16).replace('T', ' ');

/** A result with its check word. */
export const resultOf = (own: Omit<ExerciseResult, 'check' | 'format' | 'version'>): ExerciseResult => ({
	format: 'mathesis-result',
	version: 1,
	...own,
	check: wordOf(own)
});

/**
 * Checks a result that comes from a file.
 * @returns the result, and whether its check word fits
 * @throws yup.ValidationError that names the first field at fault
 */
export function readResult(data: unknown): { result: ExerciseResult; fits: boolean } {
	const result = read(data);
	return { result, fits: wordOf(result) === result.check };
}

/** How often each slip came up, the most frequent first. */
export function slipCounts(
	lines: readonly ResultLine[]
): { kind: ResultLine['kind']; code: string; times: number }[] {
	const counts = new Map<string, { kind: ResultLine['kind']; code: string; times: number }>();
	for (const { kind, slips } of lines)
		for (const code of slips) {
			if (!Object.hasOwn(WORDS[kind].slips, code)) continue;
			const key = `${kind} ${code}`;
			counts.set(key, { kind, code, times: (counts.get(key)?.times ?? 0) + 1 });
		}
	return [...counts.values()].sort((a, b) => b.times - a.times);
}

/** What somebody made of an exercise, summed up. */
export interface ResultSummary {
	readonly asked: number;
	readonly right: number;
	/** right at the first try and without a hint */
	readonly atOnce: number;
	readonly tries: number;
	readonly hints: number;
	readonly minutes: number;
}

/** Whether a question was answered rightly at the first try and without a hint. */
export const isAtOnce = ({ right, tries, hints }: ResultLine): boolean => right && tries === 1 && hints === 0;

/** The questions of a result summed up. */
export function summed(lines: readonly ResultLine[]): ResultSummary {
	const sum = (of: 'tries' | 'hints' | 'seconds') => lines.reduce((all, line) => all + line[of], 0);
	return {
		asked: lines.length,
		right: lines.filter(({ right }) => right).length,
		atOnce: lines.filter(isAtOnce).length,
		tries: sum('tries'),
		hints: sum('hints'),
		minutes: Math.round(sum('seconds') / 60)
	};
}

/** A result as text to be copied into a message. */
export function resultText({ who, exercise, ended, lines, check }: ExerciseResult): string {
	const { asked, right, atOnce, tries, hints, minutes } = summed(lines);
	return [
		`${exercise || en`Exercise`}${who ? `, ${who}` : ''}, ${minuteOf(ended)}`,
		en`${right} of ${asked} right, ${atOnce} of them at the first try and without a hint`,
		[
			tries === 1 ? en`1 try` : en`${tries} tries`,
			hints === 1 ? en`1 hint` : en`${hints} hints`,
			minutes === 1 ? en`1 minute` : en`${minutes} minutes`
		].join(', '),
		`check word ${check}`
	].join('\n');
}
