import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { request } from 'node:http';
import { connect } from 'node:net';
import { afterAll, beforeAll, expect, test, vi } from 'vitest';
import { serve } from '../scripts/browser.mjs';

let server: Awaited<ReturnType<typeof serve>>;
beforeAll(async () => {
	server = await serve();
});
afterAll(() => server?.stop());

const JSON_TYPE = { 'content-type': 'application/json' };
const post = (
	path: string,
	body: string | Uint8Array<ArrayBuffer>,
	headers: Record<string, string> = JSON_TYPE
) => fetch(server.url + path, { method: 'POST', body, headers });
const solve = (body: unknown) => post('/api/v1/solve', JSON.stringify(body));

function dense(size: number, digits: number) {
	let state = 7;
	const next = () =>
		String((state = (state * 48271) % 2147483647))
			.repeat(4)
			.slice(0, digits);
	const names = Array.from({ length: size }, (_, j) => `x${j + 1}`);
	const terms = () => Object.fromEntries(names.map((name) => [name, next()]));
	return {
		format: 'mathesis-problem',
		version: 1,
		variables: names.map((name) => ({ name })),
		objective: { sense: 'max', name: 'z', terms: terms() },
		constraints: names.map((_, i) => ({
			name: `r${i + 1}`,
			terms: terms(),
			relation: '<=',
			rhs: `${next()}00`
		}))
	};
}

const SMALL = {
	...dense(2, 1),
	constraints: [{ name: 'r1', terms: { x1: '1', x2: '2' }, relation: '<=', rhs: '7/3' }]
};

test('solve, convert, health and openapi.json answer', async () => {
	const answer = await solve({ problem: SMALL, steps: true });
	expect(answer.headers.get('content-type')).toBe('application/json');
	expect(await answer.json()).toMatchObject({ status: 'optimal', certificate: { kind: 'optimal' } });
	const converted = await post(
		'/api/v1/convert',
		JSON.stringify({ from: 'statement', to: 'json', content: 'max z = 2 x # note\nx + x <= 4' })
	);
	const { content, notes } = (await converted.json()) as { content: string; notes: string[] };
	expect(JSON.parse(content).constraints[0]).toMatchObject({ name: 'r1', terms: { x: '2' }, rhs: '4' });
	expect(notes).toHaveLength(2);
	expect(await (await fetch(`${server.url}/api/v1/health`)).json()).toEqual({
		status: 'ok',
		working: 0,
		waiting: 0
	});
	expect(await (await fetch(`${server.url}/api/v1/openapi.json`)).json()).toHaveProperty([
		'paths',
		'/api/v1/solve'
	]);
});

test('errors are problem details with the right status, and the server goes on', async () => {
	const cases: [Promise<Response>, number][] = [
		[solve({ problem: { ...SMALL, version: 2 } }), 400],
		[post('/api/v1/solve', '{"problem":'), 400],
		[post('/api/v1/solve', new Uint8Array([0xff, 0xfe, 0x00])), 400],
		[post('/api/v1/solve', '{}', { 'content-type': 'text/plain' }), 415],
		[
			post('/api/v1/solve', 'a=1', {
				'content-type': 'application/x-www-form-urlencoded',
				origin: 'http://elsewhere'
			}),
			415
		],
		[post('/api/v1/solve', '{}', { 'content-type': 'application/json; charset=latin1' }), 415],
		[post('/api/v1/solve', ' '.repeat(1_000_001)), 413],
		[post('/api/v1/solve', ' '.repeat(4_500_000)), 413],
		[solve({ problem: SMALL, method: 'dual' }), 422],
		[fetch(`${server.url}/api/v1/solve`), 405],
		[fetch(`${server.url}/api/v1/health`, { method: 'DELETE' }), 405],
		[fetch(`${server.url}/api/v2/solve`), 404]
	];
	for (const [request, status] of cases) {
		const response = await request;
		expect(response.status).toBe(status);
		expect(response.headers.get('content-type')).toBe('application/problem+json');
		expect(await response.json()).toMatchObject({ status });
	}
	expect((await post('/api/v1/solve', JSON.stringify({ problem: SMALL }).padEnd(999_999))).status).toBe(200);
});

