import { en } from '../language/language';
import * as yup from 'yup';
import { readFrom, writeTo, type FORMATS_WRITTEN } from '../formats/convert';
import { InputError } from '../problem/json';
import { printStatement } from '../problem/statement/print';
import { readStatement } from '../problem/statement/read';
import type { Problem } from '../problem/types';
import { readLesson } from './check';
import { newLesson, titleOf, type Lesson } from './lesson';
import { MAX_FILE } from './limits';

/** Lessons and collections as files, and whatever else a file may bring. */

export const MAX_LESSONS = 5_000;
export const COLLECTION_FORMAT = 'mathesis-collection';

/** A lesson as a collection has it: with the time it was last edited, as ISO 8601. */
export interface CollectedLesson {
	readonly edited: string;
	readonly lesson: Lesson;
}

/** What a file brought. */
export interface Opened {
	readonly lessons: readonly { readonly lesson: Lesson; readonly edited: string | null }[];
	/** what was changed or left out on the way */
	readonly notes: readonly string[];
}

/** A lesson as the text of a file. */
export const lessonText = (lesson: Lesson): string => JSON.stringify(lesson, null, 2) + '\n';

/** A whole collection as the text of a file. */
export const collectionText = (lessons: readonly CollectedLesson[]): string =>
	JSON.stringify({ format: COLLECTION_FORMAT, version: 1, lessons }, null, 1) + '\n';

/** A lesson about a problem that comes from elsewhere. */
export function lessonOf({ story, ...problem }: Problem): Lesson {
	return { ...newLesson(printStatement(problem)), story: story ?? '' };
}

/**
 * The problem of a lesson in a format of the trade.
 * @throws InputError where the statement has no right problem
 */
export function problemText(
	{ statement, story }: Lesson,
	format: (typeof FORMATS_WRITTEN)[number]
): { text: string; notes: readonly string[] } {
	const { problem } = readStatement(statement);
	if (!problem)
		throw new InputError([
			{ path: 'statement', message: en`has an error; the problem can be written as soon as it can be read` }
		]);
	const notes: string[] = [];
	const told = story ? { ...problem, story } : problem;
	return { text: writeTo(format, told, notes), notes };
}

const fault = (path: string, message: string): InputError => new InputError([{ path, message }]);

/** JSON, or where it stops being JSON. */
function parsed(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch (error) {
		const message = (error as Error).message;
		const [, at] = /position (\d+)/.exec(message) ?? [];
		const line = at === undefined ? text.split('\n').length : text.slice(0, Number(at)).split('\n').length;
		throw fault(`line ${line}`, en`is no JSON from here on; the file may be cut off`);
	}
}

/** A lesson at a path of the file, checked. */
function lessonAt(data: unknown, path: string): Lesson {
	const { version } = (data ?? {}) as { version?: unknown };
	if (typeof version === 'number' && version > newLesson('').version)
		throw fault(
			[path, 'version'].filter(Boolean).join('.'),
			en`is ${version}; a later version of Mathesis can open it`
		);
	try {
		return readLesson(data);
	} catch (error) {
		if (!(error instanceof yup.ValidationError)) throw error;
		const own = error.path ?? '';
		const why = error.message.startsWith(`${own} `) ? error.message.slice(own.length + 1) : error.message;
		throw fault([path, own].filter(Boolean).join('.'), why);
	}
}

function openJson(text: string): Opened {
	const data = parsed(text);
	const own = typeof data === 'object' && data !== null ? (data as Record<string, unknown>) : {};
	if (own.format === 'mathesis-lesson')
		return { lessons: [{ lesson: lessonAt(own, ''), edited: null }], notes: [] };
	if (own.format === COLLECTION_FORMAT) return openCollection(own);
	if (own.format !== 'mathesis-problem')
		throw fault(
			'format',
			own === data
				? en`is none of mathesis-lesson, mathesis-collection and mathesis-problem`
				: en`is missing: the file holds no lesson, collection or problem`
		);
	const notes: string[] = [];
	const problem = readFrom('json', text, notes);
	return { lessons: [{ lesson: lessonOf(problem), edited: null }], notes };
}

