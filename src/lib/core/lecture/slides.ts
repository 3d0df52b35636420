import { constraintInWords } from '../commentary/words/story';
import { say, type Sentence } from '../sentence/sentence';
import { RELATION_SIGNS } from '../problem/relation';
import { linearText } from '../sheet/statement';
import { BUILDERS, type SheetSource } from '../sheet/blocks';
import { drawingOf, drawingUpTo, type Drawing } from '../sheet/drawing';
import type { SheetPart } from '../sheet/types';
import { type ScriptStep } from '../lesson/script';
import { questionSlide } from './question-slides';
import { tableauSlide } from './run-slides';
import { cutSlide, derivationSlide, nodeSlide } from './whole-slides';
import type { LectureSource, SlideShown, Slide } from './slide';

/** The slides of a script. */

/** The construction of the region as far as some constraints are drawn. */
function linesSlide({ problem, meaning, notation }: SheetSource, count: number): SlideShown | null {
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
							say`${linearText(row.terms)} ${RELATION_SIGNS[row.relation]} ${row.rhs}`,
							say`${constraintInWords(problem, row, meaning('constraints', row.name), notation.numbers)}`
						]
					}
				]
			: [{ kind: 'statement', problem }]
	};
}

/** The parts of a block of a sheet without its heading. */
const bodyOf = (source: SheetSource, name: keyof typeof BUILDERS, fill: 'answers' | 'blanks' = 'answers') =>
	BUILDERS[name](source, fill).filter(({ kind }) => kind !== 'heading');

/** A block of a sheet without its heading, as a slide. */
function blockSlide(source: LectureSource, name: keyof typeof BUILDERS, title: Sentence): SlideShown | null {
	const body = bodyOf(source, name);
	// how each cut comes about has slides of its own, and each node
	const parts = name === 'cuts' || name === 'tree' ? body.slice(0, 1) : body;
	return parts.length > 0 ? { title, main: parts } : null;
}

const pictureSlide = (title: Sentence, drawing: Drawing | null, beside: SheetPart[]): SlideShown | null =>
	drawing && { title, main: [{ kind: 'picture', drawing }], beside };

function shownAt(source: LectureSource, step: ScriptStep): SlideShown | null {
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
