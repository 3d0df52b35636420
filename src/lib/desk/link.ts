import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { MAX_FILE } from '$lib/core/lesson/files';
import type { Lesson } from '$lib/core/lesson/lesson';

/** A link that carries a whole lesson in its fragment, which no browser sends to a server. */

const MARK = '#lesson=';

const toBase64Url = (bytes: Uint8Array): string => {
	let binary = '';
	for (let i = 0; i < bytes.length; i += 0x8000)
		binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
	return btoa(binary).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '');
};

/** The fragment of a lesson, beginning with `#`: JSON, deflated (RFC 1951), in base64url (RFC 4648). */
export const fragmentOf = (lesson: Lesson): string =>
	MARK + toBase64Url(deflateSync(strToU8(JSON.stringify(lesson)), { level: 9 }));

/**
 * The text of the lesson that a fragment carries; it is not checked yet.
 * @returns null where the fragment carries none
 * @throws Error where it is damaged
 */
export function textOfFragment(fragment: string): string | null {
	if (!fragment.startsWith(MARK)) return null;
	try {
		const binary = atob(fragment.slice(MARK.length).replace(/-/g, '+').replace(/_/g, '/'));
		const bytes = Uint8Array.from(binary, (c) => c.charCodeAt(0));
		// what unfolds beyond the room given is cut off, so that a small link cannot fill the memory
		return strFromU8(
			inflateSync(bytes, { out: new Uint8Array(Math.min(MAX_FILE, bytes.length * 1032 + 64)) })
		);
	} catch {
		throw new Error('This link is damaged: it was cut off or changed on its way.');
	}
}
