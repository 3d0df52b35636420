import { addCut, wholeColumns } from '../../integer/cut';
import { branchAndBound } from '../../integer/branch';
import { isInteger, sign, toText, type Rational } from '../../number/rational';
import { asksForWhole, isWhole, mustBeWhole } from '../../problem/whole';
import { writePlan } from '../../problem/use';
import type { Stated } from '../../form/affine';
import { columnOf, entry, rhs } from '../../tableau/tableau';
import { evaluate, holds } from '../../problem/types';
import type { QuestionKind, RelationAnswer, Situation, Slip } from '../types';
import { nameOfColumn, without } from './shared';

/** Questions about whole numbers: the cut of a row, and whether a node of a tree is closed. */

/** nodes that are looked at for a question about one of them */
const MOST_NODES = 60;

const statedAnswer = ({ terms, relation, rhs: right }: Stated): RelationAnswer => ({
	terms: Object.fromEntries([...terms].map(([name, value]) => [name, toText(value)])),
	relation,
	rhs: toText(right)
});

/** A row of the last tableau that a cut can be derived from; null where there is none. */
function cutRow({ problem, tableau: t, isLast, answer, pick }: Situation): number | null {
	if (!isLast || answer.status !== 'optimal' || answer.tableau !== t || !asksForWhole(problem)) return null;
	const whole = new Set(problem.variables.filter(mustBeWhole).map(({ name }) => name));
	const rows = t.basis.flatMap((column, row) => {
		const { kind, owner } = columnOf(t, column);
		return kind === 'structural' && whole.has(owner.name) && !isInteger(rhs(t, row)) ? [row] : [];
	});
	return rows.length > 0 ? rows[pick(rows.length)] : null;
}

/** The cuts of a row in the variables of the problem, as the fractional and as the mixed cut; empty where one says nothing of them. */
function cutsOf({ tableau: t }: Situation, row: number): Stated[] {
	const columns = wholeColumns(t.form);
	const forms = [false, true].flatMap((mixed) => addCut(t, row, columns, 1, mixed).cut.original ?? []);
	// a cut that says 0 ≥ 1 shows that there is no integer plan: it is no inequality to write
	return forms.some(({ terms }) => terms.size === 0) ? [] : forms;
}

export const fractionalPart: QuestionKind = {
	answers: 'number',
	ask(situation) {
		const { tableau: t, pick } = situation;
		const row = cutRow(situation);
		if (row === null) return null;
		const columns = t.nonbasic.filter((column) => !t.barred.has(column) && !isInteger(entry(t, row, column)));
		if (columns.length === 0) return null;
		const column = columns[pick(columns.length)];
		const value = entry(t, row, column);
		const right = toText(value.sub(value.floor()));
		const slips: Slip[] = [
			{ answer: toText(value.abs().sub(value.abs().floor())), code: 'sign-ignored' },
			{ answer: toText(value.sub(value.floor()).neg()), code: 'negative-part' },
			{ answer: toText(value), code: 'whole-entry' }
		];
		return {
			given: { row: nameOfColumn(t, t.basis[row]), column: nameOfColumn(t, column) },
			right: [right],
			slips: without([right], slips)
		};
	}
};

export const cutPoint: QuestionKind = {
	answers: 'yes-no',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, answer, pick } = situation;
		const row = cutRow(situation);
		if (row === null) return null;
		const [first] = cutsOf(situation, row);
		const { solution } = branchAndBound(problem, { mostNodes: MOST_NODES, maxSteps: 2_000 });
		if (!first || !answer.solution || !solution) return null;
		const plan = pick(2) === 0 ? answer.solution : solution;
		const isKept = holds(evaluate(first.terms, plan), first.relation, first.rhs);
		return {
			given: { plan: writePlan(plan), cut: statedAnswer(first) },
			right: [isKept ? 'no' : 'yes'],
			slips: [{ answer: isKept ? 'yes' : 'no', code: isKept ? 'is-kept' : 'is-cut-off' }]
		};
	}
};

export const cut: QuestionKind = {
	answers: 'relation',
	ask(situation) {
		const { tableau: t } = situation;
		const row = cutRow(situation);
		const forms = row === null ? [] : cutsOf(situation, row);
		if (row === null || forms.length === 0) return null;
		const right = forms.map(statedAnswer);
		const [first] = forms;
		const slips: Slip[] = [
			{
				answer: statedAnswer({ ...first, relation: first.relation === '<=' ? '>=' : '<=' }),
				code: 'relation-turned'
			},
			{
				answer: statedAnswer({
					...first,
					rhs: first.relation === '<=' ? first.rhs.add(1) : first.rhs.sub(1)
				}),
				code: 'cuts-nothing'
			}
		];
		return { given: { row: nameOfColumn(t, t.basis[row]) }, right, slips: without(right, slips) };
	}
};

export const close: QuestionKind = {
	answers: 'closing',
	about: 'statement',
	ask({ problem, isLast, answer, pick }) {
		if (!isLast || answer.status !== 'optimal' || !asksForWhole(problem)) return null;
		const { nodes } = branchAndBound(problem, { mostNodes: MOST_NODES, maxSteps: 2_000 });
		const solved = nodes.filter(({ status }) => status === 'optimal' || status === 'infeasible');
		if (solved.length === 0) return null;
		const node = solved[pick(solved.length)];
		const gain = (value: Rational) => (problem.objective.sense === 'max' ? value : value.neg());
		const found = solved.flatMap(({ id, solution, bound }) =>
			id < node.id && solution && bound && isWhole(problem, solution) ? [bound] : []
		);
		const incumbent = found.reduce<Rational | null>(
			(best, value) => (best && gain(best).gte(gain(value)) ? best : value),
			null
		);
		const right =
			node.status === 'infeasible'
				? 'infeasible'
				: incumbent && sign(gain(node.bound!).sub(gain(incumbent))) <= 0
					? 'bound'
					: isWhole(problem, node.solution!)
						? 'integer'
						: 'branch';
		const slips: Slip[] = [
			...(right === 'bound' ? [{ answer: 'branch', code: 'bound-overlooked' }] : []),
			...(right === 'branch'
				? [
						{ answer: 'bound', code: incumbent ? 'can-still-be-better' : 'no-incumbent' },
						{ answer: 'integer', code: 'not-integer' }
					]
				: []),
			...(right === 'integer' ? [{ answer: 'branch', code: 'already-integer' }] : []),
			...(right === 'infeasible' ? [{ answer: 'branch', code: 'nothing-below' }] : [])
		];
		return {
			given: {
				relaxation: {
					status: node.status,
					...(node.status === 'optimal'
						? { objective: toText(node.bound!), solution: writePlan(node.solution!) }
						: {})
				},
				incumbent: incumbent && toText(incumbent)
			},
			// a bound that the incumbent reaches closes an integer node as well
			right:
				right === 'bound' && node.solution && isWhole(problem, node.solution)
					? ['bound', 'integer']
					: [right],
			slips
		};
	}
};
