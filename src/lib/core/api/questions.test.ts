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
		'question.tableau'
	]);
	expect(judged({ question, answer: 'perhaps' })).toMatchObject({ status: 200, body: { right: false } });
	for (const text of ['', 'null', '[]', '3'])
		expect([replyQuestions(text, {}).status, replyJudge(text).status]).toEqual([400, 400]);
});
