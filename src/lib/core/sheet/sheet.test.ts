import fc from 'fast-check';
import { strFromU8, unzipSync } from 'fflate';
import { encode } from 'uqr';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { qtiFaults } from '../../../../tests/support/qti-schema';
import { answerSheet } from '../api/sheet';
import { DANTZIG } from '../method/rule';
import { PLAIN, PROFILES } from '../notation/notation';
import { fitted } from '../notation/column-names';
import { addressText, board } from '../notation/board';
import { parseRational, toText } from '../number/rational';
import { branchAndBound } from '../integer/branch';
import { writeProblem } from '../problem/codec';
import { readStatement } from '../problem/statement/read';
import { KINDS } from '../question/kinds';
import type { BoardLine } from '../notation/lines';
import { showNumber } from '../number/show';
import { plainText } from '../sentence/sentence';
import { evaluate, holds as holdsAt, type Plan, type Problem } from '../problem/types';
import { objectiveValue, readPlan } from '../tableau/tableau';
import { fittedTableau } from './fit';
import { documentHtml } from './html';
import { sheetFiles, sheetQuestions, sheetsOf, SHEET_FORMATS, type SheetWanted } from './files';
import { SHEET_PRESETS } from './presets';
import { quizItem, type Entries, type QuizItem } from './quiz';
import { itemElement, QTI_VERSIONS, qtiFiles, xmlOf, type Element } from './qti';
import { qrCode } from './qr';
import { cutRounds } from './rounds';
import { stepsOf } from './steps';
import { cellOnSheet } from './tableaux';
import { PAGE } from './style';
import { treeDrawing } from './tree-drawing';
import type { SheetPart } from './types';

const KILN =
	'title "Spring <firing> & more"\nmax profit = 30 bowls + 45 vases\nclay [kg]: 5/2 bowls + 4 vases <= 100\nkiln: bowls + 2 vases <= 45\nglaze: bowls <= 30';
const stated = (text: string) => readStatement(text).problem!;
const wanted = (more: Partial<SheetWanted> = {}): SheetWanted => ({
	problem: stated(KILN),
	preset: 'problem',
	format: 'html',
	method: 'auto',
	rule: DANTZIG,
	variants: 1,
	seed: 1,
	...more
});

/** The tags of an XML or HTML text, in order; throws where they do not nest. */
function nested(text: string): string[] {
	const open: string[] = [];
	const seen: string[] = [];
	for (const [, end, name, rest] of text.matchAll(/<(\/?)([a-zA-Z][\w-]*)([^>]*)>/g)) {
		if (end) expect(open.pop()).toBe(name);
		else if (!rest.endsWith('/') && !/^(?:meta|line|circle|polygon)$/.test(name)) open.push(name);
		seen.push(name);
	}
	expect(open).toEqual([]);
	return seen;
}

type TableauPart = Extract<SheetPart, { kind: 'tableau' }>;
const tableauxOf = (parts: readonly SheetPart[]) =>
	parts.filter((part): part is TableauPart => part.kind === 'tableau');

