import { openApi } from '$lib/core/api';
import { notAllowed, respondJson } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => respondJson(openApi);
export const fallback: RequestHandler = () => notAllowed('GET');
