import { sign, toText, type Rational } from '../../number/rational';
import { leastAlong } from '../../method/admissible';
import { goalsOf } from '../../method/primal';
import { bestEntering, improvingSlots, type Goals } from '../../method/rules';
import { takesFirst } from '../../method/rule';
import { largerQuotients, largerRatios, worsening } from '../../method/slips';
import { OBJECTIVE } from '../../tableau/goal';
import { ratios, rowRatios, tightestRows } from '../../tableau/ratio';
import { cost, entry, entryAt, rhs, type Tableau } from '../../tableau/tableau';
import { tableauJson } from '../../tableau/written';
import { QuestionBoard } from '../board';
import type { Answer, QuestionKind, Question, Situation, Slip } from '../types';
import { nameOfColumn, without } from './shared';

/** Questions about the next pivot of a primal step: which variable enters, which leaves, the ratios, the entries afterwards. */

/** A pivot of the primal method: its entering column's slot, and the objective rows that count. */
interface PrimalPivot {
	readonly slot: number;
	readonly goals: Goals;
}

/** Asks only where the primal method makes the next pivot. */
const beforePivot =
	(ask: (situation: Situation, next: PrimalPivot) => ReturnType<QuestionKind['ask']>): QuestionKind['ask'] =>
	(situation) => {
		const { nextPart, next, tableau } = situation;
		if (!next || !nextPart || nextPart === 'dual' || nextPart === 'repair' || nextPart === 'drive-out')
			return null;
		const slot = tableau.nonbasic.indexOf(next.entering);
		return ask(situation, { slot, goals: goalsOf(tableau, nextPart) });
	};

const rateOf = (question: Question, answer: Answer) => {
	const board = new QuestionBoard(question.tableau);
	if (typeof answer !== 'string' || board.isBasic(answer)) return null;
	const { of, entry: change } = board.cost(answer);
	// the rows are those of quantities that are maximised: of a minimum, and of the artificial variables, the negative
	const isMaximised = of === 'objective' && question.sense === 'max';
	return { rate: toText(isMaximised ? change.neg() : change), ...(of === 'artificials' ? { of } : {}) };
};

/** Columns that would make the objective worse, or are basic already. */
function enteringSlips(t: Tableau, [goal]: Goals): Slip[] {
	return [
		...worsening(t, goal).map((column) => ({ answer: nameOfColumn(t, column), code: 'wrong-sign' })),
		...t.basis.map((column) => ({ answer: nameOfColumn(t, column), code: 'already-basic' }))
	];
}

export const entering: QuestionKind = {
	answers: 'name',
	ask: beforePivot(({ tableau: t, rule }, { goals }) => {
		const right = bestEntering(t, goals, rule.entering).map((k) => nameOfColumn(t, t.nonbasic[k]));
		const others = improvingSlots(t, goals).map((k) => ({
			answer: nameOfColumn(t, t.nonbasic[k]),
			code: 'not-by-rule'
		}));
		const given = { rule: rule.entering };
		return { given, right, slips: without(right, [...others, ...enteringSlips(t, goals)]) };
	}),
	consequence: rateOf
};

export const improving: QuestionKind = {
	answers: 'name',
	ask: beforePivot(({ tableau: t }, { goals }) => {
		const right = improvingSlots(t, goals).map((k) => nameOfColumn(t, t.nonbasic[k]));
		return right.length === 0 ? null : { given: {}, right, slips: without(right, enteringSlips(t, goals)) };
	}),
	consequence: rateOf
};

export const leaving: QuestionKind = {
	answers: 'name',
	ask: beforePivot(({ tableau: t }, { slot }) => {
		const rows = tightestRows(t, slot);
		if (rows.length === 0) return null;
		const right = rows.map((row) => nameOfColumn(t, t.basis[row]));
		const at = ({ row }: { readonly row: number }) => ({ answer: nameOfColumn(t, t.basis[row]) });
		const slips = [
			...largerRatios(t, slot).map((slip) => ({ ...at(slip), code: slip.code })),
			...ratios(t, slot).map((own) => ({ ...at(own), code: own.reason }))
		];
		return {
			given: { entering: nameOfColumn(t, t.nonbasic[slot]) },
			right,
			slips: without(right, slips)
		};
	}),
	consequence: (question, answer) =>
		typeof answer === 'string'
			? new QuestionBoard(question.tableau).afterPivot(answer, question.given.entering!)
			: null
};

