import { answerPost, notAllowed } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = (event) => answerPost(event, 'sheet');
export const fallback: RequestHandler = () => notAllowed('POST');
