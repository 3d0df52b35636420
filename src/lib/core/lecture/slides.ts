import { standRemarks } from '../commentary/stand';
import { foundWords, headingWords, remarkWords } from '../commentary/messages';
import { nodeWords } from '../integer/messages';
import type { NodeFinding } from '../integer/findings';
import { constraintInWords } from '../commentary/words/story';
import { cutOffFound } from '../commentary/derivation';
import type { BranchNode } from '../integer/branch';
import { withCuts, type Cut } from '../integer/cut';
import { withBranchings, type Branching } from '../integer/relaxation';
import { comparison } from '../method/comparison';
import { decide } from '../method/decide';
import type { Rule } from '../method/rule';
import type { MethodName } from '../method/solve';
import type { Work } from '../method/types';
import { offers, tell } from '../move/kinds';
import { kernelRowOf } from '../move/cut';
import { pivotMade } from '../move/pivot';
import type { CutMove } from '../move/types';
import { rowKey } from '../notation/board';
import type { Position } from '../position/position';
import { withRatios } from '../notation/lines';
import { approximate, ZERO } from '../number/rational';
import { questionAt, questions } from '../question/ask';
import { KINDS } from '../question/kinds';
import { judge } from '../question/judge';
import { KIND_NAMES, type Answer, type KindName, type Question, type Situation } from '../question/types';
import { answerText, rights, saidOf, WORDS } from '../question/words';
import { capital, plainText, say, type Sentence } from '../sentence/sentence';
import { RELATION_SIGNS } from '../problem/relation';
import { asksForWhole } from '../problem/whole';
import { linear } from '../sheet/statement';
import { BUILDERS, planText, type SheetSource } from '../sheet/blocks';
import { drawingOf, drawingUpTo, drawingWithin, withoutBest, type Drawing } from '../sheet/drawing';
import { picturesOf } from '../sheet/make';
import { quizItem } from '../sheet/quiz';
import { operationsOf, pivotOf, questionTableau, tableauPart } from '../sheet/tableaux';
import type { SheetStep } from '../sheet/steps';
import { cutRounds } from '../sheet/rounds';
import { treeDrawing } from '../sheet/tree-drawing';
import type { Part } from '../sheet/types';
import { readPlan } from '../tableau/tableau';
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
	/** what is asked; its answer is told before the next step comes */
	readonly question: { readonly says: string; readonly choices: readonly Choice[] } | null;
	/** what the speaker has to know of what the step asks, told to the class with the question or by a later step */
	readonly answer: {
		readonly right: string;
		readonly because: string;
		/** wrong answers to expect */
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

/** cuts that a lecture shows one by one */
const MOST_CUTS = 3;

/** What the slides of a lecture are made of: its run goes on with cutting planes where whole numbers are asked for, and they are the ones it tells of. */
export function lectureSource(source: SheetSource, rule: Rule, method: MethodName): LectureSource {
	const rounds = asksForWhole(source.problem) ? cutRounds(source.steps, rule, MOST_CUTS) : [];
	const steps = [...source.steps, ...rounds];
	return { ...source, steps, rounds: () => steps, rule, method };
}

type Shown = Pick<Slide, 'title' | 'main'> & Partial<Pick<Slide, 'beside' | 'question' | 'answer'>>;

const run = ({ steps }: SheetSource): SheetStep[] => steps.filter(({ position }) => position.work !== null);

/** The picture of two variables with the cuts so far and the basic solution of a tableau; nothing for other problems. */
function pictureAt({ problem }: SheetSource, { cuts, work }: Position): Part[] {
	const t = work!.tableau;
	const drawing = drawingOf(withCuts(problem, cuts), 'answers');
	if (!drawing) return [];
	const plan = readPlan(t);
	const [x, y] = problem.variables.map(({ name }) => approximate(plan.get(name) ?? ZERO));
	return [{ kind: 'picture', drawing: { ...withoutBest(drawing), here: { x, y } } }];
}

/** How much is shown of the pivot at a tableau. */
type Stage = (typeof PIVOT_STEPS)[number];

const has = (stage: Stage, part: Stage): boolean => PIVOT_STEPS.indexOf(stage) >= PIVOT_STEPS.indexOf(part);

/** What the class is asked at a tableau; it does not tell whether the run goes on. */
const ASKED_AT: Readonly<Record<Work['part'], Sentence>> = {
	primal: say`Is this plan optimal? If not, which variable enters?`,
	'phase-one': say`Is phase one done? If not, which variable enters?`,
	'phase-two': say`Is this plan optimal? If not, which variable enters?`,
	'big-m': say`Is this plan optimal? If not, which variable enters?`,
	dual: say`Is this plan feasible? If not, which variable leaves?`,
	repair: say`Is this plan feasible? If not, which variable enters?`
};
/** the kinds of questions whose answer a step asks for, the first that fits */
const ASKED_KINDS = {
	position: ['entering', 'dual-leaving', 'phase-two', 'state'],
	ratios: ['leaving', 'dual-entering']
} as const satisfies Partial<Record<Stage, readonly KindName[]>>;

/** What the speaker has to know of the question that a tableau of the run asks; null where no kind of question fits. */
function answerAt(source: LectureSource, at: number, kinds: readonly KindName[]): Slide['answer'] {
	const steps = run(source);
	const [work, next] = [steps[at].position.work!, steps[at + 1]];
	const choice = pivotMade(work.tableau, next?.move);
	const decision = decide(work, source.rule);
	// nothing is chosen by a rule where an artificial variable at 0 is pivoted out
	if (decision.kind === 'pivot' && decision.driveOut) return null;
	const situation: Situation = {
		problem: source.problem,
		step: at,
		...work,
		rule: source.rule,
		nextPart: choice ? work.part : null,
		next: choice,
		after: choice ? next.position.work!.tableau : null,
		isLast: !next,
		answer: source.relaxation(),
		pick: () => 0
	};
	const question = kinds.map((kind) => questionAt(kind, situation)).find((own) => own !== null);
	return question ? answerOf(question) : null;
}

/** A tableau as it stands, and what is asked there. */
function positionSlide(source: LectureSource, at: number, { position }: SheetStep, title: Sentence): Shown {
	const { tableau, part } = position.work!;
	return {
		title,
		main: [tableauPart(tableau, source.notation, [], 'answers')],
		beside: [{ kind: 'sentences', lines: [ASKED_AT[part]] }, ...pictureAt(source, position)],
		answer: answerAt(source, at, ASKED_KINDS.position)
	};
}

/** A tableau at which no pivot follows: how the run or its phase ends; null where one would follow. */
function endSlide(source: LectureSource, { position }: SheetStep, title: Sentence): Shown | null {
	const { tableau, ...work } = position.work!;
	const decision = decide({ tableau, ...work }, source.rule);
	if (decision.kind === 'pivot') return null;
	const lines = standRemarks(position, decision, offers(position, source.rule)).flatMap((remark) => {
		const { heading, sentences } = remarkWords(remark);
		return remark.heading.code === 'next' ? sentences : [say`${heading}.`, ...sentences];
	});
	return {
		title,
		main: [tableauPart(tableau, source.notation, [], 'answers')],
		beside: [{ kind: 'sentences', lines }, ...pictureAt(source, position)]
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
	if (stage === 'position') return positionSlide(source, at, own, title);
	if (next?.move?.kind !== 'pivot') return stage === 'choice' ? endSlide(source, own, title) : null;
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
			...pictureAt(source, (isDone ? next : own).position)
		],
		answer: stage === 'ratios' ? answerAt(source, at, ASKED_KINDS.ratios) : null
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

/** What is said of an answer to a question. */
const verdictOn = (question: Question, answer: Answer): string =>
	saidOf(question, judge(question, answer), KINDS[question.kind].answers);

/** The right answer to a question, and the wrong ones to expect: one of each confusion. */
function answerOf(question: Question): NonNullable<Slide['answer']> {
	const { kind } = question;
	const slips = question.slips.filter(
		({ code }, i) => question.slips.findIndex((slip) => slip.code === code) === i
	);
	return {
		right: kind === 'next-tableau' ? '' : rights(question),
		because: WORDS[kind].because(question),
		slips: slips.map(({ answer }) => `${answerText(answer)}: ${verdictOn(question, answer)}`)
	};
}

/** A question with choices where it has a few, and with what is told of each. */
function questionOf(question: Question): NonNullable<Slide['question']> {
	const item = quizItem(question, 'Q');
	const field = item?.fields.length === 1 && item.fields[0].kind === 'choice' ? item.fields[0] : null;
	const { kind } = question;
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
						because: isRight ? because : (slip?.says ?? verdictOn(question, text))
					};
				})
			: [];
	return { says: WORDS[kind].asks(question), choices };
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
		question: questionOf(question),
		answer: answerOf(question)
	};
}

