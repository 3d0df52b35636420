import { design } from '../src/lib/core/design/search';
import { readDesignRequest } from '../src/lib/core/api/design';

/** Candidates a second and the median time to a first find, for the wishes that are asked for most. */

interface Case {
	readonly name: string;
	readonly request: object;
}

const two = { variables: 2, constraints: 3 };
const three = { variables: 3, constraints: 4 };
const SETS: readonly Case[] = [
	{
		name: 'unique, whole plan',
		request: { ...two, wishes: [{ kind: 'answer', is: 'unique' }, { kind: 'whole-plan' }] }
	},
	{
		name: 'five corners, whole',
		request: { ...two, wishes: [{ kind: 'corners', exactly: 5 }, { kind: 'whole-corners' }] }
	},
	{
		name: 'a best edge',
		request: { ...two, wishes: [{ kind: 'answer', is: 'several' }, { kind: 'whole-plan' }] }
	},
	{ name: 'infeasible', request: { ...two, wishes: [{ kind: 'answer', is: 'infeasible' }] } },
	{ name: 'unbounded', request: { ...two, wishes: [{ kind: 'answer', is: 'unbounded' }] } },
	{
		name: 'two pivots, no fraction',
		request: {
			...two,
			wishes: [{ kind: 'pivots', exactly: 2 }, { kind: 'denominator', atMost: 1 }, { kind: 'whole-plan' }]
		}
	},
	{
		name: 'three pivots, whole plan',
		request: { ...three, wishes: [{ kind: 'pivots', exactly: 3 }, { kind: 'whole-plan' }] }
	},
	{
		name: 'two artificial variables',
		request: {
			...three,
			wishes: [{ kind: 'artificial', exactly: 2 }, { kind: 'whole-plan' }, { kind: 'pivots', atMost: 5 }]
		}
	},
	{
		name: 'degenerate, with a tie',
		request: {
			...two,
			wishes: [{ kind: 'degenerate', is: true }, { kind: 'tie', is: true }, { kind: 'whole-plan' }]
		}
	},
	{
		name: 'rounding fails',
		request: { ...two, wishes: [{ kind: 'fractional' }, { kind: 'rounding', is: 'infeasible' }] }
	},
	{
		name: 'whole duals',
		request: {
			...two,
			wishes: [{ kind: 'whole-duals' }, { kind: 'whole-plan' }, { kind: 'binding', rows: ['r1', 'r2'] }]
		}
	},
	{
		name: 'best plan (3, 4), two pivots',
		request: { ...two, plan: { point: [3, 4], shall: 'best' }, wishes: [{ kind: 'pivots', exactly: 2 }] }
	}
];

const now = () => performance.now();

for (const { name, request } of SETS) {
	const first: number[] = [];
	let [tried, spent] = [0, 0];
	for (let seed = 1; seed <= 9; seed++) {
		const own = readDesignRequest({ ...request, seed, count: 1 }).request;
		const start = now();
		const found = design(own, () => now() - start > 5_000);
		first.push(found.problems.length ? now() - start : Infinity);
		tried += found.tried;
		spent += now() - start;
	}
	const median = first.sort((a, b) => a - b)[4];
	console.log(
		`${name}: ${median.toFixed(0)} ms to the first find (median of 9), ${Math.round((tried / spent) * 1000)} candidates a second`
	);
}
const asked = (request: object) => {
	const own = readDesignRequest({ ...request, count: 50 }).request;
	const start = now();
	const { tried } = design(own, () => now() - start > 3_000);
	return Math.round((tried / (now() - start)) * 1000);
};
console.log(
	'region and answer, 2 × 3:',
	asked({
		...two,
		wishes: [
			{ kind: 'corners', exactly: 2 },
			{ kind: 'answer', is: 'several' },
			{ kind: 'degenerate', is: true }
		]
	}),
	'a second'
);
console.log('a whole run, 2 × 3:', asked({ ...two, wishes: [{ kind: 'pivots', exactly: 7 }] }), 'a second');
console.log('a whole run, 3 × 4:', asked({ ...three, wishes: [{ kind: 'pivots', exactly: 9 }] }), 'a second');