test('a time limit ends the work, the page answers meanwhile, and 503 says when to come back', async () => {
	// 150-digit data in 60 rows: one pivot alone takes long
	const heavy = { problem: dense(60, 36), limit: { milliseconds: 2500 } };
	let answered = 0;
	const running = Array.from({ length: 40 }, () =>
		solve(heavy).then((response) => {
			answered += response.status === 200 ? 1 : 0;
			return response;
		})
	);
	// what is refused is told at once: then all threads are at work
	await Promise.any(running);
	expect((await fetch(server.url)).status).toBe(200);
	const answeredBefore = answered;
	const responses = await Promise.all(running);
	const refused = responses.filter((response) => response.status === 503);
	expect(refused.length).toBeGreaterThan(0);
	expect(Number(refused[0].headers.get('retry-after'))).toBeGreaterThan(0);
	const done = responses.filter((response) => response.status === 200);
	expect(done.length).toBeGreaterThan(answeredBefore);
	expect(done.length + refused.length).toBe(responses.length);
	for (const response of done)
		expect(['stopped', 'optimal']).toContain(((await response.json()) as { status: string }).status);
	expect((await solve({ problem: SMALL })).status).toBe(200);
});

test('every page has a content security policy and the security headers', async () => {
	for (const path of ['/', '/nothing-here', '/api/v1/health']) {
		const { headers } = await fetch(server.url + path);
		expect(headers.get('content-security-policy')).toContain("default-src 'none'");
		expect(headers.get('content-security-policy')).not.toContain('unsafe-eval');
		expect(headers.get('x-content-type-options')).toBe('nosniff');
		expect(headers.get('referrer-policy')).toBe('no-referrer');
		expect(headers.get('x-frame-options')).toBe('SAMEORIGIN');
		expect(headers.get('content-security-policy')).toContain("frame-ancestors 'self'");
	}
});

test('files carry the security headers too, and have no other method than reading', async () => {
	const [file] = readdirSync('build/client/_app/immutable/chunks').filter((name) => name.endsWith('.js'));
	for (const path of ['/mark.svg', `/_app/immutable/chunks/${file}`]) {
		const { status, headers } = await fetch(server.url + path);
		expect([status, headers.get('x-content-type-options'), headers.get('x-frame-options')]).toEqual([
			200,
			'nosniff',
			'SAMEORIGIN'
		]);
		expect((await fetch(server.url + path, { method: 'DELETE' })).status).toBe(405);
	}
});

/** Sends a body as it is, with or without its length, and reads the answer as a common client does. */
const upload = (size: number, chunked: boolean) =>
	new Promise<{ status: number; text: string }>((resolve, reject) => {
		const headers = { ...JSON_TYPE, ...(chunked ? {} : { 'content-length': size }) };
		const sending = request(`${server.url}/api/v1/solve`, { method: 'POST', headers }, (response) => {
			let text = '';
			response.on('data', (part: Buffer) => (text += part.toString()));
			response.on('end', () => resolve({ status: response.statusCode!, text }));
		});
		sending.on('error', reject);
		const part = Buffer.alloc(64_000, ' ');
		let sent = 0;
		const more = () => {
			while (sent < size) {
				const next = part.subarray(0, Math.min(part.length, size - sent));
				sent += next.length;
				if (!sending.write(next)) return void sending.once('drain', more);
			}
			sending.end();
		};
		more();
	});

test('413 can be read for uploads of any size, with a length and without', async () => {
	for (const chunked of [false, true])
		for (const size of [1_000_001, 3_000_000, 12_000_000]) {
			const { status, text } = await upload(size, chunked);
			expect([chunked, size, status]).toEqual([chunked, size, 413]);
			expect(JSON.parse(text)).toMatchObject({ status: 413 });
		}
});

/** Solves; a slow machine may ask to come back, until threads that others abandoned have ended. */
const served = (body: object): Promise<Response> =>
	vi.waitFor(
		async () => {
			const reply = await solve(body);
			expect(reply.status).not.toBe(503);
			return reply;
		},
		{ timeout: 20_000, interval: 300 }
	);

/** How many jobs the server works on. */
const working = async (): Promise<number> =>
	((await (await fetch(`${server.url}/api/v1/health`)).json()) as { working: number }).working;

test('work ends when its client has gone, and others are served at once', async () => {
	const heavy = { problem: dense(60, 36), limit: { milliseconds: 25_000 } };
	const controllers = Array.from({ length: 6 }, () => new AbortController());
	const gone = controllers.map(({ signal }) =>
		fetch(`${server.url}/api/v1/solve`, {
			method: 'POST',
			headers: JSON_TYPE,
			body: JSON.stringify(heavy),
			signal
		}).catch(() => null)
	);
	await vi.waitFor(async () => expect(await working()).toBeGreaterThan(0), { timeout: 10_000 });
	for (const controller of controllers) controller.abort();
	await Promise.all(gone);
	// the abandoned work would have taken longer than one waits here
	const replies = await Promise.all([1, 2, 3].map(() => served({ problem: SMALL })));
	expect(replies.map(({ status }) => status)).toEqual([200, 200, 200]);
	await vi.waitFor(async () => expect(await working()).toBe(0), { timeout: 20_000 });
}, 45_000);

