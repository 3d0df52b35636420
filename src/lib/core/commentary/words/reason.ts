import { en } from '../../language/language';
import type { OfCode } from '../../sentence/coded';
import type { Catalogue } from '../../sentence/catalogue';
import {
	byNotation,
	claim,
	entrySign,
	joined,
	say,
	signedAfter,
	signsOf,
	type Sentence
} from '../../sentence/sentence';
import { goalFactor, type Notation } from '../../notation/notation';
import { RELATION_SIGNS } from '../../problem/relation';
import { rational, ZERO, type Rational } from '../../number/rational';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../../tableau/goal';
import { columnOf, cost, entryAt, goalValue, readPlan, rhs, type Tableau } from '../../tableau/tableau';
import type { ObjectiveEquation, Reason, StepReason, Trial } from '../reason-findings';

/** The words of reasons at a tableau. They quote equations in variables, so that they are the same in every notation. */

const MOST_TERMS = 6;

const name = (t: Tableau, index: number): Sentence => say`${columnOf(t, index)}`;
const named = (t: Tableau, indices: readonly number[]): Sentence =>
	joined(indices.map((index) => name(t, index)));
const objectiveOf = (t: Tableau) => t.form.problem.objective;
const noPlan = (t: Tableau) => claim({ problem: t.form.problem, code: 'status', status: 'infeasible' });
const better = (t: Tableau) => (objectiveOf(t).sense === 'max' ? en`raise` : en`lower`);

/** That a column has a value as things stand. */
const has = (t: Tableau, column: number, value: Rational) =>
	claim({ t, code: 'amount', raised: null, by: ZERO, column, value });

/** `z = 36 − 3 s2` */
function objectiveEquation(t: Tableau, { value, terms }: ObjectiveEquation): Sentence {
	const about = objectiveOf(t).name;
	const shown = [...terms].slice(0, MOST_TERMS).map(([column, value]) => ({ says: name(t, column), value }));
	const more = terms.size > MOST_TERMS ? en` and more such terms` : '';
	const rates = [...terms].flatMap(([column, change]) =>
		claim({ t, code: 'rate', goal: OBJECTIVE, column, change })
	);
	return say`${about} = ${value}${signedAfter(shown)}${more}${rates}${claim({ t, code: 'objective', value })}`;
}

/** `s1 = 100 − 4 vases`: a row as the column at a position rises alone. */
const rowEquation = (t: Tableau, row: number, slot: number): Sentence => {
	const term = { says: name(t, t.nonbasic[slot]), value: entryAt(t, row, slot).neg() };
	const raised = t.nonbasic[slot];
	const [now, one] = [0, 1].map((by) =>
		claim({
			t,
			code: 'amount',
			raised,
			by: rational(by),
			column: t.basis[row],
			value: rhs(t, row).add(term.value.mul(by))
		})
	);
	return say`${name(t, t.basis[row])} = ${rhs(t, row)}${signedAfter([term])}${now}${one}`;
};
const rowEquations = (t: Tableau, rows: readonly number[], slot: number): Sentence =>
	joined(rows.slice(0, 3).map((row) => rowEquation(t, row, slot)));

/** What a negative basic variable would mean where another is raised by so much: a constraint violated, or an amount below its bound. */
const called = (t: Tableau, index: number, raised: number, by: Rational): Sentence => {
	const column = columnOf(t, index);
	if (column.kind === 'artificial') return say`an artificial variable may not be negative either`;
	if (column.owner.kind !== 'constraint' || column.kind === 'structural')
		return say`${column} may not be negative, so the point would lie outside the region`;
	const { name: constraint } = column.owner;
	return say`${{ constraint }} would be violated, and the point would lie outside the region${claim({ t, code: 'broken', raised, by, constraint })}`;
};

/** What a constraint comes to where one stands, and whether it holds. */
const sideHere = (t: Tableau, constraint: string, value: Rational, holds = false) =>
	claim({ problem: t.form.problem, code: 'side', constraint, plan: readPlan(t), value, holds });

