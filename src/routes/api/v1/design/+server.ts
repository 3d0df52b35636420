import { answerPost, notAllowed } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) => answerPost(request, 'design');
export const fallback: RequestHandler = () => notAllowed('POST');
