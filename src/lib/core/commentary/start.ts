import type { Work } from '../method/types';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import { negativeRows } from '../tableau/ratio';
import { columnOf, hasGoal, rhs, vacantRows, type Tableau } from '../tableau/tableau';
import { derivation } from './goals';
import { objectiveSentence, placeSentence } from './plan';
import {
	byNotation,
	claim,
	joined,
	say,
	signsOf,
	type Remark,
	type Sentence,
	NOTHING_SAID
} from '../sentence/sentence';
import { goalName, valueFactor, type Notation } from '../notation/notation';

const named = (t: Tableau, rows: readonly number[]): Sentence =>
	joined(rows.map((row) => say`${columnOf(t, t.basis[row])}`));

/** Which basic variables are negative; nothing where none is. */
export function negativeSentences(t: Tableau): Sentence[] {
	const negative = negativeRows(t);
	return negative.length === 0
		? []
		: [
				say`${joined(negative.map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`))}${negative.length > 1 ? ' are' : ' is'} negative, so this basis is not feasible.${claim({ is: 'feasible', t, holds: false })}`
			];
}

/** What is basic at the start, and why. */
function basisSentences(t: Tableau): Sentence[] {
	const kinds = new Set(t.basis.map((column) => columnOf(t, column).kind));
	const artificial = t.basis.flatMap((column, row) =>
		columnOf(t, column).kind === 'artificial' ? [row] : []
	);
	const vacant = vacantRows(t);
	const sentences: Sentence[] = [];
	if (kinds.size === 1 && kinds.has('slack'))
		sentences.push(say`Every slack is basic and every other variable is 0.`);
	else if (artificial.length > 0)
		sentences.push(
			say`Where no slack can be basic, an artificial variable stands in: ${named(t, artificial)}. While ${artificial.length > 1 ? 'one of them' : 'it'} is not zero, its row is not met.`
		);
	if (vacant.length > 0)
		sentences.push(
			say`${joined(vacant.map((row) => say`${{ constraint: t.form.rows[row].owner.name }}`))} ${vacant.length > 1 ? 'have' : 'has'} no basic variable yet.`
		);
	return [...sentences, ...negativeSentences(t)];
}

/** The first basic solution, and how it came about. */
export function startRemark({ tableau: t }: Work): Remark {
	const { problem } = t.form;
	const { objective } = problem;
	const goal = [INFEASIBILITY, BIG_M].find((own) => hasGoal(t, own));
	const { sense, name } = objective;
	/** how a minimum is worked, and how the value's cell is read where it shows the negative */
	const worked = (notation: Notation): Sentence => {
		const minimum =
			sense === 'max'
				? NOTHING_SAID
				: notation.minimum === 'maximised'
					? say`The least ${name} is where −${name} is greatest: the objective row shows −${name}.`
					: say`${name} is worked as a minimum: entries of its row that are ${{ sign: 'improving', goal: OBJECTIVE, objective }} lower it.`;
		const shown = valueFactor(notation, OBJECTIVE, sense) * (sense === 'max' ? 1 : -1);
		const about = goalName(notation, OBJECTIVE, objective);
		const negative =
			shown < 0 && about === name
				? say` The cell of the value shows −${name}: turn its sign to read it.`
				: NOTHING_SAID;
		return [...minimum, ...negative];
	};
	const renamed = {
		kind: 'stepped-aside',
		columns: t.form.columns,
		says: ': the names that would come first are taken here.'
	} as const;
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
			say`${byNotation([...signsOf(OBJECTIVE), 'value'], worked)}`,
			say`${{ piece: renamed }}`,
			...whole
		]
	};
}
