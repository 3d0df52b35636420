import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { SAMPLES } from '../../desk/samples';
import { fragmentOf, fragmentOfProblem, textOfFragment } from '../../desk/link';
import { markdownToHtml } from '../../view/story/markdown';
import { InputError } from '../problem/json';
import { printStatement } from '../problem/statement/print';
import { readStatement } from '../problem/statement/read';
import { sameProblem } from '../problem/types';
import { readLesson } from './check';
import { collectionText, lessonText, openFile, problemText } from './files';
import { newLesson, titleOf, withTitle, type Lesson } from './lesson';
import { WAYS } from '../move/types';
import { lessonSchema } from './schema';
import { hrefOf, relinked, targetOf } from './story';

const MIX = 'title "Mix"\n# kept\nmax z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12';
const fault = (name: string, text: string): string => {
	try {
		openFile(name, text);
	} catch (error) {
		if (error instanceof InputError) return `${error.issues[0].path} ${error.issues[0].message}`;
		throw error;
	}
	return 'none';
};
const anyLesson: fc.Arbitrary<Lesson> = fc
	.record({
		problem: anyProblem(),
		story: fc.string({ unit: 'grapheme' }),
		tags: fc.array(fc.stringMatching(/^[a-z é]{1,12}$/), { maxLength: 4 }),
		plan: fc.integer()
	})
	.map(({ problem, story, tags, plan }) => ({
		...newLesson(printStatement(problem)),
		story,
		tags,
		plans: [{ name: 'plan 1', amounts: { x1: `${plan}/3` } }]
	}));

/** every kind of move, and some that are none */
const MOVES: unknown[] = [
	...WAYS.map((way) => ({ kind: 'begin', way, equalities: 'one-row' })),
	{ kind: 'begin', way: 'auto' },
	{ kind: 'artificial', column: 'all' },
	{ kind: 'artificial', column: '' },
	{ kind: 'pivot', enter: 'x:x', leave: 's:a', by: 'bland' },
	{ kind: 'pivot', enter: 'x:x', leave: 's:a', by: 'hand', outside: 'yes' },
	{ kind: 'basis', columns: ['x:x'] },
	{ kind: 'basis', columns: [] },
	{ kind: 'phase', to: 'phase-two' },
	{ kind: 'cut', row: 'x:x', cut: 'mixed-integer' },
	{ kind: 'cut', row: 'x:x', cut: 'deep' },
	{ kind: 'combine', multipliers: { a: '1/2' } },
	{ kind: 'combine', multipliers: ['1/2'] },
	{ kind: 'drop' },
	{ kind: 'branch', variable: 'x', relation: '<=', value: '3' },
	{ kind: 'branch', variable: 'x', relation: '=', value: '3' },
	{ kind: 'inward' },
	{ kind: 'change', change: { rhs: 'a', value: '7/2' } },
	{ kind: 'change', change: { cost: 'x', value: 'seven' } },
	{ kind: 'change', change: { rhs: 'a', value: '1', more: 1 } },
	{ kind: 'change', change: { add: { name: 'd', terms: { x: '1' }, relation: '>=', rhs: '1' } } }
];

