import type { Handle, HandleServerError } from '@sveltejs/kit';
import { problemDetails } from '$lib/core/api/reply';
import { framed, HEADERS } from '$lib/work/headers';
import { respond } from '$lib/work/http.server';
import pino from 'pino';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null });

const CLOSED = "default-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

/** Headers on every answer, and a line in the log for each request: never what a statement or body says. */
export const handle: Handle = async ({ event, resolve }) => {
	const start = performance.now();
	let response = await resolve(event);
	const type = response.headers.get('content-type') ?? '';
	if (response.status >= 500 && event.url.pathname.startsWith('/api/') && !type.includes('problem'))
		response = respond(problemDetails(500, 'An error of ours; it was noted.'));
	for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
	response.headers.set(
		'content-security-policy',
		framed(response.headers.get('content-security-policy') ?? CLOSED)
	);
	const { method } = event.request;
	const milliseconds = Math.round(performance.now() - start);
	log.info({ method, route: event.route.id, status: response.status, milliseconds }, 'request');
	return response;
};

export const handleError: HandleServerError = ({ error, event, status }) => {
	// the message may quote what was sent; the kind of error and where it arose do not
	const where =
		error instanceof Error
			? error.stack
					?.split('\n')
					.filter((line) => line.trim().startsWith('at '))
					.slice(0, 5)
			: undefined;
	if (status >= 500)
		log.error(
			{ route: event.route.id, kind: error instanceof Error ? error.name : typeof error, where },
			'error'
		);
	return { message: status === 404 ? 'There is nothing here.' : 'Something went wrong here.' };
};
