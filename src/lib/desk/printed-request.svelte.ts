import { en } from '../core/language/language';
import { titleOf } from '$lib/core/lesson/lesson';
import { writeProblem } from '$lib/core/problem/codec';
import { keysOf } from '$lib/core/problem/lasting';
import { MOST_PRINTED } from '$lib/core/sheet/presets';
import { PAGE } from '$lib/core/sheet/style';
import type { LectureRequest } from '$lib/work/printed';
import type { Desk } from './desk.svelte';

/** what making sheets and slides may take before parts of them are left out */
const MILLISECONDS = 15_000;

/** Why nothing of a lesson can be printed or shown to a class; null where it can. */
export function notPrintable({ document: { problem } }: Desk): string | null {
	if (!problem) return en`The statement has an error, so there is no problem to show.`;
	return problem.variables.length + problem.constraints.length > MOST_PRINTED
		? en`More than ${MOST_PRINTED} variables and constraints do not fit on a page.`
		: null;
}

/**
 * What sheets and slides are made of, as it goes to a worker.
 * @param followsTrail whether the tableaux are those of the trail as it stands, or of the whole run by the rule
 * @returns null where nothing of the lesson can be printed
 */
export function printedRequest(
	desk: Desk,
	followsTrail: boolean
): Omit<LectureRequest, 'script' | 'notes'> | null {
	const { document, session } = desk;
	const { problem, telling, book, notation, rule, lesson } = document;
	if (!problem || notPrintable(desk)) return null;
	const meanings = (kind: 'variables' | 'constraints') =>
		Object.fromEntries(problem[kind].map(({ name }) => [name, telling.meaning(kind, name)]));
	const moves = session.stops.flatMap(({ node }) => (node.move ? [node.move] : []));
	return {
		problem: writeProblem(problem),
		method: 'auto',
		rule,
		seed: 1,
		title: titleOf(lesson),
		story: telling.isOutgrown ? '' : telling.story,
		meanings: { variables: meanings('variables'), constraints: meanings('constraints') },
		notation,
		page: PAGE,
		keys: keysOf(book),
		moves: followsTrail && moves.length > 0 ? $state.snapshot(moves) : null,
		milliseconds: MILLISECONDS
	};
}
