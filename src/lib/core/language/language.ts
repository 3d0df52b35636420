/**
 * The language in which everything is said. The application is written in English: each text stands where it is said, marked by `en` (a text) or
 * `say` (a sentence of pieces, see `sentence/`). Another language is one file that has a text for each of them: `npm run words` lists them all.
 */

/** What is said in another language, by what stands in English: `{0}`, `{1}`, … are the places of values. Empty is not translated yet. */
export type Translations = Readonly<Record<string, string>>;

/** A text with places for values: between two neighbours of `parts` stands the value at the place of `order` that is between them. */
export interface Phrase {
	readonly parts: readonly string[];
	readonly order: readonly number[];
}

let translations: Translations | null = null;
let phrases = new WeakMap<readonly string[], Phrase>();

/**
 * Chooses the language of this page, worker or server, once, before anything is said in it.
 * @param own what is said in it; null for English
 */
export function speak(own: Translations | null): void {
	translations = own;
	phrases = new WeakMap();
}

/** The key of a text in other languages: `Open {0}`. @param strings the texts around its values */
export const templateOf = (strings: readonly string[]): string =>
	strings.reduce((all, text, i) => `${all}{${i - 1}}${text}`);

/** A text of another language, taken apart at its places. */
function takenApart(text: string): Phrase {
	const pieces = text.split(/\{(\d+)\}/);
	return {
		parts: pieces.filter((_, i) => i % 2 === 0),
		order: pieces.filter((_, i) => i % 2 === 1).map(Number)
	};
}

const inOrder = (parts: readonly string[]): Phrase => ({ parts, order: parts.slice(1).map((_, i) => i) });

/** What stands around values, in the language chosen. What it has no words for stays English. @param strings a template's own texts */
export function phrase(strings: readonly string[]): Phrase {
	const known = phrases.get(strings);
	if (known) return known;
	const own = translations?.[templateOf(strings)];
	const made = own ? takenApart(own) : inOrder(strings);
	phrases.set(strings, made);
	return made;
}

/**
 * A text, written in English, as it is said in the language chosen: ``en`Open ${title}` ``. Values stay as they are, so names are never translated;
 * null and undefined are nothing.
 */
export function en(
	strings: TemplateStringsArray,
	...values: readonly (string | number | bigint | null | undefined)[]
): string {
	const { parts, order } = phrase(strings);
	return parts.reduce((all, text, i) => `${all}${values[order[i - 1]] ?? ''}${text}`);
}

/**
 * A text around fields or other elements, in the language chosen and in its order: ``around`in ${sizeField} variables` ``.
 * @returns the texts and, between them, the values
 */
export function around<Value>(
	strings: TemplateStringsArray,
	...values: readonly Value[]
): (string | Value)[] {
	const { parts, order } = phrase(strings);
	// a place that the text does not have says nothing
	const at = (i: number): Value[] => (order[i] < values.length ? [values[order[i]]] : []);
	return parts.flatMap((text, i) => (i ? [...at(i - 1), text] : [text]));
}

/** A language file as it may be taken: texts by texts. @returns null where it is none */
export function readTranslations(data: unknown): Translations | null {
	if (typeof data !== 'object' || data === null || Array.isArray(data)) return null;
	return Object.values(data).every((text) => typeof text === 'string') ? (data as Translations) : null;
}
