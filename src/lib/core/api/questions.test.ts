import fc from 'fast-check';
import { expect, test } from 'vitest';
import { writeProblem } from '../problem/codec';
import { readStatement } from '../problem/statement/read';
import { replyJudge, replyQuestions } from './reply';

const PROBLEM = writeProblem(
	readStatement('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18').problem!
);
const ask = (request: object) => {
	const { status, text } = replyQuestions(JSON.stringify(request), {});
	return { status, body: JSON.parse(text) };
};
const judged = (request: object) => {
	const { status, text } = replyJudge(JSON.stringify(request));
	return { status, body: JSON.parse(text) };
};

test('questions come as data with their words, and go back to be judged', () => {
	const { status, body } = ask({ problem: PROBLEM, seed: 3, count: 30 });
	expect(status).toBe(200);
	expect(body.questions.length).toBeGreaterThan(10);
	expect(ask({ problem: PROBLEM, seed: 3, count: 30 }).body).toEqual(body);
	for (const question of body.questions) {
		expect(question.says).toMatch(/\S/);
		expect(question.hints).toHaveLength(3);
		for (const answer of question.right) expect(judged({ question, answer }).body.right).toBe(true);
		for (const { answer, code, says } of question.slips) {
			const { body: verdict } = judged({ question, answer });
			expect([verdict.right, verdict.slip]).toEqual([false, code]);
			expect(verdict.says).toContain(says);
		}
	}
});

test('what is no question is refused with its path', () => {
	const [question] = ask({ problem: PROBLEM, count: 1 }).body.questions;
	const paths = (reply: { body: { issues?: { path: string }[] } }) =>
		reply.body.issues?.map(({ path }) => path);
	expect(ask({ problem: PROBLEM, kinds: ['entering', 'guess'] })).toMatchObject({ status: 400 });
	expect(paths(ask({ problem: PROBLEM, kinds: ['guess'] }))).toEqual(['kinds[0]']);
	expect(paths(ask({ problem: PROBLEM, count: 0, seed: -1 }))).toEqual(['seed', 'count']);
	expect(paths(ask({}))).toContain('problem');
	expect(paths(judged({ answer: 'x' }))).toEqual(['question']);
	expect(paths(judged({ question, answer: null }))).toEqual(['answer']);
	expect(paths(judged({ question: { ...question, tableau: { columns: ['x'] } }, answer: 'x' }))).toEqual([
		'question.tableau.rows',
		'question.tableau.objective'
	]);
	const narrow = { ...question.tableau, columns: question.tableau.columns.slice(1) };
	expect(paths(judged({ question: { ...question, tableau: narrow }, answer: 'x' }))).toEqual([
		'question.tableau'
	]);
	const tall = { ...question.tableau, rows: Array(2000).fill(question.tableau.rows[0]) };
	expect(paths(judged({ question: { ...question, tableau: tall }, answer: 'x' }))).toEqual([
		'question.tableau'
	]);
	expect(paths(judged({ question: { ...question, right: [{}] }, answer: 'x' }))).toEqual([
		'question.right[0]'
	]);
	expect(judged({ question, answer: 'perhaps' })).toMatchObject({ status: 200, body: { right: false } });
	for (const text of ['', 'null', '[]', '3'])
		expect([replyQuestions(text, {}).status, replyJudge(text).status]).toEqual([400, 400]);
});

test('an answer is taken as people write it, and its consequence told', () => {
	const questions: { kind: string; given: { plan?: object }; right: object[] }[] = ask({
		problem: PROBLEM,
		count: 50
	}).body.questions;
	const of = (kind: string) => questions.find((own) => own.kind === kind)!;
	expect(judged({ question: of('best-corner'), answer: { x: '1 1/2', y: '1.5 kg' } })).toMatchObject({
		status: 200,
		body: { right: false, consequence: { value: '12' } }
	});
	expect(judged({ question: of('interval'), answer: [1, 2] }).status).toBe(200);
	// what we wrote holds texts; an answer may be a number
	const plan = of('corner-values');
	const [name] = Object.keys(plan.right[0]);
	const back = { ...plan, right: [{ [name]: 1 }] };
	expect(judged({ question: back, answer: { [name]: 1 } })).toMatchObject({
		status: 400,
		body: { issues: [{ path: 'question.right[0]' }] }
	});
	const kept = { ...of('feasible'), given: { plan: { x: '1', y: '1' } }, right: [[]], slips: [] };
	expect(judged({ question: kept, answer: 'none' }).body.right).toBe(true);
});

test('whatever comes back as a question is judged or refused', () => {
	const whole = {
		...PROBLEM,
		constraints: PROBLEM.constraints.map((row) => ({ ...row, rhs: '7' })),
		variables: PROBLEM.variables.map((variable) => ({ ...variable, domain: 'integer' }))
	};
	const questions = [PROBLEM, whole].flatMap((problem) => ask({ problem, count: 60 }).body.questions);
	const hostile = fc.oneof(
		fc.jsonValue({ maxDepth: 2 }),
		fc.constantFrom('1/0', 'x', '__proto__', ['1/0'], { x: '1/0' }, { x: 1 }, { toString: 1 }, [
			{ toString: 1 },
			null
		])
	);
	const change = fc.record({
		question: fc.constantFrom(...questions),
		field: fc.constantFrom('given', 'right', 'slips', 'tableau', 'problem', 'sense', 'step'),
		inside: fc.constantFrom(
			...[null, 'plan', 'row', 'entering', 'objective', 'rows', '0'],
			...['pictures', 'choices', 'cut', 'nodes', 'weights', 'number']
		),
		value: hostile,
		answer: hostile
	});
	fc.assert(
		fc.property(change, ({ question, field, inside, value, answer }) => {
			const own = structuredClone(question);
			if (inside !== null && typeof own[field] === 'object' && own[field]) own[field][inside] = value;
			else own[field] = value;
			for (const given of [answer, ...question.slips.map((slip: { answer: unknown }) => slip.answer)])
				expect([200, 400]).toContain(judged({ question: own, answer: given }).status);
		}),
		{ numRuns: 600 }
	);
});
