// The server's entry, copied to build/index.js: adapter-node's handler behind limits that hold for every connection, and headers that go with
// every answer, files included.
import { createServer } from 'node:http';
import { handler } from './handler.js';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { HEADERS, MOST_BYTES, MOST_DRAINED, NO_SUCH_FILE, NO_SUCH_METHOD, TOO_LARGE } from './headers.js';

const port = Number(process.env.PORT ?? 3000);
const host = process.env.HOST ?? '0.0.0.0';
const MOST_CONNECTIONS = 256;

/** Reads a body to its end and throws it away, then says that it is too large: a client that is still sending would not read the answer. */
function refuseBody(request, response) {
	let size = 0;
	const answer = () => {
		if (response.headersSent) return;
		response.writeHead(413, {
			'content-type': 'application/problem+json',
			'cache-control': 'no-store',
			connection: 'close'
		});
		response.end(TOO_LARGE);
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

export const server = createServer(
	{
		// a client that stalls gives its connection back
		headersTimeout: 8_000,
		requestTimeout: 20_000,
		keepAliveTimeout: 5_000,
		connectionsCheckingInterval: 1_000
	},
	(request, response) => {
		for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
		const isApi = request.url?.startsWith('/api/');
		if (!isApi && !['GET', 'HEAD'].includes(request.method ?? '')) {
			response.writeHead(405, { allow: 'GET, HEAD', 'content-type': 'application/problem+json' });
			response.end(NO_SUCH_METHOD);
			return;
		}
		if (Number(request.headers['content-length'] ?? 0) > MOST_BYTES) return refuseBody(request, response);
		// a file of the application that is gone since the server began, as while it is built anew
		const path = request.url?.split('?', 1)[0] ?? '';
		if (path.startsWith('/_app/') && !existsSync(fileURLToPath(new URL(`client${path}`, import.meta.url)))) {
			response.writeHead(404, { 'content-type': 'application/problem+json', 'cache-control': 'no-store' });
			response.end(NO_SUCH_FILE);
			return;
		}
		// a file that cannot be read on the way ends its own answer, and nothing else
		response.on('pipe', (source) => source.once('error', () => response.destroy()));
		void handler(request, response);
	}
);
server.maxConnections = MOST_CONNECTIONS;
server.listen({ port, host }, () => {
	const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
	if (!process.env.QUIET) console.log(`\nMathesis serves at http://${shown}:${server.address().port}\n`);
});

for (const signal of ['SIGTERM', 'SIGINT'])
	process.once(signal, () => {
		server.close(() => process.exit(0));
		server.closeIdleConnections();
		setTimeout(() => process.exit(0), 3_000).unref();
	});
