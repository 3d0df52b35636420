// npm run soak [-- --minutes 5]: good, bad, abandoned and stalled requests together; afterwards the server's memory is near what it was before, and
// every good request was answered right, or with 503 and Retry-After, and heavy work does not keep small requests waiting. `npm run build` first.
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { parseArgs } from 'node:util';
import { serve } from './browser.mjs';

const { values } = parseArgs({ options: { minutes: { type: 'string', default: '5' } } });
const WARM_UP = 30_000;
const MOST_GROWTH = 100;

const server = await serve({ LOG_LEVEL: 'silent' });
const { hostname, port } = new URL(server.url);
const rest = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));
/** megabytes that the server's process holds */
const memory = () =>
	Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;

let state = 17;
const next = (low, high) => low + ((state = (state * 48271) % 2147483647) % (high - low + 1));
const counts = {};
const count = (what) => (counts[what] = (counts[what] ?? 0) + 1);
const faults = [];

const names = (n) => Array.from({ length: n }, (_, j) => `x${j + 1}`);
/** Boxes: `max Σ c x` with x ≤ b; the answer is known without solving. */
function known(n) {
	const all = names(n);
	const costs = all.map(() => next(1, 9));
	const limits = all.map(() => next(1, 50));
	return {
		problem: {
			format: 'mathesis-problem',
			version: 1,
			variables: all.map((name) => ({ name, domain: next(0, 1) ? 'integer' : 'continuous' })),
			objective: {
				sense: 'max',
				name: 'z',
				terms: Object.fromEntries(all.map((name, j) => [name, String(costs[j])]))
			},
			constraints: all.map((name, j) => ({
				name: `r${j}`,
				terms: { [name]: '1' },
				relation: '<=',
				rhs: String(limits[j])
			}))
		},
		objective: String(costs.reduce((sum, c, j) => sum + c * limits[j], 0))
	};
}
/** Much work: dense, with long numbers. */
function heavy() {
	const all = names(60);
	const terms = () => Object.fromEntries(all.map((name) => [name, String(next(1e8, 2e9)).repeat(4)]));
	return {
		problem: {
			format: 'mathesis-problem',
			version: 1,
			variables: all.map((name) => ({ name })),
			objective: { sense: 'max', name: 'z', terms: terms() },
			constraints: all.map((_, i) => ({
				name: `r${i}`,
				terms: terms(),
				relation: '<=',
				rhs: String(next(1e8, 2e9))
			}))
		},
		steps: true,
		limit: { milliseconds: 20_000 }
	};
}

const post = (body, signal, path = '/api/v1/solve') =>
	fetch(server.url + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body, signal });

const ACTS = {
	async good() {
		const { problem, objective } = known(next(1, 12));
		const response = await post(JSON.stringify({ problem }));
		const body = await response.json();
		if (response.status === 503 && response.headers.get('retry-after')) count('told to come back');
		else if (response.status !== 200 || body.objective !== objective)
			faults.push(`a good request: ${response.status}, ${body.objective} instead of ${objective}`);
		else count('answered right');
	},
	async bad() {
		const bodies = [
			'{',
			'['.repeat(100_000),
			JSON.stringify({ problem: { ...known(3).problem, version: 9 } }),
			' '.repeat(1_500_000),
			JSON.stringify({
				problem: { ...known(3).problem, constraints: Array.from({ length: 20_000 }, () => 7) }
			})
		];
		const response = await post(bodies[next(0, bodies.length - 1)]);
		await response.text();
		if (response.status >= 500 && response.status !== 503) faults.push(`a bad request: ${response.status}`);
		else count('refused');
	},
	async abandoned() {
		const controller = new AbortController();
		const asked = post(JSON.stringify(heavy()), controller.signal).catch(() => null);
		await rest(next(50, 600));
		controller.abort();
		await asked;
		count('abandoned');
	},
	async stalled() {
		const socket = connect(Number(port), hostname, () =>
			socket.write('POST /api/v1/solve HTTP/1.1\r\nHost: x\r\ncontent-length: 99\r\n\r\n{')
		);
		socket.on('error', () => {});
		await rest(next(100, 2000));
		socket.destroy();
		count('stalled');
	},
	async health() {
		const asked = Date.now();
		const response = await fetch(`${server.url}/api/v1/health`);
		await response.text();
		const took = Date.now() - asked;
		counts['slowest health (ms)'] = Math.max(counts['slowest health (ms)'] ?? 0, took);
		if (response.status !== 200) faults.push(`health: ${response.status}`);
		await rest(500);
	}
};

