import { affineColumns } from '../form/affine';
import { deriveCut, internalRow } from '../integer/cut';
import { combined } from '../integer/combined';
import { isInteger, isZero, rational, type Rational } from '../number/rational';
import { evaluate, type Problem } from '../problem/types';
import { columnOf, readPlan, type Tableau } from '../tableau/tableau';
import type { Cut } from '../integer/cut';
import type { CutRow, WholeFinding } from './whole-findings';

/** How cutting planes arise, line by line. */

/**
 * How a cut comes out of its row.
 * @param row the kernel row: of a basic variable, or the objective row
 * @param whole which columns are whole, in internal units
 * @param mixed the mixed-integer cut in any case
 */
export function derivationOf(
	t: Tableau,
	row: number,
	whole: readonly boolean[],
	mixed = false
): WholeFinding[] {
	const { kind, gains, least } = deriveCut(t, row, whole, mixed);
	const { entries, rhs } = internalRow(t, row);
	const terms = t.nonbasic.flatMap((index, k) =>
		isZero(entries[k]) || t.barred.has(index)
			? []
			: [
					{
						column: columnOf(t, index),
						index,
						scale: rational(BigInt(t.scales[index])),
						value: entries[k],
						whole: whole[index],
						gain: gains[k]
					}
				]
	);
	const basic = row < t.basis.length ? columnOf(t, t.basis[row]) : null;
	const own: CutRow = { basic, objective: t.form.problem.objective, terms, rhs, least };
	const lines =
		kind === 'gomory-fractional'
			? (['row-equation', 'parts-apart', 'left-side-whole', 'fractional-cut'] as const)
			: (['row-equation', 'two-ways', 'shares', 'shares-add-up'] as const);
	const affine = affineColumns(t.form);
	const columns = terms.flatMap(({ column, index, gain }) => {
		const line = affine[index];
		return isZero(gain) || !line || column.kind === 'structural' ? [] : [{ column, ...line }];
	});
	return [
		...lines.map((code) => ({ code, row: own })),
		...(columns.length > 0 ? [{ code: 'columns-replaced', columns } as const] : [])
	];
}

/** What a cut says of the author's variables, and by how much the present point breaks it. */
export function cutOffFound(before: Tableau, { original }: Cut): WholeFinding[] {
	if (!original) return [{ code: 'cut-not-in-variables' }];
	const by = evaluate(original.terms, readPlan(before)).sub(original.rhs).abs();
	return [
		{ code: 'cut-in-variables', cut: original },
		...(isZero(by) ? [] : [{ code: 'broken-here', by } as const])
	];
}

/** A cut composed of constraints, from their sum to the rounded right-hand side; or why there is none. */
export function compositionOf(problem: Problem, multipliers: ReadonlyMap<string, Rational>): WholeFinding[] {
	const made = combined(problem, multipliers);
	if ('kind' in made) return [{ code: 'cannot-compose', fault: made }];
	const { sum, weakened, cut } = made;
	return [
		{ code: 'rows-added', multipliers, sum },
		...([...sum.terms.values()].every(isInteger)
			? []
			: [{ code: 'coefficients-rounded', cut: weakened } as const]),
		isInteger(weakened.rhs) ? { code: 'rhs-whole-already' } : { code: 'rhs-rounded', cut }
	];
}
