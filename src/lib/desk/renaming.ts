import { en } from '../core/language/language';
import { rename } from '$lib/core/problem/statement/edits';
import { asName } from '$lib/core/problem/names';
import { isName } from '$lib/core/problem/types';
import { relinked } from '$lib/core/lesson/story';
import type { TableText } from './table-text';

/** A name as it was typed, several words joined as everywhere; or why it is none. */
export function nameTyped(typed: string): { readonly name: string } | { readonly why: string } {
	const name = /^\p{L}.*\s/u.test(typed.trim()) ? asName(typed) : typed.trim().normalize('NFC');
	return isName(name) ? { name } : { why: en`A name is a letter, then letters, digits, _ or ’.` };
}

/**
 * Gives a variable or constraint another name, wherever it is written: in the statement, and in the links of the story.
 * @returns why it cannot have that name; null where it has it
 */
export function renameEverywhere(
	lesson: TableText,
	kind: 'variable' | 'constraint',
	from: string,
	typed: string
): string | null {
	if (typed.trim() === from) return null;
	const read = nameTyped(typed);
	if ('why' in read) return read.why;
	const { name } = read;
	if (name === from) return null;
	lesson.giveWay?.(kind, name);
	const taken = kind === 'constraint' ? lesson.problem?.constraints : lesson.problem?.variables;
	if (taken?.some((own) => own.name === name)) return en`“${name}” is taken.`;
	lesson.asOne(() => {
		lesson.edit(rename(lesson.text, lesson.reading, kind, from, name));
		lesson.telling.tell(relinked(lesson.telling.story, kind, from, name));
	});
	return null;
}
