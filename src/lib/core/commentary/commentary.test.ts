import { refusalParagraph } from '../move/messages';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import type { Column } from '../form/types';
import { decide } from '../method/decide';
import { DANTZIG } from '../method/rule';
import { offers, perform, tell } from '../move/kinds';
import { stated, type Position } from '../position/position';
import { choiceOf, pivotMove } from '../move/pivot';
import type { Move, Way } from '../move/types';
import { completed, type Notation } from '../notation/notation';
import { isZero, rational, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, type Plan, type Problem } from '../problem/types';
import { readPlan } from '../tableau/tableau';
import { plainText, paragraphText, type Sentence } from '../sentence/sentence';
import { quantity, singular } from './words/plan';
import { remarkWords } from './messages';
import { standRemarks } from './stand';

/** A statement worked on by moves; what was told last. */
class Worked {
	position: Position;
	told = '';
	heading = '';

	constructor(text: string, way: Way = 'auto') {
		this.position = stated(readStatement(text).problem!);
		this.do({ kind: 'begin', way, equalities: 'one-row' });
	}

	do(move: Move): this {
		const result = perform(this.position, move);
		if (!result.ok) {
			const remark = refusalParagraph(result.why);
			[this.heading, this.told] = [plainText(remark.heading), paragraphText(remark)];
			return this;
		}
		const remark = remarkWords(tell(this.position, move, result.position));
		[this.heading, this.told] = [plainText(remark.heading), paragraphText(remark)];
		this.position = result.position;
		return this;
	}

	/** A pivot by hand, by the names of the columns. */
	pivot(enter: string, leave: string): this {
		const { tableau } = this.position.work!;
		const index = (name: string) => tableau.form.columns.findIndex((column) => column.name === name);
		return this.do(pivotMove(this.position.work!, index(enter), index(leave), 'hand'));
	}

	/** What the rule says. */
	next(): this {
		const decision = decide(this.position.work!, DANTZIG);
		if (decision.kind === 'hand-over') return this.do({ kind: 'phase', to: decision.to });
		if (decision.kind !== 'pivot') throw new Error(`no next move: ${decision.kind}`);
		const { entering, leaving } = decision.choice;
		return this.do(pivotMove(this.position.work!, entering, leaving, 'dantzig'));
	}

	/** What is true here. */
	get stands(): string {
		const decision = decide(this.position.work!, DANTZIG);
		return standRemarks(this.position, decision, offers(this.position, DANTZIG))
			.map(remarkWords)
			.map((remark) => `${plainText(remark.heading)}: ${paragraphText(remark)}`)
			.join('\n');
	}
}

/** What a start is told to be, in a notation. */
function begunWith(text: string, way: Way) {
	const root = stated(readStatement(text).problem!);
	const move: Move = { kind: 'begin', way, equalities: 'one-row' };
	const result = perform(root, move);
	if (!result.ok) throw new Error(result.why.code);
	const told = remarkWords(tell(root, move, result.position));
	return (own: Partial<Notation>) => paragraphText(told, completed(own));
}

const POTS =
	'max profit [thalers] = 3 bowls + 5 vases\nclay [kg]: bowls <= 4\nkiln [hours]: 2 vases <= 12\nwheel: 3 bowls + 2 vases <= 18\nbowls [dozen] from 0';

test('a step says what entered and why, the ratios, what left, the objective and the corner', () => {
	const pots = new Worked(POTS);
	expect(pots.told).toBe(
		'Every slack is basic and every other variable is 0. This is the corner (0, 0) where bowls = 0 and vases = 0 meet. profit = 0 thalers.'
	);
	expect(pots.next().told).toBe(
		'vases enters, because its entry in row profit is the most negative: each unit raises profit by 5. ' +
			'Ratios: s2: 12 ÷ 2 = 6; s3: 18 ÷ 2 = 9. Rows with a zero or negative entry set no limit. ' +
			's2 (the slack of kiln) reaches 0 first and leaves. So profit rises by 30 thalers to 30 thalers. ' +
			'This is the corner (0, 6) where kiln and bowls = 0 meet.'
	);
	expect(pots.next().stands).toBe(
		'Optimal: Best plan: bowls = 2 dozen and vases = 6. Then profit = 36 thalers. clay has 2 kg left; kiln is used up; wheel is used up. ' +
			'Nothing can raise profit further: no entry of the objective row is negative.'
	);
});

