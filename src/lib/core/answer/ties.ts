import { isZero } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { rayAt, riseOf } from '../tableau/rise';
import { cost, type Tableau } from '../tableau/tableau';

/** Whether a column is the slack of one half of an equality written as two inequalities: it is always zero, so it limits nothing. */
export function isTwin(t: Tableau, column: number): boolean {
	const { owner, kind } = t.form.columns[column];
	if (owner.kind !== 'constraint' || kind === 'structural') return false;
	return (
		t.form.rows.filter((row) => row.owner.kind === 'constraint' && row.owner.name === owner.name).length > 1
	);
}

/**
 * Where an optimal tableau has another way to go that costs nothing: non-basic columns with a reduced cost of zero that move the plan when they rise.
 * The second half of a basic free variable moves nothing; what is set aside or always zero does not rise.
 * @returns indices of columns; each is another best plan as far as the ratio test lets it rise at all
 */
export const tiedColumns = (t: Tableau): number[] =>
	t.nonbasic.filter(
		(column, slot) =>
			!t.barred.has(column) &&
			!isTwin(t, column) &&
			isZero(cost(t, OBJECTIVE, column)) &&
			[...rayAt(t, slot).values()].some((value) => !isZero(value))
	);

/** A column among some that can rise at all as far as the ratio test goes; undefined where each step has length 0. */
export const risingAmong = (t: Tableau, columns: readonly number[]): number | undefined =>
	columns.find((column) => {
		const { limit } = riseOf(t, column);
		return limit === null || !isZero(limit);
	});
