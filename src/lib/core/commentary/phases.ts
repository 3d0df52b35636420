import type { Cut } from '../integer/cut';
import { redundantRows } from '../method/artificial';
import * as reasons from '../method/messages';
import type { Part, Work } from '../method/types';
import { isZero } from '../number/rational';
import { evaluate, type Terms } from '../problem/types';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import { columnOf, readPlan, rhs, type Tableau } from '../tableau/tableau';
import { derivation, rowOfGoal } from './goals';
import { placeSentence } from './plan';
import { joined, linear, say, signed, type Remark, type Sentence } from './sentence';
import { RELATION_SIGNS } from '../problem/relation';

/** Artificial variables that a move added. */
export function artificialRemark(before: Tableau, after: Tableau): Remark {
	const rows = after.basis.flatMap((column, row) =>
		columnOf(after, column).kind !== columnOf(before, column).kind ? [row] : []
	);
	const parts = rows.map(
		(row) =>
			say`${columnOf(after, after.basis[row])} = ${rhs(after, row)} in row ${{ constraint: after.form.rows[row].owner.name }}`
	);
	return {
		tone: 'step',
		heading: rows.length > 1 ? say`Artificial variables` : say`An artificial variable`,
		sentences: [
			say`${joined(parts)}: each stands in as basic variable, as if it were the missing slack. It measures by how much its row is not met, so it must come down to zero.`
		]
	};
}

const HEADINGS: Record<Part, Sentence> = {
	primal: say`The primal simplex method goes on`,
	'phase-one': say`Phase one`,
	'phase-two': say`Phase two`,
	'big-m': say`Big M`,
	dual: say`The dual simplex method goes on`,
	repair: say`Repair by pivots`
};

/** What one part of a method handed over to another means. */
export function phaseRemark(before: Work, { tableau: t, part }: Work): Remark {
	const objective = rowOfGoal(t, OBJECTIVE);
	const sentences: Record<Part, () => Sentence[]> = {
		primal: () => [
			before.part === 'repair'
				? reasons.repaired
				: say`The basis is feasible; columns that improve ${objective} enter.`
		],
		'phase-one': () => derivation(t, INFEASIBILITY),
		'phase-two': () => [
			before.part === 'big-m' ? reasons.bigMDone : reasons.phaseOneDone,
			...reasons.redundant(t, redundantRows(t)),
			say`The ${objective} was carried along through all pivots, so it stands ready for this basis.`
		],
		'big-m': () => derivation(t, BIG_M),
		dual: () => [
			say`The ${objective} has no ${{ sign: 'improving', goal: OBJECTIVE, objective: t.form.problem.objective }} entry, but a right-hand side is negative: rows are repaired one by one, and the objective row stays right.`
		],
		repair: () => [
			say`Neither the right-hand sides nor the objective row need be right: plain pivots raise one negative basic variable after the other to zero.`
		]
	};
	return { tone: 'step', heading: HEADINGS[part], sentences: [...sentences[part](), placeSentence(t)] };
}

/** A sum of columns by name, with their coefficients. */
function sum(terms: Terms, t: Tableau): Sentence {
	const byName = new Map(t.form.columns.map((column) => [column.name, column]));
	return signed(
		[...terms].map(([name, value]) => {
			const column = byName.get(name);
			return { says: column ? say`${column}` : say`${name}`, value };
		})
	);
}

/** A cutting plane: the row it comes from, the argument, and what it says of the author's variables. */
export function cutRemark(before: Tableau, after: Tableau, cut: Cut): Remark {
	const row = after.basis.length - 1;
	const slack = columnOf(after, after.basis[row]);
	const { nonbasic, original } = cut;
	const why =
		cut.kind === 'gomory-fractional'
			? say`Take each coefficient of row ${cut.row} apart into a whole number and a part from 0 up to 1. All variables are whole, so the sum of those parts differs from the part of the right-hand side by a whole number; it is not negative, so it is at least that part.`
			: say`Some variables of row ${cut.row} need not be whole, so Gomory’s mixed-integer cut is taken: what rounding up or down costs, divided by how far it is away.`;
	const plan = readPlan(before);
	const gap = original ? evaluate(original.terms, plan).sub(original.rhs).abs() : null;
	const relation = original ? RELATION_SIGNS[original.relation] : '';
	const own = original
		? [say`In the variables of the problem: ${linear(original.terms)} ${relation} ${original.rhs}.`]
		: [];
	const cutOff = gap && !isZero(gap) ? [say`The present point breaks it by ${gap}.`] : [];
	return {
		tone: 'step',
		heading: say`${{ constraint: after.form.rows[row].owner.name }}, from row ${cut.row}`,
		sentences: [
			why,
			say`So ${sum(nonbasic.terms, before)} ≥ ${nonbasic.rhs}; every non-basic variable is 0 now, which breaks it.`,
			...own,
			...cutOff,
			say`Its slack ${slack} = ${rhs(after, row)} is basic and negative; the objective row is right, so the dual simplex method goes on.`
		]
	};
}
