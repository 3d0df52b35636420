import * as yup from 'yup';
import { writeProblem } from '../problem/codec';
import { faultsOf, InputError, readProblem } from '../problem/json';
import { printStatement } from '../problem/statement/print';
import { readStatement } from '../problem/statement/read';
import type { Problem } from '../problem/types';
import { parseJson } from './json-text';

export const FORMATS_READ = ['statement', 'json'] as const;
export const FORMATS_WRITTEN = ['statement', 'json'] as const;
/** named in the agreement, not here yet */
export const FORMATS_TO_COME = ['mps', 'latex', 'csv'] as const;

/** Raised for a format that is agreed on but not available yet. */
export class NotYet extends Error {}

const format = (formats: readonly string[]) =>
	yup
		.mixed()
		.test('format', `must be one of ${formats.join(', ')}`, (v) =>
			[...formats, ...FORMATS_TO_COME].includes(v as string)
		);

const schema = yup
	.object({
		from: format(FORMATS_READ),
		to: format(FORMATS_WRITTEN),
		content: yup.mixed().test('text', 'must be text', (v) => typeof v === 'string')
	})
	.typeError('must be an object with from, to and content')
	.required('must be an object with from, to and content');

function readFrom(from: string, content: string, notes: string[]): Problem {
	if (from === 'json') {
		let data: unknown;
		try {
			data = parseJson(content);
		} catch (error) {
			throw new InputError([{ path: 'content', message: (error as Error).message }]);
		}
		return readProblem(data, 'content');
	}
	const { problem, diagnostics } = readStatement(content);
	const where = (offset: number) => `line ${content.slice(0, offset).split('\n').length}`;
	const told = diagnostics
		.slice(0, 50)
		.map(({ from: at, message }) => ({ path: 'content', message: `${where(at)}: ${message}` }));
	if (!problem) throw new InputError(told.filter((_, i) => diagnostics[i].severity === 'error'));
	notes.push(...told.map(({ message }) => message));
	if (/(^|\n)[^"\n]*#/.test(content)) notes.push('Comments are not kept.');
	return problem;
}

/**
 * Converts a problem from one format to another.
 * @param data `{ from, to, content }`
 * @returns the content in the other format, and notes on what it cannot hold
 * @throws InputError for input that is no problem; NotYet for a format that is still to come
 */
export function convert(data: unknown): { content: string; notes: string[] } {
	try {
		schema.validateSync(data, { strict: true, abortEarly: false });
	} catch (error) {
		if (error instanceof yup.ValidationError) throw new InputError(faultsOf(error, ''));
		throw error;
	}
	const { from, to, content } = data as { from: string; to: string; content: string };
	for (const name of [from, to])
		if ((FORMATS_TO_COME as readonly string[]).includes(name))
			throw new NotYet(`The format “${name}” is agreed on but not available yet; statement and json are.`);
	const notes: string[] = [];
	const problem = readFrom(from, content, notes);
	return {
		content: to === 'json' ? JSON.stringify(writeProblem(problem), null, 2) + '\n' : printStatement(problem),
		notes
	};
}
