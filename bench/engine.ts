import Fraction from 'fraction.js';
import { solveLinear } from '../src/lib/core/answer/answer';
import { branchAndBound } from '../src/lib/core/integer/branch';
import { cuttingPlanes } from '../src/lib/core/integer/cuts';
import { facesOf, polyhedron } from '../src/lib/core/geometry/polyhedron';
import { region } from '../src/lib/core/geometry/region';
import { makeKernel, pivotKernel, type Kernel } from '../src/lib/core/tableau/kernel';
import { rational } from '../src/lib/core/number/rational';
import type { Problem } from '../src/lib/core/problem/types';
import { denseProblem } from './dense-problem';
import { median, now } from './measure';
import { denseTableau, pivotDoubles, pivotFractions, random } from './pivots';

type Pivot = readonly [number, number];

/** The pivots that the largest-coefficient rule takes on a tableau, found exactly. */
function pivotsOf(t: number[][], most: number): Pivot[] {
	let kernel: Kernel = makeKernel(t, t[0].length);
	const { height, width } = kernel;
	const list: Pivot[] = [];
	while (list.length < most) {
		const at = (i: number, j: number) => Number(kernel.cells[i * width + j]);
		let s = 0;
		for (let j = 1; j < width - 1; j++) if (at(height - 1, j) < at(height - 1, s)) s = j;
		if (at(height - 1, s) >= 0) break;
		let r = -1;
		for (let i = 0; i < height - 1; i++)
			if (at(i, s) > 0 && (r < 0 || at(i, width - 1) / at(i, s) < at(r, width - 1) / at(r, s))) r = i;
		if (r < 0) break;
		list.push([r, s]);
		kernel = pivotKernel(kernel, r, s);
	}
	return list;
}

function kernels(): void {
	console.log('\nExact kernel against the same simplex pivots (dense, two-digit data, 6 problems a size)');
	console.log('  size     pivots   time / doubles   rational objects / time');
	for (const [m, n] of [
		[5, 8],
		[10, 15],
		[20, 30],
		[40, 60]
	]) {
		const problems = [1, 2, 3, 4, 5, 6].map((seed) => denseTableau(m, n, seed * 7919 + m));
		const walks = problems.map((t) => pivotsOf(t, 400));
		const all = (each: (t: number, walk: Pivot[]) => void) => () => walks.forEach((walk, i) => each(i, walk));
		const starts = problems.map((t) => makeKernel(t, n + 1));
		const flat = problems.map((t) => Float64Array.from(t.flat()));
		const fractions = problems.map((t) => t.map((row) => row.map((v) => new Fraction(v))));
		const exact = median(all((i, walk) => walk.reduce((k, [r, s]) => pivotKernel(k, r, s), starts[i])));
		const double = median(
			all((i, walk) => walk.reduce<Float64Array>((t, [r, s]) => pivotDoubles(t, n + 1, r, s), flat[i]))
		);
		const objects = median(
			all((i, walk) => walk.reduce((t, [r, s]) => pivotFractions(t, r, s), fractions[i])),
			1500
		);
		const count = walks.reduce((sum, walk) => sum + walk.length, 0) / walks.length;
		console.log(
			`  ${`${m}×${n}`.padEnd(8)} ${count.toFixed(1).padStart(6)}   ${(exact / double).toFixed(2).padStart(14)}   ${(objects / exact).toFixed(1).padStart(23)}`
		);
	}
}

function growth(): void {
	console.log('\nA whole auto solve, dense with two-digit data (two-phase: a quarter of the rows are ≥)');
	console.log('  size      pivots   time / time of the size before');
	let before: number | null = null;
	for (const size of [25, 50, 100]) {
		const problem = denseProblem(size, size * 31);
		let seen = 0;
		const start = now();
		const answer = solveLinear(problem, { onStep: () => (seen += 1) });
		const time = now() - start;
		console.log(
			`  ${`${size}×${size}`.padEnd(9)} ${String(answer.pivots).padStart(6)}   ${before ? (time / before).toFixed(1) : '(first)'}   ${answer.status}, ${seen} steps reported`
		);
		before = time;
	}
	let asked = 0;
	const start = now();
	const cancelled = solveLinear(denseProblem(100, 3100), {
		shouldStop: () => (++asked > 20 ? ({ code: 'long' } as const) : null)
	});
	console.log(
		`  cancelled at its 20th step: ${cancelled.status} (${cancelled.reason?.code}), after ${((now() - start) / before!).toFixed(3)} of the whole time`
	);
}

function rate(): void {
	const problems = Array.from({ length: 64 }, (_, k) => {
		const next = random(k * 101 + 3);
		const names = ['x1', 'x2', 'x3', 'x4'];
		const terms = () => new Map(names.map((name) => [name, rational(next(1, 9))]));
		return {
			variables: names.map((name) => ({
				name,
				lower: rational(0),
				upper: null,
				domain: 'continuous' as const
			})),
			objective: { sense: 'max' as const, name: 'z', terms: terms(), constant: rational(0) },
			constraints: [1, 2, 3].map((i) => ({
				name: `r${i}`,
				terms: terms(),
				relation: '<=' as const,
				rhs: rational(next(10, 60))
			}))
		};
	});
	const time = median(() => problems.forEach((problem) => solveLinear(problem)), 1500);
	console.log(
		`\nWhole solves of 3×4 problems, answer and certificate included: ${Math.round((problems.length / time) * 1000)} a second`
	);
}

