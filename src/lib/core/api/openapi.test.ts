import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, test } from 'vitest';
import { writeProblem } from '../problem/codec';
import { InputError } from '../problem/json';
import { readStatement } from '../problem/statement/read';
import { WISH_NAMES } from '../design/wishes/kinds';
import { readDesignRequest } from './design';
import { openApi } from './openapi';
import * as replies from './reply';

type Json = Record<string, unknown>;
const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/** A schema in which nothing may stand that it does not describe. */
function strict(schema: unknown): unknown {
	if (Array.isArray(schema)) return schema.map(strict);
	if (!isObject(schema)) return schema;
	const own = Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, strict(value)]));
	return schema.properties && schema.additionalProperties === undefined
		? { ...own, additionalProperties: false }
		: own;
}

const ajv = new Ajv2020({ strict: false, allErrors: true });
ajv.addSchema(strict(openApi) as object, 'api');
const checkOf = (name: string) => ajv.compile({ $ref: `api#/components/schemas/${name}` });

const json = (statement: string) => writeProblem(readStatement(statement).problem!);
const PLANE = json('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nx from 0 to 3');
const WHOLE = json('max z = 5 x + 4 y\na: 6 x + 4 y <= 24\nb: x + 2 y <= 6.5\nx, y integer');
const SOLID = json('max z = x + y + w\na: x + y + w <= 4\nb: x - y >= -1\nw <= 2');
const EMPTY = json('min z = x + y\na: x + y <= 1\nb: x + y >= 3\nc: x >= 0');
const OPEN = json('max z = x + y\na: x - y <= 1');
const SLOW = json('min z = 2 x + 3 y\na: x + y >= 4\nb: x + 3 y >= 6\nc: x <= 3');

/** Sends a request, which must fit its schema, and holds the answer against its own. */
function asked(
	name: string,
	request: Json,
	reply: (text: string) => { status: number; text: string }
): Json & { questions: Json[] } {
	const fits = checkOf(`${name}Request`);
	expect(fits(request), JSON.stringify(fits.errors)).toBe(true);
	const { status, text } = reply(JSON.stringify(request));
	const body = JSON.parse(text);
	expect(status, text.slice(0, 300)).toBe(200);
	const check = checkOf(`${name}Answer`);
	expect(check(body), JSON.stringify(check.errors?.slice(0, 3))).toBe(true);
	return body;
}

describe('answers hold nothing that the description does not have', () => {
	test('of solving', () => {
		const solve = (request: Json) => asked('Solve', request, (text) => replies.replySolve(text, () => ({})));
		for (const problem of [PLANE, SOLID, EMPTY, OPEN, SLOW])
			for (const method of ['auto', 'two-phase', 'big-m']) solve({ problem, method, steps: true });
		for (const integer of ['branch', 'cuts', 'relax']) solve({ problem: WHOLE, integer, steps: true });
		expect(solve({ problem: PLANE, limit: { steps: 1 } })).toMatchObject({
			status: 'stopped',
			reasonCode: 'step-limit',
			whyCode: 'slacks-feasible'
		});
		expect(solve({ problem: WHOLE }).nodes).toContainEqual(expect.objectContaining({ closedCode: 'whole' }));
		const steps = solve({ problem: SLOW, method: 'two-phase', steps: true }).steps as Json[];
		expect(steps.flatMap(({ noteCodes }) => noteCodes ?? [])).toContain('phase-one-done');
	});

	test('of regions, duals, functions, conversion, sheets and designs', () => {
		for (const problem of [PLANE, WHOLE, SOLID, EMPTY, OPEN]) {
			asked('Region', { problem }, (text) => replies.replyRegion(text, {}));
			asked('Dual', { problem }, replies.replyDual);
			asked('Parametric', { problem, vary: { rhs: 'a' }, from: -1, to: null }, (text) =>
				replies.replyParametric(text, {})
			);
		}
		asked('Convert', { from: 'json', to: 'mps', content: JSON.stringify(PLANE) }, replies.replyConvert);
		asked('Sheet', { problem: PLANE, preset: 'exam', format: 'qti-3.0' }, (text) =>
			replies.replySheet(text, {})
		);
		const design = (request: Json) =>
			asked('Design', request, (text) => replies.replyDesign(text, () => ({})));
		design({ variables: 2, constraints: 2, numbers: { from: '1', to: 5 }, plan: { point: ['2', 3] } });
		design({ variables: 2, constraints: 2, plan: null });
		let calls = 0;
		const missed = asked(
			'Design',
			{
				variables: 2,
				constraints: 2,
				count: 50,
				wishes: [
					{ kind: 'pivots', exactly: 9 },
					{ kind: 'corners', exactly: 4 },
					{ kind: 'whole-plan' },
					{ kind: 'degenerate', is: true, not: true }
				]
			},
			(text) =>
				replies.replyDesign(text, () => ({
					shouldStop: () => (++calls > 300 ? { code: 'time-limit', milliseconds: 1 } : null)
				}))
		);
		expect(missed).toHaveProperty('nearest');
	});

	test('of questions and judgements', () => {
		for (const problem of [PLANE, WHOLE, SLOW, EMPTY, OPEN]) {
			const { questions } = asked('Questions', { problem, count: 60 }, (text) =>
				replies.replyQuestions(text, {})
			);
			for (const question of questions)
				for (const answer of [
					...(question.right as unknown[]),
					...(question.slips as Json[]).map((s) => s.answer)
				])
					asked('Judge', { question, answer }, replies.replyJudge);
		}
	});
});

describe('wishes', () => {
	const schemas = (openApi.components as { schemas: { Wish: { oneOf: Json[] } } }).schemas.Wish.oneOf;
	/** the smallest value that a schema allows */
	const least = (schema: Json): unknown => {
		if (Array.isArray(schema.enum)) return schema.enum[0];
		if (schema.type === 'boolean') return true;
		if (schema.type === 'array') return ['r1'];
		return schema.minimum ?? schema.const;
	};
	/** faults of the fields of a wish: that it contradicts the request is told of it as a whole */
	const faults = (wish: unknown): string[] => {
		try {
			readDesignRequest({ variables: 3, constraints: 4, wishes: [wish] });
			return [];
		} catch (error) {
			if (!(error instanceof InputError)) throw error;
			return error.issues.map(({ path }) => path).filter((path) => path !== 'wishes[0]');
		}
	};

	test.each(WISH_NAMES.map((name, i) => [name, schemas[i]] as const))(
		'%s: what its schema needs is what is needed',
		(name, schema) => {
			const properties = schema.properties as Record<string, Json>;
			const [alternative] = (schema.anyOf ?? []) as { required: string[] }[];
			const needed = [...(schema.required as string[]), ...(alternative?.required ?? [])];
			const wish = Object.fromEntries(needed.map((field) => [field, least(properties[field])]));
			expect(wish.kind).toBe(name);
			expect(faults(wish)).toEqual([]);
			const all = Object.fromEntries(Object.entries(properties).map(([field, own]) => [field, least(own)]));
			expect(faults(all)).toEqual([]);
			for (const field of schema.required as string[])
				expect(faults({ ...wish, [field]: undefined })).not.toEqual([]);
			expect(() =>
				readDesignRequest({ variables: 3, constraints: 4, wishes: [{ ...wish, other: 1 }] })
			).toThrow(/does not belong there: other/);
		}
	);
});