test('what a sheet states is what the board shows, in the cells of its HTML as well', () => {
	fc.assert(
		fc.property(anyProblem(), fc.nat(PROFILES.length - 1), (problem, profile) => {
			const notation = fitted(PROFILES[profile].notation, problem);
			if (notation.layout === 'dictionary') return;
			const [sheet] = sheetsOf(wanted({ problem, notation, blocks: { tableaux: 'answers' } }));
			const printed = tableauxOf(sheet.student);
			const steps = stepsOf(problem, 'auto', DANTZIG).flatMap(({ position }) => position.work?.tableau ?? []);
			expect(printed).toHaveLength(steps.length);
			printed.forEach((part, i) => {
				const shown = board(steps[i], notation);
				const rows = part.lines.filter(({ kind }) => kind === 'row');
				const at = shown.across.findIndex(({ kind }) => kind === 'rhs');
				rows.forEach(({ cells }, r) => {
					const { content } = cells[at];
					expect(content.kind === 'number' && content.cell.plain.equals(shown.rows[r].rhs)).toBe(true);
				});
			});
			const html = documentHtml([{ title: 't', parts: printed }], notation, PAGE);
			const cells = [...html.matchAll(/<td[^>]*class="[^"]*rhs[^"]*"[^>]*>(.*?)<\/td>/g)].map(
				([, own]) => own
			);
			const read = (own: string) =>
				own
					.replace(/<span class="fraction"><span>(\d+)<\/span><span>(\d+)<\/span><\/span>/, '$1/$2')
					.replace('−', '-');
			if (
				notation.numbers !== 'fraction' ||
				printed.some(({ lines }) => lines.some(({ kind }) => kind === 'costs'))
			)
				return;
			const plain = cells.map(read).filter((own) => /^-?\d+(?:\/\d+)?$/.test(own));
			for (const own of plain) expect(() => parseRational(own)).not.toThrow();
			const first = board(steps[0], notation).rows[0];
			if (first) expect(plain.some((own) => parseRational(own).equals(first.rhs))).toBe(true);
		}),
		{ numRuns: 60 }
	);
}, 60_000);

test('each row has one operation, the objective row of big M too, though its two parts change', () => {
	const problem = stated('min z = 2 x + 3 y\na: x + y >= 4\nb: x + 3 y >= 6');
	for (const { notation } of PROFILES.filter((own) => own.notation.layout !== 'dictionary')) {
		const [{ student }] = sheetsOf(
			wanted({ problem, notation, method: 'big-m', blocks: { tableaux: 'answers' } })
		);
		const made = tableauxOf(student).flatMap(({ lines, operations }) =>
			operations.length
				? [[lines.filter(({ kind }) => kind === 'row' || kind === 'goal').length, operations.length]]
				: []
		);
		expect(made.length).toBeGreaterThan(1);
		for (const [rows, operations] of made) expect(operations).toBe(rows);
	}
});

test('a blank sheet holds no number of the tableaux that are to be filled in; the key does', () => {
	const [sheet] = sheetsOf(wanted({ preset: 'blank' }));
	const [first, ...others] = tableauxOf(sheet.student);
	expect(first.lines.some(({ cells }) => cells.some(({ content }) => content.kind === 'number'))).toBe(true);
	expect(others.length).toBeGreaterThan(1);
	for (const { lines, pivot, operations } of others) {
		expect(pivot).toBeNull();
		expect(operations).toEqual([]);
		for (const { kind, cells, name } of lines) {
			if (kind !== 'head') expect(cells.every(({ content }) => content.kind === 'nothing')).toBe(true);
			if (kind === 'row') expect(name.kind).toBe('nothing');
		}
	}
	// the best value of the problem is in none of the student's files
	for (const format of ['html', 'latex', 'text'] as const) {
		const [student, key] = sheetFiles(wanted({ preset: 'blank', format }));
		const says = (text: string) => /4725/.test(text);
		expect([says(student.content), says(key.content)]).toEqual([false, true]);
	}
});

test('only the row of the pivot, only right-hand sides or only ratios are left blank where that is asked', () => {
	const blanksOf = (fill: 'pivot-row' | 'rhs' | 'ratios') => {
		const [sheet] = sheetsOf(wanted({ blocks: { tableaux: fill } }));
		return tableauxOf(sheet.student).map(({ lines }) =>
			lines.flatMap(({ kind, key, cells }) =>
				cells.flatMap(({ content, address }) =>
					kind !== 'head' && address && content.kind === 'nothing' ? [`${key}|${address.column}`] : []
				)
			)
		);
	};
	const steps = stepsOf(stated(KILN), 'auto', DANTZIG).filter(({ position }) => position.work);
	const rows = blanksOf('pivot-row');
	expect(rows).toHaveLength(steps.length);
	rows.forEach((cells, i) => {
		const t = steps[i].position.work!.tableau;
		const { move } = steps[i];
		if (move?.kind !== 'pivot') return expect(cells).toEqual([]);
		const own = board(t, PLAIN).rows.filter(({ key }) => cells.some((cell) => cell.startsWith(`${key}|`)));
		expect(
			own.map(
				({ key }) => t.form.columns[t.basis[board(t, PLAIN).rows.findIndex((row) => row.key === key)]].id
			)
		).toEqual([move.enter]);
		expect(cells).toHaveLength(t.form.columns.length + 1);
	});
	expect(
		blanksOf('rhs')
			.slice(1)
			.every((cells) => cells.length > 0 && cells.every((cell) => cell.endsWith('|rhs')))
	).toBe(true);
	// of each row of a tableau that is pivoted on the ratio, and in the last one nothing
	expect(blanksOf('ratios')).toEqual(
		steps.map(({ position }, i) =>
			steps[i + 1] ? board(position.work!.tableau, PLAIN).rows.map(({ key }) => `${key}|ratio`) : []
		)
	);
	const told = sheetsOf(wanted({ blocks: { tableaux: 'ratios' } }))[0].student;
	expect(tableauxOf(told).every(({ pivot }) => pivot === null)).toBe(true);
});

