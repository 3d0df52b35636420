import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { writeProblem } from '../problem/codec';
import { readProblem } from '../problem/json';
import { readStatement } from '../problem/statement/read';
import { replyDual, replyParametric } from './reply';

const json = (text: string) => writeProblem(readStatement(text).problem!);
const dual = (body: unknown) => {
	const { status, text } = replyDual(JSON.stringify(body));
	return { status, body: JSON.parse(text) };
};
const parametric = (body: unknown) => {
	const { status, text } = replyParametric(JSON.stringify(body), {});
	return { status, body: JSON.parse(text) };
};

describe('the dual', () => {
	test('names what belongs to what, bounds among them', () => {
		const { body } = dual({ problem: json('max z = 3 x + y\nclay: x + y <= 4\nx from 0 to 1\ny free') });
		expect(body.variables).toEqual({ y1: 'clay', y2: 'x.upper' });
		expect(body.constraints).toEqual({ x: 'x', y: 'y' });
		expect(body.problem.constraints.map((row: { relation: string }) => row.relation)).toEqual(['>=', '=']);
		const units = dual({
			problem: json('max z [thalers] = 3 x\nclay [kg]: 2 x <= 4\nx [dozen] from 0 to 1')
		}).body.problem;
		expect(units.variables.map(({ unit }: { unit: string }) => unit)).toEqual([
			'thalers/kg',
			'thalers/dozen'
		]);
		expect(units.constraints[0].unit).toBe('thalers/dozen');
	});

	test('of the dual has the same optimum, through the format', () => {
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const first = readProblem(dual({ problem: writeProblem(problem) }).body.problem, 'problem');
				const second = readProblem(dual({ problem: writeProblem(first) }).body.problem, 'problem');
				const [own, once, twice] = [problem, first, second].map((each) => solveLinear(each));
				if (own.status === 'optimal')
					expect([once, twice].map(({ objective }) => objective?.toFraction())).toEqual(
						Array(2).fill(own.objective!.toFraction())
					);
				else expect(once.status).not.toBe('optimal');
			}),
			{ numRuns: 200 }
		);
	});
});

describe('one number moved', () => {
	const problem = json('max z = 3 x + y\nclay: x + y <= 4\nkiln: x <= 3');
	test('pieces as the contract has them', () => {
		expect(parametric({ problem, vary: { rhs: 'clay' }, from: '-2', to: '8' }).body.pieces).toEqual([
			{ from: '-2', to: '0', status: 'infeasible' },
			{
				from: '0',
				to: '3',
				status: 'optimal',
				objective: { at: '0', slope: '3', where: '0' },
				basis: ['x', 's2']
			},
			{
				from: '3',
				to: '8',
				status: 'optimal',
				objective: { at: '9', slope: '1', where: '3' },
				basis: ['x', 'y']
			}
		]);
		const open = { problem, vary: { rhs: 'clay' }, from: null, to: null };
		expect(parametric(open)).toEqual(parametric({ problem, vary: { rhs: 'clay' } }));
		expect(parametric(open).body.pieces.at(-1)).toMatchObject({ from: '3', to: null });
		expect(parametric({ problem, vary: { objective: 'x' } }).body.pieces.at(-1)).toMatchObject({
			from: '1',
			to: null,
			objective: { at: '4', slope: '3' }
		});
	});

	test.each([
		[{ problem, vary: {} }, 'vary'],
		[{ problem, vary: { rhs: 'clay', objective: 'x' } }, 'vary'],
		[{ problem, vary: { rhs: 'wheel' } }, 'vary.rhs'],
		[{ problem, vary: { objective: 'clay' } }, 'vary.objective'],
		[{ problem, vary: { rhs: 'clay' }, from: 'a' }, 'from'],
		[{ problem, vary: { rhs: 'clay' }, from: '3', to: '2' }, 'to'],
		[{ problem, vary: { rhs: 'clay' }, to: [] }, 'to'],
		[{ problem, vary: 'clay' }, 'vary'],
		[{ vary: { rhs: 'clay' } }, 'problem'],
		[[], '']
	])('%# what is wrong is told with its path', (body, path) => {
		const { status, body: told } = parametric(body);
		expect([status, told.issues[0].path]).toEqual([400, path]);
	});
});
