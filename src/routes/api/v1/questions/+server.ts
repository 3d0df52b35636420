import { answerPost, notAllowed } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = (event) => answerPost(event, 'questions');
export const fallback: RequestHandler = () => notAllowed('POST');
