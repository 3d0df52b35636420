import { countIn } from '../number/number-words';
import { capitalText } from '../sentence/sentence';

/** What an instructor's notes say about the lecture: questions to the class with what is expected, and how long it takes. */

export interface NotedQuestion {
	readonly asks: string;
	/** what is expected; empty where the notes do not say */
	readonly expects: string;
}

/**
 * Reads notes.
 * @param notes free text; a question begins with `Ask:` and ends with its question mark, what is expected follows as one sentence after
 * `Expected:`, and the time is a number in figures or words before `minutes`
 */
export function readNotes(notes: string): {
	readonly questions: readonly NotedQuestion[];
	/** planned minutes; 0 where the notes do not say */
	readonly minutes: number;
} {
	const asked = notes.matchAll(/\bAsk:\s*([^?]+\?)(?:\s*Expected:\s*(.+?[.!](?=\s|$)))?/gs);
	const [, time] = /\b([\w-]+) minutes\b/i.exec(notes) ?? [];
	return {
		questions: [...asked].map(([, asks, expects = '']) => ({
			asks: capitalText(asks.trim()),
			expects: capitalText(expects.trim())
		})),
		minutes: (time && countIn(time)) || 0
	};
}
