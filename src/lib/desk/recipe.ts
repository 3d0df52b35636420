import { en } from '../core/language/language';
import { readDesignRequest } from '$lib/core/api/design';
import type { DesignRequest } from '$lib/core/design/types';
import { InputError } from '$lib/core/problem/json';

/** How a lesson was designed, as it is kept in it: the request that POST /api/v1/design takes, with the version of the search that read it. */

/** The same wishes and seed give the same finds as long as this is the same. */
export const RECIPE_VERSION = 3;

export const writeRecipe = (request: object): string => JSON.stringify({ version: RECIPE_VERSION, request });

/**
 * The request of a recipe.
 * @param text what a lesson keeps, perhaps from others
 * @returns the request, and whether another version of the search made it; or what is wrong with it
 */
export function readRecipe(text: string): { request: DesignRequest; isOther: boolean } | { fault: string } {
	try {
		const { version, request } = JSON.parse(text) as { version?: unknown; request?: unknown };
		return { request: readDesignRequest(request).request, isOther: version !== RECIPE_VERSION };
	} catch (error) {
		if (error instanceof InputError)
			return { fault: error.issues.map(({ path, message }) => `${path} ${message}`).join('; ') };
		return { fault: en`it is not JSON` };
	}
}
