import { en } from '../../language/language';
import type { Polyhedron } from '../../geometry/polyhedron';
import type { Problem } from '../../problem/types';
import { words, type Catalogue } from '../../sentence/catalogue';
import { joined, say, type Sentence } from '../../sentence/sentence';
import { shapeFound } from '../construction';
import { relativesOf, type Relatives, type RemovedFinding } from '../shape';
import { shapeSentence } from './picture';
import { lineWord, listOf } from './points';

/** The words of the finished picture. */

const REMOVED: Catalogue<RemovedFinding> = {
	'others-conflict': () => say`the others exclude one another already`,
	'takes-all': () => say`removes all that the others leave`,
	'takes-corners': ({ corners }) =>
		say`removes ${corners.length === 1 ? en`the corner` : en`the corners`} ${listOf(corners)}`,
	'takes-nothing': () => say`removes nothing: redundant`,
	'takes-no-corner': () => say`removes a part without a corner`
};

/** What a constraint takes from the region that the others leave, in words. */
export const removedWords = (found: RemovedFinding): Sentence => words(REMOVED, found, undefined);

const RELATIVES: Catalogue<Relatives, { readonly line: string }> = {
	'same-line': ({ constraints }, { line }) => say`${namedRows(constraints)} are the same ${line}.`,
	parallel: ({ constraints }) => say`${namedRows(constraints)} are parallel.`
};

const namedRows = (constraints: readonly string[]): Sentence =>
	joined(constraints.map((constraint) => say`${{ constraint }}`));

/** What a region is, in words: its shape, its corners, the edges that go on for ever, and lines that coincide or are parallel. */
export function regionInWords(problem: Problem, region: Polyhedron): Sentence {
	const width = problem.variables.length;
	const corners =
		region.vertices.length > 0 && region.dimension > 0
			? [say`${width === 1 ? en`Ends` : en`Corners`}: ${listOf(region.vertices.map(({ at }) => at))}.`]
			: region.dimension === 0
				? [say`It is ${listOf(region.points)}.`]
				: [];
	const directions = listOf(region.rays.map(({ direction }) => direction));
	const open = region.rays.length
		? [
				region.rays.length > 1
					? say`It is unbounded in the directions ${directions}.`
					: say`It is unbounded in the direction ${directions}.`
			]
		: [];
	const relatives =
		width > 1 ? relativesOf(problem).map((found) => words(RELATIVES, found, { line: lineWord(width) })) : [];
	return joined([shapeSentence(shapeFound(region, width)), ...corners, ...open, ...relatives], ' ', ' ');
}
