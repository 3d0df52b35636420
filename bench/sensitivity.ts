import { solveLinear } from '../src/lib/core/answer/answer';
import { rangeReading } from '../src/lib/core/commentary/ranges';
import { numberMap, windowAround } from '../src/lib/core/parametric/map';
import { parametricRun, solvedPosition } from '../src/lib/core/move/parametric-run';
import { valueFunction } from '../src/lib/core/parametric/value-function';
import { numberOf, type Varied } from '../src/lib/core/problem/varied';
import { denseProblem } from './dense-problem';
import { median } from './measure';

/** What ranges, the value as a function and the map of two numbers take, against one solve of the same problem. */

console.log('\nThe optimal value against one number, over the whole line');
console.log('  size     pieces   time of a piece / time of a solve   by pivots, time of a stretch / a solve');
for (const size of [4, 8, 12]) {
	const problem = denseProblem(size, size * 17);
	const t = solveLinear(problem).tableau!;
	const solve = median(() => solveLinear(problem));
	for (const varied of [{ rhs: 'r1' }, { objective: 'x1' }] as Varied[]) {
		const pieces = valueFunction(problem, varied, null, null).length;
		const time = median(() => valueFunction(problem, varied, null, null));
		const from = solvedPosition(problem, t);
		const run = () => [parametricRun(from, varied, -1), parametricRun(from, varied, 1)];
		const stretches = run().flat().length;
		const byPivots = median(run);
		console.log(
			`  ${`${size}×${size}`.padEnd(8)} ${String(pieces).padStart(6)}   ${(time / pieces / solve).toFixed(2).padStart(33)}   ${(byPivots / stretches / solve).toFixed(2).padStart(38)}`
		);
	}
}

console.log('\nThe map of two numbers, in the window that the page shows');
console.log('  size     parts   milliseconds (this machine)   time of a part / time of a solve');
for (const size of [4, 6, 8]) {
	const problem = denseProblem(size, size * 17);
	const { tableau } = solveLinear(problem);
	const solve = median(() => solveLinear(problem));
	for (const pair of [
		[{ rhs: 'r1' }, { rhs: 'r2' }],
		[{ objective: 'x1' }, { objective: 'x2' }]
	] as [Varied, Varied][]) {
		const intervals = pair.map((own) => {
			const { low, high } = rangeReading(tableau!, own);
			return { low: low.at, high: high.at };
		});
		const window = windowAround(problem, pair, intervals);
		const parts = numberMap(problem, pair, window).length;
		const time = median(() => numberMap(problem, pair, window));
		console.log(
			`  ${`${size}×${size}`.padEnd(8)} ${String(parts).padStart(5)}   ${time.toFixed(0).padStart(27)}   ${(time / parts / solve).toFixed(2).padStart(32)}`
		);
	}
}

const problem = denseProblem(8, 8 * 17);
const { tableau } = solveLinear(problem);
const varied: Varied = { rhs: 'r1' };
console.log(
	`\nA number of 8×8 moved inside its interval: ${(median(() => rangeReading(tableau!, varied)) / median(() => solveLinear(problem))).toFixed(3)} of a solve (now ${numberOf(problem, varied).toString()})`
);
