import { notAllowed, respondJson } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => respondJson({ status: 'ok' });
export const fallback: RequestHandler = () => notAllowed('GET');
