import { redundancy } from '../method/artificial';
import type { Finding } from '../method/findings';
import { findingWords } from '../method/messages';
import type { Part, Work } from '../method/types';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import { columnOf, rhs, type Tableau } from '../tableau/tableau';
import { derivation, rowOfGoal } from './goals';
import { placeSentence } from './plan';
import { claim, joined, say, type Remark, type Sentence } from '../sentence/sentence';

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
	repair: say`Towards feasibility`
};

/** What one part of a method handed over to another means. */
export function phaseRemark(before: Work, { tableau: t, part }: Work): Remark {
	const objective = rowOfGoal(t, OBJECTIVE);
	const found = (own: Finding) => findingWords(t, own);
	const sentences: Record<Part, () => Sentence[]> = {
		primal: () => [
			before.part === 'repair'
				? found({ code: 'repaired' })
				: say`The basis is feasible; columns that improve ${objective} enter.`
		],
		'phase-one': () => derivation(t, INFEASIBILITY),
		'phase-two': () => [
			found({ code: before.part === 'big-m' ? 'big-m-done' : 'phase-one-done' }),
			...redundancy(t).map(found),
			say`The ${objective} was carried along through all pivots, so it stands ready for this basis.`
		],
		'big-m': () => derivation(t, BIG_M),
		dual: () => [
			say`The ${objective} has no ${{ sign: 'improving', goal: OBJECTIVE, objective: t.form.problem.objective }} entry, but a right-hand side is negative: one negative basic variable after the other leaves, and the tableau stays dual feasible.${claim({ is: 'dual-feasible', t, holds: true })}`
		],
		repair: () => [
			say`The tableau need be neither feasible nor dual feasible: pivots raise one negative basic variable after the other to zero.`
		]
	};
	return { tone: 'step', heading: HEADINGS[part], sentences: [...sentences[part](), placeSentence(t)] };
}
