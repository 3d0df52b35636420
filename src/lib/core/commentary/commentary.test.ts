import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import type { Column } from '../form/types';
import { judge } from '../method/hand';
import { advise } from '../method/rules';
import { slackStart } from '../method/slack-start';
import { DANTZIG } from '../method/types';
import { isZero, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, type Plan, type Problem } from '../problem/types';
import { pivot, readPlan, startTableau, type Tableau } from '../tableau/tableau';
import { optimalRemark, unboundedRemark } from './conclusion';
import { infeasibleBasisRemark, needsRemark, pivotRemark, startRemark, zeroPivotRemark } from './pivot';
import { plainText, type Remark, type Sentence } from './sentence';

const read = (text: string) => readStatement(text).problem!;
const first = (text: string): Tableau => {
	const start = slackStart(read(text));
	if (!start.ready) throw new Error('no slack start');
	return startTableau(start.form);
};
const say = (remark: Remark) => remark.sentences.map((s) => plainText(s)).join(' ');
const POTS =
	'max profit [thalers] = 3 bowls + 5 vases\nclay [kg]: bowls <= 4\nkiln [hours]: 2 vases <= 12\nwheel: 3 bowls + 2 vases <= 18\nbowls [dozen] from 0';

test('a step says what entered and why, the ratios, what left, the objective and the corner', () => {
	const t = first(POTS);
	expect(say(startRemark(t))).toBe(
		'Every slack is basic and every other column is 0. This is the corner (0, 0) where bowls = 0 and vases = 0 meet. profit = 0 thalers.'
	);
	const advice = advise(t, [0], DANTZIG);
	if (advice.kind !== 'pivot') throw new Error('no pivot');
	const after = pivot(t, advice.choice.row, advice.choice.position);
	expect(say(pivotRemark(t, after, advice.choice, 'dantzig', null))).toBe(
		'vases enters, because its entry in the objective row is the most negative: each unit raises profit by 5. ' +
			'Ratios: s2: 12 ÷ 2 = 6; s3: 18 ÷ 2 = 9 (entries that are not positive set no limit). ' +
			's2 (the slack of kiln) reaches 0 first and leaves. So profit rises by 30 thalers to 30 thalers. ' +
			'This is the corner (0, 6) where kiln and bowls = 0 meet.'
	);
	const last = pivot(after, 2, after.nonbasic.indexOf(0));
	expect(say(optimalRemark(last))).toBe(
		'Best plan: bowls = 2 dozen and vases = 6. Then profit = 36 thalers. clay has 2 kg left; kiln is used up; wheel is used up. ' +
			'Nothing can raise profit further: no entry of the objective row is negative.'
	);
});

test('a wrong pivot is answered with what it breaks', () => {
	const t = first(POTS);
	const judgement = judge(t, [0], 2, 1)!;
	const remark = pivotRemark(t, judgement.after, judgement.choice, 'hand', judgement);
	expect(remark.tone).toBe('warning');
	expect(say(remark)).toContain(
		's3 is not the row to leave: its ratio 9 is larger than 6 of s2. This leaves the region: s2 = −6.'
	);
	expect(say(infeasibleBasisRemark(judgement.after))).toContain(
		's2 = −6: this basic solution is not feasible'
	);
	expect(say(zeroPivotRemark(t, 0, 1))).toContain('dividing by zero');
	const down = judge(first('max z = x - y\na: x + y <= 4'), [0], 0, 1)!;
	expect(
		say(pivotRemark(first('max z = x - y\na: x + y <= 4'), down.after, down.choice, 'hand', down))
	).toContain('goes the wrong way');
});

