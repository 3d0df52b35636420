import { toText } from '../number/rational';
import { BIG_M, INFEASIBILITY } from './goal';
import { cost, entry, goalValue, hasGoal, rhs, type Tableau } from './tableau';

/** A tableau as data in texts: names of columns and exact numbers. */
export interface TableauJson {
	readonly columns: string[];
	readonly rows: { readonly basic: string; readonly entries: string[]; readonly rhs: string }[];
	readonly objective: { readonly name: 'z' | 'w' | 'M'; readonly entries: string[]; readonly rhs: string }[];
}

/** What the agreement calls the objective rows. */
const GOAL_NAMES = { objective: 'z', infeasibility: 'w', 'big-m': 'M' } as const;

/** A tableau in the contract's shape: rows by basic variable, objective rows by name; columns out of the problem are left out. */
export function tableauJson(t: Tableau): TableauJson {
	const shown = t.form.columns.flatMap((_, j) =>
		t.barred.has(j) && !hasGoal(t, INFEASIBILITY) && !hasGoal(t, BIG_M) && !t.basis.includes(j) ? [] : [j]
	);
	return {
		columns: shown.map((j) => t.form.columns[j].name),
		rows: t.basis.map((basic, row) => ({
			basic: t.form.columns[basic].name,
			entries: shown.map((j) => toText(entry(t, row, j))),
			rhs: toText(rhs(t, row))
		})),
		objective: t.goals.flatMap((goal) =>
			goal.kind === 'column'
				? []
				: [
						{
							name: GOAL_NAMES[goal.kind],
							entries: shown.map((j) => toText(cost(t, goal, j))),
							rhs: toText(goalValue(t, goal))
						}
					]
		)
	};
}
