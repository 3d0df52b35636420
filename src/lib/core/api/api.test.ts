import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { writeProblem } from '../problem/codec';
import { readProblem } from '../problem/json';
import { sameProblem } from '../problem/types';
import { openApi } from './openapi';
import { replyConvert, replySolve, type Reply } from './reply';
import { problemSchema } from '../problem/format';

const ajv = new Ajv2020({ strict: false, allErrors: true });
ajv.addSchema(openApi, 'api');
const validAnswer = ajv.compile({ $ref: 'api#/components/schemas/SolveAnswer' });
const validError = ajv.compile({ $ref: 'api#/components/schemas/Error' });
const validProblem = ajv.compile(problemSchema);

/** A reply with its body read again. */
const opened = ({ status, text }: Reply) => ({ status, body: JSON.parse(text) as Body });
type Body = Record<string, unknown> & {
	solution: Record<string, string>;
	issues: { path: string }[];
	content: string;
};
const solve = (body: unknown) =>
	opened(replySolve(typeof body === 'string' ? body : JSON.stringify(body), () => ({})));
const convertText = (text: string) => opened(replyConvert(text));
const MIX = {
	format: 'mathesis-problem',
	version: 1,
	variables: [{ name: 'x1' }, { name: 'x2', unit: 'dozen' }],
	objective: { sense: 'max', name: 'z', terms: { x1: '3', x2: 5 } },
	constraints: [
		{ name: 'r1', terms: { x1: 1 }, relation: '<=', rhs: '4' },
		{ name: 'r2', terms: { x1: 0.1, x2: '7/3' }, relation: '<=', rhs: '12' }
	]
};

/** A copy with the value at a path replaced; undefined takes it away. */
function changed(path: string, value: unknown): unknown {
	const copy = structuredClone({ problem: MIX }) as unknown as Record<string, never>;
	const keys = path.replace(/\[(\d+)\]/g, '.$1').split('.');
	const owner = keys.slice(0, -1).reduce<Record<string, never>>((o, k) => o[k], copy);
	if (value === undefined) delete owner[keys.at(-1)!];
	else owner[keys.at(-1)!] = value as never;
	return copy;
}

describe('the problem format', () => {
	test('what is written is valid and reads back the same; the statement language too', () => {
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const written = writeProblem(problem);
				expect(validProblem(written)).toBe(true);
				expect(sameProblem(readProblem(JSON.parse(JSON.stringify(written))), problem)).toBe(true);
				const there = convertText(
					JSON.stringify({ from: 'json', to: 'statement', content: JSON.stringify(written) })
				);
				const back = convertText(
					JSON.stringify({ from: 'statement', to: 'json', content: there.body.content })
				);
				expect(sameProblem(readProblem(JSON.parse(back.body.content)), problem)).toBe(true);
			}),
			{ numRuns: 200 }
		);
	});

	test('docs/problem.schema.json is the schema of the code', () => {
		expect(JSON.parse(readFileSync('docs/problem.schema.json', 'utf8'))).toEqual(problemSchema);
	});

	test('numbers keep every digit that was written', () => {
		const digits = '9'.repeat(200);
		const text = JSON.stringify(changed('problem.constraints[0].rhs', '@')).replace('"@"', digits);
		expect(solve(text).body).toMatchObject({ status: 'optimal' });
		expect(solve(text.replace('"x1":0.1', '"x1":0')).body.solution.x1).toBe(digits);
		const tooLong = solve(text.replace(digits, digits + '9'));
		expect(tooLong).toMatchObject({
			status: 400,
			body: { issues: [{ path: 'problem.constraints[0].rhs' }] }
		});
	});
});

