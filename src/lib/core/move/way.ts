import { isPrimalFeasible, pivot, readPlan, type Tableau } from '../tableau/tableau';
import { tightestRows } from '../tableau/ratio';
import { compare, ZERO } from '../number/rational';
import type { Plan } from '../problem/types';
import { basisKey } from '../tableau/tableau';
import type { Work } from '../method/types';
import { pivotMove } from './pivot';
import type { PivotMove } from './types';

/** bases that are looked at before a way is given up */
const MOST_BASES = 2_000;

const isAt = (t: Tableau, plan: Plan): boolean => {
	const here = readPlan(t);
	return [...plan].every(([name, value]) => compare(here.get(name) ?? ZERO, value) === 0);
};

/**
 * The fewest pivots from a feasible tableau to a corner, each allowed by the ratio test: along edges of the region, searched breadth first.
 * @param plan the corner in the author's variables
 * @returns the moves in order; null where the tableau is not feasible, or no way was found
 */
export function wayTo(work: Work, plan: Plan): PivotMove[] | null {
	if (!isPrimalFeasible(work.tableau)) return null;
	interface Reached {
		readonly tableau: Tableau;
		readonly moves: readonly PivotMove[];
	}
	const seen = new Set([basisKey(work.tableau)]);
	let front: Reached[] = [{ tableau: work.tableau, moves: [] }];
	while (front.length > 0) {
		const next: Reached[] = [];
		for (const { tableau: t, moves } of front) {
			if (isAt(t, plan)) return [...moves];
			t.nonbasic.forEach((column, slot) => {
				if (t.barred.has(column)) return;
				for (const row of tightestRows(t, slot)) {
					const after = pivot(t, row, slot);
					const key = basisKey(after);
					if (seen.has(key) || seen.size > MOST_BASES) continue;
					seen.add(key);
					const move = pivotMove({ ...work, tableau: t }, column, t.basis[row], 'hand');
					next.push({ tableau: after, moves: [...moves, move] });
				}
			});
		}
		front = next;
	}
	return null;
}
