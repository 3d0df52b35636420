import { en } from '../language/language';
import { strToU8, zipSync } from 'fflate';
import { solveLinear, type RunOptions } from '../answer/answer';
import { branchAndBound } from '../integer/branch';
import { storyOf } from '../design/variant-story';
import { variants } from '../design/variants';
import type { Rule } from '../method/rule';
import type { MethodName } from '../method/solve';
import { PLAIN, type Notation } from '../notation/notation';
import { nameOf } from '../position/position';
import { OWN_NAMES, type Keys } from '../problem/keys';
import type { Problem } from '../problem/types';
import { inTurn, questions } from '../question/ask';
import type { KindName, Question } from '../question/types';
import { rights, WORDS } from '../question/words';
import { csvText } from '../spreadsheet/csv-cells';
import { say } from '../sentence/sentence';
import type { SheetSource } from './blocks';
import { documentHtml } from './html';
import { documentLatex } from './latex';
import { makeSheet } from './make';
import { PRESET_BLOCKS, USUAL_COUNT, type Blocks, type SheetPreset } from './presets';
import { quizItem } from './quiz';
import { withCutRounds } from './rounds';
import { qtiFiles, type QtiVersion } from './qti';
import { stepsOf } from './steps';
import { PAGE, type PageSetup } from './style';
import { documentText } from './text';
import type { SheetPart, Sheet } from './types';

/** Sheets, exams and quizzes as files. */

export const SHEET_FORMATS = ['html', 'latex', 'text', 'csv', 'qti-3.0', 'qti-2.1'] as const;
export type SheetFormat = (typeof SHEET_FORMATS)[number];

/** A file: its text, or its bytes in base 64. */
export interface SheetFile {
	readonly name: string;
	readonly type: string;
	readonly content: string;
	readonly encoding: 'utf-8' | 'base64';
}

/** What is wanted of a sheet. */
export interface SheetWanted {
	readonly problem: Problem;
	readonly preset: SheetPreset;
	readonly format: SheetFormat;
	readonly method: MethodName;
	readonly rule: Rule;
	/** how many problems like this one get a sheet, the problem itself first */
	readonly variants: number;
	readonly seed: number;
	/** what is printed, where that is not what the preset says */
	readonly blocks?: Blocks;
	/** which questions are asked; left out, all kinds that suit */
	readonly kinds?: readonly KindName[];
	readonly count?: number;
	readonly title?: string;
	readonly story?: string;
	readonly meaning?: SheetSource['meaning'];
	readonly notation?: Notation;
	readonly page?: PageSetup;
	/** a link to the live problem, printed at the end of its sheet */
	readonly link?: string;
	/** cells of tableaux that are left blank where single ones are, see cellOnSheet */
	readonly cells?: readonly string[];
	/** the steps of a trail, printed instead of the method's run */
	readonly steps?: SheetSource['steps'];
	/** lasting keys of the problem's names, by which the steps speak of them */
	readonly keys?: Keys;
	readonly options?: RunOptions;
}

/** kinds that suit paper: a wrong entry is looked for on the screen, and the last tableau would tell the best corner */
const ON_PAPER: readonly KindName[] = [
	'feasible',
	'entering',
	'leaving',
	'next-tableau',
	'state',
	'plan',
	'other-optimum',
	'dual-value',
	'interval',
	'rounding',
	'cut',
	'close'
];

const TYPES: Readonly<Record<'html' | 'latex' | 'text' | 'csv', readonly [end: string, type: string]>> = {
	html: ['html', 'text/html'],
	latex: ['tex', 'application/x-tex'],
	text: ['txt', 'text/plain'],
	csv: ['csv', 'text/csv']
};

/** `A`, `B`, … for the variants of a sheet. */
const letterOf = (i: number): string => (i < 26 ? String.fromCharCode(65 + i) : String(i + 1));

/** The problem and its variants, as many as were found. */
export function problemsOf({ problem, variants: wanted, seed, options }: SheetWanted): Problem[] {
	const isOver = () => (options?.shouldStop?.(0) ?? null) !== null;
	return wanted > 1 ? [problem, ...variants(problem, wanted - 1, seed, 'same', isOver)] : [problem];
}

