import { afterAll, beforeAll, expect, test } from 'vitest';
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
	expect(await (await fetch(`${server.url}/api/v1/health`)).json()).toEqual({ status: 'ok' });
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
	const started = Date.now();
	const running = Array.from({ length: 40 }, () => solve(heavy));
	await new Promise((resolve) => setTimeout(resolve, 700));
	const asked = Date.now();
	expect((await fetch(server.url)).status).toBe(200);
	expect(Date.now() - asked).toBeLessThan(1500);
	const responses = await Promise.all(running);
	expect(Date.now() - started).toBeLessThan(30_000);
	const refused = responses.filter((response) => response.status === 503);
	expect(refused.length).toBeGreaterThan(0);
	expect(Number(refused[0].headers.get('retry-after'))).toBeGreaterThan(0);
	const done = responses.filter((response) => response.status === 200);
	expect(done.length).toBeGreaterThan(0);
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
		expect(headers.get('x-frame-options')).toBe('DENY');
	}
});