test('a wrong pivot is answered with what it breaks, and with the ways on', () => {
	const pots = new Worked(POTS).pivot('vases', 's3');
	expect(pots.told).toContain(
		's3 is not the row to leave: its ratio 9 is larger than 6 of s2. This leaves the region: s2 = −6.'
	);
	expect(pots.stands).toMatch(
		/^Outside the region: s2 = −6: this basic solution is not feasible.*You can go back in the trail; or .*one by one\./
	);
	expect(new Worked(POTS).pivot('vases', 's1')).toMatchObject({
		heading: 'No pivot on zero',
		told: expect.stringContaining('dividing by zero')
	});
	expect(new Worked('max z = x - y\na: x + y <= 4').pivot('y', 's1').told).toContain('goes the wrong way');
	expect(new Worked('max z = x\na: x <= 4\nb: x - y <= 6').pivot('y', 's2').told).toContain(
		'The entry −1 in row s2 is negative: y becomes negative there.'
	);
	expect(new Worked('max z = x\na: x <= 4\nb: x + y <= 6').next().pivot('s1', 'x').told).toContain(
		'The tableau was dual feasible; this pivot makes an entry of the objective row negative again.'
	);
});

test('ties, degenerate steps, other optima, unbounded directions and whole numbers are named', () => {
	const tie = new Worked('max z = 2 x + y\na: 2 x + y <= 4\nb: x <= 2').next();
	expect(tie.told).toContain('a tie with s2: the next corner is degenerate');
	expect(tie.stands).toContain('other plans are as good');
	const open = new Worked('max z = x + 2 y\na: x - y <= 2');
	expect(open.stands).toMatch(/^Unbounded: y can increase without limit.*y rises by 1, and z improves by 2/);
	const falling = new Worked('min c = -x - 2 y\na: x - y <= 2');
	expect(falling.stands).toContain('y rises by 1, and c improves by 2');
	expect(new Worked('min c = -x\na: x <= 4').next().told).toContain('each unit lowers c by 1');
	const many = new Worked('max z = a + b + c + d + f\nr: a + b + c + d + f <= 4\na from 0 to 3');
	expect(many.told).toContain('The plan is now every variable is 0.');
	expect(many.next().told).toContain('s2 (the room below the bound of a) reaches 0 first and leaves.');
	expect(many.told).toContain('The plan is now a = 3, all others 0.');
	const bounds = new Worked('max z = x\na: x + y <= 4\nx from 3 to 2');
	expect(bounds.stands).toContain('Infeasible');
	expect(bounds.stands).toContain('The bounds of x exclude each other.');
	expect(new Worked('min c = x\na: x <= 4\nx integer').told).toContain(
		'the objective row shows −c. Some variables must be integer'
	);
	const zero = new Worked('max z = x + y\na: x - y <= 0\nb: x + y <= 6').pivot('x', 's1');
	expect(zero.told).toContain('z stays at 0: the step has length 0, the corner is degenerate');
});

test('with a free variable a basis can be infeasible in the region, and feasible where there is no corner', () => {
	const free = new Worked('max z = x + y\na: y >= -1\nb: x + y <= 4\ny free', 'primal');
	expect(free.told).toContain('(0, 0) on x = 0; it is in the region, but it is not a corner.');
	expect(free.pivot('y⁺', 's1').told).toMatch(
		/A basic variable is negative now: y⁺ = −1\..*This is the corner \(0, −1\) where a and x = 0 meet\./
	);
	expect(free.stands).toMatch(
		/^Not a feasible basis: The point is in the region, but it is written with a negative part/
	);
});

const MIXED = 'min cost = 2 x + 3 y\nneed: x + y >= 4\nfix: x - y = 1\nmost: x <= 6';

