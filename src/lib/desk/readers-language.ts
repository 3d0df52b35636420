import { remember, remembered } from './remembered';

const KEY = 'mathesis-language';

/**
 * The language that the reader wants, by its tag (`de`); empty for English. An address that ends in `?language=de` asks for it, `?language=en` goes
 * back to English; else it is the one that was kept.
 */
export function readersLanguage(): string {
	const asked = new URLSearchParams(location.search).get('language');
	if (asked === null || !/^[a-z]{2,3}(-[A-Za-z\d]{2,8})*$/.test(asked)) return remembered(KEY) ?? '';
	if (asked !== 'en') return asked;
	remember(KEY, null);
	return '';
}

/** Keeps a language for the next visits: one whose words are there. */
export const keepLanguage = (language: string): void => remember(KEY, language);
