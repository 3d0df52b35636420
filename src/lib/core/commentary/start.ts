import type { Work } from '../method/types';
import { BIG_M, INFEASIBILITY } from '../tableau/goal';
import { negativeRows } from '../tableau/ratio';
import { columnOf, hasGoal, rhs, vacantRows, type Tableau } from '../tableau/tableau';
import { derivation } from './goals';
import { objectiveSentence, placeSentence } from './plan';
import { joined, say, type Remark, type Sentence } from './sentence';

const named = (t: Tableau, rows: readonly number[]): Sentence =>
	joined(rows.map((row) => say`${columnOf(t, t.basis[row])}`));

/** What is basic at the start, and why. */
function basisSentences(t: Tableau): Sentence[] {
	const kinds = new Set(t.basis.map((column) => columnOf(t, column).kind));
	const artificial = t.basis.flatMap((column, row) =>
		columnOf(t, column).kind === 'artificial' ? [row] : []
	);
	const vacant = vacantRows(t);
	const sentences: Sentence[] = [];
	if (kinds.size === 1 && kinds.has('slack'))
		sentences.push(say`Every slack is basic and every other column is 0.`);
	else if (artificial.length > 0)
		sentences.push(
			say`Where no slack can be basic, an artificial variable stands in: ${named(t, artificial)}. While one of them is not zero, its row is not met.`
		);
	if (vacant.length > 0)
		sentences.push(
			say`${joined(vacant.map((row) => say`${{ constraint: t.form.rows[row].owner.name }}`))} ${vacant.length > 1 ? 'have' : 'has'} no basic variable yet: pivot on an entry of that row, or add an artificial variable.`
		);
	const negative = negativeRows(t);
	if (negative.length > 0)
		sentences.push(
			say`${joined(negative.map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`))}: negative, so this basis is not feasible.`
		);
	return sentences;
}

/** The first basic solution, and how it came about. */
export function startRemark({ tableau: t }: Work): Remark {
	const { problem } = t.form;
	const { objective } = problem;
	const goal = [INFEASIBILITY, BIG_M].find((own) => hasGoal(t, own));
	const maximise =
		objective.sense === 'min'
			? [
					say`The least ${objective.name} is where −${objective.name} is greatest: the objective row shows −${objective.name}.`
				]
			: [];
	const whole = problem.variables.some((v) => v.domain !== 'continuous')
		? [say`Whole numbers are asked for; these steps solve the relaxation, without that demand.`]
		: [];
	return {
		tone: 'step',
		heading: say`Start`,
		sentences: [
			...basisSentences(t),
			...(goal ? derivation(t, goal) : []),
			placeSentence(t),
			say`${objectiveSentence(t)}.`,
			...maximise,
			...whole
		]
	};
}
