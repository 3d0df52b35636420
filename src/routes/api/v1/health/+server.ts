import { notAllowed, respondJson } from '$lib/work/http.server';
import { load } from '$lib/work/pool.server';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => respondJson({ status: 'ok', ...load() });
export const fallback: RequestHandler = () => notAllowed('GET');
