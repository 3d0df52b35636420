import { en } from '../language/language';
import { writeProblem } from '../problem/codec';
import { InputError, readProblem } from '../problem/json';
import { printStatement } from '../problem/statement/print';
import { messageText } from '../problem/statement/messages';
import { readStatement } from '../problem/statement/read';
import type { Problem } from '../problem/types';
import { readCsv, writeCsv } from '../spreadsheet/csv';
import { parseJson } from './json-text';
import { writeLatex } from './latex';
import { readMps } from './mps-read';
import { writeMps } from './mps-write';

/** Formats that a problem can be read from. */
export const FORMATS_READ = ['statement', 'json', 'mps', 'csv', 'latex'] as const;
/** Formats that a problem can be written in. */
export const FORMATS_WRITTEN = ['statement', 'json', 'mps', 'mps-fixed', 'latex', 'csv'] as const;

/** What is converted: the content in one format, and the format that is wanted. */
interface Conversion {
	readonly from: (typeof FORMATS_READ)[number];
	readonly to: (typeof FORMATS_WRITTEN)[number];
	readonly content: string;
}

/**
 * Reads a problem from a format; what was changed on the way is added to the notes.
 * @throws InputError with line or path of what is wrong
 */
export function readFrom(from: Conversion['from'], content: string, notes: string[]): Problem {
	if (from === 'json') {
		let data: unknown;
		try {
			data = parseJson(content);
		} catch (error) {
			throw new InputError([{ path: 'content', message: (error as Error).message }]);
		}
		return readProblem(data, 'content');
	}
	if (from === 'mps') return readMps(content, notes);
	if (from === 'csv') return readCsv(content, notes);
	const { problem, diagnostics } = readStatement(content);
	const where = (offset: number) => `line ${content.slice(0, offset).split('\n').length}`;
	const told = diagnostics
		.slice(0, 50)
		.map(({ from: at, message }) => ({ path: 'content', message: `${where(at)}: ${messageText(message)}` }));
	if (!problem) throw new InputError(told.filter((_, i) => diagnostics[i].severity === 'error'));
	notes.push(...told.map(({ message }) => message));
	if (/(^|\n)[^"\n]*#/.test(content)) notes.push(en`Comments are not kept.`);
	return problem;
}

/**
 * Converts a problem from one format to another.
 * @returns the content in the other format, and notes on what it cannot hold
 * @throws InputError for input that is no problem
 */
export function convert({ from, to, content }: Conversion): { content: string; notes: string[] } {
	const notes: string[] = [];
	const problem = readFrom(from, content, notes);
	return { content: writeTo(to, problem, notes), notes };
}

/** Writes a problem in a format; what it cannot hold is added to the notes. */
export function writeTo(to: (typeof FORMATS_WRITTEN)[number], problem: Problem, notes: string[]): string {
	switch (to) {
		case 'json':
			return JSON.stringify(writeProblem(problem), null, 2) + '\n';
		case 'mps':
			return writeMps(problem, false, notes);
		case 'mps-fixed':
			return writeMps(problem, true, notes);
		case 'latex':
			return writeLatex(problem, notes);
		case 'csv':
			return writeCsv(problem, notes);
		case 'statement':
			return printStatement(problem);
	}
}
