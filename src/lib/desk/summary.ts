import { en } from '$lib/core/language/language';
import type { LessonSummary } from '$lib/store/collection';
import { titleOf, type Lesson } from '$lib/core/lesson/lesson';

const MOST_WORDS = 600;

/** `2 variables, 1 constraint` */
const sizeOf = (variables: number, constraints: number): string =>
	`${variables === 1 ? en`1 variable` : en`${variables} variables`}, ${constraints === 1 ? en`1 constraint` : en`${constraints} constraints`}`;

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
		size: sizeOf(variables.length, constraints.length),
		words: words.toLowerCase().replace(/\s+/g, ' ').slice(0, MOST_WORDS)
	};
}

/** Every tag in use, in the order of the alphabet. */
export const allTags = (list: readonly LessonSummary[]): string[] =>
	[...new Set(list.flatMap(({ tags }) => tags))].sort((a, b) => a.localeCompare(b));

/** A time as ISO 8601. */
export const asIso = (milliseconds: number): string => new Date(milliseconds).toISOString();
