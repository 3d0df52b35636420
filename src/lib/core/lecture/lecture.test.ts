import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import type { ScriptStep } from '../lesson/script';
import { DANTZIG } from '../method/rule';
import { addressText } from '../notation/board';
import { PLAIN as PLAIN_NOTATION } from '../notation/notation';
import { readStatement } from '../problem/statement/read';
import type { Problem } from '../problem/types';
import { KIND_NAMES } from '../question/types';
import { sourceOf } from '../sheet/files';
import type { SheetStep } from '../sheet/steps';
import type { SheetPart } from '../sheet/types';
import { makeScript } from './make';
import { readNotes } from './notes';
import { lectureRemarks, lectureWebPage } from './web-page';
import { lectureSource, type LectureSource, type Slide } from './slide';
import { slidesOf } from './slides';

const sourceFor = (problem: Problem): LectureSource =>
	lectureSource(
		sourceOf(
			{ problem, preset: 'solution', format: 'html', method: 'auto', rule: DANTZIG, variants: 1, seed: 1 },
			problem,
			{ title: 'Exercise', story: '' }
		),
		DANTZIG,
		'auto'
	);
const nodesOf = (source: LectureSource) => () => source.search().nodes.length;
/** big numbers as text */
const text = (_: string, value: unknown) => (typeof value === 'bigint' ? `${value}` : value);
const PLAIN = { story: '', notes: '' };
const stated = (text: string) => readStatement(text).problem!;
const KILN =
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nkiln: bowls + 2 vases <= 45\nglaze: bowls <= 30';

type TableauPart = Extract<SheetPart, { kind: 'tableau' }>;
const tableauOf = ({ main }: Slide) => main.find((part): part is TableauPart => part.kind === 'tableau')!;
const keepsFeasible = ({ position }: SheetStep) => position.work!.part !== 'dual';
const hasRatios = (part: TableauPart) =>
	part.lines.some(
		({ kind, cells }) =>
			kind === 'head' && cells.some(({ content }) => content.kind === 'word' && content.text === 'ratio')
	);