test('single cells are left blank in their own tableau, all formats hold none of them, and the key has them', () => {
	const of = (cells: readonly string[]) => sheetsOf(wanted({ blocks: { tableaux: 'cells' }, cells }))[0];
	const all = tableauxOf(of([]).student).flatMap(({ lines, number }) =>
		lines.flatMap(({ cells }) =>
			cells.flatMap(({ address, content }) =>
				address && content.kind !== 'nothing' ? [cellOnSheet(number!, addressText(address))] : []
			)
		)
	);
	const openOf = (parts: readonly SheetPart[]) =>
		tableauxOf(parts).flatMap(({ lines, number }) =>
			lines.flatMap(({ cells }) =>
				cells.flatMap(({ address, content }) =>
					address && content.kind === 'nothing' ? [cellOnSheet(number!, addressText(address))] : []
				)
			)
		);
	expect(openOf(of([]).student)).toEqual([]);
	fc.assert(
		fc.property(fc.subarray(all), (cells) => {
			const { student, key } = of(cells);
			expect(openOf(student)).toEqual(cells);
			expect(openOf(key)).toEqual([]);
			// the page names its cells, so that they can be pressed there
			const html = documentHtml([{ title: 't', parts: student }], PLAIN, PAGE);
			expect(html.match(/data-cell="/g)).toHaveLength(all.length);
		}),
		{ numRuns: 20 }
	);
});

test('a tableau that is too wide leaves out basic columns, then has smaller type, then is turned, and says so; blanks stay', () => {
	const names = Array.from({ length: 8 }, (_, i) => `kind${i + 1}`);
	const wide = stated(
		`max z = ${names.map((name, i) => `${i + 3} ${name}`).join(' + ')}\n${Array.from({ length: 8 }, (_, r) => `r${r + 1}: ${names.map((name, i) => `${((r * 3 + i * 5) % 7) + 1} ${name}`).join(' + ')} <= ${90 + 7 * r}`).join('\n')}`
	);
	const parts = (problem: Problem, fill: 'answers' | 'blanks') =>
		tableauxOf(sheetsOf(wanted({ problem, blocks: { tableaux: fill } }))[0].student);
	const fit = (part: TableauPart, more: Partial<typeof PAGE> = {}) =>
		fittedTableau(part.lines, PLAIN, { ...PAGE, ...more });
	for (const part of parts(wide, 'answers')) {
		const { lines, told, style } = fit(part);
		expect(told).toContain('Columns of basic variables are left out');
		expect(lines.every(({ cells }, i) => cells.length === part.lines[i].cells.length - 8)).toBe(true);
		// what is left out can be read off: every name of a row is missing in the head, and no other
		const nameOf = ({ content }: (typeof lines)[number]['cells'][number]) =>
			content.kind === 'name' ? content.text : '';
		const head = (all: readonly BoardLine[]) => all.find(({ kind }) => kind === 'head')!.cells.map(nameOf);
		const basic = lines.flatMap(({ kind, name }) =>
			kind === 'row' && name.kind === 'name' ? [name.text] : []
		);
		expect(
			head(part.lines)
				.filter((name) => !head(lines).includes(name))
				.sort()
		).toEqual([...basic].sort());
		// on a smaller page the type shrinks as well
		expect(fit(part, { type: 14 }).style.length).toBeGreaterThanOrEqual(style.length);
	}
	for (const part of parts(wide, 'blanks').slice(1)) expect(fit(part).lines).toBe(part.lines);
	expect(fit(parts(stated(KILN), 'answers')[0])).toMatchObject({ style: '', told: '' });
	const [{ content }] = sheetFiles(
		wanted({ problem: wide, format: 'latex', blocks: { tableaux: 'answers' } })
	);
	expect(content).toContain('Columns of basic variables are left out');
});

test('the steps in words are those of the run, each with its basis and value; blank they tell nothing', () => {
	const grid = (fill: 'answers' | 'blanks') =>
		sheetsOf(wanted({ blocks: { trail: fill } }))[0].student.find((part) => part.kind === 'grid')!;
	const steps = stepsOf(stated(KILN), 'auto', DANTZIG).flatMap(({ position, move }) =>
		move && position.work ? [position.work.tableau] : []
	);
	expect(grid('answers').rows.map((row) => plainText(row[3]!, PLAIN))).toEqual(
		steps.map((t) => showNumber(objectiveValue(t)))
	);
	expect(grid('answers').rows.map((row) => plainText(row[2]!, PLAIN))).toEqual(
		steps.map((t) => t.basis.map((column) => t.form.columns[column].name).join(', '))
	);
	expect(
		grid('blanks')
			.rows.flatMap((row) => row.slice(1))
			.every((cell) => cell === null)
	).toBe(true);
});

test('a sheet carries the way back to the live problem: as a code where it is short, else in words', () => {
	const short = 'https://example.org/#lesson=abc_DEF-123';
	const html = (link: string) => sheetFiles(wanted({ link }))[0].content;
	const { size, runs } = qrCode(short);
	const { data } = encode(short, { ecc: 'L', border: 2 });
	const black = new Set(
		runs.flatMap(({ x, y, length }) => Array.from({ length }, (_, i) => `${x + i} ${y}`))
	);
	data.forEach((row, y) => row.forEach((isBlack, x) => expect(black.has(`${x} ${y}`)).toBe(isBlack)));
	expect(html(short)).toContain(`viewBox="0 0 ${size} ${size}"`);
	expect(html(short)).toContain(`href="${short}"`);
	expect(sheetFiles(wanted({ link: short, format: 'latex' }))[0].content.match(/\\fill \(/g)).toHaveLength(
		runs.length
	);
	expect(sheetFiles(wanted({ link: short, format: 'text' }))[0].content).toContain(short);
	const long = short + 'x'.repeat(600);
	expect(html(long)).toContain(long);
	expect(html(long)).not.toContain('QR code');
	// a variant is another problem, so it has no link
	expect(
		sheetsOf(wanted({ link: short, variants: 2 })).map(({ student }) =>
			student.some(({ kind }) => kind === 'link')
		)
	).toEqual([true, false]);
});

test('no tableau of an exam answers another of its questions', () => {
	fc.assert(
		fc.property(anyProblem(), fc.nat(50), (problem, seed) => {
			const asked = sheetQuestions(problem, wanted({ problem, seed }));
			const next = asked.filter(({ kind }) => ['entering', 'leaving', 'next-tableau'].includes(kind));
			for (const { step } of next) expect(asked.some((own) => own.step === step + 1)).toBe(false);
			// nor does the text of a question tell what is asked before it
			const [{ student }] = sheetsOf(wanted({ problem, seed, preset: 'exam' }));
			const says = student.flatMap((part) => (part.kind === 'question' ? [part.says] : []));
			asked.forEach(({ kind, step, right }, i) => {
				if (kind !== 'entering' && kind !== 'leaving') return;
				const later = says.filter((_, j) => j > i && asked[j].step === step);
				for (const name of right)
					expect(
						later.some(
							(text) =>
								text.startsWith(`${name as string} enters`) || text.includes(` and ${name as string} leaves`)
						)
					).toBe(false);
			});
		}),
		{ numRuns: 40 }
	);
}, 60_000);

test('hostile titles, stories and units are texts in every format, and what is written nests', () => {
	const story = 'Pay <b onclick="x">now</b> & \\input{secret} 100 % $x$ #1 _a_ ~ ^';
	const problem = { ...stated(KILN), title: '<script>alert(1)</script>', story };
	const own = problem.constraints.map((row) => ({ ...row, unit: '<i>&"' }));
	for (const preset of SHEET_PRESETS)
		for (const format of SHEET_FORMATS)
			for (const file of sheetFiles(wanted({ problem: { ...problem, constraints: own }, preset, format }))) {
				if (format === 'html') {
					const tags = nested(file.content);
					expect(tags).not.toContain('script');
					expect(file.content).not.toMatch(/onclick="x"/);
				}
				if (format === 'latex') {
					const told = file.content.split('\n').filter((line) => line.includes('Pay <b'));
					expect(told.length).toBe(
						preset === 'blank' || preset === 'picture' || file.name.includes('key') ? 0 : 1
					);
					for (const line of told) expect(line).not.toMatch(/\\input|(?<!\\)[%#&_$]/);
				}
				if (format.startsWith('qti')) {
					const bytes = Uint8Array.from(atob(file.content), (c) => c.charCodeAt(0));
					const files = unzipSync(bytes);
					expect(Object.keys(files)).toContain('imsmanifest.xml');
					for (const text of Object.values(files).map((part) => strFromU8(part)))
						expect(nested(text.replace(/^<\?xml[^>]*>/, ''))).not.toContain('script');
				}
			}
});

/** What the response processing of an item makes of some entries: its score, by the rules of the standard alone. */
function graded(
	item: Element,
	entries: Readonly<Record<string, readonly string[]>>
): { score: number; feedback: string } {
	const kids = ({ children }: Element) => children.filter((own): own is Element => typeof own !== 'string');
	const outcome: Record<string, string> = { SCORE: '0', FEEDBACK: '' };
	const value = (own: Element): readonly string[] => {
		if (own.name === 'variable') return entries[String(own.attributes.identifier)] ?? [];
		if (own.name === 'multiple' || own.name === 'ordered') return kids(own).flatMap(value);
		return own.children.map(String);
	};
	const holds = (own: Element): boolean => {
		const parts = kids(own);
		switch (own.name) {
			case 'and':
				return parts.every(holds);
			case 'or':
				return parts.some(holds);
			case 'isNull':
				return value(parts[0]).length === 0;
			case 'match': {
				const isOrdered = parts.some(({ name }) => name === 'ordered');
				const [a, b] = parts.map((part) => (isOrdered ? value(part) : [...value(part)].sort()).join('\n'));
				return a === b && a !== '';
			}
			case 'stringMatch': {
				const [a, b] = parts.map((part) => value(part).join('').toLowerCase());
				return a === b;
			}
			default:
				throw new Error(own.name);
		}
	};
	const run = (own: Element): void => {
		if (own.name === 'setOutcomeValue')
			outcome[String(own.attributes.identifier)] = value(kids(own)[0]).join('');
		else if (own.name === 'responseCondition')
			for (const branch of kids(own)) {
				const isElse = branch.name === 'responseElse';
				if (!isElse && !holds(kids(branch)[0])) continue;
				kids(branch)
					.slice(isElse ? 0 : 1)
					.forEach(run);
				return;
			}
	};
	kids(kids(item).find(({ name }) => name === 'responseProcessing')!).forEach(run);
	return { score: Number(outcome.SCORE), feedback: outcome.FEEDBACK };
}

/** Entries as a student makes them: one of the ways in which a text may be written, all choices of several. */
const entered = (item: QuizItem, entries: Entries, pick: number) =>
	Object.fromEntries(
		item.fields.map((field) => {
			const texts = entries[field.id];
			const isMany = field.kind === 'order' || (field.kind === 'choice' && field.most === 0);
			return [field.id, isMany ? texts : texts.length > 0 ? [texts[pick % texts.length]] : []];
		})
	);

describe('quizzes', () => {
	test('right answers get full marks in every way of writing, slips get none and are told what they do', () => {
		let count = 0;
		fc.assert(
			fc.property(anyProblem(), fc.nat(100), (problem, seed) => {
				const asked = sheetQuestions(
					problem,
					wanted({ problem, seed, kinds: Object.keys(KINDS) as (keyof typeof KINDS)[], count: 20 })
				);
				for (const question of asked) {
					const item = quizItem(question, 'A1');
					if (!item) continue;
					count += 1;
					const element = itemElement(item, problem, '3.0');
					// the declarations come first, in the order of the fields
					item.fields.forEach(({ kind }, i) => {
						const declared = element.children[i] as Element;
						if (kind !== 'choice')
							expect(declared.attributes.cardinality).toBe(kind === 'order' ? 'ordered' : 'single');
					});
					for (const right of item.right)
						for (const pick of [0, 1, seed])
							expect(graded(element, entered(item, right, pick))).toEqual({ score: 1, feedback: 'RIGHT' });
					item.slips.forEach(({ entries, says }) => {
						const { score, feedback } = graded(element, entered(item, entries, 0));
						expect([score, feedback.startsWith('SLIP')]).toEqual([0, true]);
						expect(says).not.toBe('');
					});
					for (const version of QTI_VERSIONS) {
						const xml = xmlOf(itemElement(item, problem, version), version);
						nested(xml);
						expect(qtiFaults(xml)).toEqual([]);
					}
				}
			}),
			{ numRuns: 40 }
		);
		expect(count).toBeGreaterThan(200);
	}, 60_000);

	test('an order is graded as an order, and pictures to choose from go with the package', () => {
		const problem = stated('max z = 3 x + 2 y\na: x <= 4\nb: x + y <= 6\nc: y <= 5');
		const of = (kind: 'path' | 'which-picture') =>
			quizItem(sheetQuestions(problem, wanted({ problem, kinds: [kind] }))[0], 'A1')!;
		const path = of('path');
		const order = path.right[0].R1;
		expect(order.length).toBeGreaterThan(2);
		const grade = (R1: readonly string[]) => graded(itemElement(path, problem, '2.1'), { R1 }).score;
		expect([grade(order), grade([...order].reverse()), grade(order.slice(1))]).toEqual([1, 0, 0]);
		expect(xmlOf(itemElement(path, problem, '3.0'), '3.0')).toMatch(
			/cardinality="ordered".*<qti-order-interaction response-identifier="R1"/
		);
		const files = qtiFiles({ title: 't', items: [{ item: of('which-picture'), problem }] }, '2.1');
		expect([qtiFaults(files['A1.xml']), qtiFaults(files['test.xml'])]).toEqual([[], []]);
		// the schema notices what is missing
		expect(qtiFaults(files['A1.xml'].replace(/ shuffle="false"/, ''))).toEqual([
			'choiceInteraction without shuffle'
		]);
		expect(
			qtiFaults(files['A1.xml'].replace(/<variable identifier="R1"\/>/, '<variable identifier="R9"/>'))
		).toEqual(['variable of R9, which is not declared']);
		const shown = [...files['A1.xml'].matchAll(/<img src="([^"]*)"/g)].map(([, name]) => name);
		expect(shown.length).toBeGreaterThan(2);
		for (const name of shown) {
			expect(files[name]).toMatch(/^<svg/);
			expect(files['imsmanifest.xml']).toContain(`<file href="${name}"/>`);
		}
		expect(new Set(shown.map((name) => files[name])).size).toBe(shown.length);
	});

	test('both versions name their elements as the standard does', () => {
		const [question] = sheetQuestions(stated(KILN), wanted({ kinds: ['best-corner'] }));
		const item = quizItem(question, 'A1')!;
		const [old, now] = QTI_VERSIONS.map((version) =>
			xmlOf(itemElement(item, stated(KILN), version), version)
		);
		expect(old).toMatch(
			/^<assessmentItem xmlns="[^"]*imsqti_v2p1".*<hotspotInteraction responseIdentifier=.*coords="\d+,\d+,12"/
		);
		expect(now).toMatch(
			/^<qti-assessment-item xmlns="[^"]*imsqtiasi_v3p0".*time-dependent="false".*<qti-hotspot-choice/
		);
		expect(now).toContain('<qti-content-body><p>');
	});
});

describe('the API', () => {
	const request = { problem: writeProblem(stated(KILN)) };
	test('answers stand in a file of their own; variants differ; the same request gives the same files', () => {
		const ask = () =>
			answerSheet({ ...request, preset: 'exam', format: 'latex', variants: 3, seed: 4 }).files;
		const [exam, key] = ask();
		expect([exam.name, key.name, exam.type, exam.encoding]).toEqual([
			'exam.tex',
			'exam-key.tex',
			'application/x-tex',
			'utf-8'
		]);
		expect(exam.content.match(/\\section\*/g)).toHaveLength(3);
		expect(exam.content).not.toContain('subsection*{Answers}');
		expect(ask()[0].content).toBe(exam.content);
	});
	test('bad fields are told by their paths, too large problems refused', () => {
		const issues = (more: object) => {
			try {
				return answerSheet({ ...request, ...more });
			} catch (error) {
				return (error as { issues: { path: string }[] }).issues.map(({ path }) => path);
			}
		};
		expect(issues({ preset: 'letter', variants: 0 })).toEqual(['preset', 'variants']);
		expect(() => answerSheet({ ...request, method: 'dual' })).toThrow();
	});
	test('every preset in every format, of a problem with integers and of one without a plan', () => {
		for (const text of [
			'max z = 3 x + 2 y\na: 2 x + y <= 7\nb: x + 3 y <= 9\nx integer\ny integer',
			'max z = x + y\na: x + y <= 2\nb: x >= 3',
			'max z = x + 2 y\na: x - y <= 2\nb: -x + y <= 1',
			'min c = x + 2 y + w\na: x + y >= 4\nb: x - w = 1\nw free'
		])
			for (const preset of SHEET_PRESETS)
				for (const format of SHEET_FORMATS)
					for (const { content } of answerSheet({ problem: writeProblem(stated(text)), preset, format })
						.files)
						expect(content.length).toBeGreaterThan(20);
	});
});

test('a worked solution derives each cut and draws the tree; with blanks neither tells anything', () => {
	const problem = stated('max z = 3 x + 4 y\na: 2 x + 4 y <= 13\nb: 5 x + 2 y <= 21\nx, y integer');
	const sheet = (fill: 'answers' | 'blanks') =>
		sheetsOf(wanted({ problem, blocks: { cuts: fill, tree: fill } }))[0].student;
	const [told, blank] = [sheet('answers'), sheet('blanks')];
	const grid = told.find((part) => part.kind === 'grid')!;
	const cuts = told.flatMap((part) =>
		part.kind === 'heading' && part.says.startsWith('Cut ') ? [part.says] : []
	);
	expect(cuts.length).toBe(grid.kind === 'grid' ? grid.rows.length : 0);
	expect(cuts[0]).toMatch(/^Cut 1, from row /);
	const nodes = (parts: typeof told) =>
		parts.flatMap((part) => (part.kind === 'tree' ? part.tree.nodes : []));
	const best = nodes(told).filter(({ ended }) => plainText(ended) === 'integer');
	expect(plainText(best.at(-1)!.bound!)).toBe(toText(branchAndBound(problem).objective!));
	expect(nodes(blank).map(({ id }) => id)).toEqual(nodes(told).map(({ id }) => id));
	expect(nodes(blank).every(({ bound, added, ended }) => !bound && !added && ended.length === 0)).toBe(true);
	expect(blank.some((part) => part.kind === 'sentences')).toBe(false);
});

test('notations are those of the lesson', () => {
	const notation = PROFILES[4].notation;
	const [{ content }] = sheetFiles(wanted({ notation, format: 'text', blocks: { tableaux: 'answers' } }));
	expect(content).toContain('profit = 0 + 30 bowls + 45 vases');
	expect(PLAIN.layout).not.toBe(notation.layout);
});

test('rounds of cuts: each cut is violated where it is made and holds at the best integer plan; none follows a branch or an unfinished run', () => {
	let made = 0;
	fc.assert(
		fc.property(anyProblem({ whole: true }), (problem) => {
			const run = stepsOf(problem, 'auto', DANTZIG);
			const rounds = cutRounds(run, DANTZIG, 4);
			const all = [...run, ...rounds];
			const best = branchAndBound(problem);
			all.forEach(({ position: { cuts }, move }, i) => {
				const original = cuts.at(-1)?.original;
				if (move?.kind !== 'cut' || !original) return;
				made += 1;
				const holds = (plan: Plan) =>
					holdsAt(evaluate(original.terms, plan), original.relation, original.rhs);
				expect(holds(readPlan(all[i - 1].position.work!.tableau))).toBe(false);
				if (best.solution) expect(holds(best.solution)).toBe(true);
			});
			expect(rounds.filter(({ move }) => move?.kind === 'cut').length).toBeLessThanOrEqual(4);
			expect(rounds.every(({ move }) => move?.kind === 'cut' || move?.kind === 'pivot')).toBe(true);
		}),
		{ numRuns: 200 }
	);
	expect(made).toBeGreaterThan(0);
	// a branch holds for a part only, so no cut follows it
	const problem = stated('max z = 3 x + 4 y\na: 2 x + 4 y <= 13\nb: 5 x + 2 y <= 21\nx, y integer');
	const run = stepsOf(problem, 'auto', DANTZIG);
	expect(cutRounds(run, DANTZIG, 4).length).toBeGreaterThan(0);
	const branch = { kind: 'branch', variable: 'x', relation: '<=', value: '3' } as const;
	expect(cutRounds([...run.slice(0, -1), { ...run.at(-1)!, move: branch }], DANTZIG, 4)).toEqual([]);
	expect(cutRounds(run.slice(0, 2), DANTZIG, 4)).toEqual([]);
});

test('a tree is laid out: a level below its parent, ≤ at the left, no box on another, and places stay as nodes come', () => {
	fc.assert(
		fc.property(anyProblem({ whole: true }), fc.nat(30), (problem, count) => {
			const { nodes } = branchAndBound(problem, { mostNodes: 60 });
			const drawn = treeDrawing(nodes, () => 'all');
			expect(drawn === null).toBe(nodes.length === 0 || nodes.length > 31);
			if (!drawn) return;
			const places = new Map(drawn.nodes.map((node) => [node.id, node]));
			for (const { id, x, y, from } of drawn.nodes) {
				const own = nodes.find((node) => node.id === id)!;
				if (own.parent === null) expect([y, from]).toEqual([0, null]);
				else {
					const { x: above, y: level } = places.get(own.parent)!;
					expect([from, y]).toEqual([{ x: above, y: level }, level + 1]);
				}
				expect([x >= 0, x <= drawn.size.x - 1, y <= drawn.size.y - 1]).toEqual([true, true, true]);
				for (const other of drawn.nodes)
					if (other.id !== id && other.y === y) expect(Math.abs(other.x - x)).toBeGreaterThanOrEqual(1);
				const sister = nodes.find((node) => node.parent === own.parent && node.id !== id);
				if (sister && own.branching?.relation === '<=') expect(x).toBeLessThan(places.get(sister.id)!.x);
			}
			const first = nodes.slice(0, count + 1);
			const some = treeDrawing(nodes, (node) => (first.includes(node) ? 'bound' : null))!;
			expect(some.size).toEqual(drawn.size);
			for (const { id, x, y, ended } of some.nodes)
				expect({ x, y, ended }).toEqual({ x: places.get(id)!.x, y: places.get(id)!.y, ended: [] });
		}),
		{ numRuns: 60 }
	);
});
