import { standRemarks } from '../commentary/stand';
import { foundWords, headingWords, remarkWords } from '../commentary/messages';
import { constraintInWords } from '../commentary/words/story';
import { comparison } from '../method/comparison';
import { decide } from '../method/decide';
import type { Rule } from '../method/rule';
import type { MethodName } from '../method/solve';
import { offers, tell } from '../move/kinds';
import { addressText, board, rowKey } from '../notation/board';
import { boardLines, type Line, type LineCell } from '../notation/lines';
import type { Rational } from '../number/rational';
import { questions } from '../question/ask';
import { KINDS } from '../question/kinds';
import { judge } from '../question/judge';
import { KIND_NAMES, type Question } from '../question/types';
import { answerText, saidOf, WORDS } from '../question/words';
import { say, type Sentence } from '../sentence/sentence';
import { RELATION_SIGNS } from '../problem/relation';
import { linear } from '../sheet/statement';
import { BUILDERS, type SheetSource } from '../sheet/blocks';
import { drawingOf, drawingUpTo, type Drawing } from '../sheet/drawing';
import { quizItem } from '../sheet/quiz';
import { operationsOf, questionLines, tableauPart } from '../sheet/tableaux';
import type { SheetStep } from '../sheet/steps';
import type { Part } from '../sheet/types';
import { readPlan, type Tableau } from '../tableau/tableau';
import { PIVOT_STEPS, type ScriptStep } from '../lesson/script';

/** What the class sees at each step of a script, and what the speaker has to know there. */

export interface Choice {
	readonly letter: string;
	readonly says: string;
	readonly isRight: boolean;
	/** why, once it is told */
	readonly because: string;
}

export interface Slide {
	readonly title: Sentence;
	/** the tableau, or what is looked at most */
	readonly main: readonly Part[];
	/** the picture or sentences beside it */
	readonly beside: readonly Part[];
	/** the instructor's remark */
	readonly remark: string;
	readonly minutes: number;
	readonly question: {
		readonly says: string;
		readonly choices: readonly Choice[];
		/** the right answer, once it is told */
		readonly right: string;
		readonly because: string;
		/** wrong answers to expect, for the speaker */
		readonly slips: readonly string[];
	} | null;
	/** the problem has nothing like this any more */
	readonly isMissing: boolean;
}

/** What slides are made of. */
export interface LectureSource extends SheetSource {
	readonly rule: Rule;
	readonly method: MethodName;
}

type Shown = Pick<Slide, 'title' | 'main'> & Partial<Pick<Slide, 'beside' | 'question'>>;

const run = ({ steps }: SheetSource): SheetStep[] => steps.filter(({ position }) => position.work !== null);

/** The picture of two variables with the basic solution of a tableau; nothing for other problems. */
function pictureAt({ problem }: SheetSource, t: Tableau): Part[] {
	const drawing = drawingOf(problem, 'answers');
	if (!drawing) return [];
	const plan = readPlan(t);
	const [x, y] = problem.variables.map(({ name }) => Number(plan.get(name)?.valueOf() ?? 0));
	const plain: Drawing = {
		...drawing,
		objective: null,
		corners: drawing.corners.map((own) => ({ ...own, isBest: false })),
		here: { x, y }
	};
	return [{ kind: 'picture', drawing: plain }];
}

/** Lines with the ratios that are compared as a last column. */
function withRatios(
	lines: readonly Line[],
	t: Tableau,
	ratios: readonly { readonly value: Rational | null }[]
): Line[] {
	const cell = (content: LineCell['content']): LineCell => ({
		address: null,
		content,
		covered: false,
		unit: false,
		improving: false
	});
	return lines.map((line) => {
		if (line.kind === 'head')
			return { ...line, cells: [...line.cells, cell({ kind: 'word', text: 'ratio' })] };
		const row = t.basis.findIndex((_, i) => rowKey(t, i) === line.key);
		const value = line.kind === 'row' && row >= 0 ? ratios[row]?.value : null;
		const content = value
			? ({ kind: 'number', cell: { plain: value, m: null } } as const)
			: ({ kind: 'word', text: line.kind === 'row' ? '–' : '' } as const);
		return { ...line, cells: [...line.cells, cell(content)] };
	});
}

/** How much is shown of the pivot at a tableau. */
type Stage = (typeof PIVOT_STEPS)[number];