/** The parts of a block of a sheet without its heading. */
const bodyOf = (source: SheetSource, name: keyof typeof BUILDERS, fill: 'answers' | 'blanks' = 'answers') =>
	BUILDERS[name](source, fill).filter(({ kind }) => kind !== 'heading');

/** A block of a sheet without its heading, as a slide. */
function blockSlide(source: LectureSource, name: keyof typeof BUILDERS, title: Sentence): Shown | null {
	const body = bodyOf(source, name);
	// how each cut comes about has slides of its own, and each node
	const parts = name === 'cuts' || name === 'tree' ? body.slice(0, 1) : body;
	return parts.length > 0 ? { title, main: parts } : null;
}

/** The steps of the run before and after its cut of some number. */
function cutStep(source: LectureSource, number: number): [before: SheetStep, after: SheetStep] | null {
	const steps = run(source);
	const at = steps.findIndex(({ position }) => position.cuts.length >= number);
	return at > 0 && steps[at].move?.kind === 'cut' ? [steps[at - 1], steps[at]] : null;
}

/** The tableau with the row that a cut comes from, to be asked for the cut. */
function cutSlide(source: LectureSource, number: number): Shown | null {
	const step = cutStep(source, number);
	if (!step) return null;
	const [{ position }, { position: after }] = step;
	const { tableau: t } = position.work!;
	const cut = after.cuts[number - 1];
	const row = kernelRowOf(t, (step[1].move as CutMove).row);
	const part = tableauPart(t, source.notation, [], 'answers');
	const [says, because] = [cutText(cut), cutOffFound(t, cut).map((found) => plainText(foundWords(found)))];
	return {
		title: say`Cut ${number}`,
		main: [part.kind === 'tableau' ? { ...part, lit: { row: rowKey(t, row) } } : part],
		beside: [
			{ kind: 'sentences', lines: [say`Which cut follows from the row of ${{ constraint: cut.row }}?`] },
			...pictureAt(source, position)
		],
		answer: { right: plainText(says), because: because.join(' '), slips: [] }
	};
}

