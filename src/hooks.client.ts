import type { ClientInit } from '@sveltejs/kit';
import { base } from '$app/paths';
import { keepLanguage, readersLanguage } from '$lib/desk/readers-language';
import { speakFrom } from '$lib/work/language';

/** Before any page is loaded: the language of the reader. */
export const init: ClientInit = async () => {
	const language = readersLanguage();
	if (!language) return;
	const isSpoken = await speakFrom(new URL(`${base}/languages/${language}.json`, location.href).href);
	if (!isSpoken) return;
	keepLanguage(language);
	document.documentElement.lang = language;
};
