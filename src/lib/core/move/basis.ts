import { basisRemark } from '../commentary/begin';
import { joined } from '../sentence/sentence';
import { handOver } from '../method/decide';
import type { Work } from '../method/types';
import { isZero, ZERO, type Rational } from '../number/rational';
import { cell, columnOf, isArtificial, rowCount, type Tableau } from '../tableau/tableau';
import { standingColumns } from '../method/standing';
import { reach } from '../tableau/reach';
import { begunByHand } from './begin';
import { standsIn } from '../form/affine';
import type { Plan } from '../problem/types';
import * as messages from './messages';
import { columnIndex } from './pivot';
import { refused, type Position } from '../position/position';
import type { BasisMove, MoveKind } from './types';

/** Where one stands with a tableau, or at the start by hand. */
const workAt = (position: Position): Work => position.work ?? begunByHand(position);

/** The basis in which the problem's own columns stand already, as column ids; null where there is none. */
export function standingBasis(position: Position): readonly string[] | null {
	const t = begunByHand(position).tableau;
	return standingColumns(t)?.map((j) => columnOf(t, j).id) ?? null;
}

/** The columns that may stand in a basis at a position, in their order: artificial ones and places held do not. */
export const eligible = (
	position: Position
): { readonly work: Work; readonly columns: readonly number[] } => {
	const work = workAt(position);
	const columns = work.tableau.form.columns.flatMap(({ kind }, j) =>
		kind === 'vacant' || kind === 'artificial' ? [] : [j]
	);
	return { work, columns };
};

/** What each column is at a plan; of a split variable's two parts one is zero. */
function valuesAt({ form }: Tableau, plan: Plan): Rational[] {
	const values: Rational[] = form.columns.map(() => ZERO);
	for (const { variable, offset, parts } of form.substitutions)
		for (const { column, factor } of parts) {
			const part = (plan.get(variable) ?? ZERO).sub(offset).mul(factor);
			values[column] = parts.length === 1 || part.s > 0n ? part : ZERO;
		}
	// a row's own slack or surplus takes what its other terms leave; those of earlier cuts are known by then
	for (const { start, entries, rhs } of form.rows) {
		const own = standsIn(form.columns[start])
			? [...entries.keys()].find((j) => form.columns[j].kind === 'surplus')
			: start;
		if (own === undefined || form.columns[own].kind === 'structural') continue;
		const rest = [...entries].reduce(
			(sum, [j, value]) => (j === own ? sum : sum.sub(value.mul(values[j]))),
			rhs
		);
		values[own] = rest.div(entries.get(own)!);
	}
	return values;
}

/** The move to a basis of a corner of the region: the columns that are not zero there are basic; null where the plan is no corner. */
export function basisOfCorner(position: Position, plan: Plan): BasisMove | null {
	const { work, columns } = eligible(position);
	const t = work.tableau;
	const values = valuesAt(t, plan);
	let wanted = columns.filter((j) => !isZero(values[j]));
	if (wanted.length > rowCount(t)) return null;
	// at a degenerate corner columns that are zero fill the rows left
	for (const j of columns) {
		if (wanted.length === rowCount(t)) break;
		if (!wanted.includes(j) && 'tableau' in reach(t, [...wanted, j])) wanted = [...wanted, j];
	}
	return { kind: 'basis', columns: wanted.map((j) => columnOf(t, j).id) };
}

export const basis: MoveKind<BasisMove> = {
	perform(position, { columns }) {
		const work = workAt(position);
		const t = work.tableau;
		const wanted = [...new Set(columns)].map((id) => columnIndex(t, id));
		const unknown = wanted.indexOf(-1);
		if (unknown >= 0) return refused({ code: 'unknown', id: columns[unknown] });
		const barred = wanted.find((j) => t.barred.has(j) || isArtificial(t, j));
		if (barred !== undefined) return refused({ code: 'set-aside', column: columnOf(t, barred) });
		const reached = wanted.length > rowCount(t) ? null : reach(t, wanted);
		if (reached && 'combination' in reached) {
			const others = reached.combination.map(({ column, factor }) => ({
				factor,
				column: columnOf(t, column)
			}));
			return refused({ code: 'dependent-columns', column: columnOf(t, reached.column), others });
		}
		// a row that says nothing of its own may stay without a basic variable
		const left = reached?.tableau.basis.filter((j) => !wanted.includes(j)) ?? [];
		const isShort = left.some((j) => !['vacant', 'artificial'].includes(columnOf(t, j).kind));
		const canFill = reached
			? reached.tableau.basis.some(
					(own, row) =>
						left.includes(own) &&
						reached.tableau.nonbasic.some(
							(j, k) => !reached.tableau.barred.has(j) && cell(reached.tableau, row, k)
						)
				)
			: true;
		if (!reached || isShort || canFill)
			return refused({ code: 'basis-size', rows: rowCount(t), chosen: wanted.length });
		const barredNow = new Set([
			...reached.tableau.barred,
			...reached.tableau.form.columns.flatMap((_, j) => (isArtificial(t, j) ? [j] : []))
		]);
		const after: Work = { part: 'primal', tableau: { ...reached.tableau, barred: barredNow } };
		return { ok: true, position: { ...position, work: handOver(after, 'primal') } };
	},
	label: ({ columns }, names) => messages.basisOf(joined(columns.map((id) => names.column(id)))),
	tell(before, { columns }, after) {
		const from = workAt(before);
		const reached = reach(
			from.tableau,
			columns.map((id) => columnIndex(from.tableau, id))
		);
		return basisRemark(from.tableau, 'exchanges' in reached ? reached.exchanges : [], after.work!.tableau);
	},
	offers(position) {
		if (position.work) return [];
		const columns = standingBasis(position);
		if (!columns) return [];
		const { tableau } = begunByHand(position);
		const named = columns.map((id) => columnOf(tableau, columnIndex(tableau, id)));
		return [{ move: { kind: 'basis', columns }, found: { code: 'start-from-basis', columns: named } }];
	}
};
