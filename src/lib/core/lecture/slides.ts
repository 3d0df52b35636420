import { standRemarks } from '../commentary/stand';
import { foundWords, headingWords, remarkWords } from '../commentary/messages';
import { nodeWords } from '../integer/messages';
import { constraintInWords } from '../commentary/words/story';
import type { BranchNode } from '../integer/branch';
import { withCuts } from '../integer/cut';
import { withBranchings, type Branching } from '../integer/relaxation';
import { comparison } from '../method/comparison';
import { decide } from '../method/decide';
import type { Rule } from '../method/rule';
import type { MethodName } from '../method/solve';
import type { Work } from '../method/types';
import { offers, tell } from '../move/kinds';
import { pivotMade } from '../move/pivot';
import { rowKey } from '../notation/board';
import { withRatios } from '../notation/lines';
import { approximate, ZERO } from '../number/rational';
import { questions } from '../question/ask';
import { KINDS } from '../question/kinds';
import { judge } from '../question/judge';
import { KIND_NAMES, type Question } from '../question/types';
import { answerText, saidOf, WORDS } from '../question/words';
import { say, type Sentence } from '../sentence/sentence';
import { RELATION_SIGNS } from '../problem/relation';
import { asksForWhole } from '../problem/whole';
import { linear } from '../sheet/statement';
import { BUILDERS, type SheetSource } from '../sheet/blocks';
import { drawingOf, drawingUpTo, drawingWithin, withoutBest, type Drawing } from '../sheet/drawing';
import { picturesOf } from '../sheet/make';
import { quizItem } from '../sheet/quiz';
import { operationsOf, pivotOf, questionTableau, tableauPart } from '../sheet/tableaux';
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
	const [x, y] = problem.variables.map(({ name }) => approximate(plan.get(name) ?? ZERO));
	return [{ kind: 'picture', drawing: { ...withoutBest(drawing), here: { x, y } } }];
}

/** How much is shown of the pivot at a tableau. */
type Stage = (typeof PIVOT_STEPS)[number];

const has = (stage: Stage, part: Stage): boolean => PIVOT_STEPS.indexOf(stage) >= PIVOT_STEPS.indexOf(part);

/** A tableau as it stands: what is asked there, or how the run ends. */
function positionSlide(source: LectureSource, { position }: SheetStep, title: Sentence): Shown {
	const work = position.work!;
	const decision = decide(work, source.rule);
	const asks = work.part === 'dual' ? say`Which variable leaves?` : say`Which variable enters?`;
	const lines =
		decision.kind === 'pivot'
			? [asks]
			: standRemarks(position, decision, offers(position, source.rule))
					.map(remarkWords)
					.flatMap(({ heading, sentences }) => [say`${heading}.`, ...sentences]);
	return {
		title,
		main: [tableauPart(work.tableau, source.notation, [], 'answers')],
		beside: [
			...(lines.length > 0 ? [{ kind: 'sentences', lines } as const] : []),
			...pictureAt(source, work.tableau)
		]
	};
}

/** The tableau before a pivot, with as much of the choice as is shown; a dictionary is shown as it stands. */
function choicePart({ notation, rule }: LectureSource, work: Work, next: SheetStep, stage: Stage): Part {
	const { tableau: t } = work;
	const choice = pivotMade(t, next.move);
	const pivot = has(stage, 'pivot') ? pivotOf(t, next) : null;
	const part = tableauPart(t, notation, [], 'answers', pivot);
	if (part.kind !== 'tableau' || !choice) return part;
	const decision = decide(work, rule);
	const compared = comparison(work, decision, decision.kind === 'pivot' ? null : choice.entering);
	const showsRatios = has(stage, 'ratios') && compared?.along === 'column';
	return {
		...part,
		lines: showsRatios
			? withRatios(part.lines, new Map(compared.ratios.map(({ value }, i) => [rowKey(t, i), value])))
			: part.lines,
		lit:
			work.part === 'dual' ? { row: rowKey(t, choice.row) } : { column: t.form.columns[choice.entering].id }
	};
}

