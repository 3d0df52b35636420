import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../tests/support/problems';
import { printStatement } from '../core/problem/statement/print';
import { solveLinear } from '../core/answer/answer';
import { MAX_STEPS } from '../core/api/limits';
import { beginSearch } from '../core/integer/branch';
import { compareWays, type WayTaken } from '../core/integer/compare';
import { nodeWords } from '../core/integer/messages';
import type { Search } from '../core/integer/search';
import { SEARCH_RULES } from '../core/integer/search-types';
import { writeProblem } from '../core/problem/codec';
import { readStatement } from '../core/problem/statement/read';
import { plainText } from '../core/sentence/sentence';
import { sameProblem } from '../core/problem/types';
import { jobs } from './jobs';
import { pack, unpack, packDecision, takePacked, unpackReading, type PackedDecision } from './packing';
import { timed } from './timed';

test('a reading survives the crossing from a worker', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const text = printStatement(problem);
			const crossed = unpackReading(structuredClone(jobs.read(text)));
			expect(sameProblem(crossed.problem!, problem)).toBe(true);
			const { diagnostics, places } = readStatement(text);
			expect([crossed.diagnostics, crossed.places]).toEqual([diagnostics, places]);
		}),
		{ numRuns: 100 }
	);
	expect(unpackReading(structuredClone(jobs.read('max x y'))).problem).toBeNull();
});

test('what was found says the same words after crossing from a worker', () => {
	const seen = new Set<string>();
	fc.assert(
		fc.property(anyProblem({ whole: true }), (problem) => {
			const begun = beginSearch(problem, solveLinear(problem));
			if ('search' in begun) {
				for (let i = 0; i < 20 && begun.search.next('best-bound') !== null; i++)
					begun.search.advance(SEARCH_RULES);
				for (const { why } of begun.search.nodes) {
					if (!why) continue;
					seen.add(why.code);
					expect(plainText(nodeWords(unpack(structuredClone(pack(why)))))).toBe(plainText(nodeWords(why)));
				}
			}
			const told: WayTaken[] = [];
			jobs.compare(printStatement(problem), 1e9, (way) => told.push(unpack(structuredClone(way))));
			expect(told.map(({ way, status, objective }) => [way, status, objective?.toFraction()])).toEqual(
				compareWays(problem, { maxSteps: MAX_STEPS }).map(({ way, status, objective }) => [
					way,
					status,
					objective?.toFraction()
				])
			);
		}),
		{ numRuns: 25, seed: 3 }
	);
	expect(seen.size).toBeGreaterThan(2);
});

test('a statement is answered as the API answers its problem', () => {
	const answer = jobs.answer('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18', 1000)!;
	expect(answer).toMatchObject({ status: 'optimal', objective: '36', solution: { x: '2', y: '6' } });
	expect(jobs.answer('max x y', 1000)).toBeNull();
});

test('a run out of time stops with its reason', () => {
	const control = timed(-1);
	expect([control.shouldStop!(0)!, control.hurry!()]).toEqual([
		{ code: 'time-limit', milliseconds: -1 },
		true
	]);
	expect(timed(60_000).shouldStop!(0)).toBeNull();
	expect(timed(60_000, () => true).shouldStop!(0)).not.toBeNull();
});

test('a search followed through the worker’s job is the search itself, from wherever it stands', async () => {
	const rules = { ...SEARCH_RULES, node: 'depth-first' } as const;
	let nodes = 0;
	await fc.assert(
		fc.asyncProperty(
			anyProblem({ whole: true, variables: 3 }),
			fc.nat(6),
			fc.boolean(),
			async (problem, before, isKnown) => {
				const begun = (): Search | null => {
					const start = beginSearch(problem, solveLinear(problem));
					return 'search' in start ? start.search : null;
				};
				const [own, followed] = [begun(), begun()];
				if (!own || !followed) return;
				for (let i = 0; i < before; i++) own.advance(rules);
				// either what was found is told, or the job solves it again and tells it
				const known = own.decisions.map((one) => (isKnown ? packDecision(own, one) : one));
				if (isKnown) for (const one of known) takePacked(followed, one);
				const told = (fresh: PackedDecision[]) => {
					for (const one of structuredClone(fresh)) expect(takePacked(followed, one)).toBe(true);
				};
				await jobs.search(writeProblem(problem), known, { rules, mostNodes: 500 }, told);
				while (own.made < 500 && own.advance(rules) !== null);
				expect(followed.nodes).toEqual(own.nodes);
				expect(followed.incumbent).toEqual(own.incumbent);
				nodes += own.solved;
			}
		),
		{ numRuns: 100 }
	);
	expect(nodes).toBeGreaterThan(30);
});
