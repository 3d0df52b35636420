import { newLesson, type Lesson } from '$lib/core/lesson/lesson';

/** A lesson that comes along: short, and about one phenomenon. */
export interface Sample {
	/** what it shows, in a few words */
	readonly shows: string;
	readonly lesson: Lesson;
}

/** Puts a sample together: what it shows, the page it is about, its statement, its story for the class and notes for the instructor. */
export const sample = (
	shows: string,
	page: string,
	tags: readonly string[],
	statement: string,
	story: string,
	notes: string
): Sample => ({
	shows,
	lesson: { ...newLesson(statement.trim() + '\n'), page, tags, story: story.trim(), notes: notes.trim() }
});
