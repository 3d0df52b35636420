import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaims } from '../../../../tests/support/claims';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { cellSentence } from '../commentary/words/map';
import { PROFILES } from '../notation/notation';
import { rational } from '../number/rational';
import { cellAt, numberMap, type MapPoint } from './map';
import { withNumber, type Varied } from '../problem/varied';

const window = { low: rational(-8), high: rational(12) };

test('the map of two numbers covers its window, and says what solving at any of its points says', () => {
	const claims = new Map<string, number>();
	const seen = { optimal: 0, infeasible: 0, unbounded: 0, several: 0 };
	const points = fc.array(fc.tuple(fc.integer({ min: -79, max: 119 }), fc.integer({ min: -79, max: 119 })), {
		minLength: 6,
		maxLength: 6
	});
	fc.assert(
		fc.property(anyProblem(), fc.boolean(), points, (problem, isRows, tried) => {
			const names = (isRows ? problem.constraints : problem.variables).map(({ name }) => name);
			if (names.length < 2) return;
			const varied = names.slice(0, 2).map((name): Varied => (isRows ? { rhs: name } : { objective: name }));
			const cells = numberMap(problem, [varied[0], varied[1]], { first: window, second: window });
			if (cells.length > 2) seen.several += 1;
			for (const [a, b] of tried) {
				// on no line of small numbers: parts without an area are not on the map
				const at: MapPoint = [rational(a, 10).add(rational(1, 997)), rational(b, 10).add(rational(1, 991))];
				const answer = solveLinear(varied.reduce((now, own, i) => withNumber(now, own, at[i]), problem));
				const own = cells.filter((cell) => cellAt([cell], at));
				expect(own.length).toBeGreaterThan(0);
				const found = own.find(({ status }) => status === answer.status);
				expect(found).toBeDefined();
				seen[found!.status] += 1;
				const names = [varied[0], varied[1]] as const;
				for (const cell of own.filter(({ status }) => status === answer.status))
					checkClaims(cellSentence(problem, names, cell, at), PROFILES[0].notation, claims);
				if (!answer.objective) continue;
				for (const { plane } of own.filter(({ status }) => status === 'optimal')) {
					const { constant, first, second } = plane!;
					expect(constant.add(first.mul(at[0])).add(second.mul(at[1])).equals(answer.objective)).toBe(true);
				}
			}
		}),
		{ numRuns: 400 }
	);
	expect([...claims.keys()].sort()).toEqual(['best', 'status']);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(20);
});