export const STEP_QUESTIONS: Catalogue<StepReason> = {
	improves: ({ t, entering }) => say`Why does ${name(t, entering)} improve ${objectiveOf(t).name}?`,
	'improves-sum': ({ t, entering }) => say`Why does ${name(t, entering)} enter here?`,
	'rows-compared': () => say`Why are only some rows compared?`,
	'smallest-ratio': () => say`Why the smallest ratio?`,
	'next-degenerate': () => say`Why is the next corner degenerate?`,
	'length-zero': () => say`Why does this step not move?`,
	'row-first': () => say`Why is the row chosen first?`,
	'dual-ratio': () => say`Why that ratio?`,
	best: () => say`Why is this the best?`,
	'best-at-corner': () => say`Why is a best plan found at a corner?`,
	'dual-value': () => say`Why do the dual values stand in the objective row?`,
	'several-best': () => say`Why can there be other best plans?`,
	'no-end': () => say`Why is the objective unbounded?`,
	'sum-remains': () => say`Why is no plan feasible?`,
	'row-excludes': () => say`Why is no plan feasible?`,
	'objective-row': () => say`Why do the entries of the objective row have these signs?`,
	exact: () => say`Why fractions and not decimals?`,
	'slack-starts': () => say`Why can a slack start the basis?`,
	'surplus-cannot-start': ({ row }) =>
		row.relation === '>='
			? say`Why can a surplus not start the basis?`
			: say`Why can this slack not start the basis?`,
	'equality-met': () => say`Why does an equality need an artificial variable?`,
	'equality-has-no-slack': () => say`Why does an equality need an artificial variable?`,
	'phase-one': () => say`Why is the sum of the artificial variables minimised?`,
	'big-m': () => say`Why must M be large, and how large is enough here?`
};

function improves({ t, entering, equation, others }: OfCode<StepReason, 'improves'>): Sentence {
	const about = objectiveOf(t).name;
	const rate = equation.terms.get(entering);
	const too = others.length
		? say`${named(t, others.slice(0, MOST_TERMS))} would improve it too: any of them may enter, and the rule only says which one does.`
		: say`No other variable would.`;
	return say`While the rows hold, ${objectiveEquation(t, equation)}. The non-basic variables are 0; each unit of ${name(t, entering)} changes ${about} by ${rate ?? 0}. ${too}`;
}

function rowsCompared({ t, slot, falling, other }: OfCode<StepReason, 'rows-compared'>): Sentence {
	const fall = falling.length > 1 ? en`these fall` : en`this falls`;
	const rest =
		other === null ? say`` : say` ${rowEquation(t, other, slot)}: this does not fall, so it sets no limit.`;
	return say`${rowEquations(t, falling, slot)}: as ${name(t, t.nonbasic[slot])} rises ${fall} and will reach 0.${rest}`;
}

function smallestRatio(found: OfCode<StepReason, 'smallest-ratio'>): Sentence {
	const { t, row, slot, limit, larger, at, amount } = found;
	const [raised, column] = [t.nonbasic[slot], t.basis[row]];
	const leaving = name(t, column);
	const end = claim({ t, code: 'amount', raised, by: limit, column, value: ZERO });
	const there = claim({ t, code: 'amount', raised, by: at, column, value: amount });
	const further =
		larger === null
			? say`One unit further, at ${at},`
			: say`With the ratio of ${name(t, t.basis[larger])}, at ${at},`;
	return say`${rowEquation(t, row, slot)}, so ${name(t, raised)} can increase to ${limit} before ${leaving} reaches 0${end}. ${further} ${leaving} would be ${amount}${there}: ${called(t, column, raised, at)}.`;
}

function dualRatio({ t, row, slot, ratio, dearer, ties }: OfCode<StepReason, 'dual-ratio'>): Sentence {
	const [leaving, entering] = [name(t, t.basis[row]), name(t, t.nonbasic[slot])];
	const about = objectiveOf(t).name;
	if (dearer === null)
		return ties
			? say`Every column that can make ${leaving} increase costs ${ratio} of ${about} per unit, so any of them may enter.`
			: say`Only ${entering} can make ${leaving} increase: no other entry of the row is ${entrySign('negative')}.`;
	return say`${entering} costs ${ratio} of ${about} for each unit that ${leaving} rises, ${name(t, t.nonbasic[dearer.slot])} ${dearer.ratio}. With the dearer one, ${entering} would ${better(t)} ${about} afterwards: the tableau would no longer be dual feasible.`;
}

