// The server's entry, copied to build/index.js: adapter-node's handler behind limits that hold for every connection, and headers that go with
// every answer, files included.
import { existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { handler } from './handler.js';
import {
	BAD_PATH,
	CLOSING,
	framed,
	HEADERS,
	MOST_BYTES,
	MOST_DRAINED,
	NO_SUCH_FILE,
	NO_SUCH_METHOD,
	OWN_ERROR,
	TOO_LARGE
} from './headers.js';
import policy from './policy.js';

const port = Number(process.env.PORT ?? 3000);
const host = process.env.HOST ?? '127.0.0.1';
const MOST_CONNECTIONS = 256;
const CLIENT = fileURLToPath(new URL('client', import.meta.url));
/** milliseconds that work under way may still take once the server is told to end */
const graceSeconds = Number(process.env.GRACE_SECONDS ?? 10);
const GRACE = (Number.isFinite(graceSeconds) && graceSeconds >= 0 ? graceSeconds : 10) * 1000;

/** Answers with a problem document (RFC 9457); nothing where an answer has begun. */
function refuse(response, status, body, headers = {}) {
	if (response.headersSent) return void response.destroy();
	response.writeHead(status, {
		'content-type': 'application/problem+json',
		'cache-control': 'no-store',
		...headers
	});
	response.end(body);
}

/** The path of a request, decoded; null where it is malformed. Absolute URLs are not for this server. */
function pathOf(request) {
	try {
		const path = decodeURIComponent(request.url.split('?', 1)[0]);
		return path.startsWith('/') && !path.includes('\0') ? path : null;
	} catch {
		return null;
	}
}

/** Reads a body to its end and throws it away, then says that it is too large: a client that is still sending would not read the answer. */
function refuseBody(request, response) {
	let size = 0;
	const answer = () => {
		if (!response.headersSent) refuse(response, 413, TOO_LARGE, { connection: 'close' });
	};
	request.on('data', (part) => {
		size += part.length;
		if (size <= MOST_DRAINED) return;
		answer();
		request.destroy();
	});
	request.on('end', answer);
	request.on('error', () => response.destroy());
}

/** answers that have begun and not ended */
const under = new Set();
let isClosing = false;

async function answer(request, response) {
	for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
	// pages have their own, which takes the place of this one
	response.setHeader('content-security-policy', framed(policy));
	if (isClosing) return refuse(response, 503, CLOSING, { connection: 'close', 'retry-after': '5' });
	const path = pathOf(request);
	if (path === null) return refuse(response, 400, BAD_PATH);
	if (!path.startsWith('/api/') && !['GET', 'HEAD'].includes(request.method ?? ''))
		return refuse(response, 405, NO_SUCH_METHOD, { allow: 'GET, HEAD' });
	if (Number(request.headers['content-length'] ?? 0) > MOST_BYTES) return refuseBody(request, response);
	// a file of the application that is gone since the server began, as while it is built anew
	if (path.startsWith('/_app/') && !existsSync(join(CLIENT, path)))
		return refuse(response, 404, NO_SUCH_FILE);
	// a file that cannot be read on the way ends its own answer, and nothing else
	response.on('pipe', (source) => source.once('error', () => response.destroy()));
	await handler(request, response);
}

export const server = createServer(
	{
		// a client that stalls gives its connection back
		headersTimeout: 8_000,
		requestTimeout: 20_000,
		keepAliveTimeout: 5_000,
		connectionsCheckingInterval: 1_000
	},
	(request, response) => {
		under.add(response);
		response.once('close', () => {
			under.delete(response);
			if (isClosing && under.size === 0) process.exit(0);
		});
		answer(request, response).catch((error) => {
			console.error('A request failed:', error);
			refuse(response, 500, OWN_ERROR);
		});
	}
);
server.maxConnections = MOST_CONNECTIONS;
server.listen({ port, host }, () => {
	const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
	if (!process.env.QUIET) console.log(`\nMathesis serves at http://${shown}:${server.address().port}\n`);
});

// an error that no request caught must not take the others' answers away
for (const kind of ['uncaughtException', 'unhandledRejection'])
	process.on(kind, (error) => console.error('An error outside any request:', error));

/** Ends the server: work under way ends within the grace, what comes now is refused; the pool of threads does its part. */
function close() {
	if (isClosing) process.exit(0);
	isClosing = true;
	process.emit('server-closing', GRACE);
	if (under.size === 0) process.exit(0);
	// the pool answers by then with what was found; these seconds are for sending it
	setTimeout(() => process.exit(0), GRACE + 2_000).unref();
}
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, close);
