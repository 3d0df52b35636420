import type { LessonSummary } from '$lib/store/collection';
import { titleOf, type Lesson } from '$lib/core/lesson/lesson';

const MOST_WORDS = 600;

/** `1 variable`, `3 variables` */
const counted = (count: number, noun: string): string => `${count} ${noun}${count === 1 ? '' : 's'}`;

/** What the list of lessons shows of one, and finds it by. */
export function summaryOf(id: string, lesson: Lesson, edited: number): LessonSummary {
	const title = titleOf(lesson);
	const { variables, constraints } = lesson.lasting;
	const words = `${title} ${lesson.tags.join(' ')} ${variables.map(({ name }) => name).join(' ')} ${constraints.map(({ name }) => name).join(' ')} ${lesson.story}`;
	return {
		id,
		title,
		tags: lesson.tags,
		edited,
		size: `${counted(variables.length, 'variable')}, ${counted(constraints.length, 'constraint')}`,
		words: words.toLowerCase().replace(/\s+/g, ' ').slice(0, MOST_WORDS)
	};
}

/** Every tag in use, in the order of the alphabet. */
export const allTags = (list: readonly LessonSummary[]): string[] =>
	[...new Set(list.flatMap(({ tags }) => tags))].sort((a, b) => a.localeCompare(b));

/** A time as ISO 8601. */
export const asIso = (milliseconds: number): string => new Date(milliseconds).toISOString();