test('an optimum with endlessly many bases neither takes the machine’s memory nor stops health from answering', async () => {
	const names = Array.from({ length: 60 }, (_, i) => `x${i}`);
	const flat = {
		format: 'mathesis-problem',
		version: 1,
		variables: names.map((name) => ({ name })),
		objective: { sense: 'max', name: 'z', terms: {} },
		constraints: names.map((name, i) => ({ name: `r${i}`, terms: { [name]: '1' }, relation: '<=', rhs: '1' }))
	};
	const answers = [1, 2].map(() => served({ problem: flat, limit: { milliseconds: 6000 } }));
	let healthy = 0;
	let isAnswered = false;
	void Promise.all(answers).then(() => (isAnswered = true));
	while (!isAnswered) {
		expect((await fetch(`${server.url}/api/v1/health`)).status).toBe(200);
		if (!isAnswered) healthy += 1;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	for (const answer of await Promise.all(answers)) {
		expect(answer.status).toBe(200);
		expect(await answer.json()).toMatchObject({
			status: 'optimal',
			optimalSet: { unique: false, complete: false }
		});
	}
	expect(healthy).toBeGreaterThan(0);
});

test('work ended from outside tells what it had found', async () => {
	// one relaxation after the other, each quick, until the time is up
	const names = Array.from({ length: 40 }, (_, i) => `x${i}`);
	const weights = names.map((_, i) => 1000 + ((i * 7919) % 997));
	const knapsack = {
		format: 'mathesis-problem',
		version: 1,
		variables: names.map((name) => ({ name, domain: 'binary' })),
		objective: {
			sense: 'max',
			name: 'z',
			terms: Object.fromEntries(names.map((n, i) => [n, String(weights[i] + 500)]))
		},
		constraints: [
			{
				name: 'r',
				terms: Object.fromEntries(names.map((n, i) => [n, String(weights[i])])),
				relation: '<=',
				rhs: '30001'
			}
		]
	};
	const answer = (await (
		await solve({ problem: knapsack, limit: { milliseconds: 1500, steps: 1e6 } })
	).json()) as {
		status: string;
		pivots: number;
		bound?: string;
		reason?: string;
	};
	if (answer.status === 'stopped') {
		expect(answer.pivots).toBeGreaterThan(0);
		expect(answer.reason).toContain('1500 milliseconds');
		expect(Number(answer.bound?.split('/')[0])).toBeGreaterThan(0);
	} else expect(answer.status).toBe('optimal');
});

test('a connection that stalls is closed', async () => {
	const { hostname, port } = new URL(server.url);
	await new Promise<void>((resolve) => {
		const socket = connect(Number(port), hostname, () =>
			socket.write('POST /api/v1/solve HTTP/1.1\r\nHost: x\r\n')
		);
		socket.on('close', () => resolve());
		socket.on('error', () => {});
		socket.resume();
	});
});

test('a region is described: corners, faces, what is redundant or in conflict, and the hull of the whole points', async () => {
	const region = async (body: unknown) => {
		const response = await post('/api/v1/region', JSON.stringify(body));
		const reply = (await response.json()) as Record<string, unknown>;
		return { ...reply, status: response.status } as Record<string, unknown>;
	};
	const plain = {
		format: 'mathesis-problem',
		version: 1,
		objective: { sense: 'max', name: 'z', terms: { x: '5', y: '8' } }
	};
	const flat = {
		...plain,
		variables: ['x', 'y'].map((name) => ({ name, domain: 'integer' })),
		constraints: [
			{ name: 'r1', terms: { x: '1', y: '1' }, relation: '<=', rhs: '6' },
			{ name: 'r2', terms: { x: '5', y: '9' }, relation: '<=', rhs: '45' },
			{ name: 'r3', terms: { x: '1' }, relation: '<=', rhs: '50' }
		]
	};
	const found = await region({ problem: flat });
	expect(found).toMatchObject({
		empty: false,
		bounded: true,
		dimension: 2,
		rays: [],
		lines: [],
		redundant: ['r3']
	});
	expect(found.vertices).toContainEqual({
		point: { x: '9/4', y: '15/4' },
		objective: '165/4',
		tight: ['r1', 'r2']
	});
	expect(found.vertices).toContainEqual({
		point: { x: '0', y: '0' },
		objective: '0',
		tight: ['x.lower', 'y.lower']
	});
	expect((found.hull as { vertices: unknown[] }).vertices).toContainEqual({ x: '0', y: '5' });
	expect(await region({ problem: flat, without: ['r1', 'r2'] })).toMatchObject({
		bounded: false,
		rays: [{ x: '0', y: '1' }],
		redundant: []
	});
	const solid = {
		...plain,
		variables: ['x', 'y', 'w'].map((name) => ({ name, upper: '1' })),
		constraints: [{ name: 'cut', terms: { x: '1', y: '1', w: '1' }, relation: '<=', rhs: '2' }]
	};
	const body = await region({ problem: solid });
	expect(body).toMatchObject({ dimension: 3 });
	expect(
		(body.faces as { of: string; vertices: number[] }[]).find(({ of }) => of === 'cut')!.vertices
	).toHaveLength(3);
	const none = {
		...flat,
		constraints: [...flat.constraints, { name: 'r4', terms: { x: '1' }, relation: '>=', rhs: '7' }]
	};
	expect(await region({ problem: none })).toMatchObject({
		empty: true,
		vertices: [],
		conflict: ['r1', 'r4', 'y.lower']
	});
	expect(await region({ problem: dense(4, 1) })).toMatchObject({ status: 422 });
	expect(await region({ problem: flat, without: ['r9'] })).toMatchObject({
		status: 400,
		issues: [{ path: 'without[0]', message: '“r9” is not among the constraints' }]
	});
	expect(await region({ problem: flat, without: 'r1' })).toMatchObject({ status: 400 });
});

test('the dual, and the optimal value as a function of one number', async () => {
	const ask = async (path: string, body: unknown) =>
		(await post(`/api/v1/${path}`, JSON.stringify(body))).json() as Promise<Record<string, unknown>>;
	const problem = {
		format: 'mathesis-problem',
		version: 1,
		variables: [{ name: 'bowls' }],
		objective: { sense: 'max', name: 'profit', terms: { bowls: '30' } },
		constraints: [{ name: 'clay', terms: { bowls: '5/2' }, relation: '<=', rhs: '100' }]
	};
	expect(await ask('dual', { problem })).toMatchObject({
		variables: { y1: 'clay' },
		problem: { objective: { sense: 'min', terms: { y1: '100' } } }
	});
	const { pieces } = await ask('parametric', { problem, vary: { rhs: 'clay' }, from: '0', to: null });
	expect(pieces).toEqual([
		{
			from: '0',
			to: null,
			status: 'optimal',
			objective: { at: '0', slope: '12', where: '0' },
			basis: ['bowls']
		}
	]);
});

test('a file that goes while the server runs, as when it is built anew, is a 404 and not the end', async () => {
	// beside the packages, which the copy needs as the build does
	const copy = mkdtempSync(join('node_modules', '.build-copy-'));
	cpSync('build', copy, { recursive: true });
	const own = await serve({}, copy);
	try {
		const files = join(copy, 'client/_app/immutable');
		const [folder] = readdirSync(files);
		const [file] = readdirSync(join(files, folder)).filter((name) => /\.(?:js|css)$/.test(name));
		const url = `${own.url}/_app/immutable/${folder}/${file}`;
		const there = await fetch(url);
		expect(there.status).toBe(200);
		// all of it has come before it goes
		await there.arrayBuffer();
		rmSync(join(copy, 'client'), { recursive: true });
		const gone = await fetch(url);
		expect([gone.status, gone.headers.get('cache-control')]).toEqual([404, 'no-store']);
		expect((await fetch(`${own.url}/mark.svg`).catch(() => null))?.status ?? 0).not.toBe(200);
		expect((await fetch(`${own.url}/api/v1/health`)).status).toBe(200);
	} finally {
		own.stop();
		rmSync(copy, { recursive: true, force: true });
	}
});

/** What a raw request is answered with: its status line; empty where the connection was closed without one. */
const raw = (url: string, text: string) =>
	new Promise<string>((resolve) => {
		const { hostname, port } = new URL(url);
		let read = '';
		const socket = connect(Number(port), hostname, () => socket.write(text, 'latin1'));
		socket.on('data', (part) => (read += part.toString('latin1')));
		socket.on('error', () => {});
		socket.on('close', () => resolve(read.split('\r\n')[0]));
	});

test('hundreds of odd paths, methods and headers end nothing: another client’s solve goes on', async () => {
	const heavy = solve({ problem: dense(60, 36), limit: { milliseconds: 4_000 } });
	const odd = [
		'%',
		'%00',
		'%2F',
		'a%2Fb',
		'..',
		'../x',
		'%2e%2e/x',
		'%ff',
		'\xff',
		'\\',
		'//',
		'?%',
		'#',
		'{}',
		'a'.repeat(20_000)
	];
	const places = ['/', '/_app/', '/_app/immutable/', '/api/v1/', '/api/', 'http://elsewhere/', '*'];
	const methods = ['GET', 'HEAD', 'POST', 'OPTIONS', 'TRACE', 'BREW'];
	const statuses = new Map<string, number>();
	for (const method of methods)
		for (const place of places) {
			const asked = odd.map((own) =>
				raw(server.url, `${method} ${place}${own} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`)
			);
			for (const line of await Promise.all(asked)) {
				const status = line.split(' ')[1] ?? '';
				statuses.set(status, (statuses.get(status) ?? 0) + 1);
			}
		}
	for (const header of [
		'Content-Length: -1',
		'Transfer-Encoding: nonsense',
		'Host:',
		'Cookie: \xff\x00',
		'Range: bytes=9-1',
		'If-Modified-Since: %'
	])
		await raw(server.url, `GET / HTTP/1.1\r\n${header}\r\nHost: x\r\nConnection: close\r\n\r\n`);
	expect([...statuses.keys()].filter((status) => status.startsWith('5'))).toEqual([]);
	expect(statuses.get('400')).toBeGreaterThan(0);
	expect(await raw(server.url, 'GET /_app/% HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n')).toContain(
		' 400 '
	);
	expect(await raw(server.url, 'GET /_app/a%2Fb HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n')).toContain(
		' 404 '
	);
	expect((await heavy).status).toBe(200);
}, 60_000);

test('small requests are served beside heavy ones', async () => {
	const controller = new AbortController();
	const heavy = Array.from({ length: 4 }, async () => {
		while (!controller.signal.aborted)
			await fetch(`${server.url}/api/v1/solve`, {
				method: 'POST',
				headers: JSON_TYPE,
				body: JSON.stringify({ problem: dense(60, 36), limit: { milliseconds: 25_000 } }),
				signal: controller.signal
			})
				.then((reply) => reply.text())
				.catch(() => null);
	});
	await vi.waitFor(async () => expect(await working()).toBeGreaterThan(0), { timeout: 10_000 });
	const statuses: number[] = [];
	// on a busy machine all places can be taken for a moment: then the server says so, and the client comes back
	for (let i = 0; i < 20;) {
		const { status } = await solve({ problem: SMALL });
		if (status === 503) continue;
		statuses.push(status);
		i += 1;
	}
	controller.abort();
	await Promise.all(heavy);
	expect(statuses).toEqual(statuses.map(() => 200));
}, 60_000);

test('a server that is told to end finishes what is under way, refuses what comes, and is gone', async () => {
	const own = await serve({ GRACE_SECONDS: '20' });
	const ask = (body: unknown) =>
		fetch(`${own.url}/api/v1/solve`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(body) });
	const under = ask({ problem: dense(60, 36), limit: { milliseconds: 3_000 } });
	const isAtWork = async () =>
		expect(await (await fetch(`${own.url}/api/v1/health`)).json()).toMatchObject({ working: 1 });
	await vi.waitFor(isAtWork, { timeout: 10_000 });
	process.kill(own.pid!, 'SIGTERM');
	await vi.waitFor(async () => expect((await ask({ problem: SMALL })).status).toBe(503), { timeout: 5_000 });
	const reply = await under;
	expect(reply.status).toBe(200);
	expect(['optimal', 'stopped']).toContain(((await reply.json()) as { status: string }).status);
	await vi.waitFor(() => expect(fetch(own.url)).rejects.toThrow(), { timeout: 10_000 });
}, 60_000);

test('a long design answers with what it found, and a limit of more than ten seconds is allowed', async () => {
	// threads that others abandoned may still be at work
	const reply = await vi.waitFor(
		async () => {
			const own = await post(
				'/api/v1/design',
				JSON.stringify({
					variables: 2,
					constraints: 3,
					count: 50,
					seed: 3,
					limit: { milliseconds: 11_000 },
					wishes: [{ kind: 'pivots', exactly: 2, method: 'auto', rule: 'dantzig' }]
				})
			);
			expect(own.status).not.toBe(503);
			return own;
		},
		{ timeout: 20_000, interval: 300 }
	);
	expect(reply.status).toBe(200);
	expect(((await reply.json()) as { problems: unknown[] }).problems.length).toBe(50);
}, 30_000);

test('files carry the pages’ content security policy', async () => {
	const { headers } = await fetch(`${server.url}/mark.svg`);
	expect(headers.get('content-security-policy')).toContain("script-src 'self'");
});