/** A tableau of the run, with as much of the next pivot as a step shows. */
function tableauSlide(source: LectureSource, at: number, stage: Stage): Shown | null {
	const steps = run(source);
	const [own, next] = [steps[at], steps[at + 1]];
	if (!own) return null;
	const title = say`Tableau ${at + 1}`;
	if (stage === 'position') return positionSlide(source, own, title);
	if (next?.move?.kind !== 'pivot') return null;
	const { notation } = source;
	const work = own.position.work!;
	const after = next.position.work!.tableau;
	const remark = tell(own.position, next.move, next.position);
	const isDone = stage === 'operations';
	const found = isDone ? remark.found : remark.found.slice(0, PIVOT_STEPS.indexOf(stage));
	return {
		title: isDone ? headingWords(remark.heading) : title,
		main: [
			isDone
				? tableauPart(after, notation, [], 'answers', null, operationsOf(work.tableau, after, next, notation))
				: choicePart(source, work, next, stage)
		],
		beside: [
			{ kind: 'sentences', lines: found.map(foundWords).filter(({ length }) => length > 0) },
			...pictureAt(source, isDone ? after : work.tableau)
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
						// pictures are called by their letters
						says: text === LETTERS[i] ? '' : text,
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
	const drawing = kind === 'best-corner' ? drawingOf(problem, 'answers') : null;
	const about: Part = drawing
		? { kind: 'picture', drawing: withoutBest(drawing) }
		: question.problem
			? { kind: 'statement', problem }
			: questionTableau(question.given.after ?? question.tableau, []);
	const drawings = picturesOf(question);
	// the statement would answer what a sentence of the story is asked about
	const isHidden = KINDS[kind].about === 'story' && question.given.sentence !== undefined;
	return {
		title: say`Question`,
		main: isHidden ? [] : drawings ? [about, drawings] : [about],
		beside: [],
		question: questionOf(question)
	};
}

/** The parts of a block of a sheet without its heading. */
const bodyOf = (source: SheetSource, name: keyof typeof BUILDERS, fill: 'answers' | 'blanks' = 'answers') =>
	BUILDERS[name](source, fill).filter(({ kind }) => kind !== 'heading');

/** A block of a sheet without its heading, as a slide. */
function blockSlide(source: LectureSource, name: keyof typeof BUILDERS, title: Sentence): Shown | null {
	const parts = bodyOf(source, name);
	return parts.length > 0 ? { title, main: parts } : null;
}

/** A cut with where it comes from; of two variables also the region with the cuts so far. */
function cutSlide(source: LectureSource, number: number): Shown | null {
	const { problem } = source;
	const all = asksForWhole(problem) ? source.cuts() : [];
	const cut = all[number - 1];
	if (!cut) return null;
	const { row, nonbasic, original } = cut;
	const lines = [
		say`It comes from the row of ${{ constraint: row }}.`,
		say`In the nonbasic variables: ${linear(nonbasic.terms)} ≥ ${nonbasic.rhs}.`,
		...(original
			? [
					say`In the problem’s variables: ${linear(original.terms)} ${RELATION_SIGNS[original.relation]} ${original.rhs}.`
				]
			: [])
	];
	const cutSoFar = withCuts(problem, all.slice(0, number));
	const drawing = drawingUpTo(cutSoFar, cutSoFar.constraints.length);
	const sentences: Part = { kind: 'sentences', lines };
	const title = say`Cut ${number}`;
	return drawing
		? { title, main: [{ kind: 'picture', drawing }], beside: [sentences] }
		: { title, main: [sentences] };
}

/** The tree up to a node, in the order in which nodes are solved; of two variables also what the node leaves of the region. */
function nodeSlide(source: LectureSource, number: number): Shown | null {
	const { problem } = source;
	const [grid] = bodyOf(source, 'tree');
	if (grid?.kind !== 'grid' || number > grid.rows.length) return null;
	const { nodes } = source.search();
	const way = (node: BranchNode | undefined): Branching[] =>
		node
			? [...way(nodes.find(({ id }) => id === node.parent)), ...(node.branching ? [node.branching] : [])]
			: [];
	const node = nodes[number - 1];
	const drawing = drawingWithin(problem, withBranchings(problem, way(node)));
	const closed = node.closed ? nodeWords(node.closed) : say`branched`;
	// why a node is closed is said of this one only: the table has to be read from the last row
	const short = <T>(cells: readonly T[]) => cells.slice(0, -1);
	return {
		title: say`Node ${node.id}`,
		main: [{ ...grid, head: short(grid.head), rows: grid.rows.slice(0, number).map(short) }],
		beside: [
			{ kind: 'sentences', lines: [say`Node ${node.id}, ${closed}.`] },
			...(drawing ? [{ kind: 'picture', drawing } as const] : [])
		]
	};
}

const pictureSlide = (title: Sentence, drawing: Drawing | null, beside: Part[]): Shown | null =>
	drawing && { title, main: [{ kind: 'picture', drawing }], beside };

function shownAt(source: LectureSource, step: ScriptStep): Shown | null {
	const { problem } = source;
	switch (step.shows) {
		case 'own':
			return { title: [], main: [] };
		case 'story':
			return blockSlide(source, 'story', say`${source.title}`);
		case 'problem':
			return {
				title: say`The problem`,
				main: [{ kind: 'statement', problem }],
				beside: bodyOf(source, 'meanings')
			};
		case 'lines':
			return linesSlide(source, step.at);
		case 'region':
			return pictureSlide(
				say`The feasible region`,
				drawingUpTo(problem, problem.constraints.length),
				bodyOf(source, 'corners', 'blanks')
			);
		case 'best':
			return pictureSlide(say`The best corner`, drawingOf(problem, 'answers'), bodyOf(source, 'corners'));
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
			return step.at > 0 ? cutSlide(source, step.at) : blockSlide(source, 'cuts', say`Cutting planes`);
		case 'tree':
			return step.at > 0 ? nodeSlide(source, step.at) : blockSlide(source, 'tree', say`Branch and bound`);
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