test('phase one: the derived row, its end, and the second phase', () => {
	const mixed = new Worked(MIXED);
	expect(mixed.told).toContain('an artificial variable takes its place: a1 and a2');
	expect(mixed.told).toContain(
		'the new row is minus the sum of the rows of a1 and a2. x: −(1 + 1) = −2; y: −(1 − 1) = 0; s1: 1; right-hand side: −(4 + 1) = −5'
	);
	expect(mixed.told).toContain('w = a1 + a2 is minimised, so −w is maximised.');
	expect(mixed.told).toContain('is not in the region: need is violated by 4 and fix is violated by 1.');
	expect(mixed.next().told).toContain('each unit lowers w by 2');
	expect(mixed.told).toContain('So w falls by 2 to 3');
	expect(mixed.next().stands).toMatch(/^Next: Phase one ends with all artificial variables at zero/);
	expect(mixed.next().heading).toBe('Phase two');
	expect(mixed.stands).toContain('Best plan: x = 5/2 and y = 3/2. Then cost = 19/2.');
	const none = new Worked('max z = x\na: x + y <= 2\nb: x + y >= 3').next();
	expect(none.stands).toBe(
		'Infeasible: Nothing lowers the artificial variables further, and their sum is still 1: without them, not all rows can be satisfied. ' +
			'Take b and −1 times a, and add them: 0 ≥ 1, which is never true. So there is no feasible plan.'
	);
	const twice = new Worked('max z = x\na: x + y = 4\nb: 2 x + 2 y = 8\nc: x <= 3', 'two-phase');
	while (twice.position.work!.part === 'phase-one') twice.next();
	expect(twice.told).toContain('b repeats what other rows say and limits nothing.');
});

test('big M, the dual simplex method, repairs, and a start by hand', () => {
	const big = new Worked(MIXED, 'big-m');
	expect(big.told).toContain('Each artificial variable costs M');
	const one = begunWith('min z = x\na: x >= 2', 'big-m');
	expect(one({})).toContain(
		'The artificial variable costs M, a number larger than any other: −M(a1) is added to −z, which is maximised.'
	);
	expect(one({ minimum: 'minimised' })).toContain('M(a1) is added to z, which is minimised.');
	expect(big.next().told).toContain('each unit lowers the artificial variables by 2 in all');
	const dual = new Worked('min z = 2 x + 3 y\na: x + y >= 4\nb: x + 3 y >= 6');
	expect(dual.next().told).toMatch(
		/^s2 \(the surplus of b\) leaves: s2 = −6 is the most negative basic variable\. Along row s2, over its negative entries: x: \|2 ÷ \(−1\)\| = 2; y: \|3 ÷ \(−3\)\| = 1\. With the least of them no entry of the objective row becomes negative\. y enters\./
	);
	const row = new Worked('min z = x\na: x <= 2\nb: x >= 3', 'dual').next();
	expect(row.stands).toContain('cannot hold: its right-hand side is −1');
	const repaired = new Worked('max z = x\na: x + y <= 5\nb: x >= 2', 'repair');
	expect(repaired.next().told).toContain(
		's2 = −2 must not be negative; a column with a negative entry in its row can raise it: x enters.'
	);
	expect(repaired.stands).toContain('No right-hand side is negative any more');
	const two = new Worked('max z = x + y\na: x + y <= 9\nb: x >= 2\nc: y >= 5', 'repair');
	expect(two.next().told).toMatch(/^s2 = −2 must not be negative/);
	const level = new Worked('max z = x + 2 y\na: x - y = 0\nb: x + y <= 4', 'two-phase');
	expect(level.pivot('x', 'a1').told).toContain('each unit would lower w by 1, but it is 0 already');
	const hand = new Worked(MIXED, 'by-hand');
	expect(hand.told).toContain('need and fix have no basic variable yet.');
	expect(hand.stands).toMatch(/^Rows without a basic variable: Rows need and fix have no basic variable yet/);
	expect(hand.do({ kind: 'artificial', column: 's:most' }).told).toBe(
		'Row most needs no artificial variable: s3 is basic there.'
	);
	expect(hand.do({ kind: 'artificial', column: 'a:gone' }).heading).toBe('Not possible now');
	hand.do({ kind: 'artificial', column: 'a:need' });
	expect(hand.told).toContain('a1 = 4 in row need');
	expect(hand.do({ kind: 'artificial', column: 'a:need' }).told).toContain('a1 is basic there');
	expect(hand.pivot('x', 'a2').told).toContain('Row fix has no basic variable yet');
	expect(hand.heading).toBe('x becomes basic');
	expect(hand.stands).toContain(
		'a1 = 3: while an artificial variable is not zero, its row is not satisfied.'
	);
	expect(hand.do({ kind: 'phase', to: 'phase-two' }).told).toContain('still sum to 3');
	expect(hand.do({ kind: 'phase', to: 'phase-one' }).heading).toBe('Phase one');
});