/** A tableau of the run, with as much of the next pivot as a step shows. */
function tableauSlide(source: LectureSource, at: number, stage: Stage): Shown | null {
	const steps = run(source);
	const [own, next] = [steps[at], steps[at + 1]];
	if (!own) return null;
	const work = own.position.work!;
	const { tableau: t } = work;
	const isPivot = next?.move?.kind === 'pivot';
	const title = say`Tableau ${at + 1}`;
	if (stage === 'position' || !isPivot) {
		if (stage !== 'position') return null;
		const decision = decide(work, source.rule);
		const ends =
			decision.kind === 'pivot'
				? []
				: standRemarks(own.position, decision, offers(own.position, source.rule));
		const asks = work.part === 'dual' ? say`Which variable leaves?` : say`Which variable enters?`;
		const told =
			decision.kind === 'pivot'
				? [asks]
				: ends.map(remarkWords).flatMap(({ heading, sentences }) => [say`${heading}.`, ...sentences]);
		return {
			title,
			main: [tableauPart(t, source.notation, [], 'answers')],
			beside: [
				...(told.length > 0 ? [{ kind: 'sentences', lines: told } as const] : []),
				...pictureAt(source, t)
			]
		};
	}
	const decision = decide(work, source.rule);
	const choice = decision.kind === 'pivot' ? decision.choice : null;
	const moved = next.position.work!.tableau;
	const pivot = next.move;
	const remark = tell(own.position, pivot!, next.position);
	const entering = t.form.columns.findIndex(({ id }) => pivot?.kind === 'pivot' && id === pivot.enter);
	const leaving = t.basis.findIndex(
		(column) => pivot?.kind === 'pivot' && t.form.columns[column].id === pivot.leave
	);
	const compared = comparison(work, decision, choice ? null : entering);
	const isAlongRow = work.part === 'dual';
	const reached = PIVOT_STEPS.indexOf(stage);
	const sentences = remark.found.slice(0, stage === 'operations' ? undefined : reached).map(foundWords);
	const part = tableauPart(
		t,
		source.notation,
		[],
		'answers',
		reached >= PIVOT_STEPS.indexOf('pivot') && leaving >= 0
			? addressText({ row: rowKey(t, leaving), column: t.form.columns[entering].id })
			: null
	);
	const lines =
		source.notation.layout === 'dictionary' ? null : boardLines(board(t, source.notation), source.notation);
	const shown: Part =
		part.kind === 'tableau' && lines
			? {
					...part,
					lines:
						reached >= PIVOT_STEPS.indexOf('ratios') && compared?.along === 'column'
							? withRatios(lines, t, compared.ratios)
							: lines,
					lit: isAlongRow
						? { row: leaving >= 0 ? rowKey(t, leaving) : '' }
						: { column: t.form.columns[entering]?.id ?? '' }
				}
			: part;
	const operations = stage === 'operations' ? operationsOf(t, moved, next, source.notation) : [];
	return {
		title: stage === 'operations' ? headingWords(remark.heading) : title,
		main:
			stage === 'operations'
				? [
						{
							...tableauPart(moved, source.notation, [], 'answers'),
							...(operations.length > 0 ? { operations } : {})
						} as Part
					]
				: [shown],
		beside: [
			{ kind: 'sentences', lines: sentences.filter(({ length }) => length > 0) },
			...pictureAt(source, stage === 'operations' ? moved : t)
		]
	};
}

/** The construction of the region as far as some constraints are drawn. */
function linesSlide({ problem, meaning, notation }: SheetSource, count: number): Shown | null {
	const drawing = drawingUpTo(problem, count);
	if (!drawing || count > problem.constraints.length) return null;
	const row = problem.constraints[count - 1];
	return {
		title: row ? say`${{ constraint: row.name }}` : say`The axes`,
		main: [{ kind: 'picture', drawing }],
		beside: row
			? [
					{
						kind: 'sentences',
						lines: [
							say`${linear(row.terms)} ${RELATION_SIGNS[row.relation]} ${row.rhs}`,
							say`${constraintInWords(problem, row, meaning('constraints', row.name), notation.numbers)}`
						]
					}
				]
			: [{ kind: 'statement', problem }]
	};
}

const LETTERS = 'ABCDEFGH';

