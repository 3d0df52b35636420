import { completed } from '../notation/notation';
import { record } from '../problem/shape';
import { readerOf } from '../problem/shape-check';
import { LESSON_FIELDS, type Lesson } from './fields';
import { upgraded } from './upgrade';

const read = readerOf(record(LESSON_FIELDS));

/**
 * Checks a lesson that comes from storage or a file; one of an earlier version is brought to the present one first.
 * @param data anything
 * @returns the lesson, with unknown fields left out
 * @throws yup.ValidationError that names the first field at fault
 */
export function readLesson(data: unknown): Lesson {
	const lesson: Lesson = read(upgraded(data));
	return { ...lesson, notation: completed(lesson.notation) };
}
