import { isZero, sign, ZERO } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, cost, isArtificial, isPrimalFeasible, rowCount, type Tableau } from '../tableau/tableau';
import { reach } from '../tableau/reach';
import { rowName } from '../problem/row-owner';
import type { WrittenDual } from './dual-steps';
import { dualValues } from './multipliers';
import { isTwin } from './ties';

/** A cell of a tableau: a basic column's row, or the objective's (null); a column, or the right-hand side (null). Columns by index. */
export interface TableauCell {
	readonly row: number | null;
	readonly column: number | null;
}

/** The last tableau of a dual, and where what stands in the primal's last tableau stands in it. */
export interface DualTableau {
	readonly tableau: Tableau;
	/** whether what is basic in the one is not in the other: then each cell of the one stands in the other */
	readonly isComplementary: boolean;
	/** by column of the primal, the column of the dual that is basic just where it is not */
	readonly partnerOf: ReadonlyMap<number, number>;
}

/** Columns of the dual by the columns of the primal's form: a variable and its constraint's slack, a row's slack and its variable. */
function partners(primal: Tableau, dual: Tableau, { dual: { variableOf, boundOf }, counted }: WrittenDual) {
	const named = new Map([...counted].map(([name, { variable }]) => [variable, name]));
	const values = dualValues(primal);
	const ofRow = new Map([...variableOf, ...boundOf]);
	const structural = (name: string, isNegative: boolean): number | undefined => {
		const parts = dual.form.substitutions.find(({ variable }) => variable === name)?.parts ?? [];
		return (parts.length > 1 && isNegative ? parts[1] : parts[0])?.column;
	};
	const slackOf = (name: string) =>
		dual.form.columns.findIndex(
			({ kind, owner }) => (kind === 'slack' || kind === 'surplus') && owner.name === name
		);
	/** a column counted from a bound that is a row of the dual is 0 where that bound is met: the bound's dual variable answers to it */
	const boundPartner = (variable: string, own: string): number | undefined => {
		const { offset, parts } = primal.form.substitutions.find((other) => other.variable === variable)!;
		if (parts.length !== 1 || (isZero(offset) && parts[0].factor === 1)) return undefined;
		const kind = parts[0].factor === 1 ? 'lower' : 'upper';
		const name = boundOf.get(rowName({ kind, name: own }));
		return name === undefined ? undefined : structural(name, false);
	};
	const found = new Map<number, number>();
	primal.form.columns.forEach(({ kind, owner }, j) => {
		const own = named.get(owner.name) ?? owner.name;
		let partner: number | undefined;
		if (kind === 'structural') partner = boundPartner(owner.name, own) ?? slackOf(own);
		else if (owner.kind !== 'variable' && owner.kind !== 'cut') {
			// an equation has no slack: what stands in for one until it is met answers to its free variable
			const isEquation =
				primal.form.problem.constraints.find(({ name }) => name === owner.name)?.relation === '=';
			const isOwn = kind === 'slack' || kind === 'surplus' || (isEquation && owner.kind === 'constraint');
			const row = owner.kind === 'constraint' ? owner.name : rowName({ kind: owner.kind, name: own });
			const name = isOwn && ofRow.get(row);
			if (name) partner = structural(name, sign(values.get(owner.name) ?? ZERO) < 0);
		}
		if (partner !== undefined && partner >= 0) found.set(j, partner);
	});
	return found;
}

const isOptimal = (t: Tableau): boolean =>
	isPrimalFeasible(t) &&
	t.nonbasic.every(
		(column) => t.barred.has(column) || isTwin(t, column) || sign(cost(t, OBJECTIVE, column)) >= 0
	);

/**
 * The last tableau of the dual that belongs to the primal's: basic in it is what is not basic there (complementary bases; Goldman and Tucker 1956).
 * Where the two forms have no such basis (a free variable's two parts, a bound that is a row here and none there), the dual's own last tableau.
 * @param primal an optimal tableau without cuts
 * @param last an optimal tableau of the dual
 */
export function dualTableau(primal: Tableau, last: Tableau, written: WrittenDual): DualTableau {
	const partnerOf = partners(primal, last, written);
	const wanted = primal.nonbasic.flatMap((column) => partnerOf.get(column) ?? []);
	const isWhole = wanted.length === rowCount(last) && new Set(wanted).size === wanted.length;
	const reached = isWhole ? reach(last, wanted) : null;
	if (!reached || !('tableau' in reached)) return { tableau: last, isComplementary: false, partnerOf };
	const barred = reached.tableau.form.columns.flatMap((_, j) => (isArtificial(last, j) ? [j] : []));
	const tableau = { ...reached.tableau, barred: new Set([...reached.tableau.barred, ...barred]) };
	if (!isOptimal(tableau)) return { tableau: last, isComplementary: false, partnerOf };
	return { tableau, isComplementary: true, partnerOf };
}

/** Where the number of a cell of the primal's tableau stands in the dual's; null where it stands nowhere. */
export function twinCell(
	{ partnerOf, isComplementary, tableau }: DualTableau,
	cell: TableauCell
): TableauCell | null {
	const twin = isComplementary ? traded(partnerOf, cell) : null;
	// a unit column stands for no row there
	return twin && (twin.row === null || tableau.basis.includes(twin.row)) ? twin : null;
}

function traded(partnerOf: ReadonlyMap<number, number>, cell: TableauCell): TableauCell | null {
	// rows and columns trade places
	const [row, column] = [cell.column, cell.row].map((own) => (own === null ? null : partnerOf.get(own)));
	return row === undefined || column === undefined ? null : { row, column };
}

/** Where the number of a cell of the dual's tableau stands in the primal's. */
export function twinOfDual(
	{ partnerOf, isComplementary, tableau }: DualTableau,
	cell: TableauCell
): TableauCell | null {
	if (!isComplementary || (cell.column !== null && tableau.basis.includes(cell.column))) return null;
	return traded(new Map([...partnerOf].map(([own, partner]) => [partner, own])), cell);
}

/** What a cell's row and column are called, for a sentence. */
export const columnsOf = (t: Tableau, { row, column }: TableauCell) => ({
	row: row === null ? null : columnOf(t, row),
	column: column === null ? null : columnOf(t, column)
});
