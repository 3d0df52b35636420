import { en } from '../core/language/language';
import { rename } from '$lib/core/problem/statement/edits';
import { asName } from '$lib/core/problem/names';
import { isName } from '$lib/core/problem/types';
import type { LessonDocument } from './document.svelte';
import { relinked } from '$lib/core/lesson/story';

/**
 * Gives a variable or constraint another name, wherever it is written: in the statement, and in the links of the story.
 * @returns why it cannot have that name; null where it has it
 */
export function renameEverywhere(
	lesson: LessonDocument,
	kind: 'variable' | 'constraint',
	from: string,
	typed: string
): string | null {
	// a name of several words is joined as everywhere
	const name = /^\p{L}.*\s/u.test(typed.trim()) ? asName(typed) : typed.trim().normalize('NFC');
	const { problem, reading } = lesson;
	if (name === from) return null;
	if (!isName(name)) return en`A name is a letter, then letters, digits, _ or ’.`;
	const taken = kind === 'constraint' ? problem?.constraints : problem?.variables;
	if (taken?.some((own) => own.name === name)) return en`“${name}” is taken.`;
	lesson.asOne(() => {
		lesson.edit(rename(lesson.text, reading, kind, from, name));
		lesson.telling.tell(relinked(lesson.telling.story, kind, from, name));
	});
	return null;
}