describe('files', () => {
	test('a lesson, a collection and a link give the same lessons again', () => {
		fc.assert(
			fc.property(anyLesson, anyLesson, (a, b) => {
				expect(openFile('a.mathesis.json', lessonText(a)).lessons).toEqual([{ lesson: a, edited: null }]);
				const edited = '2026-03-01T10:00:00.000Z';
				const all = collectionText([a, b].map((lesson) => ({ edited, lesson })));
				expect(openFile('all.json', all).lessons).toEqual([a, b].map((lesson) => ({ lesson, edited })));
				expect(JSON.parse(textOfFragment(fragmentOf(a))!)).toEqual(a);
			}),
			{ numRuns: 100 }
		);
	});

	test('a problem comes back from every format as it was, with the story where the format has one', () => {
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const lesson = { ...newLesson(printStatement(problem)), story: 'Once *upon* a time' };
				for (const [format, name] of [
					['json', 'p.json'],
					['mps', 'p.mps'],
					['mps-fixed', 'p.mps'],
					['csv', 'p.csv'],
					['latex', 'p.tex'],
					['statement', 'p.txt']
				] as const) {
					const { text, notes } = problemText(lesson, format);
					const opened = openFile(name, text).lessons[0].lesson;
					const again = readStatement(opened.statement).problem!;
					// a statement and JSON hold the story; the others say that they do not
					if (format === 'json') expect(opened.story).toBe(lesson.story);
					else if (format !== 'statement') expect(notes.join()).toMatch(/story/i);
					const { story: _, ...bare } = again;
					// a number without end as a decimal is scaled in MPS, and that is said
					if (!notes.some((note) => /multipl|scaled|rounded/i.test(note)))
						expect(sameProblem(bare, problem), `${format}\n${text}`).toBe(true);
				}
			}),
			{ numRuns: 60 }
		);
	});

	test('a statement stays as it was written, comments and all; an older lesson is brought up', () => {
		expect(openFile('mix.txt', MIX.replaceAll('\n', '\r\n')).lessons[0].lesson.statement).toBe(MIX);
		const { story: _1, notes: _2, tags: _3, page: _4, meanings: _5, ...second } = newLesson(MIX);
		expect(openFile('x.json', JSON.stringify({ ...second, version: 2 })).lessons[0].lesson).toEqual(
			newLesson(MIX)
		);
	});

	test.each([
		['x.json', '{ "format": "mathesis-lesson", ', 'line 1 is no JSON'],
		['x.json', `{\n"format": "mathesis-lesson",\n"version" 3 }`, 'line 3 is no JSON'],
		['x.json', '{}', 'format is none of'],
		['x.json', '{"format":"mathesis-lesson","version":9}', 'version is 9; a later version'],
		[
			'x.json',
			JSON.stringify({ ...newLesson(MIX), trail: { nodes: [], current: 0 } }),
			'trail the trail does not hang together'
		],
		[
			'x.json',
			JSON.stringify({
				format: 'mathesis-collection',
				version: 1,
				lessons: [{ lesson: { ...newLesson(MIX), tags: 7 } }]
			}),
			'holds no lesson that can be read'
		],
		[
			'x.json',
			JSON.stringify({ format: 'mathesis-collection', version: 2, lessons: [] }),
			'version is not 1'
		],
		['x.json', '{"format":"mathesis-problem","version":1,"variables":[{"name":"1"}]}', 'content'],
		['x.mps', 'NAME x\nROWS\n N z\nCOLUMNS\n x r 1\nENDATA', 'line'],
		['x.csv', 'name,x,relation,amount\nmax z,three', 'row 2, column 2'],
		['x.txt', 'max z = x\nr: x y <= 3', 'line 2'],
		['x.png', '\u0000\u0001\u0002PNG', 'is no text'],
		['x.txt', 'x'.repeat(5_000_001), 'larger than 5 MB']
	])('%s is refused where it is wrong: %#', (name, text, says) => {
		expect(fault(name, text)).toContain(says);
	});

	test('a damaged lesson does not keep the others of a collection out, and is named', () => {
		const bad = { ...newLesson('title "Autumn"\nmax z = x'), tags: 7 };
		const lessons = [{ lesson: newLesson(MIX) }, { lesson: bad }, { lesson: 5 }];
		const opened = openFile('x.json', JSON.stringify({ format: 'mathesis-collection', version: 1, lessons }));
		expect(opened.lessons.map(({ lesson }) => lesson.statement)).toEqual([MIX]);
		expect(opened.notes[0]).toContain('“Autumn” was left out: lessons[1].lesson.tags');
		expect(opened.notes[1]).toContain('Lesson 3 was left out');
	});

	test('the published schema is that of the code, and accepts and refuses what the check does', () => {
		expect(JSON.parse(readFileSync('docs/lesson.schema.json', 'utf8'))).toEqual(lessonSchema);
		const accepts = new Ajv({ strict: false, allowUnionTypes: true }).compile(lessonSchema);
		const checked = (data: unknown) => {
			try {
				readLesson(data);
				return true;
			} catch {
				return false;
			}
		};
		for (const { lesson } of SAMPLES) expect(accepts(JSON.parse(JSON.stringify(lesson)))).toBe(true);
		const good = { ...newLesson(MIX), plans: [{ name: 'p', amounts: { x: '1/2' } }] };
		const changes: Record<string, unknown>[] = [
			{},
			{ version: 2 },
			{ statement: 7 },
			{ story: null },
			{ tags: ['x'.repeat(41)] },
			{ tags: 'x' },
			{ page: 'problem' },
			{ page: 'https://elsewhere' },
			{ meanings: { variables: { x: 3 }, constraints: {} } },
			{ meanings: {} },
			{ rule: 'guess' },
			{ notation: {} },
			{ view: { x: 1, y: 2, scale: 0 } },
			{ view: { x: 1, y: 2, scale: 1 } },
			{ plans: [{ name: 'p', amounts: { x: 'half' } }] },
			{ plans: [{ name: '', amounts: {} }] },
			{ lasting: { variables: [], constraints: [] } },
			{ trail: { current: 0, nodes: [{ id: 0, parent: null, move: { kind: 'jump' } }] } },
			{
				trail: {
					current: 1,
					nodes: [
						{ id: 0, parent: null, move: null },
						{ id: 1, parent: 0, move: { kind: 'phase', to: 'dual' } }
					]
				}
			},
			{ trail: { current: 0, nodes: [] } },
			...MOVES.map((move) => ({
				trail: {
					current: 1,
					nodes: [
						{ id: 0, parent: null, move: null },
						{ id: 1, parent: 0, move, name: 'a step' }
					]
				}
			})),
			{ tree: undefined, recipe: undefined },
			{ recipe: 7 },
			{ meanings: { variables: { ['x'.repeat(81)]: 'long' }, constraints: {} } },
			{ notation: { numbers: 'fraction', slack: 'long' } }
		];
		for (const change of changes) {
			const data = JSON.parse(JSON.stringify({ ...good, ...change })) as Record<string, unknown>;
			// the check brings version 2 up; the schema is of the present version
			if (data.version === 3) expect(accepts(data), JSON.stringify(change)).toBe(checked(data));
		}
	});
});

