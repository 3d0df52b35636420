import { en } from '$lib/core/language';
import type { RunFormat } from '$lib/core/formats';

/** What can be taken out of a tableau, and what it is called. */

export interface RunExport {
	readonly format: RunFormat;
	/** the whole run with its sentences, or the tableau alone */
	readonly whole: boolean;
}

const NAMES: Readonly<Record<RunFormat, string>> = {
	latex: 'LaTeX',
	markdown: 'Markdown',
	csv: 'CSV',
	text: en`plain text`
};

export const RUN_EXPORTS: readonly RunExport[] = [false, true].flatMap((whole) =>
	(Object.keys(NAMES) as RunFormat[]).map((format) => ({ format, whole }))
);

export const exportSays = ({ format, whole }: RunExport): string =>
	en`${whole ? en`The run with its sentences` : en`This tableau`} as ${NAMES[format]}`;
