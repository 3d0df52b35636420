import { replySolve, type Reply } from '../core/exchange/reply';
import { answerSolve, type Control } from '../core/exchange/solve';
import { MAX_STEPS } from '../core/exchange/solve-request';
import { DANTZIG } from '../core/method/types';
import { numerator, rational, type Rational } from '../core/number/rational';
import type { Reading } from '../core/problem/statement/read';
import { readStatement } from '../core/problem/statement/read';
import type { Problem, Terms } from '../core/problem/types';
import { timed } from './timed';

/** A rational as it crosses to and from a worker. */
type Packed = readonly [bigint, bigint];
const pack = (value: Rational): Packed => [numerator(value), value.d];
const unpack = ([n, d]: Packed): Rational => rational(n, d);

type PackedTerms = readonly (readonly [string, Packed])[];
const packTerms = (terms: Terms): PackedTerms =>
	[...terms].map(([name, value]) => [name, pack(value)] as const);
const unpackTerms = (terms: PackedTerms): Terms =>
	new Map(terms.map(([name, value]) => [name, unpack(value)]));

/** A problem as plain data: classes do not survive the crossing. */
function packProblem(problem: Problem) {
	const { objective } = problem;
	return {
		...problem,
		variables: problem.variables.map((v) => ({
			...v,
			lower: v.lower && pack(v.lower),
			upper: v.upper && pack(v.upper)
		})),
		objective: { ...objective, terms: packTerms(objective.terms), constant: pack(objective.constant) },
		constraints: problem.constraints.map((row) => ({
			...row,
			terms: packTerms(row.terms),
			rhs: pack(row.rhs)
		}))
	};
}

function unpackProblem(packed: ReturnType<typeof packProblem>): Problem {
	const { objective } = packed;
	return {
		...packed,
		variables: packed.variables.map((v) => ({
			...v,
			lower: v.lower && unpack(v.lower),
			upper: v.upper && unpack(v.upper)
		})),
		objective: { ...objective, terms: unpackTerms(objective.terms), constant: unpack(objective.constant) },
		constraints: packed.constraints.map((row) => ({
			...row,
			terms: unpackTerms(row.terms),
			rhs: unpack(row.rhs)
		}))
	};
}

/** A reading as it crosses from a worker. */
export type PackedReading = Omit<Reading, 'problem'> & { problem: ReturnType<typeof packProblem> | null };

export const unpackReading = (packed: PackedReading): Reading => ({
	...packed,
	problem: packed.problem && unpackProblem(packed.problem)
});

/** Told now and then while a job runs: how many pivots were made. */
export type Progress = (pivots: number) => void;

const BETWEEN_REPORTS = 100;

/** The jobs that a worker can do; in the browser and on the server they are the same functions. */
export const jobs = {
	/** Reads a statement that is too long to be read between two frames. */
	read(text: string): PackedReading {
		const reading = readStatement(text);
		return { ...reading, problem: reading.problem && packProblem(reading.problem) };
	},
	/** Answers a solve request (its JSON text), as POST /api/v1/solve does. */
	solve(text: string, progress?: Progress): Reply {
		return replySolve(text, (milliseconds) => reporting(timed(milliseconds), progress));
	},
	/** Solves a statement; null where it states no problem. */
	answer(text: string, milliseconds: number, progress?: Progress): Record<string, unknown> | null {
		const { problem } = readStatement(text);
		if (!problem) return null;
		const limit = { steps: MAX_STEPS, milliseconds };
		const request = {
			problem,
			method: 'auto',
			rule: DANTZIG,
			integer: 'branch',
			steps: false,
			limit
		} as const;
		return answerSolve(request, reporting(timed(milliseconds), progress));
	}
};

/** Tells the progress while a run asks whether to stop. */
function reporting(control: Control, progress?: Progress): Control {
	let last = performance.now();
	return {
		...control,
		shouldStop: (pivots) => {
			if (progress && performance.now() - last > BETWEEN_REPORTS) {
				last = performance.now();
				progress(pivots);
			}
			return control.shouldStop?.(pivots) ?? null;
		}
	};
}

export type Jobs = typeof jobs;