/** A cut in the non-basic variables. */
const cutText = ({ nonbasic }: Cut): Sentence => say`${linear(nonbasic.terms)} ≥ ${nonbasic.rhs}`;

/** How a cut comes about; of two variables also the region with the cuts so far. */
function derivationSlide(source: LectureSource, number: number): Shown | null {
	const step = cutStep(source, number);
	if (!step) return null;
	const [{ position }, { position: after, move }] = step;
	const { heading, sentences } = remarkWords(tell(position, move!, after));
	const cutSoFar = withCuts(source.problem, after.cuts);
	const drawing = drawingUpTo(cutSoFar, cutSoFar.constraints.length);
	const lines: Part = { kind: 'sentences', lines: sentences };
	return drawing
		? { title: heading, main: [{ kind: 'picture', drawing }], beside: [lines] }
		: { title: heading, main: [lines] };
}

/**
 * The tree up to a node, in the order in which nodes are solved, asked whether it is closed; of two variables also what the node leaves of the region.
 * How the node ended is told with the answer, and seen in the tree from the next node on.
 */
function nodeSlide(source: LectureSource, number: number): Shown | null {
	const { problem } = source;
	const { nodes } = asksForWhole(problem) ? source.search() : { nodes: [] };
	const node = nodes[number - 1];
	if (!node) return null;
	const way = (own: BranchNode | undefined): Branching[] =>
		own ? [...way(nodes.find(({ id }) => id === own.parent)), ...(own.branching ? [own.branching] : [])] : [];
	const drawing = drawingWithin(problem, withBranchings(problem, way(node)));
	const solved = new Set(nodes.slice(0, number));
	const tells = (own: BranchNode) => (own === node ? 'bound' : solved.has(own) ? 'all' : null);
	// every node has its place from the start, as long as the whole tree can be read
	const tree = treeDrawing(nodes, tells) ?? treeDrawing([...solved], tells);
	const branching = nodes.find(({ parent }) => parent === node.id)?.branching;
	const value = branching && node.solution?.get(branching.variable);
	const found: NodeFinding | null =
		node.closed ?? (value ? { code: 'branched', variable: branching.variable, value } : null);
	return {
		title: say`Node ${node.id}`,
		main: tree ? [{ kind: 'tree', tree: { ...tree, lit: node.id } }] : [],
		beside: [
			{
				kind: 'sentences',
				lines: node.solution
					? [
							say`Best plan of node ${node.id}: ${planText(problem, node.solution)}. Then ${problem.objective.name} = ${node.bound!}.`
						]
					: []
			},
			...(drawing ? [{ kind: 'picture', drawing } as const] : [])
		],
		question: { says: `Is node ${node.id} closed, or is it branched on?`, choices: [] },
		answer: {
			right: node.closed ? 'closed' : '',
			because: found ? `${plainText(capital(nodeWords(found)))}.` : '',
			slips: []
		}
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
		case 'derivation':
			return derivationSlide(source, step.at);
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
			answer: shown?.answer ?? null,
			remark: step.says ?? '',
			minutes: step.minutes ?? 0,
			isMissing: shown === null
		};
	});