/** One visitor who does one thing after the other. */
async function visitor(acts, end) {
	while (Date.now() < end)
		try {
			await ACTS[acts[next(0, acts.length - 1)]]();
		} catch (error) {
			faults.push(`${error.message}: ${error.cause?.message ?? ''}`);
			await rest(200);
		}
}
/** All visitors together for a while, then a rest in which threads without work end. */
async function crowd(milliseconds) {
	const end = Date.now() + milliseconds;
	await Promise.all([
		...[1, 2, 3, 4].map(() => visitor(['good', 'good', 'bad'], end)),
		visitor(['abandoned'], end),
		visitor(['stalled'], end),
		visitor(['health'], end)
	]);
	await rest(8000);
	return memory();
}

/** Small requests one after the other; how many were answered, and the median of their times in milliseconds. */
async function small(times) {
	const took = [];
	let refused = 0;
	for (let i = 0; i < times; i += 1) {
		const { problem, objective } = known(3);
		const asked = performance.now();
		const response = await post(JSON.stringify({ problem }));
		const body = await response.json();
		if (response.status !== 200) refused += 1;
		else if (body.objective !== objective)
			faults.push(`a small request: ${body.objective} instead of ${objective}`);
		else took.push(performance.now() - asked);
		await rest(20);
	}
	took.sort((a, b) => a - b);
	return { answered: (times - refused) / times, median: took[took.length >> 1] };
}
/** Small requests beside four clients that ask for heavy work without a pause, and without anybody else. */
async function besideHeavy() {
	await small(30);
	const idle = await small(150);
	const controller = new AbortController();
	const clients = [1, 2, 3, 4].map(async () => {
		while (!controller.signal.aborted) {
			const response = await post(JSON.stringify(heavy()), controller.signal).catch(() => null);
			await response?.text().catch(() => null);
			if (response?.status === 503) await rest(500);
		}
	});
	await rest(1000);
	const beside = await small(300);
	controller.abort();
	await Promise.all(clients);
	const ratio = beside.median / idle.median;
	console.log(
		`small requests beside four heavy clients: ${(100 * beside.answered).toFixed(1)} % answered, median ${beside.median.toFixed(1)} ms, ${ratio.toFixed(1)} times that of an idle server`
	);
	if (beside.answered < 0.99)
		faults.push(`only ${(100 * beside.answered).toFixed(1)} % of small requests answered`);
	if (ratio > 3) faults.push(`small requests took ${ratio.toFixed(1)} times as long`);
	await rest(2000);
}

await ACTS.good();
await besideHeavy();
const cold = memory();
// a first crowd takes what threads, compiled code and the allocator keep; what leaks grows with the second, longer one
const before = await crowd(WARM_UP);
const after = await crowd(Number(values.minutes) * 60_000);
const growth = after - before;
if (growth > MOST_GROWTH) faults.push(`memory grew by ${growth.toFixed(0)} MB`);
console.log(counts);
console.log(
	`memory: ${cold.toFixed(0)} MB at first, ${before.toFixed(0)} MB after half a minute, ${after.toFixed(0)} MB at the end`
);
for (const fault of new Set(faults))
	console.log(`${faults.filter((other) => other === fault).length} × ${fault}`);
server.stop();
process.exit(faults.length ? 1 : 0);