/** A question with choices where it has a few, and with what is told of each. */
function questionOf(question: Question): NonNullable<Slide['question']> {
	const item = quizItem(question, 'Q');
	const field = item?.fields.length === 1 && item.fields[0].kind === 'choice' ? item.fields[0] : null;
	const { kind, right, slips } = question;
	const { answers } = KINDS[kind];
	const says = (answer: (typeof slips)[number]['answer']) =>
		saidOf(question, judge(question, answer), answers);
	const because = WORDS[kind].because(question);
	const choices =
		field && field.most === 1 && field.options.length <= LETTERS.length
			? field.options.map(({ id, text }, i): Choice => {
					const isRight = item!.right.some((own) => own[field.id].includes(id));
					const slip = item!.slips.find(({ entries }) => entries[field.id].includes(id));
					return {
						letter: LETTERS[i],
						says: text,
						isRight,
						because: isRight ? because : (slip?.says ?? says(text))
					};
				})
			: [];
	return {
		says: WORDS[kind].asks(question),
		choices,
		right: kind === 'next-tableau' ? '' : right.map(answerText).join(' or '),
		because,
		slips: slips.map(({ answer }) => `${answerText(answer)}: ${says(answer)}`)
	};
}

function questionSlide(source: LectureSource, { asks, at }: ScriptStep): Shown | null {
	const kind = KIND_NAMES.find((own) => own === asks);
	if (!kind) return null;
	const { problem, method, rule } = source;
	const list = questions({ problem, method, rule, kinds: [kind], seed: 1, count: at + 1 });
	const question = list[at];
	if (!question) return null;
	const isAboutPlan = question.problem && kind !== 'cut';
	const drawing = isAboutPlan && kind !== 'best-corner' ? null : drawingOf(problem, 'answers');
	const plain = drawing && {
		...drawing,
		objective: null,
		corners: drawing.corners.map((own) => ({ ...own, isBest: false }))
	};
	return {
		title: say`Question`,
		main: isAboutPlan
			? plain
				? [{ kind: 'picture', drawing: plain }]
				: [{ kind: 'statement', problem }]
			: [
					{
						kind: 'tableau',
						caption: [],
						lines: questionLines(question.given.after ?? question.tableau),
						pivot: null,
						operations: []
					}
				],
		beside: [],
		question: questionOf(question)
	};
}

/** A block of a sheet without its heading, as a slide. */
function blockSlide(source: LectureSource, name: keyof typeof BUILDERS, title: Sentence): Shown | null {
	const parts = BUILDERS[name](source, 'answers').filter(({ kind }) => kind !== 'heading');
	return parts.length > 0 ? { title, main: parts } : null;
}

function shownAt(source: LectureSource, step: ScriptStep): Shown | null {
	const { problem } = source;
	switch (step.shows) {
		case 'own':
			return { title: [], main: [] };
		case 'story':
			return blockSlide(source, 'story', say`${source.title}`);
		case 'problem': {
			const meanings = BUILDERS.meanings(source, 'answers').filter(({ kind }) => kind !== 'heading');
			return { title: say`The problem`, main: [{ kind: 'statement', problem }], beside: meanings };
		}
		case 'lines':
			return linesSlide(source, step.at);
		case 'region': {
			const drawing = drawingUpTo(problem, problem.constraints.length);
			const corners = BUILDERS.corners(source, 'blanks').filter(({ kind }) => kind !== 'heading');
			return (
				drawing && { title: say`The feasible region`, main: [{ kind: 'picture', drawing }], beside: corners }
			);
		}
		case 'best': {
			const drawing = drawingOf(problem, 'answers');
			const corners = BUILDERS.corners(source, 'answers').filter(({ kind }) => kind !== 'heading');
			return (
				drawing && { title: say`The best corner`, main: [{ kind: 'picture', drawing }], beside: corners }
			);
		}
		case 'form':
			return blockSlide(source, 'form', say`Standard form`);
		case 'position':
		case 'choice':
		case 'ratios':
		case 'pivot':
		case 'operations':
			return tableauSlide(source, step.at, step.shows);
		case 'answer':
			return blockSlide(source, 'answer', say`The answer`);
		case 'dual':
			return blockSlide(source, 'dual', say`The dual problem`);
		case 'ranges':
			return blockSlide(source, 'ranges', say`How far the numbers may move`);
		case 'cut':
			return blockSlide(source, 'cuts', say`Cutting planes`);
		case 'tree':
			return blockSlide(source, 'tree', say`Branch and bound`);
		case 'question':
			return questionSlide(source, step);
	}
}

/** The slides of a script; a step that the problem has no more is told as missing. */
export const slidesOf = (source: LectureSource, script: readonly ScriptStep[]): Slide[] =>
	script.map((step): Slide => {
		const shown = shownAt(source, step);
		return {
			title: shown?.title ?? [],
			main: shown?.main ?? [],
			beside: shown?.beside ?? [],
			question: shown?.question ?? null,
			remark: step.says ?? '',
			minutes: step.minutes ?? 0,
			isMissing: shown === null
		};
	});
