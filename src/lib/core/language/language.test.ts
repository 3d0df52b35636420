import { afterEach, expect, test } from 'vitest';
import { plainText, say } from '../sentence/sentence';
import { around, en, readTranslations, speak, templateOf } from './language';

afterEach(() => speak(null));

const kept = (count: number, title: string) => en`${count} steps of ${title} are kept`;
const leaves = (column: string) => plainText(say`${column} leaves.`);

test('a text is said in the language chosen, its values where that language has them, and once more in English', () => {
	const translations = {
		[templateOf(['', ' steps of ', ' are kept'])]: '{1}: {0} Schritte',
		'{0} leaves.': '{0} geht.'
	};
	speak(translations);
	expect([kept(3, 'open'), leaves('bowls')]).toEqual(['open: 3 Schritte', 'bowls geht.']);
	speak(null);
	expect([kept(3, 'open'), leaves('bowls')]).toEqual(['3 steps of open are kept', 'bowls leaves.']);
});

test('what a language has no words for stays English, and a value that is nothing says nothing', () => {
	speak({ '{0} leaves.': '' });
	expect([kept(3, 'open'), leaves('bowls')]).toEqual(['3 steps of open are kept', 'bowls leaves.']);
	expect(en`now${null}${undefined}${''}!`).toBe('now!');
});

test('what stands around fields has them where the language has them, and none that are not there', () => {
	const pieces = () => around`in ${'a'} variables with ${'b'} rows`;
	expect(pieces()).toEqual(['in ', 'a', ' variables with ', 'b', ' rows']);
	speak({ 'in {0} variables with {1} rows': '{1} Zeilen, {0} Spalten{4}' });
	expect(pieces()).toEqual(['', 'b', ' Zeilen, ', 'a', ' Spalten', '']);
});

test('a value is not read as a place, nor twice', () => {
	speak({ '{0} steps of {1} are kept': '{1}, {1}: {0}, {7}' });
	expect(kept(3, '{0}')).toBe('{0}, {0}: 3, ');
});

test('a language file is texts by texts, and nothing else', () => {
	expect(readTranslations({ Open: 'Auf' })).toEqual({ Open: 'Auf' });
	for (const data of [null, 'Open', ['Open'], { Open: 3 }, { Open: { a: 'b' } }])
		expect(readTranslations(data)).toBeNull();
});
