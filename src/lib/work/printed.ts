import { makeScript } from '../core/lecture/make';
import type { ScriptStep } from '../core/lesson/script';
import { lectureSource, type Slide } from '../core/lecture/slide';
import { slidesOf } from '../core/lecture/slides';
import { ruleNamed, type RuleName } from '../core/method/rule';
import { replay } from '../core/move/replay';
import type { Move } from '../core/move/types';
import type { Notation } from '../core/notation/notation';
import { stated } from '../core/position/position';
import { decodeProblem } from '../core/problem/codec';
import type { ProblemJson } from '../core/problem/format';
import type { Keys } from '../core/problem/keys';
import { sheetFiles, sheetsOf, sourceOf, type SheetFile, type SheetWanted } from '../core/sheet/files';
import { partHtml, sentenceHtml, sheetHtml } from '../core/sheet/html';
import type { PageSetup } from '../core/sheet/style';
import type { SheetPart } from '../core/sheet/types';
import { MAX_STEPS } from '../core/api/limits';
import { timed } from './timed';

/** Jobs that make what is printed or shown to a class of a lesson: sheets and slides. */

/** nodes of a tree that a sheet prints at most */
const MOST_NODES_PRINTED = 60;

/** What is wanted of a handout, as it goes to a worker. */
export interface SheetRequest extends Omit<
	SheetWanted,
	'problem' | 'rule' | 'keys' | 'steps' | 'options' | 'meaning' | 'notation' | 'page'
> {
	readonly problem: ProblemJson;
	readonly rule: RuleName;
	readonly notation: Notation;
	readonly page: PageSetup;
	/** what variables and constraints mean, by name */
	readonly meanings: Readonly<Record<'variables' | 'constraints', Readonly<Record<string, string>>>>;
	/** the moves of a trail from the problem as stated; null where the run of the method is printed */
	readonly moves: readonly Move[] | null;
	readonly keys: Keys;
	readonly milliseconds: number;
}

/** What is wanted of a sheet or a lecture, its problem and its steps worked out. */
function wantedOf({ problem, keys, moves, ...wanted }: SheetRequest): SheetWanted {
	const own = decodeProblem(problem);
	const path = [null, ...(moves ?? [])].map((move, id) => ({ id, parent: id > 0 ? id - 1 : null, move }));
	const steps = moves
		? replay(stated(own, keys), path).stops.map(({ node, position }) => ({ position, move: node.move }))
		: undefined;
	const { meanings } = wanted;
	return {
		...wanted,
		problem: own,
		keys,
		rule: ruleNamed(wanted.rule),
		meaning: (kind, name) => meanings[kind][name] ?? '',
		steps,
		options: { ...timed(wanted.milliseconds), maxSteps: MAX_STEPS, mostNodes: MOST_NODES_PRINTED }
	};
}

/** What is wanted of a lecture. */
export interface LectureRequest extends Omit<SheetRequest, 'format' | 'preset' | 'variants'> {
	/** null where it is to be made */
	readonly script: readonly ScriptStep[] | null;
	/** the instructor's, whose questions a script that is made asks */
	readonly notes: string;
}

/** A slide as it is shown: parts as HTML. */
export interface SlideJson extends Omit<Slide, 'title' | 'main' | 'beside'> {
	readonly title: string;
	readonly main: readonly string[];
	readonly beside: readonly string[];
}
export interface LectureJson {
	readonly script: readonly ScriptStep[];
	readonly slides: readonly SlideJson[];
}

/** The sheets of a handout: the parts of each as HTML; without a key where nothing is left blank. */
export type SheetPages = readonly {
	readonly title: string;
	readonly student: readonly string[];
	readonly key: readonly string[];
}[];

/** Makes the sheets of a handout, each part as HTML for the page. */
export function sheetPages(request: SheetRequest): SheetPages {
	return sheetsOf(wantedOf(request)).map(({ title, student, key }) => ({
		title,
		student: sheetHtml(title, student, request.notation, request.page),
		key: key.length > 0 ? sheetHtml(`${title}: answers`, key, request.notation, request.page) : []
	}));
}

/** Makes the files of a handout. */
export const sheetFilesOf = (request: SheetRequest): SheetFile[] => sheetFiles(wantedOf(request));

/** Makes the slides of a lecture; without a script, first the script that suits the problem. */
export function slides({ script, notes, ...request }: LectureRequest): LectureJson {
	const wanted = wantedOf({ ...request, format: 'html', preset: 'solution', variants: 1 });
	const { problem, title = '', story = '', steps, rule, method } = wanted;
	const source = lectureSource(sourceOf(wanted, problem, { title, story, steps }), rule, method);
	const own =
		script ?? makeScript(problem, { story, notes }, source.steps, rule, () => source.search().nodes.length);
	const html = (parts: readonly SheetPart[]) => parts.map((part) => partHtml(part, request.notation, null));
	return {
		script: own,
		slides: slidesOf(source, own).map(({ title: heading, main, beside, ...rest }) => ({
			...rest,
			title: sentenceHtml(heading, request.notation),
			main: html(main),
			beside: html(beside)
		}))
	};
}
