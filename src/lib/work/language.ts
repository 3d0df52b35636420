import { readTranslations, speak } from '../core/language/language';

/** The language file of this page or worker: each fetches it for itself, before anything is said. */

let own = '';

/** The address of the language file that is spoken; empty for English. */
export const languageFile = (): string => own;

/**
 * Speaks the language of a file from now on; English where it cannot be had.
 * @param address where the file is; empty for English
 * @returns whether that language is spoken
 */
export async function speakFrom(address: string): Promise<boolean> {
	if (!address) return false;
	try {
		const translations = readTranslations(await (await fetch(address)).json());
		if (!translations) return false;
		speak(translations);
		own = address;
		return true;
	} catch {
		return false;
	}
}
