import { decodeProblem, writeProblem } from '../core/problem/codec';
import type { ProblemJson } from '../core/problem/format';
import type { Reading } from '../core/problem/statement/read';

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