test('ties, degenerate steps, other optima, unbounded directions, whole numbers and needs are named', () => {
	const tie = first('max z = 2 x + y\na: 2 x + y <= 4\nb: x <= 2');
	const advice = advise(tie, [0], DANTZIG);
	if (advice.kind !== 'pivot') throw new Error('no pivot');
	const after = pivot(tie, advice.choice.row, advice.choice.position);
	expect(say(pivotRemark(tie, after, advice.choice, 'dantzig', null))).toContain(
		'a tie with s2: the next corner is degenerate'
	);
	expect(say(optimalRemark(after))).toContain('other plans may be just as good');
	const open = first('max z = x + 2 y\na: x - y <= 2');
	expect(say(unboundedRemark(open, 1))).toContain('y rises by 1, and z improves by 2');
	expect(say(startRemark(first('min c = x\na: x <= 4\nx integer')))).toContain(
		'row z shows −c. Whole numbers are asked for'
	);
	const needs = slackStart(read('max z = x\na: x >= 2\nb: x = 3'));
	expect(needs.ready ? '' : say(needsRemark(needs.needs))).toMatch(/a demands at least.*b is an equality/);
});

test('with a free variable a basis can be infeasible in the region, and feasible where there is no corner', () => {
	const t = first('max z = x + y\na: y >= -1\nb: x + y <= 4\ny free');
	expect(say(startRemark(t))).toContain('(0, 0) on x = 0; it is in the region, but no corner of it.');
	const judgement = judge(t, [0], 0, 1)!;
	expect(say(pivotRemark(t, judgement.after, judgement.choice, 'hand', judgement))).toMatch(
		/A basic variable is negative now: y⁺ = −1\..*This is the corner \(0, −1\) where a and x = 0 meet\./
	);
	const remark = infeasibleBasisRemark(judgement.after);
	expect([remark.heading, say(remark)]).toEqual([
		'Not a feasible basis',
		expect.stringContaining('The point is in the region, but it is written with a negative part')
	]);
});

/** What a column is worth under a plan, straight from the problem. */
function worth({ owner }: Column, problem: Problem, plan: Plan): Rational {
	if (owner.kind === 'variable') return plan.get(owner.name)!;
	const row = problem.constraints.find(({ name }) => name === owner.name)!;
	return row.rhs.sub(evaluate(row.terms, plan));
}

const amounts = (sentence: Sentence) =>
	sentence.flatMap((piece) => (piece.kind === 'number' ? [piece.value.toFraction()] : []));
const columnsOf = (sentence: Sentence) =>
	sentence.flatMap((piece) => (piece.kind === 'column' ? [piece.column] : []));

test('every number that a step tells is true of the plans before and after it', () => {
	let told = 0;
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), (problem) => {
			const start = slackStart(problem);
			if (!start.ready) throw new Error('no slack start');
			let t = startTableau(start.form);
			for (let step = 0; step < 6; step++) {
				const advice = advise(t, [0], DANTZIG);
				if (advice.kind !== 'pivot') return;
				const { choice } = advice;
				const after = pivot(t, choice.row, choice.position);
				const [from, to] = [readPlan(t), readPlan(after)];
				const [entering, ratios, , change, corner] = pivotRemark(t, after, choice, 'dantzig', null).sentences;
				const objective = (plan: Plan) => evaluate(problem.objective.terms, plan, problem.objective.constant);
				const gain = objective(to).sub(objective(from));
				expect(amounts(change)).toEqual(
					(isZero(gain) ? [objective(to)] : [gain.abs(), objective(to)]).map((v) => v.toFraction())
				);
				if (problem.variables.length === 2)
					expect(amounts(corner).slice(0, 2)).toEqual([...to.values()].map((v) => v.toFraction()));
				// along the edge every basic variable changes evenly: that gives entry and ratio without the tableau
				const length = worth(columnsOf(entering)[0], problem, to);
				if (length.compare(ZERO) > 0) {
					const compared = columnsOf(ratios);
					expect(amounts(ratios)).toEqual(
						compared.flatMap((column) => {
							const [old, now] = [from, to].map((plan) => worth(column, problem, plan));
							const entry = old.sub(now).div(length);
							return [old, entry, old.div(entry)].map((v) => v.toFraction());
						})
					);
					expect(amounts(entering)).toEqual([gain.div(length).abs().toFraction()]);
					told += 1;
				}
				t = after;
			}
		}),
		{ numRuns: 300 }
	);
	expect(told).toBeGreaterThan(50);
});