/** Corners and faces of regions with many random sides, as shares of what is promised. */
function regions(): void {
	const body = (width: number, count: number, seed: number): Problem => {
		const next = random(seed);
		const names = Array.from({ length: width }, (_, j) => `x${j + 1}`);
		return {
			variables: names.map((name) => ({ name, lower: rational(0), upper: null, domain: 'continuous' })),
			objective: { sense: 'max', name: 'z', terms: new Map(), constant: rational(0) },
			constraints: Array.from({ length: count }, (_, i) => ({
				name: `r${i + 1}`,
				terms: new Map(names.map((name) => [name, rational(next(1, 99))])),
				relation: '<=' as const,
				rhs: rational(next(5_000, 9_999))
			}))
		};
	};
	const [flat, solid] = [body(2, 200, 5), body(3, 40, 7)];
	const corners = median(() => region(flat));
	const faces = median(() => facesOf(polyhedron(solid)));
	console.log(
		`\nCorners of 2 variables × 200 constraints: ${(corners / 10).toFixed(2)} of 10 ms (${region(flat).vertices.length} corners); faces of 3 × 40: ${(faces / 20).toFixed(2)} of 20 ms (${facesOf(polyhedron(solid)).length} faces)`
	);
}

/** A problem in whole numbers from rows of coefficients. */
function wholeProblem(
	domain: 'integer' | 'binary',
	costs: readonly number[],
	rows: readonly { terms: readonly number[]; rhs: number }[]
): Problem {
	const names = costs.map((_, j) => `x${j + 1}`);
	const terms = (row: readonly number[]) => new Map(names.map((name, j) => [name, rational(row[j])]));
	return {
		variables: names.map((name) => ({ name, lower: rational(0), upper: null, domain })),
		objective: { sense: 'max', name: 'z', terms: terms(costs), constant: rational(0) },
		constraints: rows.map((row, i) => ({
			name: `r${i + 1}`,
			terms: terms(row.terms),
			relation: '<=',
			rhs: rational(row.rhs)
		}))
	};
}

/** Branch and bound: nodes a second, and how many end within the limits of the API; and what cuts alone close. */
function whole(): void {
	console.log('\nBranch and bound, from the parent’s tableau (20 problems each)');
	console.log(
		'  problems                       nodes   nodes a second   ended within 10,000 pivots and 10 s'
	);
	const knapsack = (seed: number, correlated: boolean): Problem => {
		const next = random(seed);
		const weights = Array.from({ length: 30 }, () => next(10, 99));
		const costs = weights.map((weight) => (correlated ? weight + 10 : next(10, 99)));
		const rhs = Math.floor(weights.reduce((a, b) => a + b) / 2);
		return wholeProblem('binary', costs, [{ terms: weights, rhs }]);
	};
	const pure = (seed: number): Problem => {
		const next = random(seed);
		const row = () => Array.from({ length: 12 }, () => next(10, 99));
		return wholeProblem(
			'integer',
			row(),
			Array.from({ length: 12 }, () => ({ terms: row(), rhs: next(500, 999) }))
		);
	};
	for (const [name, make] of [
		['30-variable knapsacks', (k: number) => knapsack(k * 77 + 1, false)],
		['the same, strongly correlated', (k: number) => knapsack(k * 77 + 1, true)],
		['12×12 pure, two digits', (k: number) => pure(k * 91 + 5)]
	] as const) {
		// the first are not timed: code that has just been loaded is slow
		for (let k = 20; k < 30; k++) branchAndBound(make(k), { maxSteps: 10_000, mostNodes: 0 });
		let [nodes, time, ended] = [0, 0, 0];
		for (let k = 0; k < 20; k++) {
			const problem = make(k);
			const start = now();
			const { status, nodesMade } = branchAndBound(problem, {
				maxSteps: 10_000,
				mostNodes: 0,
				shouldStop: () => (now() - start > 10_000 ? ({ code: 'long' } as const) : null)
			});
			time += now() - start;
			nodes += nodesMade;
			if (status === 'optimal') ended += 1;
		}
		console.log(
			`  ${name.padEnd(30)} ${String(nodes).padStart(6)}   ${String(Math.round((nodes / time) * 1000)).padStart(14)}   ${ended} of 20`
		);
	}
	let closed = 0;
	for (let k = 0; k < 1000; k++) {
		const next = random(k * 13 + 11);
		const row = () => Array.from({ length: 3 }, () => next(1, 9));
		const problem = wholeProblem(
			'integer',
			row(),
			Array.from({ length: 3 }, () => ({ terms: row(), rhs: next(10, 40) }))
		);
		if (cuttingPlanes(problem, { maxSteps: 10_000 }).status === 'optimal') closed += 1;
	}
	console.log(`Cuts alone close ${closed} of 1,000 random bounded 3×3 problems`);
}

kernels();
growth();
rate();
regions();
whole();
