import { openApi } from '$lib/core/exchange/openapi';
import { notAllowed, respond } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => respond({ status: 200, body: openApi });
export const fallback: RequestHandler = () => notAllowed('GET');