function openCollection({ version, lessons }: Record<string, unknown>): Opened {
	if (version !== 1) throw fault('version', en`is not 1; a later version of Mathesis may read this file`);
	if (!Array.isArray(lessons) || lessons.length > MAX_LESSONS)
		throw fault('lessons', en`is not a list of at most ${MAX_LESSONS} lessons`);
	const notes: string[] = [];
	const sound = lessons.flatMap((entry: unknown, i): Opened['lessons'][number][] => {
		const own = (typeof entry === 'object' && entry !== null ? entry : {}) as Record<string, unknown>;
		const { edited, lesson } = own;
		if (lesson === undefined || lesson === null) {
			notes.push(en`Lesson ${i + 1} was left out: it is empty.`);
			return [];
		}
		const time = typeof edited === 'string' && !Number.isNaN(Date.parse(edited)) ? edited : null;
		try {
			return [{ lesson: lessonAt(lesson, `lessons[${i}].lesson`), edited: time }];
		} catch (error) {
			if (!(error instanceof InputError)) throw error;
			// one that is damaged does not keep the others out
			const [{ path, message }] = error.issues;
			notes.push(en`${calledAt(lesson, i)} was left out: ${path} ${message}.`);
			return [];
		}
	});
	if (sound.length === 0 && notes.length > 0)
		throw fault('lessons', en`holds no lesson that can be read: ${notes[0]}`);
	return { lessons: sound, notes };
}

/** A lesson of a collection by its title where it has one that can be read, else by its place. */
function calledAt(lesson: unknown, i: number): string {
	const { statement } = (lesson ?? {}) as { statement?: unknown };
	const title = typeof statement === 'string' ? titleOf({ statement }) : '';
	return title ? `“${title.slice(0, 80)}”` : en`Lesson ${i + 1}`;
}

/** Which format a text is in, by the name of its file and by what it begins with. */
function formatOf(name: string, text: string): 'mathesis' | 'mps' | 'csv' | 'statement' {
	if (/^\uFEFF?\s*(?:[{[]|(?:null|true|false)\s*$)/.test(text) || /\.json$/i.test(name)) return 'mathesis';
	if (/\.mps$/i.test(name) || /^(?:\*[^\n]*\n|\s*\n)*(?:NAME|ROWS|OBJSENSE)\b/.test(text)) return 'mps';
	const [first] = text.split('\n', 1);
	return /\.(?:csv|tsv)$/i.test(name) || (/[\t;,]/.test(first) && /\brelation\b/i.test(first))
		? 'csv'
		: 'statement';
}

/**
 * Opens the text of a file: a lesson, a collection, or a problem as JSON, MPS, a table, a statement or a LaTeX source.
 * @param name the file's name; its end helps to tell what it is
 * @throws InputError that says what is wrong and where, by line or path; of a collection the lessons that are right are opened, the others named
 */
export function openFile(name: string, text: string): Opened {
	if (text.length > MAX_FILE) throw fault('file', en`is larger than ${MAX_FILE / 1e6} MB`);
	// eslint-disable-next-line no-control-regex -- that is what tells a picture from a text
	if (/[\u0000-\u0008]/.test(text.slice(0, 10_000))) throw fault('file', en`is no text`);
	const format = formatOf(name, text);
	if (format === 'mathesis') return openJson(text.replace(/^\uFEFF/, ''));
	const notes: string[] = [];
	const problem = readFrom(format, text, notes);
	// a statement stays as it was written, comments and all
	if (format === 'statement')
		return { lessons: [{ lesson: newLesson(text.replace(/\r\n?/g, '\n')), edited: null }], notes: [] };
	return { lessons: [{ lesson: lessonOf(problem), edited: null }], notes };
}
