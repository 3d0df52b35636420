import { expect, test } from 'vitest';
import { judge } from '../method/hand';
import { advise } from '../method/rules';
import { slackStart } from '../method/slack-start';
import { DANTZIG } from '../method/types';
import { readStatement } from '../problem/statement/read';
import { pivot, startTableau, type Tableau } from '../tableau/tableau';
import { optimalRemark, unboundedRemark } from './conclusion';
import { infeasibleBasisRemark, needsRemark, pivotRemark, startRemark, zeroPivotRemark } from './pivot';
import { plainText, type Remark } from './sentence';

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
