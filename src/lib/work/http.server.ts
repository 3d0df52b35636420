import type { RequestEvent } from '@sveltejs/kit';
import { jsonReply, problemDetails, type Reply } from '$lib/core/api/reply';
import { MOST_BYTES, TOO_LARGE } from './headers';
import { runTask } from './pool.server';
import type { ServerTask } from './server-task';

/** A reply as an HTTP response. */
export function respond(
	reply: Reply & { retryAfter?: number },
	headers: Record<string, string> = {}
): Response {
	const type = reply.status === 200 ? 'application/json' : 'application/problem+json';
	return new Response(reply.text, {
		status: reply.status,
		headers: {
			'content-type': type,
			'cache-control': 'no-store',
			...(reply.retryAfter ? { 'retry-after': String(reply.retryAfter) } : {}),
			...headers
		}
	});
}

/** A value as an HTTP response. */
export const respondJson = (body: object): Response => respond(jsonReply(200, body));

/** Reads on and throws away: a client that is still sending could not read its answer if the connection broke. */
async function drain(reader: ReadableStreamDefaultReader<Uint8Array>): Promise<void> {
	try {
		while (!(await reader.read()).done);
	} catch {
		// the client went away, or took longer than the server waits
	}
}

/** The body as text; null where it is too large, and then the rest is thrown away as it comes. */
async function readBody(request: Request): Promise<string | null> {
	if (!request.body) return '';
	const reader = request.body.getReader();
	const tooLarge = () => {
		void drain(reader);
		return null;
	};
	if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) return tooLarge();
	const parts: Uint8Array[] = [];
	let size = 0;
	for (;;) {
		const { done, value } = await reader.read();
		if (done) break;
		size += value.byteLength;
		if (size > MOST_BYTES) return tooLarge();
		parts.push(value);
	}
	return new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(parts));
}

/** Answers a POST whose body is JSON by running a job on it; whatever the body is, the answer is not a 5xx of ours. */
export async function answerPost(
	{ request, getClientAddress }: RequestEvent,
	job: ServerTask['job']
): Promise<Response> {
	const [type, ...parameters] = (request.headers.get('content-type') ?? '')
		.toLowerCase()
		.split(';')
		.map((part) => part.trim());
	const charset = parameters
		.find((part) => part.startsWith('charset='))
		?.slice(8)
		.replace(/"/g, '');
	if (type !== 'application/json' || (charset && charset !== 'utf-8'))
		return respond(problemDetails(415, 'Send the body as application/json in UTF-8.'));
	let text: string | null;
	try {
		text = await readBody(request);
	} catch {
		return respond(
			problemDetails(400, 'The body is not UTF-8 text.', [{ path: '', message: 'is not UTF-8 text' }])
		);
	}
	if (text === null) return respond({ status: 413, text: TOO_LARGE });
	return respond(await runTask({ job, text }, getClientAddress(), request.signal));
}

/** The answer to a method that a resource does not have. */
export const notAllowed = (allowed: string): Response =>
	respond(problemDetails(405, `Use ${allowed} here.`), { allow: allowed });