describe('the slides of a lecture', () => {
	test('a script made of a problem fits it, and shows no part of a pivot before its step', () => {
		fc.assert(
			fc.property(fc.oneof(anyProblem(), anyProblem({ whole: true })), (problem) => {
				const source = sourceFor(problem);
				const script = makeScript(problem, PLAIN, source.steps, DANTZIG, nodesOf(source));
				slidesOf(source, script).forEach((slide, i) => {
					const { shows, at } = script[i];
					// what the problem does not have at all, such as ranges where nothing is optimal, has no slide
					if (slide.isMissing) return expect(['ranges', 'cut', 'tree', 'form']).toContain(shows);
					if (!['position', 'choice', 'ratios', 'pivot'].includes(shows)) return;
					const part = tableauOf(slide);
					const steps = source.steps.filter(({ position }) => position.work);
					const [tableau, choice] = [steps[at].position.work!.tableau, steps[at + 1]?.move];
					const named = (own: string) => tableau.form.columns.find(({ id }) => id === own)!.name;
					// the speaker knows what comes, and where nothing comes the step after the question tells why
					if (choice?.kind === 'pivot' && slide.answer) {
						const { enter, leave } = choice;
						const chosen = (shows === 'position') === keepsFeasible(steps[at]) ? enter : leave;
						expect(slide.answer.right.split(/, | or /)).toContain(named(chosen));
					} else if (choice?.kind !== 'pivot' && shows === 'choice') {
						expect(slide.beside.some(({ kind }) => kind === 'sentences')).toBe(true);
						return;
					}
					if (shows === 'position')
						expect([part.lit, part.pivot, hasRatios(part)]).toEqual([undefined, null, false]);
					if (shows === 'choice') expect([part.pivot, hasRatios(part)]).toEqual([null, false]);
					if (shows === 'ratios') expect(part.pivot).toBeNull();
					if (shows === 'pivot' && choice?.kind === 'pivot')
						expect(part.pivot?.endsWith(addressText({ row: '', column: choice.enter }))).toBe(true);
				});
			}),
			{ numRuns: 60 }
		);
	}, 60_000);

	test('notes are asked before anything is solved, told after the answer, and their minutes spread', () => {
		const notes =
			'Draw first. Ask: how dear is clay? Expected: about 2.5 thalers; see the dual. Ask: and why? Twenty-five minutes; key 4.';
		expect(readNotes(notes)).toEqual({
			questions: [
				{ asks: 'How dear is clay?', expects: 'About 2.5 thalers; see the dual.' },
				{ asks: 'And why?', expects: '' }
			],
			minutes: 25
		});
		expect([readNotes('A few minutes.').minutes, readNotes('90 minutes').minutes]).toEqual([0, 90]);
		const source = sourceFor(stated(KILN));
		const script = makeScript(stated(KILN), { story: '', notes }, source.steps, DANTZIG, nodesOf(source));
		const told = script.flatMap(({ says }, i) => (says ? [[says, i] as const] : []));
		expect(told.map(([says]) => says)).toEqual([
			'How dear is clay?',
			'And why?',
			'How dear is clay?\nAbout 2.5 thalers; see the dual.'
		]);
		const at = (kind: string) => script.findIndex(({ shows }) => shows === kind);
		expect(told[1][1]).toBeLessThan(at('form'));
		expect(told[2][1]).toBe(at('answer') + 1);
		expect(script.reduce((sum, { minutes = 0 }) => sum + minutes, 0)).toBe(25);
	});

	test('what no longer fits after an edit of the statement is told; the rest follows it', () => {
		const source = sourceFor(stated(KILN));
		const script = makeScript(stated(KILN), PLAIN, source.steps, DANTZIG, nodesOf(source));
		const edited = stated(KILN.split('\n').slice(0, 3).join('\n').replace('45 vases', '50 vases'));
		const slides = slidesOf(sourceFor(edited), script);
		const missing = script.filter((_, i) => slides[i].isMissing);
		expect(missing.some(({ shows, at }) => shows === 'lines' && at === 3)).toBe(true);
		expect(missing.length).toBeLessThan(script.length / 2);
		const first = slides[script.findIndex(({ shows }) => shows === 'position')];
		const goal = tableauOf(first).lines.find(({ kind }) => kind === 'goal')!;
		expect(
			goal.cells.some(({ content }) => content.kind === 'number' && content.cell.plain.equals(-50))
		).toBe(true);
	});

	test('a question has right and wrong choices, each with what is told of it, and shows no best corner', () => {
		const source = sourceFor(stated(KILN));
		const script = KIND_NAMES.map((asks): ScriptStep => ({ shows: 'question', at: 0, asks }));
		const slides = slidesOf(source, script);
		const asked = slides.filter(({ question }) => question !== null);
		expect(asked.length).toBeGreaterThan(12);
		for (const { question, answer, main } of asked) {
			const { choices } = question!;
			if (choices.length > 0) {
				expect(choices.some(({ isRight }) => isRight)).toBe(true);
				expect(choices.some(({ isRight }) => !isRight)).toBe(true);
				expect(choices.every(({ because }) => because !== '')).toBe(true);
			} else expect(answer!.because).not.toBe('');
			for (const part of main)
				if (part.kind === 'picture')
					expect([part.drawing.objective, part.drawing.corners.some(({ isBest }) => isBest)]).toEqual([
						null,
						false
					]);
		}
		const unknown: ScriptStep = { shows: 'question', at: 0, asks: 'riddle' };
		expect(slidesOf(source, [unknown])[0].isMissing).toBe(true);
	});

	test('the region grows constraint by constraint', () => {
		const source = sourceFor(stated(KILN));
		const slides = slidesOf(
			source,
			[0, 1, 2, 3].map((at): ScriptStep => ({ shows: 'lines', at }))
		);
		const drawn = slides.map(({ main }) => (main[0].kind === 'picture' ? main[0].drawing : null)!);
		expect(drawn.map(({ constraints }) => constraints.length)).toEqual([0, 1, 2, 3]);
		expect(new Set(drawn.map(({ box }) => JSON.stringify(box))).size).toBe(1);
	});

	test.each([
		'max z = 3 x + 4 y\na: 2 x + 4 y <= 13\nb: 5 x + 2 y <= 21\nx, y integer',
		// the first cut comes from the objective row
		'max z = 5 x + 4 y\na: 6 x + 4 y <= 24\nb: x + 2 y <= 6\nx, y integer'
	])(
		'cuts come in rounds, each before its pivots, and nodes one by one: how each ends is told with its answer: %s',
		(statement) => {
			const problem = stated(statement);
			const source = sourceFor(problem);
			const script = makeScript(problem, PLAIN, source.steps, DANTZIG, nodesOf(source));
			const slides = slidesOf(source, script);
			expect(slides.filter(({ isMissing }) => isMissing)).toEqual([]);
			const at = (shows: string) =>
				script.flatMap((own, i) => (own.shows === shows && own.at > 0 ? [slides[i]] : []));
			const drawn = at('derivation').map(({ main: [part] }) =>
				part.kind === 'picture' ? part.drawing.constraints.length : 0
			);
			expect(drawn.length).toBeGreaterThan(0);
			expect(drawn).toEqual(drawn.map((_, i) => problem.constraints.length + i + 1));
			at('cut').forEach((slide, i) => {
				// the row that is lit is fractional, and nothing of the cut is on the slide
				const part = tableauOf(slide);
				const rhs = part.lines.find(({ key }) => key === part.lit!.row)!.cells.at(-1)!.content;
				expect(rhs.kind === 'number' && rhs.cell.plain.d !== 1n).toBe(true);
				expect(slide.answer!.right).toContain('≥');
				expect(JSON.stringify([slide.main, slide.beside], text)).not.toContain(`c${i + 1}`);
			});
			const nodes = at('tree').map(({ main: [part], ...slide }) => ({
				tree: part.kind === 'tree' ? part.tree : null,
				...slide
			}));
			expect(nodes.map(({ tree }) => tree?.nodes.length)).toEqual(nodes.map((_, i) => i + 1));
			expect(nodes).toHaveLength(Math.min(8, source.search().nodes.length));
			for (const [i, { tree, answer }] of nodes.entries()) {
				expect(tree!.nodes.find(({ id }) => id === tree!.lit)!.ended).toEqual([]);
				const { closed } = source.search().nodes[i];
				expect(answer!.right).toBe(closed ? 'closed' : '');
				expect(answer!.because.startsWith('Branched')).toBe(!closed);
			}
			expect(script.findIndex(({ shows }) => shows === 'answer')).toBeGreaterThan(
				script.findLastIndex(({ shows }) => shows === 'tree')
			);
			expect(
				slidesOf(source, [
					{ shows: 'cut', at: 99 },
					{ shows: 'tree', at: 99 }
				]).map(({ isMissing }) => isMissing)
			).toEqual([true, true]);
		}
	);

	test('as a web page nothing of it is code but the script of the page', () => {
		const hostile = { ...stated(KILN), title: '</title><script>1</script>' };
		const slides = slidesOf(sourceFor(hostile), [{ shows: 'own', at: 0, says: '<img src=x onerror=1>' }]);
		const page = lectureWebPage(
			hostile.title,
			slides.map((slide) => ({ ...slide, title: '', main: [], beside: [] })),
			PLAIN_NOTATION
		);
		expect(page.match(/<script/g)).toHaveLength(1);
		const written = slides.map((slide) => ({ ...slide, title: '', main: [], beside: [] }));
		for (const printed of [
			lectureWebPage('x', written, PLAIN_NOTATION, false),
			lectureRemarks(hostile.title, written)
		])
			expect(printed).not.toMatch(/<script|<img/);
		expect(page).not.toContain('<img');
	});
});

test('beside the stages of a pivot stands what was said so far, and all of it at the end', () => {
	const source = sourceFor(stated(KILN));
	const stages = ['choice', 'ratios', 'pivot', 'operations'] as const;
	const said = (at: number, shows: (typeof stages)[number]) => {
		const [slide] = slidesOf(source, [{ shows, at } as ScriptStep]);
		return slide.beside.flatMap((part) => (part.kind === 'sentences' ? part.lines : []));
	};
	const pivots = source.steps
		.filter(({ position }) => position.work)
		.flatMap((_, at, all) => (all[at + 1]?.move?.kind === 'pivot' ? [at] : []));
	expect(pivots.length).toBeGreaterThan(0);
	for (const at of pivots) {
		const counts = stages.map((stage) => said(at, stage).length);
		expect(counts).toEqual([...counts].sort((a, b) => a - b));
		expect(counts.at(-1)).toBeGreaterThan(counts[0]);
		for (const stage of stages) for (const line of said(at, stage)) expect(line.length).toBeGreaterThan(0);
	}
});
