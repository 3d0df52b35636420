import { type RunFormat, runText, tableauText } from '$lib/core/formats';
import { titleOf } from '$lib/core/lesson';
import type { LessonDocument } from '$lib/desk/document.svelte';
import type { Session } from '$lib/desk/session.svelte';
import { download, fileName } from '../shared/download';
import type { RunExport } from './run-exports';

const ENDS: Record<RunFormat, string> = { latex: '.tex', markdown: '.md', csv: '.csv', text: '.txt' };
const TYPES: Record<RunFormat, string> = {
	latex: 'text/plain',
	markdown: 'text/markdown',
	csv: 'text/csv',
	text: 'text/plain'
};

/** The tableau, or the whole run with its sentences, as a file in the lesson's notation. */
export function saveRun({ format, whole }: RunExport, session: Session, lesson: LessonDocument): void {
	const { tableau } = session;
	if (!tableau) return;
	const { notation } = lesson;
	const text = whole
		? runText(session.run(), notation, format)
		: tableauText(tableau, notation, format, session.covering.covered);
	const name = fileName(titleOf(lesson.lesson), `${whole ? '-run' : '-tableau'}${ENDS[format]}`);
	download(name, text, TYPES[format]);
}