function best({ t, equation }: OfCode<StepReason, 'best'>): Sentence {
	const { name: about, sense } = objectiveOf(t);
	const why = equation.terms.size
		? say`No variable may be negative, so at every plan ${about} is ${sense === 'max' ? en`at most` : en`at least`} ${equation.value}; here the non-basic variables are 0, and it is exactly that.`
		: say`No variable changes it any more.`;
	return say`While the rows hold, ${objectiveEquation(t, equation)}. ${why}${claim({ problem: t.form.problem, code: 'best', value: equation.value })}`;
}

export const STEP_ANSWERS: Catalogue<StepReason> = {
	improves,
	'improves-sum': ({ t, entering, goal, sum, rate }) =>
		say`The artificial variables add up to ${sum}. Each unit of ${name(t, entering)} changes that sum by ${rate}${claim({ t, code: 'rate', goal: goal === 'big-m' ? BIG_M : INFEASIBILITY, column: entering, change: rate })}. ${goal === 'big-m' ? say`As M is larger than any other number, this counts first, whatever ${objectiveOf(t).name} does.` : say`Phase one asks for a sum of 0; ${objectiveOf(t).name} has to wait.`}`,
	'rows-compared': rowsCompared,
	'smallest-ratio': smallestRatio,
	'next-degenerate': ({ t, rows, slot, limit }) =>
		say`${joined(rows.map((row) => say`${name(t, t.basis[row])}${claim({ t, code: 'amount', raised: t.nonbasic[slot], by: limit, column: t.basis[row], value: ZERO })}`))} reach 0 together, at ${limit}. Only one of them leaves; the other stays basic with the value 0.`,
	'length-zero': ({ t, row, slot }) =>
		say`${name(t, t.basis[row])} is 0 already${has(t, t.basis[row], ZERO)} and would fall at once, so ${name(t, t.nonbasic[slot])} cannot rise at all: the basis changes, the point does not. Steps of length 0 can return to an earlier basis, and then repeat for ever. Bland’s rule, which takes the first variable that may enter and the first that may leave, never returns to a basis, so it ends.`,
	'row-first': ({ t, row }) =>
		say`${name(t, t.basis[row])} = ${rhs(t, row)} is negative${has(t, t.basis[row], rhs(t, row))}: this row makes the plan infeasible. No variable would ${better(t)} ${objectiveOf(t).name}, so the column cannot be chosen by the objective.`,
	'dual-ratio': dualRatio,
	best,
	'best-at-corner': ({ objective }) =>
		say`From a point inside the region, or within an edge, you can move in a direction in which ${objective.name} does not get worse, until a constraint stops you; the last such stop is a corner. Every feasible basic solution is a corner.`,
	'dual-value': ({ problem, constraint, relation, worth }) => {
		const { name } = problem.objective;
		const told = claim({ problem, code: 'worth', of: { rhs: constraint }, by: rational(1), change: worth });
		return relation === '<='
			? say`One more unit of ${{ constraint }} lets its slack decrease to −1. By the equation above, this changes ${name} by ${worth}.${told}`
			: say`One more unit of ${{ constraint }} forces its surplus to be at least 1. By the equation above, this changes ${name} by ${worth}.${told}`;
	},
	'several-best': ({ t, column, rises }) => {
		const told = claim({ t, code: 'tied', column, rises });
		return rises
			? say`${name(t, column)} is not in the equation of ${objectiveOf(t).name}, so it can increase without changing it.${told}`
			: say`${name(t, column)} is not in the equation of ${objectiveOf(t).name}, but it cannot increase either: a step along it has length 0.${told}`;
	},
	'no-end': ({ t, slot }) =>
		say`As ${name(t, t.nonbasic[slot])} rises, ${rowEquations(t, [...t.basis.keys()], slot)}: no basic variable falls, so nothing stops it, and ${objectiveOf(t).name} improves with each unit.${claim({ problem: t.form.problem, code: 'status', status: 'unbounded' })}`,
	'sum-remains': ({ t, basic, value }) =>
		say`A plan that satisfies every row has all artificial variables at 0. The least sum is reached here, and ${name(t, basic)} is still ${value}${has(t, basic, value)}: so no such plan exists.${noPlan(t)}`,
	'row-excludes': ({ t, basic, value, lowering }) =>
		lowering.length
			? say`By its row, ${name(t, basic)} is ${value}${has(t, basic, value)} and falls further with ${named(t, lowering.slice(0, MOST_TERMS))}. None of these may be negative, so ${name(t, basic)} is ${value} at most, and it may not be negative either.${noPlan(t)}`
			: say`By its row, ${name(t, basic)} is ${value}${has(t, basic, value)}, whatever the others are, and it may not be negative.${noPlan(t)}`,
	'objective-row': ({ t, columns }) => {
		const { name: about, sense } = objectiveOf(t);
		const equation = (notation: Notation): Sentence => {
			const factor = goalFactor(notation, OBJECTIVE, sense);
			const terms = columns.map((column) => ({
				says: name(t, column),
				value: cost(t, OBJECTIVE, column).mul(factor)
			}));
			const more = terms.length > MOST_TERMS ? en` and more such terms` : '';
			const minus = (sense === 'max' ? factor : -factor) < 0 ? '−' : '';
			return say`${minus}${about}${signedAfter(terms.slice(0, MOST_TERMS))}${more} = ${goalValue(t, OBJECTIVE).mul(factor)}`;
		};
		return say`The objective row is an equation with all variables on one side: ${byNotation(signsOf(OBJECTIVE), equation)}. So an entry that improves ${about} is ${{ sign: 'improving', goal: OBJECTIVE, objective: objectiveOf(t) }}.`;
	},
	exact: ({ t, basic, value, off }) =>
		say`${name(t, basic)} is ${value}${has(t, basic, value)} exactly. Rounded to hundredths it would be off by ${off}; each pivot would carry that on, and a 0, a tie or a negative entry could no longer be told from an error.`,
	'slack-starts': ({ t, basic, value, constraint }) =>
		say`With the non-basic variables at 0, ${name(t, basic)} = ${value}${has(t, basic, value)}, which is not negative: nothing of ${{ constraint }} is used yet, and all of it is left.`,
	'surplus-cannot-start': ({ t, row, left, surplus }) =>
		say`With the non-basic variables at 0, the left side of ${{ constraint: row.name }} is ${left}${sideHere(t, row.name, left)}, which is not ${RELATION_SIGNS[row.relation]} ${row.rhs}. Its ${row.relation === '>=' ? en`surplus` : en`slack`} would be ${surplus}, and no variable may be negative. So an artificial variable takes its place.`,
	'equality-has-no-slack': ({ t, row, left }) =>
		say`${{ constraint: row.name }} is an equality, so it has no slack. With the non-basic variables at 0 its left side is ${left}${sideHere(t, row.name, left)} and not ${row.rhs}; an artificial variable makes up the difference until other variables do.`,
	'equality-met': ({ t, row }) =>
		say`${{ constraint: row.name }} is an equality, so it has no slack that could be basic in its row. With the non-basic variables at 0 it holds already${sideHere(t, row.name, row.rhs, true)}: the artificial variable is basic with the value 0 and must stay 0.`,
	'phase-one': ({ sum }) =>
		say`An artificial variable tells by how much its row is not satisfied. The sum is ${sum} now; where it is 0, every row is satisfied and phase two can start from that plan. If its least value is positive, no choice of the other variables satisfies all rows: the problem is infeasible.`,
	'big-m': ({ problem, rows, worth }) => {
		const enough = worth
			? say`One unit of such a row is worth ${worth} at most at the best plan, so any M above ${worth} would do here. ${claim({ problem, code: 'enough', rows, charge: worth })}`
			: say``;
		return say`While an artificial variable is not 0, its row is not satisfied; M makes that cost more than it could ever gain. ${enough}As a symbol it is larger than every number, and nothing has to be guessed.`;
	}
};

/** The wrong choice that a reason offers to be played out, in words; null where it offers none. */
export function trialOf(found: Reason): (Trial & { readonly says: Sentence }) | null {
	if (found.code === 'smallest-ratio' && found.larger !== null) {
		const { t, larger: row, slot } = found;
		return { row, slot, says: say`Let ${name(t, t.basis[row])} leave anyway` };
	}
	if (found.code === 'dual-ratio' && found.dearer) {
		const { t, row, dearer } = found;
		const { slot } = dearer;
		return { row, slot, says: say`Let ${name(t, t.nonbasic[slot])} enter anyway` };
	}
	return null;
}
