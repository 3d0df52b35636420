import { cellsOf } from '../question/cells';
import type { Question } from '../question/types';
import { answerText, WORDS } from '../question/words';
import { say } from '../sentence/sentence';
import type { TableauJson } from '../tableau/written';
import { BUILDERS, type SheetSource } from './blocks';
import { BLOCKS, type Blocks, type Fill } from './presets';
import { questionLines } from './tableaux';
import type { Part, Sheet } from './types';

/** lines that an answer to a question takes by hand; one where nothing is said */
const ROOM: Partial<Record<Question['kind'], number>> = {
	plan: 2,
	cut: 4,
	'next-tableau': 0,
	feasible: 2,
	interval: 2
};

/** The tableau that is right as the next one, from the cells that a student writes. */
function nextOf({ tableau, given, right }: Question): TableauJson {
	const cells = right[0] as Readonly<Record<string, string>>;
	const rows = tableau.rows.map((row) => ({
		...row,
		basic: row.basic === given.leaving ? given.entering! : row.basic
	}));
	const shape = { ...tableau, rows };
	const values = cellsOf(shape).map(([cell]) => cells[cell]);
	const width = tableau.columns.length + 1;
	const line = (i: number) => {
		const own = values.slice(i * width, (i + 1) * width);
		return { entries: own.slice(0, -1), rhs: own[width - 1] };
	};
	return {
		columns: tableau.columns,
		rows: rows.map((row, i) => ({ ...row, ...line(i) })),
		objective: tableau.objective.map((goal, i) => ({ ...goal, ...line(rows.length + i) }))
	};
}

/** Questions with the tableaux that they are about, each tableau once, and room to answer. */
function questionParts(questions: readonly Question[], fill: Fill): { student: Part[]; key: Part[] } {
	const student: Part[] = [];
	const key: Part[] = [];
	let last = '';
	questions.forEach((question, i) => {
		const number = i + 1;
		const { tableau, kind, given } = question;
		const same = JSON.stringify(tableau);
		const aboutPlan = question.problem && kind !== 'cut';
		if (same !== last && !aboutPlan) {
			const caption = say`Tableau of step ${question.step}`;
			student.push({ kind: 'tableau', caption, lines: questionLines(tableau), pivot: null, operations: [] });
			last = same;
		}
		student.push({
			kind: 'question',
			number,
			says: WORDS[kind].asks(question),
			room: fill === 'answers' ? 0 : (ROOM[kind] ?? 1)
		});
		if (given.after)
			student.push({
				kind: 'tableau',
				caption: say`The tableau in question`,
				lines: questionLines(given.after),
				pivot: null,
				operations: []
			});
		const because = WORDS[kind].because(question);
		if (kind === 'next-tableau') {
			const next = nextOf(question);
			const of = (own: Fill): Part => ({
				kind: 'tableau',
				caption: own === 'answers' ? say`Question ${number}` : [],
				lines: questionLines(next, own),
				pivot: null,
				operations: []
			});
			if (fill !== 'answers') student.push(of('grid'));
			key.push({ kind: 'key', number, says: '', because }, of('answers'));
		} else key.push({ kind: 'key', number, says: question.right.map(answerText).join(' or '), because });
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
	const student: Part[] = [];
	const key: Part[] = [];
	for (const name of BLOCKS) {
		const fill = blocks[name] ?? 'none';
		if (fill === 'none') continue;
		if (name === 'questions') {
			const asked = questionParts(questions, fill);
			if (questions.length === 0) continue;
			student.push({ kind: 'heading', says: 'Questions' }, ...asked.student);
			(fill === 'answers' ? student : key).push({ kind: 'heading', says: 'Answers' }, ...asked.key);
			continue;
		}
		const parts = BUILDERS[name](source, fill);
		student.push(...parts);
		if (fill !== 'answers' && parts.length > 0) key.push(...BUILDERS[name](source, 'answers'));
	}
	return { title: source.title, student, key };
}
