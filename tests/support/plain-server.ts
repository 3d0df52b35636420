import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join } from 'node:path';

/** The folder for any web space, as `npm run build:static` makes it. */
export const FOLDER = 'build-static';

const TYPES: Record<string, string> = {
	'.html': 'text/html',
	'.js': 'text/javascript',
	'.css': 'text/css',
	'.svg': 'image/svg+xml'
};

/** A server that knows files and folders, and nothing else. */
export interface PlainServer {
	/** the address of the application's first page */
	readonly home: string;
	/** what was asked for and is not there */
	readonly missing: readonly string[];
	close(): void;
}

/**
 * Serves the folder under a path.
 * @param under the path, such as `/courses/or`
 * @param beside files that stand in the folder besides, by their paths
 */
export async function servePlainly(
	under: string,
	beside: Readonly<Record<string, string>> = {}
): Promise<PlainServer> {
	const missing: string[] = [];
	const server: Server = createServer(({ url = '' }, response) => {
		const [path] = decodeURIComponent(url).split('?', 1);
		const own = path.slice(under.length);
		if (path.startsWith(`${under}/`) && own in beside) return response.writeHead(200).end(beside[own]);
		let file = join(FOLDER, own);
		if (path.startsWith(`${under}/`) && existsSync(file) && statSync(file).isDirectory()) {
			if (!path.endsWith('/')) return response.writeHead(301, { location: `${path}/` }).end();
			file = join(file, 'index.html');
		}
		if (!path.startsWith(`${under}/`) || !existsSync(file)) {
			missing.push(path);
			return response.writeHead(404).end();
		}
		response.writeHead(200, { 'content-type': TYPES[extname(file)] ?? 'application/octet-stream' });
		return createReadStream(file).pipe(response);
	});
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	const { port } = server.address() as AddressInfo;
	return { home: `http://127.0.0.1:${port}${under}/`, missing, close: () => server.close() };
}
