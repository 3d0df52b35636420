import { remember, remembered } from './remembered';

const KEY = 'mathesis-language';

/**
 * The language that the reader has chosen, by its tag (`de`); empty for English. An address that ends in `?language=de` chooses it, and it is
 * remembered; `?language=en` goes back.
 */
export function readersLanguage(): string {
	const asked = new URLSearchParams(location.search).get('language');
	if (asked !== null && /^[a-z]{2,3}(-[A-Za-z\d]{2,8})*$/.test(asked))
		remember(KEY, asked === 'en' ? null : asked);
	return remembered(KEY) ?? '';
}
