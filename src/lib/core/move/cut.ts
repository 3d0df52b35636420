import { say } from '../commentary/sentence';
import { cutRemark } from '../commentary/phases';
import { isDualFeasible } from '../method/dual';
import { addCut, wholeColumns } from '../integer/cut';
import { mustBeWhole } from '../integer/whole';
import { isInteger } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, goalRow, goalValue, isPrimalFeasible, rhs, type Tableau } from '../tableau/tableau';
import * as messages from './messages';
import { columnIndex } from './pivot';
import type { Position } from './position';
import type { CutMove, MoveKind } from './types';

/** Which columns are whole, in internal units, whenever the author's variables are. */
function wholeAt({ cuts, work }: Position): boolean[] {
	const whole = wholeColumns(work!.tableau.form);
	work!.tableau.form.columns.forEach(({ owner }, j) => {
		if (owner.kind !== 'cut') return;
		const cut = cuts.find((_, i) => owner.name === `cut ${i + 1}`);
		whole[j] = cut?.kind === 'gomory-fractional';
	});
	return whole;
}

/** Whole-number variables whose columns are not whole: measured from a fractional bound, or split in two. */
function crooked({ problem, work }: Position): string[] {
	const whole = new Set(problem.variables.filter(mustBeWhole).map(({ name }) => name));
	return work!.tableau.form.substitutions
		.filter(({ variable, offset, parts }) => whole.has(variable) && (parts.length > 1 || !isInteger(offset)))
		.map(({ variable }) => variable);
}

/** Whether a cut can be derived from a row: its variable must be whole and is not. */
function isFractional(position: Position, row: number): boolean {
	const t = position.work!.tableau;
	const column = columnOf(t, t.basis[row]);
	if (column.kind !== 'structural') return false;
	const variable = position.problem.variables.find(({ name }) => name === column.owner.name);
	return !!variable && mustBeWhole(variable) && !isInteger(rhs(t, row));
}

function objectiveIsFractional(position: Position): boolean {
	const t = position.work!.tableau;
	const whole = wholeAt(position);
	const coefficients = [...t.form.costs].every(([j, c]) => whole[j] && isInteger(c));
	return coefficients && isInteger(t.form.constant) && !isInteger(goalValue(t, OBJECTIVE));
}

const isOptimal = (t: Tableau): boolean => isPrimalFeasible(t) && isDualFeasible(t);

export const cut: MoveKind<CutMove> = {
	perform(position, { row: id }) {
		const { work } = position;
		if (!work) return { ok: false, why: messages.nothingBegun };
		const t = work.tableau;
		const named = crooked(position);
		if (named.length > 0) return { ok: false, why: messages.fractionalBound(named) };
		const row = id === 'objective' ? goalRow(t, OBJECTIVE) : t.basis.indexOf(columnIndex(t, id));
		if (row < 0) return { ok: false, why: messages.unknownColumn(id) };
		const possible = id === 'objective' ? objectiveIsFractional(position) : isFractional(position, row);
		if (!possible) {
			const name =
				id === 'objective' ? say`${position.problem.objective.name}` : say`${columnOf(t, t.basis[row])}`;
			return { ok: false, why: messages.notWhole(name) };
		}
		const { tableau, cut: made } = addCut(t, row, wholeAt(position), position.cuts.length + 1);
		return {
			ok: true,
			position: { ...position, cuts: [...position.cuts, made], work: { part: 'dual', tableau } }
		};
	},
	label: ({ row }, names) =>
		row === 'objective' ? messages.cutFromObjective : messages.cutFrom(names.column(row)),
	tell: (before, _move, after) => cutRemark(before.work!.tableau, after.work!.tableau, after.cuts.at(-1)!),
	offers(position) {
		const t = position.work?.tableau;
		if (!t || !isOptimal(t) || crooked(position).length > 0) return [];
		const rows = t.basis.flatMap((column, row) => (isFractional(position, row) ? [columnOf(t, column)] : []));
		return [
			...rows.map((column) => ({
				move: { kind: 'cut', row: column.id } as const,
				says: messages.offerCut(say`${column}`)
			})),
			...(objectiveIsFractional(position)
				? [{ move: { kind: 'cut', row: 'objective' } as const, says: messages.offerObjectiveCut }]
				: [])
		];
	}
};
