import { en } from '../language/language';
import { renamed, withCells } from '../question/cells';
import type { Question } from '../question/types';
import { rights, WORDS } from '../question/words';
import { say } from '../sentence/sentence';
import type { TableauJson } from '../tableau/written';
import { BUILDERS, type SheetSource } from './blocks';
import { drawingOf, regionDrawings } from './drawing';
import { BLOCKS, type Blocks, type Fill } from './presets';
import { questionTableau } from './tableaux';
import type { SheetPart, Sheet } from './types';

/** lines that an answer to a question takes by hand; one where nothing is said */
const ROOM: Partial<Record<Question['kind'], number>> = {
	plan: 2,
	cut: 4,
	'next-tableau': 0,
	feasible: 2,
	interval: 2
};

/** The tableau that is right as the next one, from the cells that a student writes. */
const nextOf = ({ tableau, given, right }: Question): TableauJson =>
	withCells(renamed(tableau, given.leaving!, given.entering!), right[0] as Readonly<Record<string, string>>);

/** What is drawn with a question that is answered on a picture; null where there is none. */
export function picturesOf({ kind, problem, given }: Question): SheetPart | null {
	if (!problem) return null;
	if (given.pictures)
		return {
			kind: 'pictures',
			choices: regionDrawings(problem, given.pictures).map((drawing, i) => ({
				name: given.choices![i],
				drawing
			}))
		};
	const lines = kind === 'sides' ? drawingOf(problem, 'blanks') : null;
	return lines && { kind: 'picture', drawing: lines };
}

/** Whether a question names what an earlier one asks for. */
const isToldBy = ({ step, given }: Question, earlier: Question): boolean =>
	earlier.step === step &&
	[given.entering, given.leaving].some((name) => name !== undefined && earlier.right.includes(name));

/** Questions with the tableaux that they are about, each tableau once, and room to answer. */
function questionParts(
	questions: readonly Question[],
	fill: Fill
): { student: SheetPart[]; key: SheetPart[] } {
	const student: SheetPart[] = [];
	const key: SheetPart[] = [];
	let last = '';
	questions.forEach((question, i) => {
		const number = i + 1;
		const { tableau, kind, given } = question;
		const same = JSON.stringify(tableau);
		const hidesNames = questions.slice(0, i).some((earlier) => isToldBy(question, earlier));
		// what is about the problem has it with it
		if (same !== last && !question.problem) {
			student.push(questionTableau(tableau, say`Tableau of step ${question.step}`));
			last = same;
		}
		student.push({
			kind: 'question',
			number,
			says: (hidesNames ? WORDS[kind].follows : null)?.(question) ?? WORDS[kind].asks(question),
			room: fill === 'answers' ? 0 : (ROOM[kind] ?? 1)
		});
		const drawings = picturesOf(question);
		if (drawings) student.push(drawings);
		if (given.after) student.push(questionTableau(given.after, say`The tableau in question`));
		const because = WORDS[kind].because(question);
		if (kind === 'next-tableau') {
			const next = nextOf(question);
			if (fill !== 'answers') student.push(questionTableau(next, [], 'grid'));
			key.push({ kind: 'key', number, says: '', because }, questionTableau(next, say`Question ${number}`));
		} else key.push({ kind: 'key', number, says: rights(question), because });
	});
	return { student, key };
}

/**
 * Makes a sheet of a problem.
 * @param blocks what is printed, and how much of it
 * @param questions what is asked, where questions are printed
 * @returns the student's sheet, and apart from it what is left blank there, filled in
 */
export function makeSheet(source: SheetSource, blocks: Blocks, questions: readonly Question[] = []): Sheet {
	const student: SheetPart[] = [];
	const key: SheetPart[] = [];
	for (const name of BLOCKS) {
		const fill = blocks[name] ?? 'none';
		if (fill === 'none') continue;
		if (name === 'questions') {
			const asked = questionParts(questions, fill);
			if (questions.length === 0) continue;
			student.push({ kind: 'heading', says: en`Questions` }, ...asked.student);
			(fill === 'answers' ? student : key).push({ kind: 'heading', says: en`Answers` }, ...asked.key);
			continue;
		}
		const parts = BUILDERS[name](source, fill);
		student.push(...parts);
		if (fill !== 'answers' && parts.length > 0) key.push(...BUILDERS[name](source, 'answers'));
	}
	return { title: source.title, student, key };
}
