import { problemDetails } from '$lib/core/api';
import { respond } from '$lib/work/http.server';
import type { RequestHandler } from './$types';

export const fallback: RequestHandler = () =>
	respond(problemDetails(404, 'There is no such resource. GET /api/v1/openapi.json lists what there is.'));
