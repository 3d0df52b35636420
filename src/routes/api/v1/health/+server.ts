import { notAllowed, respond } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => respond({ status: 200, body: { status: 'ok' } });
export const fallback: RequestHandler = () => notAllowed('GET');
