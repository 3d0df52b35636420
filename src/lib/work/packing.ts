import Fraction from 'fraction.js';
import { decodeProblem, writeProblem } from '../core/problem/codec';
import type { ProblemJson } from '../core/problem/format';
import type { NodeDecision, Relaxed } from '../core/integer/search-types';
import type { Search } from '../core/integer/search';
import { numerator, parseRational, rational, toText } from '../core/number/rational';
import type { Plan, Problem } from '../core/problem/types';
import type { Reading } from '../core/problem/statement/reading';

declare const crossing: unique symbol;
/** A value as it crosses from a worker: its numbers, which are objects of a class, as numerator and denominator. */
export type Packed<Value> = { readonly [crossing]: Value };

/** Makes a value of plain data and numbers ready to cross. */
export const pack = <Value>(value: Value): Packed<Value> => packed(value) as Packed<Value>;
/** What was packed, as it was. */
export const unpack = <Value>(value: Packed<Value>): Value => unpacked(value) as Value;

function packed(value: unknown): unknown {
	if (value instanceof Fraction) return { rational: [numerator(value), value.d] };
	if (Array.isArray(value)) return value.map(packed);
	if (value instanceof Map) return new Map([...value].map(([key, own]) => [key, packed(own)]));
	if (value === null || typeof value !== 'object') return value;
	return Object.fromEntries(Object.entries(value).map(([key, own]) => [key, packed(own)]));
}

function unpacked(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(unpacked);
	if (value instanceof Map) return new Map([...value].map(([key, own]) => [key, unpacked(own)]));
	if (value === null || typeof value !== 'object') return value;
	if ('rational' in value) {
		const [top, bottom] = value.rational as [bigint, bigint];
		return rational(top, bottom);
	}
	return Object.fromEntries(Object.entries(value).map(([key, own]) => [key, unpacked(own)]));
}

/** A reading as it crosses from a worker: the problem as JSON of its format, since classes do not survive the crossing. */
export type PackedReading = Omit<Reading, 'problem'> & { problem: ProblemJson | null };

export const packReading = (reading: Reading): PackedReading => ({
	...reading,
	problem: reading.problem && writeProblem(reading.problem)
});

export const unpackReading = (packed: PackedReading): Reading => ({
	...packed,
	problem: packed.problem && decodeProblem(packed.problem)
});

/** A decision of a search as it crosses, with what the node's relaxation gave (numbers as text, the plan in the variables' order); null: it
 * was closed unsolved; left out: not known. */
export interface PackedDecision extends NodeDecision {
	readonly found?: {
		readonly bound: string | null;
		readonly solution: readonly string[] | null;
		readonly fractional: readonly string[];
		readonly pivots: number;
	} | null;
}

/** A decision of a search with what it found at the node. */
export function packDecision(search: Search, decision: NodeDecision): PackedDecision {
	const { bound, solution, fractional, pivots, turn } = search.nodes[decision.node];
	if (turn === 0) return { ...decision, found: null };
	const found = {
		bound: bound && toText(bound),
		solution: solution && search.problem.variables.map(({ name }) => toText(solution.get(name)!)),
		fractional,
		pivots
	};
	return { ...decision, found };
}

/** Does in a search of the same problem what a packed decision says; false where it cannot be done. */
export function takePacked(search: Search, { found, ...decision }: PackedDecision): boolean {
	return search.take(decision, found ? unpackRelaxed(search.problem, found) : undefined);
}

const unpackRelaxed = (
	{ variables }: Problem,
	{ bound, solution, fractional, pivots }: NonNullable<PackedDecision['found']>
): Relaxed => ({
	bound: bound === null ? null : parseRational(bound),
	solution: solution && (new Map(variables.map(({ name }, i) => [name, parseRational(solution[i])])) as Plan),
	fractional,
	pivots
});
