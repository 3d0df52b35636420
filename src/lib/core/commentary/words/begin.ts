import { en } from '../../language/language';
import { goalName, valueFactor, type Notation } from '../../notation/notation';
import { amounts } from '../../method/messages';
import type { Objective } from '../../problem/types';
import type { Catalogue } from '../../sentence/catalogue';
import {
	byNotation,
	claim,
	joined,
	NOTHING_SAID,
	say,
	signsOf,
	type Sentence
} from '../../sentence/sentence';
import { OBJECTIVE } from '../../tableau/goal';
import type { Tableau } from '../../tableau/tableau';
import type { BeginFinding } from '../findings';
import { goalRowSentence, goalSentence } from './goals';

/** The words of starts, chosen bases, artificial variables, parts of methods and changes of the problem. */

const rowOf = (objective: Objective): Sentence => say`row ${{ goal: OBJECTIVE, objective }}`;
const improving = (objective: Objective) => ({ sign: 'improving', goal: OBJECTIVE, objective }) as const;
const objectiveOf = (t: Tableau): Objective => t.form.problem.objective;

/** How a minimum is worked, and how the value's cell is read where it shows the negative. */
function senseWorked(objective: Objective, notation: Notation): Sentence {
	const { sense, name } = objective;
	const minimum =
		sense === 'max'
			? NOTHING_SAID
			: notation.minimum === 'maximised'
				? say`The least ${name} is where −${name} is greatest: the objective row shows −${name}.`
				: say`${name} is worked as a minimum: entries of its row that are ${improving(objective)} lower it.`;
	const shown = valueFactor(notation, OBJECTIVE, sense) * (sense === 'max' ? 1 : -1);
	const about = goalName(notation, OBJECTIVE, objective);
	const negative =
		shown < 0 && about === name
			? say` The cell of the value shows −${name}: turn its sign to read it.`
			: NOTHING_SAID;
	return [...minimum, ...negative];
}

const feasible = (t: Tableau, was: boolean): Sentence =>
	say`The basis is${was ? en` still` : ''} feasible${claim({ code: 'feasible', t, holds: true })}`;

export const BEGINNINGS: Catalogue<BeginFinding> = {
	'slacks-basic': () => say`Every slack is basic and every other variable is 0.`,
	'artificials-stand-in': ({ columns }) =>
		say`Where no slack can be basic, an artificial variable takes its place: ${joined(columns.map((column) => say`${column}`))}. While ${columns.length > 1 ? en`one of them` : en`it`} is not zero, its row is not satisfied.`,
	'own-columns-basic': ({ columns }) =>
		say`${joined(columns.map(({ column, constraint }) => say`${column} appears only in ${{ constraint }}`))}, so ${columns.length > 1 ? en`they are` : en`it is`} basic there and no artificial variable is needed.`,
	'rows-without-basic': ({ constraints }) =>
		say`${joined(constraints.map((constraint) => say`${{ constraint }}`))} ${constraints.length > 1 ? en`have` : en`has`} no basic variable yet.`,
	'negative-basics': ({ t, rows }) =>
		say`${amounts(t, rows)}${rows.length > 1 ? en` are` : en` is`} negative, so this basis is not feasible.${claim({ code: 'feasible', t, holds: false })}`,
	'artificial-goal': ({ goal, objective, artificials }) => goalSentence(goal, objective, artificials),
	'goal-row': ({ t, goal, rows }) => goalRowSentence(t, goal, rows),
	'sense-worked': ({ objective }) =>
		say`${byNotation([...signsOf(OBJECTIVE), 'value'], (notation) => senseWorked(objective, notation))}`,
	'names-taken': ({ columns }) =>
		say`${{ piece: { kind: 'stepped-aside', columns, says: en`: the names that would come first are taken here.` } }}`,
	'relaxation-only': () =>
		say`Some variables must be integer; these steps solve the relaxation, which ignores that.`,
	'basis-stands-already': () => say`This is already the current basis.`,
	exchanged: ({ exchanges }) => {
		const steps = exchanges.map(({ enter, leave }) =>
			leave.kind === 'vacant'
				? say`${enter} in row ${{ constraint: leave.owner.name }}`
				: say`${enter} in for ${leave}`
		);
		return say`${steps.length === 1 ? en`One exchange leads` : en`${steps.length} exchanges lead`} there: ${joined(steps)}.`;
	},
	'priced-out': ({ columns, objective }) =>
		say`In ${rowOf(objective)} ${joined(columns.map((column) => say`${column}`))} ${columns.length > 1 ? en`are eliminated using their own rows` : en`is eliminated using its own row`}, so that only non-basic variables are left in it.`,
	'artificials-measure': ({ added }) =>
		say`${joined(added.map(({ column, value, constraint }) => say`${column} = ${value} in row ${{ constraint }}`))}: each is the basic variable of its row in place of a slack. It measures by how much the row is not satisfied, so it must become 0.`,
	'improving-enter': ({ objective }) =>
		say`The basis is feasible; columns that improve ${rowOf(objective)} enter.`,
	'carried-along': ({ objective }) =>
		say`The ${rowOf(objective)} was updated in every pivot, so it is right for this basis.`,
	'dual-begins': ({ t }) =>
		say`The ${rowOf(objectiveOf(t))} has no ${improving(objectiveOf(t))} entry, but a right-hand side is negative: one negative basic variable after the other leaves, and the tableau stays dual feasible.${claim({ code: 'dual-feasible', t, holds: true })}`,
	'repair-begins': () =>
		say`The tableau need be neither feasible nor dual feasible: pivots raise one negative basic variable after the other to zero.`,
	'constraint-added': ({ constraint }) =>
		say`The constraint ${{ constraint }} is new: a row and a slack of its own, in the basis as it stands.`,
	'rhs-changed': ({ constraint, from, to }) =>
		say`The right-hand side of ${{ constraint }} is ${to} instead of ${from}: only the right-hand sides of the tableau change.`,
	'cost-changed': ({ variable, from, to }) =>
		say`The objective coefficient of ${variable} is ${to} instead of ${from}: only the objective row changes.`,
	'made-infeasible': ({ t, rows, was }) =>
		say`${amounts(t, rows)}: the basis is not feasible${was ? en` any more` : ''}.${claim({ code: 'feasible', t, holds: false })}`,
	'dual-goes-on': ({ t, was }) =>
		say`The tableau is${was ? en` still` : ''} dual feasible, so the dual simplex method goes on from here.${claim({ code: 'dual-feasible', t, holds: true })}`,
	'repair-goes-on': ({ t }) =>
		say`The tableau is not dual feasible either, so pivots make the basis feasible first.${claim({ code: 'dual-feasible', t, holds: false })}`,
	'primal-goes-on': ({ t, was }) =>
		say`${feasible(t, was)}, and an entry of the objective row is ${improving(objectiveOf(t))}: the primal simplex method goes on.${claim({ code: 'dual-feasible', t, holds: false })}`,
	'optimal-at-once': ({ t, was }) =>
		say`${feasible(t, was)}, and no entry of the objective row is ${improving(objectiveOf(t))}: it is optimal.`
};