export const ratio: QuestionKind = {
	answers: 'number',
	ask: beforePivot(({ tableau: t, pick }, { slot }) => {
		const row = pick(t.basis.length);
		const own = ratios(t, slot)[row];
		const [size, amount] = [entryAt(t, row, slot), rhs(t, row)];
		const right = [own.value ? toText(own.value) : 'none'];
		const slips: Slip[] = [];
		if (!own.value && sign(size) < 0)
			slips.push({ answer: toText(amount.div(size)), code: 'negative-entry' });
		if (own.value && sign(amount) !== 0) slips.push({ answer: toText(size.div(amount)), code: 'inverted' });
		if (own.value) slips.push({ answer: toText(amount), code: 'not-divided' });
		return {
			given: { entering: nameOfColumn(t, t.nonbasic[slot]), row: nameOfColumn(t, t.basis[row]) },
			right,
			slips: without(right, slips)
		};
	})
};

export const entryAfter: QuestionKind = {
	answers: 'number',
	ask({ tableau: t, next, after, pick }) {
		if (!next || !after || after.basis.length !== t.basis.length) return null;
		const row = pick(t.basis.length);
		// columns that are out of the problem are not shown, before or after
		const shown = [t, after].map((own) => new Set(tableauJson(own).columns));
		const columns = t.nonbasic.filter(
			(column) => column !== next.entering && shown.every((names) => names.has(nameOfColumn(t, column)))
		);
		if (columns.length === 0) return null;
		const column = columns[pick(columns.length)];
		const right: Rational = entry(after, row, column);
		const before = entry(t, row, column);
		const [inColumn, pivotEntry, inRow] = [
			entry(t, row, next.entering),
			entry(t, next.row, next.entering),
			entry(t, next.row, column)
		];
		const slips: Slip[] =
			row === next.row
				? [
						{ answer: toText(before), code: 'not-divided' },
						{ answer: toText(before.mul(pivotEntry)), code: 'multiplied' }
					]
				: [
						{ answer: toText(before), code: 'row-not-changed' },
						{ answer: toText(before.add(inColumn.mul(inRow).div(pivotEntry))), code: 'wrong-sign' },
						{ answer: toText(before.sub(inColumn.mul(inRow))), code: 'not-divided' }
					];
		return {
			// rows are named by what is basic in them after the pivot
			given: { row: nameOfColumn(after, after.basis[row]), column: nameOfColumn(t, column) },
			right: [toText(right)],
			slips: without([toText(right)], slips)
		};
	}
};

/** What is said of a pivot: by the rule, or not, and where. */
export const KEPT = {
	rule: 'it follows the rule',
	entering: 'the entering variable is wrong',
	leaving: 'the leaving variable is wrong'
} as const;

/** A pivot that may not be the one of the rule: another improving column with its own row, or the right column with a row that is not the tightest. */
export const ruleKept: QuestionKind = {
	answers: 'choice',
	ask: beforePivot(({ tableau: t, rule, pick }, { slot, goals }) => {
		const tightest = tightestRows(t, slot);
		if (tightest.length === 0) return null;
		const best = new Set(bestEntering(t, goals, rule.entering));
		const pivots: { readonly slot: number; readonly row: number; readonly is: keyof typeof KEPT }[] = [
			{ slot, row: tightest[0], is: 'rule' }
		];
		for (const k of improvingSlots(t, goals)) {
			const [row] = tightestRows(t, k);
			if (!best.has(k) && row !== undefined) pivots.push({ slot: k, row, is: 'entering' });
		}
		for (const { row } of largerRatios(t, slot)) pivots.push({ slot, row, is: 'leaving' });
		const shown = pivots[pick(pivots.length)];
		const slips: Readonly<Record<keyof typeof KEPT, Slip[]>> = {
			rule: [
				{ answer: KEPT.entering, code: 'entering-is-best' },
				{ answer: KEPT.leaving, code: 'ratio-is-least' }
			],
			entering: [
				{ answer: KEPT.rule, code: 'column-not-checked' },
				{ answer: KEPT.leaving, code: 'ratio-is-least' }
			],
			leaving: [
				{ answer: KEPT.rule, code: 'ratio-not-checked' },
				{ answer: KEPT.entering, code: 'entering-is-best' }
			]
		};
		return {
			given: {
				rule: rule.entering,
				entering: nameOfColumn(t, t.nonbasic[shown.slot]),
				leaving: nameOfColumn(t, t.basis[shown.row]),
				choices: Object.values(KEPT)
			},
			right: [KEPT[shown.is]],
			slips: slips[shown.is]
		};
	}),
	// what the pivot would do: with a row that is not the tightest, something becomes negative
	consequence: ({ tableau, given }, answer) =>
		answer === KEPT.rule ? new QuestionBoard(tableau).afterPivot(given.leaving!, given.entering!) : null
};

