import { en } from '../core/language/language';
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { MAX_FILE } from '$lib/core/lesson/limits';
import type { Exercise } from '$lib/core/question/exercise';
import type { Lesson } from '$lib/core/lesson/lesson';

/** Links that carry a whole lesson, its statement alone, or an exercise in their fragment, which no browser sends to a server. */

/** what a fragment begins with, by what it carries */
const MARKS = { lesson: '#lesson=', problem: '#problem=', exercise: '#exercise=' } as const;
export type Carried = keyof typeof MARKS;

const toBase64Url = (bytes: Uint8Array): string => {
	let binary = '';
	for (let i = 0; i < bytes.length; i += 0x8000)
		binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
	return btoa(binary).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '');
};

const fragment = (what: Carried, text: string): string =>
	MARKS[what] + toBase64Url(deflateSync(strToU8(text), { level: 9 }));

/** The fragment of a lesson or an exercise, beginning with `#`: JSON, deflated (RFC 1951), in base64url (RFC 4648). */
export const fragmentOf = (data: Lesson | Exercise, what: 'lesson' | 'exercise' = 'lesson'): string =>
	fragment(what, JSON.stringify(data));

/** The fragment of a statement alone: short enough for a code on paper. */
export const fragmentOfProblem = (statement: string): string => fragment('problem', statement);

/**
 * The text of the lesson, statement or exercise that a fragment carries; it is not checked yet.
 * @returns null where the fragment carries none
 * @throws Error where it is damaged
 */
export function textOfFragment(fragment: string, what: Carried = 'lesson'): string | null {
	const mark = MARKS[what];
	if (!fragment.startsWith(mark)) return null;
	try {
		const binary = atob(fragment.slice(mark.length).replace(/-/g, '+').replace(/_/g, '/'));
		const bytes = Uint8Array.from(binary, (c) => c.charCodeAt(0));
		// what unfolds beyond the room given is cut off, so that a small link cannot fill the memory
		return strFromU8(
			inflateSync(bytes, { out: new Uint8Array(Math.min(MAX_FILE, bytes.length * 1032 + 64)) })
		);
	} catch {
		throw new Error(en`This link is damaged: it was cut off or changed.`);
	}
}