/** Kinds that the next tableau of the run would answer. */
const ABOUT_NEXT: readonly KindName[] = [
	'entering',
	'improving',
	'ratio',
	'leaving',
	'dual-leaving',
	'dual-entering',
	'rule-kept',
	'entry',
	'next-tableau'
];
/** questions that a run can have, at most */
const MOST_CANDIDATES = 400;

/**
 * What is asked about one problem of a sheet: no tableau that is printed answers another question, so that what comes next is asked at one tableau of
 * the run only, and not where the last one follows.
 */
export function sheetQuestions(problem: Problem, wanted: SheetWanted): Question[] {
	const { method, rule, seed, kinds = ON_PAPER, count = USUAL_COUNT, options } = wanted;
	const { shouldStop } = options ?? {};
	const all = questions({ problem, method, rule, seed, kinds, count: MOST_CANDIDATES, shouldStop });
	const isNext = ({ kind }: Question) => ABOUT_NEXT.includes(kind);
	const last = Math.max(0, ...all.filter((own) => !isNext(own)).map(({ step }) => step));
	const asked = all.filter((own) => isNext(own) && own.step < last - 1).map(({ step }) => step);
	const pivot = asked.length > 0 ? Math.max(...asked) : last === 0 ? 0 : -1;
	const fits = all.filter((own) => (isNext(own) ? own.step === pivot : [0, pivot, last].includes(own.step)));
	const byKind = kinds.map((kind) => fits.filter((own) => own.kind === kind));
	const chosen = inTurn(byKind, count);
	// in the order of the run, as `questions` gives them
	return all.filter((own) => chosen.includes(own));
}

/** A story with the numbers of a variant; empty where it tells some that it does not link to the problem. */
function storyFor(story: string, problem: Problem, variant: Problem): string {
	const { story: told, untold } = storyOf(story, problem, variant);
	return untold.length > 0 ? '' : told;
}

/** A piece of work that is done when it is first asked for, and then known. */
function once<T>(work: () => T): () => T {
	let done: { readonly result: T } | null = null;
	return () => (done ??= { result: work() }).result;
}

/**
 * What sheets of a problem are made of.
 * @param problem the one of the request, or a variant of it
 * @param steps the steps of a trail; left out, the run of the method is made
 */
export function sourceOf(
	wanted: SheetWanted,
	problem: Problem,
	{ title, story, steps }: { title: string; story: string; steps?: SheetSource['steps'] }
): SheetSource {
	const keys = wanted.keys ?? OWN_NAMES;
	const options = { rule: wanted.rule, ...wanted.options };
	const own = steps ?? stepsOf(problem, wanted.method, wanted.rule);
	return {
		problem,
		title,
		story,
		meaning: wanted.meaning ?? (() => ''),
		notation: wanted.notation ?? PLAIN,
		steps: own,
		cells: wanted.cells ?? [],
		naming: (t) => ({
			column: (id) => t.form.columns.filter((own) => own.id === id).flatMap((own) => say`${own}`),
			constraint: (key) => say`${{ constraint: nameOf(keys.constraints, key) }}`,
			variable: (key) => say`${{ constraint: nameOf(keys.variables, key) }}`
		}),
		options,
		relaxation: once(() => solveLinear(problem, options)),
		rounds: once(() => withCutRounds(own, () => stepsOf(problem, wanted.method, wanted.rule), wanted.rule)),
		search: once(() => branchAndBound(problem, options))
	};
}

/** The sheets that are wanted: one for each problem. */
export function sheetsOf(wanted: SheetWanted): Sheet[] {
	const blocks = wanted.blocks ?? PRESET_BLOCKS[wanted.preset];
	const problems = problemsOf(wanted);
	const title = wanted.title || wanted.problem.title || en`Exercise`;
	const story = wanted.story ?? wanted.problem.story ?? '';
	const asks = (blocks.questions ?? 'none') !== 'none';
	return problems.map((problem, i): Sheet => {
		const isOwn = i === 0;
		const source = sourceOf(wanted, problem, {
			title: problems.length > 1 ? `${title} – ${letterOf(i)}` : title,
			story: isOwn ? story : storyFor(story, wanted.problem, problem),
			steps: isOwn ? wanted.steps : undefined
		});
		const sheet = makeSheet(source, blocks, asks ? sheetQuestions(problem, wanted) : []);
		const student: SheetPart[] = [
			...(wanted.preset === 'exam' ? [{ kind: 'fields' } as const] : []),
			...sheet.student,
			...(isOwn && wanted.link ? [{ kind: 'link', link: wanted.link } as const] : [])
		];
		return { ...sheet, student };
	});
}

