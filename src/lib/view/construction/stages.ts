import {
	type BuildStep,
	intercepts,
	keptProblem,
	pointKey,
	type Region,
	region,
	sidesOf,
	testHolds,
	testPoint,
	withoutConstraints
} from '$lib/core/geometry';
import type { Problem } from '$lib/core/problem';
import type { BuiltPart, Stage, StageSpot } from '../region/stage';

/** What the picture of two variables shows at a step of the construction. */
export function stageOf(problem: Problem, step: BuildStep): Stage {
	const { kind, side, kept, corners } = step;
	const soFar = region(keptProblem(problem, kept));
	const own = side === null ? null : sidesOf(problem)[side];
	const before = kept.filter((i) => i !== side);
	const spots: StageSpot[] = [];
	if (own && kind === 'line') spots.push(...intercepts(own).map((at) => ({ at, kind: 'crossing' as const })));
	if (own && kind === 'test') spots.push({ at: testPoint(own), kind: testHolds(own) ? 'kept' : 'broken' });
	return {
		region: soFar,
		current: kind === 'line' || kind === 'test' ? own : null,
		showsSide: kind === 'test',
		about: own?.owner ?? null,
		cut:
			own && (kind === 'cut' || kind === 'bound')
				? { before: region(keptProblem(problem, before)), by: own }
				: null,
		corners: new Set(corners),
		spots
	};
}

/** What the picture of one or three variables shows at a step of the construction. */
export function partOf(problem: Problem, { kind, side, kept, corners }: BuildStep): BuiltPart {
	const own = side === null ? null : sidesOf(problem)[side];
	return {
		soFar: keptProblem(problem, kept),
		current: kind === 'line' || kind === 'test' ? own : null,
		about: own?.owner ?? null,
		corners: new Set(corners)
	};
}

/** The finished picture with what one constraint alone removes from it. */
export function stageWithout(problem: Problem, whole: Region, name: string): Stage | null {
	const at = problem.constraints.findIndex((row) => row.name === name);
	if (at < 0) return null;
	return {
		region: whole,
		current: null,
		showsSide: true,
		about: { kind: 'constraint', name },
		cut: { before: region(withoutConstraints(problem, [name])), by: sidesOf(problem)[at] },
		corners: new Set(whole.vertices.map((corner) => pointKey(corner.at))),
		spots: []
	};
}