test('a damaged link, or one that unfolds without end, is refused', () => {
	expect(textOfFragment('#other')).toBeNull();
	const fragment = fragmentOf(newLesson(MIX));
	expect(() => textOfFragment(`#lesson=%%%${fragment.slice(8)}`)).toThrow('damaged');
	expect(() => textOfFragment('#lesson=AAAA')).toThrow('damaged');
	expect(textOfFragment(fragmentOfProblem(MIX), 'problem')).toBe(MIX);
	expect(textOfFragment(fragmentOfProblem(MIX))).toBeNull();
	const long = fragmentOf({ ...newLesson(MIX), story: 'a'.repeat(20_000_000) });
	expect(textOfFragment(long)!.length).toBeLessThanOrEqual(5_000_000);
});

test('titles are read and set in the statement, which stays as it is otherwise', () => {
	expect(titleOf({ statement: MIX })).toBe('Mix');
	expect(withTitle(MIX, 'A "b" \\ c')).toBe(MIX.replace('"Mix"', '"A \\"b\\" \\\\ c"'));
	expect(titleOf({ statement: withTitle(MIX, 'A "b" \\ c') })).toBe('A "b" \\ c');
	expect(withTitle('max z = x', 'New')).toBe('title "New"\nmax z = x');
	expect(titleOf({ statement: 'max z = x' })).toBe('');
});

test('links of a story follow a name, and lead nowhere else', () => {
	const story = '[a](#clay.bowls) [b](#clay) [c](#.bowls) [d](#bowls) [e](#clay.amount) [f](http://x)';
	expect(relinked(story, 'variable', 'bowls', 'jugs')).toBe(
		'[a](#clay.jugs) [b](#clay) [c](#.jugs) [d](#jugs) [e](#clay.amount) [f](http://x)'
	);
	expect(relinked(story, 'constraint', 'clay', 'größe')).toContain(
		`[a](${hrefOf({ name: 'größe', part: 'bowls' })})`
	);
	expect(targetOf(hrefOf({ name: 'größe', part: 'bowls' }))).toEqual({ name: 'größe', part: 'bowls' });
	expect([targetOf('#%E0%A4%A'), targetOf('clay'), targetOf('#')]).toEqual([null, null, null]);
});

test('text from elsewhere is never run as markup', () => {
	const html = markdownToHtml(
		'<script>alert(1)</script> <img src=x onerror=alert(1)> ![p](http://x/y.png) [a](javascript:alert(1)) [b](http://x) [c](#clay) **bold**'
	);
	expect(html).not.toMatch(/<(?:script|img)|href="(?!#)/);
	expect(html).toContain('<strong>bold</strong>');
	expect(html).toContain('<a href="#clay">c</a>');
});