const quizOf = (wanted: SheetWanted) =>
	problemsOf(wanted).map((problem) => ({ problem, asked: sheetQuestions(problem, wanted) }));

/** Bytes as text in base 64. */
function base64(bytes: Uint8Array): string {
	let text = '';
	for (let i = 0; i < bytes.length; i += 0x8000)
		text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
	return btoa(text);
}

/** A package of items; variants follow one another. */
function qtiFile(wanted: SheetWanted, version: QtiVersion): SheetFile {
	const title = wanted.title || wanted.problem.title || en`Exercise`;
	const items = quizOf(wanted).flatMap(({ problem, asked }, variant) =>
		asked.flatMap((question, i) => {
			const item = quizItem(question, `${letterOf(variant)}${i + 1}`);
			return item ? [{ item, problem }] : [];
		})
	);
	const files = qtiFiles({ title, items }, version);
	// the same package for the same request: no time of day in it
	const zipped = zipSync(
		Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])),
		{ mtime: new Date(1980, 0, 1) }
	);
	return {
		name: `${wanted.preset}-qti.zip`,
		type: 'application/zip',
		content: base64(zipped),
		encoding: 'base64'
	};
}

/** Questions and answers as a table; the answers make it a file for the instructor. */
function csvFiles(wanted: SheetWanted): SheetFile[] {
	const rows = quizOf(wanted).flatMap(({ asked }, variant) =>
		asked.map((question, i) => ({
			asked: [letterOf(variant), `${i + 1}`, question.kind, WORDS[question.kind].asks(question)],
			answers: [rights(question), WORDS[question.kind].because(question)]
		}))
	);
	const head = ['variant', 'number', 'kind', 'question'];
	const file = (name: string, cells: string[][]): SheetFile => ({
		name,
		type: TYPES.csv[1],
		content: csvText(cells),
		encoding: 'utf-8'
	});
	return [
		file(`${wanted.preset}.csv`, [head, ...rows.map((row) => row.asked)]),
		file(`${wanted.preset}-key.csv`, [
			[...head, 'right', 'because'],
			...rows.map((row) => [...row.asked, ...row.answers])
		])
	];
}

/**
 * The files of a sheet. Answers to what is left blank stand in a file of their own, `…-key`.
 * @throws CannotStart where the method has nothing to start from
 */
export function sheetFiles(wanted: SheetWanted): SheetFile[] {
	const { format, preset } = wanted;
	if (format === 'qti-2.1' || format === 'qti-3.0')
		return [qtiFile(wanted, format === 'qti-3.0' ? '3.0' : '2.1')];
	if (format === 'csv') return csvFiles(wanted);
	const [end, type] = TYPES[format];
	const notation = wanted.notation ?? PLAIN;
	const page = wanted.page ?? PAGE;
	const sheets = sheetsOf(wanted);
	const file = (name: string, own: Parameters<typeof documentHtml>[0]): SheetFile => ({
		name: `${name}.${end}`,
		type,
		content:
			format === 'html'
				? documentHtml(own, notation, page)
				: format === 'latex'
					? documentLatex(own, notation, page)
					: documentText(own, notation),
		encoding: 'utf-8'
	});
	const keys = sheets.filter(({ key }) => key.length > 0);
	return [
		file(
			preset,
			sheets.map(({ title, student }) => ({ title, parts: student }))
		),
		...(keys.length > 0
			? [
					file(
						`${preset}-key`,
						keys.map(({ title, key }) => ({ title: en`${title}: answers`, parts: key }))
					)
				]
			: [])
	];
}