describe('faults', () => {
	const faults: [string, unknown][] = [
		...['format', 'version', 'variables', 'objective', 'constraints'].flatMap((key) =>
			[undefined, null, 7.5, 'x', true].map((v): [string, unknown] => [`problem.${key}`, v])
		),
		...[
			'problem.constraints[0].rhs',
			'problem.constraints[1].terms.x2',
			'problem.objective.terms.x1',
			'problem.objective.constant',
			'problem.variables[1].lower',
			'problem.variables[0].upper'
		].flatMap((path) =>
			['', 'abc', '1/0', '1e5', '--1', [], {}, true, '1'.repeat(201), '0x10', 'NaN'].map(
				(v): [string, unknown] => [path, v]
			)
		),
		...['problem.variables[0].name', 'problem.objective.name', 'problem.constraints[1].name'].flatMap(
			(path) => ['', '1x', 'a b', 'x'.repeat(41), null, 3].map((v): [string, unknown] => [path, v])
		),
		...['problem.variables[0].unit', 'problem.objective.unit'].flatMap((path) =>
			[3, 'a]', 'a\nb'].map((v): [string, unknown] => [path, v])
		),
		...['problem.objective.terms', 'problem.constraints[0].terms'].flatMap((path) =>
			[undefined, null, [], 'x', 3].map((v): [string, unknown] => [path, v])
		),
		['problem.constraints[0].relation', '<'],
		['problem.objective.sense', 'maximum'],
		['problem.variables[0].domain', 'whole'],
		['problem.title', 3],
		['problem.variables[0]', null],
		['problem.constraints[1]', 'row'],
		['problem', undefined],
		['method', 'guess'],
		['rule', 3],
		['integer', 'round'],
		['steps', 'yes'],
		['limit', 5],
		['limit', { steps: 0 }],
		['limit', { milliseconds: 1e9 }]
	];

	test.each(faults)('%s = %j is answered with 400 and its path', (path, value) => {
		const reply = solve(changed(path, value));
		expect(reply.status).toBe(400);
		expect(validError(reply.body)).toBe(true);
		const paths = reply.body.issues.map((issue) => issue.path);
		expect(paths.some((p) => p.startsWith(path))).toBe(true);
	});

	test('names that clash or are unknown have their path too', () => {
		const cases: [string, unknown][] = [
			['problem.variables[1].name', 'x1'],
			['problem.constraints[1].name', 'r1'],
			['problem.objective.terms.y', '1'],
			['problem.constraints[0].terms.__proto__x', '1']
		];
		for (const [path, value] of cases) expect(solve(changed(path, value)).body.issues[0].path).toBe(path);
	});

	test('whole numbers may be written with a power of ten', () => {
		const text = JSON.stringify({ problem: MIX, limit: { steps: 77 } })
			.replace('77', '1e3')
			.replace('"version":1', '"version":1e0');
		expect(solve(text)).toMatchObject({ status: 200, body: { status: 'optimal' } });
		expect(solve(text.replace('1e3', '1.5e0')).status).toBe(400);
	});

	test('what is too large is refused by its size, and faults are not told without end', () => {
		const row = { name: 'r', terms: { nobody: 'nothing' }, relation: 'about', rhs: [] };
		const many = (key: string, count: number, entry: unknown) =>
			solve({ problem: { ...MIX, [key]: Array.from({ length: count }, () => entry) } });
		for (const key of ['constraints', 'variables'])
			expect(many(key, 20_000, row).body.issues).toEqual([
				{ path: `problem.${key}`, message: `has more than 200 ${key}` }
			]);
		expect(many('constraints', 200, row).body.issues).toHaveLength(100);
		const wide = Object.fromEntries(Array.from({ length: 5000 }, (_, i) => [`v${i}`, 'x']));
		expect(
			solve({ problem: { ...MIX, objective: { ...MIX.objective, terms: wide } } }).body.issues
		).toHaveLength(1);
		const nested = `max z = ${'('.repeat(50_000)}x`;
		expect(convertText(JSON.stringify({ from: 'statement', to: 'json', content: nested })).status).toBe(400);
	});

	test('texts that are not JSON, and methods that cannot start', () => {
		for (const text of [
			'',
			'{',
			'null',
			'[]',
			'3',
			'{"problem":1,"problem":2}',
			'['.repeat(200_000),
			'\u0000'
		])
			expect([solve(text).status, solve(text).body.issues.length]).toEqual([400, 1]);
		expect(solve({ problem: MIX, method: 'dual' })).toMatchObject({
			status: 422,
			body: { issues: [{ path: 'method' }] }
		});
		expect(convertText('{"from":"json","to":"tape","content":""}').status).toBe(400);
		expect(convertText('{"from":"json","to":"mps","content":""}').status).toBe(400);
		expect(convertText('{"from":"statement","to":"json","content":"max x y"}')).toMatchObject({
			status: 400,
			body: { issues: [{ path: 'content' }] }
		});
	});
});

describe('answers', () => {
	test('an answer that would be too long says what was left out', () => {
		// Klee and Minty 1972, with names as long as they may be
		const size = 40;
		const names = Array.from({ length: size }, (_, i) =>
			`a_name_of_forty_characters_is_rather_${i}`.slice(0, 40)
		);
		const power = (base: bigint, exponent: number) => (base ** BigInt(exponent)).toString();
		const problem = {
			format: 'mathesis-problem',
			version: 1,
			variables: names.map((name) => ({ name })),
			objective: {
				sense: 'max',
				name: 'z',
				terms: Object.fromEntries(names.map((name, i) => [name, power(10n, size - 1 - i)]))
			},
			constraints: names.map((name, i) => ({
				name: `r${i}`,
				relation: '<=',
				rhs: power(100n, i),
				terms: Object.fromEntries([
					...names.slice(0, i).map((other, j) => [other, `${2n * 10n ** BigInt(i - j)}`]),
					[name, '1']
				])
			}))
		};
		const { text } = replySolve(JSON.stringify({ problem, steps: true, limit: { steps: 2000 } }), () => ({}));
		const body = JSON.parse(text) as { steps: unknown[]; omitted: { steps: number }; pivots: number };
		expect(text.length).toBeLessThan(14_000_000);
		expect(body.steps.length + body.omitted.steps).toBe(body.pivots + 1);
	});

	test('every kind of answer keeps to the published schema', () => {
		const bodies = [
			{ problem: MIX, steps: true },
			{ problem: MIX, method: 'two-phase', steps: true },
			{ problem: { ...MIX, constraints: [] } },
			{ problem: { ...MIX, variables: [{ name: 'x1', lower: 3, upper: 2 }, { name: 'x2' }] } },
			{
				problem: {
					...MIX,
					variables: [
						{ name: 'x1', domain: 'integer' },
						{ name: 'x2', domain: 'integer' }
					]
				}
			},
			{
				problem: {
					...MIX,
					variables: [
						{ name: 'x1', domain: 'integer' },
						{ name: 'x2', domain: 'integer' }
					]
				},
				integer: 'cuts',
				steps: true
			},
			{ problem: MIX, limit: { steps: 1 } }
		];
		const statuses = bodies.map((body) => {
			const reply = solve(body);
			expect(reply.status).toBe(200);
			expect(validAnswer(reply.body), JSON.stringify(validAnswer.errors)).toBe(true);
			return reply.body.status;
		});
		expect(statuses).toEqual([
			'optimal',
			'optimal',
			'unbounded',
			'infeasible',
			'optimal',
			'optimal',
			'stopped'
		]);
		expect(solve(bodies[3]).body.certificate).toEqual({
			kind: 'infeasible',
			variable: 'x1',
			multipliers: { r1: '0', r2: '0' }
		});
	});
});
