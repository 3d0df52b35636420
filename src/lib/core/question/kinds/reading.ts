import { sign, toText } from '../../number/rational';
import { improvingSlots } from '../../method/rules';
import { nonbasicRead } from '../../method/slips';
import { optimalSet } from '../../answer/optimal-set';
import { OBJECTIVE } from '../../tableau/goal';
import { negativeRows, tightestRows } from '../../tableau/ratio';
import {
	entry,
	goalValue,
	isArtificial,
	objectiveValue,
	readPlan,
	rhs,
	type Tableau
} from '../../tableau/tableau';
import { writePlan } from '../../problem/use';
import type { QuestionKind, Situation, Slip } from '../types';
import { without } from './shared';

/** Questions about what a tableau says: how it stands, its plan and value, other optima, degeneracy. */

const isOwnPart = ({ part }: Situation): boolean =>
	part === 'primal' || part === 'phase-two' || part === 'dual';
const hasArtificials = (t: Tableau): boolean =>
	t.basis.some((column, row) => isArtificial(t, column) && sign(rhs(t, row)) !== 0);

/** How a tableau stands, by its entries alone. */
function stateOf(t: Tableau): string {
	const negative = negativeRows(t);
	const contradicts = negative.some((row) =>
		t.nonbasic.every((column) => t.barred.has(column) || sign(entry(t, row, column)) >= 0)
	);
	if (contradicts) return 'infeasible';
	if (negative.length > 0) return 'not-feasible';
	const improving = improvingSlots(t, [OBJECTIVE]);
	if (improving.length === 0) return 'optimal';
	return improving.some((slot) => tightestRows(t, slot).length === 0) ? 'unbounded' : 'improvable';
}

export const state: QuestionKind = {
	answers: 'state',
	ask(situation) {
		const { tableau: t } = situation;
		if (!isOwnPart(situation) || hasArtificials(t)) return null;
		const right = stateOf(t);
		const slips: Slip[] = [
			...(right === 'improvable' ? [{ answer: 'optimal', code: 'sign-of-objective-row' }] : []),
			...(right === 'optimal' ? [{ answer: 'improvable', code: 'sign-of-objective-row' }] : []),
			...(right === 'unbounded' ? [{ answer: 'improvable', code: 'no-positive-entry' }] : []),
			...(right === 'not-feasible' ? [{ answer: 'infeasible', code: 'one-tableau' }] : []),
			...(right === 'infeasible' ? [{ answer: 'not-feasible', code: 'no-negative-entry' }] : [])
		];
		return { given: {}, right: [right], slips: without([right], slips) };
	}
};

export const phaseTwo: QuestionKind = {
	answers: 'yes-no',
	ask({ tableau: t, part }) {
		const goal = t.goals.find(({ kind }) => kind === 'infeasibility');
		if (part !== 'phase-one' || !goal || improvingSlots(t, [goal]).length > 0) return null;
		const mayBegin = sign(goalValue(t, goal)) === 0;
		const hasArtificial = t.basis.some((column) => isArtificial(t, column));
		const slip = mayBegin
			? { answer: 'no', code: hasArtificial ? 'artificial-at-zero' : 'sum-is-zero' }
			: { answer: 'yes', code: 'sum-not-zero' };
		return { given: {}, right: [mayBegin ? 'yes' : 'no'], slips: [slip] };
	}
};

export const plan: QuestionKind = {
	answers: 'plan',
	ask({ tableau: t }) {
		if (hasArtificials(t)) return null;
		const right = readPlan(t);
		const slips = nonbasicRead(t, (value) => sign(value) > 0).map(({ plan: misread, code }) => ({
			answer: writePlan(misread),
			code
		}));
		return { given: {}, right: [writePlan(right)], slips: without([writePlan(right)], slips.slice(0, 2)) };
	}
};

export const value: QuestionKind = {
	answers: 'number',
	ask({ tableau: t }) {
		if (hasArtificials(t)) return null;
		const right = objectiveValue(t);
		return {
			given: {},
			right: [toText(right)],
			slips: without([toText(right)], [{ answer: toText(right.neg()), code: 'wrong-sign' }])
		};
	}
};

export const degenerate: QuestionKind = {
	answers: 'yes-no',
	ask({ tableau: t }) {
		const right = t.basis.some((_, row) => sign(rhs(t, row)) === 0) ? 'yes' : 'no';
		return {
			given: {},
			right: [right],
			slips: [
				{
					answer: right === 'yes' ? 'no' : 'yes',
					code: right === 'yes' ? 'zero-overlooked' : 'nonbasic-counted'
				}
			]
		};
	}
};

export const otherOptimum: QuestionKind = {
	answers: 'yes-no',
	ask({ tableau: t, isLast, answer }) {
		if (!isLast || answer.status !== 'optimal' || answer.tableau !== t) return null;
		const right = optimalSet(t).unique ? 'no' : 'yes';
		return {
			given: {},
			right: [right],
			slips: [
				right === 'yes'
					? { answer: 'no', code: 'zero-cost-overlooked' }
					: { answer: 'yes', code: 'basic-zero-counted' }
			]
		};
	}
};