test('changes and cuts tell what they do and who goes on', () => {
	const pots = new Worked(POTS).next().next();
	pots.do({ kind: 'change', change: { rhs: 'wheel', value: '10' } });
	expect(pots.told).toContain('The right-hand side of wheel is 10 instead of 18');
	expect(pots.told).toContain('the dual simplex method goes on from here');
	expect(pots.next().stands).toContain('Best plan: bowls = 0 dozen and vases = 5. Then profit = 25 thalers.');
	pots.do({ kind: 'change', change: { cost: 'bowls', value: '9' } });
	expect(pots.told).toContain('The objective coefficient of bowls is 9 instead of 3');
	expect(pots.next().stands).toContain('bowls = 10/3 dozen and vases = 0. Then profit = 30 thalers.');
	pots.do({
		kind: 'change',
		change: { add: { name: 'shelf', terms: { bowls: '1', vases: '1' }, relation: '<=', rhs: '3' } }
	});
	expect(pots.told).toContain('The constraint shelf is new');
	expect(pots.next().stands).toContain('bowls = 3 dozen and vases = 0. Then profit = 27 thalers.');
	expect(pots.do({ kind: 'change', change: { rhs: 'wheel', value: 'ten' } }).told).toContain(
		'is not a number'
	);
	const whole = new Worked('max z = 5 x + 8 y\na: x + y <= 6\nb: 5 x + 9 y <= 45\nx, y integer')
		.next()
		.next();
	whole.do({ kind: 'cut', row: 'x:x' });
	expect(whole.told).toMatch(/In the variables of the problem: .* The present point violates it by/);
	expect(whole.do({ kind: 'change', change: { rhs: 'a', value: '7' } }).heading).toBe('Not with cuts');
	expect(whole.next().told).toContain('leaves: c1 =');
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
			const begun = perform(stated(problem), { kind: 'begin', way: 'primal', equalities: 'one-row' });
			if (!begun.ok) throw new Error('no slack start');
			let { position } = begun;
			for (let step = 0; step < 6; step++) {
				const before = position.work!;
				const decision = decide(before, DANTZIG);
				if (decision.kind !== 'pivot') return;
				const move = pivotMove(before, decision.choice.entering, decision.choice.leaving, 'dantzig');
				const result = perform(position, move);
				if (!result.ok) throw new Error('a rule chose what cannot be done');
				expect(choiceOf(before.tableau, move)).toEqual(decision.choice);
				const [entering, ratios, , change, corner] = remarkWords(
					tell(position, move, result.position)
				).sentences;
				const [from, to] = [position, result.position].map(({ work }) => readPlan(work!.tableau));
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
				({ position } = result);
			}
		}),
		{ numRuns: 300 }
	);
	expect(told).toBeGreaterThan(25);
});

test('one of something has its unit in the singular, where English makes it by an s', () => {
	const units = [
		'hours',
		'boxes',
		'batches',
		'pieces',
		'trolleys',
		'berries',
		'glass',
		'kg',
		'm/s',
		'Stunden',
		'gas',
		'thalers/kg'
	];
	expect(units.map(singular)).toEqual([
		'hour',
		'box',
		'batch',
		'piece',
		'trolley',
		'berry',
		'glass',
		'kg',
		'm/s',
		'Stunden',
		'gas',
		'thalers/kg'
	]);
	expect([1, -1, 2].map((n) => plainText(quantity(rational(n), 'hours')))).toEqual([
		'1 hour',
		'−1 hour',
		'2 hours'
	]);
});