/** Asks only where the dual method makes the next pivot. */
const beforeDualPivot =
	(
		ask: (situation: Situation, row: number, slot: number) => ReturnType<QuestionKind['ask']>
	): QuestionKind['ask'] =>
	(situation) => {
		const { nextPart, next, tableau } = situation;
		return next && nextPart === 'dual'
			? ask(situation, next.row, tableau.nonbasic.indexOf(next.entering))
			: null;
	};

export const dualLeaving: QuestionKind = {
	answers: 'name',
	ask: beforeDualPivot(({ tableau: t, rule }, row) => {
		const least = rhs(t, row);
		// by the rule the first of the most negative, or (Bland) the first negative; all that are as negative are right
		const isAsGood = (other: number) => other === row || (!takesFirst(rule) && rhs(t, other).equals(least));
		const rows = [...t.basis.keys()];
		const right = rows.filter(isAsGood).map((own) => nameOfColumn(t, t.basis[own]));
		const slips = rows.map((own) => ({
			answer: nameOfColumn(t, t.basis[own]),
			code: sign(rhs(t, own)) < 0 ? 'less-negative' : 'not-negative'
		}));
		return { given: { rule: rule.entering }, right, slips: without(right, slips) };
	})
};

export const dualEntering: QuestionKind = {
	answers: 'name',
	ask: beforeDualPivot(({ tableau: t }, row, slot) => {
		const quotients = rowRatios(t, row, OBJECTIVE);
		if (!quotients[slot]?.value) return null;
		const right = leastAlong(t, row).map((k) => nameOfColumn(t, t.nonbasic[k]));
		const larger = largerQuotients(t, row).map(({ slot: k, code }) => [k, code] as const);
		const none = quotients.flatMap(({ value }, k) => {
			if (value || t.barred.has(t.nonbasic[k])) return [];
			return [[k, sign(entryAt(t, row, k)) > 0 ? 'positive-entry' : 'zero-entry'] as const];
		});
		const slips = [...larger, ...none].map(([k, code]) => ({ answer: nameOfColumn(t, t.nonbasic[k]), code }));
		return { given: { leaving: nameOfColumn(t, t.basis[row]) }, right, slips: without(right, slips) };
	}),
	consequence: ({ tableau, given }, answer) =>
		typeof answer === 'string' ? new QuestionBoard(tableau).afterDualPivot(given.leaving!, answer) : null
};

export const gain: QuestionKind = {
	answers: 'number',
	ask: beforePivot(({ tableau: t, next, nextPart, problem }, { slot }) => {
		if ((nextPart !== 'primal' && nextPart !== 'phase-two') || !next) return null;
		const up = problem.objective.sense === 'max' ? 1 : -1;
		const rate = cost(t, OBJECTIVE, t.nonbasic[slot]).neg().mul(up);
		const ratio = rhs(t, next.row).div(entryAt(t, next.row, slot));
		const right = toText(rate.mul(ratio));
		const slips: Slip[] = [
			{ answer: toText(rate), code: 'rate-only' },
			{ answer: toText(ratio), code: 'ratio-only' },
			{ answer: toText(rate.mul(ratio).neg()), code: 'wrong-sign' }
		];
		return {
			given: { entering: nameOfColumn(t, next.entering), leaving: nameOfColumn(t, t.basis[next.row]) },
			right: [right],
			slips: without([right], slips)
		};
	})
};
