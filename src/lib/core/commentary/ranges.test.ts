import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaim } from '../../../../tests/support/claims';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { parseRational, rational } from '../number/rational';
import { PROFILES } from '../notation/notation';
import { parametricRun, solvedPosition } from '../move/parametric-run';
import { valueFunction } from '../parametric/value-function';
import { withNumber, type Varied } from '../problem/varied';
import { readStatement } from '../problem/statement/read';
import { claimsOf, plainText, type Sentence } from '../sentence/sentence';
import { coefficientFound, rangeReading, sidesAt, type RangeReading } from './ranges';
import {
	bendFound,
	hundredFound,
	rangeFound,
	reachesFound,
	sidesFound,
	whatIfFound,
	worthFound,
	type NumberFinding
} from './range-findings';
import { askedOfOneMore, priceFound } from './price-findings';
import { movedPlanSentence, numberWords } from './words/ranges';

const STEP = rational(1, 997);
const ranges = (reading: RangeReading) =>
	rangeFound(reading).map((found) => numberWords(reading.t.form.problem, found));

test('an interval is true at its ends and just inside, and just outside another basis is needed; one-sided rates are those of small steps', () => {
	const seen = { ends: 0, outside: 0, two: 0 };
	fc.assert(
		fc.property(anyProblem(), fc.nat(5), fc.boolean(), (stated, n, isRow) => {
			if (isRow && stated.constraints.length === 0) return;
			const varied: Varied = isRow
				? { rhs: stated.constraints[n % stated.constraints.length].name }
				: { objective: stated.variables[n % stated.variables.length].name };
			// as it is, or where two stretches of the value meet
			const corner = valueFunction(stated, varied, null, null).find(
				({ to, status }, i, all) => to && status === 'optimal' && all[i + 1]?.status === 'optimal'
			)?.to;
			const problem = corner && n > 2 ? withNumber(stated, varied, corner) : stated;
			const answer = solveLinear(problem);
			if (answer.status !== 'optimal') return;
			const reading = rangeReading(answer.tableau!, varied);
			const { now, rate } = reading;
			const at = (number: typeof now) => solveLinear(withNumber(problem, varied, number));
			const onLine = (number: typeof now) => answer.objective!.add(rate.mul(number.sub(now)));
			for (const [end, way] of [
				[reading.low.at, 1],
				[reading.high.at, -1]
			] as const) {
				if (!end) continue;
				seen.ends += 1;
				const inside = end.add(STEP.mul(way));
				const isInside = way > 0 ? inside.lte(now) : inside.gte(now);
				for (const number of isInside ? [end, inside] : [end])
					expect(at(number).objective!.equals(onLine(number))).toBe(true);
				// outside the value is another, unless another basis has the same rate
				const beyond = end.sub(STEP.mul(way));
				const there = at(beyond);
				if (!there.objective || !there.objective.equals(onLine(beyond))) seen.outside += 1;
			}
			const pieces = valueFunction(problem, varied, null, null);
			const { less, more, holds } = sidesAt(pieces, now);
			for (const [side, by] of [
				[less, STEP.neg()],
				[more, STEP]
			] as const) {
				const there = at(now.add(by.div(1000)));
				expect(there.status === 'optimal').toBe(side !== null);
				if (side) expect(there.objective!.equals(answer.objective!.add(side.mul(by.div(1000))))).toBe(true);
			}
			if (less && more && !less.equals(more)) {
				seen.two += 1;
				expect(plainText(numberWords(problem, sidesFound(pieces, reading)!))).toContain('Two rates meet');
			} else {
				const farther = sidesFound(pieces, reading);
				const said = farther && numberWords(problem, farther);
				expect(said ? plainText(said) : '').not.toContain('Two rates meet');
				if (holds && reading.low.at) expect(!holds.from || holds.from.lte(reading.low.at)).toBe(true);
			}
		}),
		{ numRuns: 700 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(12);
});

test('of a requirement, and of nothing else, it is told what one less of it changes, where the interval reaches that far', () => {
	let told = 0;
	const row = fc.record({
		a: fc.integer({ min: 1, max: 5 }),
		b: fc.integer({ min: 1, max: 5 }),
		rhs: fc.integer({ min: 4, max: 30 })
	});
	fc.assert(
		fc.property(row, row, row, fc.constantFrom('min', 'max'), (cost, first, second, sense) => {
			const relation = sense === 'min' ? '>=' : '<=';
			const rows = [first, second].map(({ a, b, rhs }, i) => `r${i + 1}: ${a} x + ${b} y ${relation} ${rhs}`);
			const problem = readStatement(`${sense} z = ${cost.a} x + ${cost.b} y\n${rows.join('\n')}`).problem!;
			const { tableau, objective } = solveLinear(problem);
			const varied = { rhs: 'r1' };
			const reading = rangeReading(tableau!, varied);
			const one = reading.now.sub(1);
			const reaches = !reading.low.at || reading.low.at.lte(one);
			const found = rangeFound(reading).flatMap((own) => (own.code === 'let-off' ? [own] : []));
			expect(found.length).toBe(sense === 'min' && reaches && !reading.rate.equals(0) ? 1 : 0);
			for (const { by } of found)
				expect(by.equals(solveLinear(withNumber(problem, varied, one)).objective!.sub(objective!))).toBe(
					true
				);
			told += found.length;
		})
	);
	expect(told).toBeGreaterThan(10);
});

const MIX = readStatement(
	'max profit [thalers] = 30 bowls + 40 jugs\nclay [kg]: 2 bowls + 3 jugs <= 12\nwheel: 4 bowls + 3 jugs <= 16\nkiln: 2 jugs <= 9'
).problem!;

test('a number moved is told without solving inside its interval, by pivots beyond', () => {
	const t = solveLinear(MIX).tableau!;
	const varied = { rhs: 'wheel' };
	const reading = rangeReading(t, varied);
	const told = (value: string, way: 1 | -1) =>
		whatIfFound(reading, parametricRun(solvedPosition(MIX, t), varied, way), parseRational(value))
			.map((found) => numberWords(MIX, found))
			.map((s) => plainText(s))
			.join(' ');
	expect([reading.low.at, reading.rate, reading.high.at].map((n) => n?.toFraction() ?? null))
		.toMatchInlineSnapshot(`
		[
		  "12",
		  "5/3",
		  "24",
		]
	`);
	expect(told('17', 1)).toMatchInlineSnapshot(
		`"This is within the interval, so the rate holds: 5/3 · 1 = 5/3, and profit is 500/3 + 5/3 = 505/3 thalers."`
	);
	expect(told('-1', -1)).toContain('Beyond 0 no plan is feasible');
	expect(plainText(numberWords(MIX, priceFound(t, 'clay', rational(4))))).toMatchInlineSnapshot(
		`"Yes: one more kg of clay is worth 35/3 thalers, 23/3 more than it costs. This holds for up to 11/4 more."`
	);
});

test('of a requirement it is asked what one more would have to be paid with', () => {
	const problem = readStatement(
		'min cost [EUR] = 3 bread + 2 milk\nprotein [g]: bread + milk >= 4\nfat: bread + 2 milk >= 2\nsame: bread = 1'
	).problem!;
	const t = solveLinear(problem).tableau!;
	const said = (row: string, price: number) =>
		plainText(numberWords(problem, priceFound(t, row, rational(price))));
	expect(['protein', 'fat', 'same'].map((row) => askedOfOneMore(t, row))).toEqual([
		'take-on',
		'take-on',
		'take-on'
	]);
	expect(askedOfOneMore(solveLinear(MIX).tableau!, 'clay')).toBe('buy');
	expect(said('protein', 3)).toBe(
		'Yes: one more g of protein costs 2 EUR, 1 less than is paid for it. Every further one costs as much.'
	);
	expect(said('protein', 1)).toContain('No: one more g of protein costs 2 EUR, 1 more than is paid for it.');
	expect(said('protein', 2)).toContain('It makes no difference: ');
	expect(said('fat', 1)).toBe('Yes: one more unit of fat does not change cost.');
	expect(said('same', 5)).toBe(
		'Yes: one more unit of same costs 1 EUR, 4 less than is paid for it. This holds for up to 3 more.'
	);
});

test('the 100 % rule adds shares, and promises nothing beyond 1', () => {
	const t = solveLinear(MIX).tableau!;
	const part = (row: string, value: number) => ({
		varied: { rhs: row },
		reading: rangeReading(t, { rhs: row }),
		value: rational(value)
	});
	const said = (parts: ReturnType<typeof part>[]) =>
		hundredFound(parts)
			.map((found) => numberWords(MIX, found))
			.map((s) => plainText(s))
			.at(-1);
	expect(said([part('clay', 12), part('kiln', 9)])).toBe('Change a number first.');
	expect(said([part('kiln', 100)])).toContain('at most 1');
	expect(said([part('clay', 9), part('wheel', 14)])).toMatch(/at most 1|the rule says nothing/);
});

test('whatever sentences claim a number is worth, solving with it changed says so', () => {
	const seen = { range: 0, worth: 0, price: 0, sides: 0 };
	// three lines meet in the best corner: one more and one less differ
	const degenerate = readStatement('max z = x + y\na: x + 2 y <= 3\nb: 2 x + y <= 3\nc: x + y <= 2').problem!;
	fc.assert(
		fc.property(anyProblem(), fc.integer({ min: -3, max: 3 }), (problem, price) => {
			const { status, tableau: t } = solveLinear(problem);
			if (status !== 'optimal' || !t) return;
			const numbers: Varied[] = [
				...problem.constraints.map(({ name }) => ({ rhs: name })),
				...problem.variables.map(({ name }) => ({ objective: name }))
			];
			const check = (kind: keyof typeof seen, sentences: readonly (Sentence | null)[]) => {
				const claims = sentences.flatMap((own) => (own ? claimsOf(own, PROFILES[0].notation) : []));
				seen[kind] += claims.length;
				claims.forEach((own) => checkClaim(own, PROFILES[0].notation));
			};
			const words = (found: NumberFinding) => numberWords(problem, found);
			check('worth', worthFound(t).map(words));
			for (const varied of numbers) {
				const reading = rangeReading(t, varied);
				check('range', rangeFound(reading).map(words));
				const sides = sidesFound(valueFunction(problem, varied, null, null), reading);
				check('sides', [sides && words(sides)]);
				if ('rhs' in varied) check('price', [words(priceFound(t, varied.rhs, rational(price)))]);
			}
		}),
		{ numRuns: 300, examples: [[degenerate, 1]] }
	);
	expect(seen.sides).toBeGreaterThan(1);
	for (const kind of ['range', 'worth', 'price'] as const) expect(seen[kind]).toBeGreaterThan(20);
});

test('how far a coefficient inside a row may move, in words', () => {
	const told = (text: string, row: string, variable: string) => {
		const { tableau } = solveLinear(readStatement(text).problem!);
		return plainText(
			numberWords(tableau!.form.problem, reachesFound(coefficientFound(tableau!, row, variable)))
		);
	};
	const text = 'max z = 3 x + 2 y\na: x + y <= 4\nb: x + 3 y <= 9';
	expect(told(text, 'a', 'x')).toBe(
		'The 1 of x in a cannot change at all: if it increases, the plan violates a; if it decreases, a plan with another amount of x or of others is better.'
	);
	expect(told(text, 'a', 'y')).toBe(
		'The 1 of y in a can decrease by 1/3, to 2/3 and increase without limit while the plan stays the best plan. Below 2/3 a plan with another amount of y or of others is better.'
	);
	expect(told(text, 'b', 'y')).toContain('may have any value');
});

test('how the plan moves is told of the variables themselves: one that may have either sign, one counted down from its bound', () => {
	const told = (text: string, rhs: string) => {
		const { tableau } = solveLinear(readStatement(text).problem!);
		return ranges(rangeReading(tableau!, { rhs }))
			.map((own) => plainText(own))
			.at(-1);
	};
	expect(told('min z = x + 2 y\na: x + y >= 3\nb: x - y <= 4\ny free', 'a')).toBe(
		'Each extra unit changes the plan: x by +1/2 and y by +1/2.'
	);
	expect(told('max z = x + y\na: x + y <= 3\nx free\nx to 9\ny to 1', 'a')).toBe(
		'Each extra unit changes the plan: x by +1.'
	);
});

test('from which coefficient on a variable is made, what being let off is worth, and up to where, agree with solving anew', () => {
	const wooden = readStatement('max z = 5 x + 1 y\na: x + y <= 4\nb: x + 3 y <= 6').problem!;
	const { tableau } = solveLinear(wooden);
	const told = ranges(rangeReading(tableau!, { objective: 'y' })).map((own) => plainText(own));
	expect(told).toContain('From 5 on, y is part of a best plan.');
	const at = (c: number) =>
		solveLinear({
			...wooden,
			objective: { ...wooden.objective, terms: new Map([...wooden.objective.terms, ['y', rational(c)]]) }
		});
	expect([at(4), at(6)].map(({ solution }) => solution!.get('y')!.n > 0n)).toEqual([false, true]);
	const market = readStatement(
		'min cost [euros] = 2 x + 3 y\ndemand [kg]: x + y >= 5\nmill: x <= 3'
	).problem!;
	const said = ranges(rangeReading(solveLinear(market).tableau!, { rhs: 'demand' })).map((own) =>
		plainText(own)
	);
	expect(said).toContain('Requiring one less kg of demand decreases cost by 3 euros.');
	const mill = ranges(rangeReading(solveLinear(market).tableau!, { rhs: 'mill' })).map((own) =>
		plainText(own)
	);
	expect(mill[0]).toBe('Each extra unit decreases cost by 1 euro, up to 2 more.');
	expect(plainText(movedPlanSentence(market, solveLinear(market).solution!))).toBe(
		'The best plan is then x = 3 and y = 2.'
	);
});

test('what is said of how the value bends is so at every break, for each relation', () => {
	const seen = new Set<string>();
	fc.assert(
		fc.property(anyProblem(), fc.nat(5), fc.boolean(), (problem, n, isRow) => {
			if (isRow && problem.constraints.length === 0) return;
			const varied: Varied = isRow
				? { rhs: problem.constraints[n % problem.constraints.length].name }
				: { objective: problem.variables[n % problem.variables.length].name };
			const slopes = valueFunction(problem, varied, null, null).flatMap(({ from, to, line }) =>
				line && !(from && to?.equals(from)) ? [line.slope] : []
			);
			if (slopes.length < 2) return;
			const found = bendFound(problem, varied);
			const said = plainText(numberWords(problem, found));
			seen.add(`${found.of} ${found.sense}`);
			const grows = slopes.slice(1).every((slope, i) => slope.gt(slopes[i]));
			expect(said.startsWith(grows ? 'It is convex' : 'It is concave')).toBe(true);
			const signs = new Set(slopes.filter((slope) => slope.n !== 0n).map((slope) => slope.s < 0n));
			// earn and cost add to the objective, take from it and save the opposite
			if (/earn|costs more per/.test(said)) expect(signs).toEqual(new Set([false]));
			if (/are asked for take|save/.test(said)) expect(signs).toEqual(new Set([true]));
		}),
		{ numRuns: 2000 }
	);
	expect(seen.size).toBe(8);
});
