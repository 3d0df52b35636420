import { standRemarks } from '../commentary/stand';
import { foundWords, headingWords, remarkWords } from '../commentary/messages';
import { withCuts } from '../integer/cut';
import { comparison } from '../method/comparison';
import { decide } from '../method/decide';
import type { Work } from '../method/types';
import { offers, tell } from '../move/kinds';
import { pivotMade } from '../move/pivot';
import { rowKey } from '../notation/board';
import type { Position } from '../position/position';
import { withRatios } from '../notation/lines';
import { approximate, ZERO } from '../number/rational';
import { questionAt } from '../question/ask';
import type { KindName, Situation } from '../question/types';
import { say, type Sentence } from '../sentence/sentence';
import type { SheetSource } from '../sheet/blocks';
import { drawingOf, withoutBest } from '../sheet/drawing';
import { operationsOf, pivotOf, tableauPart } from '../sheet/tableaux';
import type { SheetStep } from '../sheet/steps';
import type { SheetPart } from '../sheet/types';
import { readPlan } from '../tableau/tableau';
import { PIVOT_STEPS } from '../lesson/script';
import { answerOf } from './question-slides';
import type { LectureSource, SlideShown, Slide } from './slide';

/** Slides of a run: each tableau with what is asked there, and each pivot step by step. */

export const run = ({ steps }: SheetSource): SheetStep[] =>
	steps.filter(({ position }) => position.work !== null);

/** The picture of two variables with the cuts so far and the basic solution of a tableau; nothing for other problems. */
export function pictureAt({ problem }: SheetSource, { cuts, work }: Position): SheetPart[] {
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
function positionSlide(
	source: LectureSource,
	at: number,
	{ position }: SheetStep,
	title: Sentence
): SlideShown {
	const { tableau, part } = position.work!;
	return {
		title,
		main: [tableauPart(tableau, source.notation)],
		beside: [{ kind: 'sentences', lines: [ASKED_AT[part]] }, ...pictureAt(source, position)],
		answer: answerAt(source, at, ASKED_KINDS.position)
	};
}

/** A tableau at which no pivot follows: how the run or its phase ends; null where one would follow. */
function endSlide(source: LectureSource, { position }: SheetStep, title: Sentence): SlideShown | null {
	const { tableau, ...work } = position.work!;
	const decision = decide({ tableau, ...work }, source.rule);
	if (decision.kind === 'pivot') return null;
	const lines = standRemarks(position, decision, offers(position, source.rule)).flatMap((remark) => {
		const { heading, sentences } = remarkWords(remark);
		return remark.heading.code === 'next' ? sentences : [say`${heading}.`, ...sentences];
	});
	return {
		title,
		main: [tableauPart(tableau, source.notation)],
		beside: [{ kind: 'sentences', lines }, ...pictureAt(source, position)]
	};
}

/** The tableau before a pivot, with as much of the choice as is shown; a dictionary is shown as it stands. */
function choicePart({ notation, rule }: LectureSource, work: Work, next: SheetStep, stage: Stage): SheetPart {
	const { tableau: t } = work;
	const choice = pivotMade(t, next.move);
	const pivot = has(stage, 'pivot') ? pivotOf(t, next) : null;
	const part = tableauPart(t, notation, { pivot });
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
export function tableauSlide(source: LectureSource, at: number, stage: Stage): SlideShown | null {
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
				? tableauPart(after, notation, {
						operations: operationsOf(work.tableau, after, next, notation)
					})
				: choicePart(source, work, next, stage)
		],
		beside: [
			{ kind: 'sentences', lines: found.map(foundWords).filter(({ length }) => length > 0) },
			...pictureAt(source, (isDone ? next : own).position)
		],
		answer: stage === 'ratios' ? answerAt(source, at, ASKED_KINDS.ratios) : null
	};
}
